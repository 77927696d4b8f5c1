import { request } from "node:http";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { UNREADABLE_SUMMARY } from "../core/garment";
import { connect } from "../database/client";
import { listClients } from "../database/queries/clients";
import { addGarment } from "../database/queries/garments";
import { firstStudio } from "../database/queries/studios";
import { type Browser, complaints, openBrowser } from "./browser";
import { enterDemo } from "./entering";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let broken: string;

const FILE = { format: "gamine-garment/1", unit: "mm", name: "Left in the attic", body: { bust: "wide" } };

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  const { database, close } = connect(app.databaseUrl);
  const studio = await firstStudio(database);
  const [client] = (await listClients(database, studio?.id ?? "", 0)).rows;
  if (!studio || !client) throw new Error("the demo has a workroom with clients");
  broken = await addGarment(database, studio.id, {
    clientId: client.id,
    name: FILE.name,
    file: FILE,
    summary: UNREADABLE_SUMMARY,
  });
  await close();
  browser = await openBrowser();
  she = person(browser, app.url);
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

describe("a stored garment that cannot be read", () => {
  it("is in the list without taking it down, opens, and says which figure is wrong", async () => {
    await she.open("/");
    await she.press(FILE.name);
    await she.until("it says why", async () => (await she.pageText()).includes("“wide”"));
    expect(await she.pageText()).toContain("cannot be drafted as it was saved");
  });

  it("keeps what was mended badly, and opens once it is mended well", async () => {
    const write = (text: string) =>
      browser.driver.executeScript(
        `const box = document.getElementById("garment-file");
         Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(box, arguments[0]);
         box.dispatchEvent(new Event("input", { bubbles: true }));`,
        text,
      );
    await write(JSON.stringify(FILE).replace('"wide"', "-4"));
    await she.press("Save as version 2");
    await she.until("the other fault is told", async () => !(await she.pageText()).includes("“wide”"));
    await write(JSON.stringify(FILE).replace('"wide"', "940"));
    await she.press("Save as version 2");
    await she.until("it opens", async () => (await browser.driver.getCurrentUrl()).endsWith(`${broken}/sleeve`));
    await she.find('[role="tab"], nav a[aria-current="page"], [data-fields]');
  });
});

describe("putting away", () => {
  const listed = async () => (await browser.driver.findElements(By.linkText(FILE.name))).length;

  it("takes a garment out of the list, and it can be taken back out", async () => {
    await she.open(`/garments/${broken}/sleeve`);
    await she.press("Print and download");
    // The page of what was put away is called so as well.
    await browser.driver.findElement(By.xpath('//button[normalize-space(.)="Put away"]')).click();
    await she.until("it is put away", async () => (await browser.driver.getCurrentUrl()).includes("/shelves?just="));
    await she.open("/");
    expect(await listed()).toBe(0);
    await she.open("/shelves");
    await she.press("Take back out");
    await she.until("it is open again", async () =>
      (await browser.driver.getCurrentUrl()).endsWith(`${broken}/sleeve`),
    );
    await she.open("/");
    expect(await listed()).toBe(1);
    // That a file mended badly was refused, the browser notes by itself.
    const said = await complaints(browser.driver);
    expect(said.filter((line) => !line.includes("status of 422"))).toEqual([]);
  });

  it("finds clients and garments by a part of their name", async () => {
    await she.open("/search?q=attic");
    expect(await listed()).toBe(1);
    await she.open("/search?q=no%20such%20thing");
    expect(await she.pageText()).toContain("No client and no garment has “no such thing” in its name");
  });
});

describe("the server", () => {
  let cookie = "";
  beforeAll(async () => {
    cookie = await enterDemo(app.url);
  });
  const answer = (method: string, path: string, body = "", more: Record<string, string> = {}) =>
    new Promise<number>((resolve, reject) => {
      const headers = { cookie, origin: app.url, ...more };
      const asked = request(new URL(path, app.url), { method, headers }, (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      });
      asked.on("error", reject);
      asked.end(body);
    });
  const FORM = { "content-type": "application/x-www-form-urlencoded" };

  it("is ready without asking the database", async () => {
    expect(await answer("GET", "/health")).toBe(200);
  });

  it.each(["PUT", "PATCH", "DELETE", "TRACE"])("does not take %s for something else", async (method) => {
    expect(await answer(method, `/garments/${broken}/save`)).toBe(405);
  });

  it("stops at the limit of a body, says a broken one is broken, and a figure out of range is no fault of its own", async () => {
    expect(await answer("POST", "/clients/new", "", { "content-length": "50000000" })).toBe(413);
    expect(
      await answer("POST", "/clients/new", "--x\r\nno", { "content-type": "multipart/form-data; boundary=x" }),
    ).toBe(400);
    const saved = JSON.stringify({ file: { ...FILE, body: {} }, basedOn: 2 ** 31 });
    const status = await answer("POST", `/garments/${broken}/save`, saved, { "content-type": "application/json" });
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    const late = JSON.stringify({ file: { ...FILE, body: {} }, basedOn: 999 });
    expect(await answer("POST", `/garments/${broken}/save`, late, { "content-type": "application/json" })).toBe(200);
  });

  it("takes a name with what no database stores for a name with that left out, or refuses it", async () => {
    for (const name of ["A%00B", "%ED%A0%80"]) {
      const status = await answer("POST", "/clients/new", `name=${name}&takenOn=2026-11-20`, FORM);
      expect(status).toBeLessThan(500);
    }
  });

  it("does not read what nests too deep", async () => {
    const deep = `${"[".repeat(6000)}${"]".repeat(6000)}`;
    const status = await answer("POST", "/sheets/sheets.pdf", new URLSearchParams({ garment: deep }).toString(), FORM);
    expect(status).toBe(422);
  });
});
