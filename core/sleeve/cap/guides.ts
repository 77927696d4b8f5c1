import { findRoot, SEEN_MM, SOLVED_FINELY_MM } from "../../geometry";
import type { CapFrame, CapTask } from "./cap-frame";
import {
  CAP_SHAPES,
  type CapGuides,
  type CapShape,
  type CapShapes,
  followingShape,
  GUIDES,
  type Guide,
  type HalfGuides,
  halfCap,
} from "./cap-shape";
import { guidePoints } from "./rule-frame";

/** A guide point that the cap does not reach: what was typed and how near it comes. Millimetres outside the slant. */
export type MissedGuide = {
  readonly side: "front" | "back";
  readonly guide: Guide;
  readonly asked: number;
  readonly drawn: number;
};

/** Which of the guide points each kind of curve is drawn through. */
const USED: Readonly<Record<CapTask["curve"], readonly Guide[]>> = {
  armhole: [],
  quarters: ["upper", "lower"],
  middle: ["middle"],
};

/** The handles of a half cap, as shares of its width, between which a curve through typed guide points is looked for. Our own limits. */
const HANDLE = { least: 0.02, most: 0.95 } as const;
/** Each guide point hardly moves the other: a few rounds end it; more is a figure out of reach. */
const MOST_ROUNDS = 24;

/** The typed guide points that this curve is drawn through. */
function guidesInUse(curve: CapTask["curve"], guides: CapGuides): readonly (readonly ["front" | "back", Guide])[] {
  return (["front", "back"] as const).flatMap((side) =>
    USED[curve].filter((guide) => guides[side][guide] !== undefined).map((guide) => [side, guide] as const),
  );
}

/**
 * The task with the curve that passes through its typed guide points on the cap that `frameOf` then gives. The curve depends on
 * width and height of the cap, and of a fitted cap the height on the curve: both are found in turn. Unchanged without typed guides.
 */
export function throughGuides(task: CapTask, frameOf: (task: CapTask) => CapFrame | null): CapTask {
  if (task.curve === "armhole" || guidesInUse(task.curve, task.guides).length === 0) return task;
  let now: CapTask = { ...task, guided: CAP_SHAPES[task.curve] };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const frame = frameOf(now);
    if (!frame || !(frame.height > 0) || !(frame.frontWidth > 0) || !(frame.backWidth > 0)) return now;
    const guided = shapesThrough(task, frame);
    const isSettled = now.guided !== null && isSame(now.guided, guided);
    now = { ...now, guided };
    if (isSettled) break;
  }
  return now;
}

/** The typed guide points that the cap of this frame passes by at more than can be seen. */
export function missedGuides(task: CapTask, { frontWidth, backWidth, height }: CapFrame): readonly MissedGuide[] {
  const { guided } = task;
  if (!guided) return [];
  return guidesInUse(task.curve, task.guides).flatMap(([side, guide]) => {
    const asked = task.guides[side][guide] ?? 0;
    const drawn = outsideAt(guided[side], side === "front" ? frontWidth : backWidth, height, guide);
    return Math.abs(drawn - asked) > SEEN_MM ? [{ side, guide, asked, drawn }] : [];
  });
}

function shapesThrough({ curve, guides }: CapTask, { frontWidth, backWidth, height }: CapFrame): CapShapes {
  const usual = CAP_SHAPES[curve === "middle" ? "middle" : "quarters"];
  const through = curve === "middle" ? throughMiddle : throughQuarters;
  return {
    front: through(usual.front, guides.front, frontWidth, height),
    back: through(usual.back, guides.back, backWidth, height),
  };
}

/** What is hollowed out below stands out above: one figure sets both. */
function throughMiddle(usual: CapShape, { middle }: HalfGuides, width: number, height: number): CapShape {
  if (middle === undefined) return usual;
  return followingShape(nearest((hollow) => outsideAt(followingShape(hollow), width, height, "middle") - middle));
}

/** The handle at the crown by the upper guide point and the handle at the underarm by the lower one, in turn. */
function throughQuarters(usual: CapShape, guides: HalfGuides, width: number, height: number): CapShape {
  if (guides.upper === undefined && guides.lower === undefined) return usual;
  const upper = guides.upper ?? outsideAt(usual, width, height, "upper");
  const lower = guides.lower ?? outsideAt(usual, width, height, "lower");
  let shape = usual;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const before = shape;
    const crownFullness = nearest(
      (share) => outsideAt({ ...shape, crownFullness: share }, width, height, "upper") - upper,
    );
    shape = { ...shape, crownFullness };
    const underarmHollow = nearest(
      (share) => outsideAt({ ...shape, underarmHollow: share }, width, height, "lower") - lower,
    );
    shape = { ...shape, underarmHollow };
    if (isSameShape(before, shape)) break;
  }
  return shape;
}

/** Where `miss` is nothing between the shortest and the longest handle, or the end at which it is least. */
function nearest(miss: (share: number) => number): number {
  return findRoot(miss, HANDLE.least, HANDLE.most, SOLVED_FINELY_MM).value;
}

function outsideAt(shape: CapShape, width: number, height: number, guide: Guide): number {
  return guidePoints(halfCap(shape, width, height))[GUIDES.indexOf(guide)]?.outside ?? 0;
}

/** Shares that differ by less move no point of a cap by a thousandth of a millimetre. */
const SAME_SHARE = 1e-6;

const isSameShape = (a: CapShape, b: CapShape) =>
  Math.abs(a.crownFullness - b.crownFullness) < SAME_SHARE &&
  Math.abs(a.underarmHollow - b.underarmHollow) < SAME_SHARE;

const isSame = (a: CapShapes, b: CapShapes) => isSameShape(a.front, b.front) && isSameShape(a.back, b.back);
