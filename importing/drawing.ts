import type { Path } from "@core/geometry/index";

/** A line of a drawing in millimetres, y down. */
export type Shape = {
  /** The name it was given in the drawing, if any: an id, a label, a layer. Never trusted, only shown and searched. */
  readonly name: string | null;
  readonly path: Path;
  readonly isClosed: boolean;
};

export type Drawing = {
  readonly shapes: readonly Shape[];
  /** What was left out, in sentences. */
  readonly notes: readonly string[];
};

/** Units that a drawing without one can be taken in. */
export type DrawingUnit = "mm" | "cm" | "in" | "px";

/** Millimetres in one of the unit; a pixel is 1/96 in (CSS Values and Units). */
export const MM_PER_UNIT: Readonly<Record<DrawingUnit, number>> = { mm: 1, cm: 10, in: 25.4, px: 25.4 / 96 };

export type DrawingProblem = {
  readonly code: "too-large" | "not-a-drawing" | "unsafe" | "no-unit" | "empty" | "too-much";
  /** For people: what is wrong and what to do. */
  readonly message: string;
};

export type ReadDrawing =
  | { readonly ok: true; readonly drawing: Drawing }
  | { readonly ok: false; readonly problem: DrawingProblem };

export function refuse(code: DrawingProblem["code"], message: string): ReadDrawing {
  return { ok: false, problem: { code, message } };
}

/** Far above any pattern, and quick to read: what is larger is refused before it is looked into. */
export const LIMITS = {
  bytes: 5_000_000,
  shapes: 5000,
  segments: 40_000,
  depth: 64,
  attributes: 200,
  /** Letters of one transform: each function in it is multiplied with those before. */
  transform: 4000,
  /** A name longer than this is cut: it is only shown. */
  name: 80,
  /** Nothing on a cutting table is larger, in millimetres. */
  size: 10_000,
} as const;

/** Collects shapes within the limits. Throws `TooMuch` beyond them, to leave the reader at once. */
export class TooMuch extends Error {}

export function shapeCollector() {
  const shapes: Shape[] = [];
  let segments = 0;
  return {
    shapes,
    add: (name: string | null, path: Path, isClosed: boolean) => {
      if (path.length === 0) return;
      segments += path.length;
      if (shapes.length >= LIMITS.shapes || segments > LIMITS.segments) throw new TooMuch();
      const finite = path.every((cubic) =>
        cubic.every((p) => Math.abs(p.x) <= LIMITS.size && Math.abs(p.y) <= LIMITS.size),
      );
      if (finite) shapes.push({ name: name?.slice(0, LIMITS.name) || null, path, isClosed });
      else throw new OutOfBounds();
    },
  };
}

export class OutOfBounds extends Error {}

/** A drawing of what was collected, or why there is none. */
export function drawingOf(shapes: readonly Shape[], notes: readonly string[]): ReadDrawing {
  if (shapes.length === 0)
    return refuse("empty", `There is no line in this drawing.${notes.length > 0 ? ` ${notes.join(" ")}` : ""}`);
  return { ok: true, drawing: { shapes, notes } };
}

export const TOO_MUCH = refuse(
  "too-much",
  `The drawing holds more than ${LIMITS.shapes} lines or ${LIMITS.segments} pieces of curve: save only the bodice pieces in a file of their own.`,
);
export const OUT_OF_BOUNDS = refuse(
  "too-much",
  "The drawing has figures larger than any cutting table: check its unit, or save it again.",
);
