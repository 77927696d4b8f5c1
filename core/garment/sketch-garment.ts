import type { AlterationTaken, Block } from "../block";
import type { Body } from "../body";
import {
  type Finding,
  judgeMeasures,
  judgeOutlines,
  judgeRoundArmhole,
  judgeSolvers,
  lowerCapFigures,
  type Seam,
} from "../check";
import { type Draft, type Figure, phrase } from "../draft";
import { boxOf } from "../geometry";
import type { Piece } from "../pattern";
import { NECK_OF_BODICE } from "../sleeve/bodice-style";
import type { NamedSolution } from "../sleeve/set-in";
import type { GarmentSpec } from "../spec";
import { type BuiltBlock, buildBlock } from "./build-block";
import type { DraftedCollar, NeckForCollar } from "./draft-collar";
import type { DraftedSleeve } from "./draft-sleeve";
import { enlargeArmhole } from "./enlarge-armhole";
import { guarded, type Station } from "./guarded";
import { judgeCompleteness, judgeMadeUp } from "./judge-completeness";
import { piecesTogether } from "./pieces-together";
import { type DefaultTaken, type ResolvedSpec, resolveSpec } from "./resolve";
import { draftSettledCollar, type SettledCollar } from "./settle-collar";
import { draftSettledSleeve, type SettledSleeve } from "./settle-sleeve";
import { usualCollar, usualSleeve } from "./usual-figures";

/** A drafted garment: plain data, millimetres throughout. The same spec gives the same garment, everywhere. */
export type Garment = {
  readonly spec: GarmentSpec;
  readonly resolved: ResolvedSpec;
  readonly defaults: readonly DefaultTaken[];
  /** Null when its figures give none: the findings then say why and what would help. */
  readonly block: Block | null;
  /** The block before its alterations. */
  readonly plainBlock: Block | null;
  readonly alterations: readonly AlterationTaken[];
  /** Null when no sleeve is wanted, or none exists: the findings then say why and what would help. */
  readonly sleeve: DraftedSleeve | null;
  /** Null when none is wanted, or none exists. */
  readonly collar: DraftedCollar | null;
  readonly drafts: readonly Draft[];
  readonly figures: readonly Figure[];
  readonly seams: readonly Seam[];
  readonly pieces: readonly Piece[];
  readonly findings: readonly Finding[];
  readonly solvers: readonly NamedSolution[];
};

const NO_BLOCK: BuiltBlock = { block: null, plain: null, alterations: [], findings: [], figures: [] };
const NO_SLEEVE: SettledSleeve = { outcome: { drafted: null, judge: () => [] }, retaken: [] };
const NO_COLLAR: SettledCollar = { outcome: { drafted: null, judge: () => [] }, retaken: [] };

/**
 * Drafts the whole garment, but for the remedies of its findings, which are not tried yet: for every frame of a drag. Never throws for a
 * spec that `readGarment` accepted: what was not foreseen at one station is a finding there, and the others go on.
 */
