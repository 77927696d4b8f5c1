import { createServer, type IncomingMessage, type Server } from "node:http";
import { ROLLS } from "@exporting/index";
import { z } from "zod";
import { type RollPlotter, switchOnPlotter } from "./device";
import type { Drawn } from "./draw-hpgl";
import { type Job, plotterQueue } from "./jobs";

/** Wider is no roll. */
const MOST_ROLL_MM = 5000;

/** What is asked of a plotter and its queue; it is switched on with the roll that lies in it, in millimetres. */
const ACT = z.discriminatedUnion("act", [
  z.object({ act: z.enum(["look", "off"]) }),
  z.object({ act: z.literal("on"), rollWidth: z.number().positive().max(MOST_ROLL_MM) }),
  z.object({ act: z.enum(["cancel", "again"]), job: z.number() }),
  z.object({ act: z.literal("send"), name: z.string(), text: z.string(), saved: z.number() }),
]);
export type PlotterOrder = Readonly<z.infer<typeof ACT>>;

/** The same, of the plotter of one workroom. */
const STUDIO_ORDER = z.object({ studio: z.string(), order: ACT });
export type StudioOrder = Readonly<z.infer<typeof STUDIO_ORDER>>;

export type PlotterState = {
  readonly isOn: boolean;
  readonly rollWidth: number;
  readonly jobs: readonly Job[];
  readonly last: (Omit<Drawn, "lines"> & { readonly picture: string; readonly saved: number }) | null;
};

/** The plotter with its queue, in the process that holds them. */
export function plotterHost() {
  let plotter: RollPlotter | null = null;
  const queue = plotterQueue(() => plotter);
  let saved = 0;
  let rollWidth: number = ROLLS.roll36.width;
  const switchOn = async (width: number) => {
    if (plotter) return;
    rollWidth = width;
    plotter = await switchOnPlotter(width);
  };
  const switchOff = async () => {
    const before = plotter;
    plotter = null;
    await before?.switchOff();
  };
  const obey = async (order: PlotterOrder): Promise<PlotterState> => {
    switch (order.act) {
      case "on":
        await switchOn(order.rollWidth);
        break;
      case "off":
        await switchOff();
        break;
      case "cancel":
        queue.cancel(order.job);
        break;
      case "again":
        queue.again(order.job);
        break;
      case "send":
        saved = order.saved;
        queue.send(order.name, order.text);
        break;
    }
    const drawn = plotter?.last() ?? null;
    return { isOn: plotter !== null, rollWidth, jobs: queue.jobs(), last: drawn && seen(drawn, saved, rollWidth) };
  };
  return { obey };
}

/** A plotter for each workroom that asks for one: none sees what another sends. */
export function plotterHosts() {
  const hosts = new Map<string, ReturnType<typeof plotterHost>>();
  return {
    obey: ({ studio, order }: StudioOrder): Promise<PlotterState> => {
      const host = hosts.get(studio) ?? plotterHost();
      hosts.set(studio, host);
      return host.obey(order);
    },
  };
}

function seen({ lines, ...rest }: Drawn, saved: number, rollWidth: number): NonNullable<PlotterState["last"]> {
  const place = ([x, y]: readonly [number, number]) => `${x.toFixed(1)} ${(rollWidth - y).toFixed(1)}`;
  return { ...rest, saved, picture: lines.map(({ points }) => `M${points.map(place).join("L")}`).join("") };
}

/** Only a program of this machine that knows what it talks to sends it: a page of another site cannot. */
export const PLOTTER_HEADER = "x-gamine-plotter";
const MOST_BYTES = 25_000_000;

/** Serves the plotter to the other processes of this server; null where another process does so already. */
export function serveHost(port: number): Promise<{ readonly obey: ReturnType<typeof plotterHosts>["obey"] } | null> {
  const host = plotterHosts();
  const server: Server = createServer((request, response) => {
    const refuse = (status: number) => response.writeHead(status).end();
    if (request.headers[PLOTTER_HEADER] !== "1" || request.headers.host !== `127.0.0.1:${port}`) return refuse(403);
    orderOf(request)
      .then((order) => host.obey(order))
      .then(
        (state) => response.writeHead(200, { [PLOTTER_HEADER]: "1" }).end(JSON.stringify(state)),
        () => refuse(400),
      );
  });
  return new Promise((resolve) => {
    server.once("error", () => resolve(null));
    // Not shared between the processes of a cluster: one of them holds it.
    server.listen({ port, host: "127.0.0.1", exclusive: true }, () => resolve(host));
    server.unref();
  });
}

async function orderOf(request: IncomingMessage): Promise<StudioOrder> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request) {
    size += part.length;
    if (size > MOST_BYTES) throw new RangeError("orderOf: the order is larger than any pattern");
    parts.push(part);
  }
  return STUDIO_ORDER.parse(JSON.parse(Buffer.concat(parts).toString("utf8")));
}
