import { randomUUID } from "node:crypto";
import { isRecord } from "@core/data/index";
import { MIDDLE_BODY } from "@core/starting/index";
import { connect } from "@database/client";
import { studios } from "@database/schema/people";
import { clients, garmentVersions } from "@database/schema/work";
import { eq } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { enterDemo, post, sessionOf } from "./entering";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let database: ReturnType<typeof connect>;
let cookie = "";
let garment = "";

const PEOPLE = 12;
const ROUNDS = process.env.GAMINE_THOROUGH ? 50 : 6;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"), 2);
  database = connect(app.databaseUrl);
  cookie = await enterDemo(app.url);
  const table = await (await fetch(app.url, { headers: { cookie } })).text();
  garment = /\/garments\/([0-9a-f-]{36})\//.exec(table)?.[1] ?? "";
});

afterAll(async () => {
  await database?.close();
  await app?.close();
});

async function send(path: string, body: unknown, key?: string): Promise<Readonly<Record<string, unknown>>> {
  const response = await fetch(`${app.url}${path}`, {
    method: "POST",
    headers: {
      origin: app.url,
      cookie,
      "content-type": "application/json",
      ...(key && { "idempotency-key": key }),
    },
    body: JSON.stringify(body),
  });
  const answer: unknown = await response.json();
  return isRecord(answer) ? answer : {};
}

const save = (file: unknown, basedOn: number, key?: string) =>
  send(`/garments/${garment}/save`, { file, basedOn }, key);
/** A garment file; lengths in millimetres. */
const sewn = (body: Readonly<Record<string, number>>, capEase: number) => ({
  format: "gamine-garment/1",
  unit: "cm",
  name: "Everybody’s blouse",
  body: Object.fromEntries(Object.entries(body).map(([id, mm]) => [id, mm / 10])),
  sleeve: { kind: "set-in", capEase: capEase / 10 },
});
const isNear = (a: unknown, b: number) => typeof a === "number" && Math.abs(a - b) < 1e-6;
const countVersions = () => database.database.$count(garmentVersions, eq(garmentVersions.garmentId, garment));

/** The newest version's number and file, as the database holds them. */
async function newest(): Promise<{ readonly number: number; readonly file: Readonly<Record<string, unknown>> }> {
  const versions = await database.database.select().from(garmentVersions).where(eq(garmentVersions.garmentId, garment));
  return versions.reduce((a, b) => (b.number > a.number ? b : a));
}
const bodyOf = ({ file }: Awaited<ReturnType<typeof newest>>) => (isRecord(file.body) ? file.body : {});

describe("many people who save one garment at the same moment, on two processes", () => {
  it(`each find their figure in the newest version, or are told of it (${PEOPLE} people, ${ROUNDS} rounds)`, async () => {
    const begun = Object.entries(MIDDLE_BODY).slice(0, PEOPLE);
    const fields = begun.map(([id]) => id);
    const figureOf = (round: number, i: number) => (begun[i]?.[1] ?? 0) + round + i / 100;
    expect(await save(sewn(Object.fromEntries(begun), 20), (await newest()).number)).toMatchObject({ saved: true });
    for (let round = 1; round <= ROUNDS; round++) {
      const base = await newest();
      const body = Object.fromEntries(Object.entries(bodyOf(base)).map(([id, mm]) => [id, Number(mm)]));
      // Everybody has a figure of their own, and all have changed the cap ease besides.
      const answers = await Promise.all(
        fields.map((id, i) => save(sewn({ ...body, [id]: figureOf(round, i) }, 10 + round + i / 100), base.number)),
      );
      const now = await newest();
      const { sleeve } = now.file;
      expect(now.number).toBe(base.number + 2 * PEOPLE - 1);
      expect(answers.map(({ saved }) => saved)).toEqual(fields.map(() => true));
      const kept = bodyOf(now);
      expect(fields.filter((id, i) => !isNear(kept[id], figureOf(round, i)))).toEqual([]);
      const stands = isRecord(sleeve) ? sleeve.capEase : null;
      const told = answers.filter(({ together }, i) => {
        const conflicts = isRecord(together) && Array.isArray(together.conflicts) ? together.conflicts : [];
        return conflicts.some(({ path, before }) => path === "sleeve.capEase" && isNear(before, 10 + round + i / 100));
      });
      const standing = answers.filter((_, i) => isNear(stands, 10 + round + i / 100));
      expect(standing).toHaveLength(1);
      expect(told).toHaveLength(PEOPLE - 1);
      expect(told).not.toContain(standing[0]);
    }
  });
});

