import { sql } from "drizzle-orm";
import sharp from "sharp";
import { STAGES, summaryOf } from "../core/garment";
import { readGarment, writeGarment } from "../core/spec";
import { connect } from "../database/client";
import { CLIENTS } from "../database/demo-workroom";
import { firstStudio } from "../database/queries/studios";
import { fittings, photographs } from "../database/schema/fittings";
import { clients, garments, garmentVersions, measurementSets } from "../database/schema/work";

/**
 * Fills a workroom with many made-up clients and garments, to see whether its lists stay quick:
 * DATABASE_URL=… npx tsx scripts/seed-many.ts [CLIENTS] [GARMENTS] [PHOTOGRAPHS]. The database has been prepared before, as starting the app does.
 */
const [clientCount = 20_000, garmentCount = 100_000, photographCount = 50_000] = process.argv.slice(2).map(Number);
const BATCH = 1000;

const url = process.env.DATABASE_URL;
if (!url) throw new Error("seed-many: DATABASE_URL is not set");
/** Nobody waits for it: looking through all tables at the end may take its time. */
const { database, close } = connect(url, { queryTimeoutMs: 600_000 });

const FIRST = ["Ada", "Berta", "Chidi", "Dagny", "Emre", "Fenna", "Gita", "Hanne", "Ilse", "Jomo", "Kaja", "Lena"];
const LAST = [
  "Arroyo",
  "Brekke",
  "Castell",
  "Drummond",
  "Eklund",
  "Farrow",
  "Greer",
  "Holm",
  "Ivarsen",
  "Juhl",
  "Koren",
];
const CLOTHS = ["linen", "wool", "cotton lawn", "silk noil", "velvet", "corduroy", "jersey", "voile", "tweed"];
const WHATS = ["blouse", "coat", "jacket", "dress", "shirt", "cardigan", "nightgown", "pinafore", "waistcoat"];

const pick = (from: readonly string[], i: number) => from[i % from.length] ?? "";
const nameOf = (i: number) =>
  `${pick(FIRST, i)} ${pick(LAST, Math.floor(i / FIRST.length))} ${Math.floor(i / (FIRST.length * LAST.length)) + 1}`;
const titleOf = (i: number) =>
  `${pick(CLOTHS, i)} ${pick(WHATS, Math.floor(i / CLOTHS.length))} ${Math.floor(i / (CLOTHS.length * WHATS.length)) + 1}`;

/** The demo's own garments again and again: a summary as large as a real one. */
const kept = CLIENTS.flatMap((client) =>
  client.garments.flatMap(({ name, file }) => {
    const read = readGarment({ format: "gamine-garment/1", unit: "in", name, body: client.body, ...file });
    return read.ok ? [{ file: writeGarment(read.spec, "mm"), summary: summaryOf(read.spec) }] : [];
  }),
);

function inBatches(count: number): readonly (readonly number[])[] {
  return Array.from({ length: Math.ceil(count / BATCH) }, (_, b) =>
    Array.from({ length: Math.min(BATCH, count - b * BATCH) }, (_, i) => b * BATCH + i),
  );
}

const DAY_MS = 24 * 60 * 60 * 1000;
const dayFromNow = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
/** A try-on holds so many. */
const PER_FITTING = 4;
const jpeg = new Uint8Array(
  await sharp({ create: { width: 64, height: 48, channels: 3, background: "#778899" } })
    .jpeg()
    .toBuffer(),
);

/** Try-ons with photographs for the first garments, until there are as many as are wanted. */
async function addPhotographs(studioId: string, garmentIds: readonly string[], before: number): Promise<void> {
  const wanted = garmentIds.filter((_, i) => (before + i + 1) * PER_FITTING <= photographCount);
  if (wanted.length === 0) return;
  const tried = await database
    .insert(fittings)
    .values(
      wanted.map((garmentId, i) => ({
        garmentId,
        takenOn: dayFromNow(-(i % 200)),
        version: 1,
        seen: [{ what: "sleeve-long" as const, words: "", marks: [] }],
        changes: [{ id: "shorten-sleeve" as const, by: 10 }],
        appliedAs: 2,
      })),
    )
    .returning({ id: fittings.id });
  await database
    .insert(photographs)
    .values(
      tried.flatMap(({ id }) =>
        Array.from({ length: PER_FITTING }, () => ({ studioId, fittingId: id, width: 64, height: 48, jpeg })),
      ),
    );
}

try {
  const studio = await firstStudio(database);
  if (!studio) throw new Error("seed-many: start the app once, so that there is a workroom");
  const ids: string[] = [];
  for (const batch of inBatches(clientCount)) {
    const added = await database
      .insert(clients)
      .values(batch.map((i) => ({ studioId: studio.id, name: nameOf(i), note: "" })))
      .returning({ id: clients.id });
    ids.push(...added.map(({ id }) => id));
    await database.insert(measurementSets).values(
      added.map(({ id }, i) => ({
        clientId: id,
        takenOn: `2026-0${1 + (i % 9)}-1${i % 10}`,
        measures: { bust: 880 + (i % 200), upperArm: 290 + (i % 40), wrist: 160 },
      })),
    );
  }
  for (const batch of inBatches(garmentCount)) {
    const rows = batch.map((i) => ({ i, one: kept[i % kept.length] }));
    const added = await database
      .insert(garments)
      .values(
        rows.map(({ i, one }) => ({
          studioId: studio.id,
          clientId: ids[i % ids.length] ?? "",
          name: titleOf(i),
          changedAt: new Date(Date.now() - i * 60_000),
          stage: STAGES[i % STAGES.length],
          dueOn: i % 50 === 0 ? dayFromNow((i / 50) % 90) : null,
          fittingOn: i % 80 === 0 ? dayFromNow((i / 80) % 60) : null,
          words: `${titleOf(i)} ${one?.summary.words ?? ""}`,
          ...(one ? { summary: one.summary } : {}),
          latestVersion: 2,
        })),
      )
      .returning({ id: garments.id });
    await database.insert(garmentVersions).values(
      added.flatMap(({ id }, i) => {
        const file = rows[i]?.one?.file ?? {};
        return [1, 2].map((number) => ({ garmentId: id, number, basedOn: number === 1 ? null : 1, file }));
      }),
    );
    await addPhotographs(
      studio.id,
      added.map(({ id }) => id),
      batch[0] ?? 0,
    );
  }
  await database.execute(sql`analyze`);
  console.log(`${clientCount} clients, ${garmentCount} garments and ${photographCount} photographs were added.`);
} finally {
  await close();
}
