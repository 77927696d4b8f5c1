import { length, lettered, phrase, point, type StepRecord } from "../../draft";
import { distance, endOf, line, pathLength } from "../../geometry";
import type { Drawn } from "./lettering";
import { guide } from "./lettering";
import { hemOf, turnUpEdge } from "./outline";

/** The sleeve below its cap, in one piece. */
export function onePieceSteps(drawn: Drawn): readonly StepRecord[] {
  return [...elbowStep(drawn), wristStep(drawn), underarmStep(drawn), ...elbowDartStep(drawn), ...turnUpStep(drawn)];
}

function elbowStep({ task, outline }: Drawn): StepRecord[] {
  if (!outline.elbow) return [];
  const { front, back } = outline.elbow;
  return [
    {
      text: phrase`From ${point("A")} down ${length(task.lengths.elbowLevel)}, mark ${point("M")} and square across for the elbow line: ${length(task.lengths.elbowWidth / 2)} to each side, ${point("N")} at the front and ${point("P")} at the back.`,
      points: [
        lettered("M", "centre of the elbow line", { x: 0, y: front.y }),
        lettered("N", "front elbow", front),
        lettered("P", "back elbow", back),
      ],
      lines: [guide("elbowLine", back, front)],
    },
  ];
}

/** With an elbow dart the sleeve is first drawn as it is without: the dart is opened in the drawing. */
function wristStep({ outline, figures }: Drawn): StepRecord {
  const half = figures.hemWidth.value / 2;
  const { frontHem, backHem } = outline.elbowDart?.before ?? outline;
  const isSewn = !outline.turnUp && !outline.elbowDart;
  return {
    text: phrase`At the foot of the centre line mark ${point("Q")}, square across for the hem: ${length(half)} to each side, ${point("R")} at the front and ${point("S")} at the back.`,
    points: [
      lettered("Q", "centre of the hem", { x: 0, y: frontHem.y }),
      lettered("R", "front hem", frontHem),
      lettered("S", "back hem", backHem),
    ],
    lines: [
      { id: outline.elbowDart ? "straightHem" : "hem", path: line(frontHem, backHem), kind: isSewn ? "seam" : "guide" },
    ],
    figures: [figures.finishedLength, figures.hemWidth],
  };
}

function underarmStep({ outline }: Drawn): StepRecord {
  const by = (letter: string) => (outline.elbow ? phrase`, ${point(letter)}` : []);
  const { before } = outline.elbowDart ?? {};
  return {
    text: phrase`Join ${point("C")}${by("N")} and ${point("R")}, and ${point("D")}${by("P")} and ${point("S")}, each with one smooth line: the underarm seams.`,
    lines: before
      ? [
          { id: "straightFront", path: before.underarmFront, kind: "guide" },
          { id: "straightBack", path: before.underarmBack, kind: "guide" },
        ]
      : [
          { id: "underarmFront", path: outline.underarmFront, kind: "seam" },
          { id: "underarmBack", path: outline.underarmBack, kind: "seam" },
        ],
    tapeCheck: phrase`Front and back underarm seams are one length.`,
  };
}

function elbowDartStep({ task, outline }: Drawn): StepRecord[] {
  const { elbowDart } = outline;
  if (!elbowDart) return [];
  const { upper, lower, apex, tip, below } = elbowDart;
  return [
    {
      text: phrase`For the elbow dart, cut the paper along the elbow line from ${point("P")} to just short of ${point("N")}, and swing the lower sleeve to the front until ${point("P")} has opened by ${length(task.lengths.elbowDart)}: ${point("P′")} is the edge below, ${point("R′")} and ${point("S′")} the ends of the hem. Lay paper behind.`,
      points: [
        lettered("P′", "back elbow, below the dart", lower),
        lettered("R′", "front hem, swung", outline.frontHem),
        lettered("S′", "back hem, swung", outline.backHem),
      ],
      lines: [
        { id: "underarmBackBelow", path: below, kind: "seam" },
        { id: "hem", path: hemOf(outline), kind: outline.turnUp ? "guide" : "seam" },
      ],
    },
    {
      text: phrase`Half way across the opening and ${length(distance(upper, apex))} from both its edges mark ${point("Y")}, the point of the dart, and rule its legs to ${point("P")} and ${point("P′")}. Fold it down to find its tip on the seam. Smooth the front seam where it bends at ${point("N")}.`,
      points: [lettered("Y", "point of the elbow dart", apex)],
      lines: [
        { id: "underarmFront", path: outline.underarmFront, kind: "seam" },
        { id: "underarmBack", path: outline.underarmBack, kind: "seam" },
        { id: "elbowDart", path: [...line(upper, apex), ...line(apex, lower)], kind: "seam" },
        { id: "elbowDartTip", path: [...line(upper, tip), ...line(tip, lower)], kind: "seam" },
      ],
      tapeCheck: phrase`${point("D")} to ${point("P")} and ${point("P′")} to ${point("S′")} are together as long as ${point("C")} to ${point("R′")}, ${length(pathLength(outline.underarmFront))}.`,
    },
  ];
}

function turnUpStep({ task, outline }: Drawn): StepRecord[] {
  const { turnUp } = outline;
  if (!turnUp) return [];
  const [front, back] = outline.elbowDart ? (["R′", "S′"] as const) : (["R", "S"] as const);
  const edge = distance(endOf(turnUp.front), endOf(turnUp.back));
  return [
    {
      text: phrase`For the turn-up, rule a line ${length(task.lengths.turnUp)} below the hem. Fold the paper up along ${point(front)} to ${point(back)}, trace the underarm seams through, unfold, and mark ${point("W")} and ${point("X")} where they meet the line.`,
      points: [
        lettered("W", "front end of the turn-up", endOf(turnUp.front)),
        lettered("X", "back end of the turn-up", endOf(turnUp.back)),
      ],
      lines: [
        { id: "turnUpFront", path: turnUp.front, kind: "seam" },
        { id: "turnUp", path: turnUpEdge(turnUp), kind: "seam" },
        { id: "turnUpBack", path: turnUp.back, kind: "seam" },
      ],
      tapeCheck: phrase`${point("W")} to ${point("X")} measures ${length(edge)}, what the sleeve is wide that far above its hem.`,
    },
  ];
}
