import { at } from "@core/data/index";
import type { Point } from "@core/geometry/index";
import type { LineStyle } from "./mark";
import type { PatternSheet } from "./pattern-sheet";
import { chordsOf, type Stroke, strokesOf, textsOf, travelOf } from "./strokes";

/** A plotter counts in fortieths of a millimetre. */
const UNITS_PER_MM = 40;
const CHORD_MM = 0.01;
/** The pen of each kind of line: what is cut, what is sewn, and the marks. */
const PENS: Readonly<Record<LineStyle, 1 | 2 | 3>> = {
  cutting: 1,
  stitching: 2,
  sewn: 2,
  fold: 3,
  notch: 1,
  grain: 3,
  level: 3,
};
/** Ends the text of a label. */
const END_OF_LABEL = "\u0003";

export type Plot = {
  readonly text: string;
  /** How far the pen moves without drawing, in millimetres: as it is written, and as the lines come. */
  readonly travel: number;
  readonly travelUnsorted: number;
};

/** The sheet as HPGL for a pen plotter or a cutter: whole fortieths of a millimetre, y up from the lower edge of the sheet. */
export function writeHpgl(sheet: PatternSheet): Plot {
  const strokes = strokesOf(sheet);
  const byPen = ([1, 2, 3] as const).map((pen) => ({
    pen,
    strokes: inNearOrder(strokes.filter(({ style }) => PENS[style] === pen)),
  }));
  const place = (p: Point) => `${Math.round(p.x * UNITS_PER_MM)},${Math.round((sheet.height - p.y) * UNITS_PER_MM)}`;
  const drawn = byPen.flatMap(({ pen, strokes }) =>
    strokes.length === 0
      ? []
      : [
          `SP${pen};`,
          ...strokes.map(({ path }) => {
            const [first, ...rest] = chordsOf(path, CHORD_MM);
            return first ? `PU${place(first)};PD${rest.map(place).join(",")};` : "";
          }),
        ],
  );
  const labels = textsOf(sheet).map(({ at: p, text, size, turn, anchor }) => {
    const angle = (-turn * Math.PI) / 180;
    const plain = Array.from(text.normalize("NFKD"))
      .filter((c) => c >= " " && c <= "~")
      .join("");
    const back = anchor === "middle" ? (plain.length * size * LETTER_SHARE) / 2 : 0;
    const from = { x: p.x - Math.cos(angle) * back, y: p.y + Math.sin(angle) * back };
    const [wide, tall] = [(size * LETTER_SHARE) / 15, (size * 0.7) / 10].map((cm) => cm.toFixed(3));
    return `PU${place(from)};DI${Math.cos(angle).toFixed(4)},${Math.sin(angle).toFixed(4)};SI${wide},${tall};LB${plain}${END_OF_LABEL}`;
  });
  return {
    text: `IN;${drawn.join("\n")}\n${labels.length > 0 ? `SP3;\n${labels.join("\n")}\n` : ""}PU0,0;SP0;PG;\n`,
    travel: byPen.reduce((sum, { strokes }) => sum + travelOf(strokes), 0),
    travelUnsorted: travelOf(strokes),
  };
}

/** A letter of a plotter takes so much of its size with the space after it. */
const LETTER_SHARE = 0.6;

/** Each line after the one that ends nearest to where it begins; an open line may be drawn from its other end, a closed one from any place of it. */
function inNearOrder(strokes: readonly Stroke[]): readonly Stroke[] {
  const left = [...strokes];
  const ordered: Stroke[] = [];
  let pen: Point = { x: 0, y: 0 };
  while (left.length > 0) {
    let best = { index: 0, from: 0, isTurned: false, gap: Number.POSITIVE_INFINITY };
    left.forEach(({ path, isClosed }, index) => {
      const look = (p: Point, from: number, isTurned: boolean) => {
        const gap = Math.hypot(p.x - pen.x, p.y - pen.y);
        if (gap < best.gap) best = { index, from, isTurned, gap };
      };
      if (isClosed) for (const [from, [start]] of path.entries()) look(start, from, false);
      else {
        look(at(path, 0)[0], 0, false);
        look(at(path, path.length - 1)[3], 0, true);
      }
    });
    const [taken] = left.splice(best.index, 1);
    if (!taken) break;
    const path = best.isTurned
      ? [...taken.path].reverse().map(([a, b, c, d]) => [d, c, b, a] as const)
      : [...taken.path.slice(best.from), ...taken.path.slice(0, best.from)];
    ordered.push({ ...taken, path });
    pen = at(path, path.length - 1)[3];
  }
  return ordered;
}
