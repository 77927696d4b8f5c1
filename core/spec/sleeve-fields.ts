import { eachOf, namesOf } from "../data";
import { length as mm, phrase } from "../draft";
import { SLEEVE_KINDS, type SleeveKind, type SleeveStyle, STYLE_KINDS, STYLES, styleOf } from "../sleeve/all-styles";
import type { HemFinish } from "../sleeve/finish";
import { SLEEVE_REACHES } from "../sleeve/reach";
import {
  type CapCurve,
  FULLNESS_CHANGE,
  methodOf,
  type Placement,
  SET_IN_METHODS,
  type SleeveCut,
  type SleeveSide,
  type SurplusWay,
} from "../sleeve/set-in";
import { always, CHANGE, choice, EASE, group, LOWER_EASE, length, READING, share, upTo, usually, when } from "./field";

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

/** A sewn-on end is part of the sleeve's length. */
const FINISHED = (name: string) => ({
  name,
  summary: "The sleeve is cut shorter by its depth: the length stays what it is when worn.",
});

/** No hand marks a guide point farther from its slant. */
const BESIDE_SLANT = { least: -60, most: 60 };

const guidesOf = (side: "front" | "back") =>
  group(`Guide points, ${side}`, {
    ...when(
      { "sleeve.curve": ["quarters"] },
      {
        upper: length(`Upper quarter, ${side}`, BESIDE_SLANT, "square to the slant, outside it; a minus is inside"),
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
  kind: always(
    choice<SleeveKind>(
      "Kind of sleeve",
      eachOf(SLEEVE_KINDS, (kind) => {
        const style = styleOf(kind);
        return style ? { name: style.name, summary: style.summary } : "Plain set-in sleeve";
      }),
      "a style keeps its figures while another is tried",
    ),
  ),
  ...styles,
  hem: group("Hem of the sleeve", {
    finish: choice<HemFinish>(
      "Hem finish",
      { plain: "Plain", cuff: FINISHED("A cuff"), band: FINISHED("A band"), elastic: "Elastic in a casing" },
      "default by style",
    ),
    ...when(SEWN_ON, {
      depth: length(
        "Depth of the cuff or band",
        { least: 5, most: 300 },
        "when finished; the sleeve is cut shorter by it",
        usually(20, 80),
      ),
      ease: length("Ease of the cuff or band", { least: -50, most: 200 }, "over the limb", usually(10, 50)),
    }),
    ...when(
      { "sleeve.hem.finish": ["cuff"] },
      {
        overlap: length("Overlap of the cuff", upTo(100), "without an opening nothing laps", usually(20, 30)),
        opening: length("Opening above the cuff", upTo(300), "at the back quarter of the hem", {
          ...usually(60, 90, "common practice, no source"),
          hint: "At the back quarter of the hem. Nothing for a cuff that is pulled on.",
        }),
      },
    ),
    ...when(
      { "sleeve.hem.finish": ["cuff", "band", "elastic"] },
      {
        girth: length("Girth under the hem", READING, "of the arm under cuff, band or elastic; default by the length"),
      },
    ),
    ...when(
      { "sleeve.hem.finish": ["elastic"] },
      {
        elasticWidth: length(
          "Width of the elastic",
          { least: 3, most: 80 },
          "the casing is 12 mm deeper",
          usually(6, 25),
        ),
        elasticLess: length("Elastic shorter by", upTo(150), "than that girth; default none", {
          ...usually(0, 40),
          hint: "Elastic that leaves a mark is too tight.",
        }),
      },
    ),
  }),
  method: choice(
    "Cap method",
    eachOf(SET_IN_METHODS, (method) => ({ name: methodOf(method).name, summary: methodOf(method).summary })),
    "default `fit-first`",
  ),
  capEase: length(
    "Cap ease",
    EASE,
    "of the whole cap; default the middle of what the cloth usually takes",
    usually(-10, 50),
  ),
  backEaseShare: share("Back's share of the ease", upTo(1), "default 0.55"),
  upperArmEase: length("Upper-arm ease", EASE, "over the whole girth", usually(-10, 120)),
  elbowEase: length("Elbow ease", EASE, "over the whole girth", usually(0, 120)),
  wristEase: length("Wrist ease", EASE, "over the whole girth", usually(10, 150)),
  length: length(
    "Sleeve length",
    READING,
    "finished, from the crown to the hem or the end of the cuff (of a kimono from the shoulder tip, off the shoulder from the upper edge)",
    usually(120, 640),
  ),
  reach: choice(
    "Sleeve reaches",
    eachOf(namesOf(SLEEVE_REACHES), (reach) => SLEEVE_REACHES[reach].says),
    "default by style; where no length is given, the share of the arm that it is long",
    { open: "As is usual for the style" },
  ),
  hemWidth: length(
    "Width at the hem",
    READING,
    "the whole width, where it is not the wrist and its ease",
    usually(180, 420),
  ),
  sides: choice<SleeveSide>(
    "Sides of the sleeve",
    { bent: "Bent at the elbow", straight: "Ruled straight" },
    "default `bent` at the elbow; `straight` are ruled to the hem",
    { usual: "bent" },
  ),
  hemTurnUp: length("Hem turn-up", upTo(150), "its sides mirrored from the seams above; none when left out", {
    ...usually(0, 50),
    hint: "Mirrored from the seams above the hem, so that it lies flat. None when left open.",
  }),
  ...when(
    { "sleeve.kind": ["set-in"], "sleeve.cut": ["one-piece"] },
    {
      elbowDart: length(
        "Elbow dart, width",
        upTo(60),
        "in the back seam; none when left out. The lower sleeve is swung to the front by it",
        { ...usually(0, 25), hint: "In the back seam, for a close sleeve. None when left open." },
      ),
    },
  ),
  cut: choice<SleeveCut>(
    "Cut of the sleeve",
    {
      "one-piece": "In one piece",
      "two-piece": { name: "In two pieces", summary: "The seams bend with the arm: a top and an under sleeve." },
    },
    "default `one-piece`; `two-piece` is a top and an under sleeve, of a raglan its front and back",
    { usual: "one-piece" },
  ),
  ...when(
    { "sleeve.kind": ["set-in"], "sleeve.cut": ["two-piece"] },
    {
      frontSeamUnder: length("Front seam set under", upTo(100), "beyond the fold", {
        ...usually(12, 30),
        hint: "Beyond the fold, towards the underarm.",
      }),
      backSeamUnder: length("Back seam set under", upTo(100), "beyond the fold", usually(0, 20)),
      elbowHollow: length("Hollow at the elbow", upTo(60), "of the front seam", usually(6, 20)),
    },
  ),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => methodOf(method).takesHeight) },
    {
      capHeight: length("Cap height", upTo(400), "of a dropped sleeve too, whose method is its own", {
        ...usually(0, 180),
        hint: phrase`Of a dropped sleeve ${mm(0)} to ${mm(50)} are usual.`,
      }),
    },
  ),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => methodOf(method).laysArmhole) },
    {
      placement: choice<Placement>(
        "Half armhole laid",
        { flat: "Flat on the cap line", slant: "Along the slant" },
        "how a rule lays the half armhole, where not its own way",
        { open: "As the rule says" },
      ),
    },
  ),
  curve: choice<CapCurve>(
    "Cap curve",
    {
      armhole: "Armhole’s lower curve",
      quarters: "The quarters of the slant",
      middle: "Middle of the slant only",
    },
    "`armhole`: the lower part follows the armhole's own (default of fit first); or by guide points at the `quarters` of the slant (default of the rules) or its `middle`",
  ),
  fullnessChange: share(
    "Cap curve filled or flattened",
    FULLNESS_CHANGE,
    "by what share of itself; a minus flattens it",
  ),
  guides: group("Guide points of the cap", {
    front: guidesOf("front"),
    back: guidesOf("back"),
  }),
  surplus: choice<SurplusWay>(
    "Surplus at the crown",
    { gather: "Gathered", pleat: "Laid in pleats", dart: "Sewn in darts", stretch: "Stretched, in knit only" },
    "`gather`, `pleat` or `dart` a cap that is too long, or the crown of a puff; `stretch` one that is too short, in knit only",
  ),
  lowerEase: group("Ease below the notches", {
    front: length("Ease below the front notch", LOWER_EASE, "default none"),
    back: length("Ease below the back notch", LOWER_EASE, "default none"),
  }),
  ...when(
    { "sleeve.method": SET_IN_METHODS.filter((method) => method !== "fit-first") },
    {
      capHeightChange: length("Cap raised or lowered", CHANGE, "added to what a rule of thumb gives", {
        ...usually(-20, 20),
        hint: "A minus lowers it.",
      }),
      capWidthChange: length("Sleeve widened or narrowed", CHANGE, "in the same way", {
        ...usually(-40, 40),
        hint: "A minus narrows it.",
      }),
    },
  ),
  notches: group("Notches", {
    front: length(
      "Front notch",
      READING,
      "from the underarm along the armhole; default a third of the depth above the underarm",
      usually(60, 110),
    ),
    back: length("Back notch", READING, "in the same way", usually(60, 110)),
  }),
});
