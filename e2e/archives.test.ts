import { randomUUID } from "node:crypto";
import { readdirSync } from "node:fs";
import { tmpdir } from "node:os";
import { isRecord } from "@core/data/index";
import { connect } from "@database/client";
import { practiceAttempts } from "@database/schema/work";
import sharp from "sharp";
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from "vitest";
import { contentsOf, type Files, sameOnBothSides, zipOf } from "./archive-contents";
import { enterDemo, post, sessionOf } from "./entering";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let ours = "";
/** Somebody with an account, who makes one empty workroom after the other. */
let mover = "";
let workroom = "Moved house";
let archive: Buffer;
let files: Files;

const FLIPS = process.env.GAMINE_THOROUGH ? 1500 : 60;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  ours = await enterDemo(app.url);
  await workALittle();
  archive = await backup(ours);
  files = await contentsOf(archive);
  mover = sessionOf(
    await post(app.url, "/studios/new", {
      studio: workroom,
      name: "Ottilie Marsh",
      email: "ottilie@example.org",
      password: "four quite unlike words",
    }),
  );
});

afterAll(async () => {
  await app?.close();
});

beforeEach(() => moveOut());

const headers = (cookie: string, more = {}) => ({ cookie, origin: app.url, ...more });
const backup = async (cookie: string) =>
  Buffer.from(await (await fetch(`${app.url}/settings/backup.zip`, { headers: headers(cookie) })).arrayBuffer());

/** A version, an answer on a card and a photograph of what is in the demo, so that the archive holds some of everything. */
async function workALittle(): Promise<void> {
  const table = await (await fetch(app.url, { headers: headers(ours) })).text();
  const garment = /\/garments\/([0-9a-f-]{36})\//.exec(table)?.[1];
  const sendJson = (path: string, body: unknown) =>
    fetch(`${app.url}${path}`, {
      method: "POST",
      headers: headers(ours, { "content-type": "application/json" }),
      body: JSON.stringify(body),
    });
  const file = { format: "gamine-garment/1", unit: "in", name: "Saved for the archive", sleeve: { kind: "set-in" } };
  await sendJson(`/garments/${garment}/save`, { file, basedOn: 1, note: "Ünïcode ✂" });
  const { database, close } = connect(app.databaseUrl);
  const answered = { label: "Cap height", valueMm: 150.5, answerMm: 300.25, grade: "wrong", slip: "half" } as const;
  await database.insert(practiceAttempts).values({ garmentId: garment ?? "", figure: "cap-height", ...answered });
  await close();
  const logged = await post(
    app.url,
    `/garments/${garment}/fittings`,
    { act: "log", takenOn: "2026-11-20", version: "1", note: "In the afternoon" },
    ours,
  );
  const picture = await sharp({ create: { width: 300, height: 200, channels: 3, background: "#336655" } })
    .jpeg()
    .toBuffer();
  const form = new FormData();
  form.set("photograph", new Blob([new Uint8Array(picture)], { type: "image/jpeg" }), "x.jpg");
  await fetch(`${app.url}${logged.headers.get("location")}/photographs`, {
    method: "POST",
    headers: headers(ours),
    body: form,
  });
}

async function restore(cookie: string, body: Buffer): Promise<{ readonly status: number; readonly says: string }> {
  const response = await fetch(`${app.url}/settings/restore`, {
    method: "POST",
    headers: headers(cookie, { "content-type": "application/zip" }),
    body: new Uint8Array(body),
  });
  const answer: unknown = await response.json();
  return { status: response.status, says: isRecord(answer) ? String(answer.sentence ?? "") : "" };
}

/** Leaves the workroom that the mover is in, and opens an empty one. */
async function moveOut(): Promise<void> {
  await post(app.url, "/settings/data", { name: workroom }, mover);
  workroom = `Moved house ${randomUUID()}`;
  await post(app.url, "/studios/new", { studio: workroom }, mover);
}

describe("an archive", () => {
  it("restored into an empty workroom and saved again is equal: every row, who saved what, every picture's bytes", async () => {
    expect((await restore(ours, archive)).status).toBe(422);
    const done = await restore(mover, archive);
    expect(done).toEqual({ status: 200, says: "" });
    const again = await contentsOf(await backup(mover));
    expect(Object.keys(files.json).sort()).toEqual(Object.keys(again.json).sort());
    expect(files.lines["versions.ndjson"]?.length).toBeGreaterThan(10);
    expect(files.lines["practice.ndjson"]?.length).toBeGreaterThan(0);
    expect(files.lines["versions.ndjson"]?.some(({ author }) => author !== null)).toBe(true);
    sameOnBothSides(files, again);
  });

  it(`with a bit turned over is refused, or nothing that is in it has changed (${FLIPS} bits)`, async () => {
    let refused = 0;
    for (let i = 0; i < FLIPS; i++) {
      const turned = Buffer.from(archive);
      const at = Math.floor(((i + 0.5) / FLIPS) * turned.length);
      turned[at] = (turned[at] ?? 0) ^ (1 << (i % 8));
      const { status, says } = await restore(mover, turned);
      if (status === 200) {
        sameOnBothSides(files, await contentsOf(await backup(mover)));
        await moveOut();
        continue;
      }
      expect(status).toBe(422);
      expect(says).toMatch(/Nothing was restored\.$/);
      refused++;
    }
    expect(refused).toBeGreaterThan(FLIPS * 0.8);
  });

  it("cut off anywhere, or none at all, is refused", async () => {
    for (const share of [0, 0.1, 0.5, 0.9, 0.999])
      expect((await restore(mover, archive.subarray(0, Math.floor(archive.length * share)))).status).toBe(422);
    expect((await restore(mover, Buffer.from("no archive at all"))).status).toBe(422);
  });
});

