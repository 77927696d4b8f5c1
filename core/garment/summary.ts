import { USUAL_WIDTH_MM } from "../cloth";
import { areaOf, type Box, boxOf, svgPathData } from "../geometry";
import type { GarmentSpec } from "../spec";
import { searchWords } from "./search-words";
import { type Garment, sketchGarment } from "./sketch-garment";
import { STATIONS, type Station, type StationState, stationState } from "./stations";

/** How far a garment has come, in the order of the work. */
export const STAGES = ["measured", "drafted", "cut", "sewn", "fitted", "done"] as const;
export type Stage = (typeof STAGES)[number];

/** What a list tells of a garment without drafting it: worked out when it is saved. Millimetres. */
export type GarmentSummary = {
  /** The sleeve's outline in small, or the collar's; null where neither is drawn. */
  readonly drawing: { readonly data: string; readonly box: Box } | null;
  readonly sleeve: {
    readonly title: string;
    readonly capHeight: number | null;
    readonly capEase: number | null;
  } | null;
  readonly collar: string | null;
  /** The first station that asks for something; null when none does. */
  readonly next: (StationState & { readonly station: Station }) | null;
  /** How many findings are open. */
  readonly findings: { readonly faults: number; readonly warnings: number };
  /** About how long a cloth to buy, before any plan is laid; null where nothing is cut. Millimetres. */
  readonly cloth: { readonly length: number; readonly width: number } | null;
  readonly words: string;
};

/** Of a stored garment that cannot be read any more: its page says why. */
export const UNREADABLE_SUMMARY: GarmentSummary = {
  drawing: null,
  sleeve: null,
  collar: null,
  next: { station: "measures", mark: "fault", says: "cannot be read" },
  findings: { faults: 1, warnings: 0 },
  cloth: null,
  words: "",
};

export function summaryOf(spec: GarmentSpec): GarmentSummary {
  const garment = sketchGarment(spec);
  const { sleeve, collar, figures } = garment;
  const drawn = sleeve?.drawn ?? collar?.drawn ?? [];
  const figure = (id: string) => figures.find((one) => one.id === id)?.value ?? null;
  const states = STATIONS.map((station) => ({ station, ...stationState(station, garment) }));
  return {
    drawing:
      drawn.length > 0
        ? {
            data: inWholeMillimetres(drawn.map((piece) => svgPathData(piece.outline, true)).join("")),
            box: boxOf(drawn.map((piece) => piece.outline)),
          }
        : null,
    sleeve: sleeve && {
      title: sleeve.draft.title,
      capHeight: sleeve.family === "sewn" ? figure("sleeve.capHeight") : null,
      capEase: figure("sleeve.capEase"),
    },
    collar: collar?.drawing.title ?? null,
    next: states.find(({ mark }) => mark !== "done") ?? null,
    findings: {
      faults: garment.findings.filter(({ severity }) => severity === "fault").length,
      warnings: garment.findings.filter(({ severity }) => severity === "warning").length,
    },
    cloth: clothFor(garment),
    words: searchWords(spec),
  };
}

/** What allowances add to the pieces, and what share of a cloth a good plan uses (common practice, no source). */
const WITH_ALLOWANCES = 1.15;
const USED_SHARE = 0.7;

/** About how much cloth it takes, from the area of its pieces. */
function clothFor({ pieces, spec }: Garment): GarmentSummary["cloth"] {
  const width = spec.cloth.width ?? USUAL_WIDTH_MM;
  const area = pieces.reduce((sum, { outline, cut }) => sum + areaOf(outline) * cut.count * (cut.onFold ? 2 : 1), 0);
  return area > 0 ? { length: Math.ceil((area * WITH_ALLOWANCES) / (USED_SHARE * width)), width } : null;
}

/** A picture a thumb high shows no less; and lists are sent with all of theirs. */
function inWholeMillimetres(data: string): string {
  return data.replace(/-?\d+\.\d+/g, (figure) => `${Math.round(Number(figure))}`);
}
