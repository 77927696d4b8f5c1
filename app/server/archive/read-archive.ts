import { createInterface } from "node:readline";
import type { Readable } from "node:stream";
import { theDatabase } from "@app/server/connection";
import { readPhotograph } from "@app/server/photographs/read-photograph";
import { CLOTH_KINDS } from "@core/cloth/index";
import { summaryOf, UNREADABLE_SUMMARY } from "@core/garment/index";
import { readGarment } from "@core/spec/index";
import { isEmpty, restoring } from "@database/queries/restore";
import { type Entry, openPromise, type ZipFile } from "yauzl";
import type { z } from "zod";
import { CLIENT, CLOTHS, FILES, GARMENT, MANIFEST, POINTS, photographFile } from "./archive-format";

export type Restored =
  | { readonly ok: true; readonly clients: number; readonly garments: number; readonly photographs: number }
  | { readonly ok: false; readonly sentence: string };

/** Says what of an archive cannot be taken. */
class Refused extends Error {}

/** A line, a file or a picture of an archive is no longer than this: one that unfolds to more is none of ours. */
const MOST_BYTES = 20_000_000;

/** Takes an archive into a workroom in which nothing is yet: all of it, or nothing. */
export async function readArchive(path: string, studioId: string): Promise<Restored> {
  let zip: ZipFile | null = null;
  try {
    zip = await openPromise(path, { lazyEntries: true, autoClose: false });
    const entries = new Map<string, Entry>();
    for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
    return await take(archiveOf(zip, entries), studioId);
  } catch (error) {
    if (error instanceof Refused) return { ok: false, sentence: error.message };
    if (error instanceof Error && /^(End of central directory|invalid|Invalid|expected|bad)/.test(error.message))
      return { ok: false, sentence: "That file is no archive of a workroom, or is not whole." };
    throw error;
  } finally {
    zip?.close();
  }
}

function archiveOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>) {
  const open = async (name: string): Promise<Readable | null> => {
    const entry = entries.get(name);
    return entry ? zip.openReadStreamPromise(entry) : null;
  };
  const bytes = async (name: string): Promise<Buffer | null> => {
    const stream = await open(name);
    if (!stream) return null;
    const parts: Buffer[] = [];
    let size = 0;
    for await (const part of stream) {
      size += part.length;
      if (size > MOST_BYTES) throw new Refused(`${name} is larger than any archive of a workroom holds.`);
      parts.push(part);
    }
    return Buffer.concat(parts);
  };
  return {
    bytes,
    json: async <Schema extends z.ZodType>(name: string, schema: Schema): Promise<z.infer<Schema> | null> => {
      const text = await bytes(name);
      return text && parsed(schema, text.toString("utf8"), name);
    },
    lines: async function* <Schema extends z.ZodType>(name: string, schema: Schema): AsyncGenerator<z.infer<Schema>> {
      const stream = await open(name);
      if (!stream) return;
      let number = 0;
      for await (const line of createInterface({ input: stream, crlfDelay: Number.POSITIVE_INFINITY })) {
        number++;
        if (line.length > MOST_BYTES) throw new Refused(`Line ${number} of ${name} is longer than any.`);
        if (line.trim() !== "") yield parsed(schema, line, `line ${number} of ${name}`);
      }
    },
  };
}

function parsed<Schema extends z.ZodType>(schema: Schema, text: string, where: string): z.infer<Schema> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Refused(`${where} is not whole. Nothing was taken over.`);
  }
  const read = schema.safeParse(value);
  if (read.success) return read.data;
  const [issue] = read.error.issues;
  throw new Refused(
    `${where}: ${issue?.path.join(".") || "it"}: ${issue?.message ?? "cannot be read"}. Nothing was taken over.`,
  );
}

async function take(archive: ReturnType<typeof archiveOf>, studioId: string): Promise<Restored> {
  const manifest = await archive.json(FILES.manifest, MANIFEST);
  if (!manifest) throw new Refused("That file is no archive of a workroom.");
  return theDatabase().transaction(async (database) => {
    if (!(await isEmpty(database, studioId)))
      throw new Refused("There are clients in this workroom already: an archive is only taken into an empty one.");
    const into = restoring(database, studioId);
    const clientIds = new Map<string, string>();
    for await (const { id, ...client } of archive.lines(FILES.clients, CLIENT))
      clientIds.set(id, await into.client(client));
    let [garments, photographs] = [0, 0];
    for await (const { id: _before, clientId: before, ...garment } of archive.lines(FILES.garments, GARMENT)) {
      const clientId = clientIds.get(before);
      if (!clientId) throw new Refused(`The garment “${garment.name}” is of a client who is not in the archive.`);
      const ids = await into.garment({ ...garment, clientId, summary: summaryFor(garment.versions.at(-1)?.file) });
      garments++;
      for (const { id, photographs: pictures } of garment.fittings)
        for (const picture of pictures) {
          const sent = await archive.bytes(photographFile(picture));
          const read = sent && (await readPhotograph(sent));
          const fittingId = ids.get(id);
          if (!read?.ok || !fittingId) continue;
          await into.photograph({ fittingId, width: read.width, height: read.height, jpeg: read.jpeg });
          photographs++;
        }
    }
    const cloths = await archive.json(FILES.cloths, CLOTHS);
    if (cloths)
      await into.cloths(
        CLOTH_KINDS.flatMap((kind) => (cloths.table[kind] ? [{ kind, takes: cloths.table[kind] }] : [])),
        cloths.own.map(({ isRetired, ...own }) => ({ ...own, retiredAt: isRetired ? new Date() : null })),
      );
    await into.points((await archive.json(FILES.startingPoints, POINTS)) ?? []);
    await into.settings(manifest.settings);
    return { ok: true, clients: clientIds.size, garments, photographs };
  });
}

/** A version that cannot be read is kept as it is, and its page says why. */
function summaryFor(file: unknown) {
  const read = readGarment(file);
  return read.ok ? summaryOf(read.spec) : UNREADABLE_SUMMARY;
}
