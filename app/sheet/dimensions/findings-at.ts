import { isRecord } from "@core/data/index";
import type { Dimension } from "@core/draft/index";
import type { Station } from "@core/garment/index";
import type { Finding } from "@core/judge/index";

const WEIGHT = { fault: 0, warning: 1, note: 2 } as const;

/**
 * What was found at the figures of a sheet, by the figure: each finding at the first figure that one of its remedies changes, the gravest of
 * several at one place. What no figure of this sheet mends, but is about a piece, is found at the first figure of that piece; the rest has none.
 */
export function findingsAt(
  findings: readonly Finding[],
  station: Station,
  dimensions: readonly Dimension[],
): ReadonlyMap<string, Finding> {
  const found = new Map<string, Finding>();
  const ofStation = findings.filter((finding) => finding.station === station);
  for (const finding of [...ofStation].sort((a, b) => WEIGHT[a.severity] - WEIGHT[b.severity])) {
    const changed = finding.remedies.flatMap(({ change }) => pathsOf(change));
    const at =
      changed.map((path) => dimensions.find(({ types }) => types === path)).find((one) => one !== undefined) ??
      dimensions.find(({ on }) => finding.piece !== undefined && on === finding.piece);
    if (at && !found.has(at.id)) found.set(at.id, finding);
  }
  return found;
}

/** The paths of the fields that a change sets, `sleeve.capEase`. */
export function pathsOf(change: unknown, at = ""): readonly string[] {
  if (!isRecord(change)) return at === "" ? [] : [at];
  return Object.entries(change).flatMap(([name, inner]) => pathsOf(inner, at === "" ? name : `${at}.${name}`));
}
