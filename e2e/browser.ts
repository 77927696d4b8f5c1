import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Builder, type WebDriver } from "selenium-webdriver";
import { type Driver, Options, ServiceBuilder } from "selenium-webdriver/chrome.js";
import { Preferences, Type } from "selenium-webdriver/lib/logging.js";
import { enterDemo } from "./entering";

export type Browser = {
  readonly driver: Driver;
  readonly downloads: string;
  readonly close: () => Promise<void>;
};

/** A user agent without "Headless": robots are served the page in one piece, people in a stream. */
const USER_AGENT =
  "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/156.0.0.0 Safari/537.36";

/** Debian's Chromium without a window, with a profile and a download folder of its own. */
export async function openBrowser({ width = 1280, height = 800 } = {}): Promise<Browser> {
  const profile = mkdtempSync(join(tmpdir(), "gamine-browser-"));
  const downloads = mkdtempSync(join(tmpdir(), "gamine-downloads-"));
  const options = new Options();
  options.setChromeBinaryPath("/usr/bin/chromium");
  options.addArguments(
    "--headless=new",
    "--no-sandbox",
    "--disable-gpu",
    // Without a graphics card three dimensions are drawn by the processor.
    "--enable-unsafe-swiftshader",
    "--disable-quic",
    "--disable-dev-shm-usage",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--hide-scrollbars",
    "--force-device-scale-factor=1",
    `--window-size=${width},${height}`,
    `--user-data-dir=${profile}`,
    `--user-agent=${USER_AGENT}`,
  );
  options.setUserPreferences({ "download.default_directory": downloads, "download.prompt_for_download": false });
  const logging = new Preferences();
  logging.setLevel(Type.BROWSER, "ALL" as never);
  options.setLoggingPrefs(logging);
  const driver = (await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder("/usr/bin/chromedriver"))
    .build()) as unknown as Driver;
  await setSize(driver, width, height);
  return {
    driver,
    downloads,
    close: async () => {
      await driver.quit();
      for (const folder of [profile, downloads]) rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** The size of the page itself, exactly. */
export async function setSize(driver: Driver, width: number, height: number): Promise<void> {
  await driver.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
}

/** What the page complained of since the last call: errors and React's hydration warnings. */
export async function complaints(driver: WebDriver): Promise<readonly string[]> {
  const entries = await driver.manage().logs().get(Type.BROWSER);
  return (
    entries
      .filter((entry) => entry.level.value >= 900 || /hydrat/i.test(entry.message))
      // What the processor says while it draws three dimensions is about itself, not about the page.
      .filter((entry) => !/GL Driver Message|software WebGL/.test(entry.message))
      .map((entry) => entry.message)
  );
}

/** Opens the demo workroom in the browser as whoever sits at this machine does. */
export async function openAsDemo(driver: Driver, base: string): Promise<void> {
  const [name = "", value = ""] = (await enterDemo(base)).split("=");
  await driver.sendDevToolsCommand("Network.setCookie", { name, value, url: base, httpOnly: true });
  await driver.get(base);
}
