import {
  along,
  type Cubic,
  distance,
  findRoot,
  lerp,
  mirrored,
  type Path,
  type Point,
  pathLength,
  SOLVED_MM,
  type Solution,
} from "../../geometry";
import type { RaglanCut } from "./raglan-cut";
import { type LaidPart, layShoulderPart } from "./shoulder-part";

/** Both shoulder parts on the sleeve, and what closes over the shoulder between them. */
export type OverArm = {
  readonly front: LaidPart;
  /** As the front of a turned-over sleeve. */
  readonly back: LaidPart;
  /** Where the dart closes, or the seam comes to the middle of the sleeve. */
  readonly apex: Point;
  /** From the side neck point over the shoulder tip to the apex; the back one turned over. */
  readonly frontLeg: Path;
  readonly backLeg: Path;
  /** How far the line over the arm lies to the front of the crown. */
  readonly shift: number;
  /** Front leg less back leg, as they are drawn. */
  readonly difference: number;
  readonly solution: Solution;
  /** How far it would have to be shifted to make them equal; null when no shift does. */
  readonly needed: number | null;
};

export type OverArmChoices = {
  /** The gap between the shoulder tips. */
  readonly gap: number;
  /** How far below the tips the dart closes. */
  readonly depth: number;
  /** How far the line over the arm may be shifted to balance front and back. */
  readonly within: number;
};

type Caps = {
  readonly crownX: number;
  /** From the crown down; the back one turned over. */
  readonly front: Path;
  readonly back: Path;
  /** The middle of the hem, where a line over the arm comes down. */
  readonly footX: number;
  readonly footY: number;
};

/** No shift goes further than this to either side, whatever it would balance. Our own limit. */
const FURTHEST_SHIFT_MM = 60;

/**
 * Lays both parts so that their tips stand apart by the gap, and shifts the line over the arm until front and back are of one length
 * along it: what the back shoulder is longer by is taken up there. Null when a part does not reach.
 */
export function closeOverArm(
  cuts: { readonly front: RaglanCut; readonly back: RaglanCut },
  caps: Caps,
  choices: OverArmChoices,
): OverArm | null {
  const at = (shift: number) => laid(cuts, caps, choices, caps.crownX + shift, shift);
  const miss = (shift: number) => at(shift)?.difference ?? Number.NaN;
  const solution = findRoot(miss, -choices.within, choices.within, SOLVED_MM);
  const balanced = at(solution.value);
  if (!balanced) return null;
  const needed = solution.converged ? solution.value : neededShift(miss);
  return { ...balanced, shift: solution.value, solution, needed };
}

function neededShift(miss: (shift: number) => number): number | null {
  const wide = findRoot(miss, -FURTHEST_SHIFT_MM, FURTHEST_SHIFT_MM, SOLVED_MM);
  return wide.converged ? wide.value : null;
}

function laid(
  cuts: { readonly front: RaglanCut; readonly back: RaglanCut },
  caps: Caps,
  { gap, depth }: OverArmChoices,
  x: number,
  shift: number,
): Omit<OverArm, "solution" | "needed"> | null {
  const front = layShoulderPart(cuts.front, caps.front, x + gap / 2);
  const back = layShoulderPart(cuts.back, caps.back, -x + gap / 2);
  if (!front || !back) return null;
  const apex = { x, y: Math.max(front.tip.y, back.tip.y) + depth };
  const foot = { x: caps.footX, y: caps.footY };
  const frontLeg = legOf(front, apex, foot);
  const backLeg = legOf(back, mirrored(apex), mirrored(foot));
  return { front, back, apex, frontLeg, backLeg, shift, difference: pathLength(frontLeg) - pathLength(backLeg) };
}

/** How far a handle reaches, as a share of the way from the tip to the apex. */
const HANDLE_SHARE = 0.42;
/** The leg may come this near to the line over the arm, as a share of its distance at the tip: it never crosses it. */
const NEAREST_SHARE = 0.85;

/** Along the shoulder, smoothly round its tip, and into the apex on the way to the foot. */
function legOf({ shoulder, tip }: LaidPart, apex: Point, foot: Point): Path {
  const { direction } = along(shoulder, pathLength(shoulder));
  const reach = distance(tip, apex) * HANDLE_SHARE;
  const room = tip.x - apex.x;
  const most = direction.x < 0 ? (room * NEAREST_SHARE) / -direction.x : reach;
  const run = Math.max(0, Math.min(reach, most));
  const round: Cubic = [
    tip,
    { x: tip.x + direction.x * run, y: tip.y + direction.y * run },
    lerp(apex, foot, -reach / distance(apex, foot)),
    apex,
  ];
  return [...shoulder, round];
}
