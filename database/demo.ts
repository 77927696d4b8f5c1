import { summaryOf } from "@core/garment/index";
import { usualAllowances } from "@core/resolve/index";
import { readGarment, writeGarment } from "@core/spec/index";
import { toMm } from "@core/tape/index";
import type { Database } from "./client";
import type { DemoClient, DemoGarment } from "./demo-client";
import { CLIENTS, STUDIO } from "./demo-workroom";
import { addClient, addMeasurementSets, type Measures } from "./queries/clients";
import { addGarment } from "./queries/garments";
import { addStudio } from "./queries/studios";

/** Fills an empty database with a made-up workroom, its clients and what it has in hand. */
export async function loadDemo(database: Database): Promise<void> {
  const studio = await addStudio(database, STUDIO);
  for (const client of CLIENTS) {
    const clientId = await addClient(database, studio.id, { ...client, measures: inMm(client.body) });
    const before = (client.before ?? []).map(({ takenOn, body }) => ({ takenOn, measures: inMm(body) }));
    await addMeasurementSets(database, studio.id, clientId, before);
    for (const garment of client.garments) await addDemoGarment(database, studio.id, clientId, client, garment);
  }
}

async function addDemoGarment(
  database: Database,
  studioId: string,
  clientId: string,
  client: DemoClient,
  { name, file }: DemoGarment,
) {
  const read = readGarment({ format: "gamine-garment/1", unit: "in", name, body: client.body, ...file });
  if (!read.ok) throw new Error(`loadDemo: ${name}: ${read.issues.map((issue) => issue.message).join(" ")}`);
  await addGarment(database, studioId, {
    clientId,
    name,
    // The demo's workroom measures in inches, and cuts with the allowances that go with them.
    file: writeGarment({ ...read.spec, allowances: { ...usualAllowances("in"), ...read.spec.allowances } }, "mm"),
    summary: summaryOf(read.spec),
  });
}

function inMm(body: Readonly<Record<string, number>>): Measures {
  return Object.fromEntries(Object.entries(body).map(([id, size]) => [id, toMm(size, "in")]));
}
