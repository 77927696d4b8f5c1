import { type Alteration, alterBlock, type Block, type BodiceHalf, SIDES, type Side } from "../../block";
import { along, findRoot, pathLength, withStartDirection } from "../../geometry";
import type { Misplaced } from "../style";

/** What is done to neck and shoulder of the block before the sleeve grows out of it. Millimetres. */
export type GroundLengths = {
  readonly frontDown: number;
  readonly backDown: number;
  readonly neckOut: number;
  readonly tipUp: number;
};

export type Ground = {
  readonly front: BodiceHalf;
  readonly back: BodiceHalf;
  readonly hadShoulderDart: boolean;
  /** What each neck was widened by. */
  readonly out: { readonly front: number; readonly back: number };
};

export type GroundOutcome =
  | { readonly ok: true; readonly ground: Ground }
  | { readonly ok: false; readonly misplaced: Misplaced };

/** A shorter shoulder carries no garment. Our own limit. */
const LEAST_SHOULDER_MM = 25;

/**
 * Neck lowered and widened, shoulder tip raised. The back is widened by what its shoulder is longer by, so that both halves are of one
 * length from the neck to the tip.
 */
export function prepareGround(block: Block, lengths: GroundLengths): GroundOutcome {
  const hadShoulderDart = block.front.shoulderDart !== null;
  const plain = hadShoulderDart
    ? alterBlock(block, [{ kind: "shoulder-dart-to-armhole", by: 0 }], "ease").block
    : block;
  const shortest = Math.min(plain.front.shoulder.length, plain.back.shoulder.length);
  const most = Math.max(0, shortest - LEAST_SHOULDER_MM);
  const widest = Math.abs(plain.back.shoulder.length - plain.front.shoulder.length);
  if (lengths.neckOut + widest > most) {
    const drawn = Math.max(0, most - widest);
    return { ok: false, misplaced: { field: "neckOut", asked: lengths.neckOut, least: 0, most: drawn, drawn } };
  }
  const longer = plain.back.shoulder.length - plain.front.shoulder.length;
  const out = { front: lengths.neckOut + Math.max(0, -longer), back: lengths.neckOut + Math.max(0, longer) };
  const down = { front: lengths.frontDown, back: lengths.backDown };
  const halves = SIDES.map((side) => alterHalf(plain, side, out[side], down[side], lengths.tipUp));
  const [front, back] = halves;
  if (!front || !back) {
    // What cannot be deepened or raised so far can be left as it was.
    const field = halves.every((half) => half === null) ? "tipUp" : front ? "backDown" : "frontDown";
    return { ok: false, misplaced: { field, asked: lengths[field], least: 0, most: 0, drawn: 0 } };
  }
  return { ok: true, ground: { front, back, hadShoulderDart, out } };
}

function alterHalf(block: Block, side: Side, out: number, down: number, up: number): BodiceHalf | null {
  const steps: readonly Alteration[] = [
    { kind: side === "front" ? "deepen-front-neck" : "deepen-back-neck", by: down },
    { kind: "raise-shoulder-point", by: up },
    { kind: "widen-neckline", by: out },
  ];
  const { block: altered, taken } = alterBlock(
    block,
    steps.filter((step) => step.by > 0),
  );
  return taken.some((one) => one.leftOut !== null) ? null : squaredNeck(altered[side]);
}

/** The neck drawn again so that it leaves the new shoulder square. */
function squaredNeck(half: BodiceHalf): BodiceHalf {
  const { direction } = along(half.shoulder.path, 0);
  const path = withStartDirection(half.neckline.path, { x: -direction.y, y: direction.x });
  return { ...half, neckline: { path, length: pathLength(path) } };
}

export function neckGirth({ front, back }: Ground): number {
  return 2 * (front.neckline.length + back.neckline.length);
}

const TOLERANCE_MM = 0.01;

/** What the neck has to be widened by to go over a head; null when the shoulder is too short for it. */
export function neckOutFor(block: Block, lengths: GroundLengths, girth: number): number | null {
  const miss = (neckOut: number) => {
    const outcome = prepareGround(block, { ...lengths, neckOut });
    return outcome.ok ? neckGirth(outcome.ground) - girth : Number.NaN;
  };
  const root = findRoot(miss, lengths.neckOut, mostNeckOut(block), TOLERANCE_MM);
  return root.converged ? root.value : null;
}

function mostNeckOut({ front, back }: Block): number {
  const [a, b] = [front.shoulder.length, back.shoulder.length];
  return Math.min(a, b) - LEAST_SHOULDER_MM - Math.abs(a - b) - TOLERANCE_MM;
}
