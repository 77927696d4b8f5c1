import { theDatabase } from "@app/server/connection";
import { keptPhotograph } from "@app/server/photographs/read-photograph";
import { CLOTH_KINDS } from "@core/cloth/index";
import { summaryOf, UNREADABLE_SUMMARY } from "@core/garment/index";
import { readGarment } from "@core/spec/index";
import { type Restoring, restoring } from "@database/queries/restore";
import {
  type ArchivedAttempt,
  type ArchivedFitting,
  type ArchivedVersion,
  ATTEMPT,
  CLIENT,
  CLOTHS,
  EARLIER_FORMAT,
  EARLIER_GARMENT,
  FILES,
  FITTING,
  GARMENT,
  MANIFEST,
  POINTS,
  photographFile,
  VERSION,
} from "./archive-format";
import { type OpenedArchive, openArchive, Refused } from "./opened-archive";

export type Restored =
  | { readonly ok: true; readonly clients: number; readonly garments: number; readonly photographs: number }
  | { readonly ok: false; readonly sentence: string };

/** Takes an archive into a workroom in which nothing is yet: all of it, or nothing. `fileDescriptor` is of the open file
 * that holds it, which is closed. */
export async function readArchive(fileDescriptor: number, studioId: string): Promise<Restored> {
  let archive: OpenedArchive | null = null;
  try {
    archive = await openArchive(fileDescriptor);
    return await take(archive, studioId);
  } catch (error) {
    if (error instanceof Refused) return { ok: false, sentence: error.message };
    if (isOfTheData(error)) return { ok: false, sentence: NOT_KEPT };
    throw error;
  } finally {
    archive?.close();
  }
}

const NOT_KEPT = "The archive holds something that no workroom can. Nothing was restored.";

/** PostgreSQL's codes for values that it does not take, and for rows that cannot stand together. */
function isOfTheData(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  return ("code" in error && /^2[23]\w{3}$/.test(String(error.code))) || isOfTheData(error.cause);
}

async function take(archive: OpenedArchive, studioId: string): Promise<Restored> {
  const manifest = await archive.json(FILES.manifest, MANIFEST);
  if (!manifest) throw new Refused("That file is no archive of a workroom. Nothing was restored.");
  await archive.check();
  return theDatabase().transaction(async (database) => {
    const into = restoring(database, studioId);
    if (!(await into.isEmpty()))
      throw new Refused("There are clients in this workroom already: an archive is only taken into an empty one.");
    const work = taking(archive, into);
    for await (const client of archive.lines(FILES.clients, CLIENT)) await work.client(client);
    if (manifest.format === EARLIER_FORMAT) await takeEarlier(archive, work);
    else {
      for await (const garment of archive.lines(FILES.garments, GARMENT)) await work.garment(garment);
      for await (const version of archive.lines(FILES.versions, VERSION)) await work.version(version);
      await work.endOfVersions();
      for await (const fitting of archive.lines(FILES.fittings, FITTING)) await work.fitting(fitting);
      for await (const attempt of archive.lines(FILES.practice, ATTEMPT)) await work.attempt(attempt);
    }
    const cloths = await archive.json(FILES.cloths, CLOTHS);
    if (cloths)
      await into.cloths(
        CLOTH_KINDS.flatMap((kind) => (cloths.table[kind] ? [{ kind, takes: cloths.table[kind] }] : [])),
        cloths.own.map(({ isRetired, ...own }) => ({ ...own, retiredAt: isRetired ? new Date() : null })),
      );
    await into.points((await archive.json(FILES.startingPoints, POINTS)) ?? []);
    await into.settings(manifest.settings);
    return { ok: true, ...work.counts() };
  });
}

/** The format before: every garment's line holds its versions and its fittings. */
async function takeEarlier(archive: OpenedArchive, work: ReturnType<typeof taking>): Promise<void> {
  for await (const { versions, fittings, ...garment } of archive.lines(FILES.garments, EARLIER_GARMENT)) {
    await work.garment({ ...garment, latestVersion: versions.at(-1)?.number ?? 0 });
    for (const version of versions) await work.version({ ...version, garmentId: garment.id });
    await work.endOfVersions();
    for (const fitting of fittings) await work.fitting({ ...fitting, garmentId: garment.id });
  }
}

