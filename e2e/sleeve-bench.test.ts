import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let garment: string;
let dress: string;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
  await she.open("/");
  garment = await pathOf("Harbour blouse");
  dress = await pathOf("Silk noil dress");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

async function pathOf(name: string) {
  const link = await browser.driver.findElement(By.linkText(name));
  return new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
}

async function slide(css: string, value: number) {
  await she.find(css);
  await browser.driver.executeScript(
    `const slider = document.querySelector(arguments[0]);
     Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(slider, arguments[1]);
     slider.dispatchEvent(new Event("input", { bubbles: true }));`,
    css,
    value,
  );
}

describe("the schools side by side", () => {
  it("shows what each gives for this client, and which of them fits", async () => {
    await she.open(`${garment}/sleeve`);
    await she.press("All methods side by side");
    await she.until(
      "all eight are there",
      async () => (await browser.driver.findElements(By.css("[data-method]"))).length === 8,
    );
    expect(await (await she.find('[data-method="fit-first"] [data-surplus]')).getText()).toBe("fits");
    expect(await (await she.find('[data-method="bust-twelfth"] [data-surplus]')).getText()).toMatch(/^\+/);
    await she.find('[data-chart="trade-off"] svg');
  });

  it("moves along the curve of caps that fit, worked out in a worker", async () => {
    await slide("#trade-off-width", 340);
    const label = await she.find('label[for="trade-off-width"]');
    await she.until("the sleeve is so wide", async () => /13 3⁄8 in wide/.test(await label.getText()));
    await she.press("Back to the sheet");
    await she.until("the sheet agrees", async () => (await she.figure("sleeve.capWidth")) === "13 3⁄8 in");
    await she.reads("sleeve.surplus", "0 in");
    await she.press("Undo");
  });

  it("gives them as one page to teach from", async () => {
    await she.open(`${garment}/sleeve?view=methods`);
    await she.press("As a page to teach from");
    const pdf = await getDocument({ data: new Uint8Array(await she.downloaded("methods.pdf")), verbosity: 0 }).promise;
    expect(pdf.numPages).toBe(1);
    const text = (await (await pdf.getPage(1)).getTextContent()).items
      .map((item) => ("str" in item ? item.str : ""))
      .join(" ");
    for (const name of ["Fit first", "Bust twelfth", "Five-sixths depth", "Dropped"]) expect(text).toContain(name);
  });

  it("takes one of them, and says how far its cap is off", async () => {
    await she.press("Take Bust twelfth");
    await she.press("Back to the sheet");
    await she.until("it is told", async () => (await she.findings()).includes("cap-too-long"));
    await she.press("Undo");
    await she.press("All methods side by side");
    await she.press("Take Chosen height");
    await she.press("Back to the sheet");
    await she.write("sleeve.capHeight", "5");
    await she.until("the chosen height is taken", async () => (await she.figure("sleeve.capHeight")) === "5 in");
    await she.press("Undo");
    await she.press("Undo");
    await she.until("fit first is back", async () => (await she.figure("sleeve.surplus")) === "0 in");
  });
});

describe("a turned-up hem", () => {
  it("is drawn below the hem, told on the card, and taken back", async () => {
    await she.open(`${garment}/sleeve`);
    await she.write("sleeve.hemTurnUp", "1 1/2");
    await she.find('svg.sheet [data-line="turnUp"]');
    await she.station("Card");
    await she.until("the step is there", async () =>
      /For the turn-up, rule a line 1 1⁄2 in below/.test(await she.pageText()),
    );
    await she.press("Undo");
    await she.until("it is gone", async () => !/For the turn-up/.test(await she.pageText()));
  });
});

