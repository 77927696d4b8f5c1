import { forward, type SeamRule } from "../../pattern";

/** The seams of a stand collar, besides the neckline. */
export const STAND_SEAMS: readonly SeamRule[] = [
  {
    id: "collar.edge",
    kind: "collar-edge",
    name: "Edge of the collar",
    bodyName: "outer collar",
    partName: "inner collar",
    body: forward("collar", "upper", "front"),
    part: forward("collar", "upper", "front"),
    from: "centre back",
    to: "neck edge",
  },
];
