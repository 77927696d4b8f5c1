import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { UNREADABLE_SUMMARY } from "@core/garment/index";
import { alone, connect } from "@database/client";
import {
  addClient,
  addMeasurementSet,
  findClient,
  listClients,
  measurementHistory,
  searchClients,
} from "@database/queries/clients";
import { clothTable, saveClothTable } from "@database/queries/cloths";
import { addGarment, findGarment, listGarments, saveVersion, searchGarments } from "@database/queries/garments";
import { addAttempt, listAttempts } from "@database/queries/practice";
import { addReading, readingsAfter } from "@database/queries/practice-tape";
import { listShelves, shelve } from "@database/queries/shelves";
import { addStudio, firstStudio, type Studio } from "@database/queries/studios";
import { garments, garmentVersions } from "@database/schema";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startPostgres } from "../scripts/machine/postgres.mjs";

let folder = "";
let postgres: Awaited<ReturnType<typeof startPostgres>>;
let connection: ReturnType<typeof connect>;
let ours: Studio;
let theirs: Studio;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "gamine-queries-"));
  chmodSync(folder, 0o755);
  postgres = await startPostgres({ folder: join(folder, "postgres"), durable: false });
  connection = connect(postgres.url);
  await migrate(connection.database, { migrationsFolder: "database/migrations" });
  ours = await addStudio(connection.database, "Ours");
  theirs = await addStudio(connection.database, "Theirs");
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
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Ours alone"));
    const garment = await addGarment(database, ours.id, { clientId: client, name: "Blouse", file: { a: 1 }, summary });
    expect((await listClients(database, ours.id, 0)).rows.map((one) => one.name)).toEqual(["Ours alone"]);
    expect((await listClients(database, theirs.id, 0)).rows).toEqual([]);
    expect(await findClient(database, theirs.id, client)).toBeNull();
    expect((await listGarments(database, theirs.id, 0)).rows).toEqual([]);
    expect(await searchGarments(database, theirs.id, "Blouse")).toEqual([]);
    expect(await searchClients(database, theirs.id, "Ours")).toEqual([]);
    expect(await shelve(database, theirs.id, "garment", garment, "delete")).toBe(false);
    expect(await shelve(database, theirs.id, "client", client, "archive")).toBe(false);
    expect(await findGarment(database, theirs.id, garment)).toBeNull();
    expect(
      await saveVersion(database, theirs.id, garment, { name: "Stolen", file: {}, summary, basedOn: 1 }),
    ).toBeNull();
    expect(await addMeasurementSet(database, theirs.id, client, { takenOn: "2026-11-02", measures: {} })).toBe(false);
    const attempt = { figure: "x", label: "X", valueMm: 1, answerMm: 2, grade: "wrong", slip: null } as const;
    expect(await addAttempt(database, theirs.id, garment, attempt)).toBe(false);
    expect(await addAttempt(database, ours.id, garment, attempt)).toBe(true);
    expect(await listAttempts(database, theirs.id, garment)).toBeNull();
    expect(await listAttempts(database, ours.id, garment)).toMatchObject([attempt]);
    expect((await findGarment(database, ours.id, garment))?.name).toBe("Blouse");
  });

  it("has its own table of cloths, which is put in the place of the old one whole", async () => {
    const { database } = connection;
    const crisp = { capEase: { least: 5, most: 12 }, upperArmEase: { least: 30, most: 45 }, mostEaseShare: 0.06 };
    await saveClothTable(database, ours.id, { "crisp-woven": crisp, knit: { ...crisp, mostEaseShare: 0.02 } });
    expect(await clothTable(database, ours.id)).toEqual({
      "crisp-woven": crisp,
      knit: { ...crisp, mostEaseShare: 0.02 },
    });
    expect(await clothTable(database, theirs.id)).toEqual({});
    await saveClothTable(database, ours.id, { "crisp-woven": crisp });
    expect(await clothTable(database, ours.id)).toEqual({ "crisp-woven": crisp });
    await saveClothTable(database, ours.id, {});
    expect(await clothTable(database, ours.id)).toEqual({});
  });

  it("keeps every measuring, newest first, and never writes over one", async () => {
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Measured twice"));
    await addMeasurementSet(database, ours.id, client, { takenOn: "2026-11-20", measures: { bust: 910 } });
    const history = await measurementHistory(database, client);
    expect(history.map((set) => [set.takenOn, set.measures.bust])).toEqual([
      ["2026-11-20", 910],
      ["2026-11-01", 900],
    ]);
  });

  it("counts garments and the last measuring once, however many there are", async () => {
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Counted"));
    await addMeasurementSet(database, ours.id, client, { takenOn: "2026-11-20", measures: {} });
    for (const name of ["one", "two"])
      await addGarment(database, ours.id, { clientId: client, name, file: {}, summary });
    const listed = (await listClients(database, ours.id, 0)).rows.find((one) => one.name === "Counted");
    expect(listed).toMatchObject({ garmentCount: 2, measuredOn: "2026-11-20" });
  });

  it("keeps both of two saves made at the same moment, numbered apart", async () => {
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Busy"));
    const garment = await addGarment(database, ours.id, { clientId: client, name: "Coat", file: { n: 1 }, summary });
    const saves = await Promise.all(
      [2, 3, 4].map((n) => saveVersion(database, ours.id, garment, { name: "Coat", file: { n }, summary, basedOn: 1 })),
    );
    expect(saves.map((saved) => saved?.number).sort()).toEqual([2, 3, 4]);
    expect(saves.filter((saved) => saved?.besides === null).length).toBe(1);
    expect((await findGarment(database, ours.id, garment))?.version).toBe(4);
  });

  it("puts away, deletes, takes back and destroys, a client with all garments; only what was deleted can be destroyed", async () => {
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Moved away"));
    const garment = await addGarment(database, ours.id, { clientId: client, name: "Raincoat", file: {}, summary });
    const names = async () => (await searchGarments(database, ours.id, "rainc")).map(({ name }) => name);
    expect(await names()).toEqual(["Raincoat"]);
    for (const act of ["archive", "delete"] as const) {
      await shelve(database, ours.id, "client", client, act);
      expect(await names()).toEqual([]);
      await shelve(database, ours.id, "client", client, "restore");
      expect(await names()).toEqual(["Raincoat"]);
    }
    expect(await shelve(database, ours.id, "garment", garment, "destroy")).toBe(false);
    await shelve(database, ours.id, "garment", garment, "delete");
    expect(await findGarment(database, ours.id, garment)).toBeNull();
    expect((await listShelves(database, ours.id)).map(({ name }) => name)).toContain("Raincoat");
    await shelve(database, ours.id, "client", client, "delete");
    expect(await shelve(database, ours.id, "client", client, "destroy")).toBe(true);
    expect(await findClient(database, ours.id, client)).toBeNull();
    expect((await listShelves(database, ours.id)).map(({ name }) => name)).not.toContain("Raincoat");
  });

  it("is the first workroom's where nobody signs in", async () => {
    expect(await firstStudio(connection.database)).toEqual(ours);
  });
});

describe("the database itself", () => {
  it("keeps no garment for a client of another workroom, and no version of a base that never was", async () => {
    const { database } = connection;
    const client = await addClient(database, ours.id, someone("Not theirs"));
    const stolen = database
      .insert(garments)
      .values({ studioId: theirs.id, clientId: client, name: "Stolen", latestVersion: 1 });
    await expect(stolen).rejects.toThrow();
    const garment = await addGarment(database, ours.id, { clientId: client, name: "Coat", file: {}, summary });
    const baseless = database.insert(garmentVersions).values({ garmentId: garment, number: 2, basedOn: 7, file: {} });
    await expect(baseless).rejects.toThrow();
    const kept = await saveVersion(database, ours.id, garment, { name: "Coat", file: {}, summary, basedOn: 7 });
    expect(kept).toEqual({ number: 2, besides: 1 });
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
