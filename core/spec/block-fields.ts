import {
  ALTERATION_KINDS,
  ARMHOLE_RULES,
  BLOCK_SCHOOLS,
  BLOCK_STYLES,
  BODY_LENGTHS,
  BUST_DARTS,
  EASE_GARMENTS,
  GATHERS,
  NECK_RULES,
  NECK_SHAPES,
  SHAPINGS,
  SIDE_SEAMS,
  UNDERBUSTS,
} from "../block";
import { readPathData } from "../geometry";
import {
  ALLOWANCE,
  always,
  choice,
  group,
  LONGEST_PATH,
  length,
  MOST_ALTERATIONS,
  orEmpty,
  QUARTER_EASE,
  quantity,
  READING,
  SLOPE,
  type TextField,
  upTo,
  type VariantField,
  WHOLE_EASE,
  when,
} from "./field";

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

const alterations = {
  kind: "list",
  label: "Alterations",
  about: "made in order, after the block; `shoulder-dart-to-armhole` moves so much of the dart, all of it for 0",
  item: group("Alteration", {
    kind: always(choice("Kind of alteration", ALTERATION_KINDS)),
    by: { ...always(length("Amount of the alteration", upTo(150), "default 0")), usual: 0 },
  }),
  longest: MOST_ALTERATIONS,
  given: "optional",
} as const;

const readings = {
  armhole: orEmpty(
    group("Armhole", {
      front: length("Front armhole", READING, "along the stitching line from the shoulder point to the underarm"),
      back: length("Back armhole", READING, "in the same way"),
      girth: length(
        "Round armhole",
        READING,
        "the whole armhole read in one figure: a half that is left out is taken from it",
      ),
      depth: length(
        "Armhole depth",
        READING,
        "straight down from the level of the shoulder point to that of the underarm",
      ),
    }),
  ),
  shoulder: group("Shoulder", {
    length: length("Shoulder length", READING),
    slope: length("Shoulder slope", SLOPE, "how far the shoulder point lies below the side neck point"),
  }),
  neckline: group("Neckline", {
    width: length("Neck width", READING, "from the centre line to the side neck point"),
    frontDepth: length(
      "Front neck depth",
      READING,
      "each half by its depth, by its length along the curve, or by both",
    ),
    backDepth: length("Back neck depth", READING),
    frontLength: length("Front neckline length", READING),
    backLength: length("Back neckline length", READING),
  }),
  includesSeamAllowance: length(
    "Seam allowance in the readings",
    upTo(60),
    "the readings were taken along the cut edge of a pattern with this allowance all round: they are moved to the stitching line",
  ),
  leaveOut: group("Left out", {
    centreBack: length(
      "Left out at the centre back",
      ALLOWANCE,
      "a zip or an allowance that the neckline lengths hold besides",
    ),
    centreFront: length("Left out at the centre front", ALLOWANCE, "a button stand, in the same way"),
  }),
  alterations,
};

/** Nothing of a bodice lies lower; nearer to the neck than this nothing lies at all. */
const LEVEL = { least: 10, most: 2000 };
const NECK = { least: 5, most: 300 };

const SHAPED = { "block.shaping": SHAPINGS.filter((shaping) => shaping !== "none") };

/** Only the fitted block has these, only the quick rules those. */
const FITTED = { "block.school": ["fitted"] };
const QUICK = { "block.school": ["quick"] };

const easeFields = group(
  "Ease of the block",
  {
    bust: length("Ease at the bust", WHOLE_EASE),
    waist: length("Ease at the waist", WHOLE_EASE),
    hip: length("Ease at the hip", WHOLE_EASE),
    upperArm: length("Ease at the upper arm", WHOLE_EASE),
    acrossBack: length("Ease across the back", WHOLE_EASE),
    acrossFront: length("Ease across the front", WHOLE_EASE),
    armhole: length("Ease of the armhole", WHOLE_EASE, "over the armscye girth, both halves"),
    neckline: length("Ease of the neckline", WHOLE_EASE, "over the neck base"),
    balance: length("Back armhole longer than the front", { least: 0, most: 60 }),
  },
  "whole girths and widths, in place of what is usual for the garment and its cloth",
);

const workroomEase = group(
  "Workroom’s ease",
  {
    bust: length("Workroom’s ease at the bust", WHOLE_EASE),
    waist: length("Workroom’s ease at the waist", WHOLE_EASE),
    hip: length("Workroom’s ease at the hip", WHOLE_EASE),
    upperArm: length("Workroom’s ease at the upper arm", WHOLE_EASE),
    acrossBack: length("Workroom’s ease across the back", WHOLE_EASE),
    acrossFront: length("Workroom’s ease across the front", WHOLE_EASE),
    armhole: length("Workroom’s ease of the armhole", WHOLE_EASE),
    neckline: length("Workroom’s ease of the neckline", WHOLE_EASE),
    balance: length("Workroom’s back armhole longer than the front", { least: 0, most: 60 }),
  },
  "what the workroom’s own table has for this garment, on a bust of 920 mm, in place of the usual one; more on a larger body",
);

