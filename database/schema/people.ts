import { sql } from "drizzle-orm";
import { bigint, boolean, check, index, integer, pgTable, primaryKey, text, unique, uuid } from "drizzle-orm/pg-core";
import { jsonColumn, storedSettings } from "../stored";
import { createdAt, id, instant } from "./columns";

/**
 * Who may come in. The columns of users, sessions, accounts, verifications, rate limits, members and invitations are those that the
 * library for sign-in asks for, under its names.
 */

/** A workroom. All work belongs to one, and every query asks for it. */
export const studios = pgTable("studios", {
  id: id(),
  name: text().notNull(),
  slug: text().notNull().unique().default(sql`gen_random_uuid()::text`),
  logo: text(),
  metadata: text(),
  settings: jsonColumn(storedSettings).notNull().default(sql`'{}'::jsonb`),
  createdAt: createdAt(),
});

export const users = pgTable("users", {
  id: id(),
  name: text().notNull(),
  email: text().notNull().unique(),
  emailVerified: boolean().notNull().default(false),
  image: text(),
  createdAt: createdAt(),
  updatedAt: createdAt(),
});

export const sessions = pgTable(
  "sessions",
  {
    id: id(),
    userId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    token: text().notNull().unique(),
    expiresAt: instant().notNull(),
    ipAddress: text(),
    userAgent: text(),
    /** The workroom that is being worked in. */
    activeOrganizationId: uuid().references(() => studios.id, { onDelete: "set null" }),
    createdAt: createdAt(),
    updatedAt: createdAt(),
  },
  (table) => [index("sessions_of_user").on(table.userId)],
);

/** How a person signs in: by a password, of which only its hash is kept. */
export const accounts = pgTable(
  "accounts",
  {
    id: id(),
    accountId: text().notNull(),
    providerId: text().notNull(),
    userId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    accessToken: text(),
    refreshToken: text(),
    idToken: text(),
    accessTokenExpiresAt: instant(),
    refreshTokenExpiresAt: instant(),
    scope: text(),
    password: text(),
    createdAt: createdAt(),
    updatedAt: createdAt(),
  },
  (table) => [index("accounts_of_user").on(table.userId)],
);

export const verifications = pgTable(
  "verifications",
  {
    id: id(),
    identifier: text().notNull(),
    value: text().notNull(),
    expiresAt: instant().notNull(),
    createdAt: createdAt(),
    updatedAt: createdAt(),
  },
  (table) => [index("verifications_by_identifier").on(table.identifier)],
);

/** How often somebody tried, counted for all processes together. */
export const rateLimits = pgTable("rate_limits", {
  id: id(),
  key: text().notNull().unique(),
  count: integer().notNull(),
  lastRequest: bigint({ mode: "number" }).notNull(),
});

export const members = pgTable(
  "members",
  {
    id: id(),
    organizationId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    userId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    role: text().notNull(),
    createdAt: createdAt(),
  },
  (table) => [
    unique("members_once").on(table.organizationId, table.userId),
    index("members_by_user").on(table.userId),
    check("members_role", sql`${table.role} in ('owner', 'maker', 'reader')`),
  ],
);

export const invitations = pgTable(
  "invitations",
  {
    id: id(),
    organizationId: uuid()
      .notNull()
      .references(() => studios.id, { onDelete: "cascade" }),
    email: text().notNull(),
    role: text(),
    status: text().notNull(),
    expiresAt: instant().notNull(),
    inviterId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    createdAt: createdAt(),
  },
  (table) => [index("invitations_of_studio").on(table.organizationId, table.status)],
);

/** A link by which somebody who forgot their password takes another, once. Of its secret only the hash is kept. */
export const passwordLinks = pgTable(
  "password_links",
  {
    tokenHash: text().primaryKey(),
    userId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    expiresAt: instant().notNull(),
    createdAt: createdAt(),
  },
  (table) => [index("password_links_of_user").on(table.userId)],
);

/** Acts that were done, each under the key that it was sent with, and what came of it: sent again it is answered from here. */
export const doneActs = pgTable(
  "done_acts",
  {
    userId: uuid()
      .notNull()
      .references(() => users.id, { onDelete: "cascade" }),
    what: text().notNull(),
    key: uuid().notNull(),
    /** JSON; null while it is being done. */
    answer: text(),
    createdAt: createdAt(),
  },
  (table) => [
    primaryKey({ columns: [table.userId, table.what, table.key] }),
    index("done_acts_by_age").on(table.createdAt),
  ],
);
