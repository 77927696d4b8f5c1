import {
  add,
  type Cubic,
  endOf,
  lengthAtHeight,
  line,
  mapCubic,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  subpath,
} from "../../geometry";
import type { CapFrame } from "./cap-frame";
import { type CapShapes, halfCap } from "./cap-shape";
import { underarmSeam } from "./underarm-seam";

/** Whole widths and levels of the sleeve below its cap, in millimetres; levels run down from the crown. */
export type SleeveLengths = {
  readonly length: number;
  readonly wristLevel: number;
  readonly elbowLevel: number;
  readonly elbowWidth: number;
  readonly wristWidth: number;
  /** How deep the hem is turned up; 0 for a sleeve that ends on its stitching line. */
  readonly turnUp: number;
};

/** What is folded up inside: its sides from the hem down, mirrored from the seams above the hem so that it lies flat on them. */
export type TurnUp = { readonly front: Path; readonly back: Path };

/** The edges of the sleeve, each in the direction in which the outline runs: over the crown from back to front. */
export type SleeveOutline = {
  readonly crown: Point;
  readonly frontEnd: Point;
  readonly backEnd: Point;
  /** From the crown down to the end of the cap line. */
  readonly capFront: Cubic;
  readonly capBack: Cubic;
  /** From the end of the cap line down to the hem. */
  readonly underarmFront: Path;
  readonly underarmBack: Path;
  readonly frontHem: Point;
  readonly backHem: Point;
  /** Null when the elbow line would lie in the cap or below the hem. */
  readonly elbow: { readonly front: Point; readonly back: Point } | null;
  /** Null when none is asked for, or when it would be deeper than the seam above it. */
  readonly turnUp: TurnUp | null;
};

/** The elbow line is only drawn where it leaves the seam room to bend: this far from the cap line and the wrist. */
const ROOM_FOR_ELBOW_MM = 20;

/** The grain line is x = 0, half way along the cap line, so both underarm seams are mirror images and of one length. */
export function outlineSleeve(frame: CapFrame, shapes: CapShapes, lengths: SleeveLengths): SleeveOutline {
  const halfWidth = (frame.frontWidth + frame.backWidth) / 2;
  const crown = { x: frame.backWidth - halfWidth, y: 0 };
  const frontEnd = { x: halfWidth, y: frame.height };
  const backEnd = mirrored(frontEnd);
  const seam = seamToHem(frontEnd, lengths);
  const front = halfCap(shapes.front, frame.frontWidth, frame.height);
  const back = mapCubic(halfCap(shapes.back, frame.backWidth, frame.height), mirrored);
  const turnedUp = lengths.turnUp > 0 ? foldedOver(seam.path, lengths.turnUp) : null;
  return {
    crown,
    frontEnd,
    backEnd,
    capFront: mapCubic(front, (p) => add(p, crown)),
    capBack: mapCubic(back, (p) => add(p, crown)),
    underarmFront: seam.path,
    underarmBack: seam.path.map((cubic) => mapCubic(cubic, mirrored)),
    frontHem: seam.hem,
    backHem: mirrored(seam.hem),
    elbow: seam.elbow && { front: seam.elbow, back: mirrored(seam.elbow) },
    turnUp: turnedUp && { front: turnedUp, back: mapPath(turnedUp, mirrored) },
  };
}

/** A shorter sleeve is the full-length one cut across, so that elbow and underarm keep their shape. */
function seamToHem(capEnd: Point, lengths: SleeveLengths) {
  const wrist = { x: lengths.wristWidth / 2, y: lengths.wristLevel };
  const bends = lengths.elbowLevel > capEnd.y + ROOM_FOR_ELBOW_MM && lengths.elbowLevel < wrist.y - ROOM_FOR_ELBOW_MM;
  const elbow = bends ? { x: lengths.elbowWidth / 2, y: lengths.elbowLevel } : null;
  const full = underarmSeam(capEnd, elbow, wrist);
  if (lengths.length >= lengths.wristLevel) return { path: full, hem: wrist, elbow };
  const path = subpath(full, 0, lengthAtHeight(full, lengths.length));
  const last = path[path.length - 1]?.[3] ?? wrist;
  return { path, hem: last, elbow: elbow && elbow.y < lengths.length ? elbow : null };
}

/** The last stretch of a seam, as deep as asked, as it shows when the paper is folded along the hem and traced through. */
function foldedOver(seam: Path, depth: number): Path | null {
  const hem = endOf(seam);
  const top = hem.y - depth;
  if (top <= (seam[0]?.[0].y ?? hem.y)) return null;
  const above = subpath(seam, lengthAtHeight(seam, top), pathLength(seam));
  return mapPath(reversePath(above), (p) => ({ x: p.x, y: 2 * hem.y - p.y }));
}

function mirrored(p: Point): Point {
  return { x: -p.x, y: p.y };
}

export function hemOf(outline: SleeveOutline): Path {
  return line(outline.frontHem, outline.backHem);
}

/** The edge that the turn-up ends in, in the direction of the hem. */
export function turnUpEdge({ front, back }: TurnUp): Path {
  return line(endOf(front), endOf(back));
}
