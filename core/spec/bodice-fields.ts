import type {
  BackEdge,
  BackFacing,
  BodiceCut,
  BodiceHem,
  FrontEdge,
  Lap,
  NeckFinish,
  Panels,
  StandFinish,
  WaistSeam,
} from "../bodice";
import { length as mm, phrase } from "../draft";
import { INCH_MM } from "../tape";
import { choice, group, length, orEmpty, READING, upTo, usually, when } from "./field";

const BUTTONED = { "bodice.front": ["buttons"] };

/** What front and back are cut as: their centres, panels, neck and hem. */
export const bodiceFields = orEmpty(
  group("Bodice", {
    cut: choice<BodiceCut>(
      "What is cut",
      { whole: "Front and back as well", parts: "Sleeve and collar only" },
      "`parts` leaves front and back uncut where neither sleeve nor collar draws them; default `whole` for a drafted block",
    ),
    front: choice<FrontEdge>(
      "Centre front",
      { fold: "On the fold", seam: "Seam", buttons: "Buttons", zip: "Zip", band: "Edge for a band" },
      "`band`: its edge is finished by a band",
    ),
    back: choice<BackEdge>("Centre back", {
      fold: "On the fold",
      seam: "Seam",
      zip: "Zip",
      slit: "Slit with a loop",
    }),
    ...when(BUTTONED, {
      stand: length("Button stand, width", { least: 5, most: 120 }, "beyond the centre", usually(20, 40)),
      standFinish: choice<StandFinish>("Finish of the button stand", {
        faced: "With a facing of its own",
        folded: "Folded back",
        "turned-twice": "Turned twice",
        strip: "Separate strip",
      }),
    }),
    ...when(BUTTONED, {
      lap: choice<Lap>(
        "Fronts lap",
        { "right-over-left": "Right over left", "left-over-right": "Left over right" },
        "default by whose proportions the block has",
      ),
    }),
    neck: choice<NeckFinish>(
      "Neck finish",
      { facing: "Facing", binding: "Binding", none: "Left for another finish" },
      "where no collar is sewn on",
    ),
    ...when(
      { "bodice.neck": ["facing"] },
      { facingWidth: length("Width of the neck facing", { least: 15, most: 200 }, "", usually(40, 65)) },
    ),
    backFacing: choice<BackFacing>(
      "Back facing",
      { even: "As wide as the front’s", deep: "Deep, below front neck", none: "Left out" },
      "`deep` reaches below the front neck; `none`: it is finished otherwise",
    ),
    panels: choice<Panels>(
      "Panels",
      { whole: "Halves left whole", cut: "Cut apart: two to a half", split: "Three to a half" },
      "along the princess line, where the block has one",
    ),
    waistSeam: choice<WaistSeam>("Waist seam", { none: "None", waist: "At the waist" }),
    flare: length(
      "Flare at the hem",
      upTo(400),
      "added at each side of every seam, not at the centres",
      usually(0, 64),
    ),
    hem: choice<BodiceHem>("Hem of the bodice", {
      plain: "Plain",
      curved: "Curved, higher at side",
      casing: phrase`Casing, ${mm(1.25 * INCH_MM)} or so`,
      band: "Band",
    }),
    ...when(
      { "bodice.hem": ["curved"] },
      { hemRise: length("Hem raised at the side", upTo(300), "", usually(25, 130)) },
    ),
    ...when(
      { "bodice.hem": ["band", "plain"] },
      {
        hemDepth: length(
          "Depth of the hem",
          upTo(200),
          "of a band, finished; a plain hem is turned up by it",
          usually(20, 80),
        ),
      },
    ),
    ...when(
      { "bodice.hem": ["casing"] },
      {
        hemElastic: length("Width of the hem elastic", { least: 3, most: 80 }, "", usually(6, 40)),
        hemGirth: length("Girth under the elastic", READING, "where the hem is worn"),
        hemElasticLess: length("Hem elastic shorter by", upTo(300), "than that girth", {
          ...usually(0, 80),
          hint: "Elastic that leaves a mark is too tight; on children’s wear use no drawn cords, and follow the local rules.",
        }),
      },
    ),
    ...when(BUTTONED, {
      buttonSize: length("Button, across", { least: 5, most: 60 }, "", usually(9, 25)),
      buttonSpacing: length("Distance between buttons", { least: 20, most: 300 }, "", usually(60, 120)),
    }),
    ...when({ "bodice.back": ["slit"] }, { slit: length("Slit at the centre back", upTo(400), "", usually(60, 200)) }),
  }),
);
