import { and, asc, eq, gt, inArray } from "drizzle-orm";
import type { Database } from "../client";
import { fittings, photographs } from "../schema/fittings";
import { users } from "../schema/people";
import { clients, garments, garmentVersions, measurementSets } from "../schema/work";
import { clothTable, listOwnCloths } from "./cloths";
import { listStartingPoints } from "./starting-points";

/** What of a workroom is read whole: all of it, or one client's alone. */
export type Part = { readonly studioId: string; readonly clientId: string | null };

/** So many rows are held at a time, however many there are. */
const BATCH = 200;
const FIRST_ID = "00000000-0000-0000-0000-000000000000";

/** Each client with every measuring, in batches; nothing of another workroom. */
export async function* everyClient(database: Database, { studioId, clientId }: Part) {
  for (let after = FIRST_ID; ; ) {
    const rows = await database
      .select()
      .from(clients)
      .where(
        and(
          eq(clients.studioId, studioId),
          gt(clients.id, after),
          ...(clientId === null ? [] : [eq(clients.id, clientId)]),
        ),
      )
      .orderBy(asc(clients.id))
      .limit(BATCH);
    const last = rows.at(-1);
    if (!last) return;
    const sets = await database
      .select()
      .from(measurementSets)
      .where(
        inArray(
          measurementSets.clientId,
          rows.map(({ id }) => id),
        ),
      )
      .orderBy(asc(measurementSets.takenOn));
    for (const { studioId: _studio, ...client } of rows)
      yield {
        ...client,
        measurings: sets
          .filter((set) => set.clientId === client.id)
          .map(({ takenOn, measures }) => ({ takenOn, measures })),
      };
    after = last.id;
  }
}

/** Each garment with every version and every try-on, in batches. */
export async function* everyGarment(database: Database, { studioId, clientId }: Part) {
  for (let after = FIRST_ID; ; ) {
    const rows = await database
      .select()
      .from(garments)
      .where(
        and(
          eq(garments.studioId, studioId),
          gt(garments.id, after),
          ...(clientId === null ? [] : [eq(garments.clientId, clientId)]),
        ),
      )
      .orderBy(asc(garments.id))
      .limit(BATCH);
    const last = rows.at(-1);
    if (!last) return;
    const ids = rows.map(({ id }) => id);
    const [versions, tried] = await Promise.all([
      database
        .select({ version: garmentVersions, author: users.name })
        .from(garmentVersions)
        .leftJoin(users, eq(users.id, garmentVersions.authorId))
        .where(inArray(garmentVersions.garmentId, ids))
        .orderBy(asc(garmentVersions.number)),
      database
        .select({ fitting: fittings, author: users.name })
        .from(fittings)
        .leftJoin(users, eq(users.id, fittings.authorId))
        .where(inArray(fittings.garmentId, ids))
        .orderBy(asc(fittings.takenOn)),
    ]);
    const pictures =
      tried.length === 0
        ? []
        : await database
            .select({ id: photographs.id, fittingId: photographs.fittingId })
            .from(photographs)
            .where(
              inArray(
                photographs.fittingId,
                tried.map(({ fitting }) => fitting.id),
              ),
            )
            .orderBy(asc(photographs.createdAt));
    for (const garment of rows) {
      const {
        studioId: _studio,
        search: _search,
        summary: _summary,
        words: _words,
        latestVersion: _latest,
        ...kept
      } = garment;
      yield {
        ...kept,
        versions: versions
          .filter(({ version }) => version.garmentId === garment.id)
          .map(({ version: { garmentId: _id, authorId: _author, ...version }, author }) => ({ ...version, author })),
        fittings: tried
          .filter(({ fitting }) => fitting.garmentId === garment.id)
          .map(({ fitting: { garmentId: _id, authorId: _author, ...fitting }, author }) => ({
            ...fitting,
            author,
            photographs: pictures.filter(({ fittingId }) => fittingId === fitting.id).map(({ id }) => id),
          })),
      };
    }
    after = last.id;
  }
}

export async function photographBytes(database: Database, { studioId }: Part, id: string) {
  const [found] = await database
    .select({ jpeg: photographs.jpeg, width: photographs.width, height: photographs.height })
    .from(photographs)
    .where(and(eq(photographs.studioId, studioId), eq(photographs.id, id)));
  return found ?? null;
}

/** What a workroom says of its cloths, and what it starts garments from: few, and read at once. */
export async function clothsAndPoints(database: Database, { studioId }: Part) {
  const [table, own, points] = await Promise.all([
    clothTable(database, studioId),
    listOwnCloths(database, studioId),
    listStartingPoints(database, studioId),
  ]);
  return { cloths: { table, own }, points };
}
