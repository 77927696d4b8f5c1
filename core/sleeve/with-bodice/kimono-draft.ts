import { SIDES } from "../../block";
import { limbAt } from "../../body";
import { findRoot, pathLength, SAME_MM, SOLVED_MM, type Solution } from "../../geometry";
import type { BodiceBase, LeastWidth, Misplaced, NeckOpening } from "../style";
import { type Gusset, gussetFor } from "./gusset";
import {
  cornerOf,
  drawHalf,
  type Ground,
  type GroundLengths,
  type HalfChoices,
  halfWidths,
  type KimonoHalf,
  LEAST_CLEAR_MM,
  neckGirth,
  neckOutFor,
  prepareGround,
} from "./kimono-half";

export type KimonoLengths = GroundLengths & {
  /** How far below the run of the shoulder the sleeve line lies, at the wrist. */
  readonly drop: number;
  readonly underarmOut: number;
  readonly underarmDown: number;
  readonly curve: number;
  /** How long the slash for a gusset is; none when 0. */
  readonly gusset: number;
  readonly facing: number;
  readonly slit: number;
  readonly balanceWithin: number;
};

export type KimonoDraft = {
  readonly ground: Ground;
  readonly front: KimonoHalf;
  readonly back: KimonoHalf;
  readonly halfHem: number;
  readonly sleeveLength: { readonly front: number; readonly back: number };
  /** What the front underarm was moved out by, and the back one in, to balance them. */
  readonly frontOut: number;
  readonly balance: { readonly solution: Solution; readonly difference: number; readonly needed: number | null };
  readonly gusset: Gusset | null;
  readonly neck: NeckOpening;
  readonly width: LeastWidth;
  readonly misplaced: readonly Misplaced[];
};

export type KimonoOutcome =
  | { readonly ok: true; readonly draft: KimonoDraft }
  | { readonly ok: false; readonly misplaced: Misplaced };

/** No underarm is moved further than this to balance it. Our own limit. */
const FURTHEST_MM = 100;
/** A neck that only just goes over the head catches; this much more goes on easily. From memory. */
const HEAD_EASE_MM = 12;

export function draftKimono(base: BodiceBase, lengths: KimonoLengths): KimonoOutcome {
  const prepared = prepareGround(base.block, lengths);
  if (!prepared.ok) return prepared;
  const { ground } = prepared;
  const halfHem = hemGirth(base) / 2;
  const fall = Math.atan2(lengths.drop, base.body.armLength);
  const asked: HalfChoices = {
    sleeveLength: base.length,
    fall,
    halfHem,
    underarmOut: lengths.underarmOut,
    underarmDown: lengths.underarmDown,
    curve: lengths.curve,
  };
  const tooShort = lengthMissing(ground, asked);
  if (tooShort > 0) {
    const least = base.length + tooShort + base.finishDepth;
    return {
      ok: false,
      misplaced: {
        field: "length",
        asked: base.length + base.finishDepth,
        least,
        most: base.body.armLength,
        drawn: least,
      },
    };
  }
  // The over-arm lines are made of one length where the shoulders still differ.
  const overArm = pathLength(drawHalf(ground.front, asked).overArm);
  const backLength = base.length + overArm - pathLength(drawHalf(ground.back, asked).overArm);
  const frontAt = (out: number) => drawHalf(ground.front, { ...asked, underarmOut: lengths.underarmOut + out });
  const backAt = (out: number) =>
    drawHalf(ground.back, {
      ...asked,
      sleeveLength: backLength,
      underarmOut: lengths.underarmOut - out,
    });
  const miss = (out: number) => pathLength(frontAt(out).underarm) - pathLength(backAt(out).underarm);
  const within = Math.min(lengths.balanceWithin, mostOut(ground, asked));
  const solution = findRoot(miss, -within, within, SOLVED_MM);
  const [front, back] = [frontAt(solution.value), backAt(solution.value)];
  const gusset = lengths.gusset > LEAST_SLASH_MM - SAME_MM ? gussetFor(front, back, lengths.gusset) : null;
  return {
    ok: true,
    draft: {
      ground,
      front,
      back,
      halfHem,
      sleeveLength: { front: base.length, back: backLength },
      frontOut: solution.value,
      balance: {
        solution,
        difference: miss(solution.value),
        needed: solution.converged ? Math.abs(solution.value) : neededMove(miss, mostOut(ground, asked)),
      },
      gusset,
      neck: neckOf(base, ground, lengths),
      width: leastWidth(base, lengths, front, back, 2 * halfHem),
      misplaced: [
        ...(gusset && gusset.slash > lengths.gusset + SAME_MM
          ? [{ field: "gusset", asked: lengths.gusset, least: gusset.slash, most: MOST_SLASH_MM, drawn: gusset.slash }]
          : []),
      ],
    },
  };
}

