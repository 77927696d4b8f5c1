import { SIDES } from "@core/block/index";
import { draftGarment, type Garment } from "@core/garment/index";
import { pathLength } from "@core/geometry/index";
import { applyChange } from "@core/spec/index";
import { specOf } from "@core/testing/sample";
import { writeBlockDxf, writeBlockSvg } from "@exporting/index";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { drawnEdges, type EdgeRole, guessEdges, joinEdges, readDrawing } from ".";

const file = (block: Record<string, unknown>) => ({
  format: "gamine-garment/1",
  unit: "in",
  body: { bust: 38 },
  block,
});

const BLOCKS: readonly (readonly [string, Garment])[] = [
  ["drafted for woven cloth", draftGarment(specOf(file({ source: "drafted", shaping: "princess-shoulder" })))],
  ["drafted for knits", draftGarment(specOf(file({ source: "drafted", style: "knit" })))],
  [
    "rebuilt from readings and altered",
    draftGarment(
      applyChange(specOf(file({ source: "readings", armhole: { front: 8.75, back: 9.25, depth: 7.75 } })), {
        block: { alterations: [{ kind: "lower-armhole", by: 9 }] },
      }),
    ),
  ],
];

const WRITERS = [
  ["SVG", writeBlockSvg],
  ["DXF", writeBlockDxf],
] as const;

function edgesOf(text: string) {
  const read = readDrawing(text);
  if (!read.ok) throw new Error(read.problem.message);
  return drawnEdges(read.drawing);
}

/** The drawing without the names that its edges were given. */
const nameless = (text: string) => text.replace(/ id="[^"]*"/g, "").replace(/^(?:front|back)\.\w+$/gm, "0");

describe.each(BLOCKS)("an outline exported by the app: block %s", (_name, { block }) => {
  if (!block) throw new Error("this block drafts");

  it.each(WRITERS)(
    "reads back from %s with every curve's length within 0.05 mm, found by its name",
    (_format, write) => {
      const edges = edgesOf(write(block));
      const guess = guessEdges(edges);
      for (const side of SIDES) {
        for (const part of ["armhole", "neckline", "shoulder"] as const) {
          const ids = guess[`${side}.${part}` satisfies EdgeRole] ?? [];
          const path = joinEdges(edges.filter((edge) => ids.includes(edge.id)));
          expect(Math.abs((path ? pathLength(path) : 0) - block[side][part].length)).toBeLessThan(0.05);
        }
      }
    },
  );

  it.each(WRITERS)("is guessed from its shapes alone in %s", (_format, write) => {
    const edges = edgesOf(nameless(write(block)));
    const guess = guessEdges(edges);
    for (const side of SIDES) {
      const [id] = guess[`${side}.armhole`] ?? [];
      const armhole = edges.find((edge) => edge.id === id);
      expect(Math.abs((armhole?.length ?? 0) - block[side].armhole.length)).toBeLessThan(0.05);
      const [neck] = guess[`${side}.neckline`] ?? [];
      const neckline = edges.find((edge) => edge.id === neck);
      expect(Math.abs((neckline?.length ?? 0) - block[side].neckline.length)).toBeLessThan(0.05);
    }
  });

  it("is drawn with the same lengths by an independent library (reference library: svg-path-properties)", () => {
    const svg = writeBlockSvg(block);
    for (const side of SIDES) {
      const data = new RegExp(`id="${side}\\.armhole" d="([^"]+)"`).exec(svg)?.[1] ?? "";
      expect(Math.abs(new svgPathProperties(data).getTotalLength() - block[side].armhole.length)).toBeLessThan(0.05);
    }
  });
});
