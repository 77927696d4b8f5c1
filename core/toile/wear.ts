import { at } from "../data";
import type { Garment } from "../garment";
import { type ArmPose, HANGING } from "./body/arm";
import { type Trunk, trunkOf, withArm } from "./body/body";
import { clearOfTrunk } from "./body/clear-arm";
import { type BodyFigures, figuresOf } from "./body/figure";
import { interfaced, type Mechanics, mechanicsOf, seamed, sheetCloth } from "./mechanics";
import { locator } from "./mesh/locate";
import { meshOf } from "./mesh/piece-mesh";
import { stitchesOf } from "./mesh/stations";
import { blended, placeIn } from "./place";
import { type Assembly, type Cut, cutOf, INTERFACED, PLAIN, pairsOf, type Stitched } from "./sewing/assembly";
import { elasticsOf } from "./sewing/elastics";
import { foldLineOf } from "./sewing/fold";
import { type SewingPlan, sewingPlan } from "./sewing/plan";
import { AT_REST_J, type Hung, hangAgain, type Progress, type Sewing, sewUp } from "./sewing/sew-up";

export type WearOptions = {
  /** The usual edge of a triangle, in millimetres. */
  readonly edge: number;
  /** Steps a second. */
  readonly rate: number;
  readonly pose?: ArmPose;
  /** What the cloth of the garment is like, where that was typed. */
  readonly cloth?: Mechanics;
};

/** A toile at once, and one to read. */
export const COARSE = { edge: 26, rate: 900 } as const;
export const FINE = { edge: 16, rate: 1800 } as const;

/** A garment as it hangs: everything in metres, y up from the neck point, the wearer's right half. */
export type Worn = {
  readonly plan: SewingPlan;
  readonly trunk: Trunk;
  readonly pose: ArmPose;
  readonly cut: Cut;
  readonly assembly: Assembly;
  readonly places: Float64Array;
  /** The same for every point of every piece, those that are sewn together among them. */
  readonly local: Float64Array;
  /** Across and along the grain of every triangle: 0.01 for 1 %. */
  readonly strains: Float64Array;
  readonly stitches: readonly Stitched[];
  readonly cloth: Mechanics;
  readonly sampling: { readonly edge: number; readonly rate: number };
  readonly report: Report;
};

export type Report = {
  /** How far apart the two edges of the worst seam still were when they were made one, in millimetres. */
  readonly widestGap: number;
  /** How far inside the body the deepest point lies, in millimetres. */
  readonly deepest: number;
  /** Joules. */
  readonly kineticEnergy: number;
  readonly largestStrain: number;
  /** Is it caught in itself or on the body, or does it slide off, so that nothing it shows would be so on a person? */
  readonly isTangled: boolean;
  /** Has it come to rest? */
  readonly isSettled: boolean;
  readonly points: number;
  readonly triangles: number;
  readonly steps: number;
  /** Plain sentences about what is not worn as it would be sewn. */
  readonly notes: readonly string[];
};

/** Why there is nothing to wear, in a plain sentence. */
export type NotWorn = { readonly why: string };

/** Above this strain cloth is caught (measured: 306 to 560 % where it was, 56 % at most where it was not). */
const TANGLED_STRAIN = 1;
/** Joules; a garment that still moves so after it was calmed is sliding off the body. */
const FALLING_J = 1e-3;

/**
 * Sews the garment up round its body and lets it hang. A generator: every value is how far it has come, and the last is the worn garment, or why
 * there is none. The same garment gives the same places.
 */
export function* wear(garment: Garment, options: WearOptions): Generator<Progress, Worn | NotWorn> {
  const begun = beginnings(garment);
  if ("why" in begun) return begun;
  yield { says: "The body is built", share: 0 };
  const trunk = trunkOf(begun.figures);
  yield { says: "The pieces are cut", share: 0.03 };
  const cloth = options.cloth ?? mechanicsOf(garment.resolved.cloth.kind);
  const asked = options.pose ?? HANGING;
  let best: Worn | null = null;
  // What tangles is tried again, cut a little otherwise and sewn more slowly: where a fold falls is chance.
  for (const { finer, slower } of WAYS) {
    const sewing = { ...sewingOf(garment, begun.plan, trunk, { ...options, edge: options.edge * finer }), slower };
    const worn = wornOf(sewing, asked, yield* sewUp(sewing), cloth);
    if (!best || !worn.report.isTangled || worn.report.largestStrain < best.report.largestStrain) best = worn;
    if (!best.report.isTangled) break;
  }
  return best ?? { why: "The toile could not be sewn up with these figures." };
}

/** How a toile is tried, one way after the other. */
const WAYS = [
  { finer: 1, slower: 1 },
  { finer: 0.92, slower: 1.6 },
  { finer: 1.07, slower: 1.6 },
] as const;

/**
 * The garment from where another hangs, or the same in another pose or more finely: its pieces are laid where those of the other are. Null where it
 * is sewn of other pieces, and has to be sewn up from the beginning.
 */
