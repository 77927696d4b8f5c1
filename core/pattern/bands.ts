import { type Block, centreDown } from "../block";
import { at } from "../data";
import { distance, endOf, line, type Path, type Point, pathLength } from "../geometry";
import { type EdgeRole, edge, type Piece } from "./piece";
import { hungBand } from "./piece-kind";

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
    edge("centreBack", "centre", "Centre-back seam", [...line(corners.near, fold), ...line(fold, corners.far)]),
    edge("inner", "inner", "Inner edge", line(corners.far, corners.farFoot)),
    edge("end", "end", "Lower end", line(corners.farFoot, corners.foot)),
    edge("outer", "seam", "Edge to the cardigan", line(corners.foot, corners.near)),
  ];
  return strip(
    { id: "neckBand", kind: hungBand("finish", "round", ["outer"]), name: "Neck band, half", cut: PAIR },
    edges,
    line(fold, { x: depth, y: foot }),
    depth,
    foot,
  );
}

/** Half the hem band, from the centre back to the front edge. Its end is sewn to the neck band as far as its fold. */
export function hemBand(whole: number, depth: number): Piece {
  const piece = foldedStrip(
    {
      id: "hemBand",
      kind: hungBand("finish", "down", ["outer"]),
      name: "Hem band, half",
      cut: { count: 1, mirrored: false, onFold: true, interfacing: 0 },
    },
    [
      ["centreBack", "centre", "Centre back"],
      ["inner", "inner", "Inner edge"],
      ["end", "end", "Front end"],
      ["outer", "seam", "Edge to the hem"],
    ],
    depth,
    whole / 2,
  );
  const foot = whole / 2;
  const edges = piece.edges.flatMap((one) =>
    one.id === "end"
      ? [
          edge("endInner", "end", "Front end, folded in", line({ x: 2 * depth, y: foot }, { x: depth, y: foot })),
          edge("end", "end", "Front end", line({ x: depth, y: foot }, { x: 0, y: foot })),
        ]
      : [one],
  );
  return { ...piece, edges, folds: [...piece.folds, line({ x: 0, y: 0 }, { x: 2 * depth, y: 0 })] };
}

type StripOf = Pick<Piece, "id" | "kind" | "name" | "cut">;
const PAIR: Piece["cut"] = { count: 2, mirrored: true, onFold: false, interfacing: 0 };
type EdgeName = readonly [id: string, role: EdgeRole, name: string];

/** A straight strip of double its depth, folded lengthwise: its edges from the upper end round to the outer one. */
function foldedStrip(
  of: StripOf,
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
  const edges = names.map(([edgeId, role, edgeName], i) =>
    edge(edgeId, role, edgeName, line(at(corners, i), at(corners, (i + 1) % corners.length))),
  );
  return strip(of, edges, line({ x: depth, y: 0 }, { x: depth, y: long }), depth, long);
}

function strip(of: StripOf, edges: Piece["edges"], fold: Path, depth: number, foot: number): Piece {
  return {
    ...of,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: [fold],
    darts: [],
    grain: { from: { x: depth / 2, y: foot * 0.15 }, to: { x: depth / 2, y: foot * 0.85 } },
    notches: [],
  };
}
