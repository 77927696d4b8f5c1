import { type DrawingUnit, LIMITS, type ReadDrawing, refuse } from "./drawing";
import { readDxf } from "./dxf/read-dxf";
import { readSvg } from "./svg/read-svg";

/** True for a file too large to be a pattern: said before it is read at all. */
export function isTooLarge(bytes: number): boolean {
  return bytes > LIMITS.bytes;
}

export const TOO_LARGE = refuse(
  "too-large",
  `The file is larger than ${LIMITS.bytes / 1_000_000} MB, which no drawing of a bodice is. Save only its outline, without pictures.`,
);

/** The lines of an SVG or DXF drawing, told apart by what the file holds rather than by what it is called. */
export function readDrawing(text: string, assumed: DrawingUnit | null = null): ReadDrawing {
  if (isTooLarge(text.length)) return TOO_LARGE;
  const begin = text
    .slice(0, 4096)
    .replace(/^\uFEFF/, "")
    .trimStart();
  if (begin === "") return refuse("not-a-drawing", "The file is empty.");
  if (begin.includes("\u0000")) return refuse("not-a-drawing", "This is not an SVG or DXF drawing.");
  if (begin.startsWith("<")) return readSvg(text.replace(/^\uFEFF/, ""), assumed);
  if (/^(?:999|0)\s*\r?\n/.test(begin) || begin.startsWith("AutoCAD Binary DXF"))
    return readDxf(begin.length < text.length ? text.trimStart() : begin, assumed);
  return refuse("not-a-drawing", "This is not an SVG or DXF drawing.");
}
