import { Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let pressed = 0;

/** Every key that goes down counts, those that write as well. */
async function keys(...texts: readonly string[]): Promise<void> {
  for (const text of texts)
    for (const key of text) {
      pressed++;
      await browser.driver.actions({ async: true }).sendKeys(key).perform();
    }
}
async function withControl(key: string): Promise<void> {
  pressed += 2;
  await browser.driver.actions({ async: true }).keyDown(Key.CONTROL).sendKeys(key).keyUp(Key.CONTROL).perform();
}
const inFocus = () =>
  browser.driver.executeScript<string>(
    "const at = document.activeElement; return at.name || at.id || at.getAttribute('aria-label') || at.textContent.trim().slice(0, 40)",
  );

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

describe("the main job by keyboard alone", () => {
  it("from the worktable to a printed sleeve for a new client takes fewer than 120 keys, those that write among them", async () => {
    await she.open("/");
    await keys("g", "n");
    await she.until("whom it is for is in focus", async () => (await inFocus()) === "client");
    // A new client, her name and what was measured; Enter goes on from box to box.
    await keys("A", Key.TAB, "Blouse", Key.TAB, "Ana", Key.TAB);
    await she.until("the bust is in focus", async () => (await inFocus()) === "bust");
    const measures = { bust: "36", upperArm: "11.5", wrist: "6.5", armLength: "22.5" } as const;
    for (const id of [
      "bust",
      "waist",
      "hip",
      "neckBase",
      "shoulderWidth",
      "armholeGirth",
      "backLength",
      "upperArm",
      "wrist",
    ]) {
      const text = Object.entries(measures).find(([one]) => one === id)?.[1] ?? "";
      await keys(text, Key.ENTER);
    }
    await keys(measures.armLength, Key.TAB);
    await she.until("what is to be made is in focus", async () => (await inFocus()) === "point");
    await keys(Key.ARROW_DOWN);
    await keys(Key.ENTER);
    await she.until("the garment is open", async () => (await browser.driver.getCurrentUrl()).includes("/pieces"));
    await she.find("svg.sheet");
    // To the sleeve, its ease, kept.
    await keys("3");
    await she.find('nav[aria-label="Stations"] a[aria-current="page"][href$="/sleeve"]');
    await she.find('[data-fields] input[name="sleeve.capEase"]');
    await keys("b");
    for (let i = 0; i < 8 && (await inFocus()) !== "sleeve.capEase"; i++) await keys(Key.TAB);
    expect(await inFocus()).toBe("sleeve.capEase");
    await withControl("a");
    await keys("3/8", Key.ESCAPE);
    await withControl("s");
    await she.find('[data-told="saved"]');
    expect(await she.figure("sleeve.capEase")).toBe("3⁄8 in");
    // Printed at true size.
    await keys("p");
    await she.until("printing is in focus", async () => (await inFocus()).startsWith("Print on A4"));
    await keys(Key.ENTER);
    expect((await she.downloaded(".pdf")).subarray(0, 5).toString()).toBe("%PDF-");
    await keys("9");
    await she.find('[data-step="1"], [data-steps], .card-step, ol');
    console.info(`${pressed} keys`);
    expect(pressed).toBeLessThan(120);
  });
});
