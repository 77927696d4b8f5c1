import type { Cloth } from "../cloth";
import { length, type Phrase, phrase } from "../draft";
import { findRoot, SEEN_MM, SOLVED_MM } from "../geometry";
import { type SleeveKind, type StyleKind, styleOf } from "../sleeve/all-styles";
import { type HemChoices, passingGirth, USUAL_OPENING_MM } from "../sleeve/finish";
import type { Misplaced, StyledSleeve } from "../sleeve/style";
import { type Finding, type Remedy, solvedLater } from "./finding";
import { PASSING_EASE_MM } from "./judge-sleeve";

/** A finished sleeve, and how its style would come out with other lengths. */
export type FinishedStyle = {
  readonly kind: StyleKind | "set-in";
  readonly hem: HemChoices;
  readonly hemLength: number;
  /** What the hem is gathered onto; null for a plain one. */
  readonly onto: number | null;
  readonly limb: number;
  readonly crownRatio: number | null;
  readonly misplaced: readonly Misplaced[];
  readonly finished: number;
  readonly lengths: Readonly<Record<string, number>>;
  /** The fields that open the crown, and the hem. */
  readonly opens: { readonly crown: string | null; readonly hem: string | null };
  readonly derive: (lengths: Readonly<Record<string, number>>) => StyledSleeve | null;
};

export type Wearer = { readonly hand: number | undefined; readonly armLength: number | undefined };

/** Less reads as a seam that does not fit rather than as gathers. Our own limit. */
const NO_GATHERS = 1.03;
/** A cuff that hangs over the hand by more is too long to work in. Our own limit. */
const BEYOND_ARM_MM = 25;
/** Less is within what a tape reads. */
export const TAPE_MM = 1.6;
/** Nothing is sewn flat onto elastic, so its gathers may be fuller (from memory). */
export const ELASTIC_TAKES_MORE = 1.7;
const SAME_RATIO = 1e-4;
const WIDEST_SPREAD_MM = 900;

/** What is found about a style and the finish of its hem. */
export function judgeStyle(style: FinishedStyle, wearer: Wearer, cloth: Cloth): readonly Finding[] {
  return [
    ...judgePassing(style, wearer.hand),
    ...judgeHemOnto(style, cloth),
    ...judgeGathers("crown", style.crownRatio, style, cloth),
    ...judgeGathers("hem", style.onto === null ? null : style.hemLength / style.onto, style, cloth),
    ...judgeFinishedLength(style, wearer.armLength),
    ...style.misplaced.map((one) => noRoom(style.kind, one)),
  ];
}

/** A cuff or a band that does not open has to let the hand through. */
function judgePassing({ hem, limb }: FinishedStyle, hand: number | undefined): readonly Finding[] {
  const girth = passingGirth(hem, limb);
  if (hand === undefined || girth === null || girth >= hand - TAPE_MM) return [];
  const ease = hand - limb + PASSING_EASE_MM;
  const wider: Remedy = {
    id: "wider-cuff",
    label: phrase`Make it ${length(limb + ease)} round`,
    change: { sleeve: { hem: { ease } } },
  };
  const opened: Remedy = {
    id: "open-cuff",
    label: phrase`Give it an opening of ${length(USUAL_OPENING_MM)}`,
    change: { sleeve: { hem: { finish: "cuff", opening: USUAL_OPENING_MM } } },
  };
  return [
    {
      code: "hand-will-not-pass",
      severity: "warning",
      station: "sleeve",
      message: phrase`The ${hem.finish} is ${length(girth)} round when it is closed, and the hand ${length(hand)}: it will not pass.`,
      reason: phrase`A ${hem.finish} without an opening is pulled on over the hand.`,
      numbers: { girth, hand },
      remedies: [opened, wider],
    },
  ];
}

/** A hem that is shorter than what it is sewn to. */
function judgeHemOnto(style: FinishedStyle, cloth: Cloth): readonly Finding[] {
  const { onto, hemLength, hem } = style;
  if (onto === null || hemLength >= onto) return [];
  return [
    solvedLater(
      {
        code: "cuff-longer-than-hem",
        severity: "fault",
        station: "sleeve",
        message: phrase`The hem is ${length(hemLength)} and has to be sewn to ${length(onto)}: ${length(onto - hemLength)} is missing.`,
        reason: phrase`Cloth can be gathered, not made.`,
        numbers: { hemLength, onto },
      },
      () => {
        const spread = style.opens.hem ? spreadFor("hem", cloth.gathers.least, style) : null;
        return [
          ...(spread ? [spread] : []),
          ...(hem.finish === "elastic"
            ? [
                {
                  id: "plain-hem",
                  label: phrase`Leave the hem plain`,
                  change: { sleeve: { hem: { finish: "plain" as const } } },
                },
              ]
            : [
                {
                  id: "tighter-cuff",
                  label: phrase`Make the ${hem.finish} as long as the hem`,
                  change: { sleeve: { hem: { ease: hem.ease - (onto - hemLength) } } },
                },
              ]),
        ];
      },
    ),
  ];
}

