import type { ClothKind } from "@core/cloth/index";
import type { Stage } from "@core/garment/index";
import { sql } from "drizzle-orm";
import {
  check,
  customType,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from "drizzle-orm/pg-core";
import { jsonColumn, storedFile, storedHangs, storedSummary, storedTaken, storedTakes, storedTicks } from "../stored";
import { createdAt, id, instant } from "./columns";
import { studios, users } from "./people";

const tsvector = customType<{ data: string }>({ dataType: () => "tsvector" });
/** Put away out of the lists, or deleted until it is destroyed for good: either can be undone. */
const shelf = () => ({
  archivedAt: instant(),
  deletedAt: instant(),
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
    changedAt: instant().notNull().defaultNow(),
    /** What lists tell of it, worked out when it was saved; null for one that was saved before there were any. */
    summary: jsonColumn(storedSummary),
    stage: text().$type<Stage>().notNull().default("drafted"),
    dueOn: date({ mode: "string" }),
    fittingOn: date({ mode: "string" }),
    /** The steps of its making notes that are done, by their ids. */
    made: jsonColumn(storedTicks).notNull().default(sql`'[]'::jsonb`),
    /** What it is found by: its name, its styles and what else they are called. */
    words: text().notNull().default(""),
    search: tsvector().generatedAlwaysAs(sql`to_tsvector('simple', words)`),
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
    index("garments_by_text").using("gin", table.search),
    index("garments_by_stage").on(table.studioId, table.stage, table.changedAt),
    index("garments_due").on(table.studioId, table.dueOn).where(sql`due_on is not null`),
    index("garments_to_fit").on(table.studioId, table.fittingOn).where(sql`fitting_on is not null`),
    check("garments_stage", sql`${table.stage} in ('measured', 'drafted', 'cut', 'sewn', 'fitted', 'done')`),
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

/** A workroom's own cloths: each behaves as one of the usual kinds does, with figures of its own. Retired ones are offered no more. */
export const ownCloths = pgTable(
  "own_cloths",
  {
    id: id(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    name: text().notNull(),
    kind: text().$type<ClothKind>().notNull(),
    takes: jsonColumn(storedTakes).notNull(),
    width: doublePrecision(),
    /** What was tested of how it hangs; null where nothing was. */
    hangs: jsonColumn(storedHangs),
    retiredAt: instant(),
    createdAt: createdAt(),
  },
  (table) => [unique("own_cloths_by_name").on(table.studioId, table.name)],
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
    authorId: uuid().references(() => users.id, { onDelete: "set null" }),
    /** What whoever saved it was called, where it came out of an archive. */
    authorName: text(),
    note: text().notNull().default(""),
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
