import { sql } from "drizzle-orm";
import { timestamp, uuid } from "drizzle-orm/pg-core";

/** Columns that many tables have. */
export const id = () => uuid().primaryKey().default(sql`gen_random_uuid()`);
export const instant = () => timestamp({ withTimezone: true });
export const createdAt = () => instant().notNull().defaultNow();
