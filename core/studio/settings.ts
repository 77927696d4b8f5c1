import { z } from "zod";
import { usualGarment } from "../block";
import { DEFAULT_CLOTH } from "../cloth";
import { isRecord } from "../data";
import { usualAllowances } from "../resolve";
import { type GarmentSpec, isWithin } from "../spec";
import { INCH_MARKS, type InchMarks, TAPE_UNITS, type TapeUnit } from "../tape";
import { EASE_ROWS, easeLevelsOf, type OwnEase, workroomEase } from "./ease-table";

/** Papers that a printer or a copy shop has. */
export const PAPER_SIZES = ["a4", "letter", "a3", "roll24", "roll36", "roll44"] as const;

/** Those of them that a plotter takes. */
export const PLOTTER_ROLLS = ["roll24", "roll36", "roll44"] as const;
export type PlotterRoll = (typeof PLOTTER_ROLLS)[number];

/** The figures that a workroom can have its own usual ones of, by their fields in the garment file. */
export const USUAL_FIELDS = [
  "allowances.general",
  "allowances.neckline",
  "allowances.hem",
  "sleeve.capEase",
  "sleeve.upperArmEase",
  "sleeve.hemTurnUp",
  "bodice.hemDepth",
  "cloth.width",
] as const;
export type UsualField = (typeof USUAL_FIELDS)[number];

const SETTINGS = z.object({
  unit: z.enum(TAPE_UNITS).optional().catch(undefined),
  inchMarks: z.literal(INCH_MARKS).optional().catch(undefined),
  plotterRoll: z.enum(PLOTTER_ROLLS).optional().catch(undefined),
  paper: z.enum(PAPER_SIZES).optional().catch(undefined),
  initials: z.string().max(8).optional().catch(undefined),
  usual: z.partialRecord(z.enum(USUAL_FIELDS), z.number()).catch({}).default({}),
  ease: z.unknown().optional(),
});

/** What a workroom has decided for all its garments; whatever is left out is as is usual. Lengths in millimetres. */
export type StudioSettings = {
  readonly unit?: TapeUnit | undefined;
  /** How the inches of its tapes are marked. */
  readonly inchMarks?: InchMarks | undefined;
  readonly plotterRoll?: PlotterRoll | undefined;
  readonly paper?: (typeof PAPER_SIZES)[number] | undefined;
  readonly initials?: string | undefined;
  readonly usual: Readonly<Partial<Record<UsualField, number>>>;
  readonly ease?: OwnEase | undefined;
};

/** Settings as they were stored; what is none, or out of the range of its field, is left out. */
export function readSettings(stored: unknown): StudioSettings {
  const read = SETTINGS.safeParse(stored).data ?? { usual: {}, ease: undefined };
  const usual = Object.entries(read.usual).filter(([path, mm]) => isWithin(path, mm));
  const { ease, ...rest } = read;
  const own = readEase(ease);
  return { ...rest, usual: Object.fromEntries(usual), ...(Object.keys(own).length > 0 ? { ease: own } : {}) };
}

/** The table of ease as far as it is one. */
function readEase(stored: unknown): OwnEase {
  if (!isRecord(stored)) return {};
  const rows = EASE_ROWS.flatMap((name) => {
    const row = stored[name];
    if (!isRecord(row)) return [];
    const own = easeLevelsOf(name).flatMap((level) => {
      const mm = row[level];
      return typeof mm === "number" && isWithin(`block.ease.${level}`, mm) ? [[level, mm] as const] : [];
    });
    return own.length === 0 ? [] : [[name, Object.fromEntries(own)] as const];
  });
  return Object.fromEntries(rows);
}

/** Nothing for a block that is not solved with ease. */
function withEase({ block, cloth }: GarmentSpec, ease: OwnEase): GarmentSpec["block"] {
  if (block.source !== "drafted" || block.school === "quick" || block.workroomEase) return block;
  const garment = block.garment ?? usualGarment(block.style ?? "woven");
  const row = workroomEase(ease, garment, cloth.kind ?? DEFAULT_CLOTH);
  return row ? { ...block, workroomEase: row } : block;
}

/** A new garment with the workroom's usual figures wherever it has none of its own; a part that it has not stays out. */
export function withSettings(spec: GarmentSpec, { usual, ease = {} }: StudioSettings, unit: TapeUnit): GarmentSpec {
  const { general, neckline, hem } = usualAllowances(unit);
  const allowances = {
    general: usual["allowances.general"] ?? general,
    neckline: usual["allowances.neckline"] ?? neckline,
    hem: usual["allowances.hem"] ?? hem,
    ...spec.allowances,
  };
  const own = <Field extends string>(part: object, fields: Readonly<Record<Field, number | undefined>>) =>
    Object.fromEntries(Object.entries(fields).filter(([name, mm]) => mm !== undefined && !(name in part)));
  return {
    ...spec,
    block: withEase(spec, ease),
    allowances,
    cloth: { ...spec.cloth, ...own(spec.cloth, { width: usual["cloth.width"] }) },
    bodice: { ...spec.bodice, ...own(spec.bodice, { hemDepth: usual["bodice.hemDepth"] }) },
    sleeve: spec.sleeve && {
      ...spec.sleeve,
      ...own(spec.sleeve, {
        capEase: usual["sleeve.capEase"],
        upperArmEase: usual["sleeve.upperArmEase"],
        hemTurnUp: usual["sleeve.hemTurnUp"],
      }),
    },
  };
}
