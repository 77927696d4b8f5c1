import { connect, type Database } from "@database/client";
import { firstStudio, type Studio } from "@database/queries/studios";
import { type StudioQueries, studioQueries } from "@database/studio-queries";
import { data } from "react-router";
import { isDatabaseDown } from "./database-down";

/** One pool for the whole server process: connections are the one thing it may hold. */
let connection: ReturnType<typeof connect> | null = null;

export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: start the app with npm start.");
  return url;
}

export function theDatabase(): Database {
  connection ??= connect(databaseUrl());
  return connection.database;
}

/** The workroom in charge is looked up again after this long: it is the same for every request, and each lookup costs a journey. */
const KNOWN_FOR_MS = 5000;
let inCharge: { readonly studio: Studio; readonly until: number } | null = null;

async function studioInCharge(database: Database): Promise<Studio> {
  if (inCharge && performance.now() < inCharge.until) return inCharge.studio;
  const studio = await firstStudio(database);
  if (!studio) throw new Error("The database holds no workroom: start the app with npm start, which makes one.");
  inCharge = { studio, until: performance.now() + KNOWN_FOR_MS };
  return studio;
}

const DATABASE_DOWN = "database-down";

class DatabaseDown extends Error {}

/** Runs the work for the workroom that is in charge here; a database that does not answer is told apart from a mistake. */
async function withStudio<Result>(work: (queries: StudioQueries, studio: Studio) => Promise<Result>): Promise<Result> {
  try {
    const database = theDatabase();
    const studio = await studioInCharge(database);
    return await work(studioQueries(database, studio.id), studio);
  } catch (error) {
    if (isDatabaseDown(error)) throw new DatabaseDown("the database is not answering", { cause: error });
    throw error;
  }
}

/** For loaders: a database that does not answer becomes a plain 503 for the error page. */
export async function inStudio<Result>(
  work: (queries: StudioQueries, studio: Studio) => Promise<Result>,
): Promise<Result> {
  try {
    return await withStudio(work);
  } catch (error) {
    if (error instanceof DatabaseDown) throw data(DATABASE_DOWN, { status: 503 });
    throw error;
  }
}

/** For actions, which must not lose what was typed to an error page: the same is told as a sentence to stand beside it. */
export async function attemptInStudio<Result>(
  work: (queries: StudioQueries, studio: Studio) => Promise<Result>,
): Promise<{ readonly ok: true; readonly value: Result } | { readonly ok: false; readonly sentence: string }> {
  try {
    return { ok: true, value: await withStudio(work) };
  } catch (error) {
    if (error instanceof DatabaseDown) return { ok: false, sentence: NOT_SAVED };
    throw error;
  }
}

const NOT_SAVED = "Not saved: the database is not answering. What you typed stays here; save again in a moment.";

/** A 404 in a sentence, for an address that leads nowhere. */
export function notFound(what: string): never {
  throw data(`${what} is not here. It may have been opened from an old address.`, { status: 404 });
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The id from an address, or a 404 before the database is asked for what is no id. */
export function idFrom(value: string | undefined, what: string): string {
  if (value === undefined || !UUID.test(value)) notFound(what);
  return value;
}
