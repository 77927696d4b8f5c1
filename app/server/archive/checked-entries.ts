import { createHash, type Hash } from "node:crypto";
import { Transform } from "node:stream";
import { z } from "zod";

/** What an archive holds, each entry with its length and its checksum, and a checksum of that list: written as its last entry. */
export const CONTENTS_FILE = "contents.json";

const ENTRY = z.object({ name: z.string(), bytes: z.number().int().nonnegative(), sha256: z.string() });
export const CONTENTS = z.object({ entries: z.array(ENTRY), sha256: z.string() });
export type CheckedEntry = z.infer<typeof ENTRY>;

/** Passes an entry's bytes on, and tells its length and checksum at the end. */
export function counted(name: string, tell: (entry: CheckedEntry) => void): Transform {
  const hash: Hash = createHash("sha256");
  let bytes = 0;
  return new Transform({
    transform(part: Buffer, _encoding, next) {
      hash.update(part);
      bytes += part.length;
      next(null, part);
    },
    flush(done) {
      tell({ name, bytes, sha256: hash.digest("hex") });
      done();
    },
  });
}

/** The checksum of a list of entries, whatever their order. */
export function sumOf(entries: readonly CheckedEntry[]): string {
  const lines = entries.map(({ name, bytes, sha256 }) => `${sha256} ${bytes} ${name}\n`).sort();
  return createHash("sha256").update(lines.join("")).digest("hex");
}
