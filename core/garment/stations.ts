import type { Garment } from "./sketch-garment";

/** The stations of a garment in the order of work. */
export const STATIONS = ["measures", "block", "sleeve", "collar", "pieces", "match", "wear", "cut", "card"] as const;
export type Station = (typeof STATIONS)[number];

/** How a station stands at a glance: in words for the eye that does not see the mark. */
export type StationState = { readonly mark: "done" | "asks" | "fault"; readonly says: string };

/** What each station is still asking for, from the draft alone. */
export function stationState(station: Station, garment: Garment): StationState {
  const estimated = garment.defaults.filter(
    (d) => d.isStandIn && d.isNeeded && d.path.startsWith(station === "block" ? "block." : "body."),
  );
  const findings = garment.findings.filter(
    (finding) => finding.station === station && finding.code !== "stand-ins-used",
  );
  const fault = findings.some((finding) => finding.severity === "fault");
  const warnings = findings.filter((finding) => finding.severity === "warning").length;
  if (fault) return { mark: "fault", says: "needs mending" };
  if ((station === "measures" || station === "block") && estimated.length > 0)
    return { mark: "asks", says: `${estimated.length} estimated` };
  if (
    (station === "match" || station === "wear" || station === "cut" || station === "card") &&
    garment.pieces.length === 0
  )
    return { mark: "asks", says: "waits for pieces" };
  if (station === "pieces" && garment.pieces.length === 0) return { mark: "asks", says: "nothing to cut yet" };
  if (station === "collar" && !garment.spec.collar) return { mark: "done", says: "none wanted" };
  if (warnings > 0) return { mark: "asks", says: warnings === 1 ? "1 warning" : `${warnings} warnings` };
  if (station === "pieces") {
    const count = garment.pieces.length;
    return { mark: "done", says: count === 1 ? "one piece" : `${count} pieces` };
  }
  return { mark: "done", says: station === "card" || station === "cut" || station === "wear" ? "ready" : "in order" };
}
