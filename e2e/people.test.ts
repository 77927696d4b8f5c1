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

  it("keep the last owner", async () => {
    const left = await post(
      app.url,
      "/settings/people",
      { act: "let-go", id: await memberOf("at this machine") },
      owner,
    );
    expect(left.status).toBeGreaterThanOrEqual(400);
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
