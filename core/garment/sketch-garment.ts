import type { AlterationTaken, Block } from "../block";
import { collarOf } from "../collar";
import { type Draft, type Figure, phrase } from "../draft";
import {
  type BuiltBlock,
  buildBlock,
  type DraftedCollar,
  type DraftedSleeve,
  type NeckForCollar,
  NO_BLOCK,
  NOTHING_ASSEMBLED,
  type OtherSleeve,
  type Part,
  wholeGarment,
} from "../drafting";
import { boxOf, type NamedSolution } from "../geometry";
import { type Finding, guarded, judgeGarment } from "../judge";
import { NECK_OF_BODICE, type Piece, type Seam } from "../pattern";
import { type DefaultTaken, type ResolvedSpec, resolveSpec } from "../resolve";
import { lowerCapFigures } from "../sleeve/set-in";
import type { GarmentSpec } from "../spec";
import { draftSettledCollar } from "./settle-collar";
import { draftSettledSleeve } from "./settle-sleeve";
import { type Stages, solvedOf, stageOf, textsOf } from "./stages";

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
  /** Those that sleeve and collar are fitted to. */
  readonly seams: readonly Seam[];
  /** Every other seam of the garment. */
  readonly joins: readonly Seam[];
  readonly pieces: readonly Piece[];
  readonly findings: readonly Finding[];
  readonly solvers: readonly NamedSolution[];
};

/**
 * Drafts and judges the whole garment, but for the remedies of its findings, which are not tried yet: for every frame of a drag. Never
 * throws for a spec that `readGarment` accepted: what was not foreseen at one station is a finding there, and the others go on.
 * `before`, the garment as it was a moment ago, gives every stage of which nothing that it rests on has changed: the result is the same.
 */
export function sketchGarment(spec: GarmentSpec, before: Garment | null = null): Garment {
  const resolved = resolveSpec(spec, before?.resolved.block ?? null);
  const earlier = before && STAGES.get(before);
  const texts = textsOf(spec, resolved);
  const ofBlockStage = stageOf(earlier?.block, [texts.rest, solvedOf(resolved)], () =>
    guarded(
      "block",
      () => buildBlock(resolved.block, resolved.defaults),
      NO_BLOCK,
      ({ block, figures }) => [figures, block?.back, block?.front],
    ),
  );
  const { value: built, findings: ofBlock } = ofBlockStage.result;
  const { block } = built;
  const ofSleeveStage = stageOf(earlier?.sleeve, [texts.rest, texts.sleeve, built], () =>
    guarded(
      "sleeve",
      () => (block && resolved.sleeve ? draftSettledSleeve(spec, resolved, resolved.sleeve, built) : null),
      null,
      (settled) => shownOf(settled?.attempt.drafted ?? null),
    ),
  );
  const { value: sleeve, findings: ofSleeve } = ofSleeveStage.result;
  const drafted = sleeve?.attempt.drafted ?? null;
  const neck = block && neckLeftBy(drafted, neckFor(spec, built) ?? block);
  const ofCollarStage = stageOf(earlier?.collar, [texts.rest, texts.collar, neck?.block, neck?.edges], () =>
    guarded(
      "collar",
      () => neck && draftSettledCollar(spec, resolved, neck),
      null,
      (settled) => shownOf(settled?.attempt.drafted ?? null),
    ),
  );
  const { value: collar, findings: ofCollar } = ofCollarStage.result;
  const collarDrafted = collar?.attempt.drafted ?? null;
  const defaults = withRetaken(resolved.defaults, [...(sleeve?.retaken ?? []), ...(collar?.retaken ?? [])]);
  const { value: otherSleeve, findings: ofOther } = guarded(
    "sleeve",
    () => (drafted?.family === "sewn" && block ? draftOtherArm(spec, built) : null),
    null,
    (other) => shownOf(other?.sleeve ?? null),
  );
  const { value: together, findings: ofPieces } = guarded(
    "pieces",
    () => wholeGarment(block, drafted, collarDrafted, resolved.pieces, resolved.bodice.backLength, otherSleeve),
    NOTHING_ASSEMBLED,
    ({ pieces, joins }) => [pieces, joins],
  );
  const { pieces } = together;
  const solvers = [...(block?.solvers ?? []), ...(drafted?.solvers ?? []), ...(collarDrafted?.solvers ?? [])];
  const { value: lowerCaps } = guarded(
    "sleeve",
    () => (drafted?.family === "sewn" ? lowerCapFigures(drafted.seams) : []),
    [],
  );
  const findings = judgeGarment({
    spec,
    resolved,
    defaults,
    built,
    sleeve: sleeve?.attempt ?? null,
    collar: collar?.attempt ?? null,
    together,
    solvers,
    unforeseen: [...ofSleeve, ...ofOther, ...ofCollar, ...ofBlock, ...ofPieces],
  });
  const garment: Garment = {
    spec,
    resolved,
    defaults,
    block,
    plainBlock: built.plain,
    alterations: built.alterations,
    sleeve: drafted,
    collar: collarDrafted,
    drafts: [
      ...(drafted ? [drafted.draft] : []),
      ...(collarDrafted ? [collarDrafted.draft] : []),
      ...(block?.drafts ?? []),
      ...(together.bodice && resolved.pieces.cut === "whole" ? [together.bodice.draft] : []),
    ],
    figures: [
      ...built.figures,
      ...(drafted?.draft.figures ?? []),
      ...lowerCaps,
      ...(pieces.length > 0 ? paperFigures(pieces) : []),
      ...(collarDrafted?.draft.figures ?? []),
      ...(resolved.pieces.cut === "whole" ? (together.bodice?.figures ?? []) : []),
    ],
    seams: together.seams,
    joins: together.joins,
    pieces,
    findings,
    solvers,
  };
  STAGES.set(garment, { block: ofBlockStage, sleeve: ofSleeveStage, collar: ofCollarStage });
  return garment;
}

