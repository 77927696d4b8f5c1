/** Where in this plain data a number is that is not finite, as a dotted path; null when every number is. What is shared is looked at once. */
export function pathOfNotFinite(value: unknown): string | null {
  return search(value, new Set());
}

function search(value: unknown, seen: Set<object>): string | null {
  if (typeof value === "number") return Number.isFinite(value) ? null : "";
  if (value === null || typeof value !== "object" || seen.has(value)) return null;
  seen.add(value);
  for (const key in value) {
    const inner = search(Reflect.get(value, key), seen);
    if (inner !== null) return inner === "" ? key : `${key}.${inner}`;
  }
  return null;
}
