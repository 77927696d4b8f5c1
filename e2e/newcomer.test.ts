import { readdirSync, rmSync } from "node:fs";
import { join } from "node:path";
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

/** What a newcomer has measured of the person in front of her, in the order of the boxes. Invented. */
const OF_A_JACKET: Readonly<Record<string, string>> = {
  bust: "38",
  waist: "31 1/2",
  hip: "41",
  neckBase: "15 1/2",
  shoulderWidth: "15 3/4",
  backLength: "16 1/4",
  frontToBust: "10 3/4",
  bustSpan: "7 1/2",
  armholeGirth: "17",
  upperArm: "12",
  wrist: "6 1/2",
  armLength: "23",
};
const only = (ids: readonly string[]) => Object.fromEntries(ids.map((id) => [id, OF_A_JACKET[id] ?? ""]));
const OF_A_T_SHIRT = only([
  "bust",
  "hip",
  "neckBase",
  "shoulderWidth",
  "backLength",
  "frontToBust",
  "upperArm",
  "armLength",
]);

/** Figures typed and presses of the pointer, counted as she works. */
let typed = 0;
let pressed = 0;

async function press(css: string): Promise<void> {
  pressed++;
  await (await she.find(css)).click();
}
/** Presses the first box and goes on from box to box with Enter; a box that she has no figure for is left empty. */
async function types(figures: Readonly<Record<string, string>>): Promise<void> {
  const [first = ""] = Object.keys(figures);
  await press(`input[name="${first}"]`);
  const left = new Set(Object.keys(figures));
  while (left.size > 0) {
    const name = await browser.driver.executeScript<string>("return document.activeElement.name");
    const box = await browser.driver.switchTo().activeElement();
    const text = figures[name];
    if (text !== undefined) {
      typed++;
      await box.sendKeys(text);
      left.delete(name);
    }
    // Enter in the last box would start the garment at once; she presses the button.
    if (left.size > 0) await box.sendKeys(Key.ENTER);
  }
}
async function begins(
  point: string,
  [client, garment]: readonly [string, string],
  figures: Readonly<Record<string, string>>,
): Promise<void> {
  [typed, pressed] = [0, 0];
  await she.open("/garments/new?client=new");
  await press(`[data-point="${point}"]`);
  await press('input[name="clientName"]');
  await (await browser.driver.switchTo().activeElement()).sendKeys(client, Key.TAB);
  await (await browser.driver.switchTo().activeElement()).sendKeys(garment);
  await types(figures);
  await press('section[aria-label^="Who it is for"] button[type="submit"]');
}
async function prints(what: string, mostTyped: number, mostPressed: number): Promise<void> {
  await she.find("[data-piece], .sheet [data-dim], svg.sheet");
  pressed++;
  await she.press("Print and download");
  await press('form[action="/sheets/sheets.pdf"] button');
  expect((await she.downloaded(".pdf")).subarray(0, 5).toString()).toBe("%PDF-");
  console.info(`From nobody to ${what}, printed: ${typed} figures typed, ${pressed} presses.`);
  expect(typed).toBeLessThanOrEqual(mostTyped);
  expect(pressed).toBeLessThanOrEqual(mostPressed);
  for (const name of readdirSync(browser.downloads)) rmSync(join(browser.downloads, name));
}

describe("a newcomer makes a garment of all its pieces", () => {
  it("is shown what can be made, worn and as its pieces, and asked for the measures of what she chose", async () => {
    await she.open("/garments/new?client=new");
    const boxes = async () =>
      browser.driver.executeScript<readonly string[]>(
        "return [...document.querySelectorAll('section[aria-label^=\"Who it is for\"] .start-boxes input')].map(({ name }) => name)",
      );
    await she.until(
      "the arrow keys choose",
      async () => (await browser.driver.executeScript("return document.activeElement.name")) === "point",
    );
    await she.choosePoint("collar");
    await she.until("the neck is asked for", async () => (await boxes()).includes("neck"));
    expect(await boxes()).toEqual(["block.neckline.backLength", "block.neckline.frontLength", "neckBase", "neck"]);
    await she.choosePoint("off-the-shoulder-top");
    await she.until("round both arms is asked for", async () => (await boxes()).includes("aroundShoulders"));
    await she.choosePoint("jacket");
    await she.until("the bust is asked for", async () => (await boxes()).includes("bustSpan"));
    expect(await boxes()).not.toContain("aroundShoulders");
    for (const id of ["jacket", "cardigan"]) {
      await she.find(`[data-point="${id}"] svg.worn path.of-body`);
      await she.find(`[data-point="${id}"] svg.pieces path`);
    }
    // What is not taken is estimated, and follows what is.
    const standsIn = async () => (await she.find('input[name="waist"]')).getAttribute("placeholder");
    await she.until("the waist is estimated", async () => /^about /.test((await standsIn()) ?? ""));
    const before = await standsIn();
    await she.write("bust", "46");
    await she.until("the estimate follows", async () => (await standsIn()) !== before);
    expect(await (await she.find("[data-figure-of]")).getAttribute("data-figure-of")).not.toBe("");
  });

  it("comes to a printed sleeve for an armhole that was measured with 4 figures and 6 presses at most", async () => {
    await begins("plain-sleeve", ["Sorrel Penhallow", "Loose sleeve"], {
      "block.armhole.front": "8 3/4",
      "block.armhole.back": "9 1/4",
      upperArm: "12",
      armLength: "23",
    });
    await she.find('nav[aria-label="Stations"] a[aria-current="page"][href$="/sleeve"]');
    await prints("a sleeve", 4, 6);
  });

  it("comes to a printed T-shirt with 8 figures and 10 presses at most", async () => {
    await begins("t-shirt", ["Bryony Tallis", "Striped T-shirt"], OF_A_T_SHIRT);
    await prints("a T-shirt", 8, 10);
  });

  it("comes to a printed jacket with 12 figures and 14 presses at most", async () => {
    await begins("jacket", ["Rosalind Quill", "Harvest jacket"], OF_A_JACKET);
    await she.until("the pieces lie there", async () => (await pieces()).length === 10);
    await prints("a jacket", 12, 14);
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
