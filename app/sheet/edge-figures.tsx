import { useTape } from "@app/components/preferences";
import { along } from "@core/geometry/index";
import type { Edge, Piece } from "@core/pattern/index";
import { formatLength } from "@core/tape/index";
import { FigureAt } from "./drawn";
import type { View } from "./view";

/** A shorter edge has no room for its figure. */
const LEAST_FIGURED_PX = 46;
const INSIDE_PX = 14;

type Props = {
  readonly piece: Piece;
  readonly view: View;
  /** Edges whose figures are told elsewhere. */
  readonly leftOut?: (edge: Edge) => boolean;
  /** The field that an edge's figure is typed into, where it is one. */
  readonly types?: (edge: Edge) => string | undefined;
  /** Edges beside which there is room only outside the piece. */
  readonly isOutside?: (edge: Edge) => boolean;
};

/** What each edge of a piece measures, written beside it. */
export function EdgeFigures({ piece, view, leftOut, isOutside, types }: Props) {
  const tape = useTape();
  return piece.edges
    .filter((edge) => edge.length * view.scale >= LEAST_FIGURED_PX && !leftOut?.(edge))
    .map((edge) => {
      const { point, direction } = along(edge.path, edge.length / 2);
      // The piece lies to the right of its outline.
      const way = isOutside?.(edge) ? -1 : 1;
      const inwards = { x: -direction.y * way, y: direction.x * way };
      return (
        <FigureAt
          key={edge.id}
          at={point}
          text={formatLength(edge.length, tape)}
          view={view}
          types={types?.(edge)}
          dx={inwards.x * INSIDE_PX}
          dy={inwards.y * INSIDE_PX + 4}
          anchor={inwards.x > 0.5 ? "start" : inwards.x < -0.5 ? "end" : "middle"}
        />
      );
    });
}