describe("what is sent again after a lost answer", () => {
  it("is answered as it was the first time, and is no second version, also where both are sent at the same moment", async () => {
    const { number } = await newest();
    const key = randomUUID();
    const file = sewn({ bust: 911 }, 22);
    const [one, other] = await Promise.all([save(file, number, key), save(file, number, key)]);
    expect(one).toEqual({ saved: true, number: number + 1, besides: null, together: null });
    expect(other).toEqual(one);
    expect(await save(file, number, key)).toEqual(one);
    expect(await countVersions()).toBe(number + 1);
    expect(await save(file, number + 1, randomUUID())).toMatchObject({ number: number + 2 });
  });

  it("alters the garment once for a fitting, with a key and without", async () => {
    const logged = await post(
      app.url,
      `/garments/${garment}/fittings`,
      { act: "log", takenOn: "2026-11-20", version: "1" },
      cookie,
    );
    const path = `${logged.headers.get("location")}/keep`;
    const { number } = await newest();
    const changes = [{ id: "raise-cap", by: 5 }];
    const apply = { act: "apply", note: "", seen: [], changes };
    const first = await send(path, apply, randomUUID());
    expect(first).toMatchObject({ ok: true, appliedAs: number + 1 });
    const again = await Promise.all([send(path, apply), send(path, apply, randomUUID()), send(path, apply)]);
    for (const answer of again) expect(answer).toEqual(first);
    expect(await countVersions()).toBe(number + 1);
  });

  it("adds a client once for a form, and again for the next form", async () => {
    const add = (actKey: string) =>
      post(
        app.url,
        "/clients/new",
        { name: "Added once", note: "", takenOn: "2026-11-20", unit: "cm", actKey },
        cookie,
      );
    const key = randomUUID();
    const answers = [await add(key), await add(key), ...(await Promise.all([add(key), add(key)]))];
    const places = new Set(answers.map(({ headers }) => headers.get("location")));
    expect(places.size).toBe(1);
    expect([...places][0]).toMatch(/^\/clients\/[0-9a-f-]{36}$/);
    expect(await database.database.$count(clients, eq(clients.name, "Added once"))).toBe(1);
    await add(randomUUID());
    expect(await database.database.$count(clients, eq(clients.name, "Added once"))).toBe(2);
  });

  it("makes one link for a cutter, and shows it as it was", async () => {
    const texts = { act: "make", shows: "card", days: "7", actKey: randomUUID() };
    const make = async () => {
      const page = await (await post(app.url, `/garments/${garment}/shared`, texts, cookie)).text();
      return { link: /\/shared\/([\w-]+)/.exec(page)?.[1], open: page.match(/value="revoke"/g)?.length };
    };
    const first = await make();
    expect(first.link).toMatch(/^[\w-]{32}$/);
    expect(await make()).toEqual(first);
  });

  it("invites once, gives one link for a forgotten password, and makes one workroom", async () => {
    const send = (path: string, texts: Readonly<Record<string, string>>) => post(app.url, path, texts, cookie);
    const invite = { act: "invite", email: "once@example.org", role: "maker", actKey: randomUUID() };
    // Without its key the second would be told that this address was invited already.
    for (const answer of [await send("/settings/people", invite), await send("/settings/people", invite)])
      expect(answer.status).toBe(200);
    const people = await (await fetch(`${app.url}/settings/people`, { headers: { cookie } })).text();
    const link = /data-invited="once@example.org"[\s\S]*?\/invitations\/([0-9a-f-]{36})/.exec(people)?.[1] ?? "";
    const joined = await post(app.url, `/invitations/${link}`, { name: "Once", password: "four quite unlike words" });
    const members = await (await fetch(`${app.url}/settings/people`, { headers: { cookie } })).text();
    const id =
      /data-member="once@example.org"[\s\S]*?name="id" value="([0-9a-f-]{36})"/.exec(members)?.[1] ?? "no member";
    const forgotten = { act: "password", id, actKey: randomUUID() };
    const links = [await send("/settings/people", forgotten), await send("/settings/people", forgotten)].map(
      async (answer) => /\/new-password\/([\w-]{32})/.exec(await answer.text())?.[1],
    );
    expect(await links[0]).toBeDefined();
    expect(await links[1]).toBe(await links[0]);
    const own = sessionOf(joined);
    const studio = { studio: "Made once", actKey: randomUUID() };
    for (let i = 0; i < 2; i++) await post(app.url, "/studios/new", studio, own);
    expect(await database.database.$count(studios, eq(studios.name, "Made once"))).toBe(1);
  });

  it("keeps the settings of two who change them at once, whichever page they are on", async () => {
    const shown = JSON.stringify({ unit: "in", usual: {} });
    const changes = [
      ["/settings", { unit: "cm", usualUnit: "in", initials: "GO", shown }],
      ["/settings", { unit: "cm", usualUnit: "in", "allowances.general": "1.7", shown }],
      ["/settings/ease", { unit: "cm", "shirt.bust": "18", shown: JSON.stringify({ usual: {}, ease: {} }) }],
    ] as const;
    const answers = await Promise.all(changes.map(([path, texts]) => post(app.url, path, { ...texts }, cookie)));
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
    const [studio] = await database.database
      .select({ settings: studios.settings })
      .from(studios)
      .where(eq(studios.name, "Quayside Workroom"));
    expect(studio?.settings).toMatchObject({
      initials: "GO",
      usual: { "allowances.general": 17 },
      ease: { shirt: { bust: 180 } },
    });
  });
});
