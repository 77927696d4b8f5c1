import { type Figure, length, phrase } from "../draft";
import { findRoot, type NamedSolution, SAME_MM, SOLVED_MM } from "../geometry";
import type { CollarChoiceOf } from "./collar-fields";
import { measuredFigure } from "./collar-figures";
import type { Below } from "./joined-neckline";

/** The outer edge of a collar that is turned over, from the centre back to the shoulder, against the line that it lies on. Millimetres. */
export type OuterEdge = {
  /** What lets the edge out: the end of the collar swung out, or its front end dropped. */
  readonly by: "tilt" | "drop";
  readonly needed: number;
  /** How far below the neckline that line lies at the centre back, what the fall is longer than the stand, and at the shoulder. */
  readonly below: Below;
  readonly edge: number;
  readonly at: number;
  /** How far it was to be let out; null for as far as the edge needs. More than there is is not let out. */
  readonly asked: number | null;
  readonly isSolved: boolean;
  /** Its front hangs free, so that an edge shorter than the line is how it is made: told as information, and no slip. */
  readonly isInformation?: boolean;
  /** It was let out by no figure, but by tracing the back. */
  readonly isTraced: boolean;
  /** Where the edge is as long as the line. */
  readonly solvedAt: number;
  readonly converged: boolean;
  /** What the rule of thumb would give. */
  readonly rule: { readonly at: number; readonly edge: number };
  /** The edge for each way that it could be let out. */
  readonly curve: readonly { readonly at: number; readonly edge: number }[];
};

/** Half an inch: common practice, no source. */
export const RULE_OF_THUMB_MM = 12.7;

/** How far a collar's end is let out by choice, by the rule or by a figure of its own; null for as far as its outer edge needs. */
export function askedOut(edgeBy: CollarChoiceOf<"edgeBy">, own: number, rule = RULE_OF_THUMB_MM): number | null {
  return { solved: null, rule, own }[edgeBy];
}

/** One turn gives both the edge and how far the end is let out; each grows with it. */
export type LetOut = {
  readonly by: OuterEdge["by"];
  readonly needed: number;
  readonly below: Below;
  readonly edgeAt: (turn: number) => number;
  readonly outAt: (turn: number) => number;
  /** How far the end is to be let out; null for as far as the edge needs. */
  readonly asked: number | null;
  /** What the rule of thumb lets it out by. */
  readonly rule?: number;
  readonly least: number;
  readonly most: number;
};

export type LetOutFound = {
  readonly turn: number;
  readonly outer: OuterEdge;
  readonly solvers: readonly NamedSolution[];
};

const CURVE_PLACES = 25;

/** Lets a collar out: by as much as was asked, or until its outer edge is as long as the line that it lies on. */
export function letOut({
  by,
  needed,
  below,
  edgeAt,
  outAt,
  asked,
  rule = RULE_OF_THUMB_MM,
  least,
  most,
}: LetOut): LetOutFound {
  const solution = findRoot((turn) => edgeAt(turn) - needed, least, most, SOLVED_MM);
  const turnFor = (out: number) => findRoot((turn) => outAt(turn) - out, least, most, SOLVED_MM).value;
  const turn = asked === null ? solution.value : turnFor(asked);
  const ruleTurn = turnFor(rule);
  const from = Math.min(0, turn);
  const to = Math.min(most, Math.max(solution.value, turn, ruleTurn) * 1.35 + 0.05);
  return {
    turn,
    outer: {
      by,
      needed,
      below,
      edge: edgeAt(turn),
      at: outAt(turn),
      asked,
      isSolved: asked === null,
      isTraced: false,
      solvedAt: outAt(solution.value),
      converged: solution.converged,
      rule: { at: outAt(ruleTurn), edge: edgeAt(ruleTurn) },
      curve: Array.from({ length: CURVE_PLACES }, (_, i) => {
        const one = from + ((to - from) * i) / (CURVE_PLACES - 1);
        return { at: outAt(one), edge: edgeAt(one) };
      }),
    },
    // What is drawn by a rule or as it was chosen rests on no solution.
    solvers: asked === null ? [{ id: "collar.tilt", solution }] : [],
  };
}

const SOLVED = { rule: "Solved from the outer edge", source: "solved" } as const;
const TRACED = { rule: "The back laid on the front", source: "common practice, no source" } as const;
const THUMB = { rule: "Rule of thumb", source: "common practice, no source" } as const;
const CHOSEN = { rule: "As it was chosen", source: "choice" } as const;

function sameBelow({ centreBack, shoulder }: Below): boolean {
  return Math.abs(shoulder - centreBack) < 0.05;
}

export function outerEdgeFigures(outer: OuterEdge): readonly Figure[] {
  const what = outer.by === "tilt" ? "End of the collar swung out" : "Front end dropped";
  const isRule = Math.abs(outer.at - outer.rule.at) < SAME_MM;
  const difference = outer.rule.edge - outer.needed;
  return [
    measuredFigure(
      "collar.outerEdgeNeeded",
      "Line the outer edge lies on",
      outer.needed,
      sameBelow(outer.below)
        ? phrase`measured on the block ${length(outer.below.centreBack)} below the back neckline, fall less stand, from the centre back to the shoulder`
        : phrase`measured on the block from ${length(outer.below.centreBack)} below the back neckline at the centre back, fall less stand, to ${length(outer.below.shoulder)} at the shoulder, where the roll line leaves less of the stand`,
    ),
    measuredFigure(
      "collar.outerEdge",
      "Outer edge, to the shoulder",
      outer.edge,
      phrase`measured on the drawn curve from the centre back to the shoulder`,
    ),
    {
      id: "collar.tilt",
      label: what,
      value: outer.at,
      kind: "length",
      formula: outer.isSolved
        ? phrase`so far that the outer edge is ${length(outer.needed)}; ${length(outer.rule.at)} by rule of thumb would make it ${length(outer.rule.edge)}, ${length(Math.abs(difference))} too ${difference < 0 ? "short" : "long"}`
        : phrase`${outer.isTraced ? "as the traced back neckline lies" : "as it was chosen"}; ${length(outer.solvedAt)} would make the outer edge as long as the line it lies on`,
      ...(outer.isSolved ? SOLVED : outer.isTraced ? TRACED : isRule ? THUMB : CHOSEN),
    },
  ];
}
