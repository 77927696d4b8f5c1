import { type Body, estimateNeck } from "../body";
import {
  type CollarChoiceName,
  type CollarChoices,
  type CollarFieldName,
  type CollarKindName,
  collarOf,
  type UsualAt,
} from "../collar";
import { namesOf } from "../data";
import type { CollarSpec } from "../spec";
import type { TakeDefault, TakeMeasure } from "./take-default";

/** A collar with every default taken; its neckline comes from the block. Millimetres. */
export type ResolvedCollar = {
  readonly kind: CollarKindName;
  readonly figures: Readonly<Partial<Record<CollarFieldName, number>>>;
  readonly choices: CollarChoices;
  /** What was given of it, whether it has a default or not. */
  readonly given: Readonly<Partial<Record<CollarFieldName, number>>>;
  readonly neck: number;
};

export function resolveCollar(
  collar: CollarSpec | null,
  body: Body,
  at: Pick<UsualAt, "buttonStand" | "closing" | "neckline">,
  takeMeasure: TakeMeasure,
  takeDefault: TakeDefault,
): ResolvedCollar | null {
  if (!collar) return null;
  const { usual, choices: choosable, needsNeck } = collarOf(collar.kind);
  const neck = needsNeck
    ? takeMeasure("body.neck", body.neck, () => estimateNeck(body))
    : (body.neck ?? estimateNeck(body).value);
  const choices: Record<string, string> = {};
  for (const name of namesOf<CollarChoiceName>(choosable)) {
    const choice = choosable[name];
    if (!choice) continue;
    const { value, rule, when } = choice;
    const given: string | undefined = collar[name];
    choices[name] =
      when && !when(choices) ? (given ?? value) : takeDefault<string>(`collar.${name}`, given, value, rule, "choice");
  }
  const figures: Partial<Record<CollarFieldName, number>> = {};
  for (const name of namesOf<CollarFieldName>(usual)) {
    const figure = usual[name];
    if (!figure) continue;
    const { value, rule, source, when } = figure;
    const mm = typeof value === "number" ? value : value({ ...at, neck, choices, figures });
    figures[name] =
      when && !when(choices) ? (collar[name] ?? mm) : takeDefault(`collar.${name}`, collar[name], mm, rule, source);
  }
  return { kind: collar.kind, figures, choices, given: collar, neck };
}
