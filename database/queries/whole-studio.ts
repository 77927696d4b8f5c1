import { and, asc, eq, gt, or, type SQL, sql } from "drizzle-orm";
import type { PgColumn } from "drizzle-orm/pg-core";
import type { Database } from "../client";
import { fittings, photographs } from "../schema/fittings";
import { users } from "../schema/people";
import { clients, garments, garmentVersions, measurementSets, practiceAttempts } from "../schema/work";
import { clothTable, listOwnCloths } from "./cloths";
import { listStartingPoints } from "./starting-points";

/** What of a workroom is read whole: all of it, or one client's alone. */
export type Part = { readonly studioId: string; readonly clientId: string | null };

/** So many rows are held at a time, however many there are. */
const BATCH = 200;
const FIRST_ID = "00000000-0000-0000-0000-000000000000";

/** Reads rows in batches, each beginning after the last row of the one before. */
async function* inBatches<Row>(read: (after: Row | null) => Promise<readonly Row[]>): AsyncGenerator<Row> {
  for (let last: Row | null = null; ; ) {
    const rows: readonly Row[] = await read(last);
    yield* rows;
    last = rows.at(-1) ?? null;
    if (rows.length < BATCH || last === null) return;
  }
}

/** Each client with every measuring; nothing of another workroom. */
export async function* everyClient(database: Database, { studioId, clientId }: Part) {
  const rows = inBatches<typeof clients.$inferSelect>((last) =>
    database
      .select()
      .from(clients)
      .where(
        and(
          eq(clients.studioId, studioId),
          gt(clients.id, last?.id ?? FIRST_ID),
          ...(clientId === null ? [] : [eq(clients.id, clientId)]),
        ),
      )
      .orderBy(asc(clients.id))
      .limit(BATCH),
  );
  for await (const { studioId: _studio, ...client } of rows) {
    const measurings = await database
      .select({ takenOn: measurementSets.takenOn, measures: measurementSets.measures })
      .from(measurementSets)
      .where(eq(measurementSets.clientId, client.id))
      .orderBy(asc(measurementSets.takenOn), asc(measurementSets.createdAt));
    yield { ...client, measurings };
  }
}

const ofPart = ({ studioId, clientId }: Part): SQL | undefined =>
  and(eq(garments.studioId, studioId), ...(clientId === null ? [] : [eq(garments.clientId, clientId)]));

/** Each garment, without its versions and its try-ons, which are read by themselves. */
export async function* everyGarment(database: Database, part: Part) {
  const rows = inBatches<typeof garments.$inferSelect>((last) =>
    database
      .select()
      .from(garments)
      .where(and(ofPart(part), gt(garments.id, last?.id ?? FIRST_ID)))
      .orderBy(asc(garments.id))
      .limit(BATCH),
  );
  for await (const { studioId: _studio, search: _search, summary: _summary, words: _words, ...garment } of rows)
    yield garment;
}

/** What somebody was called who did it, here or where it came from. */
const authorOf = (authorName: PgColumn) => sql<string | null>`coalesce(${users.name}, ${authorName})`;

/** Each version, those of one garment after each other from the first on. */
export function everyVersion(database: Database, part: Part) {
  const { garmentId, number, basedOn, file, note, authorName, createdAt } = garmentVersions;
  const columns = { garmentId, number, basedOn, file, note, author: authorOf(authorName), createdAt };
  type Row = Awaited<ReturnType<typeof read>>[number];
  const read = (last: { readonly garmentId: string; readonly number: number } | null) =>
    database
      .select(columns)
      .from(garmentVersions)
      .innerJoin(garments, eq(garments.id, garmentId))
      .leftJoin(users, eq(users.id, garmentVersions.authorId))
      .where(
        and(
          ofPart(part),
          last
            ? or(gt(garmentId, last.garmentId), and(eq(garmentId, last.garmentId), gt(number, last.number)))
            : sql`true`,
        ),
      )
      .orderBy(asc(garmentId), asc(number))
      .limit(BATCH);
  return inBatches<Row>(read);
}

/** Each try-on, with what its photographs are called. */
export async function* everyFitting(database: Database, part: Part) {
  const read = (last: { readonly id: string } | null) =>
    database
      .select({
        id: fittings.id,
        garmentId: fittings.garmentId,
        takenOn: fittings.takenOn,
        version: fittings.version,
        note: fittings.note,
        seen: fittings.seen,
        changes: fittings.changes,
        appliedAs: fittings.appliedAs,
        author: authorOf(fittings.authorName),
        createdAt: fittings.createdAt,
      })
      .from(fittings)
      .innerJoin(garments, eq(garments.id, fittings.garmentId))
      .leftJoin(users, eq(users.id, fittings.authorId))
      .where(and(ofPart(part), gt(fittings.id, last?.id ?? FIRST_ID)))
      .orderBy(asc(fittings.id))
      .limit(BATCH);
  for await (const fitting of inBatches<Awaited<ReturnType<typeof read>>[number]>(read)) {
    const pictures = await database
      .select({ id: photographs.id })
      .from(photographs)
      .where(eq(photographs.fittingId, fitting.id))
      .orderBy(asc(photographs.createdAt), asc(photographs.id));
    yield { ...fitting, photographs: pictures.map(({ id }) => id) };
  }
}

/** Each answer that somebody gave when they practised on a card. */
export function everyAttempt(database: Database, part: Part) {
  const { id, garmentId, figure, label, valueMm, answerMm, grade, slip, createdAt } = practiceAttempts;
  const read = (last: { readonly id: string } | null) =>
    database
      .select({ id, garmentId, figure, label, valueMm, answerMm, grade, slip, createdAt })
      .from(practiceAttempts)
      .innerJoin(garments, eq(garments.id, garmentId))
      .where(and(ofPart(part), gt(id, last?.id ?? FIRST_ID)))
      .orderBy(asc(id))
      .limit(BATCH);
  return inBatches<Awaited<ReturnType<typeof read>>[number]>(read);
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
  const table = await clothTable(database, studioId);
  const own = await listOwnCloths(database, studioId);
  const points = await listStartingPoints(database, studioId);
  return {
    cloths: { table, own: own.map(({ id: _id, ...cloth }) => cloth) },
    points: points.map(({ id: _id, ...point }) => point),
  };
}
