import type { Amended, ObservationId, Seen } from "@core/fitting/index";
import { and, desc, eq, inArray, isNotNull, isNull, ne, sql } from "drizzle-orm";
import type { Database } from "../client";
import { fittings, photographs } from "../schema/fittings";
import { users } from "../schema/people";
import { garments } from "../schema/work";

export type Photograph = { readonly id: string; readonly width: number; readonly height: number };
export type Fitting = {
  readonly id: string;
  readonly takenOn: string;
  readonly version: number;
  readonly note: string;
  readonly seen: readonly Seen[];
  readonly changes: readonly Amended[];
  readonly appliedAs: number | null;
  readonly author: string | null;
};

const columns = {
  id: fittings.id,
  takenOn: fittings.takenOn,
  version: fittings.version,
  note: fittings.note,
  seen: fittings.seen,
  changes: fittings.changes,
  appliedAs: fittings.appliedAs,
  author: sql<string | null>`coalesce(${users.name}, ${fittings.authorName})`,
};

const MOST_LISTED = 100;

/** The try-ons of a garment, the last first. */
export async function listFittings(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<readonly Fitting[]> {
  return database
    .select(columns)
    .from(fittings)
    .innerJoin(garments, eq(garments.id, fittings.garmentId))
    .leftJoin(users, eq(users.id, fittings.authorId))
    .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)))
    .orderBy(desc(fittings.takenOn), desc(fittings.createdAt))
    .limit(MOST_LISTED);
}

/** A try-on with its photographs; null when the workroom has none such. */
export async function findFitting(database: Database, studioId: string, garmentId: string, fittingId: string) {
  const [found] = await database
    .select(columns)
    .from(fittings)
    .innerJoin(garments, eq(garments.id, fittings.garmentId))
    .leftJoin(users, eq(users.id, fittings.authorId))
    .where(
      and(
        eq(garments.studioId, studioId),
        eq(garments.id, garmentId),
        eq(fittings.id, fittingId),
        isNull(garments.deletedAt),
      ),
    );
  if (!found) return null;
  const pictures: readonly Photograph[] = await database
    .select({ id: photographs.id, width: photographs.width, height: photographs.height })
    .from(photographs)
    .where(eq(photographs.fittingId, fittingId))
    .orderBy(photographs.createdAt);
  return { ...found, photographs: pictures };
}

/** A try-on, which nobody else changes until the transaction ends; null when the workroom has none such. */
export async function lockFitting(
  database: Database,
  studioId: string,
  garmentId: string,
  fittingId: string,
): Promise<{ readonly takenOn: string; readonly appliedAs: number | null } | null> {
  const [found] = await database
    .select({ takenOn: fittings.takenOn, appliedAs: fittings.appliedAs })
    .from(fittings)
    .where(
      and(
        eq(fittings.id, fittingId),
        eq(fittings.garmentId, garmentId),
        inArray(fittings.garmentId, garmentsOf(database, studioId)),
      ),
    )
    .for("update");
  return found ?? null;
}

type Written = {
  readonly takenOn: string;
  readonly version: number;
  readonly note: string;
  readonly authorId: string | null;
};

/** Adds a try-on. A garment that was tried on has been sewn together, and the fitting that was due is past. */
export async function addFitting(
  database: Database,
  studioId: string,
  garmentId: string,
  written: Written,
): Promise<string | null> {
  return database.transaction(async (transaction) => {
    const [garment] = await transaction
      .select({ latest: garments.latestVersion })
      .from(garments)
      .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)))
      .for("update");
    if (!garment || written.version > garment.latest) return null;
    const [added] = await transaction
      .insert(fittings)
      .values({ garmentId, ...written, seen: [], changes: [] })
      .returning({ id: fittings.id });
    await transaction
      .update(garments)
      .set({
        stage: sql`case when stage = 'done' then stage else 'fitted' end`,
        fittingOn: sql`case when fitting_on <= ${written.takenOn} then null else fitting_on end`,
      })
      .where(eq(garments.id, garmentId));
    return added?.id ?? null;
  });
}

type Change = Partial<{
  readonly note: string;
  readonly seen: readonly Seen[];
  readonly changes: readonly Amended[];
  readonly appliedAs: number;
}>;

/** The garments of a workroom, as a set to choose from. */
const garmentsOf = (database: Database, studioId: string) =>
  database.select({ id: garments.id }).from(garments).where(eq(garments.studioId, studioId));

export async function changeFitting(
  database: Database,
  studioId: string,
  fittingId: string,
  change: Change,
): Promise<boolean> {
  const changed = await database
    .update(fittings)
    .set(change)
    .where(and(eq(fittings.id, fittingId), inArray(fittings.garmentId, garmentsOf(database, studioId))))
    .returning({ id: fittings.id });
  return changed.length > 0;
}

/** More of one try-on are a film. */
const MOST_PHOTOGRAPHS = 12;

/** Keeps a photograph; "full" when the try-on has as many as it holds, null when there is no such try-on. */
export async function addPhotograph(
  database: Database,
  studioId: string,
  fittingId: string,
  picture: Omit<Photograph, "id"> & { readonly jpeg: Uint8Array },
): Promise<string | "full" | null> {
  return database.transaction(async (transaction) => {
    const [fitting] = await transaction
      .select({ id: fittings.id })
      .from(fittings)
      .where(and(eq(fittings.id, fittingId), inArray(fittings.garmentId, garmentsOf(database, studioId))))
      .for("update");
    if (!fitting) return null;
    const count = await transaction.$count(photographs, eq(photographs.fittingId, fittingId));
    if (count >= MOST_PHOTOGRAPHS) return "full";
    const [added] = await transaction
      .insert(photographs)
      .values({ studioId, fittingId, ...picture })
      .returning({ id: photographs.id });
    return added?.id ?? null;
  });
}

export async function findPhotograph(
  database: Database,
  studioId: string,
  photographId: string,
): Promise<Uint8Array | null> {
  const [found] = await database
    .select({ jpeg: photographs.jpeg })
    .from(photographs)
    .where(and(eq(photographs.studioId, studioId), eq(photographs.id, photographId)));
  return found?.jpeg ?? null;
}

export async function removePhotograph(database: Database, studioId: string, photographId: string): Promise<boolean> {
  const removed = await database
    .delete(photographs)
    .where(and(eq(photographs.studioId, studioId), eq(photographs.id, photographId)))
    .returning({ id: photographs.id });
  return removed.length > 0;
}

const LOOKED_THROUGH = 50;

/** What was changed for a client after each kind of observation, in other try-ons whose changes were taken; the last first. */
export async function helpedBefore(
  database: Database,
  studioId: string,
  clientId: string,
  besides: string,
): Promise<ReadonlyMap<ObservationId, readonly Amended[]>> {
  const rows = await database
    .select({ seen: fittings.seen, changes: fittings.changes })
    .from(fittings)
    .innerJoin(garments, eq(garments.id, fittings.garmentId))
    .where(
      and(
        eq(garments.studioId, studioId),
        eq(garments.clientId, clientId),
        isNotNull(fittings.appliedAs),
        ne(fittings.id, besides),
      ),
    )
    .orderBy(desc(fittings.takenOn))
    .limit(LOOKED_THROUGH);
  const helped = new Map<ObservationId, readonly Amended[]>();
  for (const { seen, changes } of rows)
    for (const { what } of seen) if (what !== null) helped.set(what, [...(helped.get(what) ?? []), ...changes]);
  return helped;
}