describe("an archive that was made to do harm", () => {
  type Row = Readonly<Record<string, unknown>>;
  const rows = (name: string): readonly Row[] => files.lines[name] ?? [];
  const ndjson = (all: readonly unknown[]) => all.map((one) => `${JSON.stringify(one)}\n`).join("");
  /** The demo's rows of one client, with others in the place of some. */
  const withRows = (change: Readonly<Record<string, (all: readonly Row[]) => readonly unknown[]>>) =>
    Object.fromEntries([
      ["manifest.json", JSON.stringify(files.json["manifest.json"])],
      ...Object.keys(files.lines).map((name) => [name, ndjson((change[name] ?? ((all) => all))(rows(name)))]),
    ]);
  const first = (change: Row) => (all: readonly Row[]) => all.map((row, i) => (i === 0 ? { ...row, ...change } : row));
  const many = (count: number) => (all: readonly Row[]) =>
    Array.from({ length: count }, (_, i) => ({ ...all[0], file: {}, number: i + 1, basedOn: null }));

  it.each<[string, () => Readonly<Record<string, string | Buffer>>, RegExp]>([
    ["a version numbered 2³¹ − 1", () => withRows({ "versions.ndjson": first({ number: 2 ** 31 - 1 }) }), /number/],
    ["a version that comes twice", () => withRows({ "versions.ndjson": (all) => [all[0], ...all] }), /Version 2 of/],
    ["a version that is missing", () => withRows({ "versions.ndjson": (all) => all.slice(1) }), /Version 1 of/],
    ["a version without its base", () => withRows({ "versions.ndjson": first({ basedOn: 9 }) }), /Version 9 of/],
    ["50,000 versions", () => withRows({ "versions.ndjson": many(50_000) }), /number: .*10000/],
    ["a NUL in a name", () => withRows({ "clients.ndjson": first({ name: "a\u0000b" }) }), /a sign that no text/],
    ["half of a sign", () => withRows({ "clients.ndjson": first({ name: "a\ud800b" }) }), /a sign that no text/],
    [
      "an absurd date",
      () => withRows({ "clients.ndjson": first({ createdAt: "+275000-01-01T00:00:00Z" }) }),
      /createdAt/,
    ],
    ["a day that never was", () => withRows({ "garments.ndjson": first({ dueOn: "0000-01-01" }) }), /dueOn/],
    ["a garment of nobody", () => withRows({ "clients.ndjson": () => [] }), /who is not in the archive/],
    ["a fitting of no version", () => withRows({ "fittings.ndjson": first({ version: 900 }) }), /Version 900 of/],
    ["the same client twice", () => withRows({ "clients.ndjson": (all) => [all[0], ...all] }), /twice/],
    ["what nests without end", () => ({ ...withRows({}), "clients.ndjson": "[".repeat(1_000_000) }), /is not whole/],
    [
      "a line that unfolds to 60 MB",
      () => ({ ...withRows({}), "clients.ndjson": Buffer.alloc(60_000_000, 32) }),
      /longer than any/,
    ],
    ["another format", () => ({ "manifest.json": '{"format":"gamine-studio/9","name":"x","settings":{}}' }), /format/],
  ])("is refused for %s, in a sentence", async (_what, entries, says) => {
    const answer = await restore(mover, await zipOf(entries()));
    expect(answer).toEqual({ status: 422, says: expect.stringMatching(says) });
    expect(answer.says).toMatch(/Nothing was restored\.$/);
  });

  it("is refused where it is encrypted", async () => {
    const locked = await zipOf(withRows({}));
    // The flag of the first entry, in the list of entries.
    const at = locked.indexOf(Buffer.from([0x50, 0x4b, 1, 2]));
    locked[at + 8] = (locked[at + 8] ?? 0) | 1;
    expect(await restore(mover, locked)).toEqual({ status: 422, says: expect.stringMatching(/is encrypted/) });
  });

  it("leaves nothing on the disk, and a workroom as empty as it was", async () => {
    expect(readdirSync(tmpdir()).filter((name) => name.startsWith("gamine-archive-"))).toEqual([]);
    expect((await restore(mover, archive)).status).toBe(200);
  });

  it("of the format before is taken over as it was", async () => {
    const earlier = {
      "manifest.json": JSON.stringify({ format: "gamine-studio/1", name: "Old", settings: {} }),
      "clients.ndjson": ndjson(rows("clients.ndjson")),
      "garments.ndjson": ndjson(
        rows("garments.ndjson").map(({ latestVersion: _latest, ...garment }) => ({
          ...garment,
          versions: rows("versions.ndjson").filter(({ garmentId }) => garmentId === garment.id),
          fittings: [],
        })),
      ),
    };
    expect((await restore(mover, await zipOf(earlier))).status).toBe(200);
    const again = await contentsOf(await backup(mover));
    expect(again.lines["versions.ndjson"]).toHaveLength(rows("versions.ndjson").length);
  });
});
