import { at } from "../../data";
import { type Phrase, phrase } from "../../draft";
import { boxOf } from "../../geometry";
import type { EdgeRole } from "../../pattern";
import { overNeckBase } from "../body/neck";
import { type Place, placeIn } from "../place";
import type { Worn } from "../worn";
import type { WornHalf } from "../worn-half";
import { levelLine } from "./slice";
import type { WornRead } from "./worn-read";

type Half = "front" | "back";
type Read = { readonly id: string; readonly label: string; readonly value: number | null; readonly how: Phrase };

/** How the garment stands on its body: where its hem, seams and levels have come to lie, and where it is drawn or stands off. Millimetres; shares. */
export function stanceReads(worn: Worn): readonly WornRead[] {
  return [...hemReads(worn), ...seamReads(worn), ...levelReads(worn)].flatMap(({ id, label, value, how }) =>
    value === null || !Number.isFinite(value)
      ? []
      : [
          {
            id,
            label,
            value,
            how,
            foretold: null,
            kind: id.startsWith("drawn.") ? ("share" as const) : ("length" as const),
          },
        ],
  );
}

/** Where the points of a half's edges of one role lie, in metres. */
function placesAlong({ plan, cut, local }: WornHalf, side: Half, role: EdgeRole): readonly Place[] {
  return plan.pieces.flatMap((one, m) => {
    if (one.side !== side || one.role === "arm") return [];
    const mesh = at(cut.meshes, m);
    const ids = one.piece.edges.filter((edge) => edge.role === role).map(({ id }) => id);
    return ids.flatMap((id) => (mesh.edges.get(id) ?? []).map(({ point }) => placeIn(local, at(cut.first, m) + point)));
  });
}

const lowest = (places: readonly Place[]): Place | null =>
  places.reduce<Place | null>((best, one) => (best === null || one[1] < best[1] ? one : best), null);
const highest = (places: readonly Place[]): Place | null =>
  places.reduce<Place | null>((best, one) => (best === null || one[1] > best[1] ? one : best), null);
const outermost = (places: readonly Place[]): Place | null =>
  places.reduce<Place | null>((best, one) => (best === null || one[0] > best[0] ? one : best), null);

/** How high the hem hangs in the middle of the body, in millimetres; null for a side that hangs open, which has no place there. */
export function hemInMiddle({ plan, cut, local }: WornHalf, side: Half): number | null {
  const ys = plan.pieces.flatMap((one, m) => {
    if (one.side !== side) return [];
    const { edges } = at(cut.meshes, m);
    const points = one.middle.flatMap((name) => edges.get(name) ?? []);
    return points.map(({ point }) => placeIn(local, at(cut.first, m) + point)[1]);
  });
  return ys.length === 0 ? null : Math.min(...ys) * 1000;
}

function hemReads(worn: Worn): readonly Read[] {
  const [front, back] = [hemInMiddle(worn, "front"), hemInMiddle(worn, "back")];
  const foot = outermost(placesAlong(worn, "front", "hem"));
  const side = foot && foot[1] * 1000;
  const over = (one: number | null, other: number | null) => (one === null || other === null ? null : one - other);
  return [
    {
      id: "hem.frontOverBack",
      label: "Hem higher in front than behind",
      value: over(front, back),
      how: phrase`the height of the hem at the centre front less that at the centre back`,
    },
    {
      id: "hem.frontOverSide",
      label: "Hem higher in front than at the side",
      value: over(front, side),
      how: phrase`the height of the hem at the centre front less that at the side seam`,
    },
    {
      id: "hem.backOverSide",
      label: "Hem higher behind than at the side",
      value: over(back, side),
      how: phrase`the height of the hem at the centre back less that at the side seam`,
    },
  ];
}

