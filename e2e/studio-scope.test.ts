import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { UNREADABLE_SUMMARY } from "@core/garment/index";
import { alone, connect } from "@database/client";
import { addLocalPerson } from "@database/queries/people";
import { addReading, readingsAfter } from "@database/queries/practice-tape";
import { addStudio, firstStudio, type Studio } from "@database/queries/studios";
import { garments, garmentVersions } from "@database/schema/work";
import { type StudioQueries, studioQueries } from "@database/studio-queries";
import { sql } from "drizzle-orm";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startPostgres } from "../scripts/machine/postgres.mjs";

let folder = "";
let postgres: Awaited<ReturnType<typeof startPostgres>>;
let connection: ReturnType<typeof connect>;
/** Two workrooms, as they are kept and as they are asked. */
let kept: { readonly ours: Studio; readonly theirs: Studio };
let ours: StudioQueries;
let theirs: StudioQueries;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "gamine-queries-"));
  chmodSync(folder, 0o755);
  postgres = await startPostgres({ folder: join(folder, "postgres"), durable: false });
  connection = connect(postgres.url);
  await migrate(connection.database, { migrationsFolder: "database/migrations" });
  const { database } = connection;
  kept = { ours: await addStudio(database, "Ours"), theirs: await addStudio(database, "Theirs") };
  const userId = await addLocalPerson(database, kept.ours.id, "Somebody");
  ours = studioQueries(database, { studioId: kept.ours.id, userId, role: "owner" });
  theirs = studioQueries(database, { studioId: kept.theirs.id, userId, role: "owner" });
});

afterAll(async () => {
  await connection?.close();
  postgres?.stop();
  rmSync(folder, { recursive: true, force: true });
});

const summary = UNREADABLE_SUMMARY;
const someone = (name: string) => ({ name, note: "", takenOn: "2026-11-01", measures: { bust: 900 } });

describe("what one workroom sees", () => {
  it("is its own clients and garments and nobody else's", async () => {
    const client = await ours.addClient(someone("Ours alone"));
    const garment = await ours.addGarment({ clientId: client, name: "Blouse", file: { a: 1 }, summary });
    expect((await ours.listClients(0)).rows.map((one) => one.name)).toEqual(["Ours alone"]);
    expect((await theirs.listClients(0)).rows).toEqual([]);
    expect(await theirs.findClient(client)).toBeNull();
    expect((await theirs.listGarments(0)).rows).toEqual([]);
    expect(await theirs.searchGarments("Blouse")).toEqual([]);
    expect(await theirs.searchClients("Ours")).toEqual([]);
    expect(await theirs.shelve("garment", garment, "delete")).toBe(false);
    expect(await theirs.shelve("client", client, "archive")).toBe(false);
    expect(await theirs.findGarment(garment)).toBeNull();
    expect(await theirs.saveVersion(garment, { name: "Stolen", file: {}, summary, basedOn: 1 })).toBeNull();
    expect(await theirs.addMeasurementSet(client, { takenOn: "2026-11-02", measures: {} })).toBe(false);
    const attempt = { figure: "x", label: "X", valueMm: 1, answerMm: 2, grade: "wrong", slip: null } as const;
    expect(await theirs.addAttempt(garment, attempt)).toBe(false);
    expect(await ours.addAttempt(garment, attempt)).toBe(true);
    expect(await theirs.listAttempts(garment)).toBeNull();
    expect(await ours.listAttempts(garment)).toMatchObject([attempt]);
    expect((await ours.findGarment(garment))?.name).toBe("Blouse");
  });

  it("starts from its own starting points, which no other takes away", async () => {
    const id = (await ours.addStartingPoint({ name: "House shirt", file: { a: 1 } })) ?? "";
    expect(await ours.listStartingPoints()).toEqual([{ id, name: "House shirt", file: { a: 1 } }]);
    expect(await theirs.listStartingPoints()).toEqual([]);
    expect(await theirs.removeStartingPoint(id)).toBe(false);
    expect(await ours.removeStartingPoint(id)).toBe(true);
    expect(await ours.listStartingPoints()).toEqual([]);
  });

  it("has its own table of cloths, which is put in the place of the old one whole", async () => {
    const crisp = { capEase: { least: 5, most: 12 }, upperArmEase: { least: 30, most: 45 }, mostEaseShare: 0.06 };
    await ours.saveClothTable({ "crisp-woven": crisp, knit: { ...crisp, mostEaseShare: 0.02 } });
    expect(await ours.clothTable()).toEqual({
      "crisp-woven": crisp,
      knit: { ...crisp, mostEaseShare: 0.02 },
    });
    expect(await theirs.clothTable()).toEqual({});
    await ours.saveClothTable({ "crisp-woven": crisp });
    expect(await ours.clothTable()).toEqual({ "crisp-woven": crisp });
    await ours.saveClothTable({});
    expect(await ours.clothTable()).toEqual({});
  });

  it("keeps every measuring, newest first, and never writes over one", async () => {
    const client = await ours.addClient(someone("Measured twice"));
    await ours.addMeasurementSet(client, { takenOn: "2026-11-20", measures: { bust: 910 } });
    const history = await ours.measurementHistory(client);
    expect(history.map((set) => [set.takenOn, set.measures.bust])).toEqual([
      ["2026-11-20", 910],
      ["2026-11-01", 900],
    ]);
  });

  it("counts garments and the last measuring once, however many there are", async () => {
    const client = await ours.addClient(someone("Counted"));
    await ours.addMeasurementSet(client, { takenOn: "2026-11-20", measures: {} });
    for (const name of ["one", "two"]) await ours.addGarment({ clientId: client, name, file: {}, summary });
    const listed = (await ours.listClients(0)).rows.find((one) => one.name === "Counted");
    expect(listed).toMatchObject({ garmentCount: 2, measuredOn: "2026-11-20" });
  });

  it("keeps both of two saves made at the same moment, numbered apart", async () => {
    const client = await ours.addClient(someone("Busy"));
    const garment = await ours.addGarment({ clientId: client, name: "Coat", file: { n: 1 }, summary });
    const saves = await Promise.all(
      [2, 3, 4].map((n) => ours.saveVersion(garment, { name: "Coat", file: { n }, summary, basedOn: 1 })),
    );
    expect(saves.map((saved) => saved?.number).sort()).toEqual([2, 3, 4]);
    expect(saves.filter((saved) => saved?.besides === null).length).toBe(1);
    expect((await ours.findGarment(garment))?.version).toBe(4);
  });

  it("puts away, deletes, takes back and destroys, a client with all garments; only what was deleted can be destroyed", async () => {
    const client = await ours.addClient(someone("Moved away"));
    const garment = await ours.addGarment({ clientId: client, name: "Raincoat", file: {}, summary });
    const names = async () => (await ours.searchGarments("rainc")).map(({ name }) => name);
    expect(await names()).toEqual(["Raincoat"]);
    for (const act of ["archive", "delete"] as const) {
      await ours.shelve("client", client, act);
      expect(await names()).toEqual([]);
      await ours.shelve("client", client, "restore");
      expect(await names()).toEqual(["Raincoat"]);
    }
    expect(await ours.shelve("garment", garment, "destroy")).toBe(false);
    await ours.shelve("garment", garment, "delete");
    expect(await ours.findGarment(garment)).toBeNull();
    expect((await ours.listShelves()).map(({ name }) => name)).toContain("Raincoat");
    await ours.shelve("client", client, "delete");
    expect(await ours.shelve("client", client, "destroy")).toBe(true);
    expect(await ours.findClient(client)).toBeNull();
    expect((await ours.listShelves()).map(({ name }) => name)).not.toContain("Raincoat");
  });

  it("is the first workroom's where nobody signs in", async () => {
    expect(await firstStudio(connection.database)).toEqual(kept.ours);
  });
});

