import { type Block, type BodiceHalf, SIDES } from "@core/block/index";
import { type Box, boxOf, endOf, line, mapPath, type Path } from "@core/geometry/index";

/** One edge of a block's outline, in its place on the sheet, in millimetres, y down. */
export type OutlineEdge = {
  /** `front.armhole`, `back.neckline` …: what the edge is, for whoever reads the drawing again. */
  readonly name: string;
  readonly path: Path;
  /** A dart or a princess line inside the outline. */
  readonly isInner: boolean;
  /** Nobody measured it: it is drawn so that the outline is whole. */
  readonly isMadeUp: boolean;
};

const BETWEEN_HALVES_MM = 40;

/** The block's two halves side by side, back first, each edge by itself and named. */
export function blockOutline(block: Block): readonly OutlineEdge[] {
  let left = 0;
  return [...SIDES].reverse().flatMap((side) => {
    const edges = halfEdges(block[side]);
    const box = boxOf(edges.map((edge) => edge.path));
    const shift = left - box.left;
    left += box.right - box.left + BETWEEN_HALVES_MM;
    return edges.map((edge) => ({ ...edge, path: mapPath(edge.path, (p) => ({ x: p.x + shift, y: p.y })) }));
  });
}

function halfEdges(half: BodiceHalf): readonly OutlineEdge[] {
  const edge = (name: string, path: Path): OutlineEdge => ({
    name: `${half.side}.${name}`,
    path,
    isInner: false,
    isMadeUp: half.isMadeUpBelow && (name === "side" || name === "hem"),
  });
  return [
    edge("neckline", half.neckline.path),
    edge("shoulder", half.shoulder.path),
    edge("armhole", half.armhole.path),
    edge("side", half.sideSeam),
    edge("hem", line(endOf(half.sideSeam), endOf(half.centre))),
    edge("centre", half.centre),
    ...half.inner.map(({ id, path }): OutlineEdge => ({ name: id, path, isInner: true, isMadeUp: false })),
  ];
}

export function outlineBox(edges: readonly OutlineEdge[]): Box {
  return boxOf(edges.map((edge) => edge.path));
}
