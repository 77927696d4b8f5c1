import { isTakenId } from "@core/body/index";
import { CLOTH_KINDS } from "@core/cloth/index";
import { readAmended, readSeen } from "@core/fitting/index";
import { STAGES } from "@core/garment/index";
import { readSettings } from "@core/studio/index";
import { storedHangs } from "@database/stored";
import { z } from "zod";

/** The format of an archive; a later one is not read by an earlier program. */
export const ARCHIVE_FORMAT = "gamine-studio/2";
/** The one before: its garments held their versions and fittings in their own lines, and nothing in it had a checksum. */
export const EARLIER_FORMAT = "gamine-studio/1";

/** The files of an archive: what there are many of stands a line each, so that none has to be held whole. */
export const FILES = {
  manifest: "manifest.json",
  clients: "clients.ndjson",
  garments: "garments.ndjson",
  versions: "versions.ndjson",
  fittings: "fittings.ndjson",
  practice: "practice.ndjson",
  cloths: "cloths.json",
  startingPoints: "starting-points.json",
} as const;
export const photographFile = (id: string) => `photographs/${id}.jpg`;

const LONG = 2000;
/** Nobody saves a garment more often. */
const MOST_VERSIONS = 10_000;
const FIRST_DAY = "1900-01-01";
const LAST_DAY = "2200-01-01";
const NO_DAY = `has to be between ${FIRST_DAY} and ${LAST_DAY}`;

const name = z.string().max(LONG);
const when = z.iso
  .datetime({ offset: true })
  .transform((text) => new Date(text))
  .refine((date) => date >= new Date(FIRST_DAY) && date <= new Date(LAST_DAY), NO_DAY);
const maybe = when.nullable();
const day = z.iso.date().refine((text) => text >= FIRST_DAY && text <= LAST_DAY, NO_DAY);
const file = z.record(z.string(), z.unknown());
const versionNumber = z.number().int().positive().max(MOST_VERSIONS);

export const MANIFEST = z.object({
  format: z.enum([ARCHIVE_FORMAT, EARLIER_FORMAT]),
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

const garment = {
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
};
export const GARMENT = z.object({ ...garment, latestVersion: versionNumber });

const version = {
  number: versionNumber,
  basedOn: versionNumber.nullable(),
  file,
  note: z.string().max(LONG),
  author: name.nullable(),
  createdAt: when,
};
export const VERSION = z.object({ ...version, garmentId: z.uuid() });
export type ArchivedVersion = z.infer<typeof VERSION>;

const fitting = {
  id: z.uuid(),
  takenOn: day,
  version: versionNumber,
  note: z.string().max(LONG),
  seen: z.unknown().transform(readSeen),
  changes: z.unknown().transform(readAmended),
  appliedAs: versionNumber.nullable(),
  author: name.nullable(),
  createdAt: when,
  photographs: z.array(z.uuid()),
};
export const FITTING = z.object({ ...fitting, garmentId: z.uuid() });
export type ArchivedFitting = z.infer<typeof FITTING>;

/** A garment of the format before, with all that is its own. */
export const EARLIER_GARMENT = z.object({
  ...garment,
  versions: z.array(z.object(version)).min(1).max(MOST_VERSIONS),
  fittings: z.array(z.object(fitting)),
});

export const ATTEMPT = z.object({
  garmentId: z.uuid(),
  figure: name,
  label: name,
  valueMm: z.number(),
  answerMm: z.number(),
  grade: z.enum(["right", "near", "wrong"]),
  slip: name.nullable(),
  createdAt: when,
});
export type ArchivedAttempt = z.infer<typeof ATTEMPT>;

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
