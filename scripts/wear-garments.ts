import { readdirSync, rmSync } from "node:fs";
import { join } from "node:path";
import sharp from "sharp";
import { openBrowser } from "../e2e/browser";
import { person } from "../e2e/person";

/**
 * Starts eight garments on a running app and wears them, prints how long each took, and puts their pictures together: front and back with the arm down, front
 * and back with it raised. npx tsx scripts/wear-garments.ts http://127.0.0.1:4173 docs/screenshots/worn.png. Wanted without a graphics card:
 * a coarse toile within 3 s, the fine one within 12 s, another pose within 4 s, and a page that answers within a frame (17 ms) while it hangs.
 */
const [base = "http://127.0.0.1:4173", file = "docs/screenshots/worn.png"] = process.argv.slice(2);
const POINTS = ["blouse", "work-shirt", "jacket", "t-shirt", "kimono-top", "shirt-dress", "raglan-coat", "cardigan"];
const MOST_MS = 90_000;
const [WIDTH, HEIGHT] = [300, 300];

const browser = await openBrowser();
const { driver, close } = browser;
const she = person(browser, base);

const state = () =>
  driver.executeScript<{ fineness: string | null; busy: boolean; says: string | null }>(`return {
    fineness: document.querySelector("[data-fineness]")?.dataset.fineness ?? null,
    busy: document.querySelector(".toile-progress progress") !== null,
    says: document.querySelector(".toile-says")?.textContent ?? null,
  }`);

/** Milliseconds until something shows, and until nothing is done any more. */
async function hangs(): Promise<{ readonly first: number; readonly all: number; readonly says: string | null }> {
  const begun = Date.now();
  let first = 0;
  while (Date.now() - begun < MOST_MS) {
    const { fineness, busy, says } = await state();
    if (says) return { first, all: Date.now() - begun, says };
    if (fineness && first === 0) first = Date.now() - begun;
    if (fineness && !busy && Date.now() - begun > 700) return { first, all: Date.now() - begun, says: null };
    await driver.sleep(40);
  }
  return { first, all: MOST_MS, says: "not in time" };
}

/** The toile as it is saved: drawn anew for it, from where it is looked at. */
async function picture(view: string): Promise<Buffer> {
  await she.press(view);
  // The eye is told in the page's next frame.
  await driver.sleep(200);
  await she.press("Save the picture");
  const whole = sharp(await she.downloaded("-worn.png"));
  for (const name of readdirSync(browser.downloads)) rmSync(join(browser.downloads, name));
  const { width = 1, height = 1 } = await whole.metadata();
  const side = Math.min(width, height);
  return whole
    .extract({ left: Math.floor((width - side) / 2), top: Math.floor((height - side) / 2), width: side, height: side })
    .resize(WIDTH, HEIGHT)
    .toBuffer();
}

/** Asks the page every millisecond from now on, and notes how long it does not answer. */
const watch = () =>
  driver.executeScript(`
    window.silences = [];
    const channel = new MessageChannel();
    let asked = performance.now();
    channel.port1.onmessage = () => {
      window.silences.push(performance.now() - asked);
      setTimeout(() => { asked = performance.now(); channel.port2.postMessage(null); }, 1);
    };
    channel.port2.postMessage(null);
  `);

/** The longest that the page did not answer since it was asked last, in milliseconds, and how often it was longer than a frame. */
const silence = async () => {
  const all = await driver.executeScript<number[]>("const all = window.silences; window.silences = []; return all;");
  return `page silent ${Math.round(Math.max(...all))} ms at most, ${all.filter((ms) => ms > 1000 / 60).length} times over a frame`;
};

try {
  const tiles: { input: Buffer; left: number; top: number }[] = [];
  for (const [row, point] of POINTS.entries()) {
    await she.open("/garments/new");
    await she.choosePoint(point);
    await she.press("Start the garment");
    // Its remedies are tried and its pictures made first, as for somebody who has looked at it before wearing it.
    await driver.sleep(1500);
    await watch();
    await she.station("Wear");
    const sewn = await hangs();
    console.log(
      `${point}: coarse ${sewn.first} ms, fine ${sewn.all} ms${sewn.says ? `, ${sewn.says}` : ""}; ${await silence()}`,
    );
    if (sewn.says) continue;
    const pictures = [await picture("Front"), await picture("Back")];
    await driver.executeScript(`
      const slider = document.querySelector("#arm-raised");
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(slider, "70");
      slider.dispatchEvent(new Event("input", { bubbles: true }));
      slider.dispatchEvent(new FocusEvent("focusout", { bubbles: true }));
    `);
    await silence();
    await driver.sleep(700);
    const raised = await hangs();
    console.log(`  arm raised: ${raised.all + 700} ms${raised.says ? `, ${raised.says}` : ""}; ${await silence()}`);
    if (!raised.says) pictures.push(await picture("Front"), await picture("Back"));
    for (const [i, input] of pictures.entries())
      tiles.push({ input, left: (row % 2) * 4 * WIDTH + i * WIDTH, top: Math.floor(row / 2) * HEIGHT });
  }
  const rows = Math.ceil(POINTS.length / 2);
  const whole = await sharp({ create: { width: 8 * WIDTH, height: rows * HEIGHT, channels: 3, background: "#f7f4ee" } })
    .composite(tiles)
    .png()
    .toBuffer();
  await sharp(whole).resize(1600).png({ palette: true }).toFile(file);
} finally {
  await close();
}
