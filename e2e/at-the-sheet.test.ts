import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, complaints, openBrowser } from "./browser";
import { enterDemo } from "./entering";
import { type Person, person } from "./person";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let browser: Browser;
let she: Person;

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  browser = await openBrowser();
  she = person(browser, app.url);
  await she.open("/");
  await she.press("Poplin work shirt");
  await she.station("Sleeve");
});

afterAll(async () => {
  await browser?.close();
  await app?.close();
});

const keys = (...chord: string[]) =>
  browser.driver.findElement(By.css("svg.sheet[role=application]")).sendKeys(Key.chord(...chord));

describe("working at the sheet", () => {
  it("goes from box to box with Enter, one hand free for the tape", async () => {
    await she.station("Measures");
    const first = await she.find('input[name="body.upperArm"]');
    await first.click();
    await first.sendKeys(Key.ENTER);
    const focused = await browser.driver.switchTo().activeElement();
    expect(await focused.getAttribute("name")).toBe("body.elbow");
    await she.station("Sleeve");
  });

  it("drags an end of the cap line: the sleeve widens on both sides and the crown comes down", async () => {
    const height = await she.figure("sleeve.capHeight");
    const width = await she.figure("sleeve.capWidth");
    await she.drag("Front end of the cap line", 12, 0);
    await she.until("the sleeve is wider", async () => (await she.figure("sleeve.capWidth")) !== width);
    await she.until("the cap is lower", async () => (await she.figure("sleeve.capHeight")) !== height);
    await she.reads("sleeve.surplus", "0 in");
  });

  it("stops the hand where no cap exists, and says so while it is held", async () => {
    const grip = await she.find('[data-handle="Crown"] .handle');
    await browser.driver
      .actions({ async: true })
      .move({ origin: grip })
      .press()
      .move({ origin: grip, x: 0, y: 300, duration: 150 })
      .perform();
    await she.until("the limit is told", async () =>
      (await she.pageText()).includes("Stopped at 1 in: this armhole with its ease allows no more."),
    );
    await browser.driver.actions({ async: true }).release().perform();
    await she.until("it is gone when the hand lets go", async () => !(await she.pageText()).includes("Stopped at"));
    await she.reads("sleeve.capHeight", "1 in");
  });

  it("undoes and redoes with the keys", async () => {
    await keys(Key.CONTROL, "z");
    await she.until("the crown is back", async () => (await she.figure("sleeve.capHeight")) !== "1 in");
    await keys(Key.CONTROL, Key.SHIFT, "z");
    await she.until("the crown is down again", async () => (await she.figure("sleeve.capHeight")) === "1 in");
    await keys(Key.CONTROL, "z");
    await keys(Key.CONTROL, "z");
    await she.until("all is as it was saved", async () => !(await (await she.find("#save-garment")).isEnabled()));
  });

  it("takes what is typed in a box at once, before the box is left", async () => {
    await she.write("sleeve.capEase", "1/4", { leave: false });
    await she.until("the ease is taken", async () => (await she.figure("sleeve.capEase")) === "1⁄4 in");
    await (await she.find('input[name="sleeve.capEase"]')).sendKeys(Key.TAB);
  });

  it("saves with the keys", async () => {
    await keys(Key.CONTROL, "s");
    await she.until("it is saved", async () =>
      (await she.find('[data-told="saved"]')).getText().then((text) => text.includes("Saved as version 2")),
    );
  });

  it("shows the version before under a change, and nothing where nothing changed", async () => {
    expect((await browser.driver.findElements(By.css(".sheet .before"))).length).toBe(0);
    await she.write("sleeve.upperArmEase", "4");
    await she.find(".sheet .before");
    await she.press("Undo");
    await she.until(
      "it is gone",
      async () => (await browser.driver.findElements(By.css(".sheet .before"))).length === 0,
    );
  });

  it("empties a box back to its default, which is shown in its place", async () => {
    await she.write("sleeve.capEase", "");
    await she.until("the usual ease is taken", async () => (await she.figure("sleeve.capEase")) === "1⁄8 in");
    expect(await (await she.find('input[name="sleeve.capEase"]')).getAttribute("placeholder")).toBe("1⁄8");
    await she.press("Undo");
    await she.until("the ease is back", async () => (await she.textIn("sleeve.capEase")) === "1/4");
  });

  it("takes a handle that is pressed while a box is typed in for a step of its own: each is undone by itself", async () => {
    const start = await she.figure("sleeve.capHeight");
    await she.write("sleeve.upperArmEase", "3", { leave: false });
    await she.until("the typing is taken", async () => (await she.figure("sleeve.capHeight")) !== start);
    const typed = await she.figure("sleeve.capHeight");
    await she.drag("Crown", 0, 14);
    await she.until("the crown is moved", async () => (await she.figure("sleeve.capHeight")) !== typed);
    await keys(Key.CONTROL, "z");
    await she.reads("sleeve.capHeight", typed);
    // Each box follows the drafting a moment behind in its own time, as each list does.
    await she.until("the typed ease is back", async () => (await she.textIn("sleeve.upperArmEase")) === "3");
    await keys(Key.CONTROL, "z");
    await she.reads("sleeve.capHeight", start);
    expect(await (await she.find("#save-garment")).isEnabled()).toBe(false);
  });

  it("takes a remedy that is only pointed at for no step", async () => {
    await she.write("sleeve.capEase", "3");
    const undoable = async () => (await she.find('button[aria-label="Undo"]')).isEnabled();
    const remedy = await she.find("[data-remedy]");
    await browser.driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", remedy);
    await browser.driver.actions({ async: true }).move({ origin: remedy }).perform();
    await she.find(".sheet .preview");
    await she.press("Undo");
    await she.until("the typing alone was a step", async () => (await she.textIn("sleeve.capEase")) === "1/4");
    expect(await undoable()).toBe(true);
    expect(await (await she.find("#save-garment")).isEnabled()).toBe(false);
  });

  it("keeps what two tabs do to one garment apart, each through a reload of its own", async () => {
    const first = await browser.driver.getWindowHandle();
    await she.write("sleeve.capEase", "3/8");
    await she.reads("sleeve.capEase", "3⁄8 in");
    const address = await browser.driver.getCurrentUrl();
    await browser.driver.switchTo().newWindow("tab");
    const second = await browser.driver.getWindowHandle();
    await browser.driver.get(address);
    await she.write("sleeve.capEase", "5/8");
    await she.reads("sleeve.capEase", "5⁄8 in");
    for (const [tab, ease] of [
      [first, "3⁄8 in"],
      [second, "5⁄8 in"],
    ] as const) {
      await browser.driver.switchTo().window(tab);
      await browser.driver.navigate().refresh();
      await she.reads("sleeve.capEase", ease);
    }
    const save = async (told: string) => {
      await she.press("Save");
      return (await she.find(`[data-told="${told}"]`)).getText();
    };
    await save("saved");
    await browser.driver.close();
    await browser.driver.switchTo().window(first);
    await she.write("sleeve.capEase", "1/2");
    expect(await save("beside")).toContain("both are kept");
    // What the other tab saved first stands.
    await she.reads("sleeve.capEase", "5⁄8 in");
  });

  it("keeps the unit and the paper over a reload, already as the page is written", async () => {
    await she.press("cm");
    await she.press("Change to dark paper");
    const page = await (
      await fetch(app.url, { headers: { cookie: `gamine-unit=cm; gamine-look=dark; ${await enterDemo(app.url)}` } })
    ).text();
    expect(page).toMatch(/<html[^>]*class="dark"/);
    await browser.driver.navigate().refresh();
    await she.until("the boxes are in centimetres", async () => (await she.figure("sleeve.capEase")) === "1.6 cm");
    expect(await browser.driver.executeScript("return document.documentElement.className")).toContain("dark");
  });

  it("never made the page complain", async () => {
    expect(await complaints(browser.driver)).toEqual([]);
  });
});
