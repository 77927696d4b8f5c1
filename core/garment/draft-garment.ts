import type { AlterationTaken, Block } from "../block";
import { type Finding, judgeMeasures, lowerCapFigures, type Seam } from "../check";
import { type Draft, type Figure, phrase } from "../draft";
import { boxOf } from "../geometry";
import type { Piece } from "../pattern";
import type { NamedSolution } from "../sleeve/set-in";
import { buildBlock } from "./build-block";
import { type CollarOutcome, type DraftedCollar, draftCollar } from "./draft-collar";
import { type DraftedSleeve, draftSleeve, type SleeveOutcome } from "./draft-sleeve";
import { enlargeArmhole } from "./enlarge-armhole";
import { judgeCompleteness } from "./judge-completeness";
import { piecesTogether } from "./pieces-together";
import { type DefaultTaken, type ResolvedSpec, resolveSpec } from "./resolve";
import type { GarmentSpec } from "./spec";

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

const NO_SLEEVE: SleeveOutcome = { drafted: null, findings: [] };
const NO_COLLAR: CollarOutcome = { drafted: null, findings: [] };

/** Drafts the whole garment. Never throws for a spec that `readGarment` accepted. */
export function draftGarment(spec: GarmentSpec): Garment {
  const resolved = resolveSpec(spec);
  const built = buildBlock(resolved.block, resolved.defaults);
  const { block } = built;
  const { drafted, findings } =
    block && resolved.sleeve
      ? draftSleeve(resolved, resolved.sleeve, block, enlargeArmhole(resolved.block, block))
      : NO_SLEEVE;
  const collar = block
    ? draftCollar(resolved, drafted?.family === "bodice" ? drafted.drawing.necked : block)
    : NO_COLLAR;
  const { pieces, findings: shared } = piecesTogether(drafted?.pieces ?? [], collar.drafted);
  return {
    spec,
    resolved,
    defaults: resolved.defaults,
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
      ...(drafted
        ? [...drafted.draft.figures, ...(drafted.family === "sewn" ? lowerCapFigures(drafted.seams) : [])]
        : []),
      ...(pieces.length > 0 ? paperFigures(pieces) : []),
      ...(collar.drafted?.draft.figures ?? []),
    ],
    seams: [...(drafted?.seams ?? []), ...(collar.drafted?.seams ?? [])],
    pieces,
    findings: [
      ...findings,
      ...collar.findings,
      ...shared,
      ...built.findings,
      ...judgeCompleteness(resolved.defaults),
      ...judgeMeasures(spec.body),
    ],
    solvers: [...(block?.solvers ?? []), ...(drafted ? solversOf(drafted) : []), ...(collar.drafted?.solvers ?? [])],
  };
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
