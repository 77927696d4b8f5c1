import { By, Key, until } from "selenium-webdriver";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;

/** Two toiles, the coarse and the fine, on a busy machine. */
/** A toile that never hangs is found; how slow a machine is decides nothing. */
const HANGS_MS = 600_000;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
  await she.open("/garments/new");
  await she.choosePoint("t-shirt");
  await she.press("Start the garment");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const hasHung = async () => {
  await browser.driver.wait(until.elementLocated(By.css("[data-fineness=fine]")), HANGS_MS);
  await browser.driver.wait(
    async () => (await browser.driver.findElements(By.css(".toile-progress progress"))).length === 0,
    HANGS_MS,
  );
};
const read = async (id: string) => (await she.find(`[data-read="${id}"] td`)).getText();

/** How many of the picture's pixels are not its background, at a coarse grain. */
const drawn = () =>
  browser.driver.executeScript<number>(`
    const canvas = document.querySelector(".toile-view canvas");
    const small = document.createElement("canvas");
    [small.width, small.height] = [64, 64];
    const context = small.getContext("2d");
    context.drawImage(canvas, 0, 0, 64, 64);
    const { data } = context.getImageData(0, 0, 64, 64);
    let other = 0;
    for (let i = 0; i < data.length; i += 4) if (Math.abs(data[i] - data[0]) + Math.abs(data[i + 2] - data[2]) > 24) other++;
    return other;
  `);

/** The scripts that the page has fetched for the toile, to wear it and to draw it. */
const ofToile = () =>
  browser.driver.executeScript<string[]>(
    "return performance.getEntriesByType('resource').map(({ name }) => name).filter((name) => /(toile|wear-station)[^/]*[.]js/.test(name))",
  );

