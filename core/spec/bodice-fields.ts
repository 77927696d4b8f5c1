import {
  BACK_EDGES,
  BACK_FACINGS,
  BODICE_CUTS,
  BODICE_HEMS,
  FRONT_EDGES,
  LAPS,
  NECK_FINISHES,
  PANELS,
  STAND_FINISHES,
  WAIST_SEAMS,
} from "../bodice";
import { choice, group, length, orEmpty, READING, upTo, when } from "./field";

const BUTTONED = { "bodice.front": ["buttons"] };

/** What front and back are cut as: their centres, panels, neck and hem. */
export const bodiceFields = orEmpty(
  group("Bodice", {
    cut: choice(
      "Pieces of the bodice",
      BODICE_CUTS,
      "`parts` leaves front and back uncut where neither sleeve nor collar draws them; default `whole` for a drafted block",
    ),
    front: choice("Centre front", FRONT_EDGES, "`band`: its edge is finished by a band"),
    back: choice("Centre back", BACK_EDGES),
    ...when(BUTTONED, {
      stand: length("Button stand beyond the centre", { least: 5, most: 120 }),
      standFinish: choice("Finish of the button stand", STAND_FINISHES),
    }),
    ...when(BUTTONED, { lap: choice("Front that lies over", LAPS, "default by whose proportions the block has") }),
    neck: choice("Finish of the neck", NECK_FINISHES, "where no collar is sewn on"),
    ...when(
      { "bodice.neck": ["facing"] },
      { facingWidth: length("Width of the neck facing", { least: 15, most: 200 }) },
    ),
    backFacing: choice(
      "Back neck facing",
      BACK_FACINGS,
      "`deep` reaches below the front neck; `none`: it is finished otherwise",
    ),
    panels: choice("Panels", PANELS, "along the princess line, where the block has one"),
    waistSeam: choice("Seam at the waist", WAIST_SEAMS),
    flare: length("Flare at the hem", upTo(400), "added at each side of every seam, not at the centres"),
    hem: choice("Hem of the bodice", BODICE_HEMS),
    ...when({ "bodice.hem": ["curved"] }, { hemRise: length("Hem raised at the side", upTo(300)) }),
    ...when(
      { "bodice.hem": ["band", "plain"] },
      { hemDepth: length("Depth of the hem", upTo(200), "of a band, finished; a plain hem is turned up by it") },
    ),
    ...when(
      { "bodice.hem": ["casing"] },
      {
        hemElastic: length("Width of the hem elastic", { least: 3, most: 80 }),
        hemGirth: length("Girth where the hem elastic is worn", READING),
        hemElasticLess: length("Hem elastic shorter by", upTo(300)),
      },
    ),
    ...when(BUTTONED, {
      buttonSize: length("Button, across", { least: 5, most: 60 }),
      buttonSpacing: length("Distance between buttons", { least: 20, most: 300 }),
    }),
    ...when({ "bodice.back": ["slit"] }, { slit: length("Slit at the centre back", upTo(400)) }),
  }),
);
