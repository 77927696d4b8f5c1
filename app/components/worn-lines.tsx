import type { LineDrawing } from "@core/toile/index";

/** A garment as it is worn, drawn with lines; the body under it fainter (`of-body`). */
export function WornLines({ worn: { width, height, cloth, body } }: { readonly worn: LineDrawing }) {
  return (
    <svg className="worn drawing" aria-hidden="true" viewBox={`0 0 ${width} ${height}`}>
      <path className="of-body" d={body} />
      <path d={cloth} />
    </svg>
  );
}
