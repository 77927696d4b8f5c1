import { connect, type Database } from "@database/client";

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
