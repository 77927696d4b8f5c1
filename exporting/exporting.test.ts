import { draftGarment } from "@core/garment/index";
import { sampleSpec } from "@core/testing/sample";
import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { drawingSheet, isPaper, PAPERS, printSheet, writePdf, writeSvg } from ".";
import { joinsOf } from "./pdf";
import { textRuns } from "./pdf-text";
import { OVERLAP_MM, tile } from "./tiling";

const garment = draftGarment(sampleSpec());

type Matrix = readonly [number, number, number, number];

/** A PDF read back by an independent library: sizes of its pages, its text, and every box it draws in points of the paper. */
async function readPdf(data: Uint8Array) {
  const pdf = await getDocument({ data: new Uint8Array(data), useSystemFonts: false, verbosity: 0 }).promise;
  const pages = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const page = await pdf.getPage(number);
    const { fnArray, argsArray } = await page.getOperatorList();
    const boxes: { width: number; height: number }[] = [];
    const stack: Matrix[] = [];
    let matrix: Matrix = [1, 0, 0, 1];
    fnArray.forEach((operation, i) => {
      if (operation === OPS.save) stack.push(matrix);
      if (operation === OPS.restore) matrix = stack.pop() ?? matrix;
      if (operation === OPS.transform) matrix = times(matrix, argsArray[i]);
      if (operation !== OPS.constructPath) return;
      const [left = 0, top = 0, right = 0, bottom = 0] = Array.from(argsArray[i][2] as ArrayLike<number>);
      const [a, b, c, d] = matrix;
      boxes.push({ width: (right - left) * Math.hypot(a, b), height: (bottom - top) * Math.hypot(c, d) });
    });
    const content = await page.getTextContent();
    const [, , width, height] = page.view;
    pages.push({ width, height, boxes, text: content.items.map((item) => ("str" in item ? item.str : "")).join(" ") });
  }
  return pages;
}

function times([a, b, c, d]: Matrix, [e, f, g, h]: Matrix): Matrix {
  return [a * e + c * f, b * e + d * f, a * g + c * h, b * g + d * h];
}

/** The stitching line alone, in inches. */
const SEWN = { tape: "in", lines: "stitching", about: "" } as const;

describe("PDF sheets", () => {
  it.each(["a4", "letter"] as const)(
    "G4: the 100 mm and 4 in test squares on %s read back as 283.465 pt and 288 pt (PDF user space, 1 pt = 1/72 in; reference library: pdfjs-dist)",
    async (paper) => {
      const [cover] = await readPdf(await writePdf(printSheet(garment, SEWN, paper), paper));
      const squares =
        cover?.boxes.filter((box) => Math.abs(box.width - box.height) < 1e-3).map((box) => box.width) ?? [];
      expect(squares.some((side) => Math.abs(side - 283.465) < 0.002)).toBe(true);
      expect(squares.some((side) => Math.abs(side - 288) < 0.002)).toBe(true);
      // The paper may lie with its long side across.
      const sides = [cover?.width ?? 0, cover?.height ?? 0].sort((a, b) => a - b);
      expect(sides[0]).toBeCloseTo((PAPERS[paper].width * 72) / 25.4, 2);
      expect(sides[1]).toBeCloseTo((PAPERS[paper].height * 72) / 25.4, 2);
    },
  );

  it("has one sheet a tile after the cover, each saying its place, and the fractions of the lengths", async () => {
    const pages = await readPdf(await writePdf(printSheet(garment, SEWN, "a4"), "a4"));
    const labels = pages.slice(1).map((page) => /sheet ([A-Z]+\d+)/.exec(page.text)?.[1]);
    expect(labels.length).toBeGreaterThan(3);
    expect(new Set(labels).size).toBe(labels.length);
    expect(labels).not.toContain(undefined);
    // Every sheet names what lies on it, and a number for each join stands on both its sheets.
    const names = garment.pieces.map(({ name }) => name);
    for (const page of pages.slice(1)) expect(names.some((name) => page.text.includes(name))).toBe(true);
    const text = pages.map((page) => page.text).join(" ");
    expect(text).toContain("Cut 2, as a mirrored pair");
    expect(text).toMatch(/Front cap 9/);
  });

  it("draws the outline at true size: its box is the pattern's size in points of the paper", async () => {
    const pages = await readPdf(await writePdf(printSheet(garment, SEWN, "a4"), "a4"));
    const outline = Math.max(...pages.slice(1).flatMap((page) => page.boxes.map((box) => box.height)));
    const ys = garment.pieces.flatMap((piece) => piece.outline.flat().map((p) => p.y));
    expect(outline).toBeCloseTo(((Math.max(...ys) - Math.min(...ys)) * 72) / 25.4, 2);
  });
});

