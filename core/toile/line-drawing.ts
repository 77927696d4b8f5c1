import { at } from "../data";
import type { HalfPicture, Side, ToilePicture } from "./picture";

/** A worn toile as lines, as one would sketch it: SVG path data in whole millimetres, seen level from the front, x to the viewer's right and y down from `0, 0`. */
export type LineDrawing = {
  readonly width: number;
  readonly height: number;
  /** Seams, hems and edges, and where the cloth turns away from who looks at it. */
  readonly cloth: string;
  /** What is seen of the body. */
  readonly body: string;
};

/** A place on the picture, and how near to the eye it is. Millimetres. */
type Seen = readonly [x: number, y: number, near: number];
type Stretch = readonly [Seen, Seen];
type Shape = { readonly corners: readonly Seen[]; readonly isCloth: boolean };

/** What hides what is decided on squares of this side, and along a line at steps of half of it. Millimetres. */
const CELL = 2;
/** A line lies on the cloth that it belongs to; it counts as seen where nothing is nearer by more than this. Millimetres. */
const BEHIND = 5;
/** A turned edge shorter than this is a ripple of the cloth and is left out. Millimetres. */
const SHORTEST_FOLD = 45;
const SHORTEST = 6;
/** How far a drawn line may be from the true one. Millimetres. */
const OFF = 1.4;
const MARGIN = 6;

/** The front of a worn toile drawn with lines, hidden ones left out. The same toile gives the same drawing. */
export function lineDrawing(picture: ToilePicture): LineDrawing {
  const halves: readonly { half: HalfPicture; mirror: number; sides: readonly Side[] }[] = [
    { half: picture, mirror: -1, sides: [picture, picture.over] },
    // The right front laps over the left one: of that nothing is seen beyond the middle.
    { half: picture.left ?? picture, mirror: 1, sides: [picture.left ?? picture] },
  ];
  const shapes: Shape[] = [];
  const marked: Stretch[] = [];
  for (const { half, mirror, sides } of halves) {
    const seen = (places: ArrayLike<number>, i: number): Seen => [
      mirror * 1000 * (places[i * 3] ?? 0),
      -1000 * (places[i * 3 + 1] ?? 0),
      1000 * (places[i * 3 + 2] ?? 0),
    ];
    const add = (places: ArrayLike<number>, triangles: ArrayLike<number>, isCloth: boolean) => {
      for (let t = 0; t < triangles.length; t += 3)
        shapes.push({ corners: [0, 1, 2].map((k) => seen(places, triangles[t + k] ?? 0)), isCloth });
    };
    for (const side of sides) {
      add(half.places, side.triangles, true);
      for (const lines of [side.seams, side.ends])
        for (let i = 0; i < lines.length / 3; i += 2) marked.push([seen(lines, i), seen(lines, i + 1)]);
    }
    add(half.body.places, half.body.triangles, false);
  }
  const sight = sightOf(shapes);
  const turned = (isCloth: boolean) =>
    chained(turnedEdges(shapes.filter((shape) => shape.isCloth === isCloth)).flatMap(sight.seenOf)).filter(
      (line) => lengthOf(line) >= SHORTEST_FOLD,
    );
  const cloth = [
    ...chained(marked.flatMap(sight.seenOf)).filter((line) => lengthOf(line) >= SHORTEST),
    ...turned(true),
  ];
  const body = turned(false);
  const all = [...cloth, ...body].flat();
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const [left, top] = [Math.floor(Math.min(...xs) - MARGIN), Math.floor(Math.min(...ys) - MARGIN)];
  const [right, bottom] = [Math.ceil(Math.max(...xs) + MARGIN), Math.ceil(Math.max(...ys) + MARGIN)];
  const data = (lines: readonly (readonly Seen[])[]) =>
    lines
      .map(
        (line) =>
          `M${simplified(line)
            .map(([x, y]) => `${Math.round(x - left)} ${Math.round(y - top)}`)
            .join("L")}`,
      )
      .join("");
  return { width: right - left, height: bottom - top, cloth: data(cloth), body: data(body) };
}

