import type { Stand, StandTask } from "../collar";
import { length, phrase } from "../draft";
import type { Finding, Remedy, SpecChange } from "./finding";
import type { Seam } from "./seam";

/** Round the neck a stand leaves 10 to 25 mm (common practice, no source). */
const LEAST_EASE_MM = 10;
const MOST_EASE_MM = 25;
const USUAL_EASE_MM = (LEAST_EASE_MM + MOST_EASE_MM) / 2;
/** A stand that stands off by more than this beyond it gapes. Our own limit. */
const GAPES_BEYOND_MM = 25;
const SEAM_MM = 0.01;

/** The neck edge against the neckline, and the upper edge against the neck. */
export function judgeStand(task: StandTask, { upperGirth }: Stand, seam: Seam, deepen: DeepenNeck): readonly Finding[] {
  return [...judgeNeckSeam(seam), ...judgeUpperEdge(task, upperGirth), ...judgeNeckline(task, deepen)];
}

/** How the block's neckline is made longer by so much all round; null where it cannot be. */
export type DeepenNeck = (longer: number) => { readonly by: number; readonly change: SpecChange } | null;

/** A neckline that is shorter than the neck and its ease lets no collar lean in. */
function judgeNeckline({ neckline, neck, ease, school }: StandTask, deepen: DeepenNeck): readonly Finding[] {
  const round = 2 * (neckline.back + neckline.front);
  const missing = neck + ease - round;
  if (school !== "developed" || missing <= TAPE_MM) return [];
  const deeper = deepen(missing);
  return [
    {
      code: "neckline-below-neck",
      severity: "warning",
      station: "collar",
      message: phrase`The neckline is ${length(round)} round and the neck with its ease ${length(neck + ease)}: the collar leans outwards.`,
      reason: phrase`A stand is sewn lower down, where the neck is wider: the neckline is tight, or a figure is wrong.`,
      numbers: { round, neck, ease },
      remedies: deeper
        ? [
            {
              id: "deeper-neck",
              label: phrase`Deepen the front neck by ${length(deeper.by)}`,
              change: deeper.change,
            },
          ]
        : [],
    },
  ];
}

/** Less is within what a tape reads. */
const TAPE_MM = 3;

function judgeNeckSeam({ bodyLength, partLength, ease }: Seam): readonly Finding[] {
  if (Math.abs(ease) <= SEAM_MM) return [];
  return [
    {
      code: "collar-off-neckline",
      severity: "fault",
      station: "collar",
      message: phrase`The collar’s neck edge is ${length(partLength)} and the neckline ${length(bodyLength)}: it is ${length(Math.abs(ease))} too ${ease > 0 ? "long" : "short"}.`,
      reason: phrase`A collar is sewn to its neckline without ease.`,
      numbers: { bodyLength, partLength },
      remedies: [solved(USUAL_EASE_MM)],
    },
  ];
}

/** Leaning by so much that the upper edge has this ease is always possible where a band is at all. */
function solved(ease: number): Remedy {
  return {
    id: "develop-collar",
    label: phrase`Let it lean so that its upper edge has ${length(ease)} of ease`,
    change: { collar: { school: "developed", ease } },
  };
}

function judgeUpperEdge({ neck, school }: StandTask, upperGirth: number): readonly Finding[] {
  const ease = upperGirth - neck;
  if (ease < LEAST_EASE_MM - 0.5) {
    return [
      {
        code: "stand-strangles",
        severity: "warning",
        station: "collar",
        message: phrase`The upper edge is ${length(upperGirth)} round and the neck ${length(neck)}: ${ease < 0 ? phrase`${length(-ease)} too short to close` : phrase`${length(ease)} of ease, where ${length(LEAST_EASE_MM)} is the least`}.`,
        reason: phrase`It strangles, and chafes under the chin.`,
        numbers: { upperGirth, neck, ease },
        remedies: [solved(USUAL_EASE_MM)],
      },
    ];
  }
  if (ease > MOST_EASE_MM + GAPES_BEYOND_MM) {
    return [
      {
        code: "stand-gapes",
        severity: school === "developed" ? "note" : "warning",
        station: "collar",
        message: phrase`The upper edge is ${length(upperGirth)} round, ${length(ease)} more than the neck; up to ${length(MOST_EASE_MM)} is usual.`,
        reason: phrase`It stands off the neck all round.`,
        numbers: { upperGirth, neck, ease },
        remedies: [solved(USUAL_EASE_MM)],
      },
    ];
  }
  return [];
}

/** A school that has no band for this neckline, or one whose upper edge closes to nothing. */
export function judgeNoStand(task: StandTask): Finding {
  const { height, school } = task;
  const lower = Math.min(height, LOW_MM);
  return {
    code: "no-stand-fits",
    severity: "fault",
    station: "collar",
    message: phrase`No ${school === "developed" ? "leaning " : ""}stand ${length(height)} high can be drawn for this neckline${school === "bowed" ? phrase` with a bow of ${length(task.bow)}` : school === "front-rise" ? phrase` with a rise of ${length(task.rise)}` : ""}.`,
    reason: phrase`Its upper edge would close to nothing, or its end come back over itself.`,
    numbers: { height },
    remedies: [
      {
        id: "low-straight-stand",
        label: phrase`Draw a straight band ${length(lower)} high`,
        change: { collar: { school: "straight", height: lower } },
      },
    ],
  };
}

/** As low as any stand is. */
const LOW_MM = 25.4;
