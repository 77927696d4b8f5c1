import type { FittedObstacle } from "../block";
import { length, type Phrase, phrase } from "../draft";
import type { ResolvedBlock } from "../resolve";
import type { Finding, Remedy } from "./finding";

type Fitted = ResolvedBlock & { readonly source: "drafted"; readonly school: "fitted" };

/** Why the body's figures give no fitted block, with the nearest change that does. */
export function judgeFittedObstacle({ code, is, bound }: FittedObstacle, resolved: Fitted): Finding {
  return {
    code,
    severity: "fault",
    station: "block",
    ...OBSTACLES[code](is, bound),
    numbers: { is, bound },
    remedies: remediesFor(code, bound, Math.ceil(bound - is), resolved),
  };
}

type Words = { readonly message: Phrase; readonly reason: Phrase };

const OBSTACLES: Readonly<Record<FittedObstacle["code"], (is: number, bound: number) => Words>> = {
  "neck-beyond-shoulder": (is, bound) => ({
    message: phrase`The shoulder seam would be ${length(is)} long; it has to be at least ${length(bound)}.`,
    reason: phrase`Across shoulders may have been read too small, or the neck base too large.`,
  }),
  "armhole-too-shallow": (is, bound) => ({
    message: phrase`The armhole would be ${length(is)} deep; it has to be at least ${length(bound)}.`,
    reason: phrase`The armscye girth may have been read too small for this bust.`,
  }),
  "armhole-beyond-waist": (is, bound) => ({
    message: phrase`Only ${length(is)} would be left between underarm and waist; it has to be at least ${length(bound)}.`,
    reason: phrase`The armscye girth may have been read too large, or nape to waist too short.`,
  }),
  "shoulder-beyond-chest": (is, bound) => ({
    message: phrase`The underarm would lie ${length(is)} outside the middle of the armhole; it has to be at least ${length(bound)}.`,
    reason: phrase`Across back or across front may have been read too large for this bust.`,
  }),
  "hip-above-waist": (is, bound) => ({
    message: phrase`The hip lies ${length(is)} below the shoulder line; with this waist it has to be at least ${length(bound)}.`,
    reason: phrase`The side seam runs from the waist down to the hip.`,
  }),
  "hem-above-chest": (is, bound) => ({
    message: phrase`The bodice ends ${length(is)} below the shoulder line; with this armhole it has to be at least ${length(bound)}.`,
    reason: phrase`Above the chest line there is no side seam.`,
  }),
  "hem-above-bust": (is, bound) => ({
    message: phrase`The bodice ends ${length(is)} below the shoulder line; with the bust dart in the waist it has to be at least ${length(bound)}.`,
    reason: phrase`The dart opens below the bust point.`,
  }),
  "armhole-not-drawn": (is, bound) => ({
    message: phrase`No armhole runs from this shoulder point to this underarm: it falls by ${length(is)}, and has to fall by at least ${length(bound)}.`,
    reason: phrase`Two of the figures of shoulder, bust and armhole do not belong to one body.`,
  }),
};

function remediesFor(code: FittedObstacle["code"], bound: number, by: number, { task }: Fitted): readonly Remedy[] {
  const { body } = task;
  switch (code) {
    case "neck-beyond-shoulder":
      return [
        {
          id: "longer-shoulder",
          label: phrase`Take the shoulder length as ${length(body.shoulderLength + by)}`,
          change: { body: { shoulderLength: body.shoulderLength + by } },
        },
      ];
    case "armhole-too-shallow":
    case "armhole-not-drawn": {
      const girth = Math.max(body.armholeGirth + 2 * by, body.bust * USUAL_ARMSCYE_SHARE);
      return [
        {
          id: "deepen-armhole",
          label: phrase`Take the armscye girth as ${length(girth)}, and across back and front as they follow`,
          change: {
            body: { armholeGirth: girth, backWidth: undefined, frontWidth: undefined, frontToWaist: undefined },
            block: { chestLevel: undefined },
          },
        },
      ];
    }
    case "armhole-beyond-waist":
      return [
        {
          id: "lower-waist",
          label: phrase`Take nape to waist as ${length(body.backLength + by)}`,
          change: {
            body: { backLength: body.backLength + by },
            block: { waistLevel: undefined, chestLevel: undefined },
          },
        },
      ];
    case "shoulder-beyond-chest":
      return [
        {
          id: "more-chest-ease",
          label: phrase`Give the bust ${length(4 * by)} more ease`,
          change: { block: { ease: { bust: task.ease.bust + 4 * by }, frontInset: undefined, backInset: undefined } },
        },
      ];
    case "hip-above-waist":
      return [{ id: "usual-hip", label: phrase`Take the usual hip level`, change: { block: { hipLevel: undefined } } }];
    case "hem-above-chest":
    case "hem-above-bust":
      return [
        {
          id: "longer-bodice",
          label: phrase`Make it ${length(by)} longer`,
          change: { block: { length: Math.ceil(bound) } },
        },
      ];
  }
}

/** An armscye is about so much of the bust (plausible range 40 to 55 %, from memory). */
const USUAL_ARMSCYE_SHARE = 0.45;
