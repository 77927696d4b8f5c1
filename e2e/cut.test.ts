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
  await she.open("/garments/new");
  await she.choosePoint("t-shirt");
  await she.press("Start the garment");
  await she.station("Cut");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const textOf = async (css: string) => (await she.find(css)).getText();
const all = (css: string) => browser.driver.findElements(By.css(css));

/** Where the outline of a laid piece begins on the screen. */
async function cornerOf(id: string): Promise<readonly number[]> {
  const data = (await (await she.find(`[data-laid="${id}"] path`)).getAttribute("d")) ?? "";
  return (data.match(/^M([-\d.]+) ([-\d.]+)/) ?? []).slice(1).map(Number);
}

/** Where a laid piece lies among the others, whatever the sheet is fitted to: from the first of them, in lengths of the way to the second. */
async function placeAmong(id: string): Promise<readonly number[]> {
  const ids = await Promise.all(
    (await all("[data-laid]")).map((piece) => piece.getAttribute("data-laid").then((name) => name ?? "")),
  );
  const [first = "", second = ""] = ids.filter((one) => one !== id).sort();
  const [[x = 0, y = 0], [fx = 0, fy = 0], [sx = 0, sy = 0]] = [
    await cornerOf(id),
    await cornerOf(first),
    await cornerOf(second),
  ];
  const way = Math.hypot(sx - fx, sy - fy);
  return [(x - fx) / way, (y - fy) / way];
}

describe("the Cut station", () => {
  it("shows every piece with its cutting line, whose allowances are typed", async () => {
    const cut = await she.find('[data-cut="front"] .cutting-line');
    const before = await cut.getAttribute("d");
    expect((await all("[data-cut]")).length).toBe(5);
    expect(await she.textIn("allowances.general")).toBe("1/2");
    await she.write("allowances.general", "1");
    await she.until("the cutting line moved out", async () => {
      const now = await (await she.find('[data-cut="front"] .cutting-line')).getAttribute("d");
      return now !== before;
    });
    await she.press("Undo");
    await she.until("it is back", async () => (await she.textIn("allowances.general")) === "1/2");
  });

  it("lays the pieces on the cloth, says how much to buy, and points out that open cloth takes less", async () => {
    await she.press("Lay plan");
    await she.until("all pieces lie there", async () => (await all("[data-laid]")).length === 5);
    expect(await textOf("[data-bought]")).toMatch(/yd$/);
    await she.until("the other way was tried", async () => (await all("[data-other-way]")).length === 1);
    expect(await textOf("[data-other-way]")).toMatch(/^Open, it would take .* more than a tenth less\.$/);
  });

  it("moves a piece by the keyboard, refuses to lay it over another, and keeps the plan with the garment", async () => {
    const piece = await she.find('[data-laid="sleeve 1"]');
    for (let i = 0; i < 16; i++) await piece.sendKeys("\uE012");
    await she.until("it is said what lies there", async () =>
      /stays where it was/.test(await (await she.find("main")).getText()),
    );
    await she.press("Keep this plan");
    await she.until("it is kept", async () =>
      (await (await she.find("main")).getText()).includes("Give the kept plan up"),
    );
    const kept = await placeAmong("sleeve 1");
    await she.press("Save");
    await she.until("it is saved", async () => !(await (await she.find("#save-garment")).isEnabled()));
    await browser.driver.navigate().refresh();
    await she.press("Lay plan");
    await she.until("the kept plan is there", async () => (await all("[data-laid]")).length === 5);
    // The sheet may be fitted anew; the piece lies where it was.
    for (const [i, place] of (await placeAmong("sleeve 1")).entries()) expect(place).toBeCloseTo(kept[i] ?? 0, 2);
  });

  it("gives the order of making, whose ticks are still there after a reload", async () => {
    await she.press("Making notes");
    const steps = await all("[data-making-step]");
    expect(steps.length).toBeGreaterThan(8);
    await (await she.find('[data-making-step="mark"] input')).click();
    await browser.driver.navigate().refresh();
    await she.press("Making notes");
    await she.until("the tick is there", async () => (await she.find('[data-making-step="mark"] input')).isSelected());
  });

  it("sends the pattern to the practice plotter, which draws it; switched off it says what to do", async () => {
    await she.press("Send the pattern");
    await she.until("it is told that no plotter is on", async () => (await all('[data-job="broken"]')).length === 1);
    await she.press("Switch it on");
    await she.until("it is on", async () => (await all('[data-plotter="on"]')).length === 1);
    await she.press("Send again");
    await she.until("it is drawn", async () => (await all('[data-job="drawn"]')).length === 1);
    await she.until(
      "its drawing is seen",
      async () => (await all('[aria-label="What the plotter drew last"]')).length === 1,
    );
    await she.press("Switch it off");
    await she.until("it is off", async () => (await all('[data-plotter="off"]')).length === 1);
  });

  it("hands out the pattern as DXF, HPGL and a result file", async () => {
    for (const [label, ending, holds] of [
      ["DXF, release 12", "r12.dxf", "AC1009"],
      ["HPGL for a plotter", ".hpgl", "IN;"],
      ["Result file, JSON", "result.json", '"cutting": "M'],
    ] as const) {
      await she.press(label);
      expect((await she.downloaded(ending)).toString("utf8")).toContain(holds);
    }
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
