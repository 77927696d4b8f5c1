import { type GarmentSpec, readGarment, writeGarment } from "@core/garment/index";
import { z } from "zod";

/** Text in boxes that is not a length yet, by field path. */
export type Typed = Readonly<Record<string, string>>;

/** Unsaved work as this browser keeps it, so that neither a reload nor a failed save loses anything. */
export type KeptWork = { readonly spec: GarmentSpec; readonly typed: Typed; readonly basedOn: number };

const KEPT = z.object({ file: z.unknown(), typed: z.record(z.string(), z.string()), basedOn: z.number().int() });

const keyOf = (garmentId: string) => `gamine-work-${garmentId}`;

export function readKeptWork(garmentId: string): KeptWork | null {
  try {
    const kept = KEPT.safeParse(JSON.parse(localStorage.getItem(keyOf(garmentId)) ?? "null"));
    const read = kept.success ? readGarment(kept.data.file) : null;
    return kept.success && read?.ok ? { spec: read.spec, typed: kept.data.typed, basedOn: kept.data.basedOn } : null;
  } catch {
    // Storage can be switched off, or hold what is not ours; the saved version is still there.
    return null;
  }
}

export function keepWork(garmentId: string, { spec, typed, basedOn }: KeptWork): void {
  try {
    localStorage.setItem(keyOf(garmentId), JSON.stringify({ file: writeGarment(spec, "mm"), typed, basedOn }));
  } catch {
    // A full or forbidden storage must not stop the drafting.
  }
}

export function forgetKeptWork(garmentId: string): void {
  try {
    localStorage.removeItem(keyOf(garmentId));
  } catch {
    // Nothing was kept then.
  }
}
