import { change, type Figure, length, type Phrase, phrase, type Source } from "../../draft";
import { type Cubic, cubicPoint, distance, findRoot, type Point, SOLVED_FINELY_MM } from "../../geometry";
import type { CapFrame, CapTask, Placement } from "./cap-frame";

/** A figure that a rule of thumb gives, and how. */
export type RuledFigure = { readonly value: number; readonly formula: Phrase };

/** What a rule of thumb says of a cap: how high, and how wide or how long its slants. Millimetres. */
export type Rule = {
  readonly name: string;
  readonly source: Source;
  readonly height: RuledFigure;
  readonly width:
    | { readonly kind: "arm"; readonly whole: RuledFigure }
    | {
        readonly kind: "armhole";
        readonly front: number;
        readonly back: number;
        readonly usual: Placement;
        /** What is laid, in words: "half the armhole girth 18 in". */
        readonly laid: Phrase;
      };
};

/**
 * The cap that a rule gives, with the changes made to it by choice. A slant that is no longer than the cap is high reaches
 * nowhere: the width is then nothing, and the sleeve is found to be none.
 */
export function ruleFrame(rule: Rule, task: CapTask): CapFrame {
  const height = rule.height.value + task.capHeightChange;
  const halves = halvesOf(rule, task, height);
  const width = halves.front + halves.back + task.capWidthChange;
  const share = halves.front + halves.back > 0 ? halves.front / (halves.front + halves.back) : 0.5;
  const figure = (id: string, label: string, value: number, formula: Phrase): Figure => ({
    id,
    label,
    value,
    kind: "length",
    formula,
    rule: rule.name,
    source: rule.source,
  });
  const heightFormula = phrase`${rule.height.formula}${changed(task.capHeightChange)}`;
  return {
    height,
    frontWidth: width * share,
    backWidth: width * (1 - share),
    figures: [
      figure("sleeve.capHeight", "Cap height", height, heightFormula),
      figure(
        "sleeve.capWidth",
        "Width on the cap line",
        width,
        phrase`${halves.formula}${changed(task.capWidthChange)}`,
      ),
    ],
    opening: { text: phrase`The cap is ${length(height)} high: ${heightFormula}.` },
    solvers: [],
  };
}

function halvesOf({ width }: Rule, { placement }: CapTask, height: number) {
  if (width.kind === "arm") {
    const half = width.whole.value / 2;
    return { front: half, back: half, formula: width.whole.formula };
  }
  if ((placement ?? width.usual) === "flat") {
    return {
      front: width.front,
      back: width.back,
      formula: phrase`${width.laid} laid flat to each side: ${length(width.front)} in front, ${length(width.back)} behind`,
    };
  }
  const reach = (slant: number) => Math.sqrt(Math.max(0, slant * slant - height * height));
  return {
    front: reach(width.front),
    back: reach(width.back),
    formula: phrase`${width.laid} as the slants: ${length(width.front)} in front, ${length(width.back)} behind, each √(slant² − ${length(height)}²) out`,
  };
}

function changed(by: number): Phrase {
  return by === 0 ? [] : phrase`, then ${change(by)} by choice`;
}

/** A place on the cap curve, found at the table from a place on the slant and a distance square to it. */
export type GuidePoint = {
  readonly at: Point;
  /** Distance along the slant from the crown, in millimetres. */
  readonly alongSlant: number;
  /** Square to the slant, in millimetres: outside the sleeve's triangle is positive. */
  readonly outside: number;
};

const QUARTERS = [0.25, 0.5, 0.75] as const;

/** The three guide points of a half cap at the quarters of its slant, from the crown down. */
export function guidePoints(cap: Cubic): readonly GuidePoint[] {
  const crown = cap[0];
  const end = cap[3];
  const slant = distance(crown, end);
  const run = { x: (end.x - crown.x) / slant, y: (end.y - crown.y) / slant };
  const alongAt = (p: Point) => (p.x - crown.x) * run.x + (p.y - crown.y) * run.y;
  return QUARTERS.map((share) => {
    const t = findRoot((u) => alongAt(cubicPoint(cap, u)) - share * slant, 0, 1, SOLVED_FINELY_MM).value;
    const at = cubicPoint(cap, t);
    const foot = { x: crown.x + run.x * share * slant, y: crown.y + run.y * share * slant };
    return { at, alongSlant: share * slant, outside: (at.y < foot.y ? 1 : -1) * distance(at, foot) };
  });
}
