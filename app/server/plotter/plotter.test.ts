import { draftGarment } from "@core/garment/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { drawingSheet, writeHpgl } from "@exporting/index";
import { describe, expect, it } from "vitest";
import { switchOnPlotter } from "./device";
import { drawHpgl } from "./draw-hpgl";
import { type PlotterQueue, plotterQueue } from "./jobs";
import { PLOTTER_HEADER, plotterHost, serveHost } from "./plotter-host";

const ROLL_MM = 914.4;
/** A triangle of 100 and 50 mm, and a label. */
const TRIANGLE = `IN;SP1;PU0,0;PD4000,0,4000,2000,0,0;PU400,400;SI0.2,0.3;LBA; PD9,9${String.fromCharCode(3)}PU0,0;SP0;PG;`;

async function until(what: () => boolean): Promise<void> {
  for (let i = 0; i < 24_000; i++) {
    if (what()) return;
    await new Promise((done) => setTimeout(done, 5));
  }
  throw new Error("it did not come to that");
}

const stateOf = (queue: PlotterQueue, id: number) => queue.jobs().find((job) => job.id === id)?.state;

function pattern(): { readonly text: string; readonly travel: number; readonly height: number } {
  const point = STARTING_POINTS.find(({ id }) => id === "jacket");
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error("the jacket starts a garment");
  const sheet = drawingSheet(draftGarment(spec), { tape: "cm", lines: "both", about: "" });
  return { ...writeHpgl(sheet), height: sheet.height };
}

describe("what the pens draw", () => {
  it("is what the file says, in millimetres, a label's own words left alone", () => {
    const drawn = drawHpgl(TRIANGLE, ROLL_MM);
    expect(drawn.lines).toEqual([
      {
        pen: 1,
        points: [
          [0, 0],
          [100, 0],
          [100, 50],
          [0, 0],
        ],
      },
    ]);
    expect(drawn).toMatchObject({ labels: 1, used: 100, offSheet: 0, unknown: [] });
    expect(drawn.drawing).toBeCloseTo(150 + Math.hypot(100, 50), 9);
    expect(drawn.travel).toBeCloseTo(2 * Math.hypot(10, 10), 9);
  });

  it("stops at the edge of the roll and says how many lines ran off it; what it does not know it passes over", () => {
    const drawn = drawHpgl("IN;SP1;PU0,0;PD0,40000;ZZ7;PD1e999;", ROLL_MM);
    expect(drawn.offSheet).toBe(1);
    expect(drawn.unknown).toContain("ZZ");
    expect(drawHpgl("\u0000\u0001LB", ROLL_MM).lines).toEqual([]);
  });
});

