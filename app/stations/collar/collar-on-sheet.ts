import type { OnSheet } from "@app/sheet/dimensions/on-sheet";
import type { Dimension } from "@core/draft/index";
import type { DraftedCollar } from "@core/drafting/index";
import { collarDimensions } from "@core/garment/index";
import { line, pathLength, startOf } from "@core/geometry/index";
import type { PlacedNeck } from "./joined-beside";

/** What lies on the sheet of a collar: its figures and those of the neckline beside it, its lines, letters and what is dragged. */
export function collarOnSheet(collar: DraftedCollar, beside: PlacedNeck | null): OnSheet {
  const { draft, drawn, handles, drawing } = collar;
  return {
    dimensions: [...collarDimensions(collar), ...(beside ? besideDimensions(collar, beside) : [])],
    drawn: [
      ...draft.lines.map(({ path }) => path),
      ...drawn.flatMap(({ outline, folds, grain }) => [outline, ...folds, line(grain.from, grain.to)]),
      ...(beside ? [beside.neckline] : []),
      ...(beside?.fallLine && drawing.outer ? [beside.fallLine] : []),
    ],
    letters: [
      ...draft.points,
      ...(beside ? [{ letter: "shoulder", name: "shoulder", at: beside.shoulder, isWord: true as const }] : []),
    ],
    handlesAt: [
      ...handles.map(({ at }) => at),
      ...(beside?.fallLine && drawing.outer ? [startOf(beside.fallLine)] : []),
    ],
  };
}

function besideDimensions({ drawing }: DraftedCollar, { neckline, fallLine }: PlacedNeck): readonly Dimension[] {
  const measured = { types: null, rank: 1, on: null } as const;
  return [
    {
      ...measured,
      id: "collar.neckline",
      label: "Neckline, half of the garment",
      value: pathLength(neckline),
      place: { as: "edge", path: neckline },
    },
    ...(drawing.outer && fallLine
      ? [
          {
            ...measured,
            id: "collar.outerEdgeNeeded",
            label: "Line that the outer edge lies on",
            value: drawing.outer.needed,
            place: { as: "edge", path: fallLine },
          } as const,
        ]
      : []),
  ];
}
