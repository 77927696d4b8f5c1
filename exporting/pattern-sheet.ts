import { type CutPiece, cutGarment } from "@core/cut/index";
import { at } from "@core/data/index";
import type { Garment } from "@core/garment/index";
import { flatten, type Point } from "@core/geometry/index";
import { inMakersOrder } from "@core/pattern/index";
import type { Tape } from "@core/tape/index";
import { type Packing, type Spacing, sideBySide } from "./layout";
import type { LinesShown } from "./line-choice";
import type { Mark } from "./mark";
import { pieceMarks } from "./marks";
import { packedOnRoll, packedOnSheets, sheetsOf } from "./pack";
import { type PaperId, printableArea, ROLLS, type RollId } from "./tiling";

/** What is printed of a garment beside its lines. */
export type SheetOptions = {
  /** Lengths are written in it. */
  readonly tape: Tape;
  /** The line on which is cut, the one on which is sewn, or both. */
  readonly lines: LinesShown;
  /** For whom, when and which version: on every piece, where there is room; empty for nothing. */
  readonly about: string;
};

/** All that is drawn of a garment's pattern, at true size: what every writer of files takes. Millimetres, y down. */
export type PatternSheet = {
  readonly title: string;
  readonly width: number;
  readonly height: number;
  readonly lines: LinesShown;
  readonly isLandscape: boolean;
  /** The marks of each piece in the piece's own coordinates; turned by so many degrees clockwise and then moved it lies in its place. */
  readonly pieces: readonly SheetPiece[];
};

export type SheetPiece = {
  readonly id: string;
  /** Its number and what it is called. */
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  readonly marks: readonly Mark[];
  /** The outermost line, in the piece's own coordinates. */
  readonly outer: readonly Point[];
};

/** Chords of one curve of the outermost line, for looking where a piece lies. */
const OUTER_CHORDS = 8;

/** The outline that is cut along: the cutting line, or the stitching line where that alone is shown or there is no other. */
function outerOf({ piece, cutting }: CutPiece, lines: LinesShown) {
  return lines === "stitching" || !cutting ? piece.outline : cutting;
}

function markedSheet(
  garment: Garment,
  options: SheetOptions,
  pieces: readonly CutPiece[],
  { width, height, placed, isLandscape }: Packing,
): PatternSheet {
  const order = inMakersOrder(garment.pieces).map(({ id }) => id);
  return {
    title: garment.spec.name,
    width,
    height,
    lines: options.lines,
    isLandscape,
    pieces: placed.map(({ id, x, y, turn }): SheetPiece => {
      const cut = at(
        pieces,
        pieces.findIndex(({ piece }) => piece.id === id),
      );
      return {
        id,
        name: `${order.indexOf(id) + 1} ${cut.piece.name}`,
        x,
        y,
        turn,
        marks: pieceMarks(garment, cut, { ...options, number: order.indexOf(id) + 1 }),
        outer: flatten(outerOf(cut, options.lines), OUTER_CHORDS),
      };
    }),
  };
}

/** On one drawing there is room to cut round each piece. */
const APART: Spacing = { border: 15, between: 30 };

const packable = (pieces: readonly CutPiece[], lines: LinesShown) =>
  pieces.map((one) => ({ id: one.piece.id, outline: outerOf(one, lines) }));

/** The pieces side by side as they are worn, nothing turned. */
export function drawingSheet(garment: Garment, options: SheetOptions): PatternSheet {
  const { pieces } = cutGarment(garment);
  return markedSheet(garment, options, pieces, sideBySide(packable(pieces, options.lines), APART));
}

/** The pieces packed on as few sheets of paper as the ways tried need. */
export function printSheet(garment: Garment, options: SheetOptions, paper: PaperId): PatternSheet {
  const { pieces } = cutGarment(garment);
  const packing = packedOnSheets(packable(pieces, options.lines), printableArea(paper, false));
  return markedSheet(garment, options, pieces, packing);
}

/** The pieces packed on a roll; null where one is wider than it. */
export function rollSheet(garment: Garment, options: SheetOptions, roll: RollId): PatternSheet | null {
  const { pieces } = cutGarment(garment);
  const packing = packedOnRoll(packable(pieces, options.lines), ROLLS[roll].width);
  return packing && markedSheet(garment, options, pieces, packing);
}

/** The outermost lines as they lie on the sheet. */
function linesOnSheet({ pieces }: PatternSheet): readonly (readonly Point[])[] {
  return pieces.map(({ outer, x, y, turn }) => outer.map((p) => placedPoint(p, { x, y, turn })));
}

export function placedPoint(p: Point, { x, y, turn }: Pick<SheetPiece, "x" | "y" | "turn">): Point {
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return { x: p.x * cos - p.y * sin + x, y: p.x * sin + p.y * cos + y };
}

/** Is anything of the pattern on the sheet of this column and row? */
export function usedSheets(sheet: PatternSheet, paper: PaperId): (column: number, row: number) => boolean {
  const area = printableArea(paper, sheet.isLandscape);
  const used = new Set(linesOnSheet(sheet).flatMap((line) => [...sheetsOf(line, area)]));
  return (column, row) => used.has(`${column} ${row}`);
}
