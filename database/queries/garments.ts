import type { GarmentSummary } from "@core/garment/index";
import { and, asc, between, eq, inArray, isNull, sql } from "drizzle-orm";
import type { Database } from "../client";
import { users } from "../schema/people";
import { clients, garments, garmentVersions } from "../schema/work";
import type { Plan } from "./plans";

export type GarmentFile = Readonly<Record<string, unknown>>;
/** A garment as a list tells it: nothing of it is drafted. */
export type ListedGarment = {
  readonly id: string;
  readonly name: string;
  readonly clientId: string;
  readonly clientName: string;
  readonly version: number;
  readonly changedAt: Date;
  readonly summary: GarmentSummary | null;
} & Plan;
export type FoundGarment = Omit<ListedGarment, "summary"> & { readonly file: GarmentFile };

export const named = {
  id: garments.id,
  name: garments.name,
  clientId: garments.clientId,
  clientName: clients.name,
  version: garments.latestVersion,
  changedAt: garments.changedAt,
  stage: garments.stage,
  dueOn: garments.dueOn,
  fittingOn: garments.fittingOn,
};
const latest = and(eq(garmentVersions.garmentId, garments.id), eq(garmentVersions.number, garments.latestVersion));

/** The garment as it was last saved. */
export async function findGarment(
  database: Database,
  studioId: string,
  garmentId: string,
): Promise<FoundGarment | null> {
  const [garment] = await database
    .select({ ...named, file: garmentVersions.file })
    .from(garments)
    .innerJoin(clients, eq(clients.id, garments.clientId))
    .innerJoin(garmentVersions, latest)
    .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)));
  return garment ?? null;
}

type Kept = {
  readonly name: string;
  readonly file: GarmentFile;
  readonly summary: GarmentSummary;
  /** Who saved it; nobody where the program did. */
  readonly authorId?: string | null;
  readonly note?: string;
};

export async function addGarment(
  database: Database,
  studioId: string,
  { clientId, name, file, summary, authorId, note, ...plan }: Kept & { readonly clientId: string } & Partial<Plan>,
): Promise<string> {
  return database.transaction(async (transaction) => {
    const [added] = await transaction
      .insert(garments)
      .values({ studioId, clientId, name, summary, words: summary.words, latestVersion: 1, stage: "measured", ...plan })
      .returning({ id: garments.id });
    if (!added) throw new Error(`addGarment: the database returned no row for "${name}"`);
    await transaction.insert(garmentVersions).values({ garmentId: added.id, number: 1, file, authorId, note });
    return added.id;
  });
}

/** What comes of putting somebody's work together with what others saved meanwhile. */
export type PutTogether<Told> = {
  /** The garment in which both stand; null where there is nothing to add to their work. */
  readonly kept: Pick<Kept, "name" | "file" | "summary"> | null;
  readonly told: Told;
};

export type Saved<Told = never> = {
  readonly number: number;
  /** The version that was saved elsewhere in the meantime, if any: it is kept beside this one. */
  readonly besides: number | null;
  /** What was put together with it, as the version `number`; null where nothing could be. */
  readonly together: { readonly number: number; readonly authors: readonly string[]; readonly told: Told } | null;
};

/** Works out the garment in which both versions stand. It is called while the garment is locked: nobody saves meanwhile. */
export type Together<Told> = (base: GarmentFile, theirs: GarmentFile) => PutTogether<Told> | null;

/**
 * Keeps the work as a new version, and puts it together with what others saved since the version that it is based on, as a version after
 * both: all in one transaction on the locked garment, so that of any number of people who save at once nobody's work is passed over. Null
 * when the studio has no such garment.
 */
export async function saveVersion<Told = never>(
  database: Database,
  studioId: string,
  garmentId: string,
  { basedOn, authorId, note, ...mine }: Kept & { readonly basedOn: number },
  together?: Together<Told>,
): Promise<Saved<Told> | null> {
  return database.transaction(async (transaction) => {
    const [current] = await transaction
      .select({ latest: garments.latestVersion })
      .from(garments)
      .where(and(eq(garments.studioId, studioId), eq(garments.id, garmentId), isNull(garments.deletedAt)))
      .for("update");
    if (!current) return null;
    const { latest } = current;
    const number = latest + 1;
    // A version that never was is the base of none.
    const base = basedOn >= 1 && basedOn <= latest ? basedOn : null;
    await transaction
      .insert(garmentVersions)
      .values({ garmentId, number, basedOn: base, file: mine.file, authorId, note });
    if (base === null || base === latest) {
      await keepNewest(transaction, garmentId, number, mine);
      return { number, besides: base === latest ? null : latest, together: null };
    }
    const { authors, ...files } = await savedSince(transaction, garmentId, base, latest);
    const put = files.base && files.latest && together ? together(files.base, files.latest) : null;
    if (!put?.kept) {
      await keepNewest(transaction, garmentId, number, mine);
      return { number, besides: latest, together: put && { number, authors, told: put.told } };
    }
    await transaction.insert(garmentVersions).values({
      garmentId,
      number: number + 1,
      basedOn: number,
      file: put.kept.file,
      authorId,
      note: `Versions ${latest} and ${number} put together`,
    });
    await keepNewest(transaction, garmentId, number + 1, put.kept);
    return { number, besides: latest, together: { number: number + 1, authors, told: put.told } };
  });
}

type Newest = Pick<Kept, "name" | "summary">;

async function keepNewest(database: Database, garmentId: string, number: number, { name, summary }: Newest) {
  await database
    .update(garments)
    .set({
      name,
      summary,
      words: summary.words,
      latestVersion: number,
      changedAt: new Date(),
      // What has been worked on is no longer only measured.
      stage: sql`case when stage = 'measured' then 'drafted' else stage end`,
    })
    .where(eq(garments.id, garmentId));
}

/** The files of the version `base` and of `latest`, and who saved the versions after the one up to the other. */
async function savedSince(database: Database, garmentId: string, base: number, latest: number) {
  const files = await database
    .select({ number: garmentVersions.number, file: garmentVersions.file })
    .from(garmentVersions)
    .where(and(eq(garmentVersions.garmentId, garmentId), inArray(garmentVersions.number, [base, latest])));
  const people = await database
    .selectDistinct({ name: users.name })
    .from(garmentVersions)
    .innerJoin(users, eq(users.id, garmentVersions.authorId))
    .where(and(eq(garmentVersions.garmentId, garmentId), between(garmentVersions.number, base + 1, latest)))
    .orderBy(asc(users.name));
  const fileOf = (wanted: number) => files.find(({ number }) => number === wanted)?.file;
  return { base: fileOf(base), latest: fileOf(latest), authors: people.map(({ name }) => name) };
}

/** Some garments that were saved before there were summaries, with their files; none when every one has its summary. */
export async function withoutSummary(database: Database, most: number) {
  return database
    .select({ id: garments.id, file: garmentVersions.file })
    .from(garments)
    .innerJoin(garmentVersions, latest)
    .where(isNull(garments.summary))
    .limit(most);
}

export async function keepSummary(database: Database, garmentId: string, summary: GarmentSummary): Promise<void> {
  await database.update(garments).set({ summary, words: summary.words }).where(eq(garments.id, garmentId));
}
