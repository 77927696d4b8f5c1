import fc from "fast-check";
import type { CapTask } from "../sleeve/cap/cap-frame";
import { CAP_SHAPES } from "../sleeve/cap/cap-shape";
import type { SetInMethod } from "../sleeve/cap/methods";
import { draftSetInSleeve } from "../sleeve/set-in/set-in-sleeve";

export const INCH = 25.4;
export const { front: FRONT_SHAPE, back: BACK_SHAPE } = CAP_SHAPES.quarters;

export function capTask(changes: Partial<CapTask> = {}): CapTask {
  return {
    armhole: { front: 8.75 * INCH, back: 9.25 * INCH, depth: 7.75 * INCH },
    bust: 37 * INCH,
    upperArm: 11.75 * INCH,
    capEase: 1.25 * INCH,
    backEaseShare: 0.55,
    upperArmEase: 2 * INCH,
    curve: "quarters",
    lowerHollows: { front: 0.3, back: 0.4 },
    fullnessChange: 0,
    guides: { front: {}, back: {} },
    guided: null,
    placement: null,
    chosenHeight: null,
    capHeightChange: 0,
    capWidthChange: 0,
    ...changes,
  };
}

export const LENGTHS = {
  length: 584,
  wristLevel: 584,
  elbowLevel: 336,
  elbowWidth: 318,
  wristWidth: 203,
  turnUp: 0,
  elbowDart: 0,
  finishDepth: 0,
  fall: 0,
};

export function draft(cap: CapTask, method: SetInMethod = "fit-first", lengths = LENGTHS) {
  return draftSetInSleeve({
    method,
    surplus: null,
    slashes: false,
    twoPiece: null,
    lowerEase: { front: 0, back: 0 },
    cap,
    lengths,
    notches: { front: 80, back: 90 },
  });
}

export const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Armholes and arms of every build, also ones that do not go together. */
export const anyTask = fc
  .record({
    front: size(150, 330),
    frontMore: size(-20, 40),
    depthShare: size(0.75, 0.95),
    upperArm: size(200, 520),
    capEase: size(-10, 60),
    upperArmEase: size(-10, 120),
    backEaseShare: size(0, 1),
  })
  .map(({ front, frontMore, depthShare, ...rest }) =>
    capTask({ ...rest, armhole: { front, back: front + frontMore, depth: front * depthShare } }),
  );
