import { boxOf, distance, flatten, line, type Path, type Point, partsInside } from "../geometry";
import type { NamedLine, Piece } from "./piece";

/** A level of the body, by what it is called on the piece. */
export type NamedLevel = { readonly name: string; readonly y: number };

/** Less of a line is a dot in a corner. */
const LEAST_MM = 15;

/** The levels that cross a piece, each as far as it lies inside the outline. */
export function levelLines(outline: Path, levels: readonly NamedLevel[]): readonly NamedLine[] {
  const { left, right } = boxOf([outline]);
  return levels.flatMap(({ name, y }) =>
    insideOutline(outline, { role: "level", name }, { x: left - 1, y }, { x: right + 1, y }),
  );
}

/** What of a straight line lies inside an outline. */
export function insideOutline(
  outline: Path,
  { role, name }: Pick<NamedLine, "role" | "name">,
  from: Point,
  to: Point,
): readonly NamedLine[] {
  return partsInside(flatten(outline), from, to).flatMap(([p, q]) =>
    distance(p, q) > LEAST_MM ? [{ role, name, path: line(p, q) }] : [],
  );
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
    piece.kind.worn.as === "arm" ? { ...piece, lines: levelLines(piece.outline, levels) } : piece,
  );
}
