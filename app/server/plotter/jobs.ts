import { connect, type Socket } from "node:net";
import { DRAWN_ANSWER, type RollPlotter } from "./device";

export type JobState = "waiting" | "sending" | "drawn" | "cancelled" | "broken";

/** A pattern on its way to a plotter. It keeps its text until it is drawn, so that it can be sent again. */
export type Job = {
  readonly id: number;
  readonly name: string;
  readonly bytes: number;
  readonly sent: number;
  readonly state: JobState;
  /** What went wrong, and what to do, in a sentence; null for nothing. */
  readonly problem: string | null;
};

type KeptJob = { job: Job; readonly text: Buffer; socket: Socket | null };

export type PlotterQueue = {
  readonly jobs: () => readonly Job[];
  readonly send: (name: string, text: string) => Job;
  readonly cancel: (id: number) => void;
  readonly again: (id: number) => void;
};

/** Nobody looks back at more. */
const MOST_KEPT = 12;
/** A plotter that says nothing for so long is taken for one that was switched off. */
const SILENT_MS = 15_000;

/** Sends one job after the other to the plotter that there is, each with the word that it asks for; null while none is known. */
export function plotterQueue(plotter: () => Pick<RollPlotter, "port" | "word"> | null): PlotterQueue {
  const kept: KeptJob[] = [];
  let number = 0;
  const find = (id: number) => kept.find(({ job }) => job.id === id);
  const set = (one: KeptJob, change: Partial<Job>) => {
    one.job = { ...one.job, ...change };
  };
  const next = () => {
    if (kept.some(({ job }) => job.state === "sending")) return;
    const one = kept.find(({ job }) => job.state === "waiting");
    if (one) start(one);
  };
  const fail = (one: KeptJob, problem: string) => {
    if (one.job.state !== "sending") return;
    one.socket?.destroy();
    one.socket = null;
    set(one, { state: "broken", problem });
    next();
  };
  const start = (one: KeptJob) => {
    const at = plotter();
    set(one, { state: "sending", sent: 0, problem: null });
    if (at === null)
      return fail(one, "No plotter is switched on. Switch it on and send the job again: nothing is lost.");
    const socket = connect({ port: at.port, host: "127.0.0.1", allowHalfOpen: true });
    one.socket = socket;
    let answer = "";
    socket.setTimeout(SILENT_MS, () =>
      fail(one, "The plotter does not answer. Look at it, and send the job again: nothing is lost."),
    );
    socket.on("connect", () => {
      socket.write(at.word);
      feed(one, socket);
    });
    socket.on("data", (bytes) => {
      answer += bytes.toString("latin1");
    });
    socket.on("error", () => fail(one, brokenAt(one.job)));
    socket.on("close", () => {
      if (one.socket !== socket || one.job.state !== "sending") return;
      if (!answer.includes(DRAWN_ANSWER)) return fail(one, brokenAt(one.job));
      one.socket = null;
      set(one, { state: "drawn", sent: one.job.bytes });
      next();
    });
    socket.on("end", () => socket.end());
  };
  const feed = (one: KeptJob, socket: Socket, from = 0) => {
    if (one.socket !== socket) return;
    if (from >= one.text.length) return void socket.end();
    const to = Math.min(one.text.length, from + CHUNK);
    const goOn = () => {
      set(one, { sent: to });
      feed(one, socket, to);
    };
    if (socket.write(one.text.subarray(from, to))) setImmediate(goOn);
    else socket.once("drain", goOn);
  };
  return {
    jobs: () => kept.map(({ job }) => job),
    send: (name, text) => {
      const bytes = Buffer.from(text, "latin1");
      const one: KeptJob = {
        job: { id: ++number, name, bytes: bytes.length, sent: 0, state: "waiting", problem: null },
        text: bytes,
        socket: null,
      };
      kept.push(one);
      const old = kept.findIndex(({ job }) => job.state === "drawn" || job.state === "cancelled");
      if (kept.length > MOST_KEPT && old >= 0) kept.splice(old, 1);
      next();
      return one.job;
    },
    cancel: (id) => {
      const one = find(id);
      if (!one || (one.job.state !== "waiting" && one.job.state !== "sending")) return;
      const { socket } = one;
      one.socket = null;
      set(one, { state: "cancelled" });
      socket?.destroy();
      next();
    },
    again: (id) => {
      const one = find(id);
      if (!one || (one.job.state !== "broken" && one.job.state !== "cancelled")) return;
      set(one, { state: "waiting", sent: 0, problem: null });
      next();
    },
  };
}

const CHUNK = 4096;

function brokenAt({ sent, bytes }: Job): string {
  const share = bytes > 0 ? Math.floor((100 * sent) / bytes) : 0;
  return `The plotter was switched off or went away after ${share} % was sent. Put the paper right and send the job again: nothing is lost.`;
}
