import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

/** What a newcomer has measured of the person in front of her. Invented. */
const MEASURED: Readonly<Record<string, string>> = {
  bust: "38",
  waist: "31 1/2",
  hip: "41",
  neckBase: "15 1/2",
  shoulderWidth: "15 3/4",
  armholeGirth: "17",
  backLength: "16 1/4",
  upperArm: "12",
  wrist: "6 1/2",
  armLength: "23",
};
const MOST_TYPED = 12;

describe("a newcomer makes a garment of all its pieces", () => {
  it("comes from nobody measured to a printable jacket within a dozen figures", async () => {
    const began = Date.now();
    await she.open("/garments/new");
    const newClient = await she.find('select[name="client"] option[value="new"]');
    await newClient.click();
    await she.write("clientName", "Rosalind Quill");
    for (const [id, text] of Object.entries(MEASURED)) await she.write(id, text);
    await she.choosePoint("jacket");
    await she.write("name", "Harvest jacket");
    await she.press("Start the garment");
    await she.until("the pieces lie there", async () => (await pieces()).length === 10);
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/sheets.pdf"] button')).click();
    expect((await she.downloaded(".pdf")).subarray(0, 5).toString()).toBe("%PDF-");
    const took = Date.now() - began;
    const typed = Object.keys(MEASURED).length;
    console.info(`From nobody to a printable jacket: ${typed} figures typed, ${(took / 1000).toFixed(1)} s.`);
    expect(typed).toBeLessThanOrEqual(MOST_TYPED);
    await she.press("Print and download");
  });

  it("presses a piece, sees its edges, and follows one to its seam, whose two sides light up", async () => {
    const [front] = await browser.driver.findElements(By.css('[data-piece="frontCentre"]'));
    await browser.driver.executeScript("arguments[0].dispatchEvent(new MouseEvent('click', {bubbles: true}))", front);
    const panel = await she.find('[data-piece-panel="frontCentre"]');
    expect(await panel.getText()).toMatch(/Cut 2, as a mirrored pair/);
    await she.press("Front princess seam");
    await she.find('[data-seam-panel="body.princess.front"]');
    await she.until("both edges light up", async () => (await lit()).length === 2);
    expect(await lit()).toEqual(["frontCentre.princess", "frontSide.princess"]);
    await she.press("Walk");
    await she.until("the walk comes to its end", async () => /nothing is over/.test(await she.pageText()));
  });

  it("shows every seam as a line between two pieces", async () => {
    await she.press("Seam map");
    await she.until(
      "the lines are there",
      async () => (await browser.driver.findElements(By.css("[data-seam]"))).length > 10,
    );
    await she.press("Seam map");
  });

  it("cuts the panels otherwise, and takes it back in one step", async () => {
    await (await she.find('select[name="bodice.panels"] option[value="split"]')).click();
    await she.until("there are three panels to a half", async () => (await pieces()).length === 12);
    await she.press("Undo");
    await she.until("there are two again", async () => (await pieces()).length === 10);
  });

  it("types a figure where it stands on the sheet", async () => {
    await she.station("Collar");
    const figure = await she.find('[data-types="collar.fall"] [data-figure-button]');
    await browser.driver.executeScript("arguments[0].dispatchEvent(new MouseEvent('click', {bubbles: true}))", figure);
    const box = await she.find('[data-card] input[name="sheet.collar.fall"]');
    await box.sendKeys("3");
    await she.until(
      "it stands on the sheet",
      async () => (await (await she.find('[data-types="collar.fall"]')).getText()) === "3",
    );
    await box.sendKeys(Key.ESCAPE);
    await she.press("Turned back, as worn");
    await she.find("[data-worn]");
    await she.press("Undo");
  });

  it("keeps the garment as a starting point of the workroom, without its body, and takes it away again", async () => {
    await she.press("Print and download");
    await she.press("Keep as a starting point");
    await she.until("it is offered", async () => (await offered()).includes("Harvest jacket"));
    await she.choosePoint("jacket");
    await browser.driver.executeScript("window.confirm = () => true");
    await she.press("Take away");
    await she.until("it is gone", async () => !(await offered()).includes("Harvest jacket"));
  });

  it("says which box of a new client cannot be read, and keeps the others", async () => {
    await she.open("/garments/new");
    await (await she.find('select[name="client"] option[value="new"]')).click();
    await she.write("clientName", "Nobody Yet");
    await she.write("bust", "wide");
    await she.write("waist", "30");
    await she.press("Start the garment");
    await she.until("it is told", async () => /“wide” is not a length/.test(await she.pageText()));
    await she.holds("waist", "30");
    // The browser itself notes the refusal; it says nothing else.
    for (const said of await complaints(browser.driver)) expect(said).toContain("status of 422");
  });
});

async function offered(): Promise<readonly string[]> {
  const cards = await browser.driver.findElements(By.css(".point-card"));
  return Promise.all(cards.map(async (card) => (await card.getText()).split("\n")[0] ?? ""));
}

async function pieces(): Promise<readonly string[]> {
  const found = await browser.driver.findElements(By.css("g[data-piece]"));
  return Promise.all(found.map(async (one) => (await one.getAttribute("data-piece")) ?? ""));
}

async function lit(): Promise<readonly string[]> {
  const found = await browser.driver.findElements(By.css("[data-lit]"));
  return (await Promise.all(found.map(async (one) => (await one.getAttribute("data-lit")) ?? ""))).sort();
}
