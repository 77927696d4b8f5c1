import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openAsDemo, openBrowser, setSize } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let garment: string;

/** Somebody who has never folded anything. */
beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  await openAsDemo(browser.driver, app.url);
  she = person(browser, app.url, { isKnown: true });
  await she.open("/");
  await she.press("Silk noil dress");
  await she.station("Sleeve");
  await she.find('[data-dim="sleeve.capWidth"]');
  garment = new URL(await browser.driver.getCurrentUrl()).pathname.replace(/\/[^/]+$/, "");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const widthOf = async (css: string) => (await (await she.find(css)).getRect()).width;
const press = async (css: string) =>
  browser.driver.executeScript(
    "arguments[0].dispatchEvent(new MouseEvent('click', {bubbles: true}))",
    await she.find(css),
  );
const inFocus = () =>
  browser.driver.executeScript<string>(
    "const { activeElement: at } = document; return at.closest('[data-dim]')?.dataset.dim ?? at.name ?? ''",
  );
const keys = (...chord: string[]) =>
  browser.driver
    .actions()
    .sendKeys(...chord)
    .perform();

describe("the bench", () => {
  it("meets a newcomer with the draft: 990 pixels of it beside the choices, 1190 with both panels folded", async () => {
    expect(await widthOf(".work-sheet")).toBeGreaterThanOrEqual(990);
    expect((await browser.driver.findElements(By.css("[data-finding]"))).length).toBe(0);
    expect(await (await she.find('[data-side] [data-count="fault"]')).getText()).toContain("1");
    await browser.driver.actions().keyDown(Key.CONTROL).sendKeys(Key.ARROW_LEFT).keyUp(Key.CONTROL).perform();
    await she.until("both are folded", async () => (await widthOf(".work-sheet")) >= 1190);
    await browser.driver.actions().keyDown(Key.CONTROL).sendKeys(Key.ARROW_LEFT).keyUp(Key.CONTROL).perform();
    await she.find('[data-fields] [name="sleeve.upperArmEase"]');
  });

  it("marks what was found at the figure that mends it, and mends it there", async () => {
    await she.find('[data-dim="sleeve.capHeight"] .figure-sign');
    await press('[data-dim="sleeve.capHeight"] .figure-words');
    await she.find('[data-card="sleeve.capHeight"] [data-card-finding="cap-too-long"]');
    await press("[data-card] [data-remedy]");
    await she.until(
      "the sign is gone",
      async () => (await browser.driver.findElements(By.css(".figure-sign.fault"))).length === 0,
    );
  });

  it("types a figure where it lies, goes to the next with Enter, and back to the figure with Escape", async () => {
    await press('[data-dim="sleeve.capWidth"] .figure-words');
    await she.until("its box is in focus", async () => (await inFocus()) === "sheet.sleeve.upperArmEase");
    const before = await (await she.find('[data-dim="sleeve.capWidth"] .figure-words')).getText();
    await keys("3");
    await she.until(
      "the width on the sheet is another",
      async () => (await (await she.find('[data-dim="sleeve.capWidth"] .figure-words')).getText()) !== before,
    );
    expect(await (await she.find(".figure-card-effect")).getText()).toContain("Since opened");
    await keys(Key.ARROW_UP);
    expect(await (await she.find("[data-card] input")).getAttribute("value")).toMatch(/^3 1\/16$/);
    await keys(Key.ENTER);
    await she.until("the next figure is open", async () => (await inFocus()) !== "sheet.sleeve.upperArmEase");
    const next = await (await she.find("[data-card]")).getAttribute("data-card");
    await keys(Key.ESCAPE);
    await she.until("it is closed, and its figure in focus", async () => (await inFocus()) === next);
    expect((await browser.driver.findElements(By.css("[data-card]"))).length).toBe(0);
    await she.press("Undo");
  });

  it("says every figure's name, value and state, and lights it while its box is written in", async () => {
    const names = await Promise.all(
      (await browser.driver.findElements(By.css("[data-figure-button]"))).map((one) => one.getAttribute("aria-label")),
    );
    expect(names.length).toBeGreaterThan(4);
    for (const name of names) expect(name).toMatch(/^.+, .+ in, (given by hand|usual|measured)/);
    await (await she.find('[data-fields] input[name="sleeve.upperArmEase"]')).click();
    await she.find('.figure-mark.lit[data-dim="sleeve.capWidth"]');
    await keys(Key.ESCAPE);
  });

  it("finds a figure by its letters, also where it is folded away", async () => {
    await (await she.find("[data-find-figure]")).sendKeys("notch");
    await she.find('input[name="sleeve.notches.front"]');
    expect((await browser.driver.findElements(By.css('input[name="sleeve.capEase"]'))).length).toBe(0);
    await (await she.find("[data-find-figure]")).sendKeys(Key.ESCAPE);
  });

  it("takes back in one step a choice that empties a figure", async () => {
    await she.open("/");
    await she.press("Lamplighter jacket");
    await she.station("Collar");
    await she.write("collar.breakDepth", "12");
    await (await she.find('select[name="collar.breakAt"] option[value="chest"]')).click();
    await she.holds("collar.breakDepth", "");
    await she.press("Undo");
    await she.holds("collar.breakDepth", "12");
    await she.press("Undo");
  });

  it("types a measure where its tape lies on the body", async () => {
    await she.station("Measures");
    await press('[data-body-figure="waist"]');
    await she.until("its box is in focus", async () => (await inFocus()) === "figure.body.waist");
    expect(await (await she.find('[data-body-figure="waist"]')).getAttribute("aria-label")).toMatch(/^Waist girth, /);
    const before = await she.textIn("body.waist");
    await (await she.find('input[name="figure.body.waist"]')).sendKeys(Key.chord(Key.CONTROL, "a"), "31");
    await she.holds("body.waist", "31");
    await she.until(
      "it stands on the body",
      async () => (await (await she.find('[data-body-figure="waist"]')).getText()) === "31",
    );
    await keys(Key.ESCAPE);
    await she.press("Back");
    await she.find('[data-body-figure="backLength"]');
    await she.press("Undo");
    await she.holds("body.waist", before ?? "");
  });

  it("says at an empty station what it is for, and goes on by one press", async () => {
    await she.station("Sleeve");
    await she.chooseKind("sleeve.kind", "none");
    await she.find('[data-empty="sleeve"]');
    await press('[data-kind="sleeve.kind.shelf puff"]');
    await she.find("svg.sheet [data-dim]");
    await she.press("Undo");
    await she.press("Undo");
    expect(await browser.driver.findElements(By.css("[data-empty]"))).toEqual([]);
  });

  it("has no label over one line and none cut, at any station that has boxes", async () => {
    for (const station of ["measures", "block", "sleeve", "collar", "pieces", "cut"]) {
      await she.open(`${garment}/${station}`);
      await she.find("[data-fields] summary, [data-fields] label");
      for (const folded of await browser.driver.findElements(By.css(".fields-part:not([open]) > summary")))
        await folded.click();
      const broken = await browser.driver.executeScript<readonly string[]>(
        `return [...document.querySelectorAll("[data-fields] label")]
          .filter((label) => label.clientWidth > 2 && !label.querySelector("input"))
          .filter((label) => label.getBoundingClientRect().height > 26 || label.scrollWidth > label.clientWidth + 1)
          .map((label) => label.textContent)`,
      );
      expect(broken, station).toEqual([]);
      // What is chosen is written in its box whole: measured as the box writes it.
      const cut = await browser.driver.executeScript<readonly string[]>(
        `const pen = document.createElement("canvas").getContext("2d");
        return [...document.querySelectorAll("[data-fields] select")]
          .filter((select) => select.clientWidth > 2 && select.selectedOptions.length > 0)
          .filter((select) => {
            const { font, paddingLeft, paddingRight } = getComputedStyle(select);
            pen.font = font;
            const room = select.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight);
            return pen.measureText(select.selectedOptions[0].textContent).width > room + 1;
          })
          .map((select) => select.name + ": " + select.selectedOptions[0].textContent)`,
      );
      expect(cut, station).toEqual([]);
    }
  });

  it("has a garment's head in one line on a phone, its card from below, and the figure above it", async () => {
    await she.open("/");
    await she.press("Harbour blouse");
    await she.station("Sleeve");
    await setSize(browser.driver, 390, 844);
    await press('[data-dim="sleeve.capWidth"] .figure-words');
    const card = await (await she.find("[data-card]")).getRect();
    const figure = await (await she.find('[data-dim="sleeve.capWidth"] .figure-words')).getRect();
    expect(card.width).toBe(390);
    expect(Math.abs(card.y + card.height - 844)).toBeLessThan(2);
    expect(figure.y + figure.height).toBeLessThan(card.y);
    expect((await (await she.find('section[aria-label="Garment"]')).getRect()).height).toBeLessThan(56);
    expect(await complaints(browser.driver)).toEqual([]);
    await setSize(browser.driver, 1280, 800);
  });

  it("brings a panel up from below on a phone, taller and away again, and shows one half of the block at a time", async () => {
    await setSize(browser.driver, 390, 844);
    await browser.driver.get((await browser.driver.getCurrentUrl()).replace(/[^/]+$/, "block"));
    const part = async () => (await she.find(".sheet-parts output")).getText();
    expect(await part()).toBe("Back");
    const half = async (side: string) => (await she.find(`[data-half="${side}"]`)).getRect();
    const isInMiddle = ({ x, width }: { x: number; width: number }) => Math.abs(x + width / 2 - 205) < 60;
    expect(isInMiddle(await half("back"))).toBe(true);
    await press('[aria-label="The next part"]');
    expect(await part()).toBe("Front");
    expect(isInMiddle(await half("front"))).toBe(true);
    const sheet = async () => (await (await she.find(".work-sheet")).getRect()).height;
    const whole = await sheet();
    await press(".panel-row .panel-fold");
    expect(await sheet()).toBeLessThan(whole * 0.7);
    expect(isInMiddle(await half("front"))).toBe(true);
    expect(await complaints(browser.driver)).toEqual([]);
    await press('[aria-label="Make the panel taller"]');
    expect(await sheet()).toBe(0);
    await press(".panel-row .panel-fold");
    expect(await sheet()).toBe(whole);
    const low = await browser.driver.executeScript<string[]>(
      `return [...document.querySelectorAll(".bench button, .bench select")]
        .filter((one) => { const { width, height } = one.getBoundingClientRect(); return width > 0 && (height < 43.5 || width < 40); })
        .map((one) => one.outerHTML.slice(0, 120))`,
    );
    expect(low).toEqual([]);
    await setSize(browser.driver, 1280, 800);
  });

  it("turns to the other half by a swipe of a finger", async () => {
    await setSize(browser.driver, 390, 844);
    const tell = (name: string, about: object) => browser.driver.sendDevToolsCommand(name, about);
    await tell("Emulation.setTouchEmulationEnabled", { enabled: true });
    await browser.driver.navigate().refresh();
    const swipe = async (from: number, to: number) => {
      const at = (x: number) => [{ x, y: 400 }];
      await tell("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: at(from) });
      for (let i = 1; i <= 5; i++)
        await tell("Input.dispatchTouchEvent", { type: "touchMove", touchPoints: at(from + ((to - from) * i) / 5) });
      await tell("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    };
    const part = async () => (await she.find(".sheet-parts output")).getText();
    const before = await part();
    await browser.driver.wait(async () => {
      await swipe(300, 120);
      return (await part()) !== before;
    }, 15_000);
    await tell("Emulation.setTouchEmulationEnabled", { enabled: false });
    await setSize(browser.driver, 1280, 800);
  });
});
