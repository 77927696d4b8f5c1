import { summaryOf, UNREADABLE_SUMMARY } from "@core/garment/index";
import { readGarment } from "@core/spec/index";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import { alone, connect } from "./client";
import { loadDemo } from "./demo";
import { forgetDoneActs } from "./queries/done-acts";
import { keepSummary, withoutSummary } from "./queries/garments";
import { addLocalPerson, localPerson, studioOfNobody } from "./queries/people";
import { firstStudio } from "./queries/studios";

/** Run before the server: brings the database up to date, and fills an empty one with the demo. */
const url = process.env.DATABASE_URL;
if (!url) throw new Error("prepare: DATABASE_URL is not set");

const { database, close } = connect(url);

/** So many at a time are given a summary that were saved before there were any. */
const BATCH = 200;

async function summarize(): Promise<void> {
  for (;;) {
    const garments = await withoutSummary(database, BATCH);
    if (garments.length === 0) return;
    for (const { id, file } of garments) {
      const read = readGarment(file);
      await keepSummary(database, id, read.ok ? summaryOf(read.spec) : UNREADABLE_SUMMARY);
    }
  }
}

try {
  // Two copies that start at once would both make the tables: the second waits for the first.
  await alone(url, async () => {
    await migrate(database, { migrationsFolder: "database/migrations" });
    await summarize();
    await forgetDoneActs(database);
    if ((await firstStudio(database)) === null) {
      await loadDemo(database);
      console.log("A made-up workroom with its clients and garments was added to look around in.");
    }
    // A workroom from before people signed in is opened by whoever sits at this machine.
    const ofNobody = await studioOfNobody(database);
    if (ofNobody !== null && (await localPerson(database)) === null)
      await addLocalPerson(database, ofNobody, "At this machine");
  });
} finally {
  await close();
}