export function sketchGarment(spec: GarmentSpec): Garment {
  const resolved = resolveSpec(spec);
  const { value: built, findings: ofBlock } = guarded(
    "block",
    () => buildBlock(resolved.block, resolved.defaults),
    NO_BLOCK,
    ({ block, figures }) => [figures, block?.back, block?.front],
  );
  const { block } = built;
  const { value: settled, findings: ofSleeve } = guarded(
    "sleeve",
    () =>
      block && resolved.sleeve
        ? draftSettledSleeve(spec, resolved, resolved.sleeve, block, enlargeArmhole(resolved.block, block))
        : NO_SLEEVE,
    NO_SLEEVE,
    ({ outcome }) => shownOf(outcome.drafted),
  );
  const { outcome: sleeve, retaken } = settled;
  const { drafted } = sleeve;
  const { value: settledCollar, findings: ofCollar } = guarded(
    "collar",
    () => (block ? draftSettledCollar(spec, resolved, neckLeftBy(drafted, block)) : NO_COLLAR),
    NO_COLLAR,
    ({ outcome }) => shownOf(outcome.drafted),
  );
  const { outcome: collar } = settledCollar;
  const defaults = withRetaken(resolved.defaults, [...retaken, ...settledCollar.retaken]);
  const { pieces, collarSeams, findings: shared } = piecesTogether(drafted?.pieces ?? [], collar.drafted);
  const solvers = [
    ...(block?.solvers ?? []),
    ...(drafted ? solversOf(drafted) : []),
    ...(collar.drafted?.solvers ?? []),
  ];
  const { value: lowerCaps } = guarded(
    "sleeve",
    () => (drafted?.family === "sewn" ? lowerCapFigures(drafted.seams) : []),
    [],
  );
  const judged = (station: Station, judge: () => readonly Finding[]) => {
    const { value, findings } = guarded<readonly Finding[]>(station, judge, []);
    return [...findings, ...value];
  };
  const findings = [
    ...ofSleeve,
    ...judged("sleeve", sleeve.judge),
    ...judged("sleeve", () => judgeOutlines(drafted?.pieces ?? [], "sleeve", usualSleeve(spec))),
    ...ofCollar,
    ...judged("collar", collar.judge),
    ...judged("collar", () => judgeOutlines(collar.drafted?.pieces ?? [], "collar", usualCollar(spec))),
    ...shared,
    ...ofBlock,
    ...built.findings,
  ];
  return {
    spec,
    resolved,
    defaults,
    block,
    plainBlock: built.plain,
    alterations: built.alterations,
    sleeve: drafted,
    collar: collar.drafted,
    drafts: [
      ...(drafted ? [drafted.draft] : []),
      ...(collar.drafted ? [collar.drafted.draft] : []),
      ...(block?.drafts ?? []),
    ],
    figures: [
      ...built.figures,
      ...(drafted?.draft.figures ?? []),
      ...lowerCaps,
      ...(pieces.length > 0 ? paperFigures(pieces) : []),
      ...(collar.drafted?.draft.figures ?? []),
    ],
    seams: [...(drafted?.seams ?? []), ...collarSeams],
    pieces,
    findings: [
      ...findings,
      ...judgeSolvers(solvers, findings),
      ...(spec.block.source === "readings" ? judgeRoundArmhole(spec.block.armhole) : []),
      ...judgeMadeUp(block, pieces),
      ...judgeCompleteness(defaults),
      ...judgeMeasures(usedBody(spec)),
    ],
    solvers,
  };
}

/** What is on the sheet, on the card, on the walk and on paper. */
function shownOf(part: DraftedSleeve | DraftedCollar | null): unknown {
  return part && [part.draft.figures, part.draft.points, part.draft.lines, part.pieces, part.seams];
}

/** The neck that a collar is fitted to: as the sleeve leaves it. */
function neckLeftBy(drafted: DraftedSleeve | null, block: Block): NeckForCollar {
  return drafted?.family === "bodice"
    ? { block: drafted.drawing.necked, edges: drafted.drawing.neckEdges }
    : { block, edges: NECK_OF_BODICE };
}

/** What is drafted rests on: nobody is asked about an arm that no sleeve is drafted for, or a neck that no collar is. */
function usedBody({ body, sleeve, collar }: GarmentSpec): Body {
  const unused = [...(sleeve === null ? OF_ARM : []), ...(collar === null ? OF_COLLAR : [])];
  return Object.fromEntries(Object.entries(body).filter(([id]) => !unused.includes(id)));
}

const OF_ARM: readonly string[] = [
  "upperArm",
  "elbow",
  "wrist",
  "hand",
  "armLength",
  "shoulderToElbow",
  "neckToWrist",
  "aroundShoulders",
];
const OF_COLLAR: readonly string[] = ["neck"];

/** What was taken otherwise once the block was known stands in the place of what was taken first. */
function withRetaken(defaults: readonly DefaultTaken[], retaken: readonly DefaultTaken[]): readonly DefaultTaken[] {
  return defaults.map((one) => retaken.find(({ path }) => path === one.path) ?? one);
}

function solversOf(drafted: DraftedSleeve): readonly NamedSolution[] {
  return drafted.family === "sewn" ? drafted.sleeve.solvers : drafted.solvers;
}

function paperFigures(pieces: readonly Piece[]): readonly Figure[] {
  const boxes = pieces.map((piece) => boxOf([piece.outline]));
  const width = boxes.reduce((sum, box) => sum + box.right - box.left, 0);
  const height = Math.max(...boxes.map((box) => box.bottom - box.top));
  const size = (id: string, label: string, value: number): Figure => ({
    id,
    label,
    value,
    kind: "length",
    formula: phrase`the ${pieces.length === 1 ? "box round the piece’s stitching line" : "boxes round the pieces’ stitching lines, side by side"}`,
    rule: "Measured on the draft",
    source: "geometry",
  });
  return [size("paper.width", "Paper width", width), size("paper.height", "Paper height", height)];
}
