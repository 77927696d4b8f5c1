import { add, type Cubic, lengthAtHeight, line, mapCubic, type Path, type Point, subpath } from "../../geometry";
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
};

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

function mirrored(p: Point): Point {
  return { x: -p.x, y: p.y };
}

export function hemOf(outline: SleeveOutline): Path {
  return line(outline.frontHem, outline.backHem);
}
