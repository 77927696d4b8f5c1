import type { ClothKind } from "../cloth";
import { at } from "../data";
import type { Garment } from "../garment";
import { type ArmPose, armOf, HELD_OUT, type Place } from "./body/arm";
import { type Trunk, trunkOf, withArm } from "./body/body";
import { figuresOf } from "./body/figure";
import { interfaced, MECHANICS, type Mechanics, rigidityOf } from "./mechanics";
import { meshOf, type PieceMesh } from "./mesh/piece-mesh";
import { stitchesOf } from "./mesh/stations";
import { type Assembly, assembled, type Cut, cutOf, dartPairs, type Pair, pairsOf } from "./sewing/assembly";
import { attachedPlaces } from "./sewing/attach";
import { placer } from "./sewing/place";
import { type SewingPlan, sewingPlan, type WornPiece } from "./sewing/plan";
import { poseBetween, turnWithArm } from "./sewing/turn-arm";
import type { SheetCloth } from "./solver/sheet";
import { type Conditions, clothSolver, type Solver, type Ties, USUAL_CLEARANCE } from "./solver/solver";

export type WearOptions = {
  /** The usual edge of a triangle, in millimetres. */
  readonly edge: number;
  /** Steps a second. */
  readonly rate: number;
  readonly pose: ArmPose;
  readonly cloth?: Mechanics;
};

export const COARSE: Pick<WearOptions, "edge" | "rate"> = { edge: 24, rate: 1000 };
export const FINE: Pick<WearOptions, "edge" | "rate"> = { edge: 15, rate: 1800 };

export type Progress = { readonly says: string; readonly share: number };

/** A garment as it hangs: everything in metres, y up from the neck point, the wearer's right half. */
export type Worn = {
  readonly plan: SewingPlan;
  readonly trunk: Trunk;
  readonly pose: ArmPose;
  readonly cut: Cut;
  readonly assembly: Assembly;
  readonly places: Float64Array;
  /** Across and along the grain of every triangle. */
  readonly strains: Float64Array;
  readonly stitches: readonly { readonly seam: string; readonly pair: Pair }[];
  readonly cloth: Mechanics;
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
  readonly points: number;
  readonly triangles: number;
  readonly steps: number;
  readonly notes: readonly string[];
};

/** Seams that lie together from the start, so that what is pulled together later are tubes already. */
const SEWN_FIRST =
  /^(body\.(side|princess|split|waist)|sleeve\.(underarm|frontSeam|backSeam|lantern|underarmLower)|raglan\.overarm)/;

/** Seconds of each act, and what slows the cloth in it. */
const ACTS = {
  sew: { seconds: 0.6, damping: 6, gravity: 1, friction: 0.1, mostSpeed: 2.5 },
  settle: { seconds: 0.25, damping: 5, gravity: 9.81, friction: 0.2, mostSpeed: 3 },
  turn: { seconds: 0.5, damping: 4, gravity: 9.81, friction: 0.1, mostSpeed: 4 },
  hang: { seconds: 0.6, damping: 3, gravity: 9.81, friction: 0.3, mostSpeed: 4 },
  rest: { seconds: 0.3, damping: 14, gravity: 9.81, friction: 0.4, mostSpeed: 1 },
} as const;

/** Ways that the arm goes on its way to a pose. */
const ARM_STEPS = 12;

/** Above this strain cloth is caught in itself or on the body: nothing that it shows would be so on a person. */
export const TANGLED_STRAIN = 1;

/**
 * Sews the garment up round its body and lets it hang. A generator: every value is how far it has come, and the last is the worn garment, or
 * why there is none. The same garment gives the same places.
 */
export function* wear(garment: Garment, options: WearOptions): Generator<Progress, Worn | { readonly why: string }> {
  const plan = sewingPlan(garment);
  if ("why" in plan) return plan;
  const figures = figuresOf(garment);
  if (!figures) return { why: "There is no bodice block with these figures, so nothing can be worn yet." };
  yield { says: "The body is built", share: 0 };
  const trunk = trunkOf(figures);
  const cloth = options.cloth ?? mechanicsOf(garment.resolved.cloth.kind);
  yield { says: "The pieces are cut", share: 0.05 };
  const stitched = stitchesOf(
    plan.seams,
    plan.pieces.map(({ piece }) => piece),
    options.edge,
  );
  const stations = new Map<string, number[]>();
  for (const { body, part } of stitched)
    for (const { edge, at: place } of [body, part]) stations.set(edge, [...(stations.get(edge) ?? []), place]);
  const meshes = plan.pieces.map(({ piece, cuts }) => meshOf(piece, stations, options.edge, cuts));
  const cut = cutOf(
    meshes,
    plan.pieces.map(({ isInterfaced }) => (isInterfaced ? 1 : 0)),
  );
  const stitches = pairsOf(cut, stitched);
  const hanging = yield* sewnUp({ plan, cut, stitches, trunk, cloth, options });
  return hanging;
}