describe("the roll plotter", () => {
  it("draws a jacket as it was sent, carries its pens as far as the writer said, and says how much of the roll it used", async () => {
    const { text, travel, height } = pattern();
    const plotter = await switchOnPlotter(height);
    const queue = plotterQueue(() => plotter);
    const { id } = queue.send("Jacket", text);
    await until(() => stateOf(queue, id) === "drawn");
    const drawn = plotter.last();
    expect(drawn?.offSheet).toBe(0);
    expect(drawn?.unknown).toEqual([]);
    expect(drawn?.used).toBeGreaterThan(1000);
    // The labels are written after the lines, and the pen goes home at the end.
    expect(drawn?.travel).toBeGreaterThan(travel * 0.99);
    await plotter.switchOff();
  });

  it("switched off in the middle of a job: nothing is lost, it is told, and the job can be sent again", async () => {
    const { text } = pattern();
    const first = await switchOnPlotter(ROLL_MM);
    let plotter = first;
    const queue = plotterQueue(() => plotter);
    const { id } = queue.send("Jacket", text.repeat(12));
    await until(() => (queue.jobs()[0]?.sent ?? 0) > 20_000);
    await first.switchOff();
    await until(() => stateOf(queue, id) === "broken");
    expect(queue.jobs()[0]?.problem).toMatch(/after \d+ % was sent.*nothing is lost/);
    const second = await switchOnPlotter(ROLL_MM);
    plotter = second;
    queue.again(id);
    await until(() => stateOf(queue, id) === "drawn");
    expect(second.last()?.lines.length).toBeGreaterThan(10);
    await second.switchOff();
  });

  it("takes one job after the other, and lets one that waits or is being sent be cancelled", async () => {
    const plotter = await switchOnPlotter(ROLL_MM);
    const queue = plotterQueue(() => plotter);
    const { text } = pattern();
    const [first, second, third] = [
      queue.send("one", text.repeat(8)),
      queue.send("two", TRIANGLE),
      queue.send("three", TRIANGLE),
    ];
    expect(stateOf(queue, second.id)).toBe("waiting");
    queue.cancel(second.id);
    await until(() => stateOf(queue, first.id) === "sending");
    queue.cancel(first.id);
    expect(stateOf(queue, first.id)).toBe("cancelled");
    await until(() => stateOf(queue, third.id) === "drawn");
    expect(stateOf(queue, second.id)).toBe("cancelled");
    await plotter.switchOff();
  });

  it("draws nothing for a page of another site that finds its port, whatever it posts there", async () => {
    const plotter = await switchOnPlotter(ROLL_MM);
    const posted = fetch(`http://127.0.0.1:${plotter.port}/`, { method: "POST", body: `\n${TRIANGLE}` });
    await expect(posted).rejects.toThrow();
    const queue = plotterQueue(() => ({ port: plotter.port, word: "guessed\n" }));
    const { id } = queue.send("guessed", TRIANGLE);
    await until(() => stateOf(queue, id) === "broken");
    expect(plotter.last()).toBeNull();
    await plotter.switchOff();
  });

  it("that is not there is told in a sentence", async () => {
    const queue = plotterQueue(() => null);
    const { id } = queue.send("one", TRIANGLE);
    expect(stateOf(queue, id)).toBe("broken");
    expect(queue.jobs()[0]?.problem).toMatch(/No plotter is switched on/);
  });
});

describe("the plotter of several processes", () => {
  const PORT = 38_417;

  it("is held by the first, and answers the others; who does not say what it talks to is refused", async () => {
    const first = await serveHost(PORT);
    expect(first).not.toBeNull();
    expect(await serveHost(PORT)).toBeNull();
    const ask = (order: unknown, header: Record<string, string>) =>
      fetch(`http://127.0.0.1:${PORT}/`, { method: "POST", headers: header, body: JSON.stringify(order) });
    expect((await ask({ studio: "a", order: { act: "look" } }, {})).status).toBe(403);
    const on = await ask({ studio: "a", order: { act: "on", rollWidth: 609.6 } }, { [PLOTTER_HEADER]: "1" });
    expect(await on.json()).toMatchObject({ isOn: true, jobs: [] });
    expect((await first?.obey({ studio: "a", order: { act: "look" } }))?.isOn).toBe(true);
    // Another workroom has a plotter of its own, and sees nothing of this one.
    expect((await first?.obey({ studio: "b", order: { act: "look" } }))?.isOn).toBe(false);
    expect((await first?.obey({ studio: "a", order: { act: "off" } }))?.isOn).toBe(false);
  });

  it("shows what its pens drew and what the order of lines saved", async () => {
    const { obey } = plotterHost();
    await obey({ act: "on", rollWidth: 914.4 });
    await obey({ act: "send", name: "Triangle", text: TRIANGLE, saved: 12 });
    // It is drawn a little before the job says so.
    for (let i = 0; i < 24_000 && (await obey({ act: "look" })).jobs[0]?.state !== "drawn"; i++)
      await new Promise((done) => setTimeout(done, 5));
    const { last, jobs } = await obey({ act: "look" });
    expect(last).toMatchObject({ used: 100, saved: 12, offSheet: 0 });
    expect(last?.picture).toBe("M0.0 914.4L100.0 914.4L100.0 864.4L0.0 914.4");
    expect(jobs[0]?.state).toBe("drawn");
    await obey({ act: "off" });
  });
});
