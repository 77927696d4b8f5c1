import { isTakenId } from "@core/body/index";
import { CLOTH_KINDS } from "@core/cloth/index";
import { readAmended, readSeen } from "@core/fitting/index";
import { STAGES } from "@core/garment/index";
import { readSettings } from "@core/studio/index";
import { storedHangs } from "@database/stored";
import { z } from "zod";

/** The format of an archive; a later one is not read by an earlier program. */
export const ARCHIVE_FORMAT = "gamine-studio/1";

/** The files of an archive: what there are many of stands a line each, so that none has to be held whole. */
export const FILES = {
  manifest: "manifest.json",
  clients: "clients.ndjson",
  garments: "garments.ndjson",
  cloths: "cloths.json",
  startingPoints: "starting-points.json",
} as const;
export const photographFile = (id: string) => `photographs/${id}.jpg`;

const LONG = 2000;
const name = z.string().max(LONG);
const when = z.coerce.date();
const maybe = when.nullable().catch(null);
const day = z.iso.date();
const file = z.record(z.string(), z.unknown());

export const MANIFEST = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  name,
  settings: z.unknown().transform(readSettings),
});

export const CLIENT = z.object({
  id: z.uuid(),
  name,
  note: z.string().max(10_000),
  createdAt: when,
  archivedAt: maybe,
  deletedAt: maybe,
  measurings: z.array(
    z.object({
      takenOn: day,
      measures: z
        .record(z.string(), z.number().positive())
        .transform((measures) => Object.fromEntries(Object.entries(measures).filter(([id]) => isTakenId(id)))),
    }),
  ),
});
export type ArchivedClient = z.infer<typeof CLIENT>;

export const GARMENT = z.object({
  id: z.uuid(),
  clientId: z.uuid(),
  name,
  stage: z.enum(STAGES),
  dueOn: day.nullable(),
  fittingOn: day.nullable(),
  made: z.array(z.string().max(LONG)),
  createdAt: when,
  changedAt: when,
  archivedAt: maybe,
  deletedAt: maybe,
  versions: z
    .array(
      z.object({
        number: z.number().int().positive(),
        basedOn: z.number().int().positive().nullable(),
        file,
        note: z.string().max(LONG),
        author: name.nullable(),
        createdAt: when,
      }),
    )
    .min(1),
  fittings: z.array(
    z.object({
      id: z.uuid(),
      takenOn: day,
      version: z.number().int().positive(),
      note: z.string().max(LONG),
      seen: z.unknown().transform(readSeen),
      changes: z.unknown().transform(readAmended),
      appliedAs: z.number().int().positive().nullable(),
      author: name.nullable(),
      createdAt: when,
      photographs: z.array(z.uuid()),
    }),
  ),
});
export type ArchivedGarment = z.infer<typeof GARMENT>;

const range = z.object({ least: z.number(), most: z.number() });
const takes = z.object({ capEase: range, upperArmEase: range, mostEaseShare: z.number().positive() });
export const CLOTHS = z.object({
  table: z.partialRecord(z.enum(CLOTH_KINDS), takes),
  own: z.array(
    z.object({
      name,
      kind: z.enum(CLOTH_KINDS),
      takes,
      width: z.number().nullable(),
      // An archive of an earlier form has none.
      hangs: z.unknown().transform(storedHangs),
      isRetired: z.boolean(),
    }),
  ),
});
export const POINTS = z.array(z.object({ name, file }));
