/** The names in a record, in their order, by the type of the record: for one that holds no others than its type says. */
export function namesOf<Name extends string>(record: { readonly [name in Name]?: unknown }): readonly Name[] {
  return Object.keys(record) as Name[];
}

/** A record of the same names, each with what is made of it. */
export function eachOf<Name extends string, Made>(
  names: readonly Name[],
  make: (name: Name) => Made,
): { readonly [name in Name]: Made } {
  return Object.fromEntries(names.map((name) => [name, make(name)])) as { [name in Name]: Made };
}

/** Those items of a record, all of which it has to hold; one that is missing is a broken contract. */
export function allOf<Of extends object, Name extends keyof Of & string>(
  record: Of,
  names: readonly Name[],
): { readonly [name in Name]: NonNullable<Of[name]> } {
  const missing = names.find((name) => record[name] === undefined || record[name] === null);
  if (missing !== undefined) throw new RangeError(`allOf: no "${missing}" in a record that is to have one`);
  // Looked through just now, which no type can say.
  return Object.fromEntries(names.map((name) => [name, record[name]])) as { [name in Name]: NonNullable<Of[name]> };
}

/** Plain data that has fields by their names: neither null nor a list. */
export function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return value !== null && typeof value === "object" && !Array.isArray(value);
}

/** The item at a place of a list that is known to have one; a place that it has not is a broken contract. */
export function at<Item>(list: readonly Item[], index: number): Item {
  const item = list[index];
  if (item === undefined) throw new RangeError(`at: no item ${index} in a list of ${list.length}`);
  return item;
}
