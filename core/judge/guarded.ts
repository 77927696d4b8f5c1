import { phrase } from "../draft";
import type { Finding } from "./finding";

export type Station = Finding["station"];

export type Guarded<T> = { readonly value: T; readonly findings: readonly Finding[] };

/**
 * The work of one station, kept from failing the whole garment: what it throws, and any number of its result that is not finite,
 * becomes a finding of that station, and `instead` is taken for its result. `shown` picks what of it is looked through, where that is
 * not all: looking through everything that only led there took a tenth of a draft. Nothing in the program relies on it: a case that it
 * catches is one that a judge ought to name.
 */
export function guarded<T>(
  station: Station,
  work: () => T,
  instead: T,
  shown: (value: T) => unknown = (value) => value,
): Guarded<T> {
  try {
    const value = work();
    const at = pathOfNotFinite(shown(value));
    return at === null
      ? { value, findings: [] }
      : { value: instead, findings: [unforeseen(station, `the figure at ${at} came out as no number`)] };
  } catch (error) {
    return { value: instead, findings: [unforeseen(station, error instanceof Error ? error.message : String(error))] };
  }
}

const WHAT: Readonly<Record<Station, string>> = {
  measures: "The measures",
  block: "The block",
  sleeve: "The sleeve",
  collar: "The collar",
  pieces: "The pieces of the bodice",
  match: "The seams",
};

/** The code of what was not foreseen. */
export const UNFORESEEN = "not-foreseen";

function unforeseen(station: Station, why: string): Finding {
  return {
    code: UNFORESEEN,
    severity: "fault",
    station,
    message: phrase`${WHAT[station]} could not be worked out from these figures; the rest of the garment was.`,
    reason: phrase`The program did not foresee this case: ${why}. Undo the last change, or take a figure nearer to the usual one.`,
    numbers: {},
    remedies: [],
  };
}

/** Where in this plain data a number is that is not finite, as a dotted path; null when every number is. What is shared is looked at once. */
function pathOfNotFinite(value: unknown): string | null {
  return search(value, new Set());
}

function search(value: unknown, seen: Set<object>): string | null {
  if (typeof value === "number") return Number.isFinite(value) ? null : "";
  if (!hasFields(value) || seen.has(value)) return null;
  seen.add(value);
  // The places of a list are counted through: named one by one, as the fields of a record, they took three times as long.
  if (Array.isArray(value)) {
    for (let i = 0; i < value.length; i++) {
      const inner = search(value[i], seen);
      if (inner !== null) return inner === "" ? `${i}` : `${i}.${inner}`;
    }
    return null;
  }
  for (const key in value) {
    const field = value[key];
    if (typeof field === "string") continue;
    const inner = search(field, seen);
    if (inner !== null) return inner === "" ? key : `${key}.${inner}`;
  }
  return null;
}

/** A record, or a list by its places. */
function hasFields(value: unknown): value is { readonly [key in string]: unknown } {
  return value !== null && typeof value === "object";
}
