import { readGarment } from "@core/spec/index";
import * as z from "zod/mini";
import { type KeptWork, keepWork, keysOf } from "./kept-work";

const KEPT = z.object({
  file: z.unknown(),
  typed: z.record(z.string(), z.string()),
  basedOn: z.int(),
  keptAt: z.number(),
});

/**
 * The work that this tab kept. A tab that kept none takes over the newest of the others, such as of one that was closed; one that is still
 * open keeps its own again when it is left.
 */
export function readKeptWork(garmentId: string): KeptWork | null {
  try {
    const { own, others } = keysOf(garmentId);
    const found = [own, ...others].flatMap((key) => {
      const kept = readAt(key);
      return kept ? [{ key, ...kept }] : [];
    });
    const taken = found.find(({ key }) => key === own) ?? found.sort((a, b) => b.keptAt - a.keptAt)[0];
    if (!taken) return null;
    const { key, spec, typed, basedOn } = taken;
    if (key !== own) {
      keepWork(garmentId, { spec, typed, basedOn });
      localStorage.removeItem(key);
    }
    return { spec, typed, basedOn };
  } catch {
    // Storage can be switched off; the saved version is still there.
    return null;
  }
}

function readAt(key: string): (KeptWork & { readonly keptAt: number }) | null {
  try {
    const kept = KEPT.parse(JSON.parse(localStorage.getItem(key) ?? "null"));
    const read = readGarment(kept.file);
    return read.ok ? { spec: read.spec, typed: kept.typed, basedOn: kept.basedOn, keptAt: kept.keptAt } : null;
  } catch {
    // What is there is not ours.
    return null;
  }
}
