import type { DraftLine, LetteredPoint } from "@core/draft/index";
import type { DraftedSleeve, SewnSleeve } from "@core/drafting/index";
import { handlePlaces, sleeveDimensions } from "@core/garment/index";
import { along, line, pathLength } from "@core/geometry/index";
import type { OnSheet } from "./dimensions/on-sheet";
import type { SheetLetter } from "./dimensions/place-letters";

/** What lies on the sheet of a sleeve: its figures, its lines as they are drawn there, its letters and what is dragged. */
export function sleeveOnSheet(drafted: DraftedSleeve): OnSheet {
  return {
    dimensions: sleeveDimensions(drafted),
    drawn: [
      ...linesOnSheet(drafted).map(({ path }) => path),
      ...drafted.drawn.flatMap(({ outline, folds, darts, grain }) => [
        outline,
        ...folds,
        ...darts,
        line(grain.from, grain.to),
      ]),
    ],
    letters: drafted.family === "sewn" ? lettersOfSewn(drafted) : lettersOfBodice(drafted),
    handlesAt: handlePlaces(drafted),
  };
}

/** Lines that were only ruled on the plain sleeve before it was cut apart are left to the card: on the sheet the strips show them. */
export function linesOnSheet(drafted: DraftedSleeve): readonly DraftLine[] {
  const isRedrawn = drafted.family === "bodice" || drafted.isRedrawn;
  return drafted.draft.lines.filter(({ id }) => !(isRedrawn && isOnPlain(id)));
}

function isOnPlain(line: string): boolean {
  return line.startsWith("slash.") || line.startsWith("plain.slant");
}

/** A style is lettered where it changes the plain sleeve; the card has all letters. */
function lettersOfSewn({ styled, isRedrawn, draft, caps }: SewnSleeve): readonly SheetLetter[] {
  const sides = (["front", "back"] as const).map((side) => ({
    letter: side,
    name: `the ${side} of the sleeve`,
    at: along(caps[side], pathLength(caps[side]) * 0.45).point,
    isWord: true as const,
  }));
  return [...(styled && isRedrawn ? styled.acts.flatMap((act) => act.points ?? []) : draft.points), ...sides];
}

function lettersOfBodice({ drawing }: Extract<DraftedSleeve, { family: "bodice" }>): readonly LetteredPoint[] {
  return [...drawing.actsBefore, ...drawing.acts].flatMap((act) => act.points ?? []);
}
