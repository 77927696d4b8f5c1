import { spawn, spawnSync } from "node:child_process";

/** Runs a command to its end, its output shown; throws with its name when it fails or takes too long. */
export function run(command, words, { timeoutMs = 900_000, quiet = false, ...options } = {}) {
  const done = spawnSync(command, words, {
    stdio: quiet ? ["ignore", "pipe", "pipe"] : "inherit",
    encoding: "utf8",
    timeout: timeoutMs,
    ...options,
  });
  if (done.error) throw new Error(`${command} could not be run: ${done.error.message}`);
  if (done.status !== 0)
    throw new Error(
      `${command} ${words.join(" ")} failed${quiet ? `:\n${done.stdout ?? ""}${done.stderr ?? ""}` : "."}`,
    );
  return done.stdout ?? "";
}

/** True when the command ends with status 0. */
export function succeeds(command, words, options = {}) {
  return spawnSync(command, words, { stdio: "ignore", timeout: 60_000, ...options }).status === 0;
}

/** Whatever still runs so long after it was told to end is ended. */
const PATIENCE_MS = 4000;

/** A child in a process group of its own, so that it and what it starts can be ended together, and only they. */
export function startChild(command, words, options = {}) {
  const child = spawn(command, words, { detached: true, stdio: "inherit", ...options });
  const ended = new Promise((resolve) => child.on("exit", (code, signal) => resolve({ code, signal })));
  child.on("error", (error) => console.error(`${command} could not be started: ${error.message}`));
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null && child.pid) {
      try {
        process.kill(-child.pid, "SIGTERM");
      } catch {
        // it ended by itself in the meantime
      }
      const patience = setTimeout(() => {
        try {
          process.kill(-child.pid, "SIGKILL");
        } catch {
          // ended after all
        }
      }, PATIENCE_MS);
      await ended;
      clearTimeout(patience);
    }
  };
  return { child, ended, stop };
}

export function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === "EPERM";
  }
}
