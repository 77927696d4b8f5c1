import { writeFileSync } from "node:fs";
import { By } from "selenium-webdriver";
import { complaints, openBrowser, setSize } from "../e2e/browser";
import { person } from "../e2e/person";
const base = "http://127.0.0.1:4191";
const b = await openBrowser();
const me = person(b, base);
const { driver } = b;
async function hrefOf(text: string) { const l = await driver.findElement(By.linkText(text)); return new URL((await l.getAttribute("href")) ?? "").pathname.replace(/\/[^/]+$/, ""); }
async function shoot(name: string) { writeFileSync(`/tmp/shots/${name}.png`, Buffer.from(await driver.takeScreenshot(), "base64")); const s = await complaints(driver); if (s.length) console.log(name, s); }
try {
  await setSize(driver, 1280, 800);
  const code = process.argv[2] ?? "";
  const fn = new Function("me", "driver", "By", "shoot", "hrefOf", "base", "setSize", `return (async()=>{${code}})()`);
  await fn(me, driver, By, shoot, hrefOf, base, setSize);
} finally { await b.close(); }
