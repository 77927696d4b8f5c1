import { type RollPlotter, switchOnPlotter } from "./device";
import type { Drawn } from "./draw-hpgl";
import { type Job, plotterQueue } from "./jobs";

/** A 36 in roll, as copy shops have. Millimetres. */
const ROLL_MM = 914.4;

/** The one practice plotter of this server, on the machine it runs on, and what was sent to it. */
let plotter: RollPlotter | null = null;
const queue = plotterQueue(() => plotter?.port ?? null);
/** By what the last job's pens are carried less far than line after line, in millimetres. */
let saved = 0;

export type PlotterState = {
  readonly isOn: boolean;
  readonly port: number | null;
  readonly rollWidth: number;
  readonly jobs: readonly Job[];
  readonly last: (Omit<Drawn, "lines"> & { readonly picture: string; readonly saved: number }) | null;
};

export function plotterState(): PlotterState {
  const drawn = plotter?.last() ?? null;
  return {
    isOn: plotter !== null,
    port: plotter?.port ?? null,
    rollWidth: ROLL_MM,
    jobs: queue.jobs(),
    last: drawn && { ...withoutLines(drawn), picture: pictureOf(drawn), saved },
  };
}

function withoutLines({ lines: _lines, ...rest }: Drawn) {
  return rest;
}

/** The lines as path data with y down, to a tenth of a millimetre. */
function pictureOf({ lines }: Drawn): string {
  const place = ([x, y]: readonly [number, number]) => `${x.toFixed(1)} ${(ROLL_MM - y).toFixed(1)}`;
  return lines.map(({ points }) => `M${points.map(place).join("L")}`).join("");
}

export async function switchPlotter(isOn: boolean): Promise<void> {
  const before = plotter;
  if (isOn === (before !== null)) return;
  plotter = null;
  await before?.switchOff();
  if (isOn) plotter = await switchOnPlotter(ROLL_MM);
}

export function sendToPlotter(
  name: string,
  plot: { readonly text: string; readonly travel: number; readonly travelUnsorted: number },
): void {
  saved = plot.travelUnsorted - plot.travel;
  queue.send(name, plot.text);
}

export const cancelJob = queue.cancel;
export const sendAgain = queue.again;
