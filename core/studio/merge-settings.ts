import { isRecord } from "../data";
import { readSettings, type StudioSettings } from "./settings";

/** Two tapes write the same figure down so far apart at most, in mm: what came back as it was shown was not changed. */
const AS_SHOWN_MM = 0.05;

/**
 * The settings as they stand `now`, with what somebody changed who was shown `shown` and asked for `asked`: another's figures of the
 * meantime stay, and where both changed one, what is asked for last counts. Settings that are in neither of the two stay as they are.
 */
export function mergedSettings(now: StudioSettings, shown: StudioSettings, asked: StudioSettings): StudioSettings {
  return readSettings(merged(now, shown, asked));
}

function merged(now: unknown, shown: unknown, asked: unknown): unknown {
  if (!isRecord(now) && !isRecord(shown) && !isRecord(asked)) return isSame(shown, asked) ? now : asked;
  const [ofNow, ofShown, ofAsked] = [now, shown, asked].map((one) => (isRecord(one) ? one : {}));
  const names = new Set([ofNow, ofShown, ofAsked].flatMap((one) => Object.keys(one ?? {})));
  const fields = [...names].map((name) => [name, merged(ofNow?.[name], ofShown?.[name], ofAsked?.[name])] as const);
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
}

function isSame(a: unknown, b: unknown): boolean {
  return typeof a === "number" && typeof b === "number" ? Math.abs(a - b) < AS_SHOWN_MM : a === b;
}
