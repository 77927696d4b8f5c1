import { type GarmentSpec, writeGarment } from "@core/garment/index";
import { z } from "zod";

/** What the server answers to a save. */
const SAVE_ANSWER = z.discriminatedUnion("saved", [
  z.object({ saved: z.literal(true), number: z.number().int(), besides: z.number().int().nullable() }),
  z.object({ saved: z.literal(false), reason: z.string() }),
]);
export type SaveAnswer = z.infer<typeof SAVE_ANSWER>;

const NO_ANSWER =
  "The server does not answer. Your work stays here and is kept in this browser; save again in a moment.";
const PATIENCE_MS = 15_000;

/** Sends the work to be kept as a new version. Never throws: a failed save is an answer like any other. */
export async function saveWork(garmentId: string, spec: GarmentSpec, basedOn: number): Promise<SaveAnswer> {
  try {
    const response = await fetch(`/garments/${garmentId}/save`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ file: writeGarment(spec, "mm"), basedOn }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const answer = SAVE_ANSWER.safeParse(await response.json());
    return answer.success ? answer.data : { saved: false, reason: NO_ANSWER };
  } catch {
    return { saved: false, reason: NO_ANSWER };
  }
}