describe("a client's name on paper", () => {
  it("is written in every Latin, Greek and Cyrillic letter, a letter without a face as a question mark (read back by pdfjs-dist)", async () => {
    const name = "Łucja Őry, Ελένη Νικολάου, Ђорђе Жуков, Nguyễn Thị; 佐";
    const pages = await readPdf(
      await writePdf(printSheet(draftGarment({ ...sampleSpec(), name: `Bluse fu\u0308r ${name}` }), SEWN, "a4"), "a4"),
    );
    const texts = pages.map(({ text }) => text.replace(/\s+/g, ""));
    const wanted = `Bluse für ${name}`.replace("佐", "?").replace(/\s+/g, "");
    expect(texts[0]).toContain(wanted);
    expect(texts.slice(1).filter((text) => text.includes(wanted)).length).toBeGreaterThan(3);
  });

  it("is written with the face of the letters before it as far as that goes", () => {
    expect(textRuns("Anna 38")).toEqual([{ face: "latin", text: "Anna 38" }]);
    expect(textRuns("Łódź 38").map(({ face }) => face)).toEqual(["latin-ext", "latin", "latin-ext", "latin"]);
    expect(textRuns("Όλγα 38")).toEqual([
      { face: "greek", text: "Όλγα " },
      { face: "latin", text: "38" },
    ]);
    expect(textRuns("")).toEqual([]);
  });
});

describe("tiling", () => {
  it("covers the drawing with the overlap it promises and no sheet to spare", () => {
    for (const paper of ["a4", "letter"] as const) {
      for (const [width, height] of [
        [100, 100],
        [365, 600],
        [900, 1500],
      ] as const) {
        const { columns, rows, tileWidth, tileHeight, tiles } = tile(width, height, paper);
        expect(tiles.length).toBe(columns * rows);
        const right = Math.max(...tiles.map((t) => t.left)) + tileWidth;
        const bottom = Math.max(...tiles.map((t) => t.top)) + tileHeight;
        expect(right).toBeGreaterThanOrEqual(width);
        expect(bottom).toBeGreaterThanOrEqual(height);
        expect(right - (tileWidth - OVERLAP_MM)).toBeLessThan(Math.max(width, tileWidth) + 1e-9);
        const next = tiles.find((t) => t.column === 1 && t.row === 0);
        if (next) expect(tileWidth - next.left).toBe(OVERLAP_MM);
      }
    }
  });

  it("letters rows past Z", () => {
    expect(tile(100, 27 * 262, "a4").tiles.at(-1)?.label).toBe("AA1");
  });

  it("knows its papers", () => {
    expect(isPaper("a4")).toBe(true);
    expect(isPaper("toString")).toBe(false);
  });
});

describe("SVG drawing", () => {
  const svg = writeSvg(drawingSheet(garment, SEWN));

  it("says its size in millimetres, one user unit each", () => {
    const [, width, height, boxWidth, boxHeight] =
      /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg) ?? [];
    expect(width).toBe(boxWidth);
    expect(height).toBe(boxHeight);
    expect(Number(width)).toBeGreaterThan(400);
  });

  it("holds the stitching line with the seams' lengths (reference library: svg-path-properties)", () => {
    const data = /class="stitching" d="([^"]+)"/.exec(svg)?.[1] ?? "";
    const edges = garment.pieces[0]?.edges ?? [];
    const whole = edges.reduce((sum, edge) => sum + edge.length, 0);
    expect(Math.abs(new svgPathProperties(data).getTotalLength() - whole)).toBeLessThan(0.01);
  });

  it("carries both test squares", () => {
    expect(svg).toContain("h100v100h-100Z");
    expect(svg).toContain("h101.6v101.6h-101.6Z");
  });

  it("keeps a garment's name from becoming part of the drawing", () => {
    const hostile = writeSvg(
      drawingSheet(draftGarment({ ...sampleSpec(), name: '</text><script>alert(1)</script>&"\u0000' }), SEWN),
    );
    expect(hostile).not.toContain("<script");
    expect(hostile).not.toContain("\u0000");
    expect(hostile).toContain("&lt;script&gt;");
  });
});

describe("joins of sheets", () => {
  it("are numbered once each, between every two sheets that are there, side by side or one below the other", () => {
    const { tiles } = tile(700, 900, "a4", false, (column, row) => !(column === 1 && row === 1));
    const joins = joinsOf(tiles);
    for (const { first, second, isBeside } of joins) {
      expect(second.row - first.row).toBe(isBeside ? 0 : 1);
      expect(second.column - first.column).toBe(isBeside ? 1 : 0);
    }
    const found = new Set(joins.map(({ first, second }) => `${first.label} ${second.label}`));
    expect(found.size).toBe(joins.length);
    const places = new Set(tiles.map(({ row, column }) => `${row} ${column}`));
    const below = tiles.filter(({ row, column }) => places.has(`${row + 1} ${column}`));
    const beside = tiles.filter(({ row, column }) => places.has(`${row} ${column + 1}`));
    expect(joins).toHaveLength(below.length + beside.length);
  });
});
