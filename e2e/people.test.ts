import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { connect } from "@database/client";
import { members } from "@database/schema/people";
import { eq } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { enterDemo, post, sessionOf } from "./entering";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let owner = "";
let maker = "";

const PASSWORD = "four quite unlike words";
const EMAIL = "mabel@example.org";

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  owner = await enterDemo(app.url);
  maker = await invited(EMAIL, "maker");
});

afterAll(async () => app?.close());

const page = async (path: string, cookie: string) =>
  (await fetch(`${app.url}${path}`, { headers: { cookie }, redirect: "manual" })).text();
const leadsTo = async (path: string, cookie: string) =>
  (await fetch(`${app.url}${path}`, { headers: { cookie }, redirect: "manual" })).headers.get("location");

async function invited(email: string, role: string): Promise<string> {
  await post(app.url, "/settings/people", { act: "invite", email, role }, owner);
  const link = new RegExp(`data-invited="${email}"[\\s\\S]*?/invitations/([0-9a-f-]{36})`).exec(
    await page("/settings/people", owner),
  )?.[1];
  return sessionOf(await post(app.url, `/invitations/${link}`, { name: "Mabel Quist", password: PASSWORD }));
}

const memberOf = async (email: string) =>
  new RegExp(`data-member="${email}"[\\s\\S]*?name="id" value="([0-9a-f-]{36})"`).exec(
    await page("/settings/people", owner),
  )?.[1] ?? "";

/** The id of one of somebody's workrooms. */
async function studioOf(cookie: string, name: string): Promise<string> {
  const rows = (await page("/account", cookie)).split('name="studio"').slice(1);
  return /value="([0-9a-f-]{36})"/.exec(rows.find((row) => row.includes(name)) ?? "")?.[1] ?? "";
}

