import { boxOf } from "@core/geometry/index";
import { cutWords, type Piece } from "@core/pattern/index";
import type { Rect } from "./dimensions/rect";
import { toScreen, type View } from "./view";

/** A piece narrower or lower than this on the screen has no room for words; its number stands there. */
const LEAST_WIDE_PX = 44;
const LEAST_HIGH_PX = 26;
/** Letters take about so much of a pixel width each. */
const LETTER_PX = 6.9;
const BESIDE_GRAIN_PX = 7;

const LINE_PX = 15;

/** What is written on a piece, as far as there is room for it, and where the first line of it stands. */
function wordsOf({ piece, number, view }: Props) {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  const [wide, high] = [(right - left) * view.scale, (bottom - top) * view.scale];
  const { from, to } = piece.grain;
  const at = toScreen(view, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 });
  const named = `${number} ${piece.name}`;
  const isRoom = wide > LEAST_WIDE_PX && high > LEAST_HIGH_PX && wide > named.length * LETTER_PX;
  const cut = cutWords(piece);
  const isCutSaid = isRoom && high > 60 && wide > cut.length * LETTER_PX * 0.9;
  return {
    x: at.x,
    y: at.y - (isRoom ? BESIDE_GRAIN_PX : -4),
    name: isRoom ? named : String(number),
    cut: isCutSaid ? cut : null,
  };
}

/** What the words of a piece cover, in pixels. */
export function nameRect(props: Props): Rect {
  const { x, y, name, cut } = wordsOf(props);
  const half = (Math.max(name.length, cut?.length ?? 0) * LETTER_PX) / 2;
  return { left: x - half, right: x + half, top: y - LINE_PX, bottom: y + (cut === null ? 4 : LINE_PX + 4) };
}

type Props = { readonly piece: Piece; readonly number: number; readonly view: View };

/** The piece's number with its name and how it is cut, as far as there is room for the words. */
export function PieceName(props: Props) {
  const { x, y, name, cut } = wordsOf(props);
  return (
    <text className="piece-name" x={x} y={y} textAnchor="middle">
      <tspan x={x}>{name}</tspan>
      {cut !== null && (
        <tspan x={x} dy={LINE_PX} className="piece-cut">
          {cut}
        </tspan>
      )}
    </text>
  );
}
