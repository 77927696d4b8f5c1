import type { Garment } from "@core/garment/index";
import { boxOf } from "@core/geometry/index";
import type { TapeUnit } from "@core/tape/index";
import { LINE_DASHES, LINE_WIDTHS, type Mark } from "./mark";
import { pieceMarks } from "./marks";

const MARGIN_MM = 15;
const BETWEEN_PIECES_MM = 30;

/** The test lengths drawn once a sheet, so that a wrong print is seen before cloth is cut. */
const TEST_SQUARES = [
  { size: 100, label: "100 mm" },
  { size: 101.6, label: "4 in" },
] as const;

/**
 * The garment's pieces and the two test squares side by side as an SVG drawing at true scale: one user unit is one
 * millimetre, and the width and height say so. Lengths on it are written in `unit`.
 */
export function writeSvg(garment: Garment, unit: TapeUnit): string {
  let x = MARGIN_MM;
  let height = 0;
  const groups = garment.pieces.map((piece) => {
    const box = boxOf([piece.outline]);
    const group = `<g id="${escapeXml(piece.id)}" transform="translate(${x - box.left} ${MARGIN_MM - box.top})">${pieceMarks(garment, piece, unit).map(markElement).join("")}</g>`;
    x += box.right - box.left + BETWEEN_PIECES_MM;
    height = Math.max(height, box.bottom - box.top);
    return group;
  });
  const squares = TEST_SQUARES.map(({ size, label }, index) =>
    testSquare(x, MARGIN_MM + index * (size + 12), size, label),
  );
  const width = x + 101.6 + MARGIN_MM;
  const tall = Math.max(height, 226) + 2 * MARGIN_MM;
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}mm" height="${round(tall)}mm" viewBox="0 0 ${round(width)} ${round(tall)}">
<title>${escapeXml(garment.spec.name)}</title>
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
function escapeXml(text: string): string {
  return Array.from(text)
    .filter((c) => c >= " " && c !== "\ufffe" && c !== "\uffff")
    .map((c) => ENTITIES[c] ?? c)
    .join("");
}