describe("people of a workroom", () => {
  it("work in it as what they were invited as, and are seen by the others", async () => {
    expect(await page("/", maker)).toContain("Quayside Workroom");
    expect(await page("/settings/people", owner)).toContain("Mabel Quist");
    const added = await post(app.url, "/clients/new", { name: "Hers", takenOn: "2026-11-20", unit: "in" }, maker);
    expect(added.status).toBe(302);
    // A maker lets nobody in and nobody out.
    expect(
      (await post(app.url, "/settings/people", { act: "invite", email: "x@example.org", role: "owner" }, maker)).status,
    ).toBe(403);
    expect(await page("/settings/data", maker)).toContain("Only an owner");
  });

  it("change their password by the present one, and every other browser of theirs is signed out", async () => {
    const phone = sessionOf(await post(app.url, "/sign-in", { email: EMAIL, password: PASSWORD }));
    const wrong = await post(
      app.url,
      "/account",
      { act: "password", current: "not it at all", next: "five words that differ much" },
      maker,
    );
    expect(wrong.status).toBe(400);
    expect(await wrong.text()).toContain("That is not your present password.");
    const short = await post(app.url, "/account", { act: "password", current: PASSWORD, next: "short" }, maker);
    expect(await short.text()).toContain("at least 10 letters");
    const done = await post(
      app.url,
      "/account",
      { act: "password", current: PASSWORD, next: "five words that differ much" },
      maker,
    );
    maker = sessionOf(done);
    expect(await leadsTo("/clients", phone)).toBe("/sign-in?to=%2Fclients");
    expect(await leadsTo("/clients", maker)).toBeNull();
    expect((await post(app.url, "/sign-in", { email: EMAIL, password: PASSWORD })).status).toBe(401);
  });

  it("are led on to where they wanted to go, and nowhere outside", async () => {
    const inside = await post(app.url, "/sign-in", {
      email: EMAIL,
      password: "five words that differ much",
      to: "/clients",
    });
    expect(inside.headers.get("location")).toBe("/clients");
    for (const to of ["https://evil.example", "//evil.example", "/\\evil.example", "javascript:alert(1)"]) {
      const led = await post(app.url, "/sign-in", { act: "local", to });
      expect(led.headers.get("location"), to).toBe("/");
    }
  });

  it("may look and no more once an owner says so, and are out once they are let go", async () => {
    const id = await memberOf(EMAIL);
    await post(app.url, "/settings/people", { act: "role", id, role: "reader" }, owner);
    const refused = await post(app.url, "/clients/new", { name: "Another", takenOn: "2026-11-20", unit: "in" }, maker);
    expect(refused.status).toBe(403);
    expect(await refused.text()).toContain("You may look here, and change nothing");
    expect(await page("/clients", maker)).toContain("Odile Brandt");
    await post(app.url, "/settings/people", { act: "let-go", id }, owner);
    expect(await leadsTo("/clients", maker)).toBe("/studios/new");
    expect(await page("/clients", maker)).not.toContain("Odile");
  });

  it("who forgot their password get a link from an owner, once, and nobody else does", async () => {
    const ask = (cookie: string, id: string) => post(app.url, "/settings/people", { act: "password", id }, cookie);
    const forgetful = await invited("forgetful@example.org", "maker");
    const id = await memberOf("forgetful@example.org");
    expect((await ask(forgetful, id)).status).toBe(403);
    expect((await ask(owner, "no id")).status).toBe(404);
    const linkIn = async (response: Response) => /\/new-password\/[\w-]{32}/.exec(await response.text())?.[0] ?? "none";
    const first = await linkIn(await ask(owner, id));
    const second = await linkIn(await ask(owner, id));
    expect(second).not.toBe(first);
    const take = (link: string, password: string) => post(app.url, link, { password });
    expect((await take(first, "five words that differ much")).status).toBe(410);
    expect((await take(second, "short")).status).toBe(422);
    const entered = await take(second, "five words that differ much");
    expect(entered.status).toBe(302);
    expect(await page("/", sessionOf(entered))).toContain("Quayside Workroom");
    expect((await take(second, "six words that differ even more")).status).toBe(410);
    expect(await leadsTo("/", forgetful)).toBe("/sign-in");
    expect((await post(app.url, "/sign-in", { email: "forgetful@example.org", password: PASSWORD })).status).toBe(401);
    // With a workroom of their own, of which the owner is none, they are helped by nobody from here.
    await post(app.url, "/studios/new", { studio: "Their own" }, sessionOf(entered));
    const refused = await ask(owner, id);
    expect(refused.status).toBe(403);
    expect(await refused.text()).toContain("also in a workroom of which you are no owner");
  });

  it("who are the only owner get such a link from whoever keeps the machine", async () => {
    const home = mkdtempSync(join(tmpdir(), "gamine-home-"));
    const ask = (email: string) =>
      spawnSync("npx", ["tsx", "scripts/password-link.ts", email], {
        env: { ...process.env, GAMINE_HOME: home },
        encoding: "utf8",
      });
    expect(ask(EMAIL).stderr).toContain("No app runs from");
    writeFileSync(join(home, "running.json"), JSON.stringify({ url: app.url, databaseUrl: app.databaseUrl }));
    expect(ask("nobody@example.org").stderr).toContain("Nobody here signs in as nobody@example.org.");
    await invited("alone@example.org", "maker");
    const link = ask("alone@example.org").stdout.match(/\/new-password\/[\w-]{32}/)?.[0] ?? "none";
    const entered = await post(app.url, link, { password: "seven words that nobody else would choose" });
    expect(await page("/", sessionOf(entered))).toContain("Quayside Workroom");
    rmSync(home, { recursive: true });
  });

  it("delete their account by their password, unless a workroom would be left without an owner", async () => {
    const leaver = await invited("leaver@example.org", "maker");
    const go = (cookie: string, sure: string) => post(app.url, "/account", { act: "delete", sure }, cookie);
    expect((await go(leaver, "not my password")).status).toBe(401);
    await post(app.url, "/studios/new", { studio: "A room of one’s own" }, leaver);
    const kept = await go(leaver, PASSWORD);
    expect(kept.status).toBe(409);
    expect(await kept.text()).toContain("only owner of a workroom");
    await post(app.url, "/account", { act: "switch", studio: await studioOf(leaver, "A room of one’s own") }, leaver);
    await post(app.url, "/settings/data", { name: "A room of one’s own" }, leaver);
    expect((await go(leaver, PASSWORD)).headers.get("location")).toBe("/sign-in");
    expect(await leadsTo("/", leaver)).toBe("/sign-in");
    expect(await page("/settings/people", owner)).not.toContain("leaver@example.org");
    expect((await post(app.url, "/sign-in", { email: "leaver@example.org", password: PASSWORD })).status).toBe(401);
    expect((await go(owner, PASSWORD)).status).toBe(422);
  });

  it("keep the last owner", async () => {
    const { database, close } = connect(app.databaseUrl);
    const [own] = await database.select({ id: members.id }).from(members).where(eq(members.role, "owner"));
    await close();
    const left = await post(app.url, "/settings/people", { act: "let-go", id: own?.id ?? "" }, owner);
    expect(left.status).toBe(400);
    expect(await left.text()).toContain("A workroom needs an owner");
    expect(await page("/", owner)).toContain("Quayside Workroom");
  });

  it("who have a second workroom open one or the other", async () => {
    await post(app.url, "/studios/new", { studio: "Attic room" }, maker);
    expect(await page("/", maker)).toContain("Attic room");
    expect(
      (await post(app.url, "/account", { act: "switch", studio: "00000000-0000-4000-8000-000000000000" }, maker))
        .status,
    ).toBeGreaterThanOrEqual(400);
    expect(await page("/", maker)).toContain("Attic room");
  });
});
