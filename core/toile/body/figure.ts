import { armholeDepth, levelOf } from "../../block";
import { estimateBust, estimateFromBust, estimateNeck } from "../../body";
import type { Garment } from "../../garment";
import { endOf, startOf } from "../../geometry";

/** A level of the torso: how far below the neck point, and the girth there. Millimetres. */
export type TorsoLevel = {
  readonly id: "bust" | "waist" | "hip";
  readonly y: number;
  readonly girth: number;
  /** Was it taken on the person, or does an estimate stand in? */
  readonly isMeasured: boolean;
};

/** How a body is shaped beyond its girths; 0 everywhere for a usual one. Millimetres. */
export type BodyShape = {
  /** How much more of the bust's girth lies at the bust than is usual, rather than above it. */
  readonly cup: number;
  /** How far the head and the neck are carried forward, and the back is rounder at the shoulder blades; negative: erect. */
  readonly stoop: number;
  /** How much deeper the back is at the shoulder blades, and the chest above the bust. */
  readonly blades: number;
  readonly chest: number;
  /** How far forward the shoulder points are carried. */
  readonly tipForward: number;
  /** How much further forward the belly lies at the waist. */
  readonly belly: number;
};

const USUAL_SHAPE: BodyShape = { cup: 0, stoop: 0, blades: 0, chest: 0, tipForward: 0, belly: 0 };

/** The figures that a body is built from, in millimetres: x to the side, y down from the neck point, as on the block. */
export type BodyFigures = {
  readonly levels: readonly TorsoLevel[];
  readonly neck: { readonly girth: number; readonly isMeasured: boolean };
  /** Round the root of the neck, over nape, neck points and the pit of the neck. */
  readonly neckBase: { readonly girth: number; readonly isMeasured: boolean };
  /** Where the neck meets the shoulder. */
  readonly neckPoint: { readonly x: number; readonly y: number };
  /** The outer end of the shoulder. */
  readonly tip: { readonly x: number; readonly y: number };
  /** The level of the armpit: above the garment's underarm, or no arm could be raised in it. */
  readonly armpit: number;
  /** As far down as the garment goes, and further. */
  readonly foot: number;
  readonly shape: BodyShape;
  readonly arm: {
    readonly upper: number;
    readonly elbow: number;
    readonly wrist: number;
    readonly toElbow: number;
    readonly length: number;
  };
};

/** The armpit lies so far above the garment's underarm at least: without the gap the cloth strains where none would be worn so. */
const ARMPIT_GAP_MM = 22;
/** The body's shoulder ends so far inside the garment's: the cloth's thickness and what eases it. */
const INSIDE_MM = 4;
/** So much of the dress form there is below the hem. */
const BELOW_HEM_MM = 60;
/** A neckline for a neck that nobody measured is so many times as long as the neck base is round. Common practice, no source. */
const NECKLINE_OF_BASE = 1.05;
/** A dropped or widened shoulder ends beyond the body's own: no shoulder is wider than this share of the bust. From memory. */
const MOST_SHOULDER_OF_BUST = 0.46;

type SolvedFor = { readonly [id in "waist" | "hip" | "neckBase" | "shoulderWidth"]: number };

function solvedFor({ waist, hip, neckBase, shoulderWidth }: SolvedFor): SolvedFor {
  return { waist, hip, neckBase, shoulderWidth };
}

