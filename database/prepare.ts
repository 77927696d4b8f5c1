import { migrate } from "drizzle-orm/node-postgres/migrator";
import { connect } from "./client";
import { loadDemo } from "./demo";
import { firstStudio } from "./queries/studios";

/** Run before the server: brings the database up to date, and fills an empty one with the demo. */
const url = process.env.DATABASE_URL;
if (!url) throw new Error("prepare: DATABASE_URL is not set");

const { database, close } = connect(url);
try {
  await migrate(database, { migrationsFolder: "database/migrations" });
  if ((await firstStudio(database)) === null) {
    await loadDemo(database);
    console.log("A made-up workroom with its clients and garments was added to look around in.");
  }
} finally {
  await close();
}
