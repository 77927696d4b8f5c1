import { length, type Phrase, percent, phrase } from "../draft";
import { SAME_MM } from "../geometry";
import { type Body, MEASURE_IDS, type MeasureId, measureOf } from "./measures";
import { BODY_SIDES, bodyOf, type Taken } from "./measuring";
import { plausibleRange } from "./ranges";

/** A likely slip of the tape: what does not go together and why it is doubted. It warns; it never refuses. */
export type Slip = {
  readonly code:
    | "upper-bust-over-bust"
    | "wrist-over-elbow"
    | "elbow-over-arm"
    | "wrist-over-hand"
    | "share"
    | "left-right"
    | "unusual";
  /** The measurements to take again, the likeliest first. */
  readonly about: readonly MeasureId[];
  readonly message: Phrase;
  readonly reason: Phrase;
  /** Millimetres, or plain shares. */
  readonly numbers: Readonly<Record<string, number>>;
};

/** A bent elbow may measure this much more than the upper arm (plausible range, from memory). */
const ELBOW_OVER_ARM_MM = 40;
/** Left and right of one body differ by less (plausible range, from memory). */
const LEFT_RIGHT_MM = 15;
const LEFT_RIGHT_DEGREES = 3;

/** A figure of a measure in words: a length, or degrees. */
const figure = (id: MeasureId, value: number) =>
  measureOf(id).kind === "angle" ? `${Math.round(value * 10) / 10}°` : length(value);

type Share = {
  readonly of: MeasureId;
  readonly to: MeasureId;
  readonly least: number;
  readonly most: number;
};

/** Plausible proportions of a body, from memory. */
const SHARES: readonly Share[] = [
  { of: "shoulderToElbow", to: "armLength", least: 0.5, most: 0.65 },
  { of: "armholeGirth", to: "bust", least: 0.4, most: 0.55 },
  { of: "upperArm", to: "bust", least: 0.26, most: 0.4 },
  { of: "neckBase", to: "bust", least: 0.36, most: 0.46 },
  { of: "shoulderWidth", to: "bust", least: 0.38, most: 0.5 },
];

/** Everything in a measuring that is likelier a slip of the tape than a body. */
export function findSlips(taken: Taken): readonly Slip[] {
  return [...findBodySlips(bodyOf(taken)), ...sideSlips(taken)];
}

/** The same for a body of which each measurement is one figure. */
export function findBodySlips(body: Body): readonly Slip[] {
  return [...orderSlips(body), ...SHARES.flatMap((share) => shareSlip(body, share)), ...unusual(body)];
}

function orderSlips({ wrist, elbow, upperArm, hand, bust, upperBust }: Body): readonly Slip[] {
  const slips: Slip[] = [];
  if (bust !== undefined && upperBust !== undefined && upperBust > bust + SAME_MM) {
    slips.push({
      code: "upper-bust-over-bust",
      about: ["upperBust", "bust"],
      message: phrase`The upper bust reads ${length(upperBust)} and the bust ${length(bust)}: the bust is taken at its fullest and is not the smaller of the two.`,
      reason: phrase`The two may have changed places, or the tape slid off the fullest part.`,
      numbers: { upperBust, bust },
    });
  }
  if (wrist !== undefined && elbow !== undefined && wrist >= elbow) {
    slips.push({
      code: "wrist-over-elbow",
      about: ["wrist", "elbow"],
      message: phrase`The wrist reads ${length(wrist)} and the elbow ${length(elbow)}: the wrist is the smaller of the two on every arm.`,
      reason: phrase`The two may have changed places, or one was misread.`,
      numbers: { wrist, elbow },
    });
  }
  if (elbow !== undefined && upperArm !== undefined && elbow >= upperArm + ELBOW_OVER_ARM_MM) {
    slips.push({
      code: "elbow-over-arm",
      about: ["upperArm", "elbow"],
      message: phrase`The elbow reads ${length(elbow)}, ${length(elbow - upperArm)} more than the upper arm ${length(upperArm)}; up to ${length(ELBOW_OVER_ARM_MM)} is usual.`,
      reason: phrase`A tape that slid off the fullest part of the upper arm reads too little.`,
      numbers: { elbow, upperArm },
    });
  }
  if (wrist !== undefined && hand !== undefined && wrist >= hand) {
    slips.push({
      code: "wrist-over-hand",
      about: ["hand", "wrist"],
      message: phrase`The wrist reads ${length(wrist)} and the hand ${length(hand)}: a hand round its knuckles is larger than its wrist.`,
      reason: phrase`The hand is measured round the knuckles with the thumb tucked in.`,
      numbers: { wrist, hand },
    });
  }
  return slips;
}

function shareSlip(body: Body, { of, to, least, most }: Share): readonly Slip[] {
  const [part, whole] = [body[of], body[to]];
  if (part === undefined || whole === undefined || whole <= 0) return [];
  const share = part / whole;
  if (part >= whole * least - SAME_MM && part <= whole * most + SAME_MM) return [];
  return [
    {
      code: "share",
      about: [of, to],
      message: phrase`${measureOf(of).term} ${length(part)} is ${percent(share)} of ${measureOf(to).term.toLowerCase()} ${length(whole)}; from ${percent(least)} to ${percent(most)} is usual, ${length(whole * least)} to ${length(whole * most)}.`,
      reason:
        share < least
          ? phrase`One of the two may have slipped, or the tape was pulled tight.`
          : phrase`One of the two may have slipped, or the tape hung loose.`,
      numbers: { share, least, most },
    },
  ];
}

function sideSlips(taken: Taken): readonly Slip[] {
  return MEASURE_IDS.flatMap((id): Slip[] => {
    const [left, right] = BODY_SIDES.map((side) => taken[`${id}.${side}`]);
    const most = measureOf(id).kind === "angle" ? LEFT_RIGHT_DEGREES : LEFT_RIGHT_MM;
    if (left === undefined || right === undefined || Math.abs(left - right) < most) return [];
    return [
      {
        code: "left-right",
        about: [id],
        message: phrase`${measureOf(id).term} reads ${figure(id, left)} on the left and ${figure(id, right)} on the right, ${figure(id, Math.abs(left - right))} apart; less than ${figure(id, most)} is usual.`,
        reason: phrase`Measure both again; if it is so, the larger is taken, since sleeves are cut as a pair.`,
        numbers: { left, right },
      },
    ];
  });
}

function unusual(body: Body): readonly Slip[] {
  return MEASURE_IDS.flatMap((id): Slip[] => {
    const value = body[id];
    const range = plausibleRange(id);
    if (value === undefined || (value >= range.least - SAME_MM && value <= range.most + SAME_MM)) return [];
    return [
      {
        code: "unusual",
        about: [id],
        message: phrase`${measureOf(id).term} reads ${figure(id, value)}; on an adult ${figure(id, range.least)} to ${figure(id, range.most)} is to be expected.`,
        reason:
          range.source === "open data set"
            ? phrase`The range is that of 260 women of an open data set, widened. Check the figure and its unit.`
            : phrase`Check the figure and its unit: inches typed as centimetres are the usual slip.`,
        numbers: { value, least: range.least, most: range.most },
      },
    ];
  });
}
