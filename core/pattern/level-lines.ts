import { boxOf, distance, flatten, lerp, line, type Path, type Point } from "../geometry";
import type { NamedLine, Piece } from "./piece";

/** A level of the body, by what it is called on the piece. */
export type NamedLevel = { readonly name: string; readonly y: number };

/** Less of a line is a dot in a corner. */
const LEAST_MM = 15;

/** The levels that cross a piece, each as far as it lies inside the outline. */
export function levelLines(outline: Path, levels: readonly NamedLevel[]): readonly NamedLine[] {
  const { left, right } = boxOf([outline]);
  return levels.flatMap(({ name, y }) => insideOutline(outline, name, { x: left - 1, y }, { x: right + 1, y }));
}

/** What of a straight line lies inside an outline. */
export function insideOutline(outline: Path, name: string, from: Point, to: Point): readonly NamedLine[] {
  const way = { x: to.x - from.x, y: to.y - from.y };
  const sideOf = (p: Point) => way.x * (p.y - from.y) - way.y * (p.x - from.x);
  const whole = way.x * way.x + way.y * way.y;
  const corners = flatten(outline);
  const crossings = corners
    .flatMap((q, i) => {
      const p = corners[i === 0 ? corners.length - 1 : i - 1] ?? q;
      const [a, b] = [sideOf(p), sideOf(q)];
      if (a > 0 === b > 0) return [];
      const at = lerp(p, q, a / (a - b));
      return [((at.x - from.x) * way.x + (at.y - from.y) * way.y) / whole];
    })
    .sort((a, b) => a - b);
  return Array.from({ length: Math.floor(crossings.length / 2) }, (_, i) => {
    const within = (t: number | undefined) => lerp(from, to, Math.min(1, Math.max(0, t ?? 0)));
    return [within(crossings[2 * i]), within(crossings[2 * i + 1])] as const;
  }).flatMap(([p, q]) => (distance(p, q) > LEAST_MM ? [{ name, path: line(p, q) }] : []));
}

/** The pieces of a sleeve with the cap line and the elbow across them, where these lie. */
export function withArmLevels(
  pieces: readonly Piece[],
  { cap, elbow }: { readonly cap: number; readonly elbow: number },
): readonly Piece[] {
  const levels = [
    { name: "Cap line", y: cap },
    { name: "Elbow", y: elbow },
  ];
  return pieces.map((piece) =>
    ARM_PIECES.includes(piece.id) ? { ...piece, lines: levelLines(piece.outline, levels) } : piece,
  );
}

const ARM_PIECES: readonly string[] = ["sleeve", "topSleeve", "underSleeve", "sleeveFront", "sleeveBack"];
