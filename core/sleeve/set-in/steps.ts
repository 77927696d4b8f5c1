import { type Figure, length, lettered, type Phrase, phrase, point, type StepRecord, toSide } from "../../draft";
import type { Cubic } from "../../geometry";
import { type GuidePoint, guidePoints } from "../cap/rule-frame";
import type { Drawn } from "./lettering";
import { crownLetter, guide, isOffCentre } from "./lettering";
import { notchSteps } from "./notch-steps";
import { onePieceSteps } from "./one-piece-steps";
import { twoPieceSteps } from "./two-piece-steps";

/** The acts at the drawing table, in order, from the first line to the notches. */
export function sleeveSteps(drawn: Drawn): {
  readonly acts: readonly StepRecord[];
  readonly notchActs: readonly StepRecord[];
} {
  const { outline, figures, twoPiece } = drawn;
  const cap = [
    ...frameSteps(drawn),
    slantStep(drawn),
    capCurveStep("front", outline.capFront, ["F", "G", "H"], drawn, figures.capFront),
    capCurveStep("back", outline.capBack, ["J", "K", "L"], drawn, figures.capBack),
    matchStep(drawn),
  ];
  const notchActs = notchSteps(drawn);
  // The notches of a two-piece sleeve go along when its cap is cut apart.
  const acts = twoPiece
    ? [...cap, ...notchActs, ...twoPieceSteps(drawn, twoPiece)]
    : [...cap, ...onePieceSteps(drawn), ...notchActs];
  return { acts, notchActs };
}

export const CUT_TWO_STEP: StepRecord = {
  text: phrase`Trace top and under sleeve off, each with its grain parallel to the centre line, and cut each twice, as mirrored pairs.`,
};

export const CUT_STEP: StepRecord = { text: phrase`Cut the sleeve twice, as a mirrored pair.` };

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
  return toSide(outside, {
    more: (by) => phrase`${by} outside`,
    less: (by) => phrase`${by} inside`,
    none: phrase`on the slant`,
  });
}

function matchStep({ task, figures }: Drawn): StepRecord {
  const armhole = task.cap.armhole.front + task.cap.armhole.back;
  const ease = figures.capEase.value;
  return {
    text: toSide(ease, {
      more: (by) => phrase`The whole cap is ${by} longer than the armhole, ${length(armhole)}: that is its ease.`,
      less: (by) => phrase`The whole cap is ${by} shorter than the armhole, ${length(armhole)}: that is its ease.`,
      none: phrase`The whole cap is as long as the armhole, ${length(armhole)}: nothing is eased in.`,
    }),
    figures: [figures.capEase, figures.surplus],
  };
}
