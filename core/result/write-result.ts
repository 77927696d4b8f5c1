import type { AlterationTaken, Block } from "../block";
import { type CutPiece, cutGarment, isLined, makingOrder } from "../cut";
import { type Figure, speak } from "../draft";
import { beyondBlock, blockEdges, type Garment } from "../garment";
import { endOf, type Path, startOf, svgPathData } from "../geometry";
import type { Finding } from "../judge";
import { inUnit } from "../spec";
import { fromMm, type TapeUnit } from "../tape";

const RESULT_FORMAT = "gamine-result/1";

/** The drafted garment as the open result: lengths in the garment's unit, paths in millimetres with y down. */
export function writeResult(garment: Garment): Record<string, unknown> {
  const { unit } = garment.spec;
  const inTape = (mm: number) => fromMm(mm, unit);
  const cut = cutGarment(garment);
  return {
    format: RESULT_FORMAT,
    unit,
    defaults: garment.defaults.map((d) => ({
      path: d.path,
      value: typeof d.value === "number" && isLength(d.path) ? inTape(d.value) : d.value,
      rule: speak(d.rule, unit),
      source: d.source,
      estimated: d.isStandIn,
    })),
    figures: garment.figures.map((figure) => writeFigure(figure, unit)),
    seams: [...garment.seams, ...garment.joins].map((seam) => ({
      id: seam.id,
      body: seam.body,
      part: seam.part,
      bodyEdges: seam.bodyEdges,
      partEdges: seam.partEdges,
      bodyLength: inTape(seam.bodyLength),
      partLength: inTape(seam.partLength),
      ease: inTape(seam.ease),
      target: inTape(seam.target),
      sections: seam.sections.map((s) => ({
        from: s.from,
        to: s.to,
        bodyLength: inTape(s.bodyLength),
        partLength: inTape(s.partLength),
        ease: inTape(s.ease),
      })),
    })),
    notches: (garment.sleeve?.notches ?? []).map((n) => ({
      id: n.id,
      seam: n.seam,
      bodyAt: inTape(n.bodyAt),
      partAt: inTape(n.partAt),
    })),
    findings: [...garment.findings, ...cut.findings].map((finding) => writeFinding(finding, unit)),
    pieces: cut.pieces.map((piece) => writePiece(piece, inTape, garment.spec.lay?.lining === "whole")),
    makingOrder: makingOrder(garment).flatMap(({ seams }) => seams.map(({ id }) => id)),
    block: garment.block && writeBlock(garment, garment.block, inTape),
    steps: garment.drafts.flatMap((draft) =>
      draft.steps.map((step) => ({
        part: draft.id,
        n: step.n,
        text: speak(step.text, unit),
        check: step.tapeCheck && speak(step.tapeCheck, unit),
        points: step.points.map((p) => p.letter),
        figures: step.figures,
      })),
    ),
    solvers: garment.solvers.map(({ id, solution }) => ({
      id,
      converged: solution.converged,
      residual: solution.residual,
      iterations: solution.iterations,
    })),
  };
}

function writeFinding(finding: Finding, unit: TapeUnit) {
  const inTape = (mm: number) => fromMm(mm, unit);
  return {
    code: finding.code,
    severity: finding.severity,
    message: speak(finding.message, unit),
    reason: speak(finding.reason, unit),
    numbers: Object.fromEntries(
      Object.entries(finding.numbers).map(([name, value]) => [name, isPlain(finding.code) ? value : inTape(value)]),
    ),
    remedies: finding.remedies.map((remedy) => ({
      id: remedy.id,
      label: speak(remedy.label, unit),
      change: inUnit(remedy.change, unit),
    })),
  };
}

/** Shares and ratios are plain numbers and no lengths. */
function isPlain(code: string): boolean {
  return code === "slip-share" || code === "gathers-bulky" || code === "gathers-skimpy";
}

/** Of the defaults that are numbers all are lengths but these. */
const NO_LENGTHS: readonly string[] = ["sleeve.backEaseShare", "sleeve.fullnessChange", "collar.notchAngle"];

function isLength(path: string): boolean {
  return !NO_LENGTHS.includes(path);
}

function writeBlock(garment: Garment, block: Block, inTape: (mm: number) => number) {
  const written = (paths: Readonly<Record<string, Path>>) =>
    Object.fromEntries(Object.entries(paths).map(([name, path]) => [name, svgPathData(path)]));
  const beyond = Object.entries(beyondBlock(garment)).map(([name, path]) => [name.replace("front.", ""), path]);
  const lengths = (of: AlterationTaken["before"]) =>
    Object.fromEntries(Object.entries(of).map(([curve, mm]) => [curve, inTape(mm)]));
  return {
    front: written({ ...blockEdges(block.front), ...Object.fromEntries(beyond) }),
    back: written(blockEdges(block.back)),
    levels: block.levels.map(({ id, name, y }) => ({ id, name, below: inTape(y) })),
    alterations: garment.alterations.map(({ kind, by, before, after, leftOut }) => ({
      kind,
      by: inTape(by),
      before: lengths(before),
      after: lengths(after),
      leftOut,
    })),
  };
}

function writeFigure(figure: Figure, unit: TapeUnit) {
  return {
    id: figure.id,
    label: figure.label,
    value: figure.kind === "length" ? fromMm(figure.value, unit) : figure.value,
    formula: speak(figure.formula, unit),
    rule: figure.rule,
    source: figure.source,
  };
}

function writePiece({ piece, allowances, cutting, notches }: CutPiece, inTape: (mm: number) => number, lined: boolean) {
  const pair = (p: { readonly x: number; readonly y: number }) => [p.x, p.y];
  const data = (path: Path) => svgPathData(path);
  return {
    id: piece.id,
    name: piece.name,
    cut: piece.cut,
    cloth: [
      "outer",
      ...(lined && isLined(piece) ? ["lining"] : []),
      ...(piece.cut.interfacing > 0 ? ["interfacing"] : []),
    ],
    stitching: svgPathData(piece.outline, true),
    // Null only where a finding says that with these allowances there is none.
    cutting: cutting && svgPathData(cutting, true),
    edges: allowances.map(({ edge, by }) => ({
      id: edge.id,
      path: data(edge.path),
      length: inTape(edge.length),
      allowance: inTape(by),
    })),
    darts: piece.darts.map(data),
    folds: piece.folds.map(data),
    ...(piece.lines ? { lines: piece.lines.map(({ name, path }) => ({ name, path: data(path) })) } : {}),
    grain: { from: pair(piece.grain.from), to: pair(piece.grain.to) },
    ...(piece.buttons
      ? {
          buttons: piece.buttons.map(({ at }) => pair(at)),
          buttonholes: piece.buttons.map(({ hole }) => [pair(startOf(hole)), pair(endOf(hole))]),
        }
      : {}),
    notches: piece.notches.map((notch, i) => ({
      id: notch.id,
      at: pair(notch.at),
      inwards: pair(notch.inwards),
      cutAt: pair(notches[i]?.at ?? notch.at),
    })),
  };
}
