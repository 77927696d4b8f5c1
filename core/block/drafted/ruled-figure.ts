import { type Figure, length, type Phrase, phrase } from "../../draft";

const COMMON = "common practice, no source";

/** A figure of the block in millimetres, with the rule it comes from in words. */
export type RuledFigure = { readonly value: number; readonly formula: Phrase };

/** What was typed, which says what the rule would have given, or else the rule’s. */
export function orTyped(typed: number | undefined, rule: RuledFigure): RuledFigure {
  return typed === undefined ? rule : { value: typed, formula: phrase`as typed; by the rule ${length(rule.value)}` };
}

/** The figure as it stands in the list. */
export function figure(id: string, label: string, { value, formula }: RuledFigure): Figure {
  return { id, label, value, kind: "length", formula, rule: "Drafted bodice", source: COMMON };
}
