import { type CollarChoiceOf, type Lapel, LEAST_CLEARANCE_MM } from "../collar";
import { length, type Phrase, phrase } from "../draft";
import type { Finding } from "./finding";
import { collarFinding, remedy } from "./finding";

/** How a lapel lies when it is turned back, how it meets the collar, and where it breaks. */
export function judgeLapel(lapel: Lapel): readonly Finding[] {
  return [...judgeClearance(lapel), ...judgeNotch(lapel), ...judgeBreak(lapel)];
}

const NARROWER: Readonly<Record<Lapel["field"], (most: number) => Phrase>> = {
  lapelOut: (most) => phrase`Let the lapel reach ${length(most)} beyond the button stand`,
  lapelWidth: (most) => phrase`Make the lapel ${length(most)} wide`,
  fall: (most) => phrase`Make the fall ${length(most)}`,
};

function judgeClearance({ clearance, field, widest }: Lapel): readonly Finding[] {
  if (clearance >= LEAST_CLEARANCE_MM - 0.05) return [];
  return [
    collarFinding({
      code: "lapel-near-armhole",
      severity: "warning",
      message: phrase`Turned back, the lapel ${clearance < 0 ? phrase`reaches ${length(-clearance)} beyond the armhole` : phrase`comes within ${length(clearance)} of the armhole`}; ${length(LEAST_CLEARANCE_MM)} is the least.`,
      reason: phrase`It is caught by the sleeve and lifts when the arm moves.`,
      numbers: { clearance },
      remedies: widest === null ? [] : [remedy("narrower-lapel", NARROWER[field](widest), { [field]: widest })],
    }),
  ];
}

function judgeNotch({ notch }: Lapel): readonly Finding[] {
  if (!notch || notch.collar <= notch.lapel + 0.01) return [];
  return [
    collarFinding({
      code: "collar-edge-longer",
      severity: "warning",
      message: phrase`At the notch the collar’s edge is ${length(notch.collar)} and the lapel’s ${length(notch.lapel)}: the collar’s is the longer.`,
      reason: phrase`A collar that reaches beyond its lapel looks borrowed from another coat.`,
      numbers: { collar: notch.collar, lapel: notch.lapel },
      remedies: [
        remedy("shorter-collar-edge", phrase`Make the collar’s edge ${length(notch.lapel)}`, {
          notchCollar: notch.lapel,
        }),
      ],
    }),
  ];
}

function judgeBreak({ breakY, chest, waist }: Lapel): readonly Finding[] {
  const at = (id: string, label: Phrase, breakAt: CollarChoiceOf<"breakAt">) =>
    remedy(id, label, { breakAt, breakDepth: undefined });
  if (breakY > waist + TAPE_MM) {
    return [
      collarFinding({
        code: "break-below-waist",
        severity: "warning",
        message: phrase`The break point lies ${length(breakY - waist)} below the waist.`,
        reason: phrase`The first button sits there: the front gapes above it.`,
        numbers: { below: breakY - waist },
        remedies: [at("break-at-waist", phrase`Let it break at the waist`, "waist")],
      }),
    ];
  }
  if (breakY >= chest - TAPE_MM) return [];
  return [
    collarFinding({
      code: "break-above-chest",
      severity: "note",
      message: phrase`The break point lies ${length(chest - breakY)} above the chest line.`,
      reason: phrase`Little is left of the lapel, and it turns back unwillingly over the bust.`,
      numbers: { above: chest - breakY },
      remedies: [at("break-at-chest", phrase`Let it break at the chest line`, "chest")],
    }),
  ];
}

/** Less is within what a tape reads. */
const TAPE_MM = 3;
