import { request } from "node:http";
import { connect } from "@database/client";
import { garments } from "@database/schema/work";
import { eq } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import routes from "../app/routes";
import { enterDemo, post, sessionOf } from "./entering";
import { everyRoute, type Route } from "./every-route";
import { type RunningApp, startApp } from "./running-app";

/** Whoever is not let in gets one of these: led to the door, told so, or told that there is nothing. */
const REFUSED = [302, 400, 401, 403, 404, 405, 410, 415, 421, 422];

let app: RunningApp;
let ours = "";
let theirs = "";
let reader = "";
let garment = "";
let client = "";
let fitting = "";
let photograph = "";
let token = "";

const PIXEL = Buffer.from(
  "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
  "base64",
);

const covered = () => everyRoute({ client, garment, fitting, photograph });

const headersFor = (cookie: string, more: Record<string, string> = {}) => ({
  origin: app.url,
  ...(cookie === "" ? {} : { cookie }),
  ...more,
});

const get = (path: string, cookie: string) =>
  fetch(`${app.url}${path}`, { redirect: "manual", headers: headersFor(cookie) });

function send({ path, sends = {} }: Route, cookie: string): Promise<Response> {
  const isJson = "json" in sends;
  return fetch(`${app.url}${path}`, {
    method: "POST",
    redirect: "manual",
    headers: headersFor(cookie, isJson ? { "content-type": "application/json" } : {}),
    body: isJson ? JSON.stringify(sends.json) : new URLSearchParams(sends as Record<string, string>),
  });
}

/** The address of a page's data, as the pages themselves ask for it. */
const dataOf = (path: string) => path.replace(/^\/(\?|$)/, "/_root$1").replace(/^([^?]*)/, "$1.data");

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  ours = await enterDemo(app.url);
  const page = await (await get("/clients", ours)).text();
  client = /\/clients\/([0-9a-f-]{36})"/.exec(page)?.[1] ?? "";
  const table = await (await get("/", ours)).text();
  garment = /\/garments\/([0-9a-f-]{36})\/[^"]*"[^>]*>Harbour blouse/.exec(table)?.[1] ?? "";
  const logged = await post(
    app.url,
    `/garments/${garment}/fittings`,
    { act: "log", takenOn: "2026-11-20", version: "1" },
    ours,
  );
  fitting = /fittings\/([0-9a-f-]{36})/.exec(logged.headers.get("location") ?? "")?.[1] ?? "";
  const form = new FormData();
  form.set("photograph", new Blob([new Uint8Array(PIXEL)], { type: "image/png" }), "x.png");
  const kept = await fetch(`${app.url}/garments/${garment}/fittings/${fitting}/photographs`, {
    method: "POST",
    headers: headersFor(ours),
    body: form,
  });
  photograph = (await kept.json()).photograph.id;
  const linked = await (
    await post(app.url, `/garments/${garment}/shared`, { act: "make", shows: "pattern", days: "1" }, ours)
  ).text();
  token = /\/shared\/([\w-]{32})/.exec(linked)?.[1] ?? "";
  theirs = sessionOf(
    await post(app.url, "/studios/new", {
      studio: "Next door",
      name: "Ingrid Noor",
      email: "ingrid@example.org",
      password: "four quite unlike words",
    }),
  );
  reader = await invited("reader", "reader@example.org");
});

afterAll(async () => app?.close());

/** Somebody comes into our workroom by a link. */
async function invited(role: string, email: string): Promise<string> {
  await post(app.url, "/settings/people", { act: "invite", email, role }, ours);
  const people = await (await get("/settings/people", ours)).text();
  const link = new RegExp(`data-invited="${email}"[\\s\\S]*?/invitations/([0-9a-f-]{36})`).exec(people)?.[1] ?? "";
  return sessionOf(
    await post(app.url, `/invitations/${link}`, { name: "Somebody", password: "four quite unlike words" }),
  );
}

