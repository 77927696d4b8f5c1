import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { MEASURE_IDS } from "@core/body/index";
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let me: Person;

beforeAll(async () => {
  // A tape may be pressed at one process of the server and listened to at another.
  app = await startApp(inject("preparedDatabase"), 2);
  browser = await openBrowser();
  me = person(browser, app.url);
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const focused = () => browser.driver.switchTo().activeElement();
const slips = async () =>
  Promise.all((await browser.driver.findElements(By.css("[data-slip]"))).map((slip) => slip.getAttribute("data-slip")));

/** Makes the field of a date hold this day, however the browser writes dates. */
async function setDay(day: string) {
  await me.find('input[name="takenOn"]');
  await browser.driver.executeScript(
    `const box = document.querySelector('input[name="takenOn"]');
     Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(box, arguments[0]);
     box.dispatchEvent(new Event("input", { bubbles: true }));`,
    day,
  );
}

describe("measuring a client", () => {
  it("finds a measurement by its everyday name, and shows where the tape goes", async () => {
    await me.open("/clients/new");
    await me.write("name", "Wren Aldous");
    const search = await me.find('input[type="search"]');
    await search.sendKeys("biceps");
    await me.until(
      "only it is left",
      async () => (await browser.driver.findElements(By.css("[data-measure]"))).length === 1,
    );
    await (await me.find('input[name="upperArm"]')).click();
    await me.find('[data-figure-of="upperArm"]');
    expect(await me.pageText()).toContain("arm relaxed");
    await search.sendKeys(Key.chord(Key.CONTROL, "a"), Key.BACK_SPACE);
    await me.until(
      "all are back",
      async () => (await browser.driver.findElements(By.css("[data-measure]"))).length === MEASURE_IDS.length,
    );
  });

  it("goes on to the next box at Enter, one hand on the keyboard", async () => {
    await setDay("2026-03-02");
    await (await me.find('input[name="bust"]')).click();
    for (const figure of ["36 1/2", "", "", "28", "39"]) await focused().sendKeys(figure, Key.ENTER);
    await me.holds("bust", "36 1/2");
    await me.holds("waist", "28");
    await me.holds("hip", "39");
    expect(await focused().getAttribute("name")).toBe("neckBase");
  });

  it("marks what stands in for a measurement that was not taken, with its rule", async () => {
    const box = await me.find('input[name="shoulderWidth"]');
    expect(await box.getAttribute("placeholder")).toMatch(/^\d+ .* est\.$|^\d+.* est\.$/);
    await box.click();
    expect(await (await me.find('[data-estimate="shoulderWidth"]')).getText()).toMatch(
      /0\.11 × height.*0\.096 × upper bust.*open data set/s,
    );
  });

  it("catches slips of the tape as they are written, with the reason, and lets them be kept", async () => {
    await me.write("elbow", "6 1/4");
    await me.write("wrist", "10 3/4");
    await me.until("the slip is seen", async () => (await slips()).includes("wrist-over-elbow"));
    expect(await me.pageText()).toContain("may have changed places");
    await me.write("elbow", "10 3/4");
    await me.write("wrist", "6 1/4");
    await me.until("it is gone", async () => (await slips()).length === 0);
  });

  it("takes left and right where they differ, and warns when they differ by too much", async () => {
    await me.write("upperArm", "11 1/2");
    await me.press("Upper-arm girth: left and right");
    await me.holds("upperArm.left", "11 1/2");
    await me.write("upperArm.left", "12 1/2");
    await me.until("it is seen", async () => (await slips()).includes("left-right"));
    await me.write("upperArm.left", "11 3/4");
    await me.until("it is well", async () => (await slips()).length === 0);
    await browser.driver.navigate().refresh();
    await me.until("nothing is lost", async () => (await me.textIn("upperArm.left")) === "11 3/4");
    await me.press("Add client");
    await me.until("the client is there", async () =>
      /\/clients\/[0-9a-f-]{36}$/.test(await browser.driver.getCurrentUrl()),
    );
    expect(await (await me.find('[data-measure="upperArm.left"]')).getText()).toMatch(/left\s+11 3⁄4 in/);
  });

  it("keeps a dated history, says what changed, and draws it over time", async () => {
    await me.press("Measure again");
    await setDay("2026-09-14");
    await me.write("waist", "29 1/4");
    await me.press("Keep these measures");
    await me.until("the client's page is back", async () =>
      /[0-9a-f-]{36}$/.test(await browser.driver.getCurrentUrl()),
    );
    await me.until("the change is told", async () =>
      /\+1 1⁄4/.test(await (await me.find('[data-measure="waist"]')).getText()),
    );
    await me.find('[data-chart="history"] svg');
    expect(await complaints(browser.driver)).toEqual([]);
  });

  it("hands the measures out as CSV and takes them in, all or nothing", async () => {
    await (await me.find('a[href$="measures.csv"]')).click();
    const csv = (await me.downloaded(".csv")).toString();
    expect(csv).toMatch(/^date,measure,term,side,length,unit\n2026-03-02,bust,Bust girth,,36\.5,in\n/);
    await takeIn(csv.replace("bust", "nose"));
    await me.until("the line is named", async () => /Line 2: “nose”/.test(await me.pageText()));
    await takeIn(csv);
    await me.until("nothing is new", async () => /already here/.test(await me.pageText()));
    await takeIn("date,measure,length\n2025-01-20,biceps,11 1/4\n2025-01-20,waist,27\n");
    await me.until("one is new", async () => /One measuring was taken in/.test(await me.pageText()));
    await me.until("it stands in the table", async () =>
      /27 in/.test(await (await me.find('[data-measure="waist"]')).getText()),
    );
  });

  it("tells a garment that its client measures otherwise now, and takes the figures over", async () => {
    await me.press("New garment");
    await me.write("name", "Trial blouse");
    await me.press("Start the garment");
    await me.until("it is open", async () => /garments\/.*\/\w+$/.test(await browser.driver.getCurrentUrl()));
    await me.station("Measures");
    await me.holds("body.upperArm", "11 3/4");
    await me.write("body.waist", "28");
    await me.find("[data-newer-measures]");
    await me.press("Take the new figures over");
    await me.until("they are taken", async () => (await me.textIn("body.waist")) === "29 1/4");
    expect(await browser.driver.findElements(By.css("[data-newer-measures]"))).toEqual([]);
  });
});

async function takeIn(csv: string) {
  const path = join(browser.downloads, "given.csv");
  writeFileSync(path, csv);
  await (await me.find('input[name="csv"]')).sendKeys(path);
  await me.press("Take measures in");
}

describe("the practice tape", () => {
  it("writes its readings into the box in focus and goes on, through lost lines and repeats", async () => {
    await me.open("/clients/new");
    await me.press("Connect the practice tape");
    await me.find('[data-tape="listening"]');
    await (await me.find('input[name="bust"]')).click();
    // The third is sent twice and before the fourth the line drops, by design of the practice tape.
    const lengths = [36, 34, 31, 28, 39, 15, 13.5, 22].map((inches) => Math.round(inches * 16) / 16);
    const names = ["bust", "upperBust", "underbust", "waist", "hip", "neckBase", "neck", "head"];
    for (const [i, inches] of lengths.entries()) {
      await pull(inches);
      await me.press("Press its button");
      await me.until(`${names[i]} is written`, async () => (await me.textIn(names[i] ?? "")) !== "");
    }
    expect(await Promise.all(names.map((name) => me.textIn(name)))).toEqual([
      "36",
      "34",
      "31",
      "28",
      "39",
      "15",
      "13 1/2",
      "22",
    ]);
    expect(await focused().getAttribute("name")).toBe("shoulderWidth");
    await me.holds("shoulderWidth", "");
  });

  it("says so when there is no box for a reading, and is put away", async () => {
    await browser.driver.executeScript("document.activeElement.blur()");
    await me.press("Press its button");
    await me.find('[data-tape-last="left"]');
    await me.press("Put the tape away");
    await me.find('[data-tape="off"]');
  });
});

/** Pulls the tape out to a length without taking the focus from the box, as a hand does. */
async function pull(inches: number) {
  await browser.driver.executeScript(
    `const slider = document.querySelector("[data-tape-slider]");
     Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(slider, arguments[0]);
     slider.dispatchEvent(new Event("input", { bubbles: true }));`,
    inches * 25.4,
  );
}
