import { backward, type SeamRule } from "../../pattern";

/** The seam of a flat collar's two layers, besides the neckline. */
export const FLAT_SEAMS: readonly SeamRule[] = [
  {
    id: "collar.edge",
    kind: "collar-edge",
    name: "Edge of the collar",
    bodyName: "top collar",
    partName: "under collar",
    body: backward("collar", "outer", "front"),
    part: backward("underCollar", "outer", "front"),
    from: "centre back",
    to: "neck edge",
  },
];
