/** A figure that was read off the tape, or what stands in for one that was not: an estimate gives way to readings. */
export type Reading = { readonly value: number; readonly isEstimate: boolean };

/** How deep a half neckline is: by its depth, by its length along the curve, or by both. */
export type NeckReadings = { readonly depth: Reading | null; readonly length: number | null };

/** Tape readings of a bodice along its stitching line, in millimetres. At least one of each neck's two is there. */
export type BlockReadings = {
  readonly armhole: {
    /** Shoulder point to underarm along the curve. */
    readonly front: number;
    readonly back: number;
    /** Straight down from the level of the shoulder point to the level of the underarm. */
    readonly depth: number;
  };
  readonly shoulder: {
    readonly length: number;
    /** How far the shoulder point lies below the side neck point. */
    readonly slope: number;
  };
  readonly neckline: {
    /** Centre line to side neck point, straight across. */
    readonly width: Reading;
    readonly front: NeckReadings;
    readonly back: NeckReadings;
  };
};

/** Names of the readings, as they are in the garment file under `block.`. */
export type ReadingPath =
  | "armhole.front"
  | "armhole.back"
  | "armhole.depth"
  | "shoulder.length"
  | "shoulder.slope"
  | "neckline.width"
  | "neckline.frontDepth"
  | "neckline.backDepth"
  | "neckline.frontLength"
  | "neckline.backLength";
