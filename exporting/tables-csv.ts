import { cutGarment } from "@core/cut/index";
import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import type { TapeUnit } from "@core/tape/index";
import { csvTable, decimalIn } from "./csv";

/** Every figure of the draft with what it comes from, one a line. */
export function writeFiguresCsv(garment: Garment, unit: TapeUnit): string {
  const inUnit = decimalIn(unit);
  return csvTable(
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
  const inUnit = decimalIn(unit);
  return csvTable(
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
  return csvTable(
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
