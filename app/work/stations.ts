import { STATIONS, type Station } from "@core/garment/index";

export function isStation(value: string | undefined): value is Station {
  return STATIONS.some((station) => station === value);
}

export const STATION_NAMES: Readonly<Record<Station, string>> = {
  measures: "Measures",
  block: "Block",
  sleeve: "Sleeve",
  collar: "Collar",
  pieces: "Pieces",
  match: "Match",
  wear: "Wear",
  cut: "Cut",
  card: "Card",
};
