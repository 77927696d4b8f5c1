import { once } from "node:events";
import { Readable } from "node:stream";
import { theDatabase } from "@app/server/connection";
import type { StudioSettings } from "@core/studio/index";
import type { Database } from "@database/client";
import { clothsAndPoints, everyClient, everyGarment, type Part, photographBytes } from "@database/queries/whole-studio";
import { ZipArchive } from "archiver";
import { ARCHIVE_FORMAT, FILES, photographFile } from "./archive-format";

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
  const add = async (name: string, content: Readable | Buffer | string) => {
    const added = once(archive, "entry", { signal: gone.signal });
    archive.append(content, { name });
    await added;
  };
  const pictures: string[] = [];
  await add(FILES.manifest, json({ format: ARCHIVE_FORMAT, madeOn: new Date(), ...about }));
  await add(FILES.clients, lines(everyClient(database, part)));
  await add(
    FILES.garments,
    lines(
      everyGarment(database, part),
      ({ fittings }) => void pictures.push(...fittings.flatMap(({ photographs }) => photographs)),
    ),
  );
  if (part.clientId === null) {
    const { cloths, points } = await clothsAndPoints(database, part);
    await add(FILES.cloths, json(cloths));
    await add(FILES.startingPoints, json(points));
  }
  for (const id of pictures) {
    const picture = await photographBytes(database, part, id);
    if (picture) await add(photographFile(id), Buffer.from(picture.jpeg));
  }
  await archive.finalize();
}

const json = (value: unknown) => JSON.stringify(value, null, 2);

function lines<Row>(rows: AsyncIterable<Row>, look: (row: Row) => void = () => {}): Readable {
  return Readable.from(
    (async function* () {
      for await (const row of rows) {
        look(row);
        yield `${JSON.stringify(row)}\n`;
      }
    })(),
    { objectMode: false },
  );
}
