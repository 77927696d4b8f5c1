import {
  ellipseArcPath,
  findRoot,
  line,
  type Path,
  type Point,
  SOLVED_FINELY_MM,
  type Solution,
  STRAIGHT_TURN,
} from "../../geometry";
import type { StandTask } from "./stand-task";

/**
 * Half a band from the centre back at x = 0: level for a stretch, then a part of a ring, so that both edges are the same
 * distance apart everywhere and square to the fold. A positive turn lifts the front and makes the upper edge the shorter one.
 */
export type BandShape = {
  readonly neckEdge: number;
  readonly level: number;
  readonly turn: number;
};

function arcOf({ neckEdge, level }: BandShape): number {
  return neckEdge - level;
}

export type BandLaw = { readonly shape: BandShape; readonly solution: Solution | null };

/** An arc is turned no further than this: beyond it the end comes back over itself. */
const MOST_TURN = Math.PI / 2;

/** A half band that turns further would lie over its other end: no neck is so much smaller than its neckline. */
const MOST_DEVELOPED_TURN = 5.5;

/** The whole half length of the neck edge. */
export function neckEdgeOf({ neckline }: Pick<StandTask, "neckline">): number {
  return neckline.back + neckline.front + neckline.beyond;
}

/** The band of each school. Null where the school has none for this neckline. */
export function bandOf(task: StandTask): BandLaw | null {
  const neckEdge = neckEdgeOf(task);
  switch (task.school) {
    case "straight":
      return { shape: { neckEdge, level: 0, turn: 0 }, solution: null };
    case "developed": {
      const turn = developedTurn(task);
      return Math.abs(turn) <= MOST_DEVELOPED_TURN ? { shape: { neckEdge, level: 0, turn }, solution: null } : null;
    }
    case "bowed":
      return lifted(neckEdge, Math.min(task.level, neckEdge), task.bow);
    case "front-rise":
      return lifted(neckEdge, task.neckline.back, task.rise);
  }
}

/**
 * A leaning stand is a part of a cone: over its height the edge gets shorter by height × turn (geometry). The turn is the one at which
 * the upper edge, closed at the centre front, is the neck's girth and its ease.
 */
function developedTurn({ neckline, neck, ease, height }: StandTask): number {
  const closed = neckline.back + neckline.front;
  const share = neckEdgeOf({ neckline }) / closed;
  return ((closed - (neck + ease) / 2) / height) * share;
}

/** The ease at the upper edge of a developed band whose front end rises by so much: the other way round. Null where no band does. */
export function easeAtRise(rise: number, height: number, neck: number, neckline: StandTask["neckline"]): number | null {
  const whole = neckEdgeOf({ neckline });
  const closed = neckline.back + neckline.front;
  const law = lifted(whole, 0, rise);
  return law?.solution ? 2 * (closed - (law.shape.turn * height * closed) / whole) - neck : null;
}

/** The lean from the vertical of a half band that turns by so much: turn = π × sine of the lean (geometry of the cone). */
export function leanOf(turn: number): number {
  return Math.asin(Math.max(-1, Math.min(1, turn / Math.PI)));
}

/** Level, and then an arc whose end lies `off` the level. Null when it would have to come back over itself. */
export function lifted(neckEdge: number, level: number, off: number): BandLaw | null {
  const arc = neckEdge - level;
  if (off <= 0 || arc <= 0) return { shape: { neckEdge, level: 0, turn: 0 }, solution: null };
  const solution = findRoot(
    (turn) => (arc * (1 - Math.cos(turn))) / turn - off,
    STRAIGHT_TURN,
    MOST_TURN,
    SOLVED_FINELY_MM,
  );
  return solution.converged ? { shape: { neckEdge, level, turn: solution.value }, solution } : null;
}

/** How long the edge is, from the centre back, that lies `up` above so much of the neck edge. */
export function edgeLengthTo(shape: BandShape, up: number, at: number): number {
  const arc = arcOf(shape);
  const share = arc > 0 ? Math.min(1, Math.max(0, at - shape.level) / arc) : 0;
  return at - up * shape.turn * share;
}

/** How long the edge is that lies `up` above the neck edge. */
export function edgeLength({ neckEdge, turn }: BandShape, up: number): number {
  return neckEdge - up * turn;
}

/** The edge that lies `up` above the neck edge, from the centre back to the front. y runs down. */
export function edgeAt(shape: BandShape, up: number): Path {
  const { neckEdge, level, turn } = shape;
  const start = { x: 0, y: -up };
  if (Math.abs(turn) < STRAIGHT_TURN) return line(start, { x: neckEdge, y: -up });
  const radius = arcOf(shape) / turn;
  const centre = { x: level, y: -radius };
  const arc = ellipseArcPath({
    centre,
    radiusX: Math.abs(radius - up),
    radiusY: Math.abs(radius - up),
    turned: 0,
    from: (Math.PI / 2) * Math.sign(turn),
    sweep: -turn,
  });
  const before = level > 0 ? line(start, { x: level, y: -up }) : [];
  return [...before, ...arc];
}

/** Where the front end of the edge `up` above the neck edge lies, and which way the band runs there. */
export function frontAt(shape: BandShape, up: number): { readonly at: Point; readonly along: Point } {
  const { neckEdge, level, turn } = shape;
  const along = { x: Math.cos(turn), y: -Math.sin(turn) };
  if (Math.abs(turn) < STRAIGHT_TURN) return { at: { x: neckEdge, y: -up }, along };
  const radius = arcOf(shape) / turn;
  const out = radius - up;
  const turned = { x: level + out * Math.sin(turn), y: -radius + out * Math.cos(turn) };
  return { at: turned, along };
}

/** An angle in degrees as it is written in a sentence, never as −0. */
export function degrees(radians: number, places = 1): string {
  return `${Number(((radians * 180) / Math.PI).toFixed(places)) + 0}`;
}
