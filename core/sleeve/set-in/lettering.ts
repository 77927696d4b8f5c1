import type { DraftLine, LetteredPoint } from "../../draft";
import { distance, line, type Point } from "../../geometry";
import type { SleeveOutline } from "./outline";

/** A crown nearer to the centre line than a pencil line is thick needs no letter of its own. */
export const PENCIL_LINE_MM = 0.4;

export function isOffCentre(outline: SleeveOutline): boolean {
  return distance(outline.crown, { x: 0, y: 0 }) > PENCIL_LINE_MM;
}

export function crownLetter(outline: SleeveOutline): string {
  return isOffCentre(outline) ? "E" : "A";
}

export function lettered(letter: string, name: string, at: Point): LetteredPoint {
  return { letter, name, at };
}

export function guide(id: string, from: Point, to: Point): DraftLine {
  return { id, path: line(from, to), kind: "guide" };
}
