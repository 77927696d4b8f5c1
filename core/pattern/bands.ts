import { type Block, centreDown } from "../block";
import { at } from "../data";
import { distance, endOf, line, type Path, type Point, pathLength } from "../geometry";
import { edge, type Piece } from "./piece";

/** The edges of a cardigan that its bands are sewn to, each of half the garment. Millimetres. */
export type BandedEdges = {
  readonly backNeck: number;
  /** Neckline and centre front together, down to the lower edge. */
  readonly frontEdge: number;
  readonly hem: number;
};

export function bandedEdges({ front, back }: Block): BandedEdges {
  const hemOf = ({ sideSeam, centre }: Block["front"]) => distance(endOf(sideSeam), endOf(centre));
  return {
    backNeck: back.neckline.length,
    frontEdge: front.neckline.length + pathLength(centreDown(front).down),
    hem: hemOf(front) + hemOf(back),
  };
}

/** The whole neck band: twice half the back neck and the front edge, and past the hem band at both ends (common practice, no source). */
export function neckBandLength(
  { backNeck, frontEdge }: Pick<BandedEdges, "backNeck" | "frontEdge">,
  hemBand: number,
): number {
  return (backNeck + frontEdge) * 2 + hemBand * 2;
}

/**
 * Half the neck band, double its depth on the fold. Its seam at the centre back is slanted to the fold, where the band lies round a
 * smaller neck.
 */
export function neckBand(whole: number, depth: number, slant: number): Piece {
  const foot = whole / 2;
  const fold: Point = { x: depth, y: slant };
  const corners = {
    near: { x: 0, y: 0 },
    far: { x: 2 * depth, y: 0 },
    farFoot: { x: 2 * depth, y: foot },
    foot: { x: 0, y: foot },
  };
  const edges = [
    edge("centreBack", "Centre-back seam", [...line(corners.near, fold), ...line(fold, corners.far)]),
    edge("inner", "Inner edge", line(corners.far, corners.farFoot)),
    edge("end", "Lower end", line(corners.farFoot, corners.foot)),
    edge("outer", "Edge to the cardigan", line(corners.foot, corners.near)),
  ];
  return strip("neckBand", "Neck band, half", edges, line(fold, { x: depth, y: foot }), depth, foot, {
    count: 2,
    mirrored: true,
    onFold: false,
    interfacing: 0,
  });
}

/** Half the hem band, from the centre back to the front edge. Its end is sewn to the neck band as far as its fold. */
export function hemBand(whole: number, depth: number): Piece {
  const piece = foldedStrip(
    {
      id: "hemBand",
      name: "Hem band, half",
      cut: { count: 1, mirrored: false, onFold: true, interfacing: 0 },
    },
    [
      ["centreBack", "Centre back"],
      ["inner", "Inner edge"],
      ["end", "Front end"],
      ["outer", "Edge to the hem"],
    ],
    depth,
    whole / 2,
  );
  const foot = whole / 2;
  const edges = piece.edges.flatMap((one) =>
    one.id === "end"
      ? [
          edge("endInner", "Front end, folded in", line({ x: 2 * depth, y: foot }, { x: depth, y: foot })),
          edge("end", "Front end", line({ x: depth, y: foot }, { x: 0, y: foot })),
        ]
      : [one],
  );
  return { ...piece, edges, folds: [...piece.folds, line({ x: 0, y: 0 }, { x: 2 * depth, y: 0 })] };
}

type EdgeName = readonly [id: string, name: string];

/** A straight strip of double its depth, folded lengthwise: its edges from the upper end round to the outer one. */
function foldedStrip(
  { id, name, cut }: Pick<Piece, "id" | "name" | "cut">,
  names: readonly [EdgeName, EdgeName, EdgeName, EdgeName],
  depth: number,
  long: number,
): Piece {
  const corners: readonly Point[] = [
    { x: 0, y: 0 },
    { x: 2 * depth, y: 0 },
    { x: 2 * depth, y: long },
    { x: 0, y: long },
  ];
  const edges = names.map(([edgeId, edgeName], i) =>
    edge(edgeId, edgeName, line(at(corners, i), at(corners, (i + 1) % corners.length))),
  );
  return strip(id, name, edges, line({ x: depth, y: 0 }, { x: depth, y: long }), depth, long, cut);
}

function strip(
  id: string,
  name: string,
  edges: Piece["edges"],
  fold: Path,
  depth: number,
  foot: number,
  cut: Piece["cut"],
): Piece {
  return {
    id,
    name,
    cut,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [fold],
    darts: [],
    grain: { from: { x: depth / 2, y: foot * 0.15 }, to: { x: depth / 2, y: foot * 0.85 } },
    notches: [],
  };
}
