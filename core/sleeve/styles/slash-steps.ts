import { type DraftLine, type Figure, length, phrase, point, type StepRecord, toSide } from "../../draft";
import { along, type Cubic, endOf, line, type Path, pathLength, reversePath, startOf } from "../../geometry";
import { edge, hemEdges, KIND, MIRRORED_PAIR, notchOn, type Piece, uprightGrain } from "../../pattern";
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
    text: phrase`Cut along the lines, away from the hand that holds, and lay the strips on fresh paper in their order: each slash ${toSide(
      opened.crown,
      {
        more: () =>
          phrase`open by ${length(opened.crown / gaps)} at the crown and ${length(opened.hem / gaps)} at the hem`,
        less: () => phrase`open by ${length(opened.hem / gaps)} at the hem`,
        none: phrase`closed at the crown and open by ${length(opened.hem / gaps)} at the hem`,
      },
    )}, the middle one upright on the grain. Paste them down; ${point("T")} and ${point("U")} come to lie at ${point("T′")} and ${point("U′")}.`,
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

/** Slashes keep this share inside the hem's ends: the outermost one must not run into a tapered underarm seam. */
const INSIDE_HEM = 0.9;

/** The plain sleeve made ready for slashing between its notches, as far as a tapered hem lets the slashes run down. */
export function betweenNotches({ sleeve }: StyleBase): Omit<Slashing, "atCrown" | "atHem" | "middle"> {
  const { outline } = sleeve;
  const inside = outline.frontHem.x * INSIDE_HEM;
  return {
    capBack: outline.capBack,
    capFront: outline.capFront,
    hem: outline.frontHem.y,
    hemHalf: outline.frontHem.x,
    from: Math.max(-inside, notchX(sleeve.notches, "back", outline.capBack)),
    to: Math.min(inside, notchX(sleeve.notches, "front", outline.capFront)),
  };
}

function notchX(notches: StyleBase["sleeve"]["notches"], id: "front" | "back", cap: Cubic): number {
  const notch = notches.find((one) => one.id === id);
  if (!notch) throw new Error(`notchX: the sleeve has no notch "${id}"`);
  return along(reversePath([cap]), notch.partAt).point.x;
}

/** The gathered zone: the cap between its notches, and the armhole that it is sewn to. */
export function crownZone({ task, sleeve }: StyleBase, caps: { readonly front: Path; readonly back: Path }) {
  const partAt = (id: "front" | "back") => sleeve.notches.find((notch) => notch.id === id)?.partAt ?? 0;
  const cap = pathLength(caps.front) - partAt("front") + pathLength(caps.back) - partAt("back");
  const { armhole } = task.cap;
  const sewnTo = armhole.front - task.notches.front + armhole.back - task.notches.back;
  return { cap, sewnTo, ratio: cap / sewnTo };
}

/**
 * A slashed and spread sleeve as a pattern piece. Its grain is the upright at the centre line, which the spread leaves alone. What is
 * turned up hangs on below the hem, as wide as the hem is.
 */
export function slashedPiece(id: string, name: string, slashed: Slashed, { sleeve, turnUp }: StyleBase): Piece {
  const { outline } = sleeve;
  const edges = [
    edge("capBack", "cap", "Back cap", reversePath(slashed.capBack)),
    edge("capFront", "cap", "Front cap", slashed.capFront),
    edge("underarmFront", "underarm", "Front underarm", slashed.placeFront(outline.underarmFront)),
    ...hemEdges(slashed.hem, turnUp > 0 ? turnedUp(slashed, turnUp) : null),
    edge("underarmBack", "underarm", "Back underarm", reversePath(slashed.placeBack(outline.underarmBack))),
  ];
  return {
    id,
    kind: KIND.sleeve,
    name,
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: turnUp > 0 ? [slashed.hem] : [],
    darts: [],
    grain: uprightGrain(0, outline.frontEnd.y, outline.frontHem.y),
    notches: sleeve.notches.map(({ id: notch, seam, partAt }) => {
      // The shoulder notch stands at the crown, where the spread cap may be longer than the plain one was.
      const at = notch === "shoulder" ? Number.POSITIVE_INFINITY : partAt;
      return seam === "armhole.front"
        ? notchOn(notch, reversePath(slashed.capFront), at, -1)
        : notchOn(notch, reversePath(slashed.capBack), at);
    }),
  };
}

function turnedUp(slashed: Slashed, depth: number) {
  const below = slashed.hemBelow(depth);
  return {
    front: line(startOf(slashed.hem), startOf(below)),
    edge: below,
    back: line(endOf(slashed.hem), endOf(below)),
  };
}
