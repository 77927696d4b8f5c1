import { By, Key } from "selenium-webdriver";
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

const numberOf = async (box: string) => Number(await (await she.find(`input[name="${box}"]`)).getAttribute("value"));

describe("a stand collar", () => {
  it("is asked for, and fitted to the neckline and the neck", async () => {
    await she.open("/");
    const link = await browser.driver.findElement(By.linkText("Tidewater raglan coat"));
    await she.open(new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "/collar"));
    await she.until("it teaches what it is for", async () => /No collar is chosen/.test(await she.pageText()));
    await she.chooseKind("collar.kind", "stand");
    await she.write("body.neck", "14");
    await she.write("collar.ease", "1/2");
    await she.reads("collar.upperEdge", "14 1⁄2 in");
    await she.find('svg.sheet [data-line="collar.neck"]');
  });

  it("shows what every other school would make of its upper edge", async () => {
    const rows = await (await she.find("[data-schools]")).getText();
    for (const name of ["Developed from the neck", "Straight band", "Bowed band", "Front rise"])
      expect(rows).toContain(name);
    await she.until("the one in use is told as the figure tells it", async () =>
      (await (await she.find('[data-schools] [aria-current="true"]')).getText()).includes("14 1⁄2 in"),
    );
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

describe("a collar with lapels", () => {
  const openCollar = async (garment: string) => {
    await she.open("/");
    const link = await browser.driver.findElement(By.linkText(garment));
    await she.open(new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "/collar"));
  };

  it("is taken hold of at its break point, its lapel and the line its edge lies on", async () => {
    await openCollar("Lamplighter jacket");
    for (const [handle, box, dx, dy] of [
      ["Break point", "collar.breakDepth", 0, 30],
      ["Lapel tip", "collar.lapelOut", -20, 0],
      ["Lapel tip", "collar.gorgeDrop", 0, 12],
      ["Notch", "collar.notchLapel", 16, 0],
      ["Line the outer edge lies on", "collar.fall", 0, 14],
    ] as const) {
      const before = await she.textIn(box);
      await she.drag(handle, dx, dy);
      await she.until(`${handle} changes ${box}`, async () => {
        const now = await she.textIn(box);
        return now !== before && now !== "";
      });
    }
    await she.find('[data-figure="collar.tilt"]');
    // What was solved stays solved whatever is dragged.
    const read = async (id: string) => she.figure(id);
    await she.until(
      "both are of one length",
      async () => (await read("collar.outerEdge")) === (await read("collar.outerEdgeNeeded")),
    );
  });

  it("is moved both ways with the arrow keys at its lapel tip, each press one step that can be undone", async () => {
    const tip = await she.find('[data-handle="Lapel tip"]');
    const [out, down] = [await numberOf("collar.lapelOut"), await numberOf("collar.gorgeDrop")];
    await browser.driver.executeScript("arguments[0].focus()", tip);
    await browser.driver.actions().sendKeys(Key.ARROW_LEFT).perform();
    await she.until("it reaches further out", async () => (await numberOf("collar.lapelOut")) > out);
    await browser.driver.actions().sendKeys(Key.ARROW_DOWN).perform();
    await she.until("it lies lower", async () => (await numberOf("collar.gorgeDrop")) > down);
    await she.press("Undo");
    await she.until("it lies where it lay", async () => (await numberOf("collar.gorgeDrop")) === down);
    expect(await numberOf("collar.lapelOut")).toBeGreaterThan(out);
  });

  it("stays on the sheet as it was while its figures give none, and says so", async () => {
    await she.write("collar.breakDepth", "2");
    await she.until("it is said", async () => /The last that worked stays on the sheet/.test(await she.pageText()));
    expect(await she.findings()).toContain("break-too-high");
    await she.find('svg.sheet [data-line="collar.outer"]');
    expect(await browser.driver.findElements(By.css("[data-handle]"))).toEqual([]);
    await she.remedy("break-too-high", "break-at-waist");
    await she.until("it is drawn again", async () => !(await she.findings()).includes("break-too-high"));
    await she.find('[data-handle="Break point"]');
  });

  it("rides up when it is let out too little along the curve, and is solved again by one press", async () => {
    await she.find('[data-chart="outer-edge"] svg');
    const slider = await she.find("#outer-edge-out");
    await browser.driver.executeScript(
      `const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
       set.call(arguments[0], "2"); arguments[0].dispatchEvent(new Event("input", { bubbles: true }));`,
      slider,
    );
    await she.until("it is told", async () => (await she.findings()).includes("collar-rides-up"));
    expect(await (await she.find('select[name="collar.edgeBy"]')).getAttribute("value")).toBe("own");
    await she.remedy("collar-rides-up", "solve-outer-edge");
    await she.until("it is mended", async () => !(await she.findings()).includes("collar-rides-up"));
  });

  it("says of an angle that cannot be one what it may be, and keeps what was typed", async () => {
    await she.write("collar.notchAngle", "400");
    await she.until("it is said", async () => /from 10 to 140/.test(await she.pageText()));
    expect(await she.textIn("collar.notchAngle")).toBe("400");
    await she.write("collar.notchAngle", "60");
    await she.reads("collar.notchAngle", "60°");
  });

  it("tells how much paper it needs before the card's first step, and is printed whole", async () => {
    await she.station("Card");
    await she.press("Collar");
    await she.until("the first step is about paper", async () =>
      /Before you begin: trace the front with .* of paper above/.test(await she.pageText()),
    );
    await she.press("Print and download");
    await (await she.find('form[action="/sheets/drawing.svg"] button')).click();
    const drawing = await she.until("the lapels' drawing is there", async () => {
      const text = (await she.downloaded("jacket.svg")).toString();
      return text.includes("Top collar") ? text : null;
    });
    for (const piece of ["Under collar", "Front facing with lapel", "Back neck facing"])
      expect(drawing).toContain(piece);
    expect(await complaints(browser.driver)).toEqual([]);
  });

  it("can be any other kind, each with its own drawing", async () => {
    await openCollar("Lamplighter jacket");
    for (const [kind, line] of [
      ["shirt", "collar.outer"],
      ["roll", "frontFacing.outer"],
      ["grown-on", "front.outer"],
      ["band", "neckBand.outer"],
      ["stand", "collar.upper"],
    ] as const) {
      await she.chooseKind("collar.kind", kind);
      await she.find(`svg.sheet [data-line="${line}"]`);
    }
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
