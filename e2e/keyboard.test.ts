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

const MOST = 45;

describe("the main job by keyboard alone", () => {
  it(`from the worktable to a printed sleeve for a new client takes at most ${MOST} keys, those that write among them`, async () => {
    await she.open("/");
    await keys("g", "n");
    await she.until("what is to be made is in focus", async () => (await inFocus()) === "point");
    // The sleeve alone is the last but one.
    await keys(Key.ARROW_UP, Key.ARROW_UP);
    const chosen = "return document.querySelector('[name=point]:checked').value";
    await she.until("a sleeve is chosen", async () => (await browser.driver.executeScript(chosen)) === "plain-sleeve");
    // A new client, her name and what was measured; Enter goes on from box to box, and from the last one starts.
    await keys(Key.TAB, "A");
    await she.find('input[name="clientName"]');
    await keys(Key.TAB, "Ana", Key.TAB, Key.TAB);
    for (const [box, text] of [
      ["block.armhole.front", "9"],
      ["block.armhole.back", "9.5"],
      ["armholeGirth", ""],
      ["upperArm", "12"],
      ["wrist", ""],
      ["armLength", "23"],
    ] as const) {
      await she.until(`${box} is in focus`, async () => (await inFocus()) === box);
      await keys(text, Key.ENTER);
    }
    await she.find('nav[aria-label="Stations"] a[aria-current="page"][href$="/sleeve"]');
    await she.find("svg.sheet [data-dim]");
    await she.find("[data-find-figure]");
    // Its ease is found by letters and typed where it is found; kept.
    await keys("f");
    await she.until("a figure is looked for", async () => /find/i.test(await inFocus()));
    await keys("cap e", Key.ENTER);
    await she.until("the ease is in hand", async () => (await inFocus()).endsWith("sleeve.capEase"));
    await keys("3/8");
    await withControl("s");
    await she.find('[data-told="saved"]');
    expect(await she.figure("sleeve.capEase")).toBe("3⁄8 in");
    // Printed at true size.
    await keys(Key.ESCAPE, "p");
    await she.until("printing is in focus", async () => (await inFocus()).startsWith("Print on A4"));
    await keys(Key.ENTER);
    expect((await she.downloaded(".pdf")).subarray(0, 5).toString()).toBe("%PDF-");
    console.info(`${pressed} keys`);
    expect(pressed).toBeLessThanOrEqual(MOST);
  });
});
