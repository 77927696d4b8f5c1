import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, openBrowser } from "./browser";
import { enterDemo } from "./entering";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let cookie: string;
let form: string;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  cookie = await enterDemo(app.url);
  browser = await openBrowser();
  she = person(browser, app.url);
  await she.open("/clients/new");
  form = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().newWindow("tab");
  await she.open("/");
  await she.press("Harbour blouse");
  await she.station("Sleeve");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

describe("while the database is away", () => {
  it("drafting goes on, and a save that fails says so and loses nothing", async () => {
    app.stopDatabase();
    await she.write("sleeve.upperArmEase", "2 1/8");
    await she.until("the draft follows", async () => (await she.figure("sleeve.capWidth")) === "14 in");
    await she.press("Save");
    await she.until("the failure is told", async () =>
      (await she.find('[data-told="failed"]')).getText().then((text) => text.includes("database is not answering")),
    );
    await she.holds("sleeve.upperArmEase", "2 1/8");
    await she.station("Block");
    await she.station("Block");
    await she.find("svg.sheet .seam");
    await she.station("Card");
    await she.press("One step at a time");
    await she.find('[data-step="1"]');
  });

  it("a page that needs it is a plain one", async () => {
    const response = await fetch(app.url, { headers: { cookie } });
    expect(response.status).toBe(503);
    const text = await response.text();
    expect(text).toContain("The database is not answering");
    expect(text).not.toMatch(/ECONNREFUSED|at async/);
  });

  it("a client's form that cannot be kept stays as it was typed", async () => {
    const garment = await browser.driver.getWindowHandle();
    await browser.driver.switchTo().window(form);
    await she.write("name", "Patient Person");
    await she.press("Add client");
    await she.until("it is told", async () =>
      (await she.pageText()).includes("Not saved: the database is not answering"),
    );
    await she.holds("name", "Patient Person");
    await browser.driver.switchTo().window(garment);
  });

  it("the page comes back by itself when the database does, and so does the unsaved work", async () => {
    await she.open("/");
    await she.until("the plain page is shown", async () =>
      (await she.pageText()).includes("The database is not answering"),
    );
    app.restartDatabase();
    await she.until("the worktable is back", async () => (await she.pageText()).includes("Harbour blouse"));
    await she.press("Harbour blouse");
    await she.station("Sleeve");
    await she.until("the unsaved figure is back", async () => (await she.textIn("sleeve.upperArmEase")) === "2 1/8");
    await she.press("Save");
    await she.until("it is saved now", async () =>
      (await she.find('[data-told="saved"]')).getText().then((text) => text.includes("Saved as version 2")),
    );
  });
});
