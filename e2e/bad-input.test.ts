import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { enterDemo } from "./entering";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let he: Person;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  he = person(browser, app.url);
  await he.open("/");
  await he.press("Harbour blouse");
  await he.station("Block");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const problem = async () => (await he.find('[role="alert"]')).getText();

describe("figures that cannot be", () => {
  it.each([
    ["-8", "too small"],
    ["0", "too small"],
    ["wide", "is not a length"],
    ["1".repeat(40), "too large"],
  ])("%s is told beside its box, and the last good draft stays", async (text, words) => {
    const before = await he.figure("sleeve.capHeight");
    await he.write("block.armhole.front", text);
    const said = await he.until("the problem is told", async () => (await problem()) || null);
    expect(said).toMatch(/^Front armhole: /);
    expect(said).toContain(words);
    await he.holds("block.armhole.front", text);
    await he.reads("sleeve.capHeight", before);
    await he.find("svg.sheet .seam");
  });

  it("what was typed is still in its box after a reload, with its reason", async () => {
    await he.write("block.armhole.front", "about nine");
    await browser.driver.navigate().refresh();
    await he.until("the text is back", async () => (await he.textIn("block.armhole.front")) === "about nine");
    await he.until("its reason is back", async () => (await problem()).includes("about nine"));
    await he.write("block.armhole.front", "8 7/8");
    await he.until(
      "the problem is gone",
      async () => (await browser.driver.findElements({ css: '[data-part="error-text"]' })).length === 0,
    );
  });

  it("front and back in the wrong boxes are noticed, and swapped by one press", async () => {
    await he.write("block.armhole.front", "9 7/8");
    await he.write("block.armhole.back", "8 7/8");
    await he.until("it is noticed", async () => (await he.findings()).includes("armhole-front-longer"));
    await he.remedy("armhole-front-longer", "swap-front-back");
    await he.until("they are swapped", async () => (await he.textIn("block.armhole.front")) === "8 7/8");
    await he.holds("block.armhole.back", "9 7/8");
  });

  it("readings that contradict each other are named, and the armhole that worked stays drawn", async () => {
    await he.write("block.armhole.depth", "11");
    await he.until("it is told", async () => (await he.findings()).includes("armhole-contradiction"));
    await he.find("svg.sheet .seam");
    await he.press("Undo");
    await he.until("it is gone", async () => !(await he.findings()).includes("armhole-contradiction"));
  });

  it("an arm too wide for the armhole is told with ways out; the draft stays on the sheet until one is taken", async () => {
    await he.station("Measures");
    await he.write("body.upperArm", "18 1/4");
    await he.until("it is told", async () => (await he.findings()).includes("no-cap-fits"));
    await he.station("Sleeve");
    expect(await he.pageText()).toContain("The last draft that worked stays on the sheet");
    await he.find("svg.sheet .seam");
    await he.remedy("no-cap-fits", "larger-armhole");
    await he.until("a sleeve fits", async () => !(await he.findings()).includes("no-cap-fits"));
  });

  it("a garment file with an unknown field is refused with the nearest known one", async () => {
    const response = await fetch(`${app.url}/sheets/sheets.pdf`, {
      method: "POST",
      headers: { origin: app.url, cookie: await enterDemo(app.url) },
      body: new URLSearchParams({ garment: JSON.stringify({ format: "gamine-garment/1", unit: "in", sleave: {} }) }),
    });
    expect(response.status).toBe(422);
    expect(await response.text()).toContain("Did you mean “sleeve”?");
  });

  it("addresses that lead nowhere get a plain page", async () => {
    const cookie = await enterDemo(app.url);
    for (const path of ["/nowhere", "/garments/not-an-id/sleeve", "/clients/00000000-0000-0000-0000-000000000000"]) {
      const response = await fetch(`${app.url}${path}`, { headers: { cookie } });
      expect(response.status, path).toBe(404);
      expect(await response.text()).toContain("There is nothing at this address");
    }
  });

  it("a client's form keeps what was typed, and says which boxes need another look", async () => {
    await he.open("/clients/new");
    await he.write("name", "Half Typed");
    await he.write("upperArm", "eleven");
    await he.press("Add client");
    await he.until("the box is named", async () =>
      (await he.pageText()).includes("Upper-arm girth: “eleven” is not a length"),
    );
    await browser.driver.navigate().refresh();
    await he.until("the name is back", async () => (await he.textIn("name")) === "Half Typed");
    await he.holds("upperArm", "eleven");
  });

  it("two people who save the same garment both keep their version", async () => {
    const headers = { origin: app.url, cookie: await enterDemo(app.url), "content-type": "application/json" };
    const page = await (await fetch(app.url, { headers })).text();
    const id = /\/garments\/([0-9a-f-]{36})\//.exec(page)?.[1];
    const file = { format: "gamine-garment/1", unit: "in", name: "Saved twice" };
    const save = async () =>
      (
        await fetch(`${app.url}/garments/${id}/save`, {
          method: "POST",
          headers,
          body: JSON.stringify({ file, basedOn: 1 }),
        })
      ).json();
    expect(await save()).toEqual({ saved: true, number: 2, besides: null, together: null });
    // Both wrote the same: there is nothing to put together.
    expect(await save()).toMatchObject({ saved: true, number: 3, besides: 2, together: { taken: [], conflicts: [] } });
  });

  it("never made the page complain", async () => {
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
