import { ARM_MEASURES, type BodySide, MEASURE_IDS, measureOf, type Proportions } from "../body";
import {
  CLOTH_KINDS,
  type ClothFold,
  type ClothKind,
  clothOf,
  type LayWay,
  type Lining,
  type Nap,
  USUAL_INTERFACING_MM,
  USUAL_WIDTH_MM,
} from "../cloth";
import {
  COLLAR_CHOICE_NAMES,
  COLLAR_CHOICES,
  COLLAR_FIELD_NAMES,
  COLLAR_FIELDS,
  COLLAR_KINDS,
  type CollarChoiceName,
  type CollarChoiceOf,
  collarOf,
} from "../collar";
import { eachOf } from "../data";
import { length as mm, phrase } from "../draft";
import type { TapeUnit } from "../tape";
import { blockFields } from "./block-fields";
import { bodiceFields } from "./bodice-fields";
import {
  ALLOWANCE,
  always,
  angle,
  type ChoiceField,
  choice,
  EASE,
  EASE_SHARE,
  group,
  LONGEST_NAME,
  length,
  type OptionWords,
  orEmpty,
  orNone,
  quantity,
  READING,
  range,
  share,
  type TextField,
  usually,
  when,
} from "./field";
import { sleeveFields } from "./sleeve-fields";

/** Beyond these it is no cloth for a garment, or the figure is in another unit. */
const hangsFields = {
  weight: quantity("Weight", "g/m²", { least: 20, most: 900 }),
  bendingLength: quantity(
    "Bending length",
    "mm",
    { least: 5, most: 60 },
    "half of what may hang over an edge until its end dips to 41.5°",
  ),
  warp: quantity(
    "Stretch along",
    "N/m",
    { least: 20, most: 20_000 },
    "the force that would make a strip a metre wide twice as long, along the grain",
  ),
  weft: quantity("Stretch across", "N/m", { least: 20, most: 20_000 }, "the same across the grain"),
  bias: quantity("Stretch on the bias", "N/m", { least: 5, most: 5000 }, "the same in shear"),
};

export const GARMENT_FORMAT = "gamine-garment/2";

/** No shoulder is level, and none falls steeper. */
const SLOPE_DEGREES = { least: 1, most: 45 };

/** Nobody lays a longer table. */
const ON_CLOTH = { least: -5000, most: 50_000 };

/** No cloth that is worn loses more of its length. */
const SHRINKAGE = { least: 0, most: 0.2 };

/** More edges than any garment has. */
const MOST_EDGES = 200;

/** The kinds that leave this figure or this choice open. */
function kindsWith(what: "fields" | "choices", name: string): readonly string[] {
  return COLLAR_KINDS.filter((kind) =>
    collarOf(kind).groups.some((group) => group[what]?.some((one: string) => one === name)),
  );
}

const collarFigures = eachOf(COLLAR_FIELD_NAMES, (name) => {
  const { label, bounds, isAngle, hint, range } = COLLAR_FIELDS[name];
  const more = {
    ...(range === undefined ? {} : usually(range.least, range.most)),
    ...(hint === undefined ? {} : { hint }),
  };
  const field = isAngle
    ? angle(label, bounds, "degrees, whatever the unit", more)
    : length(label, bounds, hint ?? "", more);
  return { ...field, when: { "collar.kind": kindsWith("fields", name) } };
});

