import { type Block, rebuildBlock } from "../block";
import {
  type Finding,
  judgeContradiction,
  judgeEase,
  judgeFrontAndBack,
  judgeHand,
  judgeLength,
  judgeNoCap,
  judgeNotches,
  judgeSurplus,
  judgeWidth,
  type Seam,
  sleeveSeams,
} from "../check";
import { type Draft, type Figure, length, phrase } from "../draft";
import { boxOf } from "../geometry";
import { type Piece, sleevePiece } from "../pattern";
import {
  draftSetInSleeve,
  methodOf,
  type NamedSolution,
  type SetInSleeve,
  type SetInTask,
  usualNotches,
} from "../sleeve/set-in";
import { judgeCompleteness } from "./judge-completeness";
import { type DefaultTaken, type ResolvedSleeve, type ResolvedSpec, resolveSpec } from "./resolve";
import type { GarmentSpec } from "./spec";

/** The sleeve with everything that was asked of it and found about it. */
export type DraftedSleeve = {
  readonly task: SetInTask;
  readonly sleeve: SetInSleeve;
  readonly seams: readonly [Seam, Seam];
  readonly piece: Piece;
};

/** A drafted garment: plain data, millimetres throughout. The same spec gives the same garment, everywhere. */
export type Garment = {
  readonly spec: GarmentSpec;
  readonly resolved: ResolvedSpec;
  readonly defaults: readonly DefaultTaken[];
  /** Null when the armhole readings contradict each other. */
  readonly block: Block | null;
  /** Null when no sleeve is wanted, or none exists: the findings then say why and what would help. */
  readonly sleeve: DraftedSleeve | null;
  readonly drafts: readonly Draft[];
  readonly figures: readonly Figure[];
  readonly seams: readonly Seam[];
  readonly pieces: readonly Piece[];
  readonly findings: readonly Finding[];
  readonly solvers: readonly NamedSolution[];
};

/** Drafts the whole garment. Never throws for a spec that `readGarment` accepted. */
export function draftGarment(spec: GarmentSpec): Garment {
  const resolved = resolveSpec(spec);
  const rebuilt = rebuildBlock(resolved.armhole);
  const block = rebuilt.ok ? rebuilt.block : null;
  const about = [...judgeCompleteness(spec, resolved.defaults), ...judgeFrontAndBack(resolved.armhole)];
  const outcome: SleeveOutcome = !rebuilt.ok
    ? { drafted: null, findings: rebuilt.contradictions.map(judgeContradiction) }
    : resolved.sleeve
      ? draftSleeve(resolved, resolved.sleeve, rebuilt.block)
      : { drafted: null, findings: [] };
  const { drafted } = outcome;
  return {
    spec,
    resolved,
    defaults: resolved.defaults,
    block,
    sleeve: drafted,
    drafts: drafted ? [drafted.sleeve.draft] : [],
    figures: [
      ...armholeFigures(resolved),
      ...(drafted ? [...drafted.sleeve.draft.figures, ...paperFigures(drafted.piece)] : []),
    ],
    seams: drafted?.seams ?? [],
    pieces: drafted ? [drafted.piece] : [],
    findings: [...outcome.findings, ...about],
    solvers: [...blockSolvers(block), ...(drafted?.sleeve.solvers ?? [])],
  };
}

type SleeveOutcome = { readonly drafted: DraftedSleeve | null; readonly findings: readonly Finding[] };

function draftSleeve(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): SleeveOutcome {
  const usual = usualNotches(block);
  const mostNotch = { front: block.front.length * MOST_NOTCH_SHARE, back: block.back.length * MOST_NOTCH_SHARE };
  const notchFindings = judgeNotches(asked.notches, mostNotch, usual);
  const task = setInTask(resolved, asked, {
    front: within(asked.notches.front, mostNotch.front, usual.front),
    back: within(asked.notches.back, mostNotch.back, usual.back),
  });
  const sleeve = draftSetInSleeve(task);
  if (!sleeve) return { drafted: null, findings: [whyNoSleeve(task), ...notchFindings] };
  const seams = sleeveSeams(block, sleeve, task);
  return {
    drafted: { task, sleeve, seams, piece: sleevePiece(sleeve) },
    findings: [
      ...judgeSurplus(task, sleeve, resolved.cloth),
      ...judgeEase(seams, task, resolved.cloth),
      ...judgeWidth(task, sleeve, resolved.cloth),
      ...judgeHand(sleeve, resolved.body.hand, asked.wristEase),
      ...notchFindings,
    ],
  };
}