/** Gathers against what the cloth takes: too many are bulky, too few look like a mistake. */
function judgeGathers(
  where: "crown" | "hem",
  ratio: number | null,
  style: FinishedStyle,
  cloth: Cloth,
): readonly Finding[] {
  const { least } = cloth.gathers;
  const most = cloth.gathers.most * (where === "hem" && style.hem.finish === "elastic" ? ELASTIC_TAKES_MORE : 1);
  // A plain sleeve's hem is eased onto its cuff; only what a style opens is meant to be gathered.
  if (
    ratio === null ||
    style.opens[where] === null ||
    ratio < NO_GATHERS ||
    (ratio >= least - SAME_RATIO && ratio <= most + SAME_RATIO)
  )
    return [];
  const isBulky = ratio > most;
  const to = isBulky ? most : least;
  const told: { readonly message: Phrase; readonly reason: Phrase } = isBulky
    ? {
        message: phrase`At the ${where} ${ratio.toFixed(2)} is gathered onto 1; ${cloth.name.toLowerCase()} gathers well up to ${most.toFixed(2)}.`,
        reason: phrase`More is bulky in the seam and stands off.`,
      }
    : {
        message: phrase`At the ${where} only ${ratio.toFixed(2)} is gathered onto 1; in ${cloth.name.toLowerCase()} gathers show from about ${least.toFixed(2)}.`,
        reason: phrase`So few look like a seam that was sewn badly.`,
      };
  return [
    solvedLater(
      {
        code: `gathers-${isBulky ? "bulky" : "skimpy"}`,
        severity: isBulky ? "warning" : "note",
        station: "sleeve",
        ...told,
        numbers: { ratio, to },
      },
      () => [spreadFor(where, to, style)].filter((remedy) => remedy !== null),
    ),
  ];
}

/** The spread at which the gathers come out as wanted: found by trying, for the crown and the hem move each other. */
function spreadFor(where: "crown" | "hem", wanted: number, style: FinishedStyle): Remedy | null {
  const field = style.opens[where];
  if (field === null || style.kind === "set-in") return null;
  const miss = (spread: number) => {
    const styled = style.derive({ ...style.lengths, [field]: spread });
    if (!styled) return Number.NaN;
    const ratio = where === "crown" ? styled.crownRatio : style.onto && styled.hemLength / style.onto;
    return (ratio ?? 1) - wanted;
  };
  const root = findRoot(miss, 0, WIDEST_SPREAD_MM, SOLVED_MM);
  if (!root.converged) return null;
  return {
    id: `spread-${where}`,
    label: phrase`Spread the ${where} by ${length(root.value)}`,
    change: { sleeve: { [style.kind]: { [field]: root.value } } },
  };
}

/** A sleeve that was measured without its cuff, or with its blouse. */
function judgeFinishedLength({ finished, hem }: FinishedStyle, armLength: number | undefined): readonly Finding[] {
  if (armLength === undefined || finished <= armLength + BEYOND_ARM_MM) return [];
  return [
    {
      code: "sleeve-beyond-arm",
      severity: "warning",
      station: "sleeve",
      message: phrase`Finished, the sleeve is ${length(finished)} long and the arm ${length(armLength)}: it hangs ${length(finished - armLength)} over the hand.`,
      reason:
        hem.finish === "plain"
          ? phrase`The hand disappears in it.`
          : phrase`The length is the finished one; the ${hem.finish} is already taken off when it is cut.`,
      numbers: { finished, armLength },
      remedies: [
        {
          id: "as-long-as-arm",
          label: phrase`Make it as long as the arm`,
          change: { sleeve: { length: armLength } },
        },
      ],
    },
  ];
}

/** A length for which the sleeve has no room: drawn with the nearest that it has room for, or not at all. */
export function noRoom(
  kind: SleeveKind,
  { field, asked, least, most, drawn }: Misplaced,
  how: "drawn" | "not-drawn" = "drawn",
): Finding {
  // A hair within the room, so that what is written and read back is still within it.
  const inside = most - least > 2 * SEEN_MM ? Math.min(most - SEEN_MM, Math.max(least + SEEN_MM, drawn)) : drawn;
  const isLength = field === "length";
  const label = isLength ? "Sleeve length" : (styleOf(kind)?.fields[field]?.label ?? field);
  return {
    code: "no-room-in-sleeve",
    severity: "fault",
    station: "sleeve",
    message: phrase`${label}: ${length(asked)} is asked, and this sleeve has room from ${length(least)} to ${length(most)}. ${how === "drawn" ? phrase`It is drawn at ${length(drawn)}.` : phrase`So it cannot be drawn.`}`,
    reason: phrase`The sleeve is only so long, and so wide.`,
    numbers: { asked, least, most },
    remedies: [
      {
        id: "where-drawn",
        label: phrase`Set it to ${length(inside)}`,
        change: { sleeve: isLength ? { length: inside } : { [kind]: { [field]: inside } } },
      },
    ],
  };
}
