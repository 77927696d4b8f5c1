import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Client, Pool } from "pg";

export type Database = NodePgDatabase;

/** A stopped database is told within this time rather than kept waiting for. */
const CONNECT_TIMEOUT_MS = 3000;
const QUERY_TIMEOUT_MS = 8000;

/** A pool of connections to the PostgreSQL at `url`. It reconnects by itself when the server comes back. */
export function connect(url: string): { readonly database: Database; readonly close: () => Promise<void> } {
  const pool = new Pool({
    connectionString: url,
    connectionTimeoutMillis: CONNECT_TIMEOUT_MS,
    query_timeout: QUERY_TIMEOUT_MS,
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
