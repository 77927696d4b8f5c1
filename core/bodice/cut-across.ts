import {
  along,
  endOf,
  lengthAtHeight,
  line,
  type Path,
  type Point,
  pathLength,
  reversePath,
  startOf,
  subpath,
} from "../geometry";
import { type Edge, edge } from "../pattern";
import type { Panel } from "./panel";

/** Every panel that passes the waist cut across there; the mouths of darts that are cut stand in the edge. */
export function acrossAt(panels: readonly Panel[], waist: number): readonly Panel[] {
  const parts = panels.map((panel) => acrossPanel(panel, waist));
  return [...parts.map((part) => part.upper), ...parts.flatMap(({ lower }) => (lower ? [lower] : []))];
}

function passes(path: Path, level: number): boolean {
  return startOf(path).y < level - LEAST_PART_MM && endOf(path).y > level + LEAST_PART_MM;
}

const LEAST_PART_MM = 20;

function acrossPanel(panel: Panel, waist: number): { readonly upper: Panel; readonly lower: Panel | null } {
  const { left, right } = panel;
  if (!passes(left.path, waist) || !passes(right.path, waist)) return { upper: panel, lower: null };
  const cut = ({ id, role, name, path, length }: Edge) => {
    const at = lengthAtHeight(path, waist);
    return [edge(id, role, name, subpath(path, 0, at)), edge(id, role, name, subpath(path, at, length))] as const;
  };
  const [leftAbove, leftBelow] = cut(left);
  const [rightAbove, rightBelow] = cut(right);
  const { mouths, above, below } = dartsAcross(panel.darts, waist);
  const stops: Point[] = [endOf(leftAbove.path), ...mouths, endOf(rightAbove.path)];
  // From the centre outwards: cloth and the mouths of darts in turn.
  const runs = stops.slice(1).map((to, i) => {
    const from = stops[i] ?? to;
    const id = i % 2 === 1 ? `waistDart${(i + 1) / 2}` : i === 0 ? "waist" : `waist${i / 2 + 1}`;
    return i % 2 === 1
      ? edge(id, "dart", "Mouth of the waist dart", line(from, to))
      : edge(id, "seam", "Waist", line(from, to));
  });
  return {
    upper: {
      ...panel,
      left: leftAbove,
      right: rightAbove,
      bottom: runs.map((run) => ({ ...run, path: reversePath(run.path) })).reverse(),
      darts: above,
      endsAtWaist: true,
    },
    lower: {
      ...panel,
      id: `${panel.id}Skirt`,
      name: `${panel.name} skirt`,
      left: leftBelow,
      right: rightBelow,
      top: runs,
      darts: below,
      startsAtWaist: true,
    },
  };
}

/** Darts whose legs cross a level, cut there: where the legs do, from the centre outwards, and what lies above and below. */
function dartsAcross(darts: readonly Path[], level: number) {
  const crossing = darts.filter((path) => passes(path, level));
  const isPair = crossing.length % 2 === 0;
  const cut = isPair ? crossing : [];
  const at = (path: Path) => lengthAtHeight(path, level);
  return {
    mouths: cut.map((path) => along(path, at(path)).point).sort((a, b) => a.x - b.x),
    above: [
      ...cut.map((path) => subpath(path, 0, at(path))),
      ...darts.filter((path) => !cut.includes(path) && startOf(path).y < level),
    ],
    below: [
      ...cut.map((path) => subpath(path, at(path), pathLength(path))),
      ...darts.filter((path) => !cut.includes(path) && startOf(path).y >= level),
    ],
  };
}
