import { createHash } from "node:crypto";
import { once } from "node:events";
import { isRecord } from "@core/data/index";
import { ZipArchive } from "archiver";
import { expect } from "vitest";
import { fromBufferPromise } from "yauzl";

type Row = Readonly<Record<string, unknown>>;

/** An archive of a workroom, read with another program's means: its files of rows, of values, and its pictures by their digests. */
export type Files = {
  readonly lines: Readonly<Record<string, readonly Row[]>>;
  readonly json: Readonly<Record<string, unknown>>;
  readonly pictures: Readonly<Record<string, string>>;
};

export async function contentsOf(archive: Buffer): Promise<Files> {
  const lines: Record<string, Row[]> = {};
  const json: Record<string, unknown> = {};
  const pictures: Record<string, string> = {};
  const zip = await fromBufferPromise(archive, { lazyEntries: true });
  for await (const entry of zip.eachEntry()) {
    const parts: Buffer[] = [];
    for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part);
    const bytes = Buffer.concat(parts);
    const { fileName } = entry;
    if (fileName.endsWith(".ndjson")) lines[fileName] = rowsOf(bytes.toString("utf8"));
    else if (fileName.endsWith(".json")) json[fileName] = JSON.parse(bytes.toString("utf8"));
    else pictures[fileName] = createHash("sha256").update(bytes).digest("hex");
  }
  return { lines, json, pictures };
}

const rowsOf = (text: string): Row[] =>
  text
    .split("\n")
    .filter((line) => line !== "")
    .map((line) => JSON.parse(line))
    .filter(isRecord);

/** A ZIP file with these entries, as anybody could make it. */
export async function zipOf(entries: Readonly<Record<string, string | Buffer>>): Promise<Buffer> {
  const zip = new ZipArchive({ zlib: { level: 9 } });
  const parts: Buffer[] = [];
  zip.on("data", (part: Buffer) => parts.push(part));
  const ended = once(zip, "end");
  for (const [name, content] of Object.entries(entries)) zip.append(content, { name });
  await zip.finalize();
  await ended;
  return Buffer.concat(parts);
}

/** Both hold the same, but for what things are called by the database: an id is told by what it stands for. */
export function sameOnBothSides(a: Files, b: Files): void {
  const [one, other] = [told(a), told(b)];
  for (const name of Object.keys(one)) expect({ [name]: other[name] }).toEqual({ [name]: one[name] });
}

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** Every file as texts in an order of its own, ids told by the rows that they stand for. */
function told({ lines, json, pictures }: Files): Readonly<Record<string, unknown>> {
  const meaning = new Map<string, string>();
  for (const [name, digest] of Object.entries(pictures)) meaning.set(name.replace(/^.*\/|\.jpg$/g, ""), digest);
  const text = (row: Row) =>
    JSON.stringify(
      Object.fromEntries(
        Object.entries(row)
          .filter(([key]) => key !== "id")
          .sort(([one], [other]) => (one < other ? -1 : 1)),
      ),
      (_key, value) => (typeof value === "string" && ID.test(value) ? (meaning.get(value) ?? "unknown") : value),
    );
  const texts: Record<string, unknown> = {};
  for (const name of ["clients.ndjson", "garments.ndjson", "versions.ndjson", "fittings.ndjson", "practice.ndjson"]) {
    const rows = lines[name] ?? [];
    for (const row of rows) if (typeof row.id === "string") meaning.set(row.id, text(row));
    texts[name] = rows.map(text).sort();
  }
  for (const name of ["cloths.json", "starting-points.json"]) texts[name] = json[name];
  const { "manifest.json": manifest } = json;
  texts.settings = isRecord(manifest) ? manifest.settings : null;
  texts.pictures = Object.values(pictures).sort();
  return texts;
}