describe("what was written there by another program", () => {
  it("is looked at as it is read: what is nothing of the kind is left out, and no list fails over it", async () => {
    const { database } = connection;
    const client = await ours.addClient(someone("Odd"));
    const garment = await ours.addGarment({ clientId: client, name: "Odd blouse", file: { a: 1 }, summary });
    await database.execute(
      sql`update measurement_sets set measures = '{"bust": 910, "waist": "wide", "tail": 12}' where client_id = ${client}`,
    );
    await database.execute(sql`update garments set summary = '{"next": 3}' where id = ${garment}`);
    await database.execute(sql`update garment_versions set file = '[1, 2]' where garment_id = ${garment}`);
    await database.execute(sql`insert into cloth_figures values (${kept.ours.id}, 'knit', '{"capEase": null}')`);
    expect((await ours.measurementHistory(client))[0]?.measures).toEqual({ bust: 910 });
    expect((await ours.listGarments(0)).rows.find(({ id }) => id === garment)?.summary).toBeNull();
    expect((await ours.findGarment(garment))?.file).toEqual({});
    expect(await ours.clothTable()).toEqual({});
  });
});

describe("the database itself", () => {
  it("keeps no garment for a client of another workroom, and no version of a base that never was", async () => {
    const { database } = connection;
    const client = await ours.addClient(someone("Not theirs"));
    const stolen = database
      .insert(garments)
      .values({ studioId: kept.theirs.id, clientId: client, name: "Stolen", latestVersion: 1 });
    await expect(stolen).rejects.toThrow();
    const garment = await ours.addGarment({ clientId: client, name: "Coat", file: {}, summary });
    const baseless = database.insert(garmentVersions).values({ garmentId: garment, number: 2, basedOn: 7, file: {} });
    await expect(baseless).rejects.toThrow();
    const saved = await ours.saveVersion(garment, { name: "Coat", file: {}, summary, basedOn: 7 });
    expect(saved).toEqual({ number: 2, besides: 1, together: null });
  });

  it("is brought up to date once by two that start at the same moment", async () => {
    const made: string[] = [];
    const start = (name: string) =>
      alone(postgres.url, async () => {
        made.push(`${name} begins`);
        await migrate(connection.database, { migrationsFolder: "database/migrations" });
        made.push(`${name} ends`);
      });
    await Promise.all([start("one"), start("other")]);
    const [first = ""] = made;
    expect(made).toEqual([first, first.replace("begins", "ends"), expect.any(String), expect.any(String)]);
  });

  it("numbers what a practice tape read one after the other, also for two presses at once", async () => {
    const { database } = connection;
    const tape = "8d7cf1f6-2f3c-4e88-9a53-0c3f64a3b0e1";
    await Promise.all([300, 310, 320].map((mm) => addReading(database, tape, mm)));
    const all = await readingsAfter(database, tape, 0);
    expect(all.map(({ number }) => number)).toEqual([1, 2, 3]);
    expect(all.map(({ mm }) => mm).sort()).toEqual([300, 310, 320]);
    expect(await readingsAfter(database, tape, 2)).toHaveLength(1);
    expect(await readingsAfter(database, "11111111-2222-4333-8444-555555555555", 0)).toEqual([]);
  });
});
