import { createHash } from "node:crypto";
import { closeSync } from "node:fs";
import type { Readable } from "node:stream";
import { crc32 } from "node:zlib";
import { type Entry, fromFdPromise, type ZipFile } from "yauzl";
import type { z } from "zod";
import { type CheckedEntry, CONTENTS, CONTENTS_FILE, sumOf } from "./checked-entries";

/** Says what of an archive cannot be taken. */
export class Refused extends Error {}

/** A line, a file or a picture of an archive is no longer than this: one that unfolds to more is none of ours. */
const MOST_BYTES = 20_000_000;
/** All of an archive unfolded, and its entries: more is no workroom. */
const MOST_UNFOLDED = 20_000_000_000;
const MOST_ENTRIES = 500_000;

const NOT_WHOLE = "That file is no archive of a workroom, or is not whole. Nothing was restored.";

export type OpenedArchive = {
  /** An entry whole; null where there is none of the name. */
  readonly bytes: (name: string) => Promise<Buffer | null>;
  readonly json: <Schema extends z.ZodType>(name: string, schema: Schema) => Promise<z.infer<Schema> | null>;
  /** The lines of an entry, each read by the schema; none where there is no such entry. */
  readonly lines: <Schema extends z.ZodType>(name: string, schema: Schema) => AsyncGenerator<z.infer<Schema>>;
  /** Reads every entry to its end and compares it with what the archive says of itself. */
  readonly check: () => Promise<void>;
  readonly close: () => void;
};

/**
 * Opens the archive in a file that is open already, and closes the file with itself. Throws `Refused` for what is none, here and wherever it
 * is read.
 */
export async function openArchive(fileDescriptor: number): Promise<OpenedArchive> {
  const zip = await orRefused(fromFdPromise(fileDescriptor, { lazyEntries: true, autoClose: false })).catch((error) => {
    closeSync(fileDescriptor);
    throw error;
  });
  try {
    return archiveOf(zip, await entriesOf(zip));
  } catch (error) {
    zip.close();
    throw error;
  }
}

/** Whatever goes wrong while a file is unfolded, the file is at fault. */
async function orRefused<Result>(work: Promise<Result>): Promise<Result> {
  try {
    return await work;
  } catch {
    throw new Refused(NOT_WHOLE);
  }
}

async function entriesOf(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const entries = new Map<string, Entry>();
  let unfolded = 0;
  const all = zip.eachEntry()[Symbol.asyncIterator]();
  for (;;) {
    const next = await orRefused(all.next());
    if (next.done) return entries;
    const entry = next.value;
    unfolded += entry.uncompressedSize;
    if (entry.isEncrypted())
      throw new Refused(`${entry.fileName} is encrypted: give the archive as it was saved. Nothing was restored.`);
    if (entries.has(entry.fileName))
      throw new Refused(`${entry.fileName} is in the archive twice. Nothing was restored.`);
    if (unfolded > MOST_UNFOLDED || entries.size >= MOST_ENTRIES)
      throw new Refused("That archive unfolds to more than any workroom holds. Nothing was restored.");
    entries.set(entry.fileName, entry);
  }
}

function archiveOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>): OpenedArchive {
  /** The parts of an entry as they unfold; nothing for one that is not there. */
  async function* partsOf(name: string): AsyncGenerator<Buffer> {
    const entry = entries.get(name);
    if (!entry) return;
    const stream: Readable = await orRefused(zip.openReadStreamPromise(entry));
    const parts = stream[Symbol.asyncIterator]();
    try {
      for (;;) {
        const next = await orRefused<IteratorResult<Buffer>>(parts.next());
        if (next.done) return;
        yield next.value;
      }
    } finally {
      stream.destroy();
    }
  }
  const bytes = async (name: string): Promise<Buffer | null> => {
    if (!entries.has(name)) return null;
    const parts: Buffer[] = [];
    let size = 0;
    for await (const part of partsOf(name)) {
      size += part.length;
      if (size > MOST_BYTES)
        throw new Refused(`${name} is larger than any archive of a workroom holds. Nothing was restored.`);
      parts.push(part);
    }
    return Buffer.concat(parts);
  };
  const json: OpenedArchive["json"] = async (name, schema) => {
    const text = await bytes(name);
    return text && parsed(schema, text, name);
  };
  const checkOne = async (entry: Entry): Promise<CheckedEntry> => {
    const hash = createHash("sha256");
    let [size, sum] = [0, 0];
    for await (const part of partsOf(entry.fileName)) {
      size += part.length;
      sum = crc32(part, sum);
      hash.update(part);
    }
    if (sum !== entry.crc32) throw damaged(entry.fileName);
    return { name: entry.fileName, bytes: size, sha256: hash.digest("hex") };
  };
  return {
    bytes,
    json,
    lines: async function* (name, schema) {
      let number = 0;
      for await (const line of linesOf(partsOf(name), name)) {
        number++;
        if (line.length > 0) yield parsed(schema, line, `line ${number} of ${name}`);
      }
    },
    check: async () => {
      const found: CheckedEntry[] = [];
      for (const entry of entries.values()) found.push(await checkOne(entry));
      const contents = await json(CONTENTS_FILE, CONTENTS);
      if (contents) compare(found, contents);
    },
    close: () => zip.close(),
  };
}

const damaged = (name: string) =>
  new Refused(`${name} is not as it was when the archive was saved: take another copy of it. Nothing was restored.`);

/** Compares what is in an archive with what it says that it holds: nothing is missing, changed or besides. */
function compare(found: readonly CheckedEntry[], contents: z.infer<typeof CONTENTS>): void {
  if (sumOf(contents.entries) !== contents.sha256) throw damaged(CONTENTS_FILE);
  const said = new Map(contents.entries.map((entry) => [entry.name, entry]));
  for (const { name, bytes, sha256 } of found) {
    if (name === CONTENTS_FILE) continue;
    const one = said.get(name);
    if (!one || one.bytes !== bytes || one.sha256 !== sha256) throw damaged(name);
    said.delete(name);
  }
  const [missing] = said.keys();
  if (missing !== undefined) throw new Refused(`${missing} is missing in the archive. Nothing was restored.`);
}

const LINE_END = 10;

/** The lines of what comes in parts. One that gets too long is refused before it is put together. */
async function* linesOf(parts: AsyncIterable<Buffer>, name: string): AsyncGenerator<Buffer> {
  let begun: Buffer[] = [];
  let size = 0;
  for await (const part of parts) {
    let from = 0;
    for (let end = part.indexOf(LINE_END); end >= 0; end = part.indexOf(LINE_END, from)) {
      yield Buffer.concat([...begun, part.subarray(from, end)]);
      begun = [];
      size = 0;
      from = end + 1;
    }
    size += part.length - from;
    if (size > MOST_BYTES) throw new Refused(`A line of ${name} is longer than any. Nothing was restored.`);
    begun.push(part.subarray(from));
  }
  yield Buffer.concat(begun);
}

function parsed<Schema extends z.ZodType>(schema: Schema, text: Buffer, where: string): z.infer<Schema> {
  let value: unknown;
  try {
    value = JSON.parse(text.toString("utf8"));
  } catch {
    throw new Refused(`${where} is not whole. Nothing was restored.`);
  }
  if (!isStorable(value))
    throw new Refused(`${where} holds a sign that no text of a workroom has. Nothing was restored.`);
  const read = schema.safeParse(value);
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  throw new Refused(
    `${where}: ${issue?.path.join(".") || "it"}: ${issue?.message ?? "cannot be read"}. Nothing was restored.`,
  );
}

const UNSTORABLE = /\0|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/** Can the database keep every text in it, names of fields among them? Walked through without recursion, however deep it nests. */
function isStorable(value: unknown): boolean {
  const waiting: unknown[] = [value];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    if (typeof next === "string" && UNSTORABLE.test(next)) return false;
    if (next !== null && typeof next === "object")
      for (const [name, inner] of Object.entries(next)) {
        if (UNSTORABLE.test(name)) return false;
        if (inner !== null && inner !== undefined) waiting.push(inner);
      }
  }
  return true;
}
