import { PLOTTER_HEADER, type PlotterState, plotterHosts, type StudioOrder, serveHost } from "./plotter-host";

/** The processes of one server find its plotter on this port of the machine, so far from their own. */
const BESIDE = 10_000;
const HIGHEST_PORT = 65_535;

function hostPort(): number {
  const own = Number(process.env.PORT) || 4173;
  return own + BESIDE <= HIGHEST_PORT ? own + BESIDE : own - BESIDE;
}

let host: ReturnType<typeof plotterHosts> | null = null;

/** Asks the practice plotter of a workroom on this server, which one of its processes holds: this one, where no other does. */
export async function askPlotter(order: StudioOrder): Promise<PlotterState> {
  if (host) return host.obey(order);
  const port = hostPort();
  const answer = await fetch(`http://127.0.0.1:${port}/`, {
    method: "POST",
    headers: { [PLOTTER_HEADER]: "1" },
    body: JSON.stringify(order),
  }).catch(() => null);
  if (answer?.ok && answer.headers.get(PLOTTER_HEADER) === "1") return (await answer.json()) as PlotterState;
  host = await serveHost(port);
  // Another program has the port: this process then keeps a plotter for itself.
  host ??= plotterHosts();
  return host.obey(order);
}
