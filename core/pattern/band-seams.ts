import { backward, forward, optional, type SeamRule } from "./seam-rule";

/** The seams of the bands of a cardigan, whoever brings them: a collar, a sleeve or the hem. */
export const BAND_SEAMS: readonly SeamRule[] = [
  {
    id: "body.band",
    kind: "neck-band",
    name: "Neck band",
    bodyName: "neck and front edge",
    partName: "band",
    body: [...forward("back", "neckline"), ...backward("front", "neckline", "centre"), ...backward("hemBand", "end")],
    part: backward("neckBand", "outer"),
    from: "centre back",
    to: "below the hem band",
  },
  {
    id: "body.hemBand",
    kind: "hem-band",
    name: "Hem band",
    bodyName: "hem",
    partName: "band",
    body: [
      ...optional(backward("back", "hemInner")),
      ...backward("back", "hem"),
      ...forward("front", "hem"),
      ...optional(forward("front", "hemInner")),
      ...optional(forward("front", "standHem")),
    ],
    part: backward("hemBand", "outer"),
    from: "centre back",
    to: "front edge",
  },
];
