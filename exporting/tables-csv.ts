import { cutGarment } from "@core/cut/index";
import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { fromMm, type TapeUnit } from "@core/tape/index";
import Papa from "papaparse";

/** Figures in a data file are decimal, exact to a hundredth of a millimetre. */
const DECIMALS: Readonly<Record<TapeUnit, number>> = { in: 4, cm: 3, mm: 2 };

const table = (fields: readonly string[], data: readonly (readonly (string | number)[])[]) =>
  `${Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) }, { newline: "\n" })}\n`;

const lengthIn = (unit: TapeUnit) => (mm: number) => Number(fromMm(mm, unit).toFixed(DECIMALS[unit]));

/** Every figure of the draft with what it comes from, one a line. */
export function writeFiguresCsv(garment: Garment, unit: TapeUnit): string {
  const inUnit = lengthIn(unit);
  return table(
    ["id", "figure", "value", "unit", "formula", "rule", "source"],
    garment.figures.map(({ id, label, value, kind, formula, rule, source }) => [
      id,
      label,
      kind === "length" ? inUnit(value) : value,
      kind === "length" ? unit : kind,
      speak(formula, unit),
      rule,
      source,
    ]),
  );
}

/** Every seam with its two sides. */
export function writeSeamsCsv(garment: Garment, unit: TapeUnit): string {
  const inUnit = lengthIn(unit);
  return table(
    [
      "id",
      "seam",
      "edges of one side",
      "edges of the other",
      "length of one side",
      "length of the other",
      "ease",
      "unit",
    ],
    [...garment.seams, ...garment.joins].map((seam) => [
      seam.id,
      seam.name,
      (seam.bodyEdges ?? []).join(" "),
      (seam.partEdges ?? []).join(" "),
      inUnit(seam.bodyLength),
      inUnit(seam.partLength),
      inUnit(seam.ease),
      unit,
    ]),
  );
}

/** Every notch of every piece, on its stitching line and on its cutting line, in millimetres of the piece. */
export function writeNotchesCsv(garment: Garment): string {
  const plain = (mm: number) => Number(mm.toFixed(3));
  return table(
    [
      "piece",
      "notch",
      "x on the stitching line",
      "y on the stitching line",
      "x on the cutting line",
      "y on the cutting line",
    ],
    cutGarment(garment).pieces.flatMap(({ piece, notches }) =>
      piece.notches.map(({ id, at }, i) => {
        const cut = notches[i]?.at ?? at;
        return [piece.id, id, plain(at.x), plain(at.y), plain(cut.x), plain(cut.y)];
      }),
    ),
  );
}
