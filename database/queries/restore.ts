import type { ClothKind, ClothTakes } from "@core/cloth/index";
import type { Amended, Seen } from "@core/fitting/index";
import { type GarmentSummary, type Stage, UNREADABLE_SUMMARY } from "@core/garment/index";
import type { StudioSettings } from "@core/studio/index";
import { eq } from "drizzle-orm";
import type { Database } from "../client";
import { fittings, photographs } from "../schema/fittings";
import { studios } from "../schema/people";
import {
  clients,
  clothFigures,
  garments,
  garmentVersions,
  measurementSets,
  ownCloths,
  practiceAttempts,
  startingPoints,
} from "../schema/work";
import type { GarmentFile } from "./garments";
import type { Attempt } from "./practice";

type Client = {
  readonly name: string;
  readonly note: string;
  readonly createdAt: Date;
  readonly archivedAt: Date | null;
  readonly deletedAt: Date | null;
  readonly measurings: readonly { readonly takenOn: string; readonly measures: Readonly<Record<string, number>> }[];
};
type Garment = {
  readonly clientId: string;
  readonly name: string;
  readonly latestVersion: number;
  readonly stage: Stage;
  readonly dueOn: string | null;
  readonly fittingOn: string | null;
  readonly made: readonly string[];
  readonly createdAt: Date;
  readonly changedAt: Date;
  readonly archivedAt: Date | null;
  readonly deletedAt: Date | null;
};
type Version = {
  readonly number: number;
  readonly basedOn: number | null;
  readonly file: GarmentFile;
  readonly note: string;
  readonly author: string | null;
  readonly createdAt: Date;
};
type Fitting = {
  readonly takenOn: string;
  readonly version: number;
  readonly note: string;
  readonly seen: readonly Seen[];
  readonly changes: readonly Amended[];
  readonly appliedAs: number | null;
  readonly author: string | null;
  readonly createdAt: Date;
};

/** Is there nothing in this workroom yet? Only into such a one is an archive taken. */
export async function isEmpty(database: Database, studioId: string): Promise<boolean> {
  return (await database.$count(clients, eq(clients.studioId, studioId))) === 0;
}

/** What takes a workroom's rows in, each with an id of its own here, within one transaction. */
export function restoring(database: Database, studioId: string) {
  return {
    /** Two who restore at once wait for each other here. */
    isEmpty: async (): Promise<boolean> => {
      await database.select({ id: studios.id }).from(studios).where(eq(studios.id, studioId)).for("update");
      return isEmpty(database, studioId);
    },
    settings: (settings: StudioSettings) => database.update(studios).set({ settings }).where(eq(studios.id, studioId)),
    client: async ({ measurings, ...client }: Client): Promise<string> => {
      const [added] = await database
        .insert(clients)
        .values({ studioId, ...client })
        .returning({ id: clients.id });
      if (!added) throw new Error("restoring: the database returned no row");
      if (measurings.length > 0)
        await database.insert(measurementSets).values(measurings.map((one) => ({ clientId: added.id, ...one })));
      return added.id;
    },
    garment: async (garment: Garment): Promise<string> => {
      const summary = UNREADABLE_SUMMARY;
      const [added] = await database
        .insert(garments)
        .values({ studioId, summary, words: summary.words, ...garment })
        .returning({ id: garments.id });
      if (!added) throw new Error("restoring: the database returned no row");
      return added.id;
    },
    versions: async (garmentId: string, versions: readonly Version[]): Promise<void> => {
      await database
        .insert(garmentVersions)
        .values(versions.map(({ author, ...version }) => ({ ...version, garmentId, authorName: author })));
    },
    /** What lists tell of a garment by its newest version. */
    summary: async (garmentId: string, summary: GarmentSummary): Promise<void> => {
      await database.update(garments).set({ summary, words: summary.words }).where(eq(garments.id, garmentId));
    },
    fitting: async (garmentId: string, { author, ...fitting }: Fitting): Promise<string> => {
      const [kept] = await database
        .insert(fittings)
        .values({ ...fitting, garmentId, authorName: author })
        .returning({ id: fittings.id });
      if (!kept) throw new Error("restoring: the database returned no row");
      return kept.id;
    },
    attempt: async (garmentId: string, attempt: Attempt & { readonly createdAt: Date }): Promise<void> => {
      await database.insert(practiceAttempts).values({ ...attempt, garmentId });
    },
    photograph: async (picture: {
      readonly fittingId: string;
      readonly width: number;
      readonly height: number;
      readonly jpeg: Uint8Array;
    }): Promise<void> => {
      await database.insert(photographs).values({ studioId, ...picture });
    },
    cloths: async (
      table: readonly { readonly kind: ClothKind; readonly takes: ClothTakes }[],
      own: readonly {
        readonly name: string;
        readonly kind: ClothKind;
        readonly takes: ClothTakes;
        readonly width: number | null;
        readonly retiredAt: Date | null;
      }[],
    ): Promise<void> => {
      if (table.length > 0)
        await database
          .insert(clothFigures)
          .values(table.map((one) => ({ studioId, ...one })))
          .onConflictDoNothing();
      if (own.length > 0)
        await database
          .insert(ownCloths)
          .values(own.map((one) => ({ studioId, ...one })))
          .onConflictDoNothing();
    },
    points: async (points: readonly { readonly name: string; readonly file: GarmentFile }[]): Promise<void> => {
      if (points.length > 0) await database.insert(startingPoints).values(points.map((one) => ({ studioId, ...one })));
    },
  };
}

export type Restoring = ReturnType<typeof restoring>;
