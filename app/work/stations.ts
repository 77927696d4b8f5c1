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

/** What each station is for, in a sentence; where there is nothing to show yet it says so. */
export const STATION_PURPOSES: Readonly<Record<Station, string>> = {
  measures: "The body that the garment is made for. What was not measured is estimated from the rest.",
  block: "Front and back that fit the body, or the armhole and neckline that were measured on a garment.",
  sleeve: "The sleeve that fits the armhole and the arm: its style, its cap, and where its ease lies.",
  collar: "The collar that fits the neckline and lies as it was meant to.",
  pieces: "Every piece that is cut, and which edge is sewn to which.",
  match: "Two edges of a seam side by side, with the ease between their notches.",
  wear: "The garment sewn and worn as a toile, with what is read off it.",
  cut: "Seam allowances, the lay on the cloth, how much cloth to buy, and the order of making.",
  card: "The draft in numbered steps, to be drawn by hand or printed.",
};