/** The stages that each garment was drafted in, for as long as it is there. */
const STAGES = new WeakMap<Garment, Stages>();

/** The sleeve of the arm that differs, drafted as the first is but for that arm's figures; null where no such arm is given, or none exists. */
function draftOtherArm(spec: GarmentSpec, built: BuiltBlock): OtherSleeve | null {
  const { otherArm } = spec;
  if (!otherArm) return null;
  const { side = "left", ...figures } = otherArm;
  const measured = Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== undefined));
  const own = { ...spec, body: { ...spec.body, ...measured } };
  const resolved = resolveSpec(own);
  const settled = resolved.sleeve && draftSettledSleeve(own, resolved, resolved.sleeve, built);
  const sleeve = settled?.attempt.drafted;
  return sleeve ? { sleeve, side } : null;
}

/** What is on the sheet, on the card, on the walk and on paper. */
function shownOf(part: Part | null): unknown {
  return part && [part.draft.figures, part.draft.points, part.draft.lines, part.pieces, part.seams];
}

/** The neck that a collar is fitted to: as the sleeve leaves it. */
function neckLeftBy(drafted: DraftedSleeve | null, block: Block): NeckForCollar {
  return drafted?.family === "bodice"
    ? { block: drafted.drawing.necked, edges: drafted.drawing.neckEdges }
    : { block, edges: NECK_OF_BODICE };
}

/** A front that a collar grows is cut with its own neck, whatever was read. */
function neckFor({ collar }: GarmentSpec, { block, forCollar }: BuiltBlock): Block | null {
  return collar && collarOf(collar.kind).frontEdge === "grown" ? block : forCollar;
}

/** What was taken otherwise once the block was known stands in the place of what was taken first. */
function withRetaken(defaults: readonly DefaultTaken[], retaken: readonly DefaultTaken[]): readonly DefaultTaken[] {
  return defaults.map((one) => retaken.find(({ path }) => path === one.path) ?? one);
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
