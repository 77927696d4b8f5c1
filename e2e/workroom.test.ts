import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { enterDemo, post } from "./entering";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;
let folder = "";

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"), 2);
  browser = await openBrowser();
  she = person(browser, app.url);
  folder = mkdtempSync(join(tmpdir(), "gamine-pictures-"));
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
  rmSync(folder, { recursive: true, force: true });
});

/** The address of a garment without its station. */
async function addressOf(name: string): Promise<string> {
  await she.open("/");
  const link = await browser.driver.findElement(By.linkText(name));
  return new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
}

describe("the worktable", () => {
  it("shows at least ten garments at one look", async () => {
    await she.open("/");
    const seen = await browser.driver.executeScript<number>(
      "return [...document.querySelectorAll('.work-table tbody tr')].filter((row) => row.getBoundingClientRect().bottom <= 800).length",
    );
    expect(seen).toBeGreaterThanOrEqual(10);
  });

  it("shows what is due first, keeps a stage that is chosen, and what is shown in the address", async () => {
    await she.open("/?show=due");
    const names = async () =>
      Promise.all((await browser.driver.findElements(By.css(".work-table .name"))).map((one) => one.getText()));
    expect((await names())[0]).toBe("Short-sleeved tea dress");
    expect(await she.pageText()).toContain("2 days late");
    const stage = await she.find('[data-garment="Silk noil dress"] select');
    await stage.sendKeys("sewn");
    const cookie = await enterDemo(app.url);
    await she.until("it is kept", async () =>
      (await (await fetch(`${app.url}/?show=sewn`, { headers: { cookie } })).text()).includes("Silk noil dress"),
    );
    await she.open("/?show=sewn");
    await she.until("it is among what is sewn", async () => (await names()).includes("Silk noil dress"));
  });

  it("finds a garment by what its style is also called", async () => {
    await she.open("/search?q=shawl");
    expect(await she.pageText()).toContain("Wool crêpe jacket");
    await she.open("/search?q=batwing+seraphine");
    expect(await she.pageText()).toContain("No client and no garment");
    await she.open("/search?q=batw");
    expect(await she.pageText()).toContain("Regatta kimono top");
  });

  it("leads anywhere by a few letters", async () => {
    await she.open("/clients");
    const keys = (...pressed: string[]) =>
      browser.driver
        .actions({ async: true })
        .sendKeys(...pressed)
        .perform();
    await keys("/");
    await she.until("the palette is open", async () =>
      browser.driver.executeScript("return document.querySelector('dialog.palette').open"),
    );
    await keys("moorings");
    await she.find('.palette [role="option"][aria-selected="true"]');
    await she.until("the garment is found", async () =>
      (await (await she.find("#palette-0")).getText()).startsWith("Moorings cardigan"),
    );
    await keys(Key.ENTER);
    await she.until("it is open", async () => (await browser.driver.getCurrentUrl()).includes("/garments/"));
    await she.open("/clients");
    await keys("g", "w");
    await she.until("the worktable is open", async () => (await browser.driver.getCurrentUrl()) === `${app.url}/`);
  });
});

/** Two toiles are sewn up and hung, on a machine however slow. */
const WORN_MS = 300_000;

