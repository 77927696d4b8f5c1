import {
  ALTERATION_KINDS,
  ARMHOLE_RULES,
  BLOCK_STYLES,
  BODY_LENGTHS,
  GATHERS,
  NECK_RULES,
  NECK_SHAPES,
  SHAPINGS,
} from "../block";
import { MEASURE_IDS, measureOf } from "../body";
import { CLOTH_KINDS } from "../cloth";
import {
  COLLAR_CHOICE_NAMES,
  COLLAR_CHOICES,
  COLLAR_FIELD_NAMES,
  COLLAR_FIELDS,
  COLLAR_KINDS,
  type CollarChoiceName,
  type CollarChoiceOf,
  optionsOf,
} from "../collar";
import { eachOf } from "../data";
import { readPathData } from "../geometry";
import { HEM_FINISHES } from "../sleeve/finish";
import { CAP_CURVES, FULLNESS_CHANGE, PLACEMENTS, SET_IN_METHODS, SLEEVE_CUTS, SURPLUS_WAYS } from "../sleeve/set-in";
import { SLEEVE_KINDS, type SleeveStyle, STYLE_KINDS, STYLES } from "../sleeve/styles";
import { TAPE_UNITS } from "../tape";
import {
  always,
  angle,
  type Bounds,
  type ChoiceField,
  choice,
  group,
  length,
  orEmpty,
  orNone,
  range,
  share,
  type TextField,
  type VariantField,
} from "./field";

export const GARMENT_FORMAT = "gamine-garment/1";

/** Refused is only what cannot be a person or a garment: nothing, less than nothing, or more than 3 m. */
const READING: Bounds = { least: 0.1, most: 3000 };
const EASE: Bounds = { least: -100, most: 1000 };
const CHANGE: Bounds = { least: -500, most: 500 };
const ALLOWANCE: Bounds = { least: 0, most: 300 };
const SLOPE: Bounds = { least: 0, most: 300 };
const QUARTER_EASE: Bounds = { least: -60, most: 300 };
const LOWER_EASE: Bounds = { least: -20, most: 40 };
const upTo = (most: number): Bounds => ({ least: 0, most });

/** No cloth takes half of its own length again. */
const EASE_SHARE = { least: 0, most: 0.5 };
/** Nobody alters one block more often; more is a broken file. */
const MOST_ALTERATIONS = 40;
/** A curve of some thousand segments; far beyond any edge a person draws. */
const LONGEST_PATH = 60_000;
const LONGEST_NAME = 200;

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
  about: "made in order, after the block; `shoulder-dart-to-armhole` takes no amount",
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

const drafted = {
  style: choice("Style of the bodice", BLOCK_STYLES, "default `woven`; the other defaults follow it"),
  neckRule: choice("Rule for the neck", NECK_RULES),
  neckShape: choice("Shape of the neckline", NECK_SHAPES),
  armholeRule: choice("Rule for the armhole", ARMHOLE_RULES, "what sets the chest line"),
  shoulderEase: length("Shoulder ease", { least: -50, most: 100 }, "over the half shoulder"),
  backSlope: length("Back shoulder slope", SLOPE),
  frontSlope: length("Front shoulder slope", SLOPE),
  shoulderExtension: length("Shoulder beyond its point", ALLOWANCE),
  chestEase: length("Chest ease, each quarter", QUARTER_EASE),
  waistEase: length("Waist ease, each quarter", QUARTER_EASE),
  hipEase: length("Hip ease, each quarter", QUARTER_EASE),
  shaping: choice("Darts and princess lines", SHAPINGS),
  dartIntake: length("Waist dart, width", upTo(80)),
  shoulderDartIntake: length("Shoulder dart, width", upTo(60)),
  centreBackShaping: length("Centre-back shaping at the waist", upTo(50)),
  buttonStand: length("Button stand", upTo(120)),
  gathers: choice("Gathers", GATHERS),
  bodyLength: choice("Length of the bodice", BODY_LENGTHS),
  alterations,
};

const outline = {
  from: choice("Where the outline comes from", ["drawing", "photograph"], "default `drawing`"),
  error: length("How far a traced length may be off", upTo(100)),
  front: half("Front"),
  back: half("Back"),
  alterations,
};

const block = {
  kind: "variant",
  label: "Block",
  about: "each source has fields of its own",
  by: "source",
  byLabel: "Source of the block",
  of: { readings, drafted, outline },
  usual: "readings",
  given: "empty",
} as const satisfies VariantField;

const styles = eachOf(STYLE_KINDS, (kind) => {
  const fields: SleeveStyle["fields"] = STYLES[kind].fields;
  return group(
    `${STYLES[kind].name} sleeve`,
    eachOf(Object.keys(fields), (name) => length(fields[name]?.label ?? name, fields[name]?.bounds ?? READING)),
  );
});

const collarFigures = eachOf(COLLAR_FIELD_NAMES, (name) => {
  const { label, bounds, isAngle, hint } = COLLAR_FIELDS[name];
  return isAngle ? angle(label, bounds, "degrees, whatever the unit") : length(label, bounds, hint);
});

const collarChoices = eachOf(COLLAR_CHOICE_NAMES, (name) =>
  choice(`Collar: ${COLLAR_CHOICES[name].label.toLowerCase()}`, optionsOf(name)),
) as { readonly [Name in CollarChoiceName]: ChoiceField<CollarChoiceOf<Name>> & { readonly given: "optional" } };