const drafted = {
  school: choice(
    "School of the block",
    BLOCK_SCHOOLS,
    "default `fitted`: solved from the body; `quick`: by rules of the table",
  ),
  ...when(FITTED, {
    garment: choice("Ease for a", EASE_GARMENTS, "default `blouse`; says how much room there is at every level"),
    ease: easeFields,
    workroomEase,
    bustDart: choice(
      "Place of the bust dart",
      BUST_DARTS,
      "`gathers`: into the neck; `ease`: none is sewn, and what lacks in length is told",
    ),
    dartShort: length(
      "Bust dart ends short of the bust point",
      upTo(120),
      "and never beyond half of the way to its mouth",
    ),
    dartEase: quantity(
      "Bust dart left as ease",
      "°",
      { least: 0, most: 6 },
      "in the armhole of a front without a dart",
    ),
  }),
  style: choice("Style of the bodice", BLOCK_STYLES, "default `woven`; the other defaults follow it"),
  ...when(QUICK, { neckRule: choice("Rule for the neck", NECK_RULES) }),
  neckShape: choice("Shape of the neckline", NECK_SHAPES),
  ...when(QUICK, { armholeRule: choice("Rule for the armhole", ARMHOLE_RULES, "what sets the chest line") }),
  shoulderEase: length("Shoulder ease", { least: -50, most: 100 }, "over the half shoulder"),
  backSlope: length("Back shoulder slope", SLOPE),
  frontSlope: length("Front shoulder slope", SLOPE),
  shoulderExtension: length("Shoulder beyond its point", ALLOWANCE),
  chestEase: length("Chest ease, each quarter", QUARTER_EASE),
  waistEase: length("Waist ease, each quarter", QUARTER_EASE),
  hipEase: length("Hip ease, each quarter", QUARTER_EASE),
  shaping: choice("Darts and princess lines", SHAPINGS),
  ...when(SHAPED, { dartIntake: length("Waist dart, width", upTo(80)) }),
  ...when({ "block.shaping": ["shoulder-darts"] }, { shoulderDartIntake: length("Shoulder dart, width", upTo(60)) }),
  backShoulderDart: length("Back shoulder dart, width", upTo(40), "default none"),
  centreBackShaping: length("Centre-back shaping at the waist", upTo(50)),
  buttonStand: length("Button stand", upTo(120)),
  gathers: choice("Gathers", GATHERS),
  frontGathers: length("Front fullness to gather", upTo(1000), "in the half, where it is gathered"),
  backGathers: length("Back fullness to gather", upTo(1000), "in the half, where it is gathered"),
  bodyLength: choice("Length of the bodice", BODY_LENGTHS, "`below-hip` and `knee` by the fitted block"),
  length: length("Length from the side neck point", LEVEL, "in place of hip or waist"),
  sideSeam: choice("Side seam", SIDE_SEAMS, "default `fitted`, `straight` under gathers"),
  frontNeckWidth: length("Front neck width", NECK),
  backNeckWidth: length("Back neck width", NECK),
  frontNeckDepth: length("Front neck depth", READING, "below the side neck point"),
  backNeckDepth: length("Back neck depth", NECK, "below the side neck point"),
  backHigher: length("Back higher at the neck", upTo(80), "than the front"),
  frontInset: length("Front armhole set in", upTo(80), "from the shoulder point, at half its depth"),
  backInset: length("Back armhole set in", upTo(80), "from the shoulder point, at half its depth"),
  chestLevel: length("Chest line", LEVEL, "below the shoulder line, as every level"),
  bustLevel: length("Bust level", LEVEL),
  underbustLevel: length("Under-bust level", LEVEL),
  waistLevel: length("Waist level", LEVEL),
  hipLevel: length("Hip level", LEVEL),
  ...when(SHAPED, {
    dartInner: length("Waist dart towards the centre", upTo(80), "how much of its width"),
    dartAboveHip: length("Waist dart closes above the hip", upTo(300)),
  }),
  underbust: choice(
    "Dart under the bust",
    UNDERBUSTS,
    "`fitted`: takes in what the block holds there beyond a quarter of the under-bust",
  ),
  read: group(
    "Read off the garment",
    {
      frontArmhole: length("Front armhole, as read", READING, "along the stitching line"),
      backArmhole: length("Back armhole, as read", READING, "along the stitching line"),
      armholeDepth: length("Armhole depth, as read", READING, "default: in proportion to the armhole that was read"),
      frontNeckline: length("Front neckline, as read", READING, "the half, from the centre to the shoulder"),
      backNeckline: length("Back neckline, as read", READING, "the half, in the same way"),
    },
    "sleeve and collar are fitted to these, front and back stay as they are drafted; the difference is told",
  ),
  alterations,
};

const outline = {
  from: choice("Where the outline comes from", ["drawing", "photograph"], "default `drawing`"),
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
  of: { readings, drafted, outline },
  usual: "readings",
  given: "empty",
} as const satisfies VariantField;
