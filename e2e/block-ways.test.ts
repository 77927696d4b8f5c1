import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { draftGarment } from "@core/garment/index";
import { specOf } from "@core/testing/sample";
import { writeBlockDxf } from "@exporting/index";
import { By, Key, until } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { darkShare, point, type Truth, takePicture } from "./at-the-photograph";
import { type Browser, complaints, openBrowser } from "./browser";
import { PATIENCE_MS, type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let me: Person;
let garment: string;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  me = person(browser, app.url);
  await me.open("/");
  const link = await browser.driver.findElement(By.linkText("Harbour blouse"));
  garment = new URL((await link.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, "");
  // Lengths in millimetres are the easiest to compare; centimetres are what the switch offers.
  await me.press("cm");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

async function choose(name: string, value: string) {
  const option = await me.find(`select[name="${name}"] option[value="${value}"]`);
  await option.click();
}

async function takeWay(value: string) {
  const radio = await me.find(`input[name="block.source"][value="${value}"]`);
  await browser.driver.executeScript("arguments[0].click()", radio);
}

const mmOf = async (figure: string) => Number.parseFloat((await me.figure(figure)).replace(",", ".")) * 10;

async function download(label: string) {
  await me.open(`${garment}/block`);
  await me.press("Print and download");
  const choice = await browser.driver.wait(
    until.elementLocated(By.xpath(`//button[contains(., "${label}")]`)),
    PATIENCE_MS,
  );
  await browser.driver.wait(until.elementIsVisible(choice), PATIENCE_MS);
  await browser.driver.executeScript("arguments[0].click()", choice);
}

/** Hands a file to the page, as choosing it in the dialog does. */
async function giveFile(label: string, name: string, content: string | Buffer) {
  const path = join(browser.downloads, name);
  writeFileSync(path, content);
  const input = await me.find(`input[type="file"][aria-label="${label}"]`);
  await input.sendKeys(path);
}

/** Every figure on the sheet, where they are not all shown already. */
async function showAll() {
  const all = await me.find(".figures-all");
  if ((await all.getAttribute("aria-pressed")) === "false") await all.click();
}

describe("the four ways to a block", () => {
  it("rebuilds it from readings, names a contradiction in numbers, and takes the way out", async () => {
    await me.open(`${garment}/block`);
    await me.write("block.neckline.width", "7,6");
    await me.write("block.neckline.backDepth", "2,5");
    await me.write("block.neckline.backLength", "6");
    await me.until("the contradiction is named", async () => (await me.findings()).includes("neckline-contradiction"));
    expect(await me.pageText()).toMatch(
      /back neckline reads 6 cm, but with the back neck depth 2.5 cm and neck width 7.6 cm it can measure from/,
    );
    await me.remedy("neckline-contradiction", "take-neckline-backLength");
    await me.until("it is resolved", async () => !(await me.findings()).includes("neckline-contradiction"));
    expect(Number(await me.textIn("block.neckline.backLength"))).toBeGreaterThan(7.9);
    await me.write("block.neckline.backLength", "");
    await me.write("block.includesSeamAllowance", "1");
    await me.until("the armhole is on its stitching line", async () => (await mmOf("block.armhole.front")) !== 225);
    expect(await mmOf("block.armhole.front")).toBeLessThan(225.5);
  });

  it("solves it from the measures, its bust dart sewn where a picture of it is chosen, and shows the schools side by side", async () => {
    await takeWay("drafted");
    await me.find('select[name="block.school"]');
    await me.find('[data-line="front.sideDart"]');
    const armhole = await mmOf("block.armhole.front");
    await (await me.find('[data-kinds="block.bustDart"]')).click();
    await (await me.find('[data-kind="block.bustDart shoulder"]')).click();
    await me.find('[data-line="front.shoulderDart"]');
    // The dart is turned about the bust point: the armhole is as long as it was.
    expect(Math.abs((await mmOf("block.armhole.front")) - armhole)).toBeLessThan(0.2);
    await showAll();
    for (const level of ["chest", "waist"]) await me.find(`[data-dim="block.level.${level}"]`);
    // Its point is taken hold of, and goes further from the bust point.
    const handle = await me.find('[data-handle="Point of the bust dart"]');
    const before = Number(await handle.getAttribute("aria-valuenow"));
    await handle.sendKeys(Key.ARROW_UP);
    await me.until(
      "the point has moved",
      async () =>
        Number(await (await me.find('[data-handle="Point of the bust dart"]')).getAttribute("aria-valuenow")) > before,
    );
    await (await me.find('[data-kinds="block.bustDart"]')).click();
    await (await me.find('[data-kind="block.bustDart neck"]')).click();
    await me.find('[data-line="front.slash"]');
    expect(Math.abs((await mmOf("block.armhole.front")) - armhole)).toBeLessThan(0.2);
    // An armhole that is there already is read over it: the sleeve is fitted to that, and the block stays.
    await me.write("block.read.frontArmhole", "26");
    await me.find('[data-finding="armhole-read-over"]');
    expect(Math.abs((await mmOf("block.armhole.front")) - armhole)).toBeLessThan(0.2);
    await me.write("block.read.frontArmhole", "");
    await me.press("Schools side by side");
    expect(await (await me.find("[data-schools-beside]")).getText()).toMatch(/Solved.*Quick rules.*Neckline.*Armhole/s);
  });

  it("drafts it by the quick rules, every one a choice in the open, with darts, levels and a card of its own", async () => {
    await choose("block.school", "quick");
    await me.find('select[name="block.armholeRule"]');
    const woven = await mmOf("block.chestLevel");
    await choose("block.style", "knit");
    await me.until("the rule of the knit is in force", async () => (await mmOf("block.chestLevel")) !== woven);
    expect(await mmOf("block.chestLevel")).toBeCloseTo(946.15 / 4, 0);
    await choose("block.style", "woven");
    await choose("block.shaping", "shoulder-darts");
    await me.find('[data-line="front.shoulderDart"]');
    await showAll();
    for (const level of ["chest", "waist"]) await me.find(`[data-dim="block.level.${level}"]`);
    await me.station("Card");
    await me.press("Front bodice");
    await me.until("the front's card is there", async () => /Shoulder dart/.test(await me.pageText()));
    expect(await me.pageText()).toContain("centre front");
  });

  it("alters it, says what that does to the four curves, and takes it back", async () => {
    await me.station("Block");
    const before = await mmOf("block.armhole.front");
    const sleeveBefore = await me.figure("sleeve.cap.front");
    await me.press("Alter");
    await me.until("the armhole is longer", async () => (await mmOf("block.armhole.front")) > before + 8);
    expect(await (await me.find('[data-alteration="lower-armhole"]')).getText()).toMatch(
      /Front armhole\s*[\d.]+ → [\d.]+ cm/,
    );
    await me.until("the cap follows", async () => (await me.figure("sleeve.cap.front")) !== sleeveBefore);
    await me.find("[data-before] path");
    await me.write("block.alterations.0.by", "2");
    await me.until("it is lowered by more", async () => (await mmOf("block.armhole.front")) > before + 15);
    await me.press("Take back: Lower the armhole");
    await me.until("it is as it was", async () => (await mmOf("block.armhole.front")) === before);
    const choice = await me.find('select[aria-label="Alteration"] option[value="shoulder-dart-to-armhole"]');
    await choice.click();
    await me.press("Alter");
    await me.until(
      "the dart is moved",
      async () => (await browser.driver.findElements(By.css('[data-line="front.shoulderDart"]'))).length === 0,
    );
    await me.press("Undo");
    await me.find('[data-line="front.shoulderDart"]');
  });

  it("goes back to the readings as they were left", async () => {
    await takeWay("readings");
    await me.until("they are there", async () => (await me.textIn("block.neckline.width")) === "7.6");
    await me.holds("block.includesSeamAllowance", "1");
    await me.write("block.includesSeamAllowance", "");
  });

  it("reads it from a drawing: edges guessed, one changed by hand, lengths as drawn", async () => {
    const drawn = draftGarment(
      specOf({
        format: "gamine-garment/1",
        unit: "cm",
        body: { bust: 104 },
        block: { source: "drafted", shaping: "none" },
      }),
    ).block;
    if (!drawn) throw new Error("bust 104 drafts");
    await takeWay("drawing");
    await giveFile("Drawing", "bodice.dxf", writeBlockDxf(drawn));
    const row = await me.find('[data-role="front.armhole"]');
    await me.until("the edges are guessed", async () => /guessed/.test(await row.getText()));
    expect(Number.parseFloat((await row.getText()).replace(/\D*([\d.]+) cm.*/s, "$1")) * 10).toBeCloseTo(
      drawn.front.armhole.length,
      -0.3,
    );
    // The shoulder is taken away and pointed at again, with the keyboard.
    await (await me.find('[data-role="back.shoulder"]')).click();
    const edge = await me.find('[data-edge-role="back.shoulder"]');
    const id = await edge.getAttribute("data-edge");
    await browser.driver.executeScript("arguments[0].focus()", edge);
    await browser.driver.switchTo().activeElement().sendKeys(Key.ENTER);
    await me.find(`[data-edge="${id}"][data-edge-role=""]`);
    await browser.driver.switchTo().activeElement().sendKeys(Key.ENTER);
    await me.find(`[data-edge="${id}"][data-edge-role="back.shoulder"]`);
    await me.press("Use these edges");
    await me.until(
      "it is the block",
      async () => Math.abs((await mmOf("block.armhole.front")) - drawn.front.armhole.length) < 0.6,
    );
    expect(Math.abs((await mmOf("block.neckline.back")) - drawn.back.neckline.length)).toBeLessThan(0.6);
    expect(await (await me.find('[data-edge-length="back.armhole"]')).getText()).toMatch(/cm$/);
  });

  it("asks for the unit of a drawing that says none, and refuses a hostile one in plain words", async () => {
    await me.press("Open a drawing again");
    await giveFile(
      "Drawing",
      "bomb.svg",
      '<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg width="9mm" height="9mm"><text>&a;</text></svg>',
    );
    expect(await (await me.find('[data-drawing-problem="unsafe"]')).getText()).toContain("plain SVG");
    await giveFile("Drawing", "big.svg", Buffer.alloc(6_000_000, " "));
    await me.find('[data-drawing-problem="too-large"]');
    await giveFile(
      "Drawing",
      "unitless.svg",
      '<svg width="300" height="300" viewBox="0 0 300 300"><script>document.title="owned"</script><path id="&lt;img src=x onerror=alert(1)&gt;" d="M0 0L0 200"/></svg>',
    );
    await me.find('[data-drawing-problem="no-unit"]');
    await choose("drawing.unit", "mm");
    const edge = await me.find("[data-edge]");
    expect(await edge.getAttribute("aria-label")).toContain("<img src=x onerror=alert(1)>, 200 mm");
    expect(await browser.driver.findElements(By.css('img[src="x"]'))).toEqual([]);
    expect(await browser.driver.getTitle()).not.toContain("owned");
  });

  it("traces it on the tilted sample photograph to within 2 mm of the truth, and says how far it may be off", async () => {
    const truth = JSON.parse(readFileSync("core/testing/data/sample-photo.json", "utf8")) as Truth;
    await takeWay("photograph");
    await me.press("Try it on a sample photograph");
    await me.find("[data-photo] image");
    for (let i = 0; i < 4; i++) await me.press("Zoom in");
    for (const corner of truth.sheet) await point(browser, corner.x, corner.y);
    for (const role of ["front.armhole", "back.armhole", "back.neckline"]) {
      await (await me.find(`[data-role="${role}"]`)).click();
      const edge = truth.edges[role];
      for (const [x, y] of edge?.places ?? []) await point(browser, x, y);
      const row = await me.find(`[data-role="${role}"]`);
      await me.until(`${role} is measured`, async () => /cm ± /.test((await row.getText()).replace(/\s+/g, " ")));
    }
    // The same places are dark on the picture itself: the truth is what the picture shows.
    for (const role of ["front.armhole", "back.armhole"])
      expect(await darkShare(browser, truth.edges[role]?.places ?? [])).toBeGreaterThan(0.9);
    await me.press("Use these edges");
    await me.find('[data-finding="traced-estimate"]');
    for (const side of ["front", "back"]) {
      const off = Math.abs((await mmOf(`block.armhole.${side}`)) - (truth.edges[`${side}.armhole`]?.length ?? 0));
      expect(off, `${side} armhole`).toBeLessThan(2);
    }
    expect(await me.pageText()).toMatch(/good to about ± 0\.\d cm/);
  });

  it("keeps what was traced through saving and reloading, and hands the outline out as SVG and DXF", async () => {
    const length = await me.figure("block.armhole.front");
    await me.press("Save");
    await me.until("it is saved", async () =>
      /Saved as version 2/.test(await (await me.find("[data-told]")).getText()),
    );
    await me.open(`${garment}/block`);
    await me.reads("block.armhole.front", length);
    await download("Bodice block, SVG");
    expect((await me.downloaded("-block.svg")).toString()).toContain('id="front.armhole"');
    await download("Bodice block, DXF");
    expect((await me.downloaded("-block.dxf")).toString()).toContain("SPLINE");
    expect(await complaints(browser.driver)).toEqual([]);
  });

  it("fits a second photograph to the sheet, whatever the first was like", async () => {
    await takeWay("readings");
    await takeWay("photograph");
    const fitted = async () => {
      const [sheet, scale] = [
        await me.find("[data-photo]"),
        await (await me.find("[data-photo]")).getAttribute("data-scale"),
      ];
      const { width, height } = await sheet.getRect();
      return { width, height, scale: Number(scale) };
    };
    for (const [width, height] of [
      [400, 1200],
      [1600, 500],
    ] as const) {
      await takePicture(browser, width, height);
      await me.until(`a picture of ${width} by ${height} fills the sheet`, async () => {
        const room = await fitted();
        const most = Math.min(room.width / width, room.height / height);
        return room.scale <= most && room.scale > 0.9 * most;
      });
    }
  });
});
