import { mkdirSync, writeFileSync } from "node:fs";
import { By, until } from "selenium-webdriver";
import { complaints, openAsDemo, openBrowser, setSize } from "../e2e/browser";

/**
 * Takes the pictures of the README from the demo data of a running app: npm start, then
 * `npx tsx scripts/screenshots.ts http://127.0.0.1:4173 docs/screenshots`.
 */
const [base = "http://127.0.0.1:4173", folder = "docs/screenshots", only] = process.argv.slice(2);

const { driver, close } = await openBrowser();
mkdirSync(folder, { recursive: true });

async function shoot(
  name: string,
  path: string,
  {
    width = 1280,
    height = 800,
    ready = "main",
    act,
  }: { width?: number; height?: number; ready?: string; act?: () => Promise<void> } = {},
) {
  if (only && !name.includes(only)) return;
  await setSize(driver, width, height);
  await driver.get(`${base}${path}`);
  await driver.wait(until.elementLocated(By.css(ready)), 15_000);
  await driver.sleep(900);
  await act?.();
  writeFileSync(`${folder}/${name}.png`, Buffer.from(await driver.takeScreenshot(), "base64"));
  const said = await complaints(driver);
  if (said.length > 0) console.log(name, said);
}

async function hrefOf(text: string): Promise<string> {
  const link = await driver.findElement(By.linkText(text));
  return new URL((await link.getAttribute("href")) ?? "").pathname;
}

function focusOn(name: string) {
  return async () => {
    const box = await driver.findElement(By.css(`input[name="${name}"]`));
    await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' }); arguments[0].focus()", box);
    await driver.sleep(300);
  };
}

/** The card of the figure that holds this part of the drawing. */
function pressFigure(css: string) {
  return async () => {
    const mark = await driver.findElement(By.css(css));
    await driver.executeScript("arguments[0].dispatchEvent(new MouseEvent('click', { bubbles: true }))", mark);
    await driver.sleep(600);
  };
}

/** The lay plan, and the other way of laying tried. */
async function layPlan() {
  await driver.findElement(By.xpath('//button[normalize-space(.)="Lay plan"]')).click();
  await driver.wait(until.elementLocated(By.css("[data-other-way]")), 90_000);
  await driver.sleep(6000);
}

/** The fine toile, at rest. */
async function hung() {
  await driver.wait(until.elementLocated(By.css("[data-fineness=fine]")), 60_000);
  await driver.sleep(1500);
}

try {
  await openAsDemo(driver, base);
  const blouse = (await hrefOf("Harbour blouse")).replace(/\/[^/]+$/, "");
  const dress = (await hrefOf("Silk noil dress")).replace(/\/[^/]+$/, "");
  const jacket = (await hrefOf("Lamplighter jacket")).replace(/\/[^/]+$/, "");
  const coat = (await hrefOf("Tidewater raglan coat")).replace(/\/[^/]+$/, "");
  const crepe = (await hrefOf("Wool crêpe jacket")).replace(/\/[^/]+$/, "");
  await driver.get(`${base}${crepe}/fittings`);
  const worn = new URL((await driver.findElement(By.css(".fitting-row a")).getAttribute("href")) ?? "").pathname;
  await driver.get(`${base}/clients`);
  const client = await hrefOf("Odile Brandt");
  await shoot("worktable", "/");
  await shoot("client", client);
  await shoot("measures", `${blouse}/measures`, { ready: "[data-body-figure]", act: focusOn("body.armholeGirth") });
  await shoot("block", `${jacket}/block`, { ready: "svg.sheet" });
  await shoot("sleeve", `${blouse}/sleeve`, {
    ready: '[data-dim="sleeve.capWidth"]',
    act: pressFigure('[data-dim="sleeve.capWidth"] .figure-words'),
  });
  await shoot("raglan", `${coat}/sleeve`, { ready: "svg.sheet" });
  await shoot("collar", `${jacket}/collar`, { ready: "svg.sheet" });
  await shoot("pieces", `${jacket}/pieces`, { ready: "[data-piece]" });
  await shoot("cut", `${jacket}/cut`, { ready: "[data-cut]", act: layPlan });
  await shoot("wear", `${jacket}/wear`, { ready: ".toile-view", act: hung });
  await shoot("new-garment", `/garments/new?client=new`, { ready: "[data-point]" });
  await shoot("fitting", worn, { ready: "svg.sheet" });
  await shoot("versions", `${crepe}/versions`, { ready: "svg.sheet" });
  await shoot("help", "/help", { ready: "[data-help]" });
  await shoot("methods", `${blouse}/sleeve?view=methods`, {
    ready: '[data-chart="trade-off"] svg',
    height: 1200,
  });
  await shoot("findings", `${dress}/sleeve`, { ready: ".figure-sign", act: pressFigure(".figure-sign") });
  await shoot("match", `${blouse}/match`, { ready: "[data-chart] svg" });
  await shoot("card", `${blouse}/card`, { ready: "[data-step]" });
} finally {
  await close();
}
