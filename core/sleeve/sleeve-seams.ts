import { backward, forward, optional, type SeamRule } from "../pattern";

const CUFF = { name: "Hem and cuff", bodyName: "cuff", partName: "sleeve", from: "opening", to: "opening" } as const;
const BAND = { ...CUFF, name: "Hem and band", bodyName: "band", from: "underarm", to: "underarm" } as const;
const FRONT_AND_BACK = { bodyName: "front", partName: "back", to: "hem" } as const;

/**
 * The seams of sleeves beside the one that is fitted, by the edges that they join. A garment has those of which it has every edge; of
 * several with one id the first.
 */
export const SLEEVE_SEAMS: readonly SeamRule[] = [
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    kind: "underarm",
    name: "Underarm of the sleeve",
    body: forward("sleeve", "underarmFront"),
    part: [...backward("sleeve", "underarmBack"), ...optional(backward("sleeve", "underarmBackBelow"))],
    from: "underarm",
  },
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    kind: "underarm",
    name: "Underarm of the sleeve",
    body: forward("sleeveFront", "underarm"),
    part: backward("sleeveBack", "underarm"),
    from: "underarm",
  },
  {
    id: "sleeve.lantern",
    kind: "sleeve",
    name: "Lantern seam",
    bodyName: "upper sleeve",
    partName: "lower sleeve",
    body: forward("sleeve", "lanternSeam"),
    part: backward("sleeveLower", "lanternSeam"),
    from: "front underarm",
    to: "back underarm",
  },
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarmLower",
    kind: "underarm",
    name: "Underarm of the lower sleeve",
    body: forward("sleeveLower", "underarmFront"),
    part: backward("sleeveLower", "underarmBack"),
    from: "lantern seam",
  },
  {
    id: "sleeve.frontSeam",
    kind: "sleeve",
    name: "Front seam of the sleeve",
    bodyName: "top sleeve",
    partName: "under sleeve",
    body: forward("topSleeve", "frontSeam"),
    part: forward("underSleeve", "frontSeam"),
    from: "cap",
    to: "hem",
  },
  {
    id: "sleeve.backSeam",
    kind: "sleeve",
    name: "Back seam of the sleeve",
    bodyName: "top sleeve",
    partName: "under sleeve",
    body: backward("topSleeve", "backSeam"),
    part: backward("underSleeve", "backSeam"),
    from: "cap",
    to: "hem",
  },
  ...(["cuff", "band"] as const).flatMap((strip): readonly SeamRule[] => {
    const of = {
      ...(strip === "cuff" ? CUFF : BAND),
      id: `sleeve.${strip}` as const,
      kind: "cuff" as const,
      body: forward(strip, "outer"),
    };
    return [
      { ...of, part: forward("sleeveLower", "hem") },
      { ...of, part: forward("sleeve", "hem") },
      { ...of, part: [...forward("topSleeve", "hem"), ...forward("underSleeve", "hem")] },
      { ...of, part: [...forward("sleeveFront", "hem"), ...forward("sleeveBack", "hem")] },
      { ...of, part: [...forward("front", "sleeveHem"), ...forward("back", "sleeveHem")] },
    ];
  }),
  {
    id: "body.frontNeck",
    kind: "neck",
    name: "Front neck under the collar",
    bodyName: "front",
    partName: "sleeve",
    body: forward("front", "neckToRaglan"),
    part: forward("sleeve", "necklineFront"),
    from: "neck point",
    to: "raglan line",
  },
  {
    id: "body.frontNeck",
    kind: "neck",
    name: "Front neck under the collar",
    bodyName: "front",
    partName: "sleeve",
    body: forward("front", "neckToRaglan"),
    part: forward("sleeveFront", "necklineFront"),
    from: "neck point",
    to: "raglan line",
  },
];
