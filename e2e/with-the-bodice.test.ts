import { By } from "selenium-webdriver";
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

async function openSleeve(name: string) {
  await she.open("/");
  const link = await browser.driver.findElement(By.linkText(name));
  await she.open(new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "/sleeve"));
}

const numberOf = async (box: string) => Number(await (await she.find(`input[name="${box}"]`)).getAttribute("value"));
const marks = async (selector: string) => (await browser.driver.findElements(By.css(selector))).length;

describe("a raglan sleeve", () => {
  it("lies between back and front of its bodice, its meeting point told", async () => {
    await openSleeve("Tidewater raglan coat");
    for (const line of ["sleeve.raglanFront", "front.raglan", "back.raglan", "sleeve.dartFront"]) {
      await she.find(`svg.sheet [data-line="${line}"]`);
    }
    await she.reads("sleeve.capEase", "0 in");
    await she.until("the meeting point is told", async () => / in$/.test(await she.figure("raglan.meetingPoint")));
  });

  it("is changed by the hand at its meeting point, and undone", async () => {
    await she.write("sleeve.raglan.belowHalf", "1/2");
    await she.drag("Front meeting point", 0, 14);
    await she.until("it lies lower", async () => (await numberOf("sleeve.raglan.belowHalf")) > 0.5);
    await she.press("Undo");
    await she.holds("sleeve.raglan.belowHalf", "1/2");
  });

  it("is cut in two with a seam over the arm, and its pairs of edges are of one length", async () => {
    await (await she.find('select[name="sleeve.cut"] option[value="two-piece"]')).click();
    await she.find('svg.sheet [data-line="sleeveFront.overArm"]');
    await she.station("Match");
    await she.find('[data-ribbons="raglan.front"]');
    expect(await marks("[data-ribbons]")).toBe(3);
    await she.until("they match", async () => ((await she.pageText()).match(/of one length/g) ?? []).length === 3);
    const walk = await she.find("[data-walk]");
    await browser.driver.executeScript(
      "const box = arguments[0]; Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(box, box.max); box.dispatchEvent(new Event('input', { bubbles: true }));",
      walk,
    );
    const says = await she.find("[data-walk-says]");
    await she.until("it ends at the neck", async () => /At the neck nothing is over/.test(await says.getText()));
  });

  it("comes out on paper with front and back, and its card tells the turning of the shoulder parts", async () => {
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    const drawing = (await she.downloaded(".svg")).toString();
    for (const piece of ["Front of the sleeve", "Back of the sleeve", "Front raglan"]) expect(drawing).toContain(piece);
    await browser.driver.navigate().refresh();
    await she.station("Card");
    await she.until("the card tells it", async () => /shoulder parts/.test(await she.pageText()));
  });
});

describe("a kimono sleeve", () => {
  it("is told when its neck does not go over the head, and widened by one press", async () => {
    await openSleeve("Regatta kimono top");
    await she.write("sleeve.kimono.neckOut", "0");
    await she.write("sleeve.kimono.frontDown", "0");
    await she.until("it is told", async () => (await she.findings()).includes("head-will-not-pass"));
    await she.remedy("head-will-not-pass", "wider-neck");
    await she.until("it is mended", async () => !(await she.findings()).includes("head-will-not-pass"));
    expect(await numberOf("sleeve.kimono.neckOut")).toBeGreaterThan(0);
  });

  it("gets a gusset of the size its angle asks, and keeps the last good draft where no sleeve is left", async () => {
    await she.write("sleeve.kimono.gusset", "6");
    await she.until("the gusset is told", async () => / in$/.test(await she.figure("kimono.gusset.width")));
    await she.write("sleeve.length", "1");
    await she.until("it is said", async () => /give no sleeve/.test(await she.pageText()));
    await she.find('svg.sheet [data-line="front.overArm"]');
    await she.remedy("no-room-in-sleeve", "where-drawn");
    await she.until("it is drawn again", async () => !/give no sleeve/.test(await she.pageText()));
  });
});

describe("an off-shoulder and a dropped sleeve", () => {
  it("tell their elastic, and the bands of the cardigan", async () => {
    await openSleeve("Verandah top");
    await she.reads("elastic.shoulders", "38 1⁄2 in");
    await she.drag("Front upper edge", 0, 10);
    await she.until("the edge is lower", async () => (await numberOf("sleeve.offShoulder.drop")) > 6);
    await openSleeve("Moorings cardigan");
    await she.until("the neck band is told", async () => / in$/.test(await she.figure("band.neck")));
    await she.drag("Crown", 0, -10);
    await she.until("the cap is higher", async () => (await numberOf("sleeve.capHeightChange")) > 0);
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
