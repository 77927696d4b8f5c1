import { isRecord } from "../data";
import { GARMENT_FORMAT } from "./garment-fields";

type File = Readonly<Record<string, unknown>>;

/** How a file of one format is made into one of the next. */
export type Upgrade = { readonly from: string; readonly to: string; readonly change: (file: File) => File };

/** Before there was a fitted block every drafted one was by the quick rules: it stays so. */
function withQuickSchool(file: File): File {
  const { block } = file;
  return isRecord(block) && block.source === "drafted" && !("school" in block)
    ? { ...file, block: { ...block, school: "quick" } }
    : file;
}

/** From every format that was ever handed out to the next, the oldest first: the one who changes the format adds a line. */
const UPGRADES: readonly Upgrade[] = [{ from: "gamine-garment/1", to: "gamine-garment/2", change: withQuickSchool }];

/** The file in the format that this version reads, by way of every one between. A file of no format that was ever handed out is left as it is. */
export function upgraded(file: File, upgrades: readonly Upgrade[] = UPGRADES): File {
  return upgrades.reduce(
    (now, { from, to, change }) => (now.format === from ? { ...change(now), format: to } : now),
    file,
  );
}

const NUMBERED = /^(gamine-garment\/)(\d{1,6})$/;

/** Is it a format of ours that only a later version reads? */
export function isOfLater(format: unknown): boolean {
  const [, , number] = NUMBERED.exec(typeof format === "string" ? format : "") ?? [];
  const [, , current] = NUMBERED.exec(GARMENT_FORMAT) ?? [];
  return number !== undefined && Number(number) > Number(current);
}
