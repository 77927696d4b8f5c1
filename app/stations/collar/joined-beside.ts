import type { DraftedCollar } from "@core/drafting/index";
import { along, boxOf, mapPath, type Path, type Point, startOf } from "@core/geometry/index";

/** Room between the collar and the neckline drawn beside or below it. */
const BETWEEN_MM = 40;

export type PlacedNeck = { readonly neckline: Path; readonly shoulder: Point; readonly fallLine: Path | null };

/** The joined neckline with its centre back below the collar's; to the right of a collar that is drawn on the front. */
export function joinedBeside({ drawn, draft, drawing }: DraftedCollar): PlacedNeck | null {
  if (!drawing.joined) return null;
  const { neckline, fallLine } = drawing.joined;
  const own = boxOf([neckline, ...(fallLine ? [fallLine] : [])]);
  const collar = boxOf([...drawn.map((piece) => piece.outline), ...draft.lines.map((one) => one.path)]);
  const start = startOf(neckline);
  const isBeside = collar.bottom - collar.top > collar.right - collar.left;
  const move = isBeside
    ? { x: collar.right + BETWEEN_MM - own.left, y: collar.top + BETWEEN_MM - own.top }
    : { x: -start.x, y: collar.bottom + BETWEEN_MM - own.top };
  const place = (p: Point): Point => ({ x: p.x + move.x, y: p.y + move.y });
  return {
    neckline: mapPath(neckline, place),
    shoulder: place(along(neckline, drawing.joined.shoulderAt).point),
    fallLine: fallLine && mapPath(fallLine, place),
  };
}
