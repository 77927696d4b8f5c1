import { type DraftLine, type Figure, length, phrase, point, type StepRecord } from "../../draft";
import { along, line, pathLength, reversePath } from "../../geometry";
import type { StyleBase } from "../style";
import { type Slashed, type Slashing, uprightTop } from "./slash";

/** The slash lines, ruled on the plain sleeve. */
export function slashStep(slashing: Slashing, strips: number): StepRecord {
  const { from, to, hem } = slashing;
  const lines = Array.from({ length: strips + 1 }, (_, i): DraftLine => {
    const x = from + ((to - from) * i) / strips;
    return { id: `slash.${i + 1}`, path: line({ x, y: uprightTop(slashing, x) }, { x, y: hem }), kind: "guide" };
  });
  return {
    text: phrase`From the notches ${point("T")} and ${point("U")} inwards rule ${`${strips + 1}`} lines parallel to the grain, ${length((to - from) / strips)} apart, from the cap to the hem, and number the ${`${strips}`} strips between them.`,
    lines,
  };
}

/** The strips laid out. */
export function spreadStep(
  slashed: Slashed,
  notches: StyleBase["sleeve"]["notches"],
  opened: { readonly crown: number; readonly hem: number },
): StepRecord {
  const gaps = slashed.strips.length;
  const at = (id: "front" | "back", cap: Slashed["capFront"]) => {
    const notch = notches.find((one) => one.id === id);
    return along(reversePath(cap), notch?.partAt ?? 0).point;
  };
  return {
    text: phrase`Cut along the lines, away from the hand that holds, and lay the strips on fresh paper in their order: each slash open by ${length(opened.crown / gaps)} at the crown and ${length(opened.hem / gaps)} at the hem, the middle one upright on the grain. Paste them down; ${point("T")} and ${point("U")} come to lie at ${point("T′")} and ${point("U′")}.`,
    points: [
      { letter: "T′", name: "front notch, spread", at: at("front", slashed.capFront) },
      { letter: "U′", name: "back notch, spread", at: at("back", slashed.capBack) },
    ],
    lines: slashed.strips.map((path, i): DraftLine => ({ id: `strip.${i + 1}`, path, kind: "strip" })),
  };
}

/** A cap on which the strips hinge: it keeps its length. */
export function keptCapStep(slashed: Slashed): StepRecord {
  return {
    text: phrase`The strips hang together at the cap, which keeps its length: draw it again in one fair line, from ${point("T′")} over the crown to ${point("U′")}.`,
    lines: [
      { id: "capFront", path: slashed.capFront, kind: "seam" },
      { id: "capBack", path: slashed.capBack, kind: "seam" },
    ],
    tapeCheck: phrase`The cap measures ${length(pathLength(slashed.capFront))} in front and ${length(pathLength(slashed.capBack))} behind, as before.`,
  };
}

/** The hem and the underarm seams of the spread sleeve. */
export function edgeSteps({ sleeve, turnUp }: StyleBase, slashed: Slashed): readonly StepRecord[] {
  const { outline } = sleeve;
  const front = slashed.placeFront(outline.underarmFront);
  return [
    {
      text: phrase`Draw round the outer edges: the underarm seams as they lie, and the hem in one fair line across the strips.`,
      lines: [
        { id: "underarmFront", path: front, kind: "seam" },
        { id: "underarmBack", path: slashed.placeBack(outline.underarmBack), kind: "seam" },
        { id: "hem", path: slashed.hem, kind: turnUp > 0 ? "guide" : "seam" },
      ],
      tapeCheck: phrase`Front and back underarm seams are still ${length(pathLength(front))}.`,
    },
    ...(turnUp > 0
      ? [
          {
            text: phrase`Below the hem add ${length(turnUp)}, as wide as the hem is.`,
            lines: [{ id: "turnUp", path: slashed.hemBelow(turnUp), kind: "seam" as const }],
          },
        ]
      : []),
  ];
}

/** What is gathered at the crown, onto what. */
export function gatherStep(zone: {
  readonly cap: number;
  readonly sewnTo: number;
  readonly ratio: number;
}): StepRecord {
  const figure: Figure = {
    id: "sleeve.gatherRatio.crown",
    label: "Gathers at the crown",
    value: zone.ratio,
    kind: "ratio",
    formula: phrase`cap between the notches ${length(zone.cap)} ÷ armhole there ${length(zone.sewnTo)}`,
    rule: "Measured on the draft",
    source: "geometry",
  };
  return {
    text: phrase`Gather the cap between ${point("T′")} and ${point("U′")}, ${length(zone.cap)}, onto ${length(zone.sewnTo)} of armhole: ${zone.ratio.toFixed(2)} to 1. Below the notches it is sewn as it is.`,
    figures: [figure],
  };
}
