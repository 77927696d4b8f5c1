import { z } from "zod";
import { type Amended, isAmend } from "./amendments";
import { isObservation, type ObservationId } from "./observations";

/** Where something was seen: on the drawing of a piece, or on a photograph; both as shares of its width and height from the upper left. */
export type Mark = { readonly on: string; readonly x: number; readonly y: number };

/** What was seen at a try-on: one of the list, or in words alone. */
export type Seen = { readonly what: ObservationId | null; readonly words: string; readonly marks: readonly Mark[] };

const MARK = z.object({ on: z.string().max(80), x: z.number().min(0).max(1), y: z.number().min(0).max(1) });
const SEEN = z.object({
  what: z.string().nullable().catch(null),
  words: z.string().max(500).catch(""),
  marks: z.array(MARK).max(20).catch([]),
});
const AMENDED = z.object({ id: z.string(), by: z.number().min(-300).max(300) });

/** Most observations of one try-on. */
const MOST = 40;

/** What was seen, as it was stored or posted; what can be read of it. */
export function readSeen(stored: unknown): readonly Seen[] {
  if (!Array.isArray(stored)) return [];
  return stored.slice(0, MOST).flatMap((one) => {
    const read = SEEN.safeParse(one).data;
    if (!read) return [];
    const what = isObservation(read.what) ? read.what : null;
    return what === null && read.words.trim() === "" ? [] : [{ ...read, what }];
  });
}

/** The changes of a try-on, as they were stored or posted. */
export function readAmended(stored: unknown): readonly Amended[] {
  if (!Array.isArray(stored)) return [];
  return stored.slice(0, MOST).flatMap((one) => {
    const read = AMENDED.safeParse(one).data;
    return read && isAmend(read.id) ? [{ id: read.id, by: read.by }] : [];
  });
}
