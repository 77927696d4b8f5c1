import type { CollarFieldName } from "../../collar";
import type { Dimension } from "../../draft";
import type { DraftedCollar } from "../../drafting";
import type { Edge, Piece } from "../../pattern";
import { alongEdge, isSilent, ofHandle } from "./dimension";

/** Every figure of the collar that lies somewhere on its draft: what its handles change, then what its edges measure. */
export function collarDimensions(collar: DraftedCollar): readonly Dimension[] {
  const on = collar.drawn[0]?.id ?? null;
  const held = collar.handles.flatMap((handle) => {
    const { across } = handle;
    const found = [ofHandle(handle, `collar.${handle.field}`, handle.value, on)];
    if (across) found.push(ofHandle({ ...handle, ...across }, `collar.${across.field}`, across.value, on));
    return found.filter((one) => one !== null);
  });
  const taken = new Set(held.map(({ types }) => types));
  const edges = collar.drawn.flatMap((piece, i) =>
    piece.edges
      .filter((edge) => !isSilent(edge))
      .flatMap((edge): readonly Dimension[] => {
        const types = typedBy(collar, piece, edge);
        if (types !== null && taken.has(types)) return [];
        if (types !== null) taken.add(types);
        return [
          alongEdge(
            {
              id: `${piece.id}.${edge.id}`,
              ...(types === null ? { label: edge.name } : { types }),
              rank: types !== null || i === 0 ? 1 : 2,
              on: piece.id,
            },
            edge.path,
          ),
        ];
      }),
  );
  return [...held, ...edges];
}

/** The figure of the collar that makes an edge as long as it is, where it is just one. */
function typedBy({ figures, drawing }: DraftedCollar, { kind }: Piece, { role }: Edge): string | null {
  const field: CollarFieldName | null =
    role === "collar-centre" || (role === "centre" && drawing.front === null)
      ? drawing.turnedOver === null
        ? "height"
        : "fall"
      : role === "notch"
        ? kind.of === "collar"
          ? "notchCollar"
          : "notchLapel"
        : null;
  return field !== null && figures[field] !== undefined ? `collar.${field}` : null;
}