describe("the sleeve below its cap", () => {
  it("takes an elbow dart, drawn, told on the card and undone", async () => {
    await she.open(`${garment}/sleeve`);
    await she.write("sleeve.elbowDart", "3/4");
    await she.find('svg.sheet [data-line="elbowDart"]');
    await she.station("Card");
    await she.until("the step is there", async () =>
      /swing the lower sleeve to the front until P has opened by 3⁄4 in/.test(await she.pageText()),
    );
    await she.press("Undo");
    await she.until("it is gone", async () => !/swing the lower sleeve/.test(await she.pageText()));
  });

  it("is cut in two from the same cap: two pieces on the sheet, on the card and on paper", async () => {
    await she.station("Sleeve");
    const cap = await she.figure("sleeve.cap.front");
    await (await she.find('select[name="sleeve.cut"] option[value="two-piece"]')).click();
    await she.find('svg.sheet [data-line="under.cap"]');
    await she.reads("sleeve.cap.front", cap);
    await she.until("its seams are measured", async () => (await she.figure("sleeve.frontSeam")).endsWith(" in"));
    await she.write("sleeve.frontSeamUnder", "3");
    await she.until("too far under is told", async () => (await she.findings()).includes("under-sleeve-too-narrow"));
    await she.remedy("under-sleeve-too-narrow", "seams-less-under");
    await she.until("it is mended", async () => !(await she.findings()).includes("under-sleeve-too-narrow"));
    await she.station("Card");
    await she.until("both are on the card", async () => /Trace top and under sleeve off/.test(await she.pageText()));
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    const drawing = (await she.downloaded(".svg")).toString();
    expect(drawing).toContain("Top sleeve");
    expect(drawing).toContain("Under sleeve");
  });
});

describe("the table of cloths", () => {
  it("says which box cannot be read, is saved, and gives the next garment its figures", async () => {
    await she.open("/settings/cloths");
    await she.write("medium-woven.capEase.least", "wide");
    await she.until("it is told", async () => /“wide” is not a length/.test(await she.pageText()));
    await she.write("medium-woven.capEase.least", "1/2");
    await she.write("medium-woven.capEase.most", "3/4");
    await she.press("Save the table");
    await she.until("it is saved", async () => /Saved\./.test(await she.pageText()));
    await she.open("/garments/new");
    await she.choosePoint("plain-sleeve");
    await she.write("name", "By our own table");
    await she.press("Start the garment");
    await she.station("Sleeve");
    await she.until("it takes what the table says", async () =>
      /Takes 1⁄2 in to 3⁄4 in in the cap/.test(await (await she.find("[data-cloth-takes]")).getText()),
    );
    await she.reads("sleeve.capEase", "5⁄8 in");
  });

  it("leaves a garment its own figures until they are taken, and goes back to the usual ones", async () => {
    await she.open(`${garment}/sleeve`);
    for (const kind of ["knit", "medium-woven"])
      await (await she.find(`select[name="cloth.kind"] option[value="${kind}"]`)).click();
    await she.until("it takes the table's", async () =>
      /Takes 1⁄2 in to 3⁄4 in/.test(await (await she.find("[data-cloth-takes]")).getText()),
    );
    await she.open("/settings/cloths");
    await she.press("Medium woven: back to the usual");
    await she.press("Save the table");
    await she.until("it is saved", async () => /Saved\./.test(await she.pageText()));
    await she.open(`${garment}/sleeve`);
    await she.press("Take the table’s figures");
    await she.until("it takes the usual", async () =>
      /Takes 13⁄16 in to 1 3⁄8 in/.test(await (await she.find("[data-cloth-takes]")).getText()),
    );
  });
});

describe("reconciling a bust-twelfth sleeve", () => {
  it.each(["lower-cap", "narrow-sleeve", "use-fit-first"])(
    "by %s: previewed with its numbers, then the cap is the armhole and its ease",
    async (way) => {
      await she.open(`${dress}/sleeve`);
      await she.until("it is off", async () => (await she.findings()).includes("cap-too-long"));
      const button = await she.find(`[data-finding="cap-too-long"] [data-remedy="${way}"]`);
      await browser.driver.executeScript("arguments[0].focus()", button);
      const preview = await (await she.find("[data-preview-figures]")).getText();
      expect(preview).toMatch(/seam is 16 7⁄8 in on an armhole of 16 1⁄4 in/);
      await she.find("[data-preview] path");
      await she.remedy("cap-too-long", way);
      await she.until("it fits", async () => (await she.figure("sleeve.surplus")) === "0 in");
      await she.reads("sleeve.capEase", "5⁄8 in");
      await she.press("Undo");
      await she.until("it is off again", async () => (await she.findings()).includes("cap-too-long"));
    },
  );
});

