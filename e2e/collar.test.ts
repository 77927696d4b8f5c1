import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;

beforeAll(async () => {
  app = await startApp();
  browser = await openBrowser();
  she = person(browser, app.url);
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const numberOf = async (box: string) => Number(await (await she.find(`input[name="${box}"]`)).getAttribute("value"));

describe("a stand collar", () => {
  it("is asked for, and fitted to the neckline and the neck", async () => {
    await she.open("/");
    const link = await browser.driver.findElement(By.linkText("Tidewater raglan coat"));
    await she.open(new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "/collar"));
    await she.until("it teaches what it is for", async () => /No collar is wanted/.test(await she.pageText()));
    await (await she.find('select[name="collar.kind"] option[value="stand"]')).click();
    await she.write("body.neck", "14");
    await she.write("collar.ease", "1/2");
    await she.reads("collar.upperEdge", "14 1⁄2 in");
    await she.find('svg.sheet [data-line="neck"]');
  });

  it("is made higher by the hand, and undone", async () => {
    await she.write("collar.height", "1 1/2");
    await she.drag("Height of the collar", 0, -20);
    await she.until("it is higher", async () => (await numberOf("collar.height")) > 1.5);
    await she.press("Undo");
    await she.holds("collar.height", "1 1/2");
  });

  it("is told when a rule of thumb makes it gape, and developed by one press", async () => {
    await she.write("body.neck", "13");
    await (await she.find('select[name="collar.school"] option[value="straight"]')).click();
    await she.until("it is told", async () => (await she.findings()).includes("stand-gapes"));
    await she.remedy("stand-gapes", "develop-collar");
    await she.until("it is mended", async () => !(await she.findings()).includes("stand-gapes"));
    expect(await (await she.find('select[name="collar.school"]')).getAttribute("value")).toBe("developed");
  });

  it("meets the neckline on the ribbons, has a card of its own, and is printed with the sleeve", async () => {
    await she.station("Match");
    await she.until("it matches", async () =>
      / of one length/.test((await (await she.find('[data-ribbons="neckline"]')).getText()).replace(/\n/g, " ")),
    );
    await she.station("Card");
    await she.press("Collar");
    await she.until("the card tells it", async () => /Rule the centre back/.test(await she.pageText()));
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    expect((await she.downloaded(".svg")).toString()).toContain("Stand collar");
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
