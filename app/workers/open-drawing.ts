import {
  type DrawingProblem,
  type DrawingUnit,
  type DrawnEdge,
  drawnEdges,
  guessEdges,
  readDrawing,
} from "@importing/index";

export type OpenedDrawing =
  | { readonly ok: false; readonly problem: DrawingProblem }
  | {
      readonly ok: true;
      readonly edges: readonly DrawnEdge[];
      readonly notes: readonly string[];
      readonly guessed: ReturnType<typeof guessEdges>;
    };

/** A drawing's edges, and which of them are likely to be the armholes, necklines and shoulders. Plain data in, plain data out. `onStep` hears of each step as it begins. */
export function openDrawing(
  text: string,
  assumed: DrawingUnit | null,
  onStep: (step: number) => void = () => {},
): OpenedDrawing {
  onStep(0);
  const read = readDrawing(text, assumed);
  if (!read.ok) return { ok: false, problem: read.problem };
  onStep(1);
  const edges = drawnEdges(read.drawing);
  onStep(2);
  return { ok: true, edges, notes: read.drawing.notes, guessed: guessEdges(edges) };
}