/** What is nearest to the eye in every square of the picture. */
function sightOf(shapes: readonly Shape[]) {
  const xs = shapes.flatMap(({ corners }) => corners.map(([x]) => x));
  const ys = shapes.flatMap(({ corners }) => corners.map(([, y]) => y));
  const least = (list: readonly number[]) => list.reduce((a, b) => Math.min(a, b), Number.POSITIVE_INFINITY) - 2 * CELL;
  const most = (list: readonly number[]) => list.reduce((a, b) => Math.max(a, b), Number.NEGATIVE_INFINITY) + 2 * CELL;
  const [left, top] = [least(xs), least(ys)];
  const columns = Math.ceil((most(xs) - left) / CELL);
  const nearest = new Float64Array(columns * Math.ceil((most(ys) - top) / CELL)).fill(Number.NEGATIVE_INFINITY);
  const column = (x: number) => Math.floor((x - left) / CELL);
  const row = (y: number) => Math.floor((y - top) / CELL);
  for (const { corners } of shapes) {
    const [a, b, c] = [at(corners, 0), at(corners, 1), at(corners, 2)];
    const area = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    if (area === 0) continue;
    const [x0, x1] = [Math.min(a[0], b[0], c[0]), Math.max(a[0], b[0], c[0])];
    const [y0, y1] = [Math.min(a[1], b[1], c[1]), Math.max(a[1], b[1], c[1])];
    for (let j = row(y0); j <= row(y1); j++)
      for (let i = column(x0); i <= column(x1); i++) {
        const [x, y] = [left + (i + 0.5) * CELL, top + (j + 0.5) * CELL];
        const ofB = ((x - a[0]) * (c[1] - a[1]) - (y - a[1]) * (c[0] - a[0])) / area;
        const ofC = ((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])) / area;
        if (ofB < 0 || ofC < 0 || ofB + ofC > 1) continue;
        const near = a[2] + ofB * (b[2] - a[2]) + ofC * (c[2] - a[2]);
        const cell = j * columns + i;
        nearest[cell] = Math.max(nearest[cell] ?? near, near);
      }
  }
  /** An edge that turns away lies in a square that its own cloth may fill with what is nearer: the most distant of the squares round it decides. */
  const isSeen = ([x, y, near]: Seen) => {
    let behind = Number.POSITIVE_INFINITY;
    for (let j = -1; j <= 1; j++)
      for (let i = -1; i <= 1; i++)
        behind = Math.min(behind, nearest[(row(y) + j) * columns + column(x) + i] ?? Number.NEGATIVE_INFINITY);
    return near + BEHIND >= behind;
  };
  /** The parts of a stretch that nothing hides. */
  const seenOf = ([from, to]: Stretch): readonly Stretch[] => {
    const steps = Math.max(1, Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1]) / (CELL / 2)));
    const point = (i: number): Seen => mixed(from, to, i / steps);
    const parts: Stretch[] = [];
    let begun = -1;
    for (let i = 0; i <= steps; i++) {
      const isOpen = isSeen(point(i));
      if (isOpen && begun < 0) begun = i;
      if (begun >= 0 && begun < i && (!isOpen || i === steps)) parts.push([point(begun), point(isOpen ? i : i - 1)]);
      if (!isOpen) begun = -1;
    }
    return parts;
  };
  return { seenOf };
}

const mixed = (from: Seen, to: Seen, share: number): Seen => [
  from[0] + share * (to[0] - from[0]),
  from[1] + share * (to[1] - from[1]),
  from[2] + share * (to[2] - from[2]),
];

const keyOf = ([x, y, near]: Seen, step: number) => [x, y, near].map((part) => Math.round(part / step)).join();

/** The edges at which a surface turns from facing the eye to facing away. */
function turnedEdges(shapes: readonly Shape[]): readonly Stretch[] {
  const facing = new Map<string, { readonly faces: boolean; readonly stretch: Stretch }>();
  const turned: Stretch[] = [];
  for (const { corners } of shapes) {
    const [a, b, c] = [at(corners, 0), at(corners, 1), at(corners, 2)];
    const isClockwise = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 0;
    corners.forEach((from, k) => {
      const to = at(corners, (k + 1) % 3);
      const [one, other] = [keyOf(from, 0.01), keyOf(to, 0.01)];
      const isForward = one < other;
      const key = isForward ? `${one} ${other}` : `${other} ${one}`;
      // Both triangles of a smooth surface run along their edge in opposite ways and turn the same way round.
      const faces = isClockwise === isForward;
      const before = facing.get(key);
      if (!before) facing.set(key, { faces, stretch: [from, to] });
      else if (before.faces === faces) turned.push([from, to]);
    });
  }
  return turned;
}

/** Stretches that follow on each other joined to lines. */
function chained(stretches: readonly Stretch[]): readonly (readonly Seen[])[] {
  const ends = new Map<string, number[]>();
  const key = (p: Seen) => keyOf([p[0], p[1], 0], 0.75);
  stretches.forEach((stretch, i) => {
    for (const p of stretch) ends.set(key(p), [...(ends.get(key(p)) ?? []), i]);
  });
  const used = new Set<number>();
  const goOn = (line: Seen[]) => {
    for (;;) {
      const last = at(line, line.length - 1);
      const next = ends.get(key(last))?.find((i) => !used.has(i));
      if (next === undefined) return line;
      used.add(next);
      const [from, to] = at(stretches, next);
      line.push(key(from) === key(last) ? to : from);
    }
  };
  return stretches.flatMap(([from, to], i) => {
    if (used.has(i)) return [];
    used.add(i);
    return [goOn(goOn([from, to]).reverse())];
  });
}

function lengthOf(line: readonly Seen[]): number {
  return line.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0] - at(line, i)[0], p[1] - at(line, i)[1]), 0);
}

/** The line with as few points as keep it within `OFF` of where it was (Douglas and Peucker 1973). */
function simplified(line: readonly Seen[]): readonly Seen[] {
  const [first, last] = [at(line, 0), at(line, line.length - 1)];
  const size = Math.hypot(last[0] - first[0], last[1] - first[1]);
  let [furthest, off] = [0, 0];
  line.forEach(([x, y], i) => {
    const away =
      size < 1e-9
        ? Math.hypot(x - first[0], y - first[1])
        : Math.abs((last[0] - first[0]) * (y - first[1]) - (last[1] - first[1]) * (x - first[0])) / size;
    if (away > off) [furthest, off] = [i, away];
  });
  if (off <= OFF) return [first, last];
  return [...simplified(line.slice(0, furthest + 1)).slice(0, -1), ...simplified(line.slice(furthest))];
}