export function mechanicsOf(kind: string): Mechanics {
  return MECHANICS[kind as ClothKind] ?? MECHANICS["medium-woven"];
}

type Sewing = {
  readonly plan: SewingPlan;
  readonly cut: Cut;
  readonly stitches: ReturnType<typeof pairsOf>;
  readonly trunk: Trunk;
  readonly cloth: Mechanics;
  readonly options: WearOptions;
};

const sheetCloth = (cloth: Mechanics): SheetCloth => ({
  density: cloth.weight / 1000,
  warp: cloth.warp,
  weft: cloth.weft,
  bias: cloth.bias,
  rigidity: rigidityOf(cloth),
});

function* sewnUp({
  plan,
  cut,
  stitches,
  trunk,
  cloth,
  options,
}: Sewing): Generator<Progress, Worn | { readonly why: string }> {
  const { rate, edge, pose } = options;
  const cloths = [sheetCloth(cloth), sheetCloth(interfaced(cloth))];
  const isMain = (m: number) => at(plan.pieces, m).role !== "attached";
  const count = at(cut.first, cut.first.length - 1);
  const local = new Float64Array(count * 3);
  const place = placer(trunk, plan.pieces, startPose(plan));
  cut.meshes.forEach((mesh, m) => {
    place(mesh, at(plan.pieces, m))?.forEach((p, i) => local.set(p, (at(cut.first, m) + i) * 3));
  });
  const pieceOfPoint = (point: number) => cut.first.findLastIndex((first) => first <= point);
  const ofMain = stitches.filter(({ pair }) => pair.every((point) => isMain(pieceOfPoint(point))));
  const merged: Pair[] = [
    ...dartPairs(cut),
    ...ofMain.filter(({ seam }) => SEWN_FIRST.test(seam)).map(({ pair }) => pair),
  ];
  const open = ofMain.filter(({ seam }) => !SEWN_FIRST.test(seam)).map(({ pair }) => pair);
  let steps = 0;

  // The trunk and the sleeves, drawn together over the body with the arm held out.
  const first = assembled(cut, merged, cloths, isMain);
  const sewing = hung(first, local, cut, plan, rate, edge, open);
  const heldOut = withArm(trunk, startPose(plan));
  const count1 = Math.round(ACTS.sew.seconds * rate);
  const SLICES = 12;
  for (let slice = 0; slice < SLICES; slice++) {
    yield { says: "The seams are drawn together", share: 0.1 + (0.25 * slice) / SLICES };
    for (let n = 0; n < count1 / SLICES; n++) {
      const share = Math.max(0, 1 - (slice * (count1 / SLICES) + n + 1) / (count1 * 0.8));
      for (let t = 0; t < sewing.ties.rest.length; t++) sewing.ties.rest[t] = at(sewing.apart, t) * share;
      sewing.solver.run(1, { ...ACTS.sew, solid: heldOut, clearance: sewing.clearance });
      steps++;
    }
  }
  const widestGap = Math.max(
    0,
    ...Array.from({ length: sewing.ties.rest.length }, (_, t) => gapOf(sewing.ties, sewing.solver.places, t)),
  );
  keep(first, sewing.solver.places, local);

  // What hangs on an edge of it is put on in its own order.
  const worn = new Set(plan.pieces.flatMap(({ role }, m) => (role === "attached" ? [] : [m])));
  const arm = armOf(trunk.figures, startPose(plan));
  for (let round = 0; round < 3; round++) {
    cut.meshes.forEach((mesh, m) => {
      if (worn.has(m)) return;
      const start = at(cut.first, m);
      const sewnTo = (point: number): Place | null => {
        for (const {
          pair: [a, b],
        } of stitches) {
          const other = a === start + point ? b : b === start + point ? a : null;
          if (other !== null && worn.has(pieceOfPoint(other)))
            return [local[other * 3] ?? 0, local[other * 3 + 1] ?? 0, local[other * 3 + 2] ?? 0];
        }
        return null;
      };
      const places = attachedPlaces(mesh, at(plan.pieces, m), sewnTo, arm);
      if (!places) return;
      places.forEach((p, i) => local.set(p, (start + i) * 3));
      worn.add(m);
    });
  }
  const notes = [
    ...plan.notes,
    ...plan.pieces.flatMap(({ piece }, m) =>
      worn.has(m) ? [] : [`${piece.name} is not worn: the toile has found no edge that it hangs on.`],
    ),
  ];
  const all: Pair[] = [
    ...merged,
    ...open,
    ...ringPairs(cut, plan),
    ...stitches.filter(({ pair }) => pair.every((point) => worn.has(pieceOfPoint(point)))).map(({ pair }) => pair),
  ];
  const whole = assembled(cut, all, cloths, (m) => worn.has(m));
  const hanging = hung(whole, local, cut, plan, rate, edge, []);
  const { solver, clearance } = hanging;
  for (let slice = 0; slice < 4; slice++) {
    yield { says: "It settles", share: 0.35 + 0.025 * slice };
    steps += spend(solver, (ACTS.settle.seconds * rate) / 4, { ...ACTS.settle, solid: heldOut, clearance });
  }
  const shares = armShares(cut, plan, whole, trunk);
  let before = startPose(plan);
  for (let k = 1; k <= ARM_STEPS; k++) {
    yield { says: "The arm moves", share: 0.45 + (0.25 * k) / ARM_STEPS };
    const next = poseBetween(startPose(plan), pose, k / ARM_STEPS);
    turnWithArm(solver.places, shares, trunk.figures, before, next);
    before = next;
    steps += spend(solver, (ACTS.turn.seconds * rate) / ARM_STEPS, {
      ...ACTS.turn,
      solid: withArm(trunk, next),
      clearance,
    });
  }
  const posed = withArm(trunk, pose);
  for (const act of [ACTS.hang, ACTS.rest]) {
    for (let slice = 0; slice < 6; slice++) {
      yield { says: "It hangs", share: (act === ACTS.hang ? 0.7 : 0.88) + 0.02 * slice };
      steps += spend(solver, (act.seconds * rate) / 6, { ...act, friction: act.friction, solid: posed, clearance });
    }
  }
  const strains = solver.strains();
  const normal = new Float64Array(3);
  let deepest = 0;
  for (let i = 0; i < whole.sheet.points; i++) {
    const out = posed(solver.places[i * 3] ?? 0, solver.places[i * 3 + 1] ?? 0, solver.places[i * 3 + 2] ?? 0, normal);
    deepest = Math.max(deepest, -out * 1000);
  }
  keep(whole, solver.places, local);
  const report: Report = {
    widestGap: widestGap * 1000,
    deepest,
    kineticEnergy: solver.kineticEnergy(),
    largestStrain: strains.reduce((most, strain) => Math.max(most, strain), 0),
    points: whole.sheet.points,
    triangles: whole.sheet.clothOf.length,
    steps,
    notes,
  };
  return { plan, trunk, pose, cut, assembly: whole, places: solver.places, strains, stitches, cloth, report };
}

