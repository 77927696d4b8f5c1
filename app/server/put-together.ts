import { type GarmentSpec, mergeGarments, readGarment, writeGarment } from "@core/spec/index";
import type { StudioQueries } from "@database/studio-queries";
import { keptGarment } from "./kept-garment";

type Saved = { readonly number: number; readonly besides: number };

/**
 * Puts what two people saved side by side together, as a version of its own after both: this one's work with all that the other changed and
 * this one did not. What both changed otherwise stays as this one has it, and is told. Null where there is nothing to put together, or
 * nothing to begin with.
 */
export async function putTogether(
  queries: StudioQueries,
  garmentId: string,
  mine: GarmentSpec,
  { number, besides }: Saved,
  basedOn: number,
) {
  const versions = await queries.findVersions(garmentId, [basedOn, besides]);
  const read = (wanted: number) => {
    const found = versions.find((version) => version.number === wanted);
    const file = found && readGarment(found.file);
    return file?.ok ? { spec: file.spec, author: found?.author ?? null } : null;
  };
  const [base, theirs] = [read(basedOn), read(besides)];
  if (!base || !theirs) return null;
  const { merged, taken, conflicts } = mergeGarments(base.spec, theirs.spec, mine);
  const told = {
    author: theirs.author,
    taken,
    conflicts: conflicts.map(({ path, mine: other, theirs: own }) => ({ path, before: own, after: other })),
  };
  if (!merged || taken.length === 0) return { ...told, taken: [], number, file: writeGarment(mine, "mm") };
  const saved = await queries.saveVersion(garmentId, {
    ...keptGarment(merged),
    basedOn: number,
    note: `Versions ${besides} and ${number} put together`,
  });
  return saved && { ...told, number: saved.number, file: writeGarment(merged, "mm") };
}
