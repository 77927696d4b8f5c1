import {
  type DraftLine,
  type Figure,
  type LetteredPoint,
  length,
  type Phrase,
  phrase,
  point,
  type StepRecord,
} from "../../draft";
import { along, type Cubic, distance, endOf, line, type Point, reversePath } from "../../geometry";
import type { CapFrame } from "./cap-frame";
import type { SleeveFigures } from "./figures";
import { type GuidePoint, guidePoints } from "./guide-points";
import type { SeamNotch } from "./notches";
import { hemOf, type SleeveOutline, turnUpEdge } from "./outline";
import type { SetInTask } from "./task";

type Drawn = {
  readonly task: SetInTask;
  readonly frame: CapFrame;
  readonly outline: SleeveOutline;
  readonly notches: readonly SeamNotch[];
  readonly capLength: { readonly front: number; readonly back: number };
  readonly figures: SleeveFigures;
};

/** A crown nearer to the centre line than a pencil line is thick needs no letter of its own. */
const PENCIL_LINE_MM = 0.4;

/** The acts at the drawing table, in order, from the first line to the notches. */
export function sleeveSteps(drawn: Drawn): readonly StepRecord[] {
  const { outline, figures } = drawn;
  return [
    ...frameSteps(drawn),
    slantStep(drawn),
    capCurveStep("front", outline.capFront, ["F", "G", "H"], drawn, figures.capFront),
    capCurveStep("back", outline.capBack, ["J", "K", "L"], drawn, figures.capBack),
    matchStep(drawn),
    ...elbowStep(drawn),
    wristStep(drawn),
    underarmStep(drawn),
    ...turnUpStep(drawn),
    frontNotchStep(drawn),
    backNotchStep(drawn),
    shoulderNotchStep(drawn),
  ];
}

function frameSteps({ task, frame, outline }: Drawn): StepRecord[] {
  const { length: sleeveLength } = task.lengths;
  const width = frame.frontWidth + frame.backWidth;
  const top = lettered("A", "top of the centre line", { x: 0, y: 0 });
  const capCentre = lettered("B", "centre of the cap line", { x: 0, y: frame.height });
  const front = lettered("C", "front end of the cap line", outline.frontEnd);
  const back = lettered("D", "back end of the cap line", outline.backEnd);
  const offset = outline.crown.x;
  const steps: StepRecord[] = [
    {
      text: phrase`Rule the centre line, ${length(sleeveLength)} long and parallel to the grain; its top is ${point("A")}.`,
      points: [top],
      lines: [guide("centre", { x: 0, y: 0 }, { x: 0, y: sleeveLength })],
    },
    {
      text: phrase`${frame.opening.text} From ${point("A")} down ${length(frame.height)}, mark ${point("B")}, and square across for the cap line.`,
      points: [capCentre],
      figures: frame.figures.slice(0, 1),
    },
    {
      text: phrase`From ${point("B")} go ${length(width / 2)} to the front, mark ${point("C")}, and ${length(width / 2)} to the back, mark ${point("D")}.`,
      points: [front, back],
      lines: [guide("capLine", outline.backEnd, outline.frontEnd)],
      figures: frame.figures.slice(1),
      tapeCheck: phrase`${point("C")} to ${point("D")} measures ${length(width)}.`,
    },
  ];
  if (isOffCentre(outline)) {
    steps.push({
      text: phrase`From ${point("A")} go ${length(Math.abs(offset))} to the ${offset > 0 ? "front" : "back"}, level, and mark ${point("E")}: the crown.`,
      points: [lettered("E", "crown", outline.crown)],
    });
  }
  return steps;
}

function slantStep({ outline, figures }: Drawn): StepRecord {
  const crown = point(crownLetter(outline));
  return {
    text: phrase`Rule the two slants, ${crown} to ${point("C")} and ${crown} to ${point("D")}, lightly: they only carry the guide points.`,
    lines: [guide("slantFront", outline.crown, outline.frontEnd), guide("slantBack", outline.crown, outline.backEnd)],
    figures: [figures.slantFront, figures.slantBack],
    tapeCheck: phrase`The front slant measures ${length(figures.slantFront.value)}, the back slant ${length(figures.slantBack.value)}.`,
  };
}

function capCurveStep(
  side: "front" | "back",
  cap: Cubic,
  letters: readonly string[],
  { outline }: Drawn,
  figure: Figure,
): StepRecord {
  const guides = guidePoints(cap);
  const end = side === "front" ? "C" : "D";
  const [upper, middle, lower] = guides.map((g, i) => phrase`${point(letters[i] ?? "")} ${besideSlant(g)}`);
  return {
    text: phrase`Quarter the ${side} slant, and square to it mark ${upper ?? []}, ${middle ?? []} and ${lower ?? []}. Draw the ${side} cap through them from ${point(crownLetter(outline))} to ${point(end)}, level at both ends.`,
    points: guides.map((g, i) => lettered(letters[i] ?? "", `${side} guide point`, g.at)),
    lines: [{ id: side === "front" ? "capFront" : "capBack", path: [cap], kind: "seam" }],
    figures: [figure],
    tapeCheck: phrase`The ${side} cap seam measures ${length(figure.value)}, tape on its edge.`,
  };
}

