import type { Dimension, Handle } from "../../draft";
import { distance, type Path, type Point, pathLength, SEEN_MM, step } from "../../geometry";
import type { Edge } from "../../pattern";
import { LENGTH_FIELDS, labelOf } from "../../spec";

type Of = {
  readonly id: string;
  readonly types?: string | null;
  readonly rank: Dimension["rank"];
  readonly on?: string | null;
  /** Left out: as the field that is typed is called. */
  readonly label?: string;
};

const named = ({ id, types = null, rank, on = null, label }: Of) => ({
  id,
  types,
  rank,
  on,
  label: label ?? labelOf(types ?? id),
});

/** A straight distance; what is nothing has no line, and is looked for last. */
export function straight(of: Of, from: Point, to: Point, value = distance(from, to)): Dimension {
  const isNothing = Math.abs(value) < SEEN_MM;
  return {
    ...named(of),
    rank: isNothing ? 3 : of.rank,
    value,
    place: isNothing ? { as: "place", at: to } : { as: "distance", from, to },
  };
}

/** The length of an edge, as it lies. */
export const alongEdge = (of: Of, path: Path, value = pathLength(path)): Dimension => ({
  ...named(of),
  value,
  place: { as: "edge", path },
});

export const atPlace = (of: Of, at: Point, value: number): Dimension => ({
  ...named(of),
  value,
  place: { as: "place", at },
});

/**
 * The figure of a place that is dragged, under the field's own name: as the distance that it is, from where the place would lie at nothing;
 * else beside its place. Null for a field that is no length.
 */
export function ofHandle(handle: Handle, path: string, value: number, on: string | null): Dimension | null {
  if (!LENGTH_FIELDS[path]) return null;
  const { at, gain } = handle;
  const of: Of = { id: path, types: path, rank: 1, on };
  const size = Math.hypot(gain.x, gain.y);
  if (!handle.isDistance || size === 0) return atPlace({ ...of, rank: Math.abs(value) < SEEN_MM ? 3 : 1 }, at, value);
  const direction = { x: gain.x / size, y: gain.y / size };
  return straight(of, step(at, direction, -value / size), at, value);
}

const SILENT: readonly Edge["role"][] = ["dart", "raw", "folded-back", "turned-up", "end"];

/** Whether the length of an edge says nothing of its own: the mouth of a dart, the sides of what is folded, what is drawn as it is cut. */
export const isSilent = ({ role }: Pick<Edge, "role">): boolean => SILENT.includes(role);