const sleeve = group("Sleeve", {
  kind: always(choice("Kind of sleeve", SLEEVE_KINDS, "a style keeps its figures while another is tried")),
  ...styles,
  hem: group("Hem of the sleeve", {
    finish: choice("Finish of the hem", HEM_FINISHES, "default by style"),
    depth: length(
      "Depth of the cuff or band",
      { least: 5, most: 300 },
      "when finished; the sleeve is cut shorter by it",
    ),
    ease: length("Ease of the cuff or band", { least: -50, most: 200 }, "over the limb"),
    overlap: length("Overlap of the cuff", upTo(100), "without an opening nothing laps"),
    opening: length("Opening above the cuff", upTo(300)),
    elasticWidth: length("Width of the elastic", { least: 3, most: 80 }, "the casing is 12 mm deeper"),
  }),
  method: choice("Method", SET_IN_METHODS, "default `fit-first`"),
  capEase: length("Cap ease", EASE, "of the whole cap; default the middle of what the cloth usually takes"),
  backEaseShare: share("Back's share of the ease", upTo(1), "default 0.55"),
  upperArmEase: length("Upper-arm ease", EASE, "over the whole girth"),
  elbowEase: length("Elbow ease", EASE, "over the whole girth"),
  wristEase: length("Wrist ease", EASE, "over the whole girth"),
  length: length(
    "Sleeve length",
    READING,
    "finished, from the crown to the hem or the end of the cuff (of a kimono from the shoulder tip, off the shoulder from the upper edge)",
  ),
  hemTurnUp: length("Hem turn-up", upTo(150), "its sides mirrored from the seams above; none when left out"),
  elbowDart: length(
    "Elbow dart, width",
    upTo(60),
    "in the back seam; none when left out. The lower sleeve is swung to the front by it",
  ),
  cut: choice(
    "Cut of the sleeve",
    SLEEVE_CUTS,
    "default `one-piece`; `two-piece` is a top and an under sleeve, of a raglan its front and back",
  ),
  frontSeamUnder: length("Front seam set under", upTo(100), "of a two-piece sleeve: beyond the fold"),
  backSeamUnder: length("Back seam set under", upTo(100), "of a two-piece sleeve: beyond the fold"),
  elbowHollow: length("Front seam hollowed at the elbow", upTo(60), "of a two-piece sleeve"),
  capHeight: length("Cap height", upTo(400), "of a `chosen-height` or `dropped` cap"),
  placement: choice("Half armhole laid", PLACEMENTS, "how a rule lays the half armhole, where not its own way"),
  curve: choice(
    "Guide points of the cap curve",
    CAP_CURVES,
    "`armhole`: the lower part follows the armhole's own (default of fit first); or by guide points at the `quarters` of the slant (default of the rules) or its `middle`",
  ),
  fullnessChange: share(
    "Cap curve filled or flattened",
    FULLNESS_CHANGE,
    "by what share of itself; less than nothing flattens it",
  ),
  surplus: choice(
    "Surplus at the crown",
    SURPLUS_WAYS,
    "`gather`, `pleat` or `dart` a cap that is too long, or the crown of a puff; `stretch` one that is too short, in knit only",
  ),
  lowerEase: group("Ease below the notches", {
    front: length("Ease below the front notch", LOWER_EASE, "default none"),
    back: length("Ease below the back notch", LOWER_EASE, "default none"),
  }),
  capHeightChange: length(
    "Cap raised or lowered",
    CHANGE,
    "added to what a rule of thumb gives; fit first has no use for it",
  ),
  capWidthChange: length("Sleeve widened or narrowed", CHANGE, "in the same way"),
  notches: group("Notches", {
    front: length(
      "Front notch",
      READING,
      "from the underarm along the armhole; default a third of the depth above the underarm",
    ),
    back: length("Back notch", READING, "in the same way"),
  }),
});

/** Every field of the garment file, declared here and nowhere else: schema, type, change, unit, bounds, boxes and documentation follow. */
export const GARMENT_FIELDS = {
  name: {
    kind: "text",
    label: "Name",
    about: "",
    longest: LONGEST_NAME,
    usual: "Untitled garment",
    given: "empty",
  } as const satisfies TextField,
  unit: always(choice("Unit", TAPE_UNITS, "every length of the file and of its result is in it")),
  body: orEmpty(
    group(
      "Body",
      eachOf(MEASURE_IDS, (id) => length(measureOf(id).term, READING)),
    ),
  ),
  block,
  cloth: orEmpty(
    group("Cloth", {
      kind: choice("Kind of cloth", CLOTH_KINDS, "default `medium-woven`"),
      takes: group(
        "What the cloth takes",
        {
          capEase: range("Cap ease of the cloth", "cap ease of the cloth", EASE),
          upperArmEase: range("Upper-arm ease of the cloth", "upper-arm ease of the cloth", EASE),
          mostEaseShare: always(
            share("Most ease in a section", EASE_SHARE, "the share of a section that can be eased in"),
          ),
        },
        "where that is not usual for its kind",
      ),
      width: length("Cloth width", { least: 100, most: 3000 }, "kept for the lay plan"),
    }),
  ),
  sleeve: orNone(sleeve, { kind: "set-in" }),
  collar: orNone(
    group("Collar", {
      kind: always(
        choice("Kind of collar", COLLAR_KINDS, "figures and choices of another kind are kept while one is tried"),
      ),
      ...collarFigures,
      ...collarChoices,
    }),
    null,
  ),
  notchMark: choice("Mark of the notches", ["slit", "tee", "vee"], "on prints; default `slit`"),
  allowances: orEmpty(
    group("Allowances", {
      general: length("Seam allowance", ALLOWANCE, "kept, not drawn yet: the drafted outline is the stitching line"),
      neckline: length("Neckline allowance", ALLOWANCE),
      hem: length("Hem allowance", ALLOWANCE),
    }),
  ),
};