function besideSlant({ outside }: GuidePoint): Phrase {
  if (Math.abs(outside) < PENCIL_LINE_MM) return phrase`on it`;
  return phrase`${length(Math.abs(outside))} ${outside > 0 ? "outside" : "inside"}`;
}

function matchStep({ task, figures }: Drawn): StepRecord {
  const armhole = task.cap.armhole.front + task.cap.armhole.back;
  const ease = figures.capEase.value;
  return {
    text: phrase`The whole cap is ${length(Math.abs(ease))} ${ease < 0 ? "shorter" : "longer"} than the armhole, ${length(armhole)}: that is its ease.`,
    figures: [figures.capEase, figures.surplus],
  };
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

function wristStep({ outline, figures }: Drawn): StepRecord {
  const half = figures.hemWidth.value / 2;
  return {
    text: phrase`At the foot of the centre line mark ${point("Q")}, square across for the hem: ${length(half)} to each side, ${point("R")} at the front and ${point("S")} at the back.`,
    points: [
      lettered("Q", "centre of the hem", { x: 0, y: outline.frontHem.y }),
      lettered("R", "front hem", outline.frontHem),
      lettered("S", "back hem", outline.backHem),
    ],
    lines: [{ id: "hem", path: hemOf(outline), kind: outline.turnUp ? "guide" : "seam" }],
    figures: [figures.finishedLength, figures.hemWidth],
  };
}

function underarmStep({ outline }: Drawn): StepRecord {
  const by = (letter: string) => (outline.elbow ? phrase`, ${point(letter)}` : []);
  return {
    text: phrase`Join ${point("C")}${by("N")} and ${point("R")}, and ${point("D")}${by("P")} and ${point("S")}, each with one smooth line: the underarm seams.`,
    lines: [
      { id: "underarmFront", path: outline.underarmFront, kind: "seam" },
      { id: "underarmBack", path: outline.underarmBack, kind: "seam" },
    ],
    tapeCheck: phrase`Front and back underarm seams are one length.`,
  };
}

function turnUpStep({ task, outline }: Drawn): StepRecord[] {
  const { turnUp } = outline;
  if (!turnUp) return [];
  return [
    {
      text: phrase`For the turn-up, rule a line ${length(task.lengths.turnUp)} below the hem. Fold the paper up along ${point("R")} to ${point("S")}, trace the underarm seams through, unfold, and mark ${point("W")} and ${point("X")} where they meet the line.`,
      points: [
        lettered("W", "front end of the turn-up", endOf(turnUp.front)),
        lettered("X", "back end of the turn-up", endOf(turnUp.back)),
      ],
      lines: [
        { id: "turnUpFront", path: turnUp.front, kind: "seam" },
        { id: "turnUp", path: turnUpEdge(turnUp), kind: "seam" },
        { id: "turnUpBack", path: turnUp.back, kind: "seam" },
      ],
      tapeCheck: phrase`${point("W")} to ${point("X")} measures ${length(endOf(turnUp.front).x - endOf(turnUp.back).x)}, what the sleeve is wide that far above its hem.`,
    },
  ];
}

function frontNotchStep(drawn: Drawn): StepRecord {
  const { task } = drawn;
  const at = notchAt(drawn, "front");
  return {
    text: phrase`Up the front cap from ${point("C")}, ${length(at)} along the curve, mark ${point("T")}: the front notch. Mark the front armhole ${length(task.notches.front)} from its underarm.`,
    points: [lettered("T", "front notch", onCap(drawn.outline.capFront, at))],
  };
}

function backNotchStep(drawn: Drawn): StepRecord {
  const lower = notchAt(drawn, "back");
  const upper = notchAt(drawn, "backSecond");
  return {
    text: phrase`Up the back cap from ${point("D")}, mark ${point("U")} at ${length(lower)} and ${point("V")} at ${length(upper)}: the double back notch. Mark the back armhole ${length(drawn.task.notches.back)} and ${length(drawn.task.notches.back + upper - lower)} from its underarm.`,
    points: [
      lettered("U", "back notch, lower", onCap(drawn.outline.capBack, lower)),
      lettered("V", "back notch, upper", onCap(drawn.outline.capBack, upper)),
    ],
  };
}

function shoulderNotchStep({ outline, capLength }: Drawn): StepRecord {
  return {
    text: phrase`Notch the cap at ${point(crownLetter(outline))}, ${length(capLength.front)} up from ${point("C")}: it meets the shoulder seam. Cut the sleeve twice, as a mirrored pair.`,
  };
}

function notchAt({ notches }: Drawn, id: SeamNotch["id"]): number {
  const notch = notches.find((n) => n.id === id);
  if (!notch) throw new Error(`notchAt: the sleeve has no notch "${id}"`);
  return notch.partAt;
}

/** The place on a half cap at a distance from the underarm; the cap itself runs down from the crown. */
function onCap(cap: Cubic, fromUnderarm: number): Point {
  return along(reversePath([cap]), fromUnderarm).point;
}

function isOffCentre(outline: SleeveOutline): boolean {
  return distance(outline.crown, { x: 0, y: 0 }) > PENCIL_LINE_MM;
}

function crownLetter(outline: SleeveOutline): string {
  return isOffCentre(outline) ? "E" : "A";
}

function lettered(letter: string, name: string, at: Point): LetteredPoint {
  return { letter, name, at };
}

function guide(id: string, from: Point, to: Point): DraftLine {
  return { id, path: line(from, to), kind: "guide" };
}