describe("the Wear station", () => {
  it("adds nothing to what a garment's page loads first", async () => {
    expect(await ofToile()).toEqual([]);
    await she.station("Wear");
    await browser.driver.wait(async () => (await ofToile()).length > 1, HANGS_MS);
  });

  it("sews the garment up and hangs it, and reads figures off it beside what was foretold", async () => {
    await hasHung();
    await she.until("it is drawn", async () => (await drawn()) > 400);
    expect(await read("room.waist")).toMatch(/in$/);
    expect((await browser.driver.findElements(By.css("[data-read]"))).length).toBeGreaterThan(5);
  });

  it("is turned with the arrow keys and looked at from behind", async () => {
    const looks = () =>
      browser.driver.executeScript<string>("return document.querySelector('.toile-view canvas').toDataURL()");
    // It is drawn beside the page, and shows a little later.
    const before = await looks();
    await (await she.find(".toile-view")).sendKeys(Key.ARROW_RIGHT);
    await she.until("it is turned", async () => (await looks()) !== before);
    const turned = await looks();
    await she.press("Back");
    await she.until("it is looked at from behind", async () => (await looks()) !== turned);
    await she.until("it is drawn", async () => (await drawn()) > 400);
  });

  it("has a map of stretch with a legend in words", async () => {
    await she.press("Stretch");
    const legend = await (await she.find(".strain-legend")).getText();
    for (const word of ["loose", "drawn", "very tight"]) expect(legend).toContain(word);
    await she.press("Plain");
  });

  it("raises the arm from the keyboard, and says what that does to the hem", async () => {
    const slider = await she.find("#arm-raised");
    await slider.sendKeys(Key.PAGE_UP, Key.PAGE_UP, Key.PAGE_UP, Key.PAGE_UP, Key.PAGE_UP);
    await browser.driver.wait(until.elementLocated(By.css('[data-read="raise.hem"]')), HANGS_MS);
    await hasHung();
    expect(await read("raise.hem")).toMatch(/in\nto compare only$/);
  });

  it("saves its picture as it is looked at", async () => {
    await she.press("Save the picture");
    const { data, info } = await sharp(await she.downloaded("-worn.png"))
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(info.width).toBeGreaterThan(300);
    // Cloth, and not the background alone.
    const background = data.subarray(0, 3);
    let other = 0;
    for (let i = 0; i < data.length; i += 3) if (Math.abs((data[i] ?? 0) - (background[0] ?? 0)) > 24) other++;
    expect(other / (info.width * info.height)).toBeGreaterThan(0.05);
  });

  it("is stopped, and goes on when it is asked to", async () => {
    await browser.driver.executeScript(`
      new MutationObserver((_, observer) => {
        const stop = document.querySelector(".toile-progress progress ~ button");
        if (!stop) return;
        observer.disconnect();
        stop.click();
      }).observe(document.body, { childList: true, subtree: true });
    `);
    const slider = await she.find("#arm-raised");
    await slider.sendKeys(Key.PAGE_DOWN, Key.PAGE_DOWN);
    await she.press("Wear it");
    await hasHung();
    expect(await browser.driver.findElements(By.xpath('//button[normalize-space(.)="Wear it"]'))).toHaveLength(0);
    expect(await read("raise.hem")).toMatch(/in\nto compare only$/);
  });

  it("looks for the figure that gives what is asked, and changes nothing until the answer is taken", async () => {
    await hasHung();
    const asked = await she.find('select[name="fit-goal"]');
    await (await asked.findElement(By.css('option[value="upper-arm-room"]'))).click();
    const before = await (await she.find('input[name="sleeve.upperArmEase"]')).getAttribute("value");
    await she.write("fit-target", "1 1/2");
    await she.press("Look for it");
    await browser.driver.wait(until.elementLocated(By.css('[data-outcome="met"]')), HANGS_MS);
    expect(await (await she.find('input[name="sleeve.upperArmEase"]')).getAttribute("value")).toBe(before);
    expect(await (await she.find('[data-outcome="met"]')).getText()).toMatch(
      /Room at the upper arm\s+\S+ in\s+1 (3⁄8|7⁄16|1⁄2|9⁄16|5⁄8) in/,
    );
    await she.press("Take it");
    await she.until(
      "the figure is changed",
      async () => (await (await she.find('input[name="sleeve.upperArmEase"]')).getAttribute("value")) !== before,
    );
    await hasHung();
    await she.press("Undo");
    await hasHung();
  });

  it("follows a figure that is changed, beside the one before", async () => {
    await she.press("Keep beside, to compare");
    const before = await read("room.upperArm");
    await she.write("sleeve.upperArmEase", "3");
    await browser.driver.wait(async () => (await read("room.upperArm")) !== before, HANGS_MS);
    await hasHung();
    await she.press("Put the other away");
    expect(await complaints(browser.driver)).toEqual([]);
  });

  it("takes another cloth, typed by whoever has tested it", async () => {
    const pucker = await read("folds.underarm");
    await (await she.find('[aria-label="The cloth"] summary')).click();
    await she.write("cloth.hangs.bendingLength", "350");
    await she.find('[id="cloth.hangs.bendingLength"][aria-invalid="true"]');
    await she.write("cloth.hangs.bendingLength", "35");
    await browser.driver.wait(async () => (await read("folds.underarm")) !== pucker, HANGS_MS);
    await hasHung();
    // It is the garment's own: undone like any figure.
    await she.press("As is usual");
    await she.holds("cloth.hangs.bendingLength", "");
  });

  it("tries a collar let out less, and takes it back with an undo", async () => {
    await she.open("/garments/new");
    await she.choosePoint("blouse");
    await she.press("Start the garment");
    await she.station("Wear");
    await hasHung();
    const out = async () => (await she.find("#collar-let-out")).getAttribute("value");
    const solved = await out();
    await (await she.find("#collar-let-out")).sendKeys(Key.PAGE_DOWN, Key.PAGE_DOWN);
    await browser.driver.wait(until.elementLocated(By.css(".toile-progress progress")), HANGS_MS);
    await hasHung();
    expect(Number(await out())).toBeLessThan(Number(solved));
    for (let undone = 0; undone < 2; undone++) await she.press("Undo");
    await she.until("it is let out as before", async () => (await out()) === solved);
  });

  it("says in a plain sentence when there is no whole garment to wear", async () => {
    await she.open("/garments/new");
    await she.choosePoint("plain-sleeve");
    await she.press("Start the garment");
    await she.station("Wear");
    const says = await browser.driver.wait(until.elementLocated(By.css(".toile-says")), HANGS_MS);
    expect(await says.getText()).toContain("whole garment");
  });
});
