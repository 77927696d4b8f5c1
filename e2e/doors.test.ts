import { connect } from "node:net";
import * as databases from "@database/client";
import { sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { enterDemo, post, sessionOf } from "./entering";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let ours = "";
let garment = "";
let client = "";

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  ours = await enterDemo(app.url);
  const table = await get("/", ours).then((response) => response.text());
  garment = /\/garments\/([0-9a-f-]{36})\//.exec(table)?.[1] ?? "";
  client = /\/clients\/([0-9a-f-]{36})/.exec(table)?.[1] ?? "";
});

afterAll(async () => app?.close());

const get = (path: string, cookie: string, more = {}) =>
  fetch(`${app.url}${path}`, { headers: { cookie, ...more }, redirect: "manual" });

const save = (basedOn: unknown) =>
  fetch(`${app.url}/garments/${garment}/save`, {
    method: "POST",
    headers: { cookie: ours, origin: app.url, "content-type": "application/json" },
    body: JSON.stringify({ file: { format: "gamine-garment/1", unit: "in", name: "Kept" }, basedOn }),
  });

/** Sends a request as it stands, which no client library would, and gives the answer's first line and body. */
function asItStands(text: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const { hostname, port } = new URL(app.url);
    const socket = connect(Number(port), hostname, () => socket.end(text));
    const parts: Buffer[] = [];
    socket.on("data", (part) => parts.push(part));
    socket.on("error", reject);
    socket.on("close", () => resolve(Buffer.concat(parts).toString("utf8")));
  });
}

describe("after signing in", () => {
  it.each([
    ["/\t/evil.example", "/"],
    ["/\n/evil.example", "/"],
    ["/\r\n/evil.example", "/"],
    ["/\\evil.example", "/"],
    ["//evil.example", "/"],
    ["https://evil.example", "/"],
    ["/.//evil.example", "/"],
    ["javascript:alert(1)", "/"],
    ["/clients?page=2", "/clients?page=2"],
  ])("a way to %j leads to %s", async (to, leads) => {
    const entered = await post(app.url, "/sign-in", { act: "local", to });
    expect(entered.status).toBe(302);
    expect(entered.headers.get("location")).toBe(leads);
    const onceIn = await get(`/sign-in?${new URLSearchParams({ to })}`, sessionOf(entered));
    expect(onceIn.status).toBe(302);
    expect(onceIn.headers.get("location")).toBe(leads);
  });
});

describe("the demo at this machine alone", () => {
  const press = (headers: Record<string, string>) =>
    fetch(`${app.url}/sign-in`, {
      method: "POST",
      redirect: "manual",
      headers: { origin: app.url, "content-type": "application/x-www-form-urlencoded", ...headers },
      body: "act=local",
    });

  it.each([
    "X-Real-IP",
    "X-Forwarded-For",
    "X-Forwarded-Host",
    "X-Forwarded-Proto",
    "CF-Connecting-IP",
    "Forwarded",
    "Via",
  ])("is not opened by what a proxy with %s hands on", async (name) => {
    const value = name === "Forwarded" ? "for=192.0.2.7" : "192.0.2.7";
    expect((await press({ "sec-fetch-site": "same-origin", [name]: value })).status).toBe(403);
    expect(await (await get("/sign-in", "", { [name]: value })).text()).not.toContain("Open “");
  });

  it("is not opened by what no page of the app sent, and is by what one did", async () => {
    expect((await press({})).status).toBe(403);
    expect((await press({ "sec-fetch-site": "none" })).status).toBe(403);
    expect((await press({ "sec-fetch-site": "same-origin" })).status).toBe(302);
  });
});

