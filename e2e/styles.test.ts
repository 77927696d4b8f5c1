import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let garment: string;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
  await she.open("/");
  const link = await browser.driver.findElement(By.linkText("Harbour blouse"));
  garment = new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

async function make(kind: string) {
  await she.chooseKind("sleeve.kind", kind);
}

const numberOf = async (box: string) => Number(await (await she.find(`input[name="${box}"]`)).getAttribute("value"));

describe("a puff sleeve", () => {
  it("is made of the fitted one: strips on the sheet, gathers in numbers, a band for its hem", async () => {
    await she.open(`${garment}/sleeve`);
    await make("puff");
    await she.until(
      "the strips are laid out",
      async () => (await browser.driver.findElements(By.css('svg.sheet [data-line^="strip."]'))).length === 6,
    );
    await she.until(
      "its gathers are told",
      async () => Number.parseFloat(await she.figure("sleeve.gatherRatio.crown")) > 1.2,
    );
    await she.until("its band is as long as the arm asks", async () => / in$/.test(await she.figure("cuff.length")));
  });

  it("is raised and spread by the hand, one step each, and undone", async () => {
    await she.write("sleeve.puff.lift", "1");
    await she.drag("Raised crown", 0, -12);
    await she.until("the crown is higher", async () => (await numberOf("sleeve.puff.lift")) > 1);
    await she.press("Undo");
    await she.holds("sleeve.puff.lift", "1");
    await she.write("sleeve.puff.hemSpread", "3");
    await she.drag("Front end of the hem", 12, 0);
    await she.until("the hem is wider", async () => (await numberOf("sleeve.puff.hemSpread")) > 3);
    await she.press("Undo");
    await she.holds("sleeve.puff.hemSpread", "3");
  });

  it("is told when it is gathered more than the cloth takes, and spread less by one press", async () => {
    await she.write("sleeve.puff.crownSpread", "14");
    await she.until("it is told", async () => (await she.findings()).includes("gathers-bulky"));
    await she.remedy("gathers-bulky", "spread-crown");
    await she.until("it is mended", async () => !(await she.findings()).includes("gathers-bulky"));
  });

  it("matches the armhole below the notches, and its card tells the slashing and the band", async () => {
    await she.station("Match");
    await she.find('[data-thread="shoulder"]');
    await she.station("Card");
    await she.until("the card tells it", async () => {
      const text = await she.pageText();
      return /lay the strips on fresh paper/.test(text) && /Cut the band/.test(text);
    });
  });
});

describe("a bishop sleeve", () => {
  it("keeps the fitted cap, and takes its length from the arm: cuff off, blouse on", async () => {
    await she.station("Sleeve");
    await make("set-in");
    await she.until("the plain cap is back", async () => !(await she.figure("sleeve.cap.front")).includes("NaN"));
    const cap = await she.figure("sleeve.cap.front");
    await make("bishop");
    await she.write("sleeve.length", "23");
    await she.write("sleeve.hem.depth", "3");
    await she.reads("sleeve.finishedLength", "23 in");
    await she.reads("sleeve.cap.front", cap);
  });

  it("is cut with its cuff, and its sheets hold both", async () => {
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    const drawing = (await she.downloaded(".svg")).toString();
    expect(drawing).toContain("Bishop sleeve");
    expect(drawing).toContain("Cuff");
  });

  it("is saved as it is, and found again", async () => {
    await she.press("Save");
    await she.until("it is saved", async () =>
      (await (await she.find("[role=status]")).getText()).includes("Saved as version 2"),
    );
    await browser.driver.navigate().refresh();
    await she.holds("sleeve.hem.depth", "3");
    expect(await (await she.find('[data-kinds="sleeve.kind"]')).getAttribute("data-value")).toBe("bishop");
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
