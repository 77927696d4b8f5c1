import { backward, forward, optional, type SeamRule } from "../../pattern";
import { edgeSeam } from "../neckline-seam";

/** The seams of a notched collar and its facings, besides the neckline. */
export const NOTCHED_SEAMS: readonly SeamRule[] = [
  edgeSeam(backward("collar", "outer", "notch"), backward("underCollar", "outer", "notch"), "notch"),
  {
    id: "collar.underNeck",
    kind: "neck",
    name: "Under collar and neck",
    bodyName: "neckline",
    partName: "under collar",
    body: [...forward("back", "neckline"), ...backward("front", "neck", "gorge")],
    part: forward("underCollar", "backNeck", "frontNeck", "gorge"),
    from: "centre back",
    to: "notch",
  },
  {
    id: "collar.facingNeck",
    kind: "neck",
    name: "Top collar and facings",
    bodyName: "facings",
    partName: "top collar",
    body: [...forward("backFacing", "neckline"), ...backward("frontFacing", "neck", "gorge")],
    part: forward("collar", "backNeck", "frontNeck", "gorge"),
    from: "centre back",
    to: "notch",
  },
  {
    bodyName: "garment",
    partName: "facing",
    id: "collar.lapelEdge",
    kind: "front-edge",
    name: "Front edge with lapel",
    body: [...backward("front", "lapelNotch"), ...optional(backward("front", "lapel")), ...backward("front", "centre")],
    part: [
      ...backward("frontFacing", "lapelNotch"),
      ...optional(backward("frontFacing", "lapel")),
      ...backward("frontFacing", "front"),
    ],
    from: "notch",
    to: "hem",
  },
];
