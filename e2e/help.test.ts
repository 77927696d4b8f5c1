import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { type Browser, openBrowser } from "./browser";
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

const shown = () =>
  browser.driver.executeScript<readonly string[]>(
    "return [...document.querySelectorAll('[data-help]')].map(({ dataset }) => dataset.help)",
  );
const seeks = async (words: string) => {
  const box = await she.find('input[aria-label="Find in the help"]');
  await box.sendKeys(Key.chord(Key.CONTROL, "a"), words === "" ? Key.BACK_SPACE : words);
};

describe("the page of help", () => {
  it("opens by a key, with the order of work, the words, the findings and the keys", async () => {
    await she.open("/");
    await browser.driver.actions({ async: true }).keyDown(Key.SHIFT).sendKeys("?").keyUp(Key.SHIFT).perform();
    await she.find('[data-help="measures"]');
    expect(new URL(await browser.driver.getCurrentUrl()).pathname).toBe("/help");
    expect(await shown()).toEqual(expect.arrayContaining(["card", "Gorge", "bust", "sleeve-binds", "anywhere help"]));
  });

  it("finds a word by what else it is called, and shows it on the draft", async () => {
    await seeks("revers");
    await she.until("only the lapel is left", async () => (await shown()).join() === "Lapel");
    const lit = await she.find('[data-help="Lapel"] path.lit');
    expect(((await lit.getAttribute("d")) ?? "").length).toBeGreaterThan(20);
    await seeks("no such thing");
    await she.until("it is said", async () => /Nothing here is called “no such thing”/.test(await she.pageText()));
    await seeks("puckers");
    await she.until("what puckers is found", async () => (await shown()).includes("cap-too-long"));
    await seeks("");
    await she.until("all is there again", async () => (await shown()).length > 150);
  });

  it("has a picture beside every word and every measure", async () => {
    const pictures = await browser.driver.findElements(By.css(".help-words .help-picture svg"));
    const words = await browser.driver.findElements(By.css(".help-words [data-help]"));
    expect(pictures.length).toBe(words.length);
  });
});
