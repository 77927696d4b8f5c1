import { type GarmentSpec, readGarment, writeGarment } from "@core/garment/index";
import { z } from "zod";

/** Text in boxes that is not a length yet, by field path. */
export type Typed = Readonly<Record<string, string>>;

/** Unsaved work as this browser keeps it, so that neither a reload nor a failed save loses anything. */
export type KeptWork = { readonly spec: GarmentSpec; readonly typed: Typed; readonly basedOn: number };

const KEPT = z.object({
  file: z.unknown(),
  typed: z.record(z.string(), z.string()),
  basedOn: z.number().int(),
  keptAt: z.number(),
});

const THIS_TAB = "gamine-tab";

/**
 * The work of each tab is kept by itself, so that two tabs with the same garment keep each their own. A tab is known by a number in its
 * session, which a reload keeps and a new tab does not have.
 */
function keyOf(garmentId: string): string {
  const known = sessionStorage.getItem(THIS_TAB);
  const tab = known ?? crypto.randomUUID();
  if (known === null) sessionStorage.setItem(THIS_TAB, tab);
  return `${startOfKeys(garmentId)}${tab}`;
}

const startOfKeys = (garmentId: string) => `gamine-work-${garmentId}-`;

/**
 * The work that this tab kept. A tab that kept none takes over the newest of the others, such as of one that was closed; one that is still
 * open keeps its own again when it is left.
 */
export function readKeptWork(garmentId: string): KeptWork | null {
  try {
    const own = keyOf(garmentId);
    const others = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? "").filter(
      (key) => key.startsWith(startOfKeys(garmentId)) && key !== own,
    );
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

export function keepWork(garmentId: string, { spec, typed, basedOn }: KeptWork): void {
  try {
    const kept = { file: writeGarment(spec, "mm"), typed, basedOn, keptAt: Date.now() };
    localStorage.setItem(keyOf(garmentId), JSON.stringify(kept));
  } catch {
    // A full or forbidden storage must not stop the drafting.
  }
}

/** This tab has no unsaved work any more. */
export function forgetKeptWork(garmentId: string): void {
  try {
    localStorage.removeItem(keyOf(garmentId));
  } catch {
    // Nothing was kept then.
  }
}