function spend(solver: Solver, steps: number, conditions: Conditions): number {
  const whole = Math.max(1, Math.round(steps));
  solver.run(whole, conditions);
  return whole;
}

/** A sleeve in one with the bodice begins with the arm as far out as it was cut. */
function startPose(plan: SewingPlan): ArmPose {
  const flat = plan.pieces.find(({ role }) => role === "flat");
  if (!flat) return HELD_OUT;
  const over = flat.piece.edges.find(({ id }) => id === "overArm");
  const [from, to] = [over?.path[0]?.[0], over?.path.at(-1)?.[3]];
  if (!from || !to) return HELD_OUT;
  const fall = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return { raised: 90 - fall - 6, forward: 0, elbow: 0 };
}

type Hung = {
  readonly solver: Solver;
  readonly ties: Ties;
  readonly apart: readonly number[];
  readonly clearance: Float64Array;
};

function hung(
  assembly: Assembly,
  local: Float64Array,
  cut: Cut,
  plan: SewingPlan,
  rate: number,
  edge: number,
  open: readonly Pair[],
): Hung {
  const { sheet, pointOf } = assembly;
  const places = new Float64Array(sheet.points * 3);
  const shares = new Float64Array(sheet.points);
  pointOf.forEach((point, i) => {
    if (point < 0) return;
    shares[point] = (shares[point] ?? 0) + 1;
    for (let k = 0; k < 3; k++) places[point * 3 + k] = (places[point * 3 + k] ?? 0) + (local[i * 3 + k] ?? 0);
  });
  for (let i = 0; i < places.length; i++) places[i] = (places[i] ?? 0) / Math.max(1, shares[Math.floor(i / 3)] ?? 1);
  const tied = open
    .map(([a, b]) => [pointOf[a] ?? -1, pointOf[b] ?? -1] as const)
    .filter(([a, b]) => a >= 0 && b >= 0 && a !== b);
  const ties: Ties = {
    points: Int32Array.from(tied.flat()),
    rest: new Float64Array(tied.length),
    stiffness: new Float64Array(tied.length).fill(Number.POSITIVE_INFINITY),
  };
  const apart = tied.map((_, t) => gapOf(ties, places, t));
  const inMiddle = middlePoints(cut, plan).flatMap((point) =>
    pointOf[point] === undefined || (pointOf[point] ?? -1) < 0 ? [] : [pointOf[point] ?? 0],
  );
  const clearance = clearances(cut, plan, assembly);
  const solver = clothSolver({ sheet, places, rate, edge: edge / 1000, inMiddle, ties });
  return { solver, ties, apart, clearance };
}

