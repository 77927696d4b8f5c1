import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { By, Key, until, type WebElement } from "selenium-webdriver";
import type { Browser } from "./browser";
import { enterDemo } from "./entering";

/** What never comes is found to be missing; how slow a machine is decides nothing. */
export const PATIENCE_MS = 120_000;
/** Panels and the stations' states follow the sheet by a sixth of a second. */
const SETTLED_MS = 250;

/** What a person at the screen does, in a person's words. */
export function person({ driver, downloads }: Browser, base: string, { isKnown = false } = {}) {
  let isIn = isKnown;
  /** What is folded away is unfolded until it is found. */
  const unfolding = (by: By, orElse: string): Promise<WebElement> =>
    driver.wait(
      async () => {
        const [found] = await driver.findElements(by);
        if (found) return found;
        for (const folded of await driver.findElements(By.css(".fields-part:not([open]) > summary")))
          await folded.click().catch(() => {});
        return null;
      },
      PATIENCE_MS,
      orElse,
    ) as Promise<WebElement>;
  const find = (css: string): Promise<WebElement> => unfolding(By.css(css), `nothing like ${css}`);
  const box = (name: string) => find(`input[name="${name}"]`);
  const until_ = async <T>(what: string, ask: () => Promise<T | false | null | undefined>): Promise<T> =>
    (await driver.wait(
      async () => {
        try {
          return (await ask()) || null;
        } catch {
          return null;
        }
      },
      PATIENCE_MS,
      `waited in vain until ${what}`,
    )) as T;
  const figure = (id: string): Promise<string> =>
    until_(`the figure ${id} is read`, async () => {
      for (const folded of await driver.findElements(By.css(".figures-part:not([open]) > summary")))
        await folded.click();
      return (await driver.findElement(By.css(`[data-figure="${id}"] summary b`))).getText();
    });
  return {
    find,
    until: until_,
    open: async (path: string) => {
      await entered();
      await driver.get(`${base}${path}`);
      await hydrated();
    },
    /** Writes over what stands in a box and leaves it. */
    write: async (name: string, text: string, { leave = true } = {}) => {
      const field = await box(name);
      await field.click();
      await field.sendKeys(Key.chord(Key.CONTROL, "a"), text === "" ? Key.BACK_SPACE : text);
      if (leave) await field.sendKeys(Key.TAB);
    },
    textIn: async (name: string) => (await box(name)).getAttribute("value"),
    /** Waits until the box holds this text. */
    holds: (name: string, text: string) =>
      until_(`${name} holds ${text}`, async () => (await (await box(name)).getAttribute("value")) === text),
    press: async (label: string) => {
      const found = await unfolding(
        By.xpath(
          `//button[normalize-space(.)=${quote(label)} or @aria-label=${quote(label)}] | //a[normalize-space(.)=${quote(label)}]`,
        ),
        `no button or link "${label}"`,
      );
      await driver.wait(until.elementIsEnabled(found), PATIENCE_MS, `"${label}" stayed off`);
      await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", found);
      await found.click();
    },
    /** What a new garment is to start from. */
    choosePoint: async (id: string) => {
      const card = await find(`[data-point="${id}"]`);
      await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", card);
      await card.click();
    },
    /** A style or a collar, by its picture. */
    chooseKind: async (name: string, kind: string) => {
      const folded = await find(`[data-kinds="${name}"]`);
      await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", folded);
      await folded.click();
      const picture = await find(`[data-kind="${name} ${kind}"]`);
      await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", picture);
      await picture.click();
    },
    station: async (name: string) => {
      const link = await driver.wait(
        until.elementLocated(
          By.xpath(`//nav[@aria-label="Stations"]//a[starts-with(normalize-space(.), ${quote(name)})]`),
        ),
        PATIENCE_MS,
      );
      // What a station says beside its name follows the drafting a moment behind, and moves the names after it: aimed at before, another is hit.
      let before = -1;
      await until_(`${name} stands still`, async () => {
        const { x } = await link.getRect();
        const isStill = x === before;
        before = x;
        if (!isStill) await driver.sleep(SETTLED_MS);
        return isStill;
      });
      await link.click();
      // The address changes a moment before the screen does.
      await driver.wait(
        until.elementLocated(
          By.xpath(
            `//nav[@aria-label="Stations"]//a[@aria-current="page" and starts-with(normalize-space(.), ${quote(name)})]`,
          ),
        ),
        PATIENCE_MS,
      );
    },
    /** The figure as it is written in the list of figures, those of other parts unfolded. */
    figure,
    /** Waits until the figure reads so: the lists follow the drafting a moment behind. */
    reads: (id: string, text: string) => until_(`${id} reads ${text}`, async () => (await figure(id)) === text),
    findings: async () => {
      const notes = await driver.findElements(By.css("[data-finding]"));
      return Promise.all(notes.map((note) => note.getAttribute("data-finding")));
    },
    remedy: async (finding: string, id: string) => {
      // The list is drawn anew when its remedies have been tried: a button that was just replaced is looked for again.
      await until_(`${id} is pressed`, async () => {
        const button = await find(`[data-finding="${finding}"] [data-remedy="${id}"]`);
        return driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", button).then(
          () => button.click().then(() => true),
          () => false,
        );
      });
    },
    drag: async (handle: string, dx: number, dy: number) => {
      const grip = await find(`[data-handle="${handle}"] .handle`);
      await driver
        .actions({ async: true })
        .move({ origin: grip })
        .press()
        .move({ origin: grip, x: Math.round(dx / 2), y: Math.round(dy / 2), duration: 120 })
        .perform();
      await driver
        .actions({ async: true })
        .move({ origin: "pointer" as never, x: Math.round(dx / 2), y: Math.round(dy / 2), duration: 120 })
        .release()
        .perform();
    },
    pageText: async () => (await find("main")).getText(),
    /** The downloaded file, once it is whole: the browser keeps its name with an empty file while it writes beside it. */
    downloaded: (ending: string): Promise<Buffer> =>
      until_(`a ${ending} is downloaded`, async () => {
        const files = existsSync(downloads) ? readdirSync(downloads) : [];
        const name = files.find((file) => file.endsWith(ending));
        if (name === undefined || files.some((file) => file.endsWith(".crdownload"))) return false;
        const bytes = readFileSync(join(downloads, name));
        return bytes.length > 0 && bytes;
      }),
  };

  /** In the demo workroom, as whoever sits at this machine: the first time, by the session that the press of a button there opens. */
  async function entered() {
    if (isIn) return;
    isIn = true;
    const [name = "", value = ""] = (await enterDemo(base)).split("=");
    await driver.sendDevToolsCommand("Network.setCookie", { name, value, url: base, httpOnly: true, sameSite: "Lax" });
    // Findings are read and mended where all of them stand: the panel is open, as this person left it.
    await driver.sendDevToolsCommand("Network.setCookie", { name: "gamine-folded", value: "none", url: base });
  }

  async function hydrated() {
    await driver.wait(until.elementLocated(By.css("main")), PATIENCE_MS);
    await driver.wait(
      () =>
        driver.executeScript<boolean>(
          "return Object.keys(document.querySelector('main')).some((key) => key.startsWith('__react'))",
        ),
      PATIENCE_MS,
      "the page did not come alive",
    );
    // What listens for keys is set up after that, by work that the browser does before it is idle.
    await driver.executeAsyncScript("requestIdleCallback(arguments[0], { timeout: 5000 })");
  }
}

export type Person = ReturnType<typeof person>;

function quote(text: string): string {
  return text.includes('"') ? `'${text}'` : `"${text}"`;
}
