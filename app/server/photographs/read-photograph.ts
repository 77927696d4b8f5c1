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

/**
 * A photograph that was kept here before, out of an archive: as it is where it is a whole JPEG picture with nothing in it but the picture,
 * made anew otherwise.
 */
export async function keptPhotograph(sent: Uint8Array): Promise<ReadPhotograph> {
  if (!hasOnlyThePicture(sent)) return readPhotograph(sent);
  try {
    const picture = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: "error" });
    const { width, height } = await picture.metadata();
    // Unfolding it all finds what is broken.
    await picture.stats();
    return Math.max(width, height) <= LONGEST_SIDE_PX ? { ok: true, jpeg: sent, width, height } : readPhotograph(sent);
  } catch {
    return { ok: false, sentence: "That picture is broken, or far too large: take another." };
  }
}

const JPEG = { marker: 0xff, start: 0xd8, end: 0xd9, scan: 0xda, firstApp: 0xe0, lastApp: 0xef, comment: 0xfe };

/** Is it a JPEG picture without what cameras and other programs write before the picture, and with nothing after it? */
function hasOnlyThePicture(bytes: Uint8Array): boolean {
  if (bytes[0] !== JPEG.marker || bytes[1] !== JPEG.start) return false;
  if (bytes.at(-2) !== JPEG.marker || bytes.at(-1) !== JPEG.end) return false;
  for (let at = 2; at + 4 <= bytes.length; ) {
    const [marker, kind = 0, high = 0, low = 0] = bytes.subarray(at, at + 4);
    if (marker !== JPEG.marker) return false;
    if (kind === JPEG.scan) return true;
    // The first of them, which says that it is a picture of this kind, is in every one.
    if ((kind > JPEG.firstApp && kind <= JPEG.lastApp) || kind === JPEG.comment) return false;
    at += 2 + high * 256 + low;
  }
  return false;
}