/** So many versions are written at a time. */
const BATCH = 100;

/** What an archive's rows become in the workroom, each under an id of its own there. */
function taking(archive: OpenedArchive, into: Restoring) {
  const clientIds = new Map<string, string>();
  const garments = new Map<string, TakenGarment>();
  let photographs = 0;
  let waiting: ArchivedVersion[] = [];
  const garmentOf = (id: string): TakenGarment => {
    const garment = garments.get(id);
    if (!garment)
      throw new Refused("Something in the archive is of a garment that is not in it. Nothing was restored.");
    return garment;
  };
  const write = async () => {
    const [first] = waiting;
    if (!first) return;
    await into.versions(garmentOf(first.garmentId).id, waiting);
    waiting = [];
  };
  /** Ends the garment whose versions were read last. */
  const endOfVersions = async () => {
    const last = waiting.at(-1);
    await write();
    if (!last) return;
    const garment = garmentOf(last.garmentId);
    if (garment.read !== garment.latest) throw missing(garment, garment.read + 1);
    await into.summary(garment.id, summaryFor(last.file));
  };
  return {
    client: async ({ id, ...client }: Parameters<Restoring["client"]>[0] & { readonly id: string }) => {
      if (clientIds.has(id)) throw new Refused(`“${client.name}” is in the archive twice. Nothing was restored.`);
      clientIds.set(id, await into.client(client));
    },
    garment: async ({
      id,
      clientId: before,
      ...garment
    }: Parameters<Restoring["garment"]>[0] & { readonly id: string }) => {
      const clientId = clientIds.get(before);
      if (!clientId)
        throw new Refused(
          `The garment “${garment.name}” is of a client who is not in the archive. Nothing was restored.`,
        );
      if (garments.has(id)) throw new Refused(`“${garment.name}” is in the archive twice. Nothing was restored.`);
      const added = await into.garment({ ...garment, clientId });
      garments.set(id, { id: added, name: garment.name, latest: garment.latestVersion, read: 0 });
    },
    version: async (version: ArchivedVersion) => {
      if (waiting[0] && waiting[0].garmentId !== version.garmentId) await endOfVersions();
      if (waiting.length === BATCH) await write();
      const garment = garmentOf(version.garmentId);
      if (version.number !== garment.read + 1) throw missing(garment, garment.read + 1);
      if (version.basedOn !== null && version.basedOn >= version.number) throw missing(garment, version.basedOn);
      garment.read = version.number;
      waiting.push(version);
    },
    endOfVersions: async () => {
      await endOfVersions();
      for (const garment of garments.values())
        if (garment.read !== garment.latest) throw missing(garment, garment.read + 1);
    },
    fitting: async ({ photographs: pictures, garmentId, id: _before, ...fitting }: ArchivedFitting) => {
      const garment = garmentOf(garmentId);
      for (const number of [fitting.version, fitting.appliedAs ?? 1])
        if (number > garment.latest) throw missing(garment, number);
      const fittingId = await into.fitting(garment.id, fitting);
      for (const picture of pictures) {
        const sent = await archive.bytes(photographFile(picture));
        const read = sent && (await keptPhotograph(sent));
        if (!read?.ok)
          throw new Refused(`A photograph of “${garment.name}” is missing or broken. Nothing was restored.`);
        await into.photograph({ fittingId, width: read.width, height: read.height, jpeg: read.jpeg });
        photographs++;
      }
    },
    attempt: async ({ garmentId, ...attempt }: ArchivedAttempt) => into.attempt(garmentOf(garmentId).id, attempt),
    counts: () => ({ clients: clientIds.size, garments: garments.size, photographs }),
  };
}

/** A garment as it was taken over: the number of its newest version, and of the last that was read. */
type TakenGarment = { readonly id: string; readonly name: string; readonly latest: number; read: number };

const missing = ({ name }: TakenGarment, number: number) =>
  new Refused(
    `Version ${number} of “${name}” is missing, or its versions do not follow each other. Nothing was restored.`,
  );

/** A version that cannot be read is kept as it is, and its page says why. */
function summaryFor(file: unknown) {
  const read = readGarment(file);
  return read.ok ? summaryOf(read.spec) : UNREADABLE_SUMMARY;
}
