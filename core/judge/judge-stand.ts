import type { DrawnCollar, UpperEdge } from "../collar";
import { length, phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { Finding, Remedy } from "./finding";
import { collarFinding, remedy, solvedLater } from "./finding";

/** Round the neck a stand leaves 10 to 25 mm (common practice, no source). */
const LEAST_EASE_MM = 10;
const MOST_EASE_MM = 25;
export const USUAL_EASE_MM = (LEAST_EASE_MM + MOST_EASE_MM) / 2;
/** A stand that stands off by more than this beyond it gapes. Our own limit. */
const GAPES_BEYOND_MM = 25;
/** Less is within what a tape reads. */
export const TAPE_MM = 3;

/** How the block's neckline is made longer by so much all round; null where it cannot be. */
export type DeepenNeck = (longer: number) => { readonly by: number; readonly change: SpecChange } | null;

/** What stands up round the neck: the upper edge against the neck, how it rises on paper, and the neckline below it. */
export function judgeStand({ upperEdge, turnsOver }: DrawnCollar, deepen: DeepenNeck): readonly Finding[] {
  return [
    ...(upperEdge ? [...judgeUpperEdge(upperEdge), ...judgeRise(upperEdge), ...judgeNeckline(upperEdge, deepen)] : []),
    ...(turnsOver ? judgeFold(turnsOver, deepen) : []),
  ];
}

/** Leaning by so much that the upper edge has this ease is always possible where a band is at all. */
export function developed(ease: number): Remedy {
  return remedy("develop-collar", phrase`Let it lean so that its upper edge has ${length(ease)} of ease`, {
    school: "developed",
    ease,
  });
}

/** A neckline that is shorter than the neck and its ease lets no collar lean in. */
function judgeNeckline({ neckline, wanted, neck, isDeveloped }: UpperEdge, deepen: DeepenNeck): readonly Finding[] {
  const missing = wanted - neckline;
  if (!isDeveloped || missing <= TAPE_MM) return [];
  return [
    solvedLater(
      collarFinding({
        code: "neckline-below-neck",
        severity: "warning",
        message: phrase`The neckline is ${length(neckline)} round and the neck with its ease ${length(wanted)}: the collar leans outwards.`,
        reason: phrase`A stand is sewn lower down, where the neck is wider: the neckline is tight, or a figure is wrong.`,
        numbers: { round: neckline, neck, ease: wanted - neck },
      }),
      () => {
        const deeper = deepen(missing);
        return deeper
          ? [{ id: "deeper-neck", label: phrase`Deepen the front neck by ${length(deeper.by)}`, change: deeper.change }]
          : [];
      },
    ),
  ];
}

/** Less than this is within what is drawn by hand. Millimetres. */
const RISE_SLACK_MM = 0.1;

function judgeRise({ rise: { drawn, most, by }, isDeveloped }: UpperEdge): readonly Finding[] {
  if (drawn <= most + RISE_SLACK_MM) return [];
  const label =
    by?.field === "ease"
      ? phrase`Let it lean less, with ${length(by.value)} of ease at its upper edge`
      : phrase`Let its front end rise by ${length(most)}`;
  return [
    collarFinding({
      code: "stand-rises-high",
      // By a rule of thumb it was drawn so on purpose.
      severity: isDeveloped ? "warning" : "note",
      message: phrase`The front end of the stand lies ${length(drawn)} above its centre back on paper; up to ${length(most)} is usual.`,
      reason: phrase`It is bent like a hook, and leans in hard: the neckline is much longer than the neck.`,
      numbers: { drawn, most },
      remedies: by ? [remedy("flatter-stand", label, { [by.field]: by.value })] : [],
    }),
  ];
}

function judgeUpperEdge({ girth, neck, isDeveloped }: UpperEdge): readonly Finding[] {
  const ease = girth - neck;
  const numbers = { upperGirth: girth, neck, ease };
  if (ease < LEAST_EASE_MM - SEEN_SHORT_MM) {
    return [
      collarFinding({
        code: "stand-strangles",
        severity: "warning",
        message: phrase`The upper edge is ${length(girth)} round and the neck ${length(neck)}: ${ease < 0 ? phrase`${length(-ease)} too short to close` : phrase`${length(ease)} of ease, where ${length(LEAST_EASE_MM)} is the least`}.`,
        reason: phrase`It strangles, and chafes under the chin.`,
        numbers,
        remedies: [developed(USUAL_EASE_MM)],
      }),
    ];
  }
  if (ease <= MOST_EASE_MM + GAPES_BEYOND_MM) return [];
  return [
    collarFinding({
      code: "stand-gapes",
      severity: isDeveloped ? "note" : "warning",
      message: phrase`The upper edge is ${length(girth)} round, ${length(ease)} more than the neck; up to ${length(MOST_EASE_MM)} is usual.`,
      reason: phrase`It stands off the neck all round.`,
      numbers,
      remedies: [developed(USUAL_EASE_MM)],
    }),
  ];
}

/** A collar in one piece lies round the neck at its fold, as a stand does at its upper edge. */
function judgeFold({ girth, neck }: NonNullable<DrawnCollar["turnsOver"]>, deepen: DeepenNeck): readonly Finding[] {
  const ease = girth - neck;
  if (ease >= LEAST_EASE_MM - SEEN_SHORT_MM) return [];
  const missing = USUAL_EASE_MM - ease;
  return [
    solvedLater(
      collarFinding({
        code: "fold-strangles",
        severity: "warning",
        message:
          ease < 0
            ? phrase`The collar turns over ${length(girth)} round, and the neck is ${length(neck)}: it is ${length(-ease)} too short to close.`
            : phrase`The collar turns over ${length(girth)} round, and the neck is ${length(neck)}: ${length(ease)} of ease, where ${length(LEAST_EASE_MM)} is the least.`,
        reason: phrase`It strangles, and does not turn over in a soft roll.`,
        numbers: { girth, neck, ease },
      }),
      () => {
        const deeper = deepen(missing);
        return deeper
          ? [{ id: "deeper-neck", label: phrase`Deepen the front neck by ${length(deeper.by)}`, change: deeper.change }]
          : [];
      },
    ),
  ];
}

/** Less than this is not missed. Millimetres. */
const SEEN_SHORT_MM = 0.5;
