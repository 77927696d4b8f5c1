import type { ClothKind } from "@core/cloth/index";
import { sql } from "drizzle-orm";
import {
  check,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import { jsonColumn, storedFile, storedSummary, storedTaken, storedTakes } from "./stored";

const id = () => uuid().primaryKey().default(sql`gen_random_uuid()`);
/** Put away out of the lists, or deleted until it is destroyed for good: either can be undone. */
const shelf = () => ({
  archivedAt: timestamp({ withTimezone: true }),
  deletedAt: timestamp({ withTimezone: true }),
});
const createdAt = () => timestamp({ withTimezone: true }).notNull().defaultNow();

/** A workroom. Everything below belongs to one, and every query asks for it. */
export const studios = pgTable("studios", {
  id: id(),
  name: text().notNull(),
  createdAt: createdAt(),
});

export const clients = pgTable(
  "clients",
  {
    id: id(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id),
    name: text().notNull(),
    note: text().notNull().default(""),
    createdAt: createdAt(),
    ...shelf(),
  },
  (table) => [
    unique("clients_of_studio").on(table.studioId, table.id),
    index("clients_by_studio").on(table.studioId, table.name),
    index("clients_put_away")
      .on(table.studioId, table.id)
      .where(sql`archived_at is not null or deleted_at is not null`),
    index("clients_by_words").using("gin", table.name.op("gin_trgm_ops")),
  ],
);

/** What the tape read on one day: measurement id to millimetres, validated by the core before it is stored. */
export const measurementSets = pgTable(
  "measurement_sets",
  {
    id: id(),
    clientId: uuid()
      .notNull()
      .references(() => clients.id, { onDelete: "cascade" }),
    takenOn: date({ mode: "string" }).notNull(),
    measures: jsonColumn(storedTaken).notNull(),
    createdAt: createdAt(),
  },
  (table) => [index("measurement_sets_by_client").on(table.clientId, table.takenOn)],
);

export const garments = pgTable(
  "garments",
  {
    id: id(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id),
    clientId: uuid().notNull(),
    name: text().notNull(),
    /** The newest version's number: a save that started from an older one is told so. */
    latestVersion: integer().notNull(),
    createdAt: createdAt(),
    changedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    /** What lists tell of it, worked out when it was saved; null for one that was saved before there were any. */
    summary: jsonColumn(storedSummary),
    ...shelf(),
  },
  (table) => [
    // A garment is of the workroom that its client is of.
    foreignKey({
      name: "garments_client_of_studio",
      columns: [table.studioId, table.clientId],
      foreignColumns: [clients.studioId, clients.id],
    }),
    index("garments_in_hand")
      .on(table.studioId, table.changedAt)
      .where(sql`archived_at is null and deleted_at is null`),
    index("garments_by_client").on(table.clientId, table.changedAt),
    index("garments_by_words").using("gin", table.name.op("gin_trgm_ops")),
  ],
);

/** What a person answered when they practised on a garment's card, and how it was judged. Millimetres. */
export const practiceAttempts = pgTable(
  "practice_attempts",
  {
    id: id(),
    garmentId: uuid()
      .notNull()
      .references(() => garments.id, { onDelete: "cascade" }),
    figure: text().notNull(),
    label: text().notNull(),
    valueMm: doublePrecision().notNull(),
    answerMm: doublePrecision().notNull(),
    grade: text().$type<"right" | "near" | "wrong">().notNull(),
    slip: text(),
    createdAt: createdAt(),
  },
  (table) => [
    index("practice_attempts_by_garment").on(table.garmentId, table.createdAt),
    check("practice_attempts_grade", sql`${table.grade} in ('right', 'near', 'wrong')`),
  ],
);

/** What a workroom says its cloths bear, where that is not what is usual: validated by the core before it is stored. Millimetres. */
export const clothFigures = pgTable(
  "cloth_figures",
  {
    studioId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    kind: text().$type<ClothKind>().notNull(),
    takes: jsonColumn(storedTakes).notNull(),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.kind] })],
);

/** What a workroom starts garments from besides the program's own: a garment file without a body. */
export const startingPoints = pgTable(
  "starting_points",
  {
    id: uuid().primaryKey().defaultRandom(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    name: text().notNull(),
    file: jsonColumn(storedFile).notNull(),
    createdAt: createdAt(),
  },
  (table) => [index("starting_points_by_studio").on(table.studioId, table.name)],
);

/** Every save, kept for good: the open garment file as it stood. */
export const garmentVersions = pgTable(
  "garment_versions",
  {
    garmentId: uuid()
      .notNull()
      .references(() => garments.id, { onDelete: "cascade" }),
    number: integer().notNull(),
    /** The version that this one was worked on from; two versions from one base were made side by side. */
    basedOn: integer(),
    file: jsonColumn(storedFile).notNull(),
    createdAt: createdAt(),
  },
  (table) => [
    primaryKey({ columns: [table.garmentId, table.number] }),
    foreignKey({
      name: "garment_versions_based_on",
      columns: [table.garmentId, table.basedOn],
      foreignColumns: [table.garmentId, table.number],
    }).onDelete("cascade"),
    check("garment_versions_number", sql`${table.number} > 0`),
  ],
);

/** What the practice tapes read lately, each numbered from 1: a tape belongs to the page that made up its id, and to nobody's records. */
export const practiceReadings = pgTable(
  "practice_readings",
  { tapeId: uuid().notNull(), number: integer().notNull(), mm: doublePrecision().notNull(), createdAt: createdAt() },
  (table) => [
    primaryKey({ columns: [table.tapeId, table.number] }),
    index("practice_readings_by_age").on(table.createdAt),
  ],
);
