import type { Garment } from "@core/garment/index";
import { along, boxOf, flatten, type Point, pathLength, step } from "@core/geometry/index";
import type { Edge, NamedLine, Piece } from "@core/pattern/index";
import { formatLength, type Tape } from "@core/tape/index";
import polylabel from "polylabel";
import type { TextMark } from "./mark";
import { boxOfText, hasRoom, type Obstacle } from "./room";
import { type Dressing, type Wording, wordings } from "./wording";

const TITLE_MM = 7;
const LABEL_MM = 4.5;
const LINE_SHARE = 1.6;
/** A label would run over the ends of a shorter edge. */
const LEAST_LABELLED_MM = 60;
/** Where there is little room what is written gets smaller, down to what is still read at arm's length. */
const SIZES = [1, 0.85, 0.7] as const;

/**
 * What is written on a piece, each where it has room: what the piece is and how it is cut, the words beside its grain, and each edge that is
 * long enough with its length. Text never lies over a line or over other text; what has no room anywhere is left out.
 */
export function pieceLabels(
  garment: Garment,
  piece: Piece,
  { tape, ...dressing }: Dressing & { readonly tape: Tape },
  /** The lines of the piece. */
  lines: readonly Obstacle[],
): readonly TextMark[] {
  const outline = flatten(piece.outline);
  const taken: Obstacle[] = [];
  const written: TextMark[] = [];
  const isFree = (text: TextMark) => hasRoom(text, outline, lines, taken);
  /** Takes the first of the ways in which all its lines have room. */
  const take = (ways: Iterable<readonly TextMark[]>): void => {
    for (const way of ways) {
      if (!way.every(isFree)) continue;
      written.push(...way);
      taken.push(...way.map(boxOfText));
      return;
    }
  };
  take(waysToTitle(piece, outline, wordings(garment, piece, tape, dressing)));
  take(waysAlongGrain(piece));
  for (const one of piece.lines ?? []) take(waysOnLine(one));
  for (const edge of piece.edges) if (edge.length >= LEAST_LABELLED_MM) take(waysAlong(edge, tape));
  return written;
}

const LEVEL_MM = 3.2;

/** The name of a line of the piece, small, above it or below, from near one end to the other. */
function* waysOnLine({ name, path }: NamedLine): Iterable<readonly TextMark[]> {
  const whole = pathLength(path);
  for (const share of [0.9, 0.1, 0.75, 0.25, 0.5]) {
    const { point, direction } = along(path, whole * share);
    const turn = uprightTurn((Math.atan2(direction.y, direction.x) * 180) / Math.PI);
    const aside = { x: -Math.sin((turn * Math.PI) / 180), y: Math.cos((turn * Math.PI) / 180) };
    for (const off of [-1.2, LEVEL_MM + 0.6])
      yield [{ kind: "text", at: step(point, aside, off), text: name, size: LEVEL_MM, anchor: "middle", turn }];
  }
}

/** The place furthest from every edge is found to within this. */
const POLE_PRECISION_MM = 0.5;
/** How far from the grain what stands beside it is tried. */
const BESIDE_MM = [0.5, 0.62, 0.38, 0.75] as const;
const DOWN = [0.06, 0.2, 0.35, 0.5, 0.65] as const;

/** Beside the grain, where the piece is widest, along it, and along its longest edges, ever smaller; then in fewer words. */
function* waysToTitle(
  piece: Piece,
  outline: readonly Point[],
  wordings: readonly Wording[],
): Iterable<readonly TextMark[]> {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  const { from, to } = piece.grain;
  const [poleX, poleY] = polylabel([outline.map(({ x, y }): [number, number] => [x, y])], POLE_PRECISION_MM);
  const alongGrain = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const longways = bottom - top > right - left ? -90 : 0;
  const longest = [...piece.edges].sort((a, b) => b.length - a.length).slice(0, 2);
  for (const words of wordings) {
    for (const scale of SIZES) {
      for (const down of DOWN) {
        const y = Math.min(from.y, to.y) + Math.abs(to.y - from.y) * down + TITLE_MM * scale;
        for (const share of BESIDE_MM) {
          yield block(words, { x: from.x + (right - from.x) * share, y }, scale, 0);
          yield block(words, { x: from.x - (from.x - left) * share, y }, scale, 0);
        }
      }
      for (const turn of [longways, 0, -90, uprightTurn(alongGrain)]) {
        for (const aside of ASIDE_MM) yield block(words, aheadOf({ x: poleX, y: poleY }, turn, aside), scale, turn);
      }
      for (const edge of longest) {
        for (const share of [0.5, 0.3, 0.7]) {
          for (const inside of [7, 10, 14]) yield blockAlong(edge, words, share, inside, scale);
        }
      }
    }
  }
}

