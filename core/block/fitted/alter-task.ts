import type { FittedTask } from "./task";

/** What is altered on the figures that a fitted block is solved from; everything else is altered on the drawn block. */
export const BODY_ALTERATION_KINDS = [
  "bust-fullness",
  "shoulder-height",
  "front-armhole-gape",
  "back-length",
  "across-back",
  "across-front",
  "back-waist-rise",
  "front-hem",
  "side-seam",
  "waist-room",
  "hip-room",
  "shoulder-seam",
  "bust-point",
  "waist-level",
] as const;
export type BodyAlterationKind = (typeof BODY_ALTERATION_KINDS)[number];

/** How much of an amount across the bust is fullness of the cup; the rest lies above it. From memory. */
const OVER_CUP_SHARE = 0.7;
/** The bust point lies lower on a fuller bust, by this share of what is added across. From memory. */
const LOWER_SHARE = 0.5;
/** Of a dart that an armhole which gapes is closed by, so much more cup is made for each millimetre. Geometry of a middle body, within a tenth. */
const CUP_OF_GAPE = 1.25;
/** A rounder back is longer at the armhole by this share, and takes as much in its shoulder dart (common practice, no source). */
const ROUND_BACK_SHARE = 0.5;

type Body = FittedTask["body"];

const withBody = (task: FittedTask, change: Partial<Body>): FittedTask => ({
  ...task,
  body: { ...task.body, ...change },
});
const withEase = (task: FittedTask, change: Partial<FittedTask["ease"]>): FittedTask => ({
  ...task,
  ease: { ...task.ease, ...change },
});
const withChoices = (task: FittedTask, change: Partial<FittedTask["choices"]>): FittedTask => ({
  ...task,
  choices: { ...task.choices, ...change },
});

/** Levels that somebody typed move with what is altered above them. */
function withLevels(task: FittedTask, names: readonly (keyof FittedTask["typed"])[], by: number): FittedTask {
  const moved = names.flatMap((name) => {
    const was = task.typed[name];
    return was === undefined ? [] : [[name, was + by] as const];
  });
  return { ...task, typed: { ...task.typed, ...Object.fromEntries(moved) } };
}

/** Across back or front by `by` in the half, typed insets included. */
function withAcross(task: FittedTask, side: "front" | "back", by: number): FittedTask {
  const ease =
    side === "back" ? { acrossBack: task.ease.acrossBack + 2 * by } : { acrossFront: task.ease.acrossFront + 2 * by };
  const was = task.choices.inset[side];
  const inset = was === null ? task.choices.inset : { ...task.choices.inset, [side]: was - by };
  return withChoices(withEase(task, ease), { inset });
}

/** Room at a level in each quarter: of a side that falls straight, more or less of what it comes in by. */
function withRoom(task: FittedTask, level: "waist" | "hip", by: number): FittedTask {
  const roomier = withEase(task, { [level]: task.ease[level] + 4 * by });
  return level === "waist" && task.choices.silhouette === "straight"
    ? withChoices(roomier, { sideIntake: task.choices.sideIntake - by })
    : roomier;
}

/**
 * The task with one of its figures altered by `by` millimetres, as a fitting asks for: the block is then solved anew, so that the armhole keeps its
 * girth, the seams their lengths and the dart its bust point. `frontToWaist` is that of the block before; it is held where nobody measured it.
 * Common practice, no source.
 */
export function alterTask(
  asked: FittedTask,
  frontToWaist: number,
  { kind, by }: { readonly kind: BodyAlterationKind; readonly by: number },
): FittedTask {
  const task = withBody(asked, { frontToWaist });
  const { body, ease, choices } = task;
  switch (kind) {
    case "bust-fullness":
      return withBody(task, {
        bust: body.bust + 2 * by,
        upperBust: body.upperBust + 2 * by * (1 - OVER_CUP_SHARE),
        frontToBust: body.frontToBust + by * LOWER_SHARE,
        frontToWaist: frontToWaist + by,
      });
    case "shoulder-height":
      return withBody(task, {
        shoulderSlope: Math.asin(
          Math.max(-1, Math.sin(body.shoulderSlope) - by / (body.shoulderLength + choices.shoulderBeyond)),
        ),
      });
    case "front-armhole-gape":
      return withEase(withBody(task, { upperBust: body.upperBust - CUP_OF_GAPE * by }), {
        armhole: ease.armhole - by,
        balance: ease.balance + by,
      });
    case "back-length": {
      const longer = withEase(withBody(task, { backLength: body.backLength + by, stoop: body.stoop + by }), {
        armhole: ease.armhole + ROUND_BACK_SHARE * by,
        balance: ease.balance + ROUND_BACK_SHARE * by,
      });
      // A knit gives over a rounded back: its shoulder has no dart.
      if (choices.backShoulderDart === 0) return longer;
      const dart = Math.max(0, (choices.backShoulderDart ?? 0) + ROUND_BACK_SHARE * by);
      return withChoices(longer, { backShoulderDart: dart });
    }
    case "across-back":
      return withAcross(task, "back", by);
    case "across-front":
      return withAcross(task, "front", by);
    case "back-waist-rise":
      return { ...task, backWaistRise: task.backWaistRise + by };
    case "front-hem":
      return { ...task, frontHemDrop: task.frontHemDrop + by };
    case "side-seam":
      return withChoices(task, { sideForward: choices.sideForward + by });
    case "waist-room":
      return withRoom(task, "waist", by);
    case "hip-room":
      return withRoom(task, "hip", by);
    case "shoulder-seam":
      return withEase(withChoices(task, { tipForward: choices.tipForward + by }), { balance: ease.balance + 2 * by });
    case "bust-point":
      return withLevels(withBody(task, { frontToBust: body.frontToBust + by }), ["bustLevel", "underbustLevel"], by);
    case "waist-level":
      return withLevels(
        withBody(task, { backLength: body.backLength + by, frontToWaist: frontToWaist + by }),
        ["waistLevel", "hipLevel", "length"],
        by,
      );
  }
}
