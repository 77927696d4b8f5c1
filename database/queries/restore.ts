import type { ClothKind, ClothTakes } from "@core/cloth/index";
import type { Amended, Seen } from "@core/fitting/index";
import type { GarmentSummary, Stage } from "@core/garment/index";
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
  startingPoints,
} from "../schema/work";
import type { GarmentFile } from "./garments";

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
  readonly summary: GarmentSummary;
  readonly stage: Stage;
  readonly dueOn: string | null;
  readonly fittingOn: string | null;
  readonly made: readonly string[];
  readonly createdAt: Date;
  readonly changedAt: Date;
  readonly archivedAt: Date | null;
  readonly deletedAt: Date | null;
  readonly versions: readonly {
    readonly number: number;
    readonly basedOn: number | null;
    readonly file: GarmentFile;
    readonly note: string;
    readonly createdAt: Date;
  }[];
  readonly fittings: readonly {
    readonly id: string;
    readonly takenOn: string;
    readonly version: number;
    readonly note: string;
    readonly seen: readonly Seen[];
    readonly changes: readonly Amended[];
    readonly appliedAs: number | null;
    readonly createdAt: Date;
  }[];
};

/** Is there nothing in this workroom yet? Only into such a one is an archive taken. */
export async function isEmpty(database: Database, studioId: string): Promise<boolean> {
  return (await database.$count(clients, eq(clients.studioId, studioId))) === 0;
}

/** What takes a workroom's rows in, each with an id of its own here, within one transaction. */
export function restoring(database: Database, studioId: string) {
  return {
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
    /** Gives what the try-ons of the garment are called here, by what they were called before. */
    garment: async ({ versions, fittings: tried, ...garment }: Garment): Promise<ReadonlyMap<string, string>> => {
      const latestVersion = Math.max(...versions.map(({ number }) => number));
      const [added] = await database
        .insert(garments)
        .values({ studioId, latestVersion, words: garment.summary.words, ...garment })
        .returning({ id: garments.id });
      if (!added) throw new Error("restoring: the database returned no row");
      const garmentId = added.id;
      await database.insert(garmentVersions).values(versions.map((version) => ({ garmentId, ...version })));
      const ids = new Map<string, string>();
      for (const { id, ...fitting } of tried) {
        const [kept] = await database
          .insert(fittings)
          .values({ garmentId, ...fitting })
          .returning({ id: fittings.id });
        if (kept) ids.set(id, kept.id);
      }
      return ids;
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
