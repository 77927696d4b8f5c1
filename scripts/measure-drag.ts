import { By, until } from "selenium-webdriver";
import { openAsDemo, openBrowser } from "../e2e/browser";
import { PATIENCE_MS } from "../e2e/person";

/**
 * How long a drag takes from the pointer's move to the painted frame, in Chromium, on the built app: start it with
 * npm start, then `npx tsx scripts/measure-drag.ts http://127.0.0.1:4173 [FRAMES]`. Wanted: under 16.7 ms (one frame at 60 a
 * second) at the 95th percentile.
 */
const [base = "http://127.0.0.1:4173", frames = "600"] = process.argv.slice(2);
const MOVES = Number(frames);
const WARM_UP = MOVES / 10;

/**
 * Chromium hands a pointer's move to the page at the start of a frame. The moves are made the same way here: one in each
 * animation frame, timed from its making until after that frame has been painted (a message posted in a frame arrives then).
 */
const DRAG = `
  const [grip, isUpright, moves, done] = arguments;
  const box = grip.getBoundingClientRect();
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const samples = { handled: [], painted: [] };
  let i = 0;
  const frame = () => {
    if (++i > moves) return done(samples);
    const swing = Math.sin(i / 40) * 30;
    const begun = performance.now();
    grip.dispatchEvent(new PointerEvent('pointermove', { bubbles: true, pointerId: 1, clientX: at.x + (isUpright ? 0 : swing), clientY: at.y + (isUpright ? swing : 0) }));
    samples.handled.push(performance.now() - begun);
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      samples.painted.push(performance.now() - begun);
      requestAnimationFrame(frame);
    };
    channel.port2.postMessage(0);
  };
  requestAnimationFrame(frame);
`;

const { driver, close } = await openBrowser();
try {
  await openAsDemo(driver, base);
  const address = (await driver.findElement(By.linkText("Harbour blouse")).getAttribute("href")) ?? base;
  for (const [station, handle] of [
    ["sleeve", "Crown"],
    ["sleeve", "Front end of the cap line"],
  ] as const) {
    await driver.get(address.replace(/[^/]+$/, station));
    const grip = await driver.wait(
      until.elementLocated(By.css(`[data-handle="${handle}"] .handle`)),
      PATIENCE_MS,
      `no handle “${handle}”`,
    );
    await driver.sleep(1500);
    const { x, y, width, height } = await grip.getRect();
    const mouse = (type: string) =>
      driver.sendDevToolsCommand("Input.dispatchMouseEvent", {
        type,
        x: x + width / 2,
        y: y + height / 2,
        button: "left",
        buttons: 1,
        clickCount: 1,
      });
    await mouse("mousePressed");
    const samples = await driver.executeAsyncScript<{ handled: number[]; painted: number[] }>(
      DRAG,
      grip,
      handle === "Crown",
      MOVES,
    );
    await mouse("mouseReleased");
    console.log(`${handle}, ${samples.painted.length} frames`);
    report("  redrafted and redrawn", samples.handled.slice(WARM_UP));
    report("  input to painted frame", samples.painted.slice(WARM_UP));
  }
} finally {
  await close();
}

function report(name: string, samples: readonly number[]) {
  const sorted = [...samples].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]?.toFixed(1);
  console.log(`${name}: median ${at(0.5)} ms, 95 % ${at(0.95)} ms, worst ${at(1)} ms`);
}
