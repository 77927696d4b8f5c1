import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Client, Pool } from "pg";

export type Database = NodePgDatabase;

/** A stopped database is told within this time rather than kept waiting for. */
const CONNECT_TIMEOUT_MS = 8000;
const QUERY_TIMEOUT_MS = 20_000;

/** A pool of connections to the PostgreSQL at `url`, whose queries may take so long. It reconnects by itself when the server comes back. */
export function connect(
  url: string,
  { queryTimeoutMs = QUERY_TIMEOUT_MS } = {},
): { readonly database: Database; readonly close: () => Promise<void> } {
  const pool = new Pool({
    connectionString: url,
    connectionTimeoutMillis: CONNECT_TIMEOUT_MS,
    query_timeout: queryTimeoutMs,
    max: 10,
  });
  // An idle connection that breaks is no one's request: without a listener it would end the process.
  // Nor may one that breaks while it is in use: its query fails, and that is told to whoever asked.
  pool.on("connect", (client) => client.on("error", () => {}));
  pool.on("error", (error) => console.error(`database connection lost: ${error.message}`));
  return { database: drizzle(pool, { casing: "snake_case" }), close: () => pool.end() };
}

/** One number among the locks of the database, for whoever changes the tables. */
const TABLES_LOCK = 748_209_311;

/** Does the work while nobody else does such work on this database; waits until they are done. */
export async function alone(url: string, work: () => Promise<void>): Promise<void> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    await client.query("select pg_advisory_lock($1)", [TABLES_LOCK]);
    await work();
  } finally {
    // The lock goes with its connection.
    await client.end();
  }
}

/** What PostgreSQL calls two transactions that stood in each other's way: the one that lost is to be tried again. */
const IN_THE_WAY = new Set(["40001", "40P01"]);
const MOST_TRIES = 5;

/** Does the work in one transaction, all of it or nothing; tried again where another stood in its way. */
export async function transacted<Result>(database: Database, work: (transaction: Database) => Promise<Result>) {
  for (let tries = 1; ; tries++) {
    try {
      return await database.transaction(work);
    } catch (error) {
      if (tries === MOST_TRIES || !codesOf(error).some((code) => IN_THE_WAY.has(code))) throw error;
    }
  }
}

/** The codes of an error and of all that it wraps. */
function codesOf(error: unknown): readonly string[] {
  if (!(error instanceof Error)) return [];
  return [...("code" in error && typeof error.code === "string" ? [error.code] : []), ...codesOf(error.cause)];
}
