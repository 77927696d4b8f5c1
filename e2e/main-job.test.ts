import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
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

/** Inches as the screen writes them, as a number. */
function inches(text: string): number {
  const match = /^(−?)(?:(\d+) ?)?(?:(\d+)⁄(\d+))? in$/.exec(text);
  if (!match) throw new Error(`not inches: ${text}`);
  const [, minus, whole = "0", top = "0", bottom = "1"] = match;
  return (minus ? -1 : 1) * (Number(whole) + Number(top) / Number(bottom));
}

describe("a dressmaker fits a sleeve to a measured armhole", () => {
  it("adds a client with what the tape read", async () => {
    await she.open("/clients");
    await she.press("Add a client");
    await she.until("the form is there", () => she.find('input[name="name"]'));
    await she.write("name", "Test Person");
    await she.write("bust", "36");
    await she.write("upperArm", "11 1/2");
    await she.write("elbow", '10 3/4"');
    await she.write("wrist", "16.5 cm");
    await she.write("armLength", "22½");
    await she.press("Add client");
    await she.until("the client's page opens", async () => (await she.pageText()).includes("11 1⁄2 in"));
    const text = await she.pageText();
    expect(text).toContain("Test Person");
    expect(text).toContain("22 1⁄2 in");
    expect(text).toContain("6 1⁄2 in");
  });

  it("starts a garment, which says what it still stands on", async () => {
    await she.press("New garment");
    await she.choosePoint("plain-sleeve");
    await she.write("name", "First blouse");
    await she.press("Start the garment");
    await she.until("the block station opens", async () => (await browser.driver.getCurrentUrl()).endsWith("/block"));
    await she.until("the estimates are named", async () => (await she.findings()).includes("stand-ins-used"));
    await she.holds("block.armhole.front", "");
  });

  it("types the armhole and sees the sleeve drafted", async () => {
    await she.write("block.armhole.front", "8 1/2");
    await she.write("block.armhole.back", "9");
    await she.write("block.armhole.depth", "8");
    await she.station("Sleeve");
    await she.write("sleeve.capEase", "1 1/4");
    await she.write("sleeve.upperArmEase", "2");
    await she.until("the cap fits", async () => (await she.figure("sleeve.cap.front")) === "9 1⁄16 in");
    await she.reads("sleeve.cap.back", "9 11⁄16 in");
    await she.reads("sleeve.capWidth", "13 1⁄2 in");
    await she.reads("sleeve.capEase", "1 1⁄4 in");
    await she.reads("sleeve.surplus", "0 in");
  });

  it("switches to centimetres and back without drift", async () => {
    await she.station("Block");
    await she.press("cm");
    await she.holds("block.armhole.front", "21.59");
    await she.reads("block.armhole.front", "21.6 cm");
    await she.press("inches");
    await she.press("cm");
    await she.press("inches");
    await she.holds("block.armhole.front", "8 1/2");
    await she.holds("block.armhole.depth", "8");
    await she.reads("block.armhole.front", "8 1⁄2 in");
  });

  it("drags the crown up: the sleeve narrows, and both seams hold", async () => {
    await she.station("Sleeve");
    const before = {
      height: inches(await she.figure("sleeve.capHeight")),
      width: inches(await she.figure("sleeve.capWidth")),
    };
    await she.drag("Crown", 0, -14);
    await she.until("the cap is higher", async () => inches(await she.figure("sleeve.capHeight")) > before.height);
    await she.until("the sleeve is narrower", async () => inches(await she.figure("sleeve.capWidth")) < before.width);
    await she.reads("sleeve.cap.front", "9 1⁄16 in");
    await she.reads("sleeve.cap.back", "9 11⁄16 in");
  });

  it("undoes the drag in one step, redoes it, and undoes it again", async () => {
    await she.press("Undo");
    await she.until("the width is back", async () => (await she.figure("sleeve.capWidth")) === "13 1⁄2 in");
    await she.press("Redo");
    await she.until("the drag is back", async () => (await she.figure("sleeve.capWidth")) !== "13 1⁄2 in");
    await she.press("Undo");
    await she.until("the width is back again", async () => (await she.figure("sleeve.capWidth")) === "13 1⁄2 in");
  });

  it("nudges the cap line by one tape graduation with the keys", async () => {
    const end = await she.find('[data-handle="Front end of the cap line"]');
    await end.sendKeys("\uE014");
    await she.until(
      "the sleeve is a sixteenth wider",
      async () => (await she.figure("sleeve.capWidth")) === "13 9⁄16 in",
    );
    await she.press("Undo");
  });

  it("tries the bust rule, is told how far it is off, and takes a remedy", async () => {
    await (await she.find('select[name="sleeve.method"] option[value="bust-twelfth"]')).click();
    await she.until("the surplus is found", async () => (await she.findings()).includes("cap-too-long"));
    await she.reads("sleeve.capHeight", "3 1⁄2 in");
    await she.remedy("cap-too-long", "lower-cap");
    await she.until("the surplus is gone", async () => !(await she.findings()).includes("cap-too-long"));
    await she.reads("sleeve.surplus", "0 in");
    await she.press("Undo");
    await she.until("the surplus is back", async () => (await she.findings()).includes("cap-too-long"));
    await she.remedy("cap-too-long", "use-fit-first");
    await she.until("the surplus is gone again", async () => !(await she.findings()).includes("cap-too-long"));
  });

  it("asks a figure why", async () => {
    await (await she.find('[data-figure="sleeve.capHeight"] summary')).click();
    const why = await she.until("the reason opens", async () =>
      (await she.find('[data-figure="sleeve.capHeight"]')).getText(),
    );
    expect(why).toContain("solved");
    expect(why).toContain("Fit first");
  });

  it("keeps unsaved work through a reload, then saves a version and finds it again", async () => {
    await she.write("sleeve.upperArmEase", "2 1/4");
    await she.until("the change is seen", async () => (await she.figure("sleeve.capWidth")) === "13 3⁄4 in");
    await browser.driver.navigate().refresh();
    await she.until("the unsaved work is back", async () => (await she.textIn("sleeve.upperArmEase")) === "2 1/4");
    await she.press("Save");
    await she.until("it is saved", async () =>
      (await she.find("[role=status]")).getText().then((text) => text.includes("Saved as version 2")),
    );
    await browser.driver.navigate().refresh();
    await she.until("version 2 is open", async () =>
      (await she.find("[role=status]")).getText().then((text) => text === "Version 2"),
    );
    await she.holds("sleeve.upperArmEase", "2 1/4");
  });

  it("reads how the cap meets the armhole", async () => {
    await she.station("Match");
    await she.find('[data-thread="shoulder"]');
    await she.until("the chart is drawn", () => she.find("[data-chart] svg path"));
    const text = await she.pageText();
    expect(text).toContain("Ease by section");
    expect(text).toMatch(/Front, notch to shoulder/i);
    await she.write("part-length", "18 1/2");
    const way = await she.find('[data-remedy="meet-lower-armhole"]');
    expect(await way.getText()).toMatch(/Lower the armhole: \+\S/);
    await she.write("part-length", "");
  });

  it("reads the card, all at once and one step at a time", async () => {
    await she.station("Card");
    await she.until(
      "every step is there",
      async () => (await browser.driver.findElements(By.css("[data-step]"))).length >= 13,
    );
    await she.press("One step at a time");
    await she.until(
      "only one step is shown",
      async () => (await browser.driver.findElements(By.css("[data-step]"))).length === 1,
    );
    await she.press("Step after");
    await she.until("step 2 is shown", () => she.find('[data-step="2"]'));
    expect(await browser.driver.getCurrentUrl()).toContain("step=2");
  });

  it("downloads the sheets at true size", async () => {
    await she.press("Print and download");
    await she.until("the choices open", () => she.find('form[action="/sheets/sheets.pdf"] button'));
    await (await she.find('form[action="/sheets/sheets.pdf"] button')).click();
    const pdf = await getDocument({ data: new Uint8Array(await she.downloaded(".pdf")), verbosity: 0 }).promise;
    // A cover, and the sheets that a blouse's sleeve with its allowances needs; the paper may lie with its long side across.
    expect(pdf.numPages).toBeGreaterThan(4);
    expect(pdf.numPages).toBeLessThan(10);
    const [, , ...sides] = (await pdf.getPage(1)).view;
    const [short, long] = sides.sort((a, b) => a - b);
    expect(short).toBeCloseTo((210 * 72) / 25.4, 1);
    expect(long).toBeCloseTo((297 * 72) / 25.4, 1);
  });

  it("takes the garment away as a file and starts another garment from it", async () => {
    await (await she.find('form[action="/sheets/garment.json"] button')).click();
    const text = (await she.downloaded(".json")).toString();
    const file = JSON.parse(text);
    expect(file).toMatchObject({ format: "gamine-garment/2", unit: "in", name: "First blouse" });
    expect(file.block.armhole.front).toBeCloseTo(8.5, 9);
    const path = join(browser.downloads, "again.json");
    writeFileSync(path, text);
    await she.open("/garments/new");
    await (await she.find('input[type="file"]')).sendKeys(path);
    await she.write("name", "Second blouse");
    await she.press("Start the garment");
    await she.until("the block station opens", async () => (await browser.driver.getCurrentUrl()).endsWith("/block"));
    await she.holds("block.armhole.front", "8 1/2");
    await she.reads("sleeve.capWidth", "13 3⁄4 in");
  });

  it("is told when a file is no garment file, and loses nothing by it", async () => {
    const path = join(browser.downloads, "shopping.json");
    writeFileSync(path, '{"milk": 2}');
    await she.open("/garments/new");
    await (await she.find('input[type="file"]')).sendKeys(path);
    await she.press("Start the garment");
    await she.until("it is told", async () => (await she.pageText()).includes("Unit is missing"));
    // The browser itself notes the refusal; it says nothing else.
    for (const said of await complaints(browser.driver)) expect(said).toContain("status of 422");
  });

  it("draws the sheets as SVG at true size", async () => {
    await she.press("Worktable");
    await she.press("First blouse");
    await she.press("Print and download");
    await she.until("the choices open", () => she.find('form[action="/sheets/drawing.svg"] button'));
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    const svg = (await she.downloaded(".svg")).toString();
    expect(svg).toMatch(/width="[\d.]+mm"/);
    expect(svg).toContain("First blouse");
  });

  it("finds the garment on the worktable", async () => {
    await she.press("Worktable");
    await she.until("it is listed", async () => (await she.pageText()).includes("First blouse"));
  });

  it("never made the page complain", async () => {
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
