import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { IS_THOROUGH } from "../core/testing/thorough";
import { type Browser, complaints, openBrowser, setSize } from "./browser";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let he: Person;
let garment = "";
let client = "";
let drafted = "";
let fitted = "";
let fitting = "";

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  he = person(browser, app.url);
  // Colours that are still changing over when they are looked at are no colours of the page.
  await browser.driver.sendDevToolsCommand("Emulation.setEmulatedMedia", {
    features: [{ name: "prefers-reduced-motion", value: "reduce" }],
  });
  await he.open("/");
  const link = await browser.driver.findElement(By.linkText("Harbour blouse"));
  garment = new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
  const jacket = await browser.driver.findElement(By.linkText("Lamplighter jacket"));
  drafted = new URL((await jacket.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
  const worn = await browser.driver.findElement(By.linkText("Wool crêpe jacket"));
  fitted = new URL((await worn.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
  await he.open(`${fitted}/fittings`);
  fitting = new URL((await (await he.find(".fitting-row a")).getAttribute("href")) ?? "").pathname;
  await he.open("/clients");
  client = new URL((await (await browser.driver.findElement(By.linkText("Odile Brandt"))).getAttribute("href")) ?? "")
    .pathname;
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

type Violation = {
  readonly id: string;
  readonly nodes: readonly { readonly html: string; readonly failureSummary: string }[];
};

/** Breaches of WCAG 2.2 A and AA that a machine can find (reference: axe-core). Forced colours are the system's, and their contrast its own. */
async function breaches(areColoursForced = false): Promise<readonly string[]> {
  await browser.driver.executeScript(AXE);
  const violations = await browser.driver.executeAsyncScript<readonly Violation[]>(
    "const [areForced] = arguments; const done = arguments[arguments.length - 1]; axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'], rules: { 'color-contrast': { enabled: !areForced } } }).then((result) => done(result.violations));",
    areColoursForced,
  );
  return violations.flatMap(({ id, nodes }) =>
    nodes.map((node) => `${id}: ${node.html.slice(0, 160)} ${node.failureSummary.slice(0, 240)}`),
  );
}

const SCREENS = () =>
  [
    ["worktable", "/"],
    ["clients", "/clients"],
    ["cloths", "/settings/cloths"],
    ["ease", "/settings/ease"],
    ["client", client],
    ["new client", "/clients/new"],
    ["measuring again", `${client}/measure`],
    ["new garment", "/garments/new"],
    ["measures", `${garment}/measures`],
    ["block", `${garment}/block`],
    ["drafted block", `${drafted}/block`],
    ["block from a drawing", `${garment}/block?from=drawing`],
    ["block from a photograph", `${garment}/block?from=photograph`],
    ["card of a bodice", `${drafted}/card?part=front`],
    ["sleeve", `${garment}/sleeve`],
    ["collar with lapels", `${drafted}/collar`],
    ["match", `${garment}/match`],
    ["card", `${garment}/card`],
    ["practice", `${garment}/card?practice=2`],
    ["wear", `${drafted}/wear`],
    ["cut", `${garment}/cut`],
    ["versions", `${fitted}/versions`],
    ["fittings", `${fitted}/fittings`],
    ["a fitting", fitting],
    ["links for others", `${garment}/shared`],
    ["settings", "/settings"],
    ["people", "/settings/people"],
    ["data", "/settings/data"],
    ["account", "/account"],
    ["shelves", "/shelves"],
    ["help", "/help"],
  ] as const;

describe("every screen", () => {
  it("opens without a complaint, within WCAG 2.2 AA as far as a machine can tell, on light and on dark paper, from phone to desk", async () => {
    // A usual run looks at every screen on one paper and at two widths, the thorough run on both and at all.
    let look: "light" | "dark" = "light";
    for (const [name, path] of SCREENS()) {
      await he.open(path);
      for (let n = 0; n < (IS_THOROUGH ? 2 : 1); n++) {
        expect.soft(await breaches(), `${name}, ${look}`).toEqual([]);
        look = look === "light" ? "dark" : "light";
        await he.press(`Change to ${look} paper`);
      }
      for (const width of IS_THOROUGH ? [390, 768, 1280] : [390, 1280]) {
        await setSize(browser.driver, width, 800);
        const over = await browser.driver.executeScript<number>(
          "return document.documentElement.scrollWidth - document.documentElement.clientWidth",
        );
        expect.soft(over, `${name} at ${width}`).toBeLessThanOrEqual(0);
      }
    }
    expect(await complaints(browser.driver)).toEqual([]);
  });

  it("within the same with a figure's card open, and in forced colours", async () => {
    const emulate = (forced: "active" | "none") =>
      browser.driver.sendDevToolsCommand("Emulation.setEmulatedMedia", {
        features: [
          { name: "prefers-reduced-motion", value: "reduce" },
          { name: "forced-colors", value: forced },
        ],
      });
    for (const forced of ["none", "active"] as const) {
      await emulate(forced);
      await he.open(`${garment}/sleeve`);
      await he.find("[data-dim] [data-figure-button]");
      await browser.driver.executeScript(
        "document.querySelector('[data-dim] [data-figure-button]').dispatchEvent(new MouseEvent('click', { bubbles: true }))",
      );
      await he.find("[data-card] input, [data-card] button");
      expect.soft(await breaches(forced === "active"), `forced colours ${forced}`).toEqual([]);
    }
    await emulate("none");
  });

  it("before the door too: sign-in and a workroom of one's own, on light and on dark paper, from phone to desk", async () => {
    await browser.driver.manage().deleteAllCookies();
    for (const path of ["/sign-in", "/studios/new"]) {
      await browser.driver.get(`${app.url}${path}`);
      for (const look of ["light", "dark"]) {
        expect.soft(await breaches(), `${path}, ${look}`).toEqual([]);
        await he.press(`Change to ${look === "light" ? "dark" : "light"} paper`);
      }
      await setSize(browser.driver, 390, 800);
      const over = await browser.driver.executeScript<number>(
        "return document.documentElement.scrollWidth - document.documentElement.clientWidth",
      );
      expect.soft(over, path).toBeLessThanOrEqual(0);
      await setSize(browser.driver, 1280, 800);
    }
    await browser.driver.get(`${app.url}/sign-in`);
    await he.press("Open “Quayside Workroom”");
    await he.until("the worktable is open", async () => (await browser.driver.getCurrentUrl()) === `${app.url}/`);
  });

  it("moves the sheet with the keys and fits it again", async () => {
    await he.open(`${garment}/sleeve`);
    // A sheet that knows its size has no box of its own any more, and the drawing is fitted to it.
    const sheet = await he.find("svg.sheet[role=application]:not([viewBox])");
    const place = () =>
      browser.driver.executeScript<string>("return document.querySelector('[data-line=capFront]').getAttribute('d')");
    const fitted = await he.until("the sheet is laid out", place);
    await sheet.sendKeys("+");
    await he.until("it is nearer", async () => (await place()) !== fitted);
    await sheet.sendKeys("\uE014");
    await sheet.sendKeys("0");
    await he.until("it is fitted again", async () => (await place()) === fitted);
  });

  it("shows by the pointer what can be pressed", async () => {
    await he.open(`${garment}/sleeve`);
    const button = await he.find("button.chakra-button:not([disabled])");
    expect(await button.getCssValue("cursor")).toBe("pointer");
  });
});
