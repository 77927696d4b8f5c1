import type { DraftLine } from "../../draft";
import { endOf, lengthAtHeight, lineCubic, type Path, type Point, rotatePath, subpath } from "../../geometry";
import type { DartLegs, Side } from "../half";
import { upright } from "./sides";

/** A waist dart: its middle, how wide it is at the waist and how much of that lies towards the centre, and between which levels it runs. */
export type WaistDart = {
  readonly x: number;
  readonly width: number;
  readonly inner: number;
  readonly top: number;
  readonly waist: number;
  readonly foot: number;
};

/** A dart shorter than this above the waist shapes nothing. Our own limit. */
export const LEAST_DART_HEIGHT_MM = 20;

/** Both legs of a waist dart, as far down as the hem; `turn` swings the outer one out from the bust point, for a dart that takes the bust's too. */
export function waistDartLines(
  side: Side,
  nth: number,
  dart: WaistDart,
  hem: number,
  turn: { readonly about: Point; readonly by: number } | null = null,
): DrawnDart {
  const leg = (way: 1 | -1): Path => {
    const out = way === 1 ? dart.width - dart.inner : dart.inner;
    const stops: readonly Point[] = [
      { x: dart.x, y: dart.top },
      { x: dart.x + way * out, y: dart.waist },
      { x: dart.x, y: dart.foot },
    ];
    return cutAt(
      stops.slice(1).map((to, i) => lineCubic(stops[i] ?? to, to)),
      hem,
      turn !== null,
    );
  };
  const outer = leg(1);
  return drawnDart(side, nth, leg(-1), turn ? rotatePath(outer, turn.about, turn.by) : outer);
}

export type DrawnDart = { readonly legs: DartLegs; readonly lines: readonly DraftLine[] };

function drawnDart(side: Side, nth: number, inner: Path, outer: Path): DrawnDart {
  const id = nth === 0 ? "dart" : `dart${nth + 1}`;
  return {
    legs: { inner, outer },
    lines: [
      { id: `${side}.${id}Inner`, kind: "seam", path: inner },
      { id: `${side}.${id}Outer`, kind: "seam", path: outer },
    ],
  };
}

/** Both edges of a princess seam below its turn, in smooth curves down to the waist and to where it closes. */
export function princessBelow(side: Side, dart: WaistDart, hem: number): DrawnDart {
  const edge = (x: number): Path => {
    const [top, waist, foot] = [
      { x: dart.x, y: dart.top },
      { x, y: dart.waist },
      { x: dart.x, y: dart.foot },
    ];
    return cutAt([upright(top, waist), upright(waist, foot)], hem, false);
  };
  return drawnDart(side, 0, edge(dart.x - dart.inner), edge(dart.x + dart.width - dart.inner));
}

/** Cut off at the hem; run on to it where the dart opens there. */
function cutAt(path: Path, hem: number, isOpen: boolean): Path {
  const end = endOf(path);
  if (end.y > hem) return subpath(path, 0, lengthAtHeight(path, hem));
  return isOpen && end.y < hem ? [...path, lineCubic(end, { x: end.x, y: hem })] : path;
}
