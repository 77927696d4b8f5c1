import { svgPathData } from "../geometry";
import { arranged } from "../pattern";
import type { Garment } from "./sketch-garment";

/** A garment's pieces in outline, small, as a maker lays them out; null where nothing is cut. */
export type GarmentPicture = { readonly data: string; readonly width: number; readonly height: number };

/** A picture is about as wide as high. */
const ASPECT = 1.1;
const BETWEEN_MM = 40;

/** The picture in whole millimetres, which a thumb's height does not show finer. */
export function pictureOf({ pieces }: Pick<Garment, "pieces">): GarmentPicture | null {
  if (pieces.length === 0) return null;
  const { width, height, pieces: placed } = arranged(pieces, ASPECT, BETWEEN_MM);
  const data = placed
    .map(({ piece, x, y }) =>
      svgPathData(
        piece.outline.map(([a, b, c, d]) => {
          const at = (p: typeof a) => ({ x: Math.round(p.x + x), y: Math.round(p.y + y) });
          return [at(a), at(b), at(c), at(d)];
        }),
        true,
      ),
    )
    .join("");
  return { data, width: Math.round(width), height: Math.round(height) };
}