describe("an intruder", () => {
  it("is set against every route that there is", () => {
    expect([client, garment, fitting, photograph, token].every((one) => one !== "")).toBe(true);
    const shape = (path: string) => path.replace(/\?.*/, "").replace(/^\//, "");
    for (const { path = "", index } of routes) {
      const pattern = index ? /^$/ : new RegExp(`^${path.replace("*", "[^/]+").replace(/:\w+/g, "[^/]+")}$`);
      expect(
        covered().some((one) => pattern.test(shape(one.path))),
        path,
      ).toBe(true);
    }
  });

  it("who is nobody sees nothing and changes nothing, on any address, by any method, forged or not", async () => {
    const [name = "", value = ""] = ours.split("=");
    const forged = [
      `${name}=${value.slice(0, 20)}${value[20] === "x" ? "y" : "x"}${value.slice(21)}`,
      `${name}=${decodeURIComponent(value).split(".")[0]}`,
      `${name}=null`,
    ];
    for (const cookie of ["", ...forged]) {
      for (const route of covered().filter(({ isOpen }) => !isOpen)) {
        for (const path of [route.path, dataOf(route.path)]) {
          const seen = await get(path, cookie);
          const text = await seen.text();
          expect(text, path).not.toMatch(/Odile|Harbour|Ottilie/);
          // Data of a page answers with where to go.
          if (seen.status === 202) expect(text, path).toContain("/sign-in");
          else expect(REFUSED, `${path} ${seen.status}`).toContain(seen.status);
        }
        expect(REFUSED, `POST ${route.path}`).toContain((await send(route, cookie)).status);
      }
    }
  });

  it("from another workroom finds none of ours by its ids, and changes none of it", async () => {
    for (const route of covered().filter(({ isOpen }) => !isOpen)) {
      for (const path of [route.path, dataOf(route.path)]) {
        if (route.isEndless) continue;
        const seen = await get(path, theirs);
        expect(await seen.text(), path).not.toMatch(/Odile|Harbour|Ottilie|Quayside/);
        // Of a route that only takes something the data are none.
        if (!route.isOwn && path === route.path)
          expect([400, 404, 405], `${path} ${seen.status}`).toContain(seen.status);
      }
      // These end their own session and their own workroom.
      if (route.path === "/sign-out" || route.path === "/settings/data") continue;
      const sent = await send(route, theirs);
      expect(await sent.text(), `POST ${route.path}`).not.toMatch(/Odile|Harbour|Ottilie|Quayside/);
      if (!route.isOwn) expect([...REFUSED, 503], `POST ${route.path} ${sent.status}`).toContain(sent.status);
    }
    const { database, close } = connect(app.databaseUrl);
    const [kept] = await database.select().from(garments).where(eq(garments.id, garment));
    await close();
    expect(kept).toMatchObject({ name: "Harbour blouse", latestVersion: 1, stage: "fitted", deletedAt: null });
    expect((await get(`/photographs/${photograph}`, ours)).status).toBe(200);
  });

  it("who may only look changes nothing", async () => {
    expect((await get(`/garments/${garment}/sleeve`, reader)).status).toBe(200);
    for (const route of covered().filter(({ sends }) => sends !== undefined)) {
      const { status } = await send(route, reader);
      // An answer on a card is judged for anybody; whether it can be kept is another matter.
      if (route.path.endsWith("practice-answers")) continue;
      expect([403, 422], `${route.path} ${status}`).toContain(status);
    }
    expect((await get("/settings/backup.zip", reader)).status).toBe(403);
  });

  it("cannot take up an invitation twice, nor one that was taken back", async () => {
    await post(app.url, "/settings/people", { act: "invite", email: "twice@example.org", role: "maker" }, ours);
    const people = await (await get("/settings/people", ours)).text();
    const link = /data-invited="twice@example.org"[\s\S]*?\/invitations\/([0-9a-f-]{36})/.exec(people)?.[1] ?? "";
    const come = () => post(app.url, `/invitations/${link}`, { name: "Twice", password: "four quite unlike words" });
    expect((await come()).status).toBe(302);
    expect((await come()).status).toBe(410);
    expect(await (await get(`/invitations/${link}`, "")).text()).toContain("This invitation was used");
  });

  it("finds nothing by a link that was ended or is too old, and of a pattern no card", async () => {
    expect((await get(`/shared/${token}`, "")).status).toBe(200);
    const page = await (await get(`/shared/${token}`, "")).text();
    expect(page).toContain("Harbour blouse");
    expect(page).not.toMatch(/Odile|Ottilie|Quayside/);
    expect((await get(`/shared/${token}/drawing.svg`, "")).status).toBe(200);
    expect((await get(`/shared/${token}/booklet.pdf`, "")).status).toBe(404);
    const links = await (await get(`/garments/${garment}/shared`, ours)).text();
    const id = /name="id" value="([0-9a-f-]{36})"/.exec(links)?.[1] ?? "";
    await post(app.url, `/garments/${garment}/shared`, { act: "revoke", id }, ours);
    expect((await get(`/shared/${token}`, "")).status).toBe(404);
    expect((await get(`/shared/${token}/drawing.svg`, "")).status).toBe(404);
  });

  it("on another site cannot send anything in somebody's name, whatever it says it sends", async () => {
    const kinds = [
      "text/plain",
      "application/x-www-form-urlencoded",
      "multipart/form-data; boundary=x",
      "application/json",
      "application/zip",
    ];
    const from = [
      { origin: "https://evil.example" },
      { origin: "null" },
      { origin: app.url, "sec-fetch-site": "cross-site" },
      { "sec-fetch-site": "same-site" },
      {},
    ];
    for (const kind of kinds)
      for (const site of from)
        for (const path of [
          `/garments/${garment}/save`,
          `/garments/${garment}/plan`,
          "/settings/restore",
          "/sign-out",
        ]) {
          const response = await fetch(`${app.url}${path}`, {
            method: "POST",
            redirect: "manual",
            headers: { cookie: ours, "content-type": kind, ...site } as Record<string, string>,
            body: "stage=done",
          });
          expect(response.status, `${path} ${kind} ${JSON.stringify(site)}`).toBe(403);
        }
    expect((await get("/account", ours)).status).toBe(200);
  });

  it("is not answered under another name, nor for another method, nor with more than a form holds", async () => {
    const raw = (method: string, path: string, headers: Record<string, string>) =>
      new Promise<number>((resolve, reject) => {
        const asked = request(new URL(path, app.url), { method, headers }, (response) => {
          response.resume();
          resolve(response.statusCode ?? 0);
        });
        asked.on("error", reject);
        asked.end();
      });
    for (const { path } of covered()) {
      expect(await raw("GET", path, { host: "evil.example", cookie: ours }), path).toBe(421);
      expect(await raw("PUT", path, { cookie: ours, origin: app.url }), path).toBe(405);
      const large = { cookie: ours, origin: app.url, "content-length": "3000000000" };
      expect(await raw("POST", path, large), path).toBe(413);
    }
  });

  it("cannot pass a page off as a photograph", async () => {
    const put = async (content: string | Uint8Array, type: string) => {
      const form = new FormData();
      form.set("photograph", new Blob([content as string], { type }), "x.jpg");
      const sent = await fetch(`${app.url}/garments/${garment}/fittings/${fitting}/photographs`, {
        method: "POST",
        headers: headersFor(ours),
        body: form,
      });
      return sent.status;
    };
    expect(await put("<script>alert(1)</script>", "image/jpeg")).toBe(415);
    expect(await put('<svg xmlns="http://www.w3.org/2000/svg"/>', "image/png")).toBe(415);
    const shown = await get(`/photographs/${photograph}`, ours);
    expect(shown.headers.get("content-type")).toBe("image/jpeg");
    expect(shown.headers.get("x-content-type-options")).toBe("nosniff");
  });

  it("cannot have what was typed run as a script, in any text", async () => {
    const script = `"><script>alert("x")</script>`;
    const added = await post(
      app.url,
      "/clients/new",
      { name: script, note: script, takenOn: "2026-11-20", unit: "in" },
      ours,
    );
    const path = added.headers.get("location") ?? "";
    const id = path.split("/").at(-1) ?? "";
    const begun = await post(
      app.url,
      "/garments/new",
      { client: id, point: "work-shirt", name: script, unit: "in" },
      ours,
    );
    const own = begun.headers.get("location")?.split("/")[2] ?? "";
    await post(
      app.url,
      `/garments/${own}/fittings`,
      { act: "log", takenOn: "2026-11-20", version: "1", note: script },
      ours,
    );
    await post(app.url, "/settings", { name: `Quay ${script}`, unit: "in", initials: "<b>" }, ours);
    for (const page of [
      "/",
      "/clients",
      path,
      `/garments/${own}/sleeve`,
      `/garments/${own}/fittings`,
      `/garments/${own}/versions`,
      "/settings",
      `/search?q=${encodeURIComponent(script)}`,
    ]) {
      const response = await get(page, ours);
      const text = await response.text();
      expect(response.status, page).toBe(200);
      expect(text, page).not.toContain(`<script>alert`);
      const policy = response.headers.get("content-security-policy") ?? "";
      const nonce = /'nonce-([^']+)'/.exec(policy)?.[1] ?? "none";
      for (const [, attributes = ""] of text.matchAll(/<script([^>]*)>/g))
        expect(attributes).toContain(`nonce="${nonce}"`);
      expect(policy).toMatch(/default-src 'none'/);
      expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    }
  });

  it("is told nothing of how often it may try a password, and is stopped", async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 14; i++)
      statuses.push(
        (await post(app.url, "/sign-in", { email: "ingrid@example.org", password: `guess ${i} of many` })).status,
      );
    expect(statuses[0]).toBe(401);
    expect(statuses.at(-1)).toBe(429);
  });

  it("is out everywhere once somebody signs out everywhere", async () => {
    const phone = await enterDemo(app.url);
    expect((await get("/account", phone)).status).toBe(200);
    await post(app.url, "/account", { act: "everywhere" }, ours);
    expect((await get("/account", phone)).status).toBe(302);
    expect((await get("/", ours)).status).toBe(302);
  });
});
