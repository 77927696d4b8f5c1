import type { Draft, Step } from "../draft";
import type { Mistake, Question } from "./judge-answer";

/** What a step of the card asks for in practice: the figures it brings. */
export function questionsOf(draft: Draft, step: Step): readonly Question[] {
  return step.figures.flatMap((id): Question[] => {
    const figure = draft.figures.find((one) => one.id === id);
    if (figure?.kind !== "length" || figure.value <= 0) return [];
    return [{ id, label: figure.label, value: figure.value, mistakes: mistakesFor(draft, id) }];
  });
}

/** Figures of the same draft that are taken for this one when something is done wrong. */
function mistakesFor(draft: Draft, id: string): readonly Mistake[] {
  const value = (other: string) => draft.figures.find((figure) => figure.id === other)?.value;
  const mistake = (wrong: number | undefined, slip: Mistake["slip"]): Mistake[] =>
    wrong === undefined ? [] : [{ value: wrong, slip }];
  const halfWidth = value("sleeve.capWidth");
  const isSlant = id.startsWith("sleeve.slant.");
  const isSeam = id === "sleeve.cap.front" || id === "sleeve.cap.back";
  const side = id.endsWith(".front") ? "back" : id.endsWith(".back") ? "front" : null;
  const other = side && value(id.replace(/front$|back$/, side));
  return [
    ...(isSlant ? mistake(halfWidth && halfWidth / 2, "flat-for-slant") : []),
    ...(isSeam ? mistake(value(id.replace("sleeve.cap.", "sleeve.slant.")), "straight-for-seam") : []),
    ...(other ? mistake(other, "front-for-back") : []),
  ];
}