const collarChoices = eachOf(COLLAR_CHOICE_NAMES, (name) => {
  const options: Readonly<Record<string, OptionWords>> = COLLAR_CHOICES[name].options;
  return {
    ...choice<string>(COLLAR_CHOICES[name].label, options),
    when: { "collar.kind": kindsWith("choices", name) },
  };
  // The compiler does not see that each name keeps the options of its own.
}) as { readonly [Name in CollarChoiceName]: ChoiceField<CollarChoiceOf<Name>> & { readonly given: "optional" } };

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
  unit: always(
    choice<TapeUnit>(
      "Unit",
      { in: "Inches", cm: "Centimetres", mm: "Millimetres" },
      "every length of the file and of its result is in it",
    ),
  ),
  body: orEmpty(
    group(
      "Body",
      eachOf(MEASURE_IDS, (id) =>
        measureOf(id).kind === "angle"
          ? quantity(measureOf(id).term, "°", SLOPE_DEGREES)
          : length(measureOf(id).term, READING),
      ),
    ),
  ),
  otherArm: group(
    "Other arm",
    {
      side: choice<BodySide>("Side of the other arm", { left: "Left", right: "Right" }, "default `left`", {
        usual: "left",
      }),
      ...eachOf(ARM_MEASURES, (id) => length(`${measureOf(id).term}, other arm`, READING)),
    },
    "where it differs from the arm of the body so much that it gets a sleeve of its own",
  ),
  proportions: choice(
    "Proportions of the body",
    { woman: "A woman", man: "A man" } satisfies Readonly<Record<Proportions, string>>,
    "by which what was not measured is estimated; default `woman`",
  ),
  block: blockFields,
  bodice: bodiceFields,
  cloth: orEmpty(
    group("Cloth", {
      kind: choice<ClothKind>(
        "Kind of cloth",
        eachOf(CLOTH_KINDS, (kind) => clothOf(kind).name),
        "default `medium-woven`",
      ),
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
      hangs: group("How the cloth hangs", hangsFields, "where it was tested; else as is usual for its kind"),
      width: length("Cloth width", { least: 100, most: 3000 }, "kept for the lay plan", {
        ...usually(900, 1600),
        hint: phrase`Left open: ${mm(USUAL_WIDTH_MM)}.`,
      }),
      name: {
        kind: "text",
        label: "Name of the cloth",
        about: "as the workroom calls it; nothing depends on it",
        longest: LONGEST_NAME,
        given: "optional",
      },
    }),
  ),
  sleeve: orNone(sleeveFields, { kind: "set-in" }),
  collar: orNone(
    group("Collar", {
      kind: always(
        choice(
          "Kind of collar",
          eachOf(COLLAR_KINDS, (kind) => ({ name: collarOf(kind).name, summary: collarOf(kind).summary })),
          "figures and choices of another kind are kept while one is tried",
        ),
      ),
      ...collarFigures,
      ...collarChoices,
    }),
    null,
  ),
  lay: group("Lay plan", {
    fold: choice<ClothFold>(
      "Cloth laid",
      { folded: "Folded along its length", open: "Open, in one layer" },
      "default `folded` along its length, selvedge to selvedge",
      { usual: "folded" },
    ),
    nap: choice<Nap>(
      "Tops of the pieces",
      { "either-way": "Either way", "one-way": "One way: nap or pattern" },
      "default `either-way`; `one-way` for a nap or a pattern that runs one way",
      { usual: "either-way" },
    ),
    shrinkage: share("Shrinkage", SHRINKAGE, "by which the cloth gets shorter when it is washed before; default none"),
    places: {
      kind: "list",
      label: "Kept plan",
      about: "where each piece of the outer cloth lies, the length of the cloth along x and its fold at y = 0",
      item: group("Place of a piece", {
        piece: { kind: "text", label: "Piece", about: "its id and which copy", longest: LONGEST_NAME, given: "always" },
        x: always(length("Along the cloth", ON_CLOTH)),
        y: always(length("Across the cloth", ON_CLOTH)),
        lies: always(
          choice<LayWay>("Lies", {
            "as-drawn": "As drawn",
            turned: "Turned",
            flipped: "Flipped",
            "turned-flipped": "Turned and flipped",
          }),
        ),
      }),
      longest: MOST_EDGES,
      given: "optional",
    },
    interfacingWidth: length("Width of the interfacing", { least: 100, most: 3000 }, "", {
      hint: phrase`Left open: ${mm(USUAL_INTERFACING_MM)}.`,
    }),
    lining: choice<Lining>(
      "Lining",
      { none: "None", whole: "Body and sleeves" },
      "default `none`; `whole`: body and sleeves are cut of the lining too",
      { usual: "none" },
    ),
    ...when(
      { "lay.lining": ["whole"] },
      {
        liningWidth: length("Width of the lining", { least: 100, most: 3000 }, "", {
          hint: phrase`Left open: ${mm(USUAL_WIDTH_MM)}.`,
        }),
      },
    ),
  }),
  notchMark: choice(
    "Mark of the notches",
    { slit: "A slit", tee: "A slit with a bar", vee: "A wedge" },
    "on prints; default `slit`",
    { usual: "slit" },
  ),
  allowances: orEmpty(
    group("Allowances", {
      general: length(
        "Seam allowance",
        ALLOWANCE,
        "of every seam; never in the draft, whose outline is the stitching line",
        usually(5, 20),
      ),
      neckline: length(
        "Neckline allowance",
        ALLOWANCE,
        "of the seams round the neck; wide ones would tighten it",
        usually(5, 15),
      ),
      hem: length("Hem allowance", ALLOWANCE, "of hems that are turned up, their sides mirrored", usually(10, 60)),
      curvedHem: length(
        "Allowance of curved hems",
        ALLOWANCE,
        "of a hem whose edge turns too much to be folded up flat: it is rolled narrow",
      ),
      edges: {
        kind: "list",
        label: "Allowances of single edges",
        about: "in place of these",
        item: group("Allowance of an edge", {
          edge: { kind: "text", label: "Edge", about: "`piece.edge`", longest: LONGEST_NAME, given: "always" },
          by: length("Allowance", ALLOWANCE, "left out: as without a line of its own"),
        }),
        longest: MOST_EDGES,
        given: "optional",
      },
    }),
  ),
};
