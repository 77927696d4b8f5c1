import { outlineOnCloth, planOf, shareUsed } from "@core/cut/index";
import type { Garment } from "@core/garment/index";
import { type Point, roomBeside } from "@core/geometry/index";
import { inMakersOrder } from "@core/pattern/index";
import { formatLength, type Tape } from "@core/tape/index";
import polylabel from "polylabel";

/** A file is written of the best plan that is found with so much work: about a tenth of a second. */
const WORK = 3_000_000;
/** A letter of a name takes about so much. */
const LETTER_MM = 10;
export const NAME_HIGH_MM = 18;

/** A lay plan as it is drawn, in millimetres: the cloth from its cut end to the right, its fold or a selvedge above. */
export type LayDrawing = {
  readonly title: string;
  readonly says: string;
  readonly length: number;
  readonly across: number;
  readonly isFolded: boolean;
  readonly pieces: readonly {
    readonly name: string;
    readonly outline: readonly Point[];
    /** What is written where the piece has most room: its name, or its number alone where the name has none. */
    readonly words: string;
    readonly at: Point;
  }[];
};

/** The plan that a garment keeps, or the best that is found in a moment. */
export function layDrawing(garment: Garment, tape: Tape): LayDrawing {
  const { pieces, plan, table } = planOf(garment, WORK);
  const numbers = new Map(inMakersOrder(garment.pieces).map(({ id }, i) => [id, i + 1]));
  const title = garment.spec.name;
  return {
    title,
    says: `${formatLength(plan.length, tape)} of cloth ${formatLength(table.width, tape)} wide, ${table.isFolded ? "folded, the fold above" : "open"}; ${Math.round(shareUsed(pieces, plan, table) * 100)} % used. Lay it out before you cut, and cut with the blade away from you.`,
    length: plan.length,
    across: table.isFolded ? table.width / 2 : table.width,
    isFolded: table.isFolded,
    pieces: plan.laid.map((laid) => {
      const outline = outlineOnCloth(pieces, laid);
      const piece = pieces.find((one) => one.id === laid.id);
      const [x, y] = polylabel([outline.map((p): [number, number] => [p.x, p.y])], 1);
      const number = String(numbers.get(piece?.piece ?? "") ?? "");
      const name = `${number} ${piece?.name ?? laid.id}`.trim();
      const hasRoom = roomBeside(outline, { x, y }, [y, y - NAME_HIGH_MM]) > name.length * LETTER_MM;
      return { name, outline, words: hasRoom ? name : number, at: { x, y } };
    }),
  };
}

export const outlineData = (outline: readonly Point[]) =>
  `${outline.map(({ x, y }, i) => `${i === 0 ? "M" : "L"}${x.toFixed(2)} ${y.toFixed(2)}`).join("")}Z`;
