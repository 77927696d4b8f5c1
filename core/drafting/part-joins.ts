import type { EdgeRun, Join } from "../pattern";
import { COLLAR_RULES, type JoinRule } from "./collar-joins";

/** Names an edge of the garment, "-" before one that the seam runs along backwards, as the pieces that it came to lie on. */
export type Expand = (name: string) => readonly EdgeRun[];

const CUFF = { name: "Hem and cuff", bodyName: "cuff", partName: "sleeve", from: "opening", to: "opening" } as const;
const BAND = { ...CUFF, name: "Hem and band", bodyName: "band", from: "underarm", to: "underarm" } as const;
const FRONT_AND_BACK = { bodyName: "front", partName: "back", to: "hem" } as const;

/**
 * The seams of sleeves and collars beside the one that is fitted, by the edges that they join. A garment has those of which it has every
 * edge; of several with one id the first.
 */
const RULES: readonly JoinRule[] = [
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    kind: "underarm",
    name: "Underarm of the sleeve",
    body: ["sleeve.underarmFront"],
    part: ["-sleeve.underarmBack", "?-sleeve.underarmBackBelow"],
    from: "underarm",
  },
  {
    ...FRONT_AND_BACK,
    id: "sleeve.underarm",
    kind: "underarm",
    name: "Underarm of the sleeve",
    body: ["sleeveFront.underarm"],
    part: ["-sleeveBack.underarm"],
    from: "underarm",
  },
  {
    id: "sleeve.lantern",
    kind: "sleeve",
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
    kind: "underarm",
    name: "Underarm of the lower sleeve",
    body: ["sleeveLower.underarmFront"],
    part: ["-sleeveLower.underarmBack"],
    from: "lantern seam",
  },
  {
    id: "sleeve.frontSeam",
    kind: "sleeve",
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
    kind: "sleeve",
    name: "Back seam of the sleeve",
    bodyName: "top sleeve",
    partName: "under sleeve",
    body: ["-topSleeve.backSeam"],
    part: ["-underSleeve.backSeam"],
    from: "cap",
    to: "hem",
  },
  ...(["cuff", "band"] as const).flatMap((strip): readonly JoinRule[] => {
    const of = {
      ...(strip === "cuff" ? CUFF : BAND),
      id: `sleeve.${strip}` as const,
      kind: "cuff" as const,
      body: [`${strip}.outer`],
    };
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
    kind: "neck",
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
    kind: "neck",
    name: "Front neck under the collar",
    bodyName: "front",
    partName: "sleeve",
    body: ["front.neckToRaglan"],
    part: ["sleeveFront.necklineFront"],
    from: "neck point",
    to: "raglan line",
  },
  ...COLLAR_RULES,
];

/** The seams that sleeves and collars may have, with the edges of the bodice as they were cut; "?" stands before an edge that need not be there. */
export function partJoins(expand: Expand, hasEdge: (run: EdgeRun) => boolean): readonly Join[] {
  const runs = (names: readonly string[]) =>
    names.flatMap((name) => (name.startsWith("?") ? expand(name.slice(1)).filter(hasEdge) : expand(name)));
  return RULES.map((rule) => ({ ...rule, body: runs(rule.body), part: runs(rule.part), marks: [] }));
}