describe("what is private", () => {
  it("is kept by no browser and no proxy, and what is shared is in no search engine", async () => {
    for (const path of ["/", `/clients/${client}`, `/garments/${garment}/sleeve`, "/account"])
      expect((await get(path, ours)).headers.get("cache-control"), path).toBe("private, no-store");
    const page = await post(app.url, `/garments/${garment}/shared`, { act: "make", shows: "pattern", days: "1" }, ours);
    const link = /\/shared\/[\w-]{32}/.exec(await page.text())?.[0] ?? "";
    for (const path of [link, `${link}/drawing.svg`]) {
      const shown = await get(path, "");
      expect(shown.status).toBe(200);
      expect(shown.headers.get("x-robots-tag")).toMatch(/noindex/);
    }
    expect(await (await get(link, "")).text()).toMatch(/<meta name="robots" content="noindex/);
  });

  it("is shared no longer than its client is there", async () => {
    const added = await post(app.url, "/clients/new", { name: "Leaves", takenOn: "2026-11-20", unit: "in" }, ours);
    const id = added.headers.get("location")?.split("/").at(-1) ?? "";
    const begun = await post(app.url, "/garments/new", { client: id, point: "work-shirt", name: "Hers" }, ours);
    const own = begun.headers.get("location")?.split("/")[2] ?? "";
    const page = await post(app.url, `/garments/${own}/shared`, { act: "make", shows: "card", days: "1" }, ours);
    const link = /\/shared\/[\w-]{32}/.exec(await page.text())?.[0] ?? "";
    expect((await get(link, "")).status).toBe(200);
    await post(app.url, "/shelves", { what: "client", id, act: "delete" }, ours);
    expect((await get(link, "")).status).toBe(404);
    await post(app.url, "/shelves", { what: "client", id, act: "restore" }, ours);
    expect((await get(link, "")).status).toBe(200);
  });
});

describe("what nobody should send", () => {
  it.each([
    ["a host with no such port", "GET / HTTP/1.1\r\nHost: 127.0.0.1:99999\r\n\r\n"],
    ["a host that is none", "GET / HTTP/1.1\r\nHost: a b\r\n\r\n"],
    ["an address with another host", "GET http://evil.example/ HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n"],
    ["an address that is none", "GET * HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n"],
    ["an address that is broken", "GET /%ff HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n"],
    ["no request at all", "hello\r\n\r\n"],
  ])("%s is told so with a 400", async (_what, text) => {
    expect(await asItStands(text)).toMatch(/^HTTP\/1\.1 400 /);
  });

  it("a version that never was, or a member who is none, is told in a sentence", async () => {
    for (const basedOn of [0, -1, 1.5, 2 ** 31, "1"]) expect((await save(basedOn)).status).toBe(400);
    for (const act of ["role", "let-go", "take-back", "password"]) {
      const answer = await post(app.url, "/settings/people", { act, id: "' or 1=1" }, ours);
      expect(answer.status).toBe(404);
      expect(await answer.text()).toContain("is not in the workroom any more");
    }
  });
});

describe("a database that fails in the middle", () => {
  const asOwner = async (work: (database: databases.Database) => Promise<void>) => {
    const { database, close } = databases.connect(app.databaseUrl);
    await work(database);
    await close();
  };
  const isTold = async (answer: Response) => {
    expect(answer.status).toBe(503);
    expect((await answer.json()).reason).toMatch(/database is not answering/);
  };

  it("whose disk is full says so, and keeps nothing by halves", async () => {
    await asOwner(async (database) => {
      await database.execute(sql`
        create function full_disk() returns trigger language plpgsql as
        $$ begin raise exception 'could not extend file' using errcode = '53100'; end $$`);
      await database.execute(sql`
        create trigger full_disk before update on garments for each row execute function full_disk()`);
    });
    await isTold(await save(1));
    await asOwner(async (database) => void (await database.execute(sql`drop trigger full_disk on garments`)));
    expect(await (await save(1)).json()).toMatchObject({ saved: true, number: 2 });
  });

  it("that ends a save's connection says so, and the next save goes on", async () => {
    await asOwner(async (database) =>
      database.transaction(async (locking) => {
        await locking.execute(sql`lock table garments in access exclusive mode`);
        const saving = save(2);
        for (let ended = 0; ended === 0; ) {
          const { rows } = await locking.execute(sql`
            select pg_terminate_backend(pid) from pg_stat_activity where wait_event_type = 'Lock'`);
          ended = rows.length;
        }
        await isTold(await saving);
      }),
    );
    expect(await (await save(2)).json()).toMatchObject({ saved: true, number: 3 });
  });

  it("that has no connection free is told to all who wait, and serves again after", async () => {
    await asOwner(async (database) =>
      database.transaction(async (locking) => {
        await locking.execute(sql`lock table sessions in access exclusive mode`);
        const waiting = await Promise.all(Array.from({ length: 14 }, () => get("/", ours)));
        expect(new Set(waiting.map(({ status }) => status))).toEqual(new Set([503]));
      }),
    );
    expect((await get("/", ours)).status).toBe(200);
  });
});
