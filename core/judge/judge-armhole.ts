import type { BlockReadings, ReadingOffsets } from "../block";
import { length, type Phrase, phrase } from "../draft";
import type { Finding } from "./finding";

/** A front that is hollowed more may be longer by as much as its hollow, with a back no higher than it (common practice, no source). */
const FRONT_LONGER_BY_HOLLOW_MM = 12.7;

/** A tape laid round twice reads no closer: common practice, no source. */
const READ_TWICE_WITHIN_MM = 6;

type RoundAndHalves = { readonly [reading in "front" | "back" | "girth"]?: number | undefined };

/** The whole armhole read beside its halves: with both the sum must agree, with one the rest must be a half. */
export function judgeRoundArmhole({ front, back, girth }: RoundAndHalves): readonly Finding[] {
  if (girth === undefined) return [];
  if (front !== undefined && back !== undefined) {
    const difference = Math.abs(front + back - girth);
    return difference <= READ_TWICE_WITHIN_MM
      ? []
      : [
          roundArmholeOff(
            phrase`Front and back armhole add up to ${length(front + back)}, and the round armhole was read as ${length(girth)}.`,
            phrase`The draft goes by front and back. One of the three readings is off by ${length(difference)}: read them again.`,
            { front, back, girth, difference },
          ),
        ];
  }
  const half = front ?? back;
  if (half === undefined || girth - half >= half * LEAST_OTHER_HALF) return [];
  return [
    roundArmholeOff(
      phrase`The round armhole was read as ${length(girth)}, and one half of it as ${length(half)}.`,
      phrase`That leaves too little for the other half. Read both again.`,
      { half, girth },
    ),
  ];
}

/** The other half of an armhole is never so much the shorter one: our own limit. */
const LEAST_OTHER_HALF = 0.6;

function roundArmholeOff(message: Phrase, reason: Phrase, numbers: Finding["numbers"]): Finding {
  return {
    code: "armhole-readings-differ",
    severity: "warning",
    station: "block",
    message,
    reason,
    numbers,
    remedies: [
      {
        id: "leave-out-girth",
        label: phrase`Leave out the round armhole`,
        change: { block: { armhole: { girth: undefined } } },
      },
    ],
  };
}

/** A front armhole that its hollow alone does not make so much longer than the back: it is told, and nothing is taken for a slip. */
export function judgeFrontAndBack(
  { front, back }: BlockReadings["armhole"],
  offsets: ReadingOffsets,
): readonly Finding[] {
  if (front - back <= FRONT_LONGER_BY_HOLLOW_MM + 0.05) return [];
  return [
    {
      code: "armhole-front-longer",
      severity: "warning",
      station: "block",
      message: phrase`The front armhole is ${length(front - back)} longer than the back.`,
      reason: phrase`A front that is hollowed more comes out up to ${length(FRONT_LONGER_BY_HOLLOW_MM)} longer, and a back that stands higher makes the back the longer one. More than that can be right on a full bust; if the two readings changed places, the sleeve's notches and ease sit on the wrong side.`,
      numbers: { front, back, difference: front - back },
      remedies: [
        {
          id: "swap-front-back",
          label: phrase`Swap front and back`,
          change: {
            block: { armhole: { front: back - offsets["armhole.back"], back: front - offsets["armhole.front"] } },
          },
        },
      ],
    },
  ];
}
