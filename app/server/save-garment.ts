import {
  type Difference,
  differencesOf,
  type GarmentSpec,
  mergeGarments,
  readGarment,
  writeGarment,
} from "@core/spec/index";
import type { GarmentFile, PutTogether } from "@database/queries/garments";
import type { StudioQueries } from "@database/studio-queries";
import { keptGarment } from "./kept-garment";

/** What came of putting somebody's work together with what others saved meanwhile. */
type Told = {
  /** What the others changed and this one did not. */
  readonly taken: readonly Difference[];
  /** What both changed otherwise: as this one has it, and as it was saved before and stands. */
  readonly conflicts: readonly Difference[];
};

export type SavedGarment = {
  readonly number: number;
  readonly besides: number | null;
  readonly together:
    | (Told & { readonly number: number; readonly authors: readonly string[]; readonly file: GarmentFile })
    | null;
};

/**
 * Keeps the work as a new version. Where others saved since the version that it is based on, both are put together as a version after
 * them: what was saved first stands, and whoever saves later is told of every figure of theirs that does not. Null when the workroom has no
 * such garment.
 */
export async function saveGarment(
  queries: StudioQueries,
  garmentId: string,
  spec: GarmentSpec,
  { basedOn, note }: { readonly basedOn: number; readonly note?: string },
): Promise<SavedGarment | null> {
  const saved = await queries.saveVersion(garmentId, { ...keptGarment(spec), basedOn, note }, (base, theirs) =>
    putTogether(base, theirs, spec),
  );
  if (!saved) return null;
  const { together } = saved;
  return { ...saved, together: together && { ...together.told, number: together.number, authors: together.authors } };
}

type PutFile = Told & { readonly file: GarmentFile };

/** Null where one of the two that were saved before cannot be read: then the work stands as it is. */
function putTogether(baseFile: GarmentFile, theirFile: GarmentFile, mine: GarmentSpec): PutTogether<PutFile> | null {
  const [base, theirs] = [readGarment(baseFile), readGarment(theirFile)];
  if (!base.ok || !theirs.ok) return null;
  const { merged, conflicts } = mergeGarments(base.spec, mine, theirs.spec);
  // Where the two cannot stand in one garment, what was saved first stands whole.
  const newest = merged ?? theirs.spec;
  const lost = new Set(conflicts.map(({ path }) => path));
  const differing = differencesOf({ ...mine, unit: newest.unit }, newest);
  const told = {
    taken: merged ? differing.filter(({ path }) => !lost.has(path)) : [],
    conflicts: merged ? differing.filter(({ path }) => lost.has(path)) : differing,
    file: writeGarment(newest, "mm"),
  };
  return { kept: differing.length > 0 ? keptGarment(newest) : null, told };
}
