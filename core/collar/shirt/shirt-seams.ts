import { backward, forward, optional, type SeamRule } from "../../pattern";
import { edgeSeam } from "../neckline-seam";

/** The seams of a fall that is cut in two layers. */
export const FALL_SEAMS: readonly SeamRule[] = [
  edgeSeam(forward("collar", "outer", "front"), forward("underCollar", "outer", "front"), "neck edge"),
];

/** The seams of a fall and the stand that it is sewn to, besides those that they are fitted by. */
export const STAND_AND_FALL_SEAMS: readonly SeamRule[] = [
  ...FALL_SEAMS,
  {
    id: "collar.standEdge",
    kind: "collar",
    name: "Front end of the stand",
    bodyName: "outer stand",
    partName: "inner stand",
    body: [...optional(forward("collarStand", "upperEnd")), ...forward("collarStand", "front")],
    part: [...optional(forward("collarStand", "upperEnd")), ...forward("collarStand", "front")],
    from: "centre front",
    to: "neck edge",
  },
  {
    id: "collar.underFall",
    kind: "collar",
    name: "Under collar on the stand",
    bodyName: "stand",
    partName: "under collar",
    body: forward("collarStand", "upper"),
    part: backward("underCollar", "neck"),
    from: "centre back",
    to: "centre front",
  },
];