/** The body of the person whom the garment is for, as far as it was measured, and estimates for the rest. Null without a block. */
export function figuresOf({ block, resolved }: Garment): BodyFigures | null {
  if (!block) return null;
  // What a fitted block was solved for is what is worn, its estimates too.
  const { block: from } = resolved;
  const body: typeof resolved.body =
    from.source === "drafted" && from.school === "fitted"
      ? { ...resolved.body, ...solvedFor(from.task.body) }
      : resolved.body;
  const bust = body.bust ?? estimateBust().value;
  const [front, back] = [block.front, block.back];
  const ofSide = (half: typeof front) => ({ neck: startOf(half.shoulder.path), tip: endOf(half.shoulder.path) });
  const [f, b] = [ofSide(front), ofSide(back)];
  const mean = (p: number, q: number) => (p + q) / 2;
  const neckline = 2 * (front.neckline.length + back.neckline.length);
  const base = body.neckBase ?? Math.min(estimateFromBust("neckBase", bust).value, neckline / NECKLINE_OF_BASE);
  const wholeWidth = body.shoulderWidth ?? estimateFromBust("shoulderWidth", bust).value;
  const mostTip = Math.min(wholeWidth, bust * MOST_SHOULDER_OF_BUST) / 2;
  // No further out than either half reaches: an eased back shoulder is the longer one.
  const ofGarment = { x: Math.min(f.tip.x, mean(f.tip.x, b.tip.x)) - INSIDE_MM, y: mean(f.tip.y, b.tip.y) };
  const neckPoint = neckPointOf(
    { x: mean(f.neck.x, b.neck.x) - INSIDE_MM, y: mean(f.neck.y, b.neck.y) },
    ofGarment,
    base,
  );
  const share = Math.min(1, (mostTip - neckPoint.x) / Math.max(1, ofGarment.x - neckPoint.x));
  const tip = {
    x: neckPoint.x + (ofGarment.x - neckPoint.x) * share,
    y: neckPoint.y + (ofGarment.y - neckPoint.y) * share,
  };
  // A dart at the side turns the front's underarm up on paper: worn, it lies with the back's.
  const ofBack = endOf(back.armhole.path).y;
  const underarm = front.sideDart ? ofBack : mean(endOf(front.armhole.path).y, ofBack);
  const depth = Math.min(armholeDepth(front), armholeDepth(back));
  const bustAt = levelOf(block, "bust") ?? underarm + 35;
  const waistAt = Math.max(levelOf(block, "waist") ?? bustAt + 160, bustAt + 60);
  const hipAt = Math.max(levelOf(block, "hip") ?? waistAt + 200, waistAt + 80);
  const lowest = Math.max(...[front, back].flatMap(({ sideSeam, centre }) => [endOf(sideSeam).y, endOf(centre).y]));
  const level = (id: TorsoLevel["id"], y: number): TorsoLevel => ({
    id,
    y,
    girth: id === "bust" ? bust : (body[id] ?? estimateFromBust(id, bust).value),
    isMeasured:
      resolved.body[id] !== undefined && (id !== "bust" || !resolved.defaults.some(({ path }) => path === "body.bust")),
  });
  return {
    levels: [level("bust", bustAt), level("waist", waistAt), level("hip", hipAt)],
    neck: {
      girth: body.neck ?? Math.min(estimateNeck(body).value, base * MOST_NECK_OF_BASE),
      isMeasured: body.neck !== undefined,
    },
    neckBase: { girth: base, isMeasured: resolved.body.neckBase !== undefined },
    neckPoint,
    tip,
    armpit: Math.min(underarm - ARMPIT_GAP_MM, tip.y + 0.86 * depth, bustAt - 45),
    foot: Math.max(lowest, hipAt) + BELOW_HEM_MM,
    shape: shapeOf(resolved),
    arm: {
      upper: body.upperArm,
      elbow: body.elbow * STRAIGHT_ELBOW_SHARE,
      wrist: body.wrist,
      toElbow: body.shoulderToElbow,
      length: body.armLength,
    },
  };
}

/** Bust less the girth above it, as a share of the bust, of a body as usual; and how far from it a bust is drawn. From memory. */
const USUAL_CUP_SHARE = 0.06;
const MOST_CUP_MM = 80;
/** A back armhole that is longer by more than this is that of a stooped back; none is drawn more stooped than that. From memory. */
const USUAL_BALANCE_MM = 20;
const MOST_STOOP_MM = 30;

/** What a fitted block was solved for says how a bust is shaped and how a person stands. */
function shapeOf({ block }: Garment["resolved"]): BodyShape {
  if (block.source !== "drafted" || block.school !== "fitted") return USUAL_SHAPE;
  const { body, choices } = block.task;
  const cup = body.bust - body.upperBust - USUAL_CUP_SHARE * body.bust;
  const told = block.drafted.ok ? block.drafted.told.find((one) => one.code === "stooped") : undefined;
  const stoop = body.stoop + (told ? Math.max(0, told.balance - USUAL_BALANCE_MM) : 0);
  return {
    ...USUAL_SHAPE,
    cup: Math.max(-MOST_CUP_MM, Math.min(MOST_CUP_MM, cup)),
    stoop: Math.max(-MOST_STOOP_MM, Math.min(MOST_STOOP_MM, stoop)),
    tipForward: choices.tipForward,
  };
}

/** A neck that nobody measured is no thicker than this share of its base. From memory. */
const MOST_NECK_OF_BASE = 0.94;
/** Half as wide as a neck is at its base, as a share of the girth there. From memory. */
const HALF_WIDTH_OF_BASE = 0.165;

/** Where neck and shoulder of the body meet: at the garment's neck point, or further in along the shoulder where its neckline is wider. */
function neckPointOf(
  ofGarment: { readonly x: number; readonly y: number },
  tip: { readonly x: number; readonly y: number },
  base: number,
) {
  const x = Math.min(ofGarment.x, base * HALF_WIDTH_OF_BASE);
  const slope = (tip.y - ofGarment.y) / Math.max(1, tip.x - ofGarment.x);
  return { x, y: ofGarment.y - slope * (ofGarment.x - x) };
}

/** The elbow is measured bent; straight it is less. From memory. */
const STRAIGHT_ELBOW_SHARE = 0.94;
