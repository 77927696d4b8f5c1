import { mkdirSync, writeFileSync } from "node:fs";
import { By, until } from "selenium-webdriver";
import { complaints, openBrowser, setSize } from "../e2e/browser";

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

try {
  await driver.get(base);
  const blouse = (await hrefOf("Harbour blouse")).replace(/\/[^/]+$/, "");
  const dress = (await hrefOf("Silk noil dress")).replace(/\/[^/]+$/, "");
  await driver.get(`${base}/clients`);
  const client = await hrefOf("Odile Brandt");
  await shoot("worktable", "/");
  await shoot("client", client);
  await shoot("measures", `${blouse}/measures`, { ready: "svg.sheet" });
  await shoot("block", `${blouse}/block`, { ready: "svg.sheet" });
  await shoot("sleeve", `${blouse}/sleeve`, { ready: "svg.sheet" });
  await shoot("findings", `${dress}/sleeve`, { ready: "[data-finding]" });
  await shoot("match", `${blouse}/match`, { ready: "[data-chart] svg" });
  await shoot("card", `${blouse}/card`, { ready: "[data-step]" });
  await shoot("sleeve-768", `${blouse}/sleeve`, { width: 768, height: 1024, ready: "svg.sheet" });
} finally {
  await close();
}