/** Above this share of the armhole a notch no longer tells the lower from the upper seam. Our own limit. */
const MOST_NOTCH_SHARE = 0.75;

/** A notch that is off its seam is reported by `judgeNotches`; the drawing then shows the usual one. */
function within(asked: number | undefined, most: number, usual: number): number {
  return asked === undefined || asked > most ? usual : asked;
}

function whyNoSleeve(task: SetInTask): Finding {
  const frame = methodOf(task.method).frame(task.cap);
  if (frame && frame.height > 0 && frame.frontWidth > 0) return judgeLength(task.lengths.length, frame.height);
  return frame ? ruleGivesNothing(task, frame.height) : judgeNoCap(task.cap);
}

function ruleGivesNothing(task: SetInTask, height: number): Finding {
  return {
    code: "rule-gives-no-cap",
    severity: "fault",
    station: "sleeve",
    message: phrase`With the changes made to it, the rule gives a cap ${length(height)} high and ${length(task.cap.armhole.front + task.cap.armhole.back + task.cap.capWidthChange)} wide: that is no cap.`,
    reason: phrase`The cap was lowered or narrowed by more than the rule gives it.`,
    numbers: { height },
    remedies: [
      {
        id: "take-rule-as-is",
        label: phrase`Take the rule without the changes`,
        change: { sleeve: { capHeightChange: 0, capWidthChange: 0 } },
      },
    ],
  };
}

function setInTask({ body, armhole }: ResolvedSpec, asked: ResolvedSleeve, notches: SetInTask["notches"]): SetInTask {
  return {
    method: asked.method,
    cap: {
      armhole: { front: armhole.front, back: armhole.back, depth: armhole.depth },
      bust: body.bust,
      upperArm: body.upperArm,
      capEase: asked.capEase,
      backEaseShare: asked.backEaseShare,
      upperArmEase: asked.upperArmEase,
      capHeightChange: asked.capHeightChange,
      capWidthChange: asked.capWidthChange,
    },
    lengths: {
      length: asked.length,
      wristLevel: Math.max(asked.length, body.armLength),
      elbowLevel: body.shoulderToElbow,
      elbowWidth: body.elbow + asked.elbowEase,
      wristWidth: body.wrist + asked.wristEase,
    },
    notches,
  };
}

function armholeFigures({ armhole, defaults }: ResolvedSpec): readonly Figure[] {
  return (["front", "back", "depth"] as const).map((part) => {
    const standIn = defaults.find((d) => d.path === `block.armhole.${part}`);
    return {
      id: `block.armhole.${part}`,
      label: part === "depth" ? "Armhole depth" : `${part === "front" ? "Front" : "Back"} armhole`,
      value: armhole[part],
      kind: "length",
      formula: standIn?.rule ?? phrase`read off the tape: ${length(armhole[part])}`,
      rule: standIn ? "Stand-in" : "Tape reading",
      source: standIn?.source ?? "reading",
    };
  });
}

function paperFigures(piece: Piece): readonly Figure[] {
  const box = boxOf([piece.outline]);
  const size = (id: string, label: string, value: number): Figure => ({
    id,
    label,
    value,
    kind: "length",
    formula: phrase`the box round the piece's stitching line`,
    rule: "Measured on the draft",
    source: "geometry",
  });
  return [
    size("paper.width", "Paper width", box.right - box.left),
    size("paper.height", "Paper height", box.bottom - box.top),
  ];
}

function blockSolvers(block: Block | null): readonly NamedSolution[] {
  if (!block) return [];
  return [
    { id: "armhole.front", solution: block.front.solution },
    { id: "armhole.back", solution: block.back.solution },
  ];
}