describe("a fitting", () => {
  it("is logged, seen on the sheet before it is taken, and becomes a version; photographs lie beside it", async () => {
    const garment = await addressOf("Poplin work shirt");
    await she.open(`${garment}/fittings`);
    await she.press("Log it");
    await (await she.find('[data-observation="sleeve-long"]')).click();
    const amount = await she.find('[data-amend="shorten-sleeve"] input[type="checkbox"]');
    await amount.click();
    await she.write("by.shorten-sleeve", "1");
    await she.until("the figures follow", async () =>
      (await she.find(".figure-changes")).getText().then((text) => text.includes("−1 in")),
    );
    await she.press("Mark where");
    const sleeve = await she.find('[data-overlaid="sleeve"] .overlay-press');
    await browser.driver.actions({ async: true }).move({ origin: sleeve }).press().release().perform();
    await she.find(".sheet .seen-mark");
    const path = join(folder, "worn.jpg");
    const picture = sharp({ create: { width: 2000, height: 1500, channels: 3, background: "#99aabb" } });
    writeFileSync(path, await picture.jpeg().toBuffer());
    await (await she.find('input[type="file"]')).sendKeys(path);
    const shown = await she.find(".photographs image");
    expect((await shown.getAttribute("width")) ?? "").toBe("1600");
    await she.until("all is kept", async () => (await she.find('[data-kept="kept"]')) !== null);
    await browser.driver.navigate().refresh();
    await she.find(".sheet .seen-mark");
    await she.find(".photographs image");
    await she.press("Make these changes, as version 2");
    await she.find('[data-version="2"]');
    expect(await she.pageText()).toMatch(/Sleeve length: .* \(−1 in\)/);
    await she.open("/?show=fitted");
    expect(await she.pageText()).toContain("Poplin work shirt");
  });

  it("knows the faults of the body, and shows on one body what a change does to the toile", async () => {
    const garment = await addressOf("Lamplighter jacket");
    await she.open(`${garment}/fittings`);
    await she.press("Log it");
    await (await she.find('[data-observation="front-hem-up"]')).click();
    await (await she.find('[data-amend="longer-front"] input[type="checkbox"]')).click();
    await she.press("Wear both");
    await browser.driver.wait(
      async () => (await browser.driver.findElements(By.css('[data-worn="true"]'))).length === 2,
      WORN_MS,
    );
    expect(await (await she.find('[data-worn-change="hem.frontOverBack"]')).getText()).toMatch(/−\S+ in$/);
  });

  it("offers first what helped this client before, by as much", async () => {
    const garment = await addressOf("Lamplighter jacket");
    await she.open(`${garment}/fittings`);
    await she.press("Log it");
    await (await she.find('[data-observation="sleeve-long"]')).click();
    const first = await she.find('[data-seen="sleeve-long"] [data-amend]');
    expect(await first.getText()).toContain("helped before");
    expect(await first.getText()).toContain("1 in");
  });
});

describe("versions", () => {
  it("are told in words, and an older one is taken up again as a new one", async () => {
    const garment = await addressOf("Poplin work shirt");
    await she.open(`${garment}/versions`);
    await she.press("Take up again");
    await she.find('[data-version="3"]');
    expect(await she.pageText()).toContain("Version 1 taken up again");
    await she.open(`${garment}/versions?under=1&over=3`);
    expect(await she.pageText()).toContain("No figure differs");
  });
});

describe("two people at one garment", () => {
  it("both keep their version, and what they did is put together where it does not conflict", async () => {
    const ours = await enterDemo(app.url);
    await post(app.url, "/settings/people", { act: "invite", email: "two@example.org", role: "maker" }, ours);
    const people = await (await fetch(`${app.url}/settings/people`, { headers: { cookie: ours } })).text();
    const link = /\/invitations\/([0-9a-f-]{36})/.exec(people)?.[1] ?? "";
    const other = await openBrowser();
    try {
      const he = person(other, app.url, { isKnown: true });
      await he.open(`/invitations/${link}`);
      await he.write("name", "Benedict Oyelaran");
      await he.write("password", "four quite unlike words", { leave: false });
      await he.press("Come in");
      await he.until("he is in", async () => (await other.driver.getCurrentUrl()) === `${app.url}/`);
      await she.open("/");
      for (const one of [she, he]) {
        await one.press("Harbour blouse");
        await one.station("Sleeve");
      }
      await she.write("sleeve.capEase", "1/2");
      await he.write("sleeve.length", "23");
      await she.press("Save");
      await she.find('[data-told="saved"]');
      await he.press("Save");
      await he.find("[data-beside]");
      await he.until("what she did is taken over", async () => (await he.textIn("sleeve.capEase")) === "1/2");
      expect(await he.textIn("sleeve.length")).toBe("23");
      await she.write("sleeve.capEase", "3/4");
      await she.press("Save");
      const told = await (await she.find("[data-beside]")).getText();
      expect(told).toContain("Benedict Oyelaran saved version");
      await she.until("what he did is taken over", async () => (await she.textIn("sleeve.length")) === "23");
      expect(await she.textIn("sleeve.capEase")).toBe("3/4");
      await he.write("sleeve.capEase", "1");
      await he.press("Save");
      const conflict = await he.find('[data-conflict="sleeve.capEase"]');
      expect(await conflict.getText()).toMatch(/Cap ease: 3⁄4 in, before 1 in/);
      await he.until("what was saved first stands", async () => (await he.textIn("sleeve.capEase")) === "3/4");
      await he.press("Take mine");
      await he.until("his is taken again", async () => (await he.textIn("sleeve.capEase")) === "1");
      expect(await complaints(other.driver)).toEqual([]);
    } finally {
      await other.close();
    }
    const garment = await addressOf("Harbour blouse");
    await she.open(`${garment}/versions`);
    const text = await she.pageText();
    expect(text).toContain("Benedict Oyelaran");
    expect(text).toMatch(/Versions \d+ and \d+ put together/);
  });
});

