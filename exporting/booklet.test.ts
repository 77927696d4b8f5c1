import { draftGarment } from "@core/garment/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { describe, expect, it } from "vitest";
import {
  drawingSheet,
  laySvg,
  rollSheet,
  writeBookletPdf,
  writePiecePagesPdf,
  writeSinglePagePdf,
  writeTablesPdf,
} from ".";

const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
const spec = point && startedFrom(point, MIDDLE_BODY);
if (!spec) throw new Error("the work shirt starts a garment");
const garment = draftGarment(spec);
const BOTH = { tape: "in", lines: "both", about: "Client 7" } as const;
const POINTS_PER_MM = 72 / 25.4;

async function pagesOf(pdf: Uint8Array) {
  const document = await getDocument({ data: new Uint8Array(pdf) }).promise;
  const pages = [];
  for (let i = 1; i <= document.numPages; i++) {
    const page = await document.getPage(i);
    const content = await page.getTextContent();
    pages.push({ view: page.view, text: content.items.map((item) => ("str" in item ? item.str : "")).join(" ") });
  }
  return pages;
}

describe("what goes along with the pattern (read back by pdfjs-dist)", () => {
  it("is a booklet with every step of the card, the cutting list and the making notes with their cautions", async () => {
    const pages = await pagesOf(await writeBookletPdf(garment, "in", "Client 7"));
    const text = pages
      .map((page) => page.text)
      .join(" ")
      .replace(/\s+/g, " ");
    for (const words of [
      "Client 7",
      "To cut",
      "Making notes",
      "pins out of your mouth",
      "Cut 2, as a mirrored pair".toLowerCase(),
    ])
      expect(text.toLowerCase()).toContain(words.toLowerCase());
    for (const draft of garment.drafts) expect(text).toContain(draft.title);
    expect(pages.length).toBeGreaterThan(2);
    expect(pages[0]?.view[2]).toBeCloseTo(210 * POINTS_PER_MM, 1);
  });

  it("is tables of every figure, seam and piece", async () => {
    const text = (await pagesOf(await writeTablesPdf(garment, "cm", ""))).map((page) => page.text).join(" ");
    for (const { label } of garment.figures.slice(0, 12)) expect(text).toContain(label);
    for (const { name } of garment.pieces) expect(text).toContain(name);
  });

  it("is a page for each piece, as large as the piece with its allowances and a margin", async () => {
    const sheet = drawingSheet(garment, BOTH);
    const pages = await pagesOf(await writePiecePagesPdf(sheet));
    expect(pages.length).toBe(garment.pieces.length);
    sheet.pieces.forEach(({ outer }, i) => {
      const wide = Math.max(...outer.map(({ x }) => x)) - Math.min(...outer.map(({ x }) => x));
      expect(pages[i]?.view[2]).toBeCloseTo((wide + 20) * POINTS_PER_MM, 1);
    });
  });

  it("is one page for a roll at true size, and at half its size with the scale on it", async () => {
    const roll = rollSheet(garment, BOTH, "roll36");
    if (!roll) throw new Error("a shirt fits a roll");
    const [page] = await pagesOf(await writeSinglePagePdf(roll));
    expect(page?.view[2]).toBeCloseTo(roll.width * POINTS_PER_MM, 1);
    const [half] = await pagesOf(await writeSinglePagePdf(roll, 0.5));
    expect(half?.view[2]).toBeCloseTo((roll.width * POINTS_PER_MM) / 2, 1);
    expect(half?.text).toMatch(/At half its size/);
  });

  it("is a lay plan with each piece by its number and name", () => {
    const svg = laySvg(garment, "cm");
    for (const { name } of garment.pieces) expect(svg).toContain(name);
    expect(svg).toMatch(/of cloth 140 cm wide, folded/);
  });
});
