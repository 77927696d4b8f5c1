import { type ClothOnTable, type LayPiece, type LayPlan, outlineOnCloth, planOf, shareUsed } from "@core/cut/index";
import type { Garment } from "@core/garment/index";
import { roomBeside } from "@core/geometry/index";
import { inMakersOrder } from "@core/pattern/index";
import { formatLength, type TapeUnit } from "@core/tape/index";
import polylabel from "polylabel";
import { escapeXml } from "./svg";

const MARGIN_MM = 40;
/** A file is written of the best of so many orders: about a second's work. */
const TRIES = 60;

/** The plan that a garment keeps, or the best of some tries, as a drawing. */
export function laySvg(garment: Garment, unit: TapeUnit): string {
  const { pieces, plan, table } = planOf(garment, TRIES);
  const numbers = new Map(inMakersOrder(garment.pieces).map(({ id }, i) => [id, i + 1]));
  return writeLaySvg(garment.spec.name, pieces, plan, table, numbers, unit);
}

/** A letter of a name takes about so much. */
const LETTER_MM = 10;
const HIGH_MM = 18;

/** A lay plan as an SVG drawing, a user unit a millimetre: the cloth, its fold or selvedges, and every piece with its number and name. */
function writeLaySvg(
  title: string,
  pieces: readonly LayPiece[],
  plan: LayPlan,
  table: ClothOnTable,
  numbers: ReadonlyMap<string, number>,
  unit: TapeUnit,
): string {
  const across = table.isFolded ? table.width / 2 : table.width;
  const [width, height] = [plan.length + 2 * MARGIN_MM, across + 3 * MARGIN_MM];
  const outlines = plan.laid.map((laid) => {
    const points = outlineOnCloth(pieces, laid);
    const piece = pieces.find((one) => one.id === laid.id);
    const [x, y] = polylabel([points.map((p): [number, number] => [p.x, p.y])], 1);
    const number = String(numbers.get(piece?.piece ?? "") ?? "");
    const name = `${number} ${piece?.name ?? laid.id}`.trim();
    // Where the whole name has no room its number stands for it.
    const words = roomBeside(points, { x, y }, [y, y - HIGH_MM]) > name.length * LETTER_MM ? name : number;
    return `<path d="${points.map(({ x, y }, i) => `${i === 0 ? "M" : "L"}${x.toFixed(2)} ${y.toFixed(2)}`).join("")}Z" fill="none" stroke="#000" stroke-width="1.5"><title>${escapeXml(name)}</title></path><text x="${x.toFixed(1)}" y="${y.toFixed(1)}" font-family="sans-serif" font-size="18" text-anchor="middle">${escapeXml(words)}</text>`;
  });
  const says = `${title}: ${formatLength(plan.length, unit)} of cloth ${formatLength(table.width, unit)} wide, ${table.isFolded ? "folded, the fold above" : "open"}; ${Math.round(shareUsed(pieces, plan, table) * 100)} % used. Lay it out before you cut, and cut with the blade away from you.`;
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width.toFixed(1)}mm" height="${height.toFixed(1)}mm" viewBox="${-MARGIN_MM} ${-2 * MARGIN_MM} ${width.toFixed(1)} ${height.toFixed(1)}">
<title>${escapeXml(title)}</title>
<text x="0" y="${-MARGIN_MM}" font-family="sans-serif" font-size="20">${escapeXml(says)}</text>
<rect x="0" y="0" width="${plan.length.toFixed(2)}" height="${across.toFixed(2)}" fill="none" stroke="#888" stroke-width="1"${table.isFolded ? ' stroke-dasharray="12 6"' : ""}/>
${outlines.join("\n")}
</svg>
`;
}