describe("settings", () => {
  it("are what a new garment starts with; a cloth of one's own is added, renamed, retired", async () => {
    await she.open("/settings");
    await she.write("allowances.general", "3/4");
    await (await she.find('select[name="paper"]')).sendKeys("A3");
    await she.press("Keep the settings");
    await she.until("they are kept", async () => (await she.pageText()).includes("Kept."));
    await she.open("/settings/cloths");
    await (await she.find(".own-cloths summary")).click();
    await she.write("name", "Grey tweed");
    await (await she.find(".own-cloth-editor summary")).click();
    await she.write("hangs.weight", "310");
    await she.press("Add the cloth");
    await she.find('[data-own-cloth="Grey tweed"]');
    await she.open("/garments/new");
    await she.choosePoint("work-shirt");
    await she.press("Start the garment");
    await she.station("Sleeve");
    const cloth = await she.find('select[name="cloth.kind"]');
    await cloth.sendKeys("Grey");
    await she.station("Wear");
    await she.holds("cloth.hangs.weight", "310");
    await she.station("Cut");
    await she.holds("allowances.general", "3/4");
    expect(await (await she.find('select[name="paper"]')).getAttribute("value")).toBe("a3");
    await she.open("/settings/cloths");
    await she.press("Change");
    await she.write("name", "Island tweed");
    await she.press("Keep the cloth");
    await she.find('[data-own-cloth="Island tweed"]');
    await she.press("Retire");
    await she.until("it is retired", async () =>
      (await (await she.find('[data-own-cloth="Island tweed"]')).getText()).includes("retired"),
    );
  });

  it("have a table of ease of the workroom's own, which a new garment takes with it", async () => {
    await she.open("/settings/ease");
    await she.write("shirt.bust", "8");
    await she.press("Keep the table");
    await she.until("it is kept", async () => (await she.pageText()).includes("Kept."));
    await she.open("/garments/new");
    await she.choosePoint("work-shirt");
    await she.press("Start the garment");
    await she.station("Block");
    const ease = await she.find('input[name="block.ease.bust"]');
    const stands = (await ease.getAttribute("value")) || (await ease.getAttribute("placeholder"));
    // 8 in on a bust of 920 mm; more or less by the size of this person.
    expect(Number.parseFloat(`${stands}`)).toBeGreaterThan(6.7);
    expect(Number.parseFloat(`${stands}`)).toBeLessThan(11);
    // The other settings leave it as it is.
    await she.open("/settings");
    await she.press("Keep the settings");
    await she.until("they are kept", async () => (await she.pageText()).includes("Kept."));
    await she.open("/settings/ease");
    await she.holds("shirt.bust", "8");
  });

  it("never made the page complain", async () => {
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
