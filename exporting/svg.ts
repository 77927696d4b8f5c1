import { LINE_DASHES, LINE_WIDTHS, type Mark } from "./mark";
import type { PatternSheet } from "./pattern-sheet";

/** Round the test squares, and between them and the last piece. */
const MARGIN_MM = 15;

/** The test lengths drawn once a sheet, so that a wrong print is seen before cloth is cut. */
const TEST_SQUARES = [
  { size: 100, label: "100 mm" },
  { size: 101.6, label: "4 in" },
] as const;

/**
 * The sheet as an SVG drawing at true scale, with the two test squares beside it: one user unit is one millimetre, and the width and
 * height say so.
 */
export function writeSvg(sheet: PatternSheet): string {
  const groups = sheet.pieces.map(
    ({ id, x, y, turn, marks }) =>
      `<g id="${escapeXml(id)}" transform="translate(${x} ${y})${turn === 0 ? "" : ` rotate(${turn})`}">${marks.map(markElement).join("")}</g>`,
  );
  const left = sheet.width + MARGIN_MM;
  const squares = TEST_SQUARES.map(({ size, label }, index) =>
    testSquare(left, MARGIN_MM + index * (size + 12), size, label),
  );
  const width = left + 101.6 + MARGIN_MM;
  const tall = Math.max(sheet.height, 226 + 2 * MARGIN_MM);
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}mm" height="${round(tall)}mm" viewBox="0 0 ${round(width)} ${round(tall)}">
<title>${escapeXml(sheet.title)}</title>
${[...groups, ...squares].join("\n")}
</svg>
`;
}

function testSquare(x: number, y: number, size: number, label: string): string {
  return `<g class="test-square"><path d="M${x} ${y}h${size}v${size}h${-size}Z" fill="none" stroke="#000" stroke-width="0.25"/><text x="${x + size / 2}" y="${y + size / 2}" font-family="sans-serif" font-size="6" text-anchor="middle">${label} square</text></g>`;
}

function markElement(mark: Mark): string {
  if (mark.kind === "line") {
    const dash = LINE_DASHES[mark.style];
    const dashed = dash ? ` stroke-dasharray="${dash.join(" ")}"` : "";
    return `<path class="${mark.style}" d="${mark.data}" fill="none" stroke="#000" stroke-width="${LINE_WIDTHS[mark.style]}"${dashed}/>`;
  }
  const turn =
    mark.turn === 0 ? "" : ` transform="rotate(${round(mark.turn)} ${round(mark.at.x)} ${round(mark.at.y)})"`;
  return `<text x="${round(mark.at.x)}" y="${round(mark.at.y)}" font-family="sans-serif" font-size="${mark.size}" text-anchor="${mark.anchor}"${turn}>${escapeXml(mark.text)}</text>`;
}

function round(value: number): number {
  return Number(value.toFixed(3));
}

const ENTITIES: Readonly<Record<string, string>> = {
  "&": "&amp;",
  "<": "&lt;",
  ">": "&gt;",
  '"': "&quot;",
  "'": "&apos;",
};

/** For text and attributes; characters that XML 1.0 cannot hold at all are left out. */
export function escapeXml(text: string): string {
  return Array.from(text)
    .filter((c) => c >= " " && c !== "\ufffe" && c !== "\uffff")
    .map((c) => ENTITIES[c] ?? c)
    .join("");
}