describe("matching", () => {
  it("moves a notch on both edges together, by the hand and by the keys", async () => {
    await she.open(`${garment}/match`);
    const rowOf = async (name: string) =>
      (await (await browser.driver.findElement(By.xpath(`//tr[td[normalize-space(.)="${name}"]]`))).getText()).replace(
        /\s+/g,
        " ",
      );
    await she.find("[data-ribbon-handle]");
    expect(await rowOf("Front")).toMatch(/3 9⁄16 in 3 9⁄16 in/);
    const grip = await she.find('[data-ribbon-handle="Front notch"] .grip');
    await browser.driver
      .actions({ async: true })
      .move({ origin: grip })
      .press()
      .move({ origin: grip, x: -40, y: 0, duration: 150 })
      .release()
      .perform();
    await she.until("it has moved", async () => !/3 9⁄16/.test(await rowOf("Front")));
    const [, body, part] = /^Front (.+? in) (.+? in)$/.exec(await rowOf("Front")) ?? [];
    expect(body).toBe(part);
    await she.press("Undo");
    await she.until("it is back", async () => /3 9⁄16/.test(await rowOf("Front")));
  });

  it("moves ease past a notch with the whole ease held", async () => {
    const handle = await she.find('[data-ribbon-handle="Ease below the back notch"]');
    await browser.driver.executeScript("arguments[0].focus()", handle);
    for (let i = 0; i < 2; i++) await handle.sendKeys("\uE014");
    await she.until("an eighth lies below", async () => (await handle.getAttribute("aria-valuetext")) === "1⁄8 in");
    expect(await browser.driver.executeScript("return document.querySelector('main').textContent")).toContain(
      "ease 1 1⁄8 in",
    );
  });

  it("walks the cap to its end and reads the gap", async () => {
    await slide("[data-walk]", 500);
    const says = await she.find("[data-walk-says]");
    await she.until("it has come so far", async () => /along the \w+ armhole lies/.test(await says.getText()));
    const thread = await she.find("[data-walk-thread] line");
    const stood = Number(await thread.getAttribute("x1"));
    await slide("[data-walk]", 9999);
    await she.until("the ribbon keeps step", async () => Number(await thread.getAttribute("x1")) < stood - 50);
    await she.until("it is at its end", async () => /nothing is over/.test(await says.getText()));
    await she.open(`${dress}/match`);
    await slide("[data-walk]", 9999);
    const surplus = await she.find("[data-walk-says]");
    await she.until("what is over is told", async () => /of the \w+ cap is over/.test(await surplus.getText()));
    expect(await complaints(browser.driver)).toEqual([]);
  });
});

describe("practice on the card", () => {
  it("hides the figures, names the half forgotten, and keeps every answer", async () => {
    await she.open(`${garment}/card`);
    await she.press("Practise");
    await she.find("[data-practice]");
    expect(await (await she.find("[data-fields]")).getText()).toContain("From A down ……");
    await she.press("Question after");
    await she.find('[data-question="sleeve.capWidth"]');
    const width = 13.875;
    const verdict = async (grade: string) =>
      (await she.find(`[data-question="sleeve.capWidth"] [data-verdict="${grade}"]`)).getText();
    await she.press("Check");
    await she.until("nothing is asked for", async () => /Write down what you found/.test(await she.pageText()));
    await she.write("practice.sleeve.capWidth", `${width / 2}`);
    await she.press("Check");
    expect(await verdict("wrong")).toMatch(/You gave half of it/);
    await she.write("practice.sleeve.capWidth", `${width}`);
    await she.press("Check");
    expect(await verdict("right")).toMatch(/Right: 13 7⁄8 in/);
    await she.press("Question before");
    await she.press("Question after");
    await she.holds("practice.sleeve.capWidth", `${width}`);
    await she.open(`${garment}/card?practice=2`);
    await she.until("both are on record", async () =>
      /1 of 2 right/.test(await (await she.find("[data-practice-score]")).getText()),
    );
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
