import type { Garment } from "@core/garment/index";
import type { Layout } from "@core/pattern/index";
import type { TapeUnit } from "@core/tape/index";
import { type Spacing, sideBySide } from "./layout";
import type { Mark } from "./mark";
import { pieceMarks } from "./marks";

/** All that is drawn of a garment's pattern, at true size: what every writer of files takes. Millimetres, y down. */
export type PatternSheet = {
  readonly title: string;
  readonly width: number;
  readonly height: number;
  /** The marks of each piece in the piece's own coordinates, and where it lies. */
  readonly pieces: readonly {
    readonly id: string;
    readonly x: number;
    readonly y: number;
    readonly marks: readonly Mark[];
  }[];
};

/** The marks of every piece of a layout; lengths are written in `unit`. */
function markedSheet(garment: Garment, layout: Layout, unit: TapeUnit): PatternSheet {
  return {
    title: garment.spec.name,
    width: layout.width,
    height: layout.height,
    pieces: layout.pieces.map(({ piece, x, y }) => ({ id: piece.id, x, y, marks: pieceMarks(garment, piece, unit) })),
  };
}

/** On one drawing there is room to cut round each piece. */
const APART: Spacing = { border: 15, between: 30 };
/** On sheets that are glued together paper is saved; no line runs along the edge of a sheet. */
const CLOSE: Spacing = { border: 5, between: 10 };

export function drawingSheet(garment: Garment, unit: TapeUnit): PatternSheet {
  return markedSheet(garment, sideBySide(garment.pieces, APART), unit);
}

export function printSheet(garment: Garment, unit: TapeUnit): PatternSheet {
  return markedSheet(garment, sideBySide(garment.pieces, CLOSE), unit);
}
