import { type CutPiece, cutGarment } from "@core/cut/index";
import { at } from "@core/data/index";
import { draftGarment } from "@core/garment/index";
import { distance, distanceToChain, flatten, type Point, pathLength } from "@core/geometry/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import DxfParser, { type IPolylineEntity } from "dxf-parser";
import Papa from "papaparse";
import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import { describe, expect, it } from "vitest";
import {
  drawingSheet,
  writeDxfR12,
  writeDxfSplines,
  writeFiguresCsv,
  writeHpgl,
  writeLayPdf,
  writeNotchesCsv,
  writeSeamsCsv,
} from ".";
import { layDrawing } from "./lay-drawing";
import { placedPoint } from "./pattern-sheet";
import { strokesOf } from "./strokes";

const BOTH = { tape: "cm", lines: "both", about: "Client 7, version 2" } as const;

function made(id: string) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${id} starts no garment`);
  const garment = draftGarment(spec);
  return { garment, sheet: drawingSheet(garment, BOTH), cut: cutGarment(garment).pieces };
}

const cuttingLength = (cut: readonly CutPiece[]) =>
  cut.reduce((sum, { cutting }) => sum + pathLength(cutting ?? []), 0);

describe("HPGL", () => {
  it("G5: counts 40 units a millimetre, 1016 an inch (published HP-GL convention, from memory)", () => {
    const marks = [{ kind: "line", style: "cutting", data: "M0 0L25.4 0" }] as const;
    const piece = { id: "line", name: "1 Line", x: 0, y: 10, turn: 0, marks, outer: [] };
    const sheet = {
      title: "A line",
      width: 30,
      height: 10,
      lines: "both",
      isLandscape: false,
      pieces: [piece],
    } as const;
    expect(writeHpgl(sheet).text).toContain("PU0,0;PD1016,0;");
  });
});

describe.each(["jacket", "work-shirt", "off-the-shoulder-top"])("the pattern of a %s in open formats", (id) => {
  const { garment, sheet, cut } = made(id);

  it("DXF of release 12, read by a general parser (dxf-parser): as many closed polylines as pieces, as long as the cutting lines", () => {
    const read = new DxfParser().parseSync(writeDxfR12(sheet));
    const lines = (read?.entities ?? []).filter(
      (one): one is IPolylineEntity => one.type === "POLYLINE" && one.layer === "CUTTING",
    );
    expect(lines.length).toBe(cut.length);
    const length = lines.reduce(
      (sum, { vertices }) =>
        sum +
        vertices.reduce(
          (part, p, i) =>
            part +
            Math.hypot(
              p.x - at(vertices, (i + 1) % vertices.length).x,
              p.y - at(vertices, (i + 1) % vertices.length).y,
            ),
          0,
        ),
      0,
    );
    expect(Math.abs(length - cuttingLength(cut))).toBeLessThan(0.2);
    expect((read?.entities ?? []).some((one) => one.type === "TEXT")).toBe(true);
  });

  it("DXF with splines, read by the same parser: every line a spline, its ends in place", () => {
    const read = new DxfParser().parseSync(writeDxfSplines(sheet));
    const splines = (read?.entities ?? []).filter((one) => one.type === "SPLINE");
    expect(splines.length).toBe(strokesOf(sheet).length);
  });

  it("HPGL: what the pen draws is the outline within 0.025 mm, and it is carried a shorter way than line after line", () => {
    const { text, travel, travelUnsorted } = writeHpgl(sheet);
    expect(travel).toBeLessThan(travelUnsorted);
    const drawn = penStrokes(text, sheet.height);
    const closed = drawn.get(1)?.filter((line) => distance(at(line, 0), at(line, line.length - 1)) < 0.03) ?? [];
    expect(closed.length).toBe(cut.length);
    for (const [i, piece] of sheet.pieces.entries()) {
      const own = cut.find((one) => one.piece.id === piece.id)?.cutting ?? [];
      const exact = flatten(own, 200).map((p) => placedPoint(p, piece));
      const nearest = Math.min(
        ...closed.map((line) => Math.max(...line.map((p) => distanceToChain(p, [...exact, ...exact.slice(0, 1)])))),
      );
      expect(nearest, `piece ${i}`).toBeLessThan(0.025);
    }
  });

  it("CSV: a line for each figure, seam and notch, read back by a general reader (papaparse)", () => {
    const rows = (text: string) => Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    const [figures, seams, notches] = [
      rows(writeFiguresCsv(garment, "cm")),
      rows(writeSeamsCsv(garment, "cm")),
      rows(writeNotchesCsv(garment)),
    ];
    expect(figures.errors.concat(seams.errors, notches.errors)).toEqual([]);
    expect(figures.data.length).toBe(garment.figures.length);
    expect(seams.data.length).toBe(garment.seams.length + garment.joins.length);
    expect(notches.data.length).toBe(garment.pieces.reduce((sum, piece) => sum + piece.notches.length, 0));
    for (const row of seams.data) {
      const [one, other, ease] = ["length of one side", "length of the other", "ease"].map((name) => Number(row[name]));
      expect(Math.abs((other ?? 0) - (one ?? 0) - (ease ?? 0))).toBeLessThan(0.003);
    }
  });
});

const END_OF_LABEL = String.fromCharCode(3);

/** What each pen draws, as a plotter reads it: pen up to a place, pen down along the rest. Millimetres, y down. */
function penStrokes(text: string, height: number): ReadonlyMap<number, readonly (readonly Point[])[]> {
  const found = new Map<number, Point[][]>();
  let pen = 0;
  let from: Point = { x: 0, y: 0 };
  const points = (figures: string): Point[] => {
    const numbers = figures.split(",").filter(Boolean).map(Number);
    return Array.from({ length: numbers.length / 2 }, (_, i) => ({
      x: at(numbers, 2 * i) / 40,
      y: height - at(numbers, 2 * i + 1) / 40,
    }));
  };
  // The text of a label ends with a sign of its own, and may hold any other.
  const orders = text.split("LB").map((part, i) => (i === 0 ? part : part.slice(part.indexOf(END_OF_LABEL) + 1)));
  for (const order of orders
    .join(";")
    .split(";")
    .map((one) => one.trim())) {
    if (order.startsWith("SP")) pen = Number(order.slice(2));
    else if (order.startsWith("PU")) from = points(order.slice(2)).at(-1) ?? from;
    else if (order.startsWith("PD")) {
      const line = [from, ...points(order.slice(2))];
      found.set(pen, [...(found.get(pen) ?? []), line]);
      from = at(line, line.length - 1);
    }
  }
  return found;
}

describe("the lay plan as a PDF", () => {
  it("holds as many closed outlines as there are pieces on the cloth, their numbers and its scale (pdfjs-dist)", async () => {
    const { garment } = made("work-shirt");
    const drawing = layDrawing(garment, "cm");
    const bytes = await writeLayPdf(garment, "cm");
    const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
    expect(document.numPages).toBe(1);
    const page = await document.getPage(1);
    const operators = await page.getOperatorList();
    const paths = operators.fnArray.filter((one) => one === OPS.constructPath).length;
    // The cloth is one more.
    expect(paths).toBe(drawing.pieces.length + 1);
    const said = (await page.getTextContent()).items.map((item) => ("str" in item ? item.str : "")).join(" ");
    expect(said).toMatch(/Drawn at 1 to \d+\.\d/);
    for (const { name } of drawing.pieces) expect(said).toContain(name.split(" ")[0]);
  });
});