/** Lines one below the other as they are read, along an edge on its inside. */
function blockAlong(
  edge: Edge,
  { title, lines }: Wording,
  share: number,
  inside: number,
  scale: number,
): readonly TextMark[] {
  const all = title === null ? lines : [title, ...lines];
  const asRead = readsInwards(edge, share) ? all : [...all].reverse();
  return asRead.map((text, i) =>
    lineAlong(edge, inside + i * LABEL_MM * LINE_SHARE * scale, text, share, LABEL_MM * scale),
  );
}

/** Away from the place furthest from every edge, where a line runs through it. */
const ASIDE_MM = [0, 14, -14, 28, -28, 45, -45] as const;

/** The place so far across the lines of a text that is turned. */
function aheadOf(at: Point, turn: number, by: number): Point {
  const angle = (turn * Math.PI) / 180;
  return { x: at.x - Math.sin(angle) * by, y: at.y + Math.cos(angle) * by };
}

/** The name with lines under it, centred on a place. */
function block({ title, lines }: Wording, middle: Point, scale: number, turn: number): readonly TextMark[] {
  const head = title === null ? 0 : TITLE_MM;
  const height = (head + lines.length * LABEL_MM * LINE_SHARE) * scale;
  const line = (text: string, down: number, size: number): TextMark => ({
    kind: "text",
    at: aheadOf(middle, turn, down * scale - height / 2),
    text,
    size: size * scale,
    anchor: "middle",
    turn,
  });
  return [
    ...(title === null ? [] : [line(title, TITLE_MM, TITLE_MM)]),
    ...lines.map((text, i) => line(text, head + (i + 1) * LABEL_MM * LINE_SHARE - LABEL_MM * 0.5, LABEL_MM)),
  ];
}

/** The words stand so far beside the arrow, and have no room along a shorter one. */
const GRAIN_ASIDE_MM = 3;
const LEAST_WORDED_MM = 70;

function* waysAlongGrain({ grain: { from, to } }: Piece): Iterable<readonly TextMark[]> {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const size = Math.hypot(dx, dy);
  if (size < LEAST_WORDED_MM) return;
  const turn = uprightTurn((Math.atan2(dy, dx) * 180) / Math.PI - 180);
  const angle = (turn * Math.PI) / 180;
  for (const share of [0.5, 0.35, 0.65, 0.2, 0.8]) {
    // Above the line as it is read, and below it.
    for (const off of [-GRAIN_ASIDE_MM, GRAIN_ASIDE_MM + LABEL_MM * 0.8]) {
      const at = { x: from.x + dx * share - Math.sin(angle) * off, y: from.y + dy * share + Math.cos(angle) * off };
      yield [{ kind: "text", at, text: "straight grain", size: LABEL_MM, anchor: "middle", turn }];
    }
  }
}

/** Along the inside of an edge, half way, then nearer to its ends and further in, ever smaller. */
function* waysAlong(edge: Edge, tape: Tape): Iterable<readonly TextMark[]> {
  const text = `${edge.name} ${formatLength(edge.length, tape)}`;
  for (const scale of SIZES) {
    for (const inside of [8, 11, 6, 15, 20]) {
      for (const share of [0.5, 0.36, 0.64, 0.25, 0.75]) {
        yield [lineAlong(edge, inside, text, share, LABEL_MM * scale)];
      }
    }
  }
}

/** Degrees turned so that nothing is read upside down. */
function uprightTurn(turn: number): number {
  return turn > 90 ? turn - 180 : turn < -90 ? turn + 180 : turn;
}

/** Does what is written along an edge go on below, as it is read, further inside the piece? It does where nothing had to be turned over. */
function readsInwards(edge: Edge, share: number): boolean {
  const { direction } = along(edge.path, edge.length * share);
  const turn = (Math.atan2(direction.y, direction.x) * 180) / Math.PI;
  return uprightTurn(turn) === turn;
}

/** Written along an edge on its inside. The outline runs clockwise: inside is to the right. */
function lineAlong(edge: Edge, inside: number, text: string, share: number, size: number): TextMark {
  const { point, direction } = along(edge.path, edge.length * share);
  const turn = uprightTurn((Math.atan2(direction.y, direction.x) * 180) / Math.PI);
  return {
    kind: "text",
    at: step(point, { x: -direction.y, y: direction.x }, inside),
    text,
    size,
    anchor: "middle",
    turn,
  };
}
