import { ARM_MEASURES, type Body } from "../body";
import type { SleeveAttempt } from "../drafting";
import type { ResolvedSpec } from "../resolve";
import type { GarmentSpec } from "../spec";
import type { DraftedGarment } from "./drafted-garment";
import type { Finding } from "./finding";
import { guarded, type Station } from "./guarded";
import { judgeRoundArmhole } from "./judge-armhole";
import { judgeBodicePieces } from "./judge-bodice-pieces";
import { judgeBuiltBlock } from "./judge-built-block";
import { judgeCompleteness, judgeMadeUp, judgeOtherArm, judgeTogether } from "./judge-completeness";
import { judgeDraftedCollar } from "./judge-drafted-collar";
import { judgeFitted } from "./judge-fitted";
import { judgeIgnored } from "./judge-ignored";
import { judgeMeasures } from "./judge-measures";
import { judgeOutlines } from "./judge-outlines";
import { judgeReadOver } from "./judge-read-over";
import { judgeRoom } from "./judge-room";
import { judgeSewn } from "./judge-sewn";
import { judgeSolvers } from "./judge-solvers";
import { judgeWithBodice } from "./judge-with-bodice";
import { usualBodice, usualCollar, usualSleeve } from "./usual-figures";

type Judge = {
  readonly station: Station;
  readonly judge: (garment: DraftedGarment, found: readonly Finding[]) => readonly Finding[];
};

/** Everybody who looks at a finished garment, in the order in which they speak. `found` is what was said before. */
const JUDGES: readonly Judge[] = [
  { station: "sleeve", judge: ({ sleeve, resolved }) => (sleeve ? judgeSleeve(sleeve, resolved) : []) },
  {
    station: "sleeve",
    judge: ({ sleeve, spec }) => judgeOutlines(sleeve?.drafted?.pieces ?? [], "sleeve", usualSleeve(spec)),
  },
  {
    station: "collar",
    judge: ({ collar, resolved }) => (collar ? judgeDraftedCollar(collar, resolved.block.alterations) : []),
  },
  {
    station: "collar",
    judge: ({ collar, spec }) => judgeOutlines(collar?.drafted?.pieces ?? [], "collar", usualCollar(spec)),
  },
  { station: "collar", judge: ({ together }) => judgeTogether(together) },
  {
    station: "pieces",
    judge: ({ resolved, together, spec }) =>
      resolved.pieces.cut === "whole" ? judgeOutlines(together.bodice?.pieces ?? [], "pieces", usualBodice(spec)) : [],
  },
  {
    station: "pieces",
    judge: ({ resolved, together }) =>
      resolved.pieces.cut === "whole" && together.bodice ? judgeBodicePieces(together.bodice) : [],
  },
  { station: "block", judge: ({ resolved, built }) => judgeBuiltBlock(resolved.block, built) },
  { station: "block", judge: ({ resolved }) => judgeFitted(resolved.block) },
  { station: "block", judge: judgeRoom },
  { station: "block", judge: judgeReadOver },
  { station: "pieces", judge: judgeIgnored },
  { station: "match", judge: ({ solvers }, found) => judgeSolvers(solvers, found) },
  {
    station: "block",
    judge: ({ spec: { block } }) => (block.source === "readings" ? judgeRoundArmhole(block.armhole) : []),
  },
  { station: "block", judge: ({ built, together }) => judgeMadeUp(built.block, together.pieces) },
  {
    station: "sleeve",
    judge: ({ spec, sleeve, together }) =>
      judgeOtherArm(spec, together.pieces, sleeve?.family === "sewn" && sleeve.drafted !== null),
  },
  {
    station: "sleeve",
    judge: ({ spec, together }) =>
      judgeOutlines(
        together.pieces.filter(({ arm }) => arm?.insteadOf),
        "sleeve",
        usualSleeve(spec),
      ),
  },
  { station: "measures", judge: ({ defaults }) => judgeCompleteness(defaults) },
  { station: "measures", judge: ({ spec }) => judgeMeasures(usedBody(spec)) },
];

/** All that there is to say about a garment. A judge that fails becomes a finding of its own, and takes no other along. */
export function judgeGarment(garment: DraftedGarment): readonly Finding[] {
  const findings: Finding[] = [];
  const begun = new Set<Station>();
  for (const { station, judge } of JUDGES) {
    if (!begun.has(station)) findings.push(...garment.unforeseen.filter((found) => found.station === station));
    begun.add(station);
    const judged = guarded<readonly Finding[]>(station, () => judge(garment, findings), []);
    findings.push(...judged.findings, ...judged.value);
  }
  return findings;
}

/** What there is to say about a sleeve alone, or why there is none. */
export function judgeSleeve(attempt: SleeveAttempt, resolved: ResolvedSpec): readonly Finding[] {
  return attempt.family === "sewn" ? judgeSewn(attempt, resolved) : judgeWithBodice(attempt, resolved);
}

/** What is drafted rests on: nobody is asked about an arm that no sleeve is drafted for, or a neck that no collar is. */
function usedBody({ body, sleeve, collar }: GarmentSpec): Body {
  const unused = [...(sleeve === null ? OF_ARM : []), ...(collar === null ? OF_COLLAR : [])];
  return Object.fromEntries(Object.entries(body).filter(([id]) => !unused.includes(id)));
}

const OF_ARM: readonly string[] = [...ARM_MEASURES, "neckToWrist", "aroundShoulders"];
const OF_COLLAR: readonly string[] = ["neck"];
