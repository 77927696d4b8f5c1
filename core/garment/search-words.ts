import { collarOf } from "../collar";
import type { GarmentSpec } from "../spec";

/**
 * What else people call these styles, to find a garment by: common practice, no source. The words of one style are one text, as they are
 * looked through together.
 */
const SLEEVES: Readonly<Record<NonNullable<GarmentSpec["sleeve"]>["kind"], string>> = {
  "set-in": "set-in sleeve plain sleeve tailored sleeve",
  puff: "puff sleeve gathered sleeve balloon top",
  bishop: "bishop sleeve gathered cuff poet sleeve peasant",
  lantern: "lantern sleeve seamed",
  balloon: "balloon sleeve full",
  raglan: "raglan sleeve baseball",
  offShoulder: "off the shoulder sleeve bardot peasant elastic neckline",
  kimono: "kimono sleeve cut-on batwing dolman grown-on magyar",
  dropped: "dropped shoulder drop sleeve jersey",
  droppedGathered: "dropped shoulder gathered sleeve smock",
};

const CLOTHS: Readonly<Record<NonNullable<GarmentSpec["cloth"]["kind"]>, string>> = {
  knit: "knit jersey stretch",
  shirting: "shirting cotton poplin",
  "crisp-woven": "crisp woven organza taffeta",
  "medium-woven": "woven linen",
  "soft-wool": "wool crepe flannel",
};

/** All that a garment is looked for by: its name, and its styles under every name they have. */
export function searchWords({ name, sleeve, collar, cloth }: GarmentSpec): string {
  return [
    name,
    sleeve ? SLEEVES[sleeve.kind] : "sleeveless",
    collar ? collarOf(collar.kind).alsoCalled : "collarless",
    cloth.kind ? CLOTHS[cloth.kind] : "",
  ]
    .filter((words) => words !== "")
    .join(" ");
}