export function wearFrom(
  before: Worn,
  garment: Garment,
  options: WearOptions,
): Generator<Progress, Worn | NotWorn> | null {
  const begun = beginnings(garment);
  if ("why" in begun) return null;
  const ids = (plan: SewingPlan) => plan.pieces.map(({ piece }) => piece.id).join();
  if (ids(begun.plan) !== ids(before.plan)) return null;
  return again(before, garment, begun, options);
}

function* again(
  before: Worn,
  garment: Garment,
  { plan, figures }: Begun,
  options: WearOptions,
): Generator<Progress, Worn | NotWorn> {
  yield { says: "The pieces are cut", share: 0 };
  const isSameBody = JSON.stringify(figures) === JSON.stringify(before.trunk.figures);
  const trunk = isSameBody ? before.trunk : trunkOf(figures);
  const sewing = sewingOf(garment, plan, trunk, options);
  const local = new Float64Array(at(sewing.cut.first, sewing.cut.first.length - 1) * 3);
  sewing.cut.meshes.forEach((mesh, m) => {
    const find = locator(at(before.cut.meshes, m));
    const [from, to] = [at(before.cut.first, m), at(sewing.cut.first, m)];
    mesh.points.forEach((p, i) => {
      const found = find(p);
      if (found)
        local.set(
          blended(found, (corner) => placeIn(before.local, from + corner)),
          (to + i) * 3,
        );
    });
  });
  const hung = yield* hangAgain(sewing, local, before.pose);
  return wornOf(
    sewing,
    options.pose ?? HANGING,
    { ...hung, widestGap: before.report.widestGap / 1000 },
    options.cloth ?? mechanicsOf(garment.resolved.cloth.kind),
  );
}

type Begun = { readonly plan: SewingPlan; readonly figures: BodyFigures };

function beginnings(garment: Garment): Begun | NotWorn {
  const plan = sewingPlan(garment);
  if ("why" in plan) return plan;
  const figures = figuresOf(garment);
  return figures
    ? { plan, figures }
    : { why: "There is no bodice block with these figures, so nothing can be worn yet." };
}

function sewingOf(garment: Garment, plan: SewingPlan, trunk: Trunk, options: WearOptions): Sewing {
  const { edge, rate } = options;
  const pose = clearOfTrunk(trunk, options.pose ?? HANGING);
  const cloth = options.cloth ?? mechanicsOf(garment.resolved.cloth.kind);
  const pieces = plan.pieces.map(({ piece }) => piece);
  const wanted = stitchesOf(plan.seams, pieces, edge);
  const stations = new Map<string, number[]>();
  for (const { body, part } of wanted) {
    for (const { edge: name, at: place } of [body, part]) {
      const own = stations.get(name);
      if (own) own.push(place);
      else stations.set(name, [place]);
    }
  }
  const folds = pieces.map((piece) => foldLineOf(piece, pieces));
  const meshes = plan.pieces.map(({ piece, cuts }, m) => {
    const fold = folds[m];
    return meshOf(piece, stations, edge, cuts, fold ? [fold.corners] : []);
  });
  const cut = cutOf(
    meshes,
    plan.pieces.map(({ isInterfaced }) => (isInterfaced ? INTERFACED : PLAIN)),
  );
  return {
    plan,
    cut,
    folds,
    stitches: pairsOf(cut, wanted),
    elastics: elasticsOf(garment, cut, plan),
    trunk,
    cloths: [cloth, interfaced(cloth), seamed(cloth)].map(sheetCloth),
    pose,
    edge,
    rate,
  };
}

function wornOf(
  sewing: Sewing,
  asked: ArmPose,
  { assembly, local, solver, widestGap, left, steps }: Hung,
  cloth: Mechanics,
): Worn {
  const { plan, trunk, pose, cut, stitches, edge, rate } = sewing;
  const { places } = solver;
  const strains = solver.strains();
  // The body itself, without what softens its armpit.
  const solid = withArm(trunk, pose, 1e-6);
  const normal = new Float64Array(3);
  let deepest = 0;
  for (let i = 0; i < assembly.sheet.points; i++) {
    const out = solid(places[i * 3] ?? 0, places[i * 3 + 1] ?? 0, places[i * 3 + 2] ?? 0, normal);
    deepest = Math.max(deepest, -out * 1000);
  }
  const largestStrain = strains.reduce((most, strain) => Math.max(most, strain), 0);
  const kineticEnergy = solver.kineticEnergy();
  const report: Report = {
    widestGap: widestGap * 1000,
    deepest,
    kineticEnergy,
    largestStrain,
    isTangled: !(largestStrain < TANGLED_STRAIN) || kineticEnergy > FALLING_J,
    isSettled: kineticEnergy < AT_REST_J,
    points: assembly.sheet.points,
    triangles: assembly.sheet.clothOf.length,
    steps,
    notes: [
      ...plan.notes,
      ...(pose.raised > asked.raised
        ? [`The arm is held ${Math.round(pose.raised)}° off the body: nearer it would lie in it.`]
        : []),
      ...left.map((m) => `${at(plan.pieces, m).piece.name} is not worn: the toile has found no edge that it hangs on.`),
    ],
  };
  return {
    plan,
    trunk,
    pose,
    cut,
    assembly,
    places,
    local,
    strains,
    stitches,
    cloth,
    sampling: { edge, rate },
    report,
  };
}
