import { type DraftLine, length, lettered, phrase, point, type StepRecord } from "../../draft";
import { endOf, type Path, pathLength, reversePath, startOf } from "../../geometry";
import type { Drawn } from "./lettering";
import { guide } from "./lettering";
import { turnUpEdge } from "./outline";
import { hemOfPart, type SleevePart, type TwoPiece } from "./two-piece";

/** The fitted sleeve cut into a top and an under sleeve. */
export function twoPieceSteps(drawn: Drawn, parts: TwoPiece): readonly StepRecord[] {
  return [
    foldStep(drawn, parts),
    ...elbowStep(drawn, parts),
    hemStep(drawn, parts),
    seamLineStep(parts),
    topStep(drawn, parts),
    underStep(drawn, parts),
    ...turnUpStep(drawn, parts),
  ];
}

function foldStep({ outline }: Drawn, { quarter }: TwoPiece): StepRecord {
  const y = outline.frontEnd.y;
  return {
    text: phrase`Quarter the cap line: from ${point("B")} go ${length(quarter)} to the front, mark ${point("M")}, and ${length(quarter)} to the back, mark ${point("N")}. There the sleeve folds; rule both lines up to the cap.`,
    points: [
      lettered("M", "front fold on the cap line", { x: quarter, y }),
      lettered("N", "back fold on the cap line", { x: -quarter, y }),
    ],
    lines: [
      guide("frontQuarter", { x: quarter, y: 0 }, { x: quarter, y }),
      guide("backQuarter", { x: -quarter, y: 0 }, { x: -quarter, y }),
    ],
  };
}

function elbowStep({ task, outline }: Drawn, { elbow, quarter }: TwoPiece): StepRecord[] {
  if (!elbow) return [];
  const { elbowLevel, elbowWidth } = task.lengths;
  const below = elbowLevel - outline.frontEnd.y;
  const hollow = quarter - elbow.front.x;
  const aside = hollow === 0 ? [] : phrase` and ${length(Math.abs(hollow))} to the ${hollow > 0 ? "back" : "front"}`;
  return [
    {
      text: phrase`From ${point("M")} down ${length(below)}${aside}, mark ${point("P")}, the front of the elbow; from there square across ${length(elbowWidth / 2)} to the back, mark ${point("Q")}.`,
      points: [
        lettered("P", "front fold at the elbow", elbow.front),
        lettered("Q", "back fold at the elbow", elbow.back),
      ],
      lines: [guide("elbowLine", elbow.back, elbow.front)],
    },
  ];
}

function hemStep({ outline, figures }: Drawn, { frontFold, backFold }: TwoPiece): StepRecord {
  const front = endOf(frontFold);
  const back = endOf(backFold);
  return {
    text: phrase`From ${point("M")} down ${length(front.y - outline.frontEnd.y)}, mark ${point("R")}, the front of the hem; square across ${length(front.x - back.x)} to the back, mark ${point("S")}.`,
    points: [lettered("R", "front fold at the hem", front), lettered("S", "back fold at the hem", back)],
    lines: [guide("foldedHem", back, front)],
    figures: [figures.finishedLength, figures.hemWidth],
  };
}

function seamLineStep({ frontFold, backFold, elbow }: TwoPiece): StepRecord {
  const by = (letter: string) => (elbow ? phrase`, ${point(letter)}` : []);
  return {
    text: phrase`Join ${point("M")}${by("P")} and ${point("R")}, and ${point("N")}${by("Q")} and ${point("S")}, each with one smooth line that leaves the cap straight down: the folds.`,
    lines: [
      { id: "frontFold", path: frontFold, kind: "guide" },
      { id: "backFold", path: backFold, kind: "guide" },
    ],
  };
}

function topStep({ figures }: Drawn, { top, choices }: TwoPiece): StepRecord {
  return {
    text: phrase`The top sleeve reaches ${length(choices.frontUnder)} beyond the front fold and ${length(choices.backUnder)} beyond the back one: draw both folds again so far out, level, up to the cap. Its cap is what lies between them, from ${point("W")} over the crown to ${point("X")}.`,
    points: [
      lettered("W", "top of the front seam", startOf(top.frontSeam)),
      lettered("X", "top of the back seam", startOf(top.backSeam)),
    ],
    lines: partLines("top", top, "seam"),
    figures: [figures.frontSeam, figures.backSeam].filter((figure) => figure !== null),
    tapeCheck: phrase`The front seam measures ${length(pathLength(top.frontSeam))}, the back seam ${length(pathLength(top.backSeam))}.`,
  };
}

function underStep({ capLength }: Drawn, { under, capAt, choices }: TwoPiece): StepRecord {
  return {
    text: phrase`The under sleeve stays ${length(choices.frontUnder)} inside the front fold and ${length(choices.backUnder)} inside the back one. Fold the paper along both quarter lines and trace the rest of the cap through, ${point("W")} to ${point("C")} and ${point("X")} to ${point("D")}, with its notches: ${point("C")} and ${point("D")} meet at the underarm, ${point("B")}.`,
    lines: partLines("under", under, "beneath"),
    tapeCheck: phrase`Its cap measures ${length(capAt.front + capAt.back)}; with the top sleeve’s that is the whole cap, ${length(capLength.front + capLength.back)}.`,
  };
}

function turnUpStep({ task }: Drawn, { top, under }: TwoPiece): StepRecord[] {
  if (!top.turnUp || !under.turnUp) return [];
  return [
    {
      text: phrase`For the turn-up, rule a line ${length(task.lengths.turnUp)} below the hem of each. Fold the paper up along the hem, trace the seams through and unfold.`,
      lines: [...turnUpLines("top", top, "seam"), ...turnUpLines("under", under, "beneath")],
    },
  ];
}

function partLines(id: string, part: SleevePart, kind: DraftLine["kind"]): DraftLine[] {
  return [
    { id: `${id}.cap`, path: part.cap, kind },
    { id: `${id}.frontSeam`, path: part.frontSeam, kind },
    { id: `${id}.hem`, path: hemOfPart(part), kind: part.turnUp ? "guide" : kind },
    { id: `${id}.backSeam`, path: part.backSeam, kind },
  ];
}

function turnUpLines(id: string, { turnUp }: SleevePart, kind: DraftLine["kind"]): DraftLine[] {
  if (!turnUp) return [];
  const path: Path = [...turnUp.front, ...turnUpEdge(turnUp), ...reversePath(turnUp.back)];
  return [{ id: `${id}.turnUp`, path, kind }];
}