function seamReads(worn: Worn): readonly Read[] {
  const side = placesAlong(worn, "front", "side");
  const [top, foot] = [highest(side), lowest(side)];
  const shoulder = placesAlong(worn, "front", "shoulder");
  const tip = outermost(shoulder);
  const { shape } = worn.trunk.figures;
  const normal = new Float64Array(3);
  const off = (places: readonly Place[]) => {
    const all = places.map(([x, y, z]) => worn.trunk.solid(x, y, z, normal) * 1000).filter((mm) => mm < FAR_MM);
    return all.length === 0 ? null : all.reduce((sum, mm) => sum + mm, 0) / all.length;
  };
  const byX = shoulder.toSorted((a, b) => a[0] - b[0]);
  const third = Math.max(1, Math.round(byX.length / 3));
  const [outer, inner] = [off(byX.slice(-third)), off(byX.slice(0, third))];
  const armhole = placesAlong(worn, "front", "armhole").toSorted((a, b) => a[1] - b[1]);
  const quarter = Math.round(armhole.length / 4);
  const nape = highest(placesAlong(worn, "back", "neck").filter(([x]) => x < IN_MIDDLE));
  return [
    {
      id: "side.swing",
      label: "Side seam swings forward",
      value: top && foot && (foot[2] - top[2]) * 1000,
      how: phrase`how much further forward the side seam lies at the hem than at the underarm`,
    },
    {
      id: "shoulder.forward",
      label: "Shoulder seam lies forward of the shoulder",
      value: tip && tip[2] * 1000 - shape.stoop - shape.tipForward,
      how: phrase`how much further forward the end of the shoulder seam lies than the shoulder itself`,
    },
    {
      id: "shoulder.outerOff",
      label: "Shoulder seam stands off more at its point than at the neck",
      value: outer === null || inner === null ? null : outer - inner,
      how: phrase`how far the outer third of the shoulder seam lies off the body, less how far its inner third does`,
    },
    {
      id: "neck.overNape",
      label: "Neckline above the nape",
      value: nape && overNeckBase(worn.trunk.figures, nape),
      how: phrase`how far above the base of the neck the neckline lies at the centre back`,
    },
    {
      id: "armhole.frontOff",
      label: "Front armhole stands off the body",
      value: off(armhole.slice(quarter, armhole.length - quarter)),
      how: phrase`how far the middle of the front armhole lies off the body, on average`,
    },
  ];
}

/** So near the middle plane a place lies in it. Metres. */
const IN_MIDDLE = 0.004;
/** Further off, a place is not by the body. */
const FAR_MM = 200;

/** Half way down an armhole, where across back and front are measured. */
const MIDDLE_OF_ARMHOLE = 0.5;

function levelReads(worn: Worn): readonly Read[] {
  const { levels } = worn.trunk.figures;
  const bodyLevel = (id: "bust" | "waist") => levels.find((one) => one.id === id)?.y ?? Number.NaN;
  const lower = (side: Half, id: "bust" | "waist") => {
    const height = meanHeight(worn, side, worn.plan.levels[id]);
    return height === null ? null : -height - bodyLevel(id);
  };
  return [
    {
      id: "level.waist",
      label: "Waist of the garment below the body’s",
      value: lower("back", "waist"),
      how: phrase`how far below the waist of the body the waist line of the back hangs`,
    },
    {
      id: "level.bust",
      label: "Bust line of the garment below the body’s",
      value: lower("front", "bust"),
      how: phrase`how far below the bust of the body the bust line of the front hangs`,
    },
    ...(["front", "back"] as const).map(
      (side): Read => ({
        id: `drawn.across-${side}`,
        label: side === "front" ? "Stretch across the front" : "Stretch across the back",
        value: strainAcross(worn, side),
        how: phrase`how much longer the cloth is across the ${side} at half the armhole than in the flat`,
      }),
    ),
  ];
}

/** The bodice pieces of a half. */
function bodiceOf({ plan }: WornHalf, side: Half) {
  return plan.pieces.flatMap(({ role, side: of, piece }, m) => (role === "trunk" && of === side ? [{ piece, m }] : []));
}

/** How high a line of the flat pieces, so far down their draft, hangs on average, in millimetres. */
function meanHeight(worn: WornHalf, side: Half, level: number | null): number | null {
  if (level === null) return null;
  const { bustX } = worn.plan;
  // Outside of the bust point a dart may open in the line.
  const lines = bodiceOf(worn, side).map(({ m }) => levelLine(worn, m, level, (x) => bustX === null || x < bustX));
  const flat = lines.reduce((sum, one) => sum + one.flat, 0);
  return flat > 0 ? lines.reduce((sum, one) => sum + one.height * one.flat, 0) / flat : null;
}

function strainAcross(worn: WornHalf, side: Half): number | null {
  const pieces = bodiceOf(worn, side);
  const armholes = pieces.flatMap(({ piece }) => piece.edges.filter(({ role }) => role === "armhole"));
  if (armholes.length === 0) return null;
  const { top, bottom } = boxOf(armholes.map(({ path }) => path));
  const lines = pieces.map(({ m }) => levelLine(worn, m, top + (bottom - top) * MIDDLE_OF_ARMHOLE));
  const sum = (of: "worn" | "flat") => lines.reduce((all, one) => all + one[of], 0);
  return sum("flat") > 0 ? sum("worn") / sum("flat") - 1 : null;
}
