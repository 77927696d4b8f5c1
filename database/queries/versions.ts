import { and, desc, eq, inArray, isNull, lt, sql } from "drizzle-orm";
import type { Database } from "../client";
import { users } from "../schema/people";
import { garments, garmentVersions } from "../schema/work";
import type { GarmentFile } from "./garments";

/** A version as it was saved, and by whom. */
export type Version = {
  readonly number: number;
  readonly basedOn: number | null;
  readonly file: GarmentFile;
  readonly author: string | null;
  readonly note: string;
  readonly createdAt: Date;
};

const columns = {
  number: garmentVersions.number,
  basedOn: garmentVersions.basedOn,
  file: garmentVersions.file,
  author: sql<string | null>`coalesce(${users.name}, ${garmentVersions.authorName})`,
  note: garmentVersions.note,
  createdAt: garmentVersions.createdAt,
};

const ofGarment = (studioId: string, garmentId: string) =>
  and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt));

/** So many versions are shown at a time, and one more, with which the oldest of them is compared. */
export const VERSIONS_SHOWN = 15;

/** The versions before a number, the newest first. */
export async function listVersions(
  database: Database,
  studioId: string,
  garmentId: string,
  before: number,
): Promise<readonly Version[]> {
  return database
    .select(columns)
    .from(garmentVersions)
    .innerJoin(garments, eq(garments.id, garmentVersions.garmentId))
    .leftJoin(users, eq(users.id, garmentVersions.authorId))
    .where(and(ofGarment(studioId, garmentId), lt(garmentVersions.number, before)))
    .orderBy(desc(garmentVersions.number))
    .limit(VERSIONS_SHOWN + 1);
}

/** Those versions of a garment that there are, in no order. */
export async function findVersions(
  database: Database,
  studioId: string,
  garmentId: string,
  numbers: readonly number[],
): Promise<readonly Version[]> {
  if (numbers.length === 0) return [];
  return database
    .select(columns)
    .from(garmentVersions)
    .innerJoin(garments, eq(garments.id, garmentVersions.garmentId))
    .leftJoin(users, eq(users.id, garmentVersions.authorId))
    .where(and(ofGarment(studioId, garmentId), inArray(garmentVersions.number, [...numbers])));
}
