import { at } from "../../data";
import {
  add,
  type Cubic,
  cubicDerivative,
  cubicPoint,
  findRoot,
  integral,
  line,
  mapPath,
  type Path,
  type Point,
  SOLVED_FINELY_MM,
  splitCubic,
} from "../../geometry";

/**
 * A sleeve that is slashed from its cap to its hem and spread, in millimetres. The slashes lie between two uprights; what
 * lies outside them is moved and turned, but keeps its shape.
 */
export type Slashing = {
  /** Both halves of the cap, from the crown down. */
  readonly capBack: Cubic;
  readonly capFront: Cubic;
  /** The level of the straight hem, and how far it reaches to each side of the centre line. */
  readonly hem: number;
  readonly hemHalf: number;
  readonly from: number;
  readonly to: number;
  /** What the slashes open by at the crown and at the hem, together. */
  readonly atCrown: number;
  readonly atHem: number;
  /** The share of the way from back to front by which half of the spread is reached; 0.5 spreads evenly. */
  readonly middle: number;
};

/** How a curve across the strips is changed while they are spread: moved up or down at x by so much, and how steeply that changes. */
export type Raise = (x: number) => { readonly by: number; readonly slope: number };

/** The spread sleeve. The grain stays upright at the centre line. */
export type Slashed = {
  /** From the crown down to the ends of the cap line. */
  readonly capBack: Path;
  readonly capFront: Path;
  /** From the front to the back. */
  readonly hem: Path;
  /** The edge so far below the hem, for what is turned up. */
  readonly hemBelow: (depth: number) => Path;
  /** The lines that lie in front of the slashes, and behind them, where they come to lie. */
  readonly placeFront: (path: Path) => Path;
  readonly placeBack: (path: Path) => Path;
  /** The strips as a hand lays them, from back to front. */
  readonly strips: readonly Path[];
};

/** Where an upright of the plain sleeve comes to lie: its foot on the hinge, turned by an angle from x towards y. */
type Frame = {
  readonly x: number;
  readonly foot: Point;
  readonly turn: number;
  /** How fast the upright turns, and the strips part, at x. */
  readonly turning: number;
  readonly parting: number;
  readonly hinge: number;
};

/** Places on each half at which the spread curves are exact; between them they are cubics with the right tangents. */
const PLACES_A_HALF = 14;

/**
 * Slash and spread as it is by infinitely many slashes: the spread edges come out fair at once, where a hand smooths over the gaps. The
 * strips hinge at the hem when the crown opens wider, at the cap when the hem does, so the edge that is hinged on opens by
 * exactly what is asked there. Nothing asked gives back the sleeve unchanged.
 */
export function slash(slashing: Slashing, strips: number, raiseCap: Raise = level, raiseHem: Raise = level): Slashed {
  const { capBack, capFront, hem, hemHalf, from, to } = slashing;
  const crown = capFront[0].x;
  const frameAt = framesOf(slashing);
  const onCap = (x: number) => capAt(slashing, x);
  const places = (a: number, b: number) =>
    Array.from({ length: PLACES_A_HALF + 1 }, (_, i) => a + ((b - a) * i) / PLACES_A_HALF);
  const across = (a: number, b: number, edge: (x: number) => Slope, raise: Raise) =>
    curveThrough(places(a, b).map((x) => placed(frameAt(x), raised(edge(x), raise(x)))));
  const isOpened = slashing.atCrown > 0 || slashing.atHem > 0;
  const isPlain = { cap: !isOpened && raiseCap === level, hem: !isOpened && raiseHem === level };
  const placeFront = (path: Path) => (isOpened ? mapPath(path, rigid(frameAt(to))) : path);
  const placeBack = (path: Path) => (isOpened ? mapPath(path, rigid(frameAt(from))) : path);
  const hemAt = (y: number): Path => {
    const onHem = () => ({ y, slope: 0 });
    if (isPlain.hem) return line({ x: hemHalf, y }, { x: -hemHalf, y });
    return [
      ...placeFront(line({ x: hemHalf, y }, { x: to, y })),
      ...across(to, crown, onHem, raiseHem),
      ...across(crown, from, onHem, raiseHem),
      ...placeBack(line({ x: from, y }, { x: -hemHalf, y })),
    ];
  };
  const edges = Array.from({ length: strips + 1 }, (_, i) => from + ((to - from) * i) / strips);
  return {
    capBack: isPlain.cap ? [capBack] : [...across(crown, from, onCap, raiseCap), ...placeBack([beyond(capBack, from)])],
    capFront: isPlain.cap ? [capFront] : [...across(crown, to, onCap, raiseCap), ...placeFront([beyond(capFront, to)])],
    hem: hemAt(hem),
    hemBelow: (depth) => hemAt(hem + depth),
    placeFront,
    placeBack,
    strips: edges.slice(1).map((right, i) => {
      const left = edges[i] ?? from;
      const top = (x: number) => ({ x, y: onCap(x).y });
      const outline = [
        ...line({ x: left, y: hem }, top(left)),
        ...line(top(left), top(right)),
        ...line(top(right), { x: right, y: hem }),
      ];
      return mapPath(outline, rigid(frameAt((left + right) / 2)));
    }),
  };
}

