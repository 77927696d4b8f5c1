import type { Database } from "../client";

/**
 * A query that is built once for each database it is asked of, and prepared there by name: the lists that everybody looks at took longer to
 * be written and planned than to be run. What differs from one asking to the next are its placeholders.
 */
export function preparedOnce<Query>(prepare: (database: Database) => Query): (database: Database) => Query {
  const prepared = new WeakMap<Database, Query>();
  return (database) => {
    const known = prepared.get(database);
    if (known) return known;
    const made = prepare(database);
    prepared.set(database, made);
    return made;
  };
}
