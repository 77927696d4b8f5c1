import { isRecord } from "../data";
import { type Difference, differencesOf, isSame } from "./differences";
import type { GarmentSpec } from "./garment-spec";
import { readGarment } from "./read";
import { writeGarment } from "./write";

/** A field that both sides changed, each in its own way. Lengths in millimetres. */
export type Conflict = {
  readonly path: string;
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
};

export type Merge = {
  /** Theirs with every change of mine that does not go against one of theirs; null where the two cannot stand in one garment. */
  readonly merged: GarmentSpec | null;
  readonly taken: readonly Difference[];
  readonly conflicts: readonly Conflict[];
};

/**
 * Two garments that were made from one: what only one side changed is taken from it, what both changed alike stands, and what they changed
 * otherwise is told and stays as theirs. A field inside a part that the other side took out is such a conflict too.
 */
export function mergeGarments(base: GarmentSpec, mine: GarmentSpec, theirs: GarmentSpec): Merge {
  // In what unit a garment is written changes no figure of it.
  const from = (one: GarmentSpec) => differencesOf(base, { ...one, unit: base.unit });
  const [own, others] = [from(mine), from(theirs)];
  const clashOf = (one: Difference) =>
    others.find(
      (other) => overlaps(one.path, other.path) && !(one.path === other.path && isSame(one.after, other.after)),
    );
  const conflicts = own.flatMap((one) => {
    const clash = clashOf(one);
    return clash ? [{ path: one.path, base: one.before, mine: one.after, theirs: clash.after }] : [];
  });
  const taken = own.filter((one) => !clashOf(one) && !others.some(({ path }) => path === one.path));
  return { merged: withDifferences(theirs, taken), taken, conflicts };
}

const overlaps = (a: string, b: string) => a === b || a.startsWith(`${b}.`) || b.startsWith(`${a}.`);

/** The garment with these fields as they are after; null where that is no garment. */
export function withDifferences(spec: GarmentSpec, differences: readonly Difference[]): GarmentSpec | null {
  const changed = differences.reduce<Readonly<Record<string, unknown>>>(
    (file, { path, after }) => withValue(file, path.split("."), after),
    { ...writeGarment(spec, "mm"), unit: "mm" },
  );
  const read = readGarment(changed);
  return read.ok ? { ...read.spec, unit: spec.unit } : null;
}

function withValue(
  record: Readonly<Record<string, unknown>>,
  [name = "", ...rest]: readonly string[],
  value: unknown,
): Readonly<Record<string, unknown>> {
  if (rest.length > 0) {
    const inner = record[name];
    return { ...record, [name]: withValue(isRecord(inner) ? inner : {}, rest, value) };
  }
  const { [name]: _before, ...others } = record;
  return value === undefined ? others : { ...others, [name]: value };
}
