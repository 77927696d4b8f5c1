import { ALTERATION_KINDS, ALTERATIONS } from "../block";
import { eachOf } from "../data";
import { readPathData } from "../geometry";
import { draftedFields } from "./drafted-fields";
import {
  ALLOWANCE,
  always,
  choice,
  group,
  LONGEST_PATH,
  length,
  MOST_ALTERATIONS,
  orEmpty,
  READING,
  SLOPE,
  type TextField,
  upTo,
  usually,
  type VariantField,
} from "./field";

const alterations = {
  kind: "list",
  label: "Alterations",
  about: "made in order, after the block; `shoulder-dart-to-armhole` moves so much of the dart, all of it for 0",
  item: group("Alteration", {
    kind: always(
      choice(
        "Kind of alteration",
        eachOf(ALTERATION_KINDS, (kind) => ALTERATIONS[kind].name),
      ),
    ),
    by: {
      ...always(
        length(
          "Amount of the alteration",
          { least: -150, most: 150 },
          "default 0; a minus only where the name says what it does",
        ),
      ),
      usual: 0,
    },
  }),
  longest: MOST_ALTERATIONS,
  given: "optional",
} as const;

/** An edge as path data. What makes no curve is refused by name; what makes no bodice is found when it is drafted. */
const edge = (label: string, about = "") =>
  ({
    kind: "text",
    label,
    about,
    longest: LONGEST_PATH,
    problem: (data) =>
      data.length > LONGEST_PATH
        ? "the path is too long"
        : readPathData(data) === null
          ? "path data has to be one run of absolute M, L and C in millimetres, within 10 m"
          : null,
    given: "optional",
  }) as const satisfies TextField;

const half = (side: "Front" | "Back") =>
  always(
    group(`${side} edges`, {
      armhole: always(edge(`${side} armhole edge`, "wanted on both halves")),
      neckline: edge(`${side} neckline edge`, "made up, and marked so, where it is missing"),
      shoulder: edge(`${side} shoulder edge`, "made up, and marked so, where it is missing"),
      grain: edge(`${side} grain edge`, "a line along the centre or the straight grain: which way is down"),
    }),
  );

const readings = {
  armhole: orEmpty(
    group("Armhole", {
      front: length(
        "Front armhole",
        READING,
        "along the stitching line from the shoulder point to the underarm",
        usually(195, 260),
      ),
      back: length("Back armhole", READING, "in the same way", usually(200, 270)),
      girth: length(
        "Round armhole",
        READING,
        "the whole armhole read in one figure: a half that is left out is taken from it",
        usually(390, 530),
      ),
      depth: length(
        "Armhole depth",
        READING,
        "straight down from the level of the shoulder point to that of the underarm",
        usually(165, 225),
      ),
    }),
  ),
  shoulder: group("Shoulder", {
    length: length("Shoulder length", READING, "", usually(100, 150)),
    slope: length(
      "Shoulder slope",
      SLOPE,
      "how far the shoulder point lies below the side neck point",
      usually(15, 45),
    ),
  }),
  neckline: group("Neckline", {
    width: length("Neck width", READING, "from the centre line to the side neck point", usually(65, 95)),
    frontDepth: length(
      "Front neck depth",
      READING,
      "each half by its depth, by its length along the curve, or by both",
      usually(60, 160),
    ),
    backDepth: length("Back neck depth", READING, "", usually(15, 45)),
    frontLength: length("Front neckline length", READING, "", usually(100, 190)),
    backLength: length("Back neckline length", READING, "", usually(78, 105)),
  }),
  includesSeamAllowance: length(
    "Allowance in the readings",
    upTo(60),
    "the readings were taken along the cut edge of a pattern with this allowance all round: they are moved to the stitching line",
    usually(0, 15),
  ),
  leaveOut: group("Left out", {
    centreBack: length(
      "Left out, centre back",
      ALLOWANCE,
      "a zip or an allowance that the neckline lengths hold besides",
      usually(0, 20),
    ),
    centreFront: length("Left out, centre front", ALLOWANCE, "a button stand, in the same way", usually(0, 30)),
  }),
  alterations,
};

const outline = {
  from: choice(
    "Where the outline comes from",
    { drawing: "A drawing", photograph: "A photograph" },
    "default `drawing`",
    { usual: "drawing" },
  ),
  error: length("How far a traced length may be off", upTo(100)),
  front: half("Front"),
  back: half("Back"),
  alterations,
};

/** The fields of the block, by where it comes from. */
export const blockFields = {
  kind: "variant",
  label: "Block",
  about: "each source has fields of its own",
  by: "source",
  byLabel: "Source of the block",
  of: { readings, drafted: { ...draftedFields, alterations }, outline },
  ofNames: {
    readings: "Read off a garment",
    drafted: "Drafted from the body",
    outline: "Traced from a drawing",
  },
  usual: "readings",
  given: "empty",
} as const satisfies VariantField;
