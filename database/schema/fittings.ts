import { sql } from "drizzle-orm";
import { check, customType, date, foreignKey, index, integer, pgTable, text, uuid } from "drizzle-orm/pg-core";
import { jsonColumn, storedChanges, storedSeen } from "../stored";
import { createdAt, id, instant } from "./columns";
import { studios, users } from "./people";
import { garments, garmentVersions } from "./work";

const bytes = customType<{ data: Uint8Array; driverData: Buffer }>({
  dataType: () => "bytea",
  toDriver: (value) => Buffer.from(value),
  fromDriver: (value) => new Uint8Array(value),
});

/** A try-on: what was seen, and what was changed for it. */
export const fittings = pgTable(
  "fittings",
  {
    id: id(),
    garmentId: uuid()
      .notNull()
      .references(() => garments.id, { onDelete: "cascade" }),
    takenOn: date({ mode: "string" }).notNull(),
    /** The version that was worn. */
    version: integer().notNull(),
    note: text().notNull().default(""),
    seen: jsonColumn(storedSeen).notNull(),
    changes: jsonColumn(storedChanges).notNull(),
    /** The version that the changes made; null while they have not been taken. */
    appliedAs: integer(),
    authorId: uuid().references(() => users.id, { onDelete: "set null" }),
    /** What whoever logged it was called, where it came out of an archive. */
    authorName: text(),
    createdAt: createdAt(),
  },
  (table) => [
    index("fittings_by_garment").on(table.garmentId, table.takenOn),
    foreignKey({
      name: "fittings_of_version",
      columns: [table.garmentId, table.version],
      foreignColumns: [garmentVersions.garmentId, garmentVersions.number],
    }).onDelete("cascade"),
  ],
);

/** Photographs of a try-on, made anew from what was sent: nothing of where or with what they were taken is left in them. */
export const photographs = pgTable(
  "photographs",
  {
    id: id(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    fittingId: uuid()
      .notNull()
      .references(() => fittings.id, { onDelete: "cascade" }),
    width: integer().notNull(),
    height: integer().notNull(),
    jpeg: bytes().notNull(),
    createdAt: createdAt(),
  },
  (table) => [
    index("photographs_of_fitting").on(table.fittingId, table.createdAt),
    index("photographs_of_studio").on(table.studioId),
  ],
);

/** A link by which somebody outside the workroom sees one card or pattern for a time. Of its secret only the hash is kept. */
export const sharedLinks = pgTable(
  "shared_links",
  {
    id: id(),
    studioId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    garmentId: uuid()
      .notNull()
      .references(() => garments.id, { onDelete: "cascade" }),
    shows: text().$type<"card" | "pattern">().notNull(),
    tokenHash: text().notNull().unique(),
    expiresAt: instant().notNull(),
    revokedAt: instant(),
    authorId: uuid().references(() => users.id, { onDelete: "set null" }),
    createdAt: createdAt(),
  },
  (table) => [
    index("shared_links_of_garment").on(table.garmentId, table.createdAt),
    index("shared_links_of_studio").on(table.studioId),
    check("shared_links_shows", sql`${table.shows} in ('card', 'pattern')`),
  ],
);
