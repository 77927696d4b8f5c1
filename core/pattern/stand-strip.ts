import { line, SAME_MM } from "../geometry";
import { edge, type Piece } from "./piece";
import { KIND } from "./piece-kind";

/**
 * A button stand that is cut by itself: twice its finished width, folded lengthwise, as long as the front edge and sewn to it
 * (common practice, no source).
 */
export function standStrip(long: number, width: number, collarBeyond = width): Piece {
  // A collar that ends short of the edge is sewn to the part of the neck end next to the front.
  const reach = collarBeyond > 0 && collarBeyond < width - SAME_MM ? collarBeyond : width;
  const corners = {
    top: { x: 0, y: 0 },
    topFold: { x: width, y: 0 },
    topInner: { x: 2 * width, y: 0 },
    footInner: { x: 2 * width, y: long },
    footFold: { x: width, y: long },
    foot: { x: 0, y: long },
  };
  const edges = [
    edge("neck", "neck", "Neck end", line(corners.top, { x: reach, y: 0 })),
    ...(reach < width
      ? [edge("neckBeyond", "neck", "Neck end, beyond the collar", line({ x: reach, y: 0 }, corners.topFold))]
      : []),
    edge("neckInner", "neck", "Neck end, folded in", line(corners.topFold, corners.topInner)),
    edge("inner", "inner", "Inner edge", line(corners.topInner, corners.footInner)),
    edge("hem", "hem", "Lower end", line(corners.footInner, corners.foot)),
    edge("front", "seam", "Edge to the front", line(corners.foot, corners.top)),
  ];
  return {
    id: "buttonStand",
    kind: KIND.buttonStand,
    name: "Button stand",
    cut: { count: 2, mirrored: false, onFold: false, interfacing: 2 },
    edges,
    outline: edges.flatMap(({ path }) => path),
    folds: [line(corners.topFold, corners.footFold)],
    darts: [],
    grain: { from: { x: width / 2, y: long * 0.15 }, to: { x: width / 2, y: long * 0.85 } },
    notches: [],
  };
}
