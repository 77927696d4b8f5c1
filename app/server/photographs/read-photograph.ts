import { fileTypeFromBuffer } from "file-type";
import sharp from "sharp";

/** What a camera or a browser makes; other kinds can hold scripts or lead elsewhere. */
const KINDS = new Set(["image/jpeg", "image/png", "image/webp"]);
/** The browser sends one of 1600 pixels; whatever is sent, no more is kept. */
const LONGEST_SIDE_PX = 1600;
/** A picture that unfolds to more than this is no photograph. */
const MOST_PIXELS = 40_000_000;

export type ReadPhotograph =
  | { readonly ok: true; readonly jpeg: Uint8Array; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly sentence: string };

/**
 * A photograph made anew from what was sent: told by its content and not by its name, turned upright, and without all that a camera writes
 * into it, where it was taken among it.
 */
export async function readPhotograph(sent: Uint8Array): Promise<ReadPhotograph> {
  const kind = await fileTypeFromBuffer(sent);
  if (!kind || !KINDS.has(kind.mime))
    return { ok: false, sentence: "That is no photograph: choose a JPEG, PNG or WebP picture." };
  try {
    const { data, info } = await sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: "error" })
      .rotate()
      .resize(LONGEST_SIDE_PX, LONGEST_SIDE_PX, { fit: "inside", withoutEnlargement: true })
      .flatten({ background: "#ffffff" })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true });
    return { ok: true, jpeg: new Uint8Array(data), width: info.width, height: info.height };
  } catch {
    return { ok: false, sentence: "That picture is broken, or far too large: take another." };
  }
}
