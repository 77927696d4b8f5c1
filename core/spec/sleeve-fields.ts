import { eachOf, namesOf } from "../data";
import { SLEEVE_KINDS, type SleeveStyle, STYLE_KINDS, STYLES } from "../sleeve/all-styles";
import { HEM_FINISHES } from "../sleeve/finish";
import { SLEEVE_REACHES } from "../sleeve/reach";
import {
  CAP_CURVES,
  FULLNESS_CHANGE,
  methodOf,
  PLACEMENTS,
  SET_IN_METHODS,
  SLEEVE_CUTS,
  SLEEVE_SIDES,
  SURPLUS_WAYS,
} from "../sleeve/set-in";
import { always, CHANGE, choice, EASE, group, LOWER_EASE, length, READING, share, upTo, when } from "./field";

const styles = eachOf(STYLE_KINDS, (kind) => {
  const fields: SleeveStyle["fields"] = STYLES[kind].fields;
  return group(
    `${STYLES[kind].name} sleeve`,
    when(
      { "sleeve.kind": [kind] },
      eachOf(Object.keys(fields), (name) => length(fields[name]?.label ?? name, fields[name]?.bounds ?? READING)),
    ),
  );
});

const SEWN_ON = { "sleeve.hem.finish": ["cuff", "band"] };

/** No hand marks a guide point farther from its slant. */
const BESIDE_SLANT = { least: -60, most: 60 };

const guidesOf = (side: "front" | "back") =>
  group(`Guide points, ${side}`, {
    ...when(
      { "sleeve.curve": ["quarters"] },
      {
        upper: length(
          `Upper quarter, ${side}`,
          BESIDE_SLANT,
          "square to the slant, outside it; less than nothing is inside",
        ),
        lower: length(`Lower quarter, ${side}`, BESIDE_SLANT, "in the same way"),
      },
    ),
    ...when(
      { "sleeve.curve": ["middle"] },
      {
        middle: length(`Middle, ${side}`, BESIDE_SLANT, "in the same way"),
      },
    ),
  });

/** The fields of the sleeve and of all its styles. */
export const sleeveFields = group("Sleeve", {
  kind: always(choice("Kind of sleeve", SLEEVE_KINDS, "a style keeps its figures while another is tried")),
  ...styles,
  hem: group("Hem of the sleeve", {
    finish: choice("Finish of the hem", HEM_FINISHES, "default by style"),
    ...when(SEWN_ON, {
      depth: length(
        "Depth of the cuff or band",
        { least: 5, most: 300 },
        "when finished; the sleeve is cut shorter by it",
      ),
      ease: length("Ease of the cuff or band", { least: -50, most: 200 }, "over the limb"),
    }),
    ...when(
      { "sleeve.hem.finish": ["cuff"] },
      {
        overlap: length("Overlap of the cuff", upTo(100), "without an opening nothing laps"),
        opening: length("Opening above the cuff", upTo(300)),
      },
    ),
    ...when(
      { "sleeve.hem.finish": ["cuff", "band", "elastic"] },
      {
        girth: length(
          "Girth where the hem is worn",
          READING,
          "of the arm under cuff, band or elastic; default by the length",
        ),
      },
    ),
    ...when(
      { "sleeve.hem.finish": ["elastic"] },
      {
        elasticWidth: length("Width of the elastic", { least: 3, most: 80 }, "the casing is 12 mm deeper"),
        elasticLess: length("Elastic shorter by", upTo(150), "than that girth; default none"),
      },
    ),
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
  reach: choice(
    "Sleeve reaches",
    namesOf(SLEEVE_REACHES),
    "default by style; where no length is given, the share of the arm that it is long",
  ),
  hemWidth: length("Width at the hem", READING, "the whole width, where it is not the wrist and its ease"),
  sides: choice("Sides of the sleeve", SLEEVE_SIDES, "default `bent` at the elbow; `straight` are ruled to the hem"),
  hemTurnUp: length("Hem turn-up", upTo(150), "its sides mirrored from the seams above; none when left out"),
  ...when(
    { "sleeve.kind": ["set-in"], "sleeve.cut": ["one-piece"] },
    {
      elbowDart: length(
        "Elbow dart, width",
        upTo(60),
        "in the back seam; none when left out. The lower sleeve is swung to the front by it",
      ),
    },
  ),
  cut: choice(
    "Cut of the sleeve",
    SLEEVE_CUTS,
    "default `one-piece`; `two-piece` is a top and an under sleeve, of a raglan its front and back",
  ),
  ...when(
    { "sleeve.kind": ["set-in"], "sleeve.cut": ["two-piece"] },
    {
      frontSeamUnder: length("Front seam set under", upTo(100), "beyond the fold"),
      backSeamUnder: length("Back seam set under", upTo(100), "beyond the fold"),
      elbowHollow: length("Front seam hollowed at the elbow", upTo(60)),
    },
  ),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => methodOf(method).takesHeight) },
    {
      capHeight: length("Cap height", upTo(400), "of a dropped sleeve too, whose method is its own"),
    },
  ),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => methodOf(method).laysArmhole) },
    {
      placement: choice("Half armhole laid", PLACEMENTS, "how a rule lays the half armhole, where not its own way"),
    },
  ),
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
  guides: group("Guide points of the cap", {
    front: guidesOf("front"),
    back: guidesOf("back"),
  }),
  surplus: choice(
    "Surplus at the crown",
    SURPLUS_WAYS,
    "`gather`, `pleat` or `dart` a cap that is too long, or the crown of a puff; `stretch` one that is too short, in knit only",
  ),
  lowerEase: group("Ease below the notches", {
    front: length("Ease below the front notch", LOWER_EASE, "default none"),
    back: length("Ease below the back notch", LOWER_EASE, "default none"),
  }),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => method !== "fit-first") },
    {
      capHeightChange: length("Cap raised or lowered", CHANGE, "added to what a rule of thumb gives"),
      capWidthChange: length("Sleeve widened or narrowed", CHANGE, "in the same way"),
    },
  ),
  notches: group("Notches", {
    front: length(
      "Front notch",
      READING,
      "from the underarm along the armhole; default a third of the depth above the underarm",
    ),
    back: length("Back notch", READING, "in the same way"),
  }),
});