/** A shorter slash is none: nothing can be let into it. Our own limit. */
const LEAST_SLASH_MM = 1;
export const MOST_DOWN_MM = 300;
export const MOST_SLASH_MM = 250;

/** Round the arm where the sleeve ends, with the ease that it has there. */
function hemGirth({ body, widths, length }: BodiceBase): number {
  return limbAt(length, 0, { ...body, ...widths });
}

/** What the sleeve is too short by for its hem to lie outside the underarm corner. */
function lengthMissing(ground: Ground, choices: HalfChoices): number {
  const missing = SIDES.map((side) => {
    const { underarmEnd, direction } = drawHalf(ground[side], choices);
    return (cornerOf(ground[side], choices).x + LEAST_CLEAR_MM - underarmEnd.x) / direction.x;
  });
  return Math.max(...missing);
}

function neededMove(miss: (out: number) => number, most: number): number | null {
  const wide = findRoot(miss, -most, most, SOLVED_MM);
  return wide.converged ? Math.abs(wide.value) : null;
}

/** The corners may be moved so far before one lies outside the end of its hem, or no further than makes sense. */
function mostOut(ground: Ground, choices: HalfChoices): number {
  const room = SIDES.map(
    (side) => drawHalf(ground[side], choices).underarmEnd.x - cornerOf(ground[side], choices).x - LEAST_CLEAR_MM / 2,
  );
  return Math.max(0, Math.min(FURTHEST_MM, ...room));
}

function neckOf({ block, body }: BodiceBase, ground: Ground, lengths: KimonoLengths): NeckOpening {
  const girth = neckGirth(ground);
  const head = body.head ?? null;
  const passes = head === null || girth + 2 * lengths.slit >= head;
  return {
    girth,
    slit: lengths.slit,
    head,
    wider: passes ? null : neckOutFor(block, lengths, head + HEAD_EASE_MM),
    slitFor: head === null ? 0 : Math.max(0, (head + HEAD_EASE_MM - girth) / 2),
  };
}

/** The sleeve is held against the arm at so many levels. */
const LEVELS = 24;

/** Where the sleeve has least ease, from the underarm down to its hem. */
function leastWidth(
  { body, length, eases }: BodiceBase,
  { underarmDown }: KimonoLengths,
  front: KimonoHalf,
  back: KimonoHalf,
  hem: number,
): LeastWidth {
  const at = (level: number, width: number): LeastWidth => ({
    width,
    limb: limbAt(level, 0, body),
    level,
    easesNow: eases,
    downNow: underarmDown,
    widerByDown: Math.cos(front.angle) + Math.cos(back.angle),
  });
  const [ofFront, ofBack] = [halfWidths(front), halfWidths(back)];
  const above = Array.from({ length: LEVELS - 1 }, (_, i) => (length * (i + 1)) / LEVELS).flatMap((level) => {
    const [a, b] = [ofFront(level), ofBack(level)];
    return a === null || b === null ? [] : [at(level, a + b)];
  });
  return above.reduce((least, one) => (one.width - one.limb < least.width - least.limb ? one : least), at(length, hem));
}
