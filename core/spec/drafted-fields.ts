import {
  type ArmholeRule,
  type BlockSchool,
  type BlockStyle,
  type BodyLength,
  type BustDartPlace,
  EASE_GARMENT_NAMES,
  type EaseGarment,
  type Gathers,
  type NeckRule,
  type NeckShape,
  SHAPINGS,
  type Shaping,
  type SideSeam,
  type Underbust,
} from "../block";
import { length as mm, phrase } from "../draft";
import { INCH_MM } from "../tape";
import {
  ALLOWANCE,
  choice,
  group,
  length,
  QUARTER_EASE,
  quantity,
  READING,
  SLOPE,
  upTo,
  usually,
  WHOLE_EASE,
  when,
} from "./field";

/** Nothing of a bodice lies lower; nearer to the neck than this nothing lies at all. */
const LEVEL = { least: 10, most: 2000 };
const NECK = { least: 5, most: 300 };

const SHAPED = { "block.shaping": SHAPINGS.filter((shaping) => shaping !== "none") };

/** Only the fitted block has these, only the quick rules those. */
const FITTED = { "block.school": ["fitted"] };
const SHAPED_STYLES = { "block.style": ["woven", "knit"] };
const QUICK = { "block.school": ["quick"] };

const easeFields = group(
  "Ease of the block",
  {
    bust: length("Ease at the bust", WHOLE_EASE, "", usually(10, 160)),
    waist: length("Ease at the waist", WHOLE_EASE, "", usually(10, 180)),
    hip: length("Ease at the hip", WHOLE_EASE, "", usually(10, 140)),
    upperArm: length("Ease at the upper arm", WHOLE_EASE, "", usually(0, 110)),
    acrossBack: length("Ease across the back", WHOLE_EASE, "", usually(0, 40)),
    acrossFront: length("Ease across the front", WHOLE_EASE, "", usually(0, 25)),
    armhole: length("Ease of the armhole", WHOLE_EASE, "over the armscye girth, both halves", usually(5, 90)),
    neckline: length("Ease of the neckline", WHOLE_EASE, "over the neck base", usually(0, 10)),
    balance: length("Back armhole longer by", { least: 0, most: 60 }, "than the front", usually(5, 20)),
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

/** The fields of a block that is drafted from the body. */
export const draftedFields = {
  school: choice<BlockSchool>(
    "School",
    {
      fitted: {
        name: "Solved from the body",
        summary:
          "Neck, shoulder, armhole, bust and its dart, waist and hip are each solved for this body and its ease.",
      },
      quick: {
        name: "Quick rules",
        summary: "By the rules that people draft by at the table, every one of them a choice.",
      },
    },
    "default `fitted`: solved from the body; `quick`: by rules of the table",
  ),
  ...when(FITTED, {
    garment: choice<EaseGarment>(
      "Ease for a",
      EASE_GARMENT_NAMES,
      "default `blouse`; says how much room there is at every level",
    ),
    ease: easeFields,
    workroomEase,
    bustDart: choice<BustDartPlace>(
      "Place of the bust dart",
      {
        side: "At the side",
        shoulder: "At the shoulder",
        armhole: "In the armhole",
        neck: "In the neck",
        gathers: "Gathered into the neck",
        waist: "At the waist",
        "princess-shoulder": "Princess from shoulder",
        "princess-armhole": "Princess from armhole",
        ease: "None: left as ease",
      },
      "`gathers`: into the neck; `ease`: none is sewn, and what lacks in length is told",
    ),
    ...when(
      { "block.bustDart": ["side", "shoulder", "armhole", "neck", "waist"] },
      {
        dartShort: length(
          "Bust dart ends short by",
          upTo(120),
          "of the bust point, and never beyond half of the way to its mouth",
          usually(10, 40),
        ),
      },
    ),
    ...when(
      { "block.bustDart": ["ease"] },
      {
        dartEase: quantity(
          "Bust dart left as ease",
          "°",
          { least: 0, most: 6 },
          "in the armhole of a front without a dart",
        ),
      },
    ),
  }),
  style: choice<BlockStyle>(
    "Style",
    { woven: "Woven, with darts", knit: "Knit", dropped: "Dropped shoulder" },
    "default `woven`; the other defaults follow it",
  ),
  ...when(QUICK, {
    neckRule: choice<NeckRule>("Neck width and depth", {
      "by-size": phrase`By size: ${mm(3 * INCH_MM)}, large ${mm(3.5 * INCH_MM)}`,
      "neck-sixth": "Neck base ÷ 6",
    }),
  }),
  neckShape: choice<NeckShape>("Neckline", {
    round: "Round",
    scoop: phrase`Scoop, ${mm(6 * INCH_MM)} deep`,
    v: "V, ruled straight",
    "v-hollow": "V, hollowed",
    square: "Square",
    boat: "Boat",
    "off-shoulder": "Off the shoulder",
  }),
  ...when(QUICK, {
    armholeRule: choice<ArmholeRule>(
      "Chest line by",
      {
        "half-armscye": phrase`Armscye girth ÷ 2 + ${mm(INCH_MM / 2)}`,
        "bust-quarter": "Bust ÷ 4",
        "bust-sixth": phrase`Bust ÷ 6 + ${mm(1.5 * INCH_MM)}`,
      },
      "how far below the shoulder line it lies",
    ),
  }),
  shoulderEase: length("Shoulder ease", { least: -50, most: 100 }, "over the half shoulder", {
    ...usually(0, 15),
    hint: phrase`${mm(INCH_MM / 2)} over the half shoulder for a jacket.`,
  }),
  ...when(QUICK, {
    backSlope: length("Back shoulder slope", SLOPE, "", usually(15, 40)),
    frontSlope: length("Front shoulder slope", SLOPE, "", {
      ...usually(15, 45),
      hint: phrase`${mm(INCH_MM)}; ${mm(1.5 * INCH_MM)} where the figure slopes more.`,
    }),
  }),
  shoulderExtension: length("Shoulder beyond its point", ALLOWANCE, "", {
    ...usually(0, 60),
    hint: phrase`Of a dropped shoulder ${mm(INCH_MM / 2)}, more for oversize.`,
  }),
  chestEase: length("Chest ease, each quarter", QUARTER_EASE, "", {
    ...usually(0, 40),
    hint: phrase`None for a tight knit, ${mm(INCH_MM / 4)} close, ${mm(INCH_MM / 2)} usual, ${mm(INCH_MM)} for a shirt.`,
  }),
  waistEase: length("Waist ease, each quarter", QUARTER_EASE, "", usually(0, 40)),
  hipEase: length("Hip ease, each quarter", QUARTER_EASE, "", usually(0, 40)),
  shaping: choice<Shaping>("Darts and princess lines", {
    none: "None",
    "waist-darts": "Waist darts",
    "shoulder-darts": "Waist and shoulder darts",
    "princess-shoulder": "Princess from shoulder",
    "princess-armhole": "Princess from armhole",
  }),
  ...when(SHAPED, {
    dartIntake: length("Waist dart, width", upTo(80), "", {
      ...usually(15, 40),
      hint: phrase`${mm(INCH_MM)} to ${mm(1.5 * INCH_MM)}.`,
    }),
  }),
  ...when(
    { "block.shaping": ["shoulder-darts"] },
    { shoulderDartIntake: length("Shoulder dart, width", upTo(60), "", usually(8, 30)) },
  ),
  backShoulderDart: length("Back shoulder dart, width", upTo(40), "default none", {
    ...usually(0, 20),
    hint: phrase`None; ${mm(INCH_MM / 2)} for a rounded back.`,
  }),
  centreBackShaping: length("Centre back taken in", upTo(50), "at the waist", {
    ...usually(0, 20),
    hint: phrase`${mm(INCH_MM / 2)} to ${mm(0.75 * INCH_MM)} at the waist for a jacket.`,
  }),
  buttonStand: length("Button stand", upTo(120), "", {
    ...usually(0, 40),
    hint: phrase`${mm(INCH_MM)} to ${mm(1.5 * INCH_MM)} beyond the centre front where it buttons.`,
  }),
  gathers: choice<Gathers>("Gathers", { none: "None", slight: "Slight: a third more", full: "Full: doubled" }),
  ...when(
    { "block.gathers": ["slight", "full"] },
    {
      frontGathers: length(
        "Front fullness to gather",
        upTo(1000),
        "in the half, where it is gathered",
        usually(50, 250),
      ),
      backGathers: length("Back fullness to gather", upTo(1000), "in the half, where it is gathered", usually(20, 220)),
    },
  ),
  bodyLength: choice<BodyLength>(
    "Length of the bodice",
    { hip: "To the hip", waist: "To the waist", "below-hip": "Below the hip", knee: "To the knee" },
    "`below-hip` and `knee` by the fitted block",
  ),
  length: length("Length from the side neck", LEVEL, "in place of hip or waist", usually(430, 1050)),
  ...when(SHAPED_STYLES, {
    sideSeam: choice<SideSeam>(
      "Side seam",
      { fitted: "Fitted", half: "Half fitted", straight: "Straight" },
      "default `fitted`, `straight` under gathers",
    ),
  }),
  frontNeckWidth: length("Front neck width", NECK, "", usually(65, 95)),
  backNeckWidth: length("Back neck width", NECK, "", usually(65, 95)),
  frontNeckDepth: length("Front neck depth", READING, "below the side neck point", usually(60, 160)),
  backNeckDepth: length("Back neck depth", NECK, "below the side neck point", usually(15, 45)),
  backHigher: length("Back higher at the neck", upTo(80), "than the front", usually(0, 26)),
  frontInset: length("Front armhole set in", upTo(80), "from the shoulder point, at half its depth", usually(8, 25)),
  backInset: length("Back armhole set in", upTo(80), "from the shoulder point, at half its depth", usually(5, 20)),
  chestLevel: length("Chest line", LEVEL, "below the shoulder line, as every level", usually(200, 260)),
  bustLevel: length("Bust level", LEVEL, "", usually(250, 300)),
  underbustLevel: length("Under-bust level", LEVEL, "", usually(320, 380)),
  waistLevel: length("Waist level", LEVEL, "", usually(400, 460)),
  hipLevel: length("Hip level", LEVEL, "", usually(530, 640)),
  ...when(SHAPED, {
    dartInner: length("Dart towards the centre", upTo(80), "how much of the waist dart’s width", usually(5, 15)),
    dartAboveHip: length("Dart closes above the hip", upTo(300), "the waist dart", usually(20, 60)),
  }),
  underbust: choice<Underbust>(
    "Waist dart",
    { free: "Runs straight", fitted: "Fitted under the bust" },
    "`fitted`: takes in what the block holds there beyond a quarter of the under-bust",
  ),
  read: group(
    "Read off the garment",
    {
      frontArmhole: length("Front armhole, as read", READING, "along the stitching line", usually(190, 280)),
      backArmhole: length("Back armhole, as read", READING, "along the stitching line", usually(200, 290)),
      armholeDepth: length(
        "Armhole depth, as read",
        READING,
        "default: in proportion to the armhole that was read",
        usually(165, 225),
      ),
      frontNeckline: length(
        "Front neckline, as read",
        READING,
        "the half, from the centre to the shoulder",
        usually(95, 150),
      ),
      backNeckline: length("Back neckline, as read", READING, "the half, in the same way", usually(75, 105)),
    },
    "sleeve and collar are fitted to these, front and back stay as they are drafted; the difference is told",
  ),
};
