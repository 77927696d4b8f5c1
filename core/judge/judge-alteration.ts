import { ALTERATIONS, type AlterationTaken, byAmount, DART_AS_EASE_MM, DART_AS_MUCH_EASE_MM } from "../block";
import { length, phrase } from "../draft";
import type { Finding } from "./finding";

/** So much of what is too much is closed by a smaller dart: a hair within what is left as ease. */
const WITHIN = 0.99;

function judgeMovedDart(opening: number, dartIntake: number | null): readonly Finding[] {
  if (opening <= DART_AS_EASE_MM) return [];
  const intake = dartIntake === null ? null : (dartIntake * DART_AS_EASE_MM * WITHIN) / opening;
  const isDart = opening > DART_AS_MUCH_EASE_MM;
  return [
    {
      code: isDart ? "armhole-dart" : "armhole-ease-much",
      severity: isDart ? "note" : "warning",
      station: "block",
      message: isDart
        ? phrase`Moved into the armhole, the dart opens ${length(opening)} there: it is drawn as a dart with its legs, and the sleeve is fitted to the armhole with it closed.`
        : phrase`Moved into the armhole, the dart leaves ${length(opening)} in it as ease; up to ${length(DART_AS_EASE_MM)} is usual.`,
      reason: isDart
        ? phrase`More than ${length(DART_AS_MUCH_EASE_MM)} cannot be eased in without folds.`
        : phrase`It has to be eased in before the sleeve is set, or the armhole gapes.`,
      numbers: { opening },
      remedies:
        intake === null
          ? []
          : [
              {
                id: "smaller-shoulder-dart",
                label: phrase`Make the shoulder dart ${length(intake)} wide`,
                change: { block: { shoulderDartIntake: intake } },
              },
            ],
    },
  ];
}

const LEFT_OUT: Readonly<Record<NonNullable<AlterationTaken["leftOut"]>, string>> = {
  "no-dart": "there is no shoulder dart in this block",
  "curves-cross": "its curves would cross",
  "nothing-left": "nothing would be left of the edge",
  "not-solved": "it changes what a block is solved from, and this one is not solved from the body",
  "no-block": "no block can be drawn with it",
  "one-way": "it cannot be done by less than 0",
};

/** An alteration that cannot be made is left out of the drawing, and says so; a dart that was moved says what became of it. */
export function judgeAlteration(
  taken: readonly AlterationTaken[],
  /** What the shoulder dart takes, where it was drafted. */
  dartIntake: number | null,
): readonly Finding[] {
  return taken.flatMap((one, index): Finding[] => {
    if (one.leftOut === null)
      return one.opening === null
        ? []
        : [...judgeMovedDart(one.opening, one.kind === "shoulder-dart-to-armhole" ? dartIntake : null)];
    const rest = taken.filter((_, i) => i !== index).map(({ kind, by }) => ({ kind, by }));
    const { name } = ALTERATIONS[one.kind];
    return [
      {
        code: "alteration-left-out",
        severity: "warning",
        station: "block",
        message: phrase`“${name}”${byAmount(one)} was left out: ${LEFT_OUT[one.leftOut]}.`,
        reason: phrase`The block is drawn without it.`,
        numbers: { by: one.by },
        remedies: [
          {
            id: `drop-alteration-${index}`,
            label: phrase`Take it off the list`,
            change: { block: { alterations: rest } },
          },
        ],
      },
    ];
  });
}
