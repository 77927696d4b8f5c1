import { type GarmentSpec, writeGarment } from "@core/spec/index";

/** Text in boxes that is not a length yet, by field path. */
export type Typed = Readonly<Record<string, string>>;

/** Unsaved work as this browser keeps it, so that neither a reload nor a failed save loses anything. */
export type KeptWork = { readonly spec: GarmentSpec; readonly typed: Typed; readonly basedOn: number };

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

/** Where work on a garment may be kept: by this tab, and by others. */
export function keysOf(garmentId: string): { readonly own: string; readonly others: readonly string[] } {
  const own = keyOf(garmentId);
  const all = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? "");
  return { own, others: all.filter((key) => key.startsWith(startOfKeys(garmentId)) && key !== own) };
}

/** Is there anything to be read? A storage that is switched off holds nothing. */
export function hasKeptWork(garmentId: string): boolean {
  try {
    const { own, others } = keysOf(garmentId);
    return others.length > 0 || localStorage.getItem(own) !== null;
  } catch {
    return false;
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
