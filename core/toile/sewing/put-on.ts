import { at } from "../../data";
import type { Arm, ArmPose } from "../body/arm";
import type { Trunk } from "../body/body";
import { type Place, placeIn } from "../place";
import type { Solver } from "../solver/solver";
import type { Solid } from "../solver/surroundings";
import type { Assembly, Stitched } from "./assembly";
import { attachedPlaces } from "./attach";
import { foldedOver } from "./fold";
import type { Pieces } from "./on-body";
import { placer } from "./place";

/** Pieces with their stitches, and the body that they are put on. */
type PutOn = Pieces & { readonly stitches: readonly Stitched[]; readonly trunk: Trunk };

/** Every piece of trunk and arms where it begins before anything is sewn. */
export function placeFirst({ plan, cut, trunk }: PutOn, start: ArmPose, local: Float64Array): void {
  const place = placer(trunk, plan.pieces, start);
  cut.meshes.forEach((mesh, m) => {
    const places = place(mesh, at(plan.pieces, m)) ?? [];
    for (const [i, p] of places.entries()) local.set(p, (at(cut.first, m) + i) * 3);
  });
}

/** The seam of a collar that is grown on to the front. */
export const GROWN_ON = "collar.backNeck";

/** What is grown on to the front goes up from the back neck that it will be sewn to. */
export function putUpGrownOn({ plan, cut, stitches }: PutOn, local: Float64Array, arm: Arm): void {
  const sewn = new Map(
    stitches.filter(({ seam }) => seam === GROWN_ON).flatMap(({ pair: [a, b] }) => [[a, b] as const, [b, a] as const]),
  );
  cut.meshes.forEach((mesh, m) => {
    const worn = at(plan.pieces, m);
    if (!worn.grownOn) return;
    const start = at(cut.first, m);
    const base = (mesh.edges.get(worn.grownOn.base) ?? []).map(({ point }) => at(mesh.points, point));
    const [back, neck] = [base[0], base[base.length - 1]];
    if (!back || !neck) return;
    const places = attachedPlaces(
      mesh,
      { ...worn, base: [worn.grownOn.base] },
      (point) => {
        const other = sewn.get(start + point);
        return other === undefined ? null : placeIn(local, other);
      },
      arm,
    );
    // What lies behind the neck point, as the seam runs from there.
    const isBehind = (p: { readonly x: number; readonly y: number }) =>
      (p.x - neck.x) * (back.x - neck.x) + (p.y - neck.y) * (back.y - neck.y) > 0 &&
      p.y < neck.y + Math.abs(back.y - neck.y) + 1;
    for (const [i, place] of (places ?? []).entries())
      if (isBehind(at(mesh.points, i))) local.set(place, (start + i) * 3);
  });
}

/** Lapels, and collars that are grown on, turned over to the outside. */
export function turnOverFolds(
  { cut, folds }: PutOn,
  isMain: (m: number) => boolean,
  local: Float64Array,
  solid: Solid,
): void {
  cut.meshes.forEach((mesh, m) => {
    const fold = at(folds, m);
    if (!fold || !isMain(m)) return;
    const start = at(cut.first, m);
    const places = mesh.points.map((_, i) => placeIn(local, start + i));
    for (const [i, p] of foldedOver(mesh, places, fold, solid).entries()) local.set(p, (start + i) * 3);
  });
}

/** The same for what is sewn up and hangs: what lies beyond a fold is turned down from where its near side is, and stands still there. */
export function turnDownFolds(
  { cut, folds }: Pieces,
  { pointOf }: Assembly,
  { places, speeds }: Pick<Solver, "places" | "speeds">,
  solid: Solid,
): void {
  cut.meshes.forEach((mesh, m) => {
    const fold = at(folds, m);
    const points = mesh.points.map((_, i) => pointOf[at(cut.first, m) + i] ?? -1);
    if (!fold || points.some((point) => point < 0)) return;
    const turned = foldedOver(
      mesh,
      points.map((point) => placeIn(places, point)),
      fold,
      solid,
    );
    for (const [i, p] of mesh.points.entries()) {
      if (!fold.beyond(p)) continue;
      places.set(at(turned, i), at(points, i) * 3);
      speeds.fill(0, at(points, i) * 3, at(points, i) * 3 + 3);
    }
  });
}

/** Puts on what hangs on an edge, each piece once what it hangs on is there; the pieces that are worn then. */
export function putOn(
  { plan, cut, folds, stitches }: PutOn,
  local: Float64Array,
  arm: Arm,
  solid: Solid,
  pieceOf: (point: number) => number,
): ReadonlySet<number> {
  const worn = new Set(plan.pieces.flatMap(({ role }, m) => (role === "attached" ? [] : [m])));
  const sewn = new Map<number, number[]>();
  for (const { pair } of stitches)
    for (const [i, point] of pair.entries()) sewn.set(point, [...(sewn.get(point) ?? []), pair[1 - i] ?? point]);
  // One may hang on another that hangs on a third: no garment goes deeper.
  for (let round = 0; round < 3; round++) {
    cut.meshes.forEach((mesh, m) => {
      if (worn.has(m)) return;
      const start = at(cut.first, m);
      const sewnTo = (point: number): Place | null => {
        const other = sewn.get(start + point)?.find((one) => worn.has(pieceOf(one)));
        return other === undefined ? null : placeIn(local, other);
      };
      const places = attachedPlaces(mesh, at(plan.pieces, m), sewnTo, arm);
      if (!places) return;
      const fold = at(folds, m);
      const lying = fold ? foldedOver(mesh, places, fold, solid) : places;
      for (const [i, p] of lying.entries()) local.set(p, (start + i) * 3);
      worn.add(m);
    });
  }
  return worn;
}
