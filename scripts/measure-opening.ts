import { By } from "selenium-webdriver";
import { openAsDemo, openBrowser } from "../e2e/browser";

/**
 * How long the first garment page takes to open on a slow machine, in Chromium with the processor at a quarter of its speed and nothing
 * kept from before: start the app with npm start, then `npx tsx scripts/measure-opening.ts http://127.0.0.1:4173 [ROUNDS]`. Wanted: to be worked
 * with within 2 s, no task longer than 200 ms, less than 300 kB of script before the charts.
 */
const [base = "http://127.0.0.1:4173", asked = "7"] = process.argv.slice(2);
const SLOWER = 4;
const ROUNDS = Number(asked);
const SETTLED_MS = 6000;

/** Runs before the page does: when the first handle can be taken hold of, and every task over 50 ms. */
const WATCH = `
  window.seen = { handle: null, tasks: [] };
  new PerformanceObserver((list) => {
    for (const { startTime, duration } of list.getEntries()) seen.tasks.push([startTime, duration]);
  }).observe({ type: 'longtask', buffered: true });
  const look = () => {
    if (document.querySelector('[data-handle] .handle')) {
      seen.handle = performance.now();
      return;
    }
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
`;

const READ = `
  const scripts = performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js'));
  const before = scripts.filter(({ startTime }) => startTime < seen.handle);
  return { ...seen, bytes: before.reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0), scripts: before.length };
`;

type Seen = {
  readonly handle: number;
  readonly tasks: readonly (readonly [number, number])[];
  readonly bytes: number;
  readonly scripts: number;
};

const { driver, close } = await openBrowser();
try {
  await openAsDemo(driver, base);
  const address = (await driver.findElement(By.linkText("Harbour blouse")).getAttribute("href")) ?? base;
  await driver.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: WATCH });
  await driver.sendDevToolsCommand("Network.setCacheDisabled", { cacheDisabled: true });
  await driver.sendDevToolsCommand("Emulation.setCPUThrottlingRate", { rate: SLOWER });
  const rounds: Seen[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    await driver.get("about:blank");
    await driver.get(address);
    await driver.sleep(SETTLED_MS);
    rounds.push(await driver.executeScript<Seen>(READ));
  }
  const kilobytes = rounds.map(({ bytes }) => bytes / 1000).sort((a, b) => a - b);
  const at = (share: number) => (kilobytes[Math.floor(share * (kilobytes.length - 1))] ?? 0).toFixed(1);
  console.log(`script before the first handle, packed: median ${at(0.5)} kB, most ${at(1)} kB`);
  report(
    "first handle",
    rounds.map(({ handle }) => handle),
  );
  report(
    "longest task",
    rounds.map(({ tasks }) => Math.max(0, ...tasks.map(([, duration]) => duration))),
  );
  console.log(
    `tasks of the last round: ${rounds
      .at(-1)
      ?.tasks.map(([at, ms]) => `${at.toFixed(0)}+${ms.toFixed(0)}`)
      .join(" ")}`,
  );
} finally {
  await close();
}

function report(name: string, samples: readonly number[]) {
  const sorted = [...samples].sort((a, b) => a - b);
  console.log(
    `${name}: median ${sorted[Math.floor(sorted.length / 2)]?.toFixed(0)} ms, worst ${sorted.at(-1)?.toFixed(0)} ms`,
  );
}
