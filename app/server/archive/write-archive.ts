import { once } from "node:events";
import { Readable } from "node:stream";
import { theDatabase } from "@app/server/connection";
import type { StudioSettings } from "@core/studio/index";
import type { Database } from "@database/client";
import {
  clothsAndPoints,
  everyAttempt,
  everyClient,
  everyFitting,
  everyGarment,
  everyVersion,
  type Part,
  photographBytes,
} from "@database/queries/whole-studio";
import { ZipArchive } from "archiver";
import { ARCHIVE_FORMAT, FILES, photographFile } from "./archive-format";
import { type CheckedEntry, CONTENTS_FILE, counted, sumOf } from "./checked-entries";

type About = { readonly name: string; readonly settings: StudioSettings };

/**
 * A workroom, or one client's part of it, as one archive: written as it is read, so that it needs no more room however large it is. All of it
 * is of one moment, whatever is saved meanwhile.
 */
export function writeArchive(part: Part, about: About): ReadableStream<Uint8Array> {
  const archive = new ZipArchive({ zlib: { level: 6 } });
  const done = theDatabase().transaction((database) => fill(archive, database, part, about), {
    isolationLevel: "repeatable read",
    accessMode: "read only",
  });
  done.catch((error: unknown) => archive.destroy(error instanceof Error ? error : new Error(String(error))));
  return Readable.toWeb(archive) as ReadableStream<Uint8Array>;
}

async function fill(archive: ZipArchive, database: Database, part: Part, about: About): Promise<void> {
  // Whoever fetched it may go away in the middle: what reads the database then ends as well.
  const gone = new AbortController();
  archive.once("close", () => gone.abort());
  const entries: CheckedEntry[] = [];
  const add = async (name: string, content: Readable) => {
    const added = once(archive, "entry", { signal: gone.signal });
    const source = counted(name, (entry) => entries.push(entry));
    content.once("error", (error) => source.destroy(error));
    archive.append(content.pipe(source), { name });
    await added;
  };
  const pictures: string[] = [];
  await add(FILES.manifest, json({ format: ARCHIVE_FORMAT, madeOn: new Date(), ...about }));
  await add(FILES.clients, lines(everyClient(database, part)));
  await add(FILES.garments, lines(everyGarment(database, part)));
  await add(FILES.versions, lines(everyVersion(database, part)));
  await add(
    FILES.fittings,
    lines(everyFitting(database, part), ({ photographs }) => void pictures.push(...photographs)),
  );
  await add(FILES.practice, lines(everyAttempt(database, part)));
  if (part.clientId === null) {
    const { cloths, points } = await clothsAndPoints(database, part);
    await add(FILES.cloths, json(cloths));
    await add(FILES.startingPoints, json(points));
  }
  for (const id of pictures) {
    const picture = await photographBytes(database, part, id);
    if (picture) await add(photographFile(id), Readable.from([Buffer.from(picture.jpeg)]));
  }
  await add(CONTENTS_FILE, json({ entries, sha256: sumOf(entries) }));
  await archive.finalize();
}

const json = (value: unknown) => Readable.from([Buffer.from(JSON.stringify(value, null, 2))]);

function lines<Row>(rows: AsyncIterable<Row>, look: (row: Row) => void = () => {}): Readable {
  return Readable.from(
    (async function* () {
      for await (const row of rows) {
        look(row);
        yield Buffer.from(`${JSON.stringify(row)}\n`);
      }
    })(),
    { objectMode: false },
  );
}
