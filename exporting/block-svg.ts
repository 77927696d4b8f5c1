import type { Block } from "@core/block/index";
import { mapPath, svgPathData } from "@core/geometry/index";
import { blockOutline, outlineBox } from "./block-outline";

const MARGIN_MM = 10;

/** The block's outline as an SVG drawing at true scale: one user unit is one millimetre, each edge a path named for what it is. */
export function writeBlockSvg(block: Block): string {
  const edges = blockOutline(block);
  const box = outlineBox(edges);
  const [width, height] = [box.right - box.left + 2 * MARGIN_MM, box.bottom - box.top + 2 * MARGIN_MM].map(
    (size) => Math.ceil(size * 1000) / 1000,
  );
  const paths = edges.map(({ name, path, isInner, isMadeUp }) => {
    const placed = mapPath(path, (p) => ({ x: p.x - box.left + MARGIN_MM, y: p.y - box.top + MARGIN_MM }));
    return `<path id="${name}" d="${svgPathData(placed)}" stroke-width="${isInner ? 0.25 : 0.5}"${isMadeUp ? ' stroke-dasharray="6 4"' : ""}/>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">
<title>Bodice block, stitching line${edges.some(({ isMadeUp }) => isMadeUp) ? "; side seam and hem are made up" : ""}</title>
<g fill="none" stroke="#000">
${paths.join("\n")}
</g>
</svg>
`;
}