function level() {
  return { by: 0, slope: 0 };
}

type Slope = { readonly y: number; readonly slope: number };

function raised({ y, slope }: Slope, raise: { readonly by: number; readonly slope: number }): Slope {
  return { y: y - raise.by, slope: slope - raise.slope };
}

/** The cap's level at x and how steeply it runs there. */
function capAt({ capBack, capFront }: Pick<Slashing, "capBack" | "capFront">, x: number): Slope {
  const half = x < capFront[0].x ? capBack : capFront;
  const t = parameterAt(half, x);
  const along = cubicDerivative(half, t);
  return { y: cubicPoint(half, t).y, slope: along.x === 0 ? 0 : along.y / along.x };
}

function parameterAt(half: Cubic, x: number): number {
  return findRoot((t) => cubicPoint(half, t).x - x, 0, 1, SOLVED_FINELY_MM).value;
}

/** The part of a half cap from x down to the end of the cap line. */
function beyond(half: Cubic, x: number): Cubic {
  return splitCubic(half, parameterAt(half, x))[1];
}

function framesOf(slashing: Slashing): (x: number) => Frame {
  const { hem, from, to, atCrown, atHem, capFront } = slashing;
  const fall = hem - capFront[0].y;
  const isHingedAtHem = atCrown >= atHem;
  const whole = (atCrown - atHem) / fall;
  const open = Math.min(atCrown, atHem);
  const share = spreadShare(slashing);
  const hingeAt = (x: number): Slope => (isHingedAtHem ? { y: hem, slope: 0 } : capAt(slashing, x));
  const uprightAt = Math.min(to, Math.max(from, 0));
  const turnAt = (x: number) => whole * (share(x).reached - share(uprightAt).reached);
  /** The way of the foot for each millimetre of the hinge. */
  const way = (x: number): Point => {
    const turn = turnAt(x);
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
    const run = 1 + open * share(x).density;
    const { slope } = hingeAt(x);
    return { x: run * cos - slope * sin, y: run * sin + slope * cos };
  };
  const gone = integral(way, from, to);
  const atUpright = gone(uprightAt);
  const start = { x: uprightAt - atUpright.x, y: hingeAt(uprightAt).y - atUpright.y };
  return (x) => ({
    x,
    foot: add(start, gone(x)),
    turn: turnAt(x),
    turning: whole * share(x).density,
    parting: open * share(x).density,
    hinge: hingeAt(x).y,
  });
}

/** How much of the spread is reached at x, and how fast it grows there: nothing at both ends, so that no corner comes about. */
function spreadShare({ from, to, middle }: Slashing): (x: number) => { reached: number; density: number } {
  const skew = Math.log(0.5) / Math.log(middle);
  return (x) => {
    const u = Math.min(1, Math.max(0, (x - from) / (to - from)));
    const v = u ** skew;
    const growth = u > 0 && u < 1 ? (skew * v) / u / (to - from) : 0;
    return { reached: v * v * (3 - 2 * v), density: 6 * v * (1 - v) * growth };
  };
}

/** A place on the upright of a frame, and the way in which an edge runs through it for each millimetre of the plain sleeve. */
function placed({ x, foot, turn, turning, parting, hinge }: Frame, { y, slope }: Slope) {
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const above = y - hinge;
  const run = 1 + parting - above * turning;
  return {
    x,
    at: { x: foot.x - above * sin, y: foot.y + above * cos },
    way: { x: run * cos - slope * sin, y: run * sin + slope * cos },
  };
}

/** Moves whatever keeps its shape along with an upright. */
function rigid({ x, foot, turn, hinge }: Frame): (p: Point) => Point {
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return (p) => ({
    x: foot.x + (p.x - x) * cos - (p.y - hinge) * sin,
    y: foot.y + (p.x - x) * sin + (p.y - hinge) * cos,
  });
}

function curveThrough(places: readonly ReturnType<typeof placed>[]): Path {
  return places.slice(1).map((to, i): Cubic => {
    const from = at(places, i);
    const third = (to.x - from.x) / 3;
    return [
      from.at,
      { x: from.at.x + from.way.x * third, y: from.at.y + from.way.y * third },
      { x: to.at.x - to.way.x * third, y: to.at.y - to.way.y * third },
      to.at,
    ];
  });
}

/** The level at which an upright meets the cap. */
export function uprightTop(slashing: Pick<Slashing, "capBack" | "capFront">, x: number): number {
  return capAt(slashing, x).y;
}