function gapOf({ points }: Ties, places: Float64Array, tie: number): number {
  const [a, b] = [(points[tie * 2] ?? 0) * 3, (points[tie * 2 + 1] ?? 0) * 3];
  return Math.hypot(
    (places[a] ?? 0) - (places[b] ?? 0),
    (places[a + 1] ?? 0) - (places[b + 1] ?? 0),
    (places[a + 2] ?? 0) - (places[b + 2] ?? 0),
  );
}

function keep({ pointOf }: Assembly, places: Float64Array, local: Float64Array): void {
  pointOf.forEach((point, i) => {
    if (point < 0) return;
    for (let k = 0; k < 3; k++) local[i * 3 + k] = places[point * 3 + k] ?? 0;
  });
}

function middlePoints({ meshes, first }: Cut, plan: SewingPlan): readonly number[] {
  return meshes.flatMap(({ edges }, m) =>
    at(plan.pieces, m).middle.flatMap((name) => (edges.get(name) ?? []).map(({ point }) => at(first, m) + point)),
  );
}

/** The ends of a cuff or band lap over: it is a ring. */
function ringPairs({ meshes, first }: Cut, plan: SewingPlan): readonly Pair[] {
  return meshes.flatMap(({ edges, points }, m) => {
    const { piece } = at(plan.pieces, m);
    if (piece.id !== "cuff" && piece.id !== "band") return [];
    const [one, other] = [edges.get("endTop") ?? [], edges.get("endBottom") ?? []];
    return one.flatMap(({ point }): readonly Pair[] => {
      const x = at(points, point).x;
      const across = other.find((end) => Math.abs(at(points, end.point).x - x) < 1);
      return across ? [[at(first, m) + point, at(first, m) + across.point]] : [];
    });
  });
}

/** Over the garment a collar keeps so much further off the body, so that it lies on the cloth and not in it. */
const OVER_MM = 5;

function clearances({ meshes, first }: Cut, plan: SewingPlan, { pointOf, sheet }: Assembly): Float64Array {
  const clearance = new Float64Array(sheet.points).fill(USUAL_CLEARANCE);
  meshes.forEach((mesh, m) => {
    const { piece, base } = at(plan.pieces, m);
    if (piece.id !== "collar") return;
    const sewn = new Set(base.flatMap((name) => (mesh.edges.get(name) ?? []).map(({ point }) => point)));
    mesh.points.forEach((_, i) => {
      const point = pointOf[at(first, m) + i] ?? -1;
      if (point >= 0 && !sewn.has(i)) clearance[point] = USUAL_CLEARANCE + OVER_MM / 1000;
    });
  });
  return clearance;
}

/** How far each point goes with the arm: not at all on the trunk, whole below the cap. */
function armShares(
  { meshes, first }: Cut,
  plan: SewingPlan,
  { pointOf, sheet }: Assembly,
  { figures }: Trunk,
): Float64Array {
  const shares = new Float64Array(sheet.points);
  meshes.forEach((mesh, m) => {
    const { piece, role } = at(plan.pieces, m);
    const share = armShare(piece.id, role, mesh, figures.tip.x);
    if (!share) return;
    mesh.points.forEach((_, i) => {
      const point = pointOf[at(first, m) + i] ?? -1;
      if (point >= 0) shares[point] = share(i);
    });
  });
  // A point of the armhole belongs to both and stays where the trunk has it.
  meshes.forEach((mesh, m) => {
    if (at(plan.pieces, m).role !== "trunk") return;
    mesh.points.forEach((_, i) => {
      const point = pointOf[at(first, m) + i] ?? -1;
      if (point >= 0) shares[point] = 0;
    });
  });
  return shares;
}

function armShare(
  id: string,
  role: WornPiece["role"],
  { points, piece }: PieceMesh,
  tip: number,
): ((i: number) => number) | null {
  if (["cuff", "band", "sleeveLower"].includes(id)) return () => 1;
  if (role === "flat") return (i) => Math.min(1, Math.max(0, (at(points, i).x - tip) / 90));
  if (role !== "arm") return null;
  const capLine = Math.max(
    40,
    ...piece.edges
      .filter(({ id: name }) => /^(cap|raglan|lowerCap)/.test(name))
      .flatMap(({ path }) => path.map(([, , , p]) => p.y)),
  );
  return (i) => Math.min(1, Math.max(0, at(points, i).y / capLine));
}
