import { GARMENT_FORMAT } from "./garment-fields";

type File = Readonly<Record<string, unknown>>;

/** How a file of one format is made into one of the next. */
export type Upgrade = { readonly from: string; readonly to: string; readonly change: (file: File) => File };

/** From every format that was ever handed out to the next, the oldest first: whoever changes the format adds a line. There was one so far. */
const UPGRADES: readonly Upgrade[] = [];

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
