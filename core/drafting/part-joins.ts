import type { EdgeRun, Join } from "../pattern";

/** Names an edge of the garment, "-" before one that the seam runs along backwards, as the pieces that it came to lie on. */
export type Expand = (name: string) => readonly EdgeRun[];

type Rule = Pick<Join, "id" | "name" | "bodyName" | "partName" | "from" | "to"> & {
  readonly body: readonly string[];
  readonly part: readonly string[];
};

const CUFF = { name: "Hem and cuff", bodyName: "cuff", partName: "sleeve", from: "opening", to: "opening" } as const;
const BAND = { ...CUFF, name: "Hem and band", bodyName: "band", from: "underarm", to: "underarm" } as const;
const FRONT_AND_BACK = { bodyName: "front", partName: "back", to: "hem" } as const;
const GARMENT_AND_FACING = { bodyName: "garment", partName: "facing" } as const;

/**
 * The seams of sleeves and collars beside the one that is fitted, by the edges that they join. A garment has those of which it has every
 * edge; of several with one id the first.
 */
const RULES: readonly Rule[] = [
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    name: "Underarm of the sleeve",
    body: ["sleeve.underarmFront"],
    part: ["-sleeve.underarmBack", "?-sleeve.underarmBackBelow"],
    from: "underarm",
  },
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    name: "Underarm of the sleeve",
    body: ["sleeveFront.underarm"],
    part: ["-sleeveBack.underarm"],
    from: "underarm",
  },
  {
    id: "sleeve.lantern",
    name: "Lantern seam",
    bodyName: "upper sleeve",
    partName: "lower sleeve",
    body: ["sleeve.lanternSeam"],
    part: ["-sleeveLower.lanternSeam"],
    from: "front underarm",
    to: "back underarm",
  },
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarmLower",
    name: "Underarm of the lower sleeve",
    body: ["sleeveLower.underarmFront"],
    part: ["-sleeveLower.underarmBack"],
    from: "lantern seam",
  },
  {
    id: "sleeve.frontSeam",
    name: "Front seam of the sleeve",
    bodyName: "top sleeve",
    partName: "under sleeve",
    body: ["topSleeve.frontSeam"],
    part: ["underSleeve.frontSeam"],
    from: "cap",
    to: "hem",
  },
  {
    id: "sleeve.backSeam",
    name: "Back seam of the sleeve",
    bodyName: "top sleeve",
    partName: "under sleeve",
    body: ["-topSleeve.backSeam"],
    part: ["-underSleeve.backSeam"],
    from: "cap",
    to: "hem",
  },
  ...(["cuff", "band"] as const).flatMap((strip): readonly Rule[] => {
    const of = { ...(strip === "cuff" ? CUFF : BAND), id: `sleeve.${strip}` as const, body: [`${strip}.outer`] };
    return [
      { ...of, part: ["sleeveLower.hem"] },
      { ...of, part: ["sleeve.hem"] },
      { ...of, part: ["topSleeve.hem", "underSleeve.hem"] },
      { ...of, part: ["sleeveFront.hem", "sleeveBack.hem"] },
      { ...of, part: ["front.sleeveHem", "back.sleeveHem"] },
    ];
  }),
  {
    id: "body.frontNeck",
    name: "Front neck under the collar",
    bodyName: "front",
    partName: "sleeve",
    body: ["front.neckToRaglan"],
    part: ["sleeve.necklineFront"],
    from: "neck point",
    to: "raglan line",
  },
  {
    id: "body.frontNeck",
    name: "Front neck under the collar",
    bodyName: "front",
    partName: "sleeve",
    body: ["front.neckToRaglan"],
    part: ["sleeveFront.necklineFront"],
    from: "neck point",
    to: "raglan line",
  },
  {
    id: "body.band",
    name: "Neck band",
    bodyName: "neck and front edge",
    partName: "band",
    body: ["back.neckline", "-front.neckline", "-front.centre", "hemBand.end"],
    part: ["-neckBand.outer"],
    from: "centre back",
    to: "below the hem band",
  },
  {
    id: "body.hemBand",
    name: "Hem band",
    bodyName: "hem",
    partName: "band",
    body: ["?-back.hemInner", "-back.hem", "front.hem", "?front.hemInner", "?front.standHem"],
    part: ["-hemBand.outer"],
    from: "centre back",
    to: "front edge",
  },
  {
    id: "collar.edge",
    name: "Edge of the collar",
    bodyName: "top collar",
    partName: "under collar",
    body: ["-collar.outer", "-collar.notch"],
    part: ["-underCollar.outer", "-underCollar.notch"],
    from: "centre back",
    to: "notch",
  },
  {
    id: "collar.edge",
    name: "Edge of the collar",
    bodyName: "top collar",
    partName: "under collar",
    body: ["collar.outer", "collar.front"],
    part: ["underCollar.outer", "underCollar.front"],
    from: "centre back",
    to: "neck edge",
  },
  {
    id: "collar.edge",
    name: "Edge of the collar",
    bodyName: "outer collar",
    partName: "inner collar",
    body: ["collar.upper", "collar.front"],
    part: ["collar.upper", "collar.front"],
    from: "centre back",
    to: "neck edge",
  },
  {
    id: "collar.standEdge",
    name: "Front end of the stand",
    bodyName: "outer stand",
    partName: "inner stand",
    body: ["collarStand.upperEnd", "collarStand.front"],
    part: ["collarStand.upperEnd", "collarStand.front"],
    from: "centre front",
    to: "neck edge",
  },
  {
    id: "collar.underFall",
    name: "Under collar on the stand",
    bodyName: "stand",
    partName: "under collar",
    body: ["collarStand.upper"],
    part: ["-underCollar.neck"],
    from: "centre back",
    to: "centre front",
  },
  {
    id: "collar.underNeck",
    name: "Under collar and neck",
    bodyName: "neckline",
    partName: "under collar",
    body: ["back.neckline", "-front.neck", "-front.gorge"],
    part: ["underCollar.backNeck", "underCollar.frontNeck", "underCollar.gorge"],
    from: "centre back",
    to: "notch",
  },
  {
    id: "collar.facingNeck",
    name: "Top collar and facings",
    bodyName: "facings",
    partName: "top collar",
    body: ["backFacing.neckline", "-frontFacing.neck", "-frontFacing.gorge"],
    part: ["collar.backNeck", "collar.frontNeck", "collar.gorge"],
    from: "centre back",
    to: "notch",
  },
  {
    ...GARMENT_AND_FACING,
    id: "collar.lapelEdge",
    name: "Front edge with lapel",
    body: ["-front.lapelNotch", "-front.centre"],
    part: ["-frontFacing.lapelNotch", "-frontFacing.front"],
    from: "notch",
    to: "hem",
  },
  {
    ...GARMENT_AND_FACING,
    id: "collar.lapelEdge",
    name: "Front edge with collar",
    body: ["-front.outer", "-front.centre"],
    part: ["-frontFacing.outer", "-frontFacing.front"],
    from: "centre back",
    to: "hem",
  },
  {
    id: "collar.centreBack",
    name: "Centre back of the collar",
    bodyName: "right front",
    partName: "left front",
    body: ["front.centreBack"],
    part: ["front.centreBack"],
    from: "outer edge",
    to: "neck edge",
  },
  {
    id: "collar.facingCentreBack",
    name: "Centre back of the facing",
    bodyName: "right facing",
    partName: "left facing",
    body: ["frontFacing.centreBack"],
    part: ["frontFacing.centreBack"],
    from: "outer edge",
    to: "neck edge",
  },
  {
    id: "collar.backNeck",
    name: "Back neck and collar",
    bodyName: "back",
    partName: "front",
    body: ["back.neckline"],
    part: ["front.backNeck"],
    from: "centre back",
    to: "neck point",
  },
  {
    id: "collar.facingBackNeck",
    name: "Back facing and collar",
    bodyName: "back facing",
    partName: "front facing",
    body: ["backFacing.neckline"],
    part: ["frontFacing.backNeck"],
    from: "centre back",
    to: "neck point",
  },
];

/** The seams that sleeves and collars may have, with the edges of the bodice as they were cut; "?" stands before an edge that need not be there. */
export function partJoins(expand: Expand, hasEdge: (run: EdgeRun) => boolean): readonly Join[] {
  const runs = (names: readonly string[]) =>
    names.flatMap((name) => (name.startsWith("?") ? expand(name.slice(1)).filter(hasEdge) : expand(name)));
  return RULES.map((rule) => ({ ...rule, body: runs(rule.body), part: runs(rule.part), marks: [] }));
}
