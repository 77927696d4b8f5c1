import { sendAct } from "@app/components/send-act";
import { type GarmentSpec, writeGarment } from "@core/spec/index";
import type { SaveAnswer } from "./save-answer";

const NO_ANSWER =
  "The server does not answer. Your work stays here and is kept in this browser; save again in a moment.";
const PATIENCE_MS = 40_000;

/** Sends the work to be kept as a new version. Never throws: a failed save is an answer like any other. */
export async function saveWork(garmentId: string, spec: GarmentSpec, basedOn: number, note = ""): Promise<SaveAnswer> {
  try {
    // What reads the answer is fetched with it, as nothing that is seen first needs it.
    const { SAVE_ANSWER } = await import("./save-answer");
    const work = { file: writeGarment(spec, "mm"), basedOn, note };
    const response = await sendAct(`/garments/${garmentId}/save`, work, AbortSignal.timeout(PATIENCE_MS));
    const answer = SAVE_ANSWER.safeParse(await response.json());
    return answer.success ? answer.data : { saved: false, reason: NO_ANSWER };
  } catch {
    return { saved: false, reason: NO_ANSWER };
  }
}
