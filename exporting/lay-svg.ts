import type { Garment } from "@core/garment/index";
import type { Tape } from "@core/tape/index";
import { layDrawing, NAME_HIGH_MM, outlineData } from "./lay-drawing";
import { escapeXml } from "./svg";

const MARGIN_MM = 40;

/** The lay plan as an SVG drawing, a user unit a millimetre: the cloth, its fold or selvedges, and every piece with its number and name. */
export function laySvg(garment: Garment, tape: Tape): string {
  const { title, says, length, across, isFolded, pieces } = layDrawing(garment, tape);
  const [width, height] = [length + 2 * MARGIN_MM, across + 3 * MARGIN_MM];
  const outlines = pieces.map(
    ({ name, outline, words, at }) =>
      `<path d="${outlineData(outline)}" fill="none" stroke="#000" stroke-width="1.5"><title>${escapeXml(name)}</title></path><text x="${at.x.toFixed(1)}" y="${at.y.toFixed(1)}" font-family="sans-serif" font-size="${NAME_HIGH_MM}" text-anchor="middle">${escapeXml(words)}</text>`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width.toFixed(1)}mm" height="${height.toFixed(1)}mm" viewBox="${-MARGIN_MM} ${-2 * MARGIN_MM} ${width.toFixed(1)} ${height.toFixed(1)}">
<title>${escapeXml(title)}</title>
<text x="0" y="${-MARGIN_MM}" font-family="sans-serif" font-size="20">${escapeXml(`${title}: ${says}`)}</text>
<rect x="0" y="0" width="${length.toFixed(2)}" height="${across.toFixed(2)}" fill="none" stroke="#888" stroke-width="1"${isFolded ? ' stroke-dasharray="12 6"' : ""}/>
${outlines.join("\n")}
</svg>
`;
}
