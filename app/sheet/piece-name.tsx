import { boxOf } from "@core/geometry/index";
import { cutWords, type Piece } from "@core/pattern/index";
import { toScreen, type View } from "./view";

/** A piece narrower or lower than this on the screen has no room for words; its number stands there. */
const LEAST_WIDE_PX = 44;
const LEAST_HIGH_PX = 26;
/** Letters take about so much of a pixel width each. */
const LETTER_PX = 6.9;
const BESIDE_GRAIN_PX = 7;

type Props = { readonly piece: Piece; readonly number: number; readonly view: View };

/** The piece's number with its name and how it is cut, as far as there is room for the words. */
export function PieceName({ piece, number, view }: Props) {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  const [wide, high] = [(right - left) * view.scale, (bottom - top) * view.scale];
  const { from, to } = piece.grain;
  const at = toScreen(view, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 });
  const named = `${number} ${piece.name}`;
  const isRoom = wide > LEAST_WIDE_PX && high > LEAST_HIGH_PX && wide > named.length * LETTER_PX;
  const cut = cutWords(piece);
  return (
    <text className="piece-name" x={at.x} y={at.y - (isRoom ? BESIDE_GRAIN_PX : -4)} textAnchor="middle">
      <tspan x={at.x}>{isRoom ? named : number}</tspan>
      {isRoom && high > 60 && wide > cut.length * LETTER_PX * 0.9 && (
        <tspan x={at.x} dy="15" className="piece-cut">
          {cut}
        </tspan>
      )}
    </text>
  );
}
