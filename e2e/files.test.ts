import { writeGarment } from "@core/spec/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { enterDemo, post } from "./entering";
import { type RunningApp, startApp } from "./running-app";

let app: RunningApp;
let ours = "";
let jacket = "";

beforeAll(async () => {
  app = await startApp(inject("preparedDatabase"));
  ours = await enterDemo(app.url);
  const point = STARTING_POINTS.find(({ id }) => id === "jacket");
  const spec = point && startedFrom(point, MIDDLE_BODY);
  jacket = spec ? JSON.stringify(writeGarment(spec, "cm")) : "";
});

afterAll(async () => app?.close());

const ask = (file: string, texts: Readonly<Record<string, string>> = {}) =>
  post(app.url, `/sheets/${file}`, { garment: jacket, unit: "cm", ...texts }, ours);

describe("files of a garment", () => {
  it("are made beside the pages: while three are, pages are answered, and whoever asks for more is asked to wait", async () => {
    let isMaking = true;
    const made = Promise.all(Array.from({ length: 5 }, () => ask("sheets.pdf"))).finally(() => {
      isMaking = false;
    });
    let pages = 0;
    while (isMaking) {
      expect((await fetch(`${app.url}/clients`, { headers: { cookie: ours } })).status).toBe(200);
      pages++;
    }
    const files = await made;
    const later = files.filter(({ status }) => status === 429);
    expect(later).toHaveLength(2);
    for (const one of later) {
      expect(one.headers.get("retry-after")).toBe("5");
      expect(await one.text()).toMatch(/Three files are being made for you/);
    }
    for (const file of files.filter((one) => !later.includes(one))) {
      expect(file.status).toBe(200);
      expect(
        Buffer.from(await file.arrayBuffer())
          .subarray(0, 5)
          .toString(),
      ).toBe("%PDF-");
    }
    // A loop that is held answers one page between two files, and not many.
    expect(pages).toBeGreaterThan(6);
    expect((await ask("sheets.pdf")).status).toBe(200);
  });

  it("that there are none of are told in a sentence", async () => {
    expect((await ask("nothing.pdf")).status).toBe(404);
    expect((await ask("sheets.pdf", { garment: "{}" })).status).toBe(422);
    const empty = JSON.stringify({
      format: "gamine-garment/1",
      unit: "in",
      name: "Empty",
      sleeve: null,
      block: { source: "readings" },
    });
    const none = await ask("sheets.pdf", { garment: empty });
    expect(none.status).toBe(422);
    expect(await none.text()).toMatch(/no piece to draw yet/);
    expect((await ask("garment.json", { garment: empty })).headers.get("content-disposition")).toContain(
      '"empty.json"',
    );
  });

  it("are left unmade where whoever asked goes away, and the next is made", async () => {
    const gone = new AbortController();
    const asked = fetch(`${app.url}/sheets/sheets.pdf`, {
      method: "POST",
      headers: { cookie: ours, origin: app.url, "sec-fetch-site": "same-origin" },
      body: new URLSearchParams({ garment: jacket, unit: "cm" }),
      signal: gone.signal,
    });
    await new Promise((done) => setTimeout(done, 100));
    gone.abort();
    await expect(asked).rejects.toThrow();
    expect((await ask("drawing.svg")).status).toBe(200);
  });
});
