import { amendGarment } from "@core/fitting/index";
import { summaryOf } from "@core/garment/index";
import { usualAllowances } from "@core/resolve/index";
import { type GarmentSpec, readGarment, writeGarment } from "@core/spec/index";
import { toMm } from "@core/tape/index";
import type { Database } from "./client";
import type { DemoClient, DemoGarment } from "./demo-client";
import { CLIENTS, MAKER, STUDIO } from "./demo-workroom";
import { addClient, addMeasurementSets, type Measures } from "./queries/clients";
import { addFitting, changeFitting } from "./queries/fittings";
import { addGarment, saveVersion } from "./queries/garments";
import { addLocalPerson } from "./queries/people";
import { addStudio } from "./queries/studios";

/** Fills an empty database with a made-up workroom, its clients and what it has in hand. */
export async function loadDemo(database: Database): Promise<void> {
  const studio = await addStudio(database, STUDIO);
  const maker = await addLocalPerson(database, studio.id, MAKER);
  for (const client of CLIENTS) {
    const clientId = await addClient(database, studio.id, { ...client, measures: inMm(client.body) });
    const before = (client.before ?? []).map(({ takenOn, body }) => ({ takenOn, measures: inMm(body) }));
    await addMeasurementSets(database, studio.id, clientId, before);
    for (const garment of client.garments)
      await addDemoGarment(database, { studioId: studio.id, maker }, clientId, client, garment);
  }
}

type At = { readonly studioId: string; readonly maker: string };

async function addDemoGarment(
  database: Database,
  { studioId, maker }: At,
  clientId: string,
  client: DemoClient,
  { name, file, stage = "drafted", dueIn, fittingIn, fitting }: DemoGarment,
) {
  const read = readGarment({ format: "gamine-garment/2", unit: "in", name, body: client.body, ...file });
  if (!read.ok) throw new Error(`loadDemo: ${name}: ${read.issues.map((issue) => issue.message).join(" ")}`);
  // The demo's workroom measures in inches, and cuts with the allowances that go with them.
  const spec = { ...read.spec, allowances: { ...usualAllowances("in"), ...read.spec.allowances } };
  const id = await addGarment(database, studioId, {
    clientId,
    ...kept(spec),
    authorId: maker,
    stage,
    dueOn: dueIn === undefined ? null : dayFromNow(dueIn),
    fittingOn: fittingIn === undefined ? null : dayFromNow(fittingIn),
  });
  if (fitting) await addDemoFitting(database, { studioId, maker }, id, spec, fitting);
}

async function addDemoFitting(
  database: Database,
  { studioId, maker }: At,
  garmentId: string,
  spec: GarmentSpec,
  { daysAgo, note, seen, changes }: NonNullable<DemoGarment["fitting"]>,
) {
  const takenOn = dayFromNow(-daysAgo);
  const id = await addFitting(database, studioId, garmentId, { takenOn, version: 1, note, authorId: maker });
  const { spec: amended } = amendGarment(spec, changes);
  if (!id || !amended) throw new Error("loadDemo: the changes of a try-on cannot be made");
  const saved = await saveVersion(database, studioId, garmentId, {
    ...kept(amended),
    basedOn: 1,
    authorId: maker,
    note: "After the first fitting",
  });
  await changeFitting(database, studioId, id, {
    seen: seen.map((one) => ({ ...one, marks: [] })),
    changes,
    ...(saved && { appliedAs: saved.number }),
  });
}

const kept = (spec: GarmentSpec) => ({ name: spec.name, file: writeGarment(spec, "mm"), summary: summaryOf(spec) });

const DAY_MS = 24 * 60 * 60 * 1000;
const dayFromNow = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);

function inMm(body: Readonly<Record<string, number>>): Measures {
  return Object.fromEntries(Object.entries(body).map(([id, size]) => [id, toMm(size, "in")]));
}
