import { writeSync } from "node:fs";
import { codeOf, run } from "./run";

/** Writes the whole text before going on, also into a pipe that is slow to take it. */
function writeAll(descriptor: 1 | 2, text: string): void {
  let rest = Buffer.from(text);
  while (rest.length > 0) {
    try {
      rest = rest.subarray(writeSync(descriptor, rest));
    } catch (error) {
      if (codeOf(error) === "EAGAIN") continue;
      // The reader has gone: nobody is left to tell.
      return;
    }
  }
}

process.exitCode = await run(process.argv.slice(2), {
  out: (text) => writeAll(1, text),
  err: (text) => writeAll(2, text),
});
