import { randomBytes } from "node:crypto";
import { createServer, type Server, type Socket } from "node:net";
import { type Drawn, drawHpgl } from "./draw-hpgl";

/** A roll plotter that is not there: it takes HPGL on a port of this machine, at the pace of a slow line, and draws what its pens would. */
export type RollPlotter = {
  readonly port: number;
  /** What every job has to begin with: a page of another site that finds the port does not know it, and can send nothing before its own words. */
  readonly word: string;
  readonly rollWidth: number;
  /** What it drew last; null before its first job. */
  readonly last: () => Drawn | null;
  /** Cuts every line that is open, as pulling its plug does. */
  readonly switchOff: () => Promise<void>;
};

/** It takes so many bytes, and then draws for so long. */
const BITE = 8192;
const DRAWS_MS = 25;
/** More than this is no pattern. */
const MOST_BYTES = 20_000_000;
/** What it answers when a job is drawn. */
export const DRAWN_ANSWER = "DRAWN\n";

/** Switches the plotter on, on a free port or the one asked for; only this machine reaches it. */
export function switchOnPlotter(rollWidth: number, port = 0): Promise<RollPlotter> {
  let last: Drawn | null = null;
  const word = `${randomBytes(18).toString("base64url")}\n`;
  const open = new Set<Socket>();
  // The other side says that it has sent all by closing its half; the answer goes back over the other.
  const server: Server = createServer({ allowHalfOpen: true }, (socket) => {
    open.add(socket);
    socket.on("close", () => open.delete(socket));
    socket.on("error", () => socket.destroy());
    const parts: Buffer[] = [];
    let size = 0;
    let fed = 0;
    let isLetIn = false;
    socket.on("data", (bytes: Buffer) => {
      parts.push(bytes);
      size += bytes.length;
      fed += bytes.length;
      if (size > MOST_BYTES) return socket.destroy();
      if (!isLetIn) {
        const said = Buffer.concat(parts).subarray(0, word.length).toString("latin1");
        if (!word.startsWith(said)) return socket.destroy();
        isLetIn = said === word;
      }
      if (fed < BITE) return;
      fed = 0;
      // A plotter reads no faster than it draws.
      socket.pause();
      setTimeout(() => socket.resume(), DRAWS_MS);
    });
    socket.on("end", () => {
      if (!isLetIn) return socket.destroy();
      last = drawHpgl(Buffer.concat(parts).subarray(word.length).toString("latin1"), rollWidth);
      socket.end(DRAWN_ANSWER);
    });
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => {
      const address = server.address();
      resolve({
        port: typeof address === "object" && address ? address.port : port,
        word,
        rollWidth,
        last: () => last,
        switchOff: () =>
          new Promise((done) => {
            for (const socket of open) socket.destroy();
            server.close(() => done());
          }),
      });
    });
  });
}
