import { isTakenId, type Taken } from "@core/body/index";
import type { ClothTakes, OwnHangs } from "@core/cloth/index";
import { isRecord } from "@core/data/index";
import { type Amended, readAmended, readSeen, type Seen } from "@core/fitting/index";
import { type GarmentSummary, STATIONS } from "@core/garment/index";
import { readSettings, type StudioSettings } from "@core/studio/index";
import { customType } from "drizzle-orm/pg-core";
import { z } from "zod";

/**
 * A JSON column that is looked at as it is read: an older or another program may have written anything there, and a list must not fail
 * over one row of it.
 */
export function jsonColumn<Value>(read: (stored: unknown) => Value) {
  return customType<{ data: Value; driverData: unknown }>({
    dataType: () => "jsonb",
    toDriver: (value) => JSON.stringify(value),
    fromDriver: read,
  })();
}

/** Readings by their ids in millimetres; what is none is left out. */
export function storedTaken(stored: unknown): Taken {
  if (!isRecord(stored)) return {};
  const readings = Object.entries(stored).flatMap(([id, mm]) =>
    isTakenId(id) && typeof mm === "number" && Number.isFinite(mm) && mm > 0 ? [[id, mm] as const] : [],
  );
  return Object.fromEntries(readings);
}

const Range = z.object({ least: z.number(), most: z.number() });
const Takes = z.object({ capEase: Range, upperArmEase: Range, mostEaseShare: z.number().positive() });

/** What a cloth bears; null for what says none of it, and the usual figures are taken. */
export function storedTakes(stored: unknown): ClothTakes | null {
  return Takes.safeParse(stored).data ?? null;
}

const figure = z.number().positive().optional();
const Hangs = z.object({ weight: figure, bendingLength: figure, warp: figure, weft: figure, bias: figure });

/** What was tested of how a cloth hangs; null where nothing that can be read was. */
export function storedHangs(stored: unknown): OwnHangs | null {
  return Hangs.safeParse(stored).data ?? null;
}

const Box = z.object({ left: z.number(), right: z.number(), top: z.number(), bottom: z.number() });
const Summary = z.object({
  drawing: z.object({ data: z.string(), box: Box }).nullable(),
  sleeve: z.object({ title: z.string(), capHeight: z.number().nullable(), capEase: z.number().nullable() }).nullable(),
  collar: z.string().nullable(),
  next: z
    .object({
      station: z.enum(STATIONS),
      mark: z.enum(["done", "asks", "fault"]),
      says: z.string(),
    })
    .nullable(),
  findings: z.object({ faults: z.number(), warnings: z.number() }),
  cloth: z.object({ length: z.number(), width: z.number() }).nullable(),
  words: z.string(),
});

/** What lists tell of a garment; null where that is not to be read, and is worked out again. */
export function storedSummary(stored: unknown): GarmentSummary | null {
  return Summary.safeParse(stored).data ?? null;
}

/** A garment file as it was saved, whatever is in it: the core reads it, and says what is wrong with it. */
export function storedFile(stored: unknown): Readonly<Record<string, unknown>> {
  return isRecord(stored) ? stored : {};
}

/** The steps of the making notes that are done. */
export function storedTicks(stored: unknown): readonly string[] {
  return Array.isArray(stored) ? stored.filter((one) => typeof one === "string") : [];
}

export const storedSettings = (stored: unknown): StudioSettings => readSettings(stored);
export const storedSeen = (stored: unknown): readonly Seen[] => readSeen(stored);
export const storedChanges = (stored: unknown): readonly Amended[] => readAmended(stored);
