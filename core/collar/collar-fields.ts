import { namesOf } from "../data";

/** What a length of a collar may be, in millimetres; an angle in degrees. */
export type CollarField = {
  readonly label: string;
  readonly bounds: { readonly least: number; readonly most: number };
  readonly isAngle?: true;
  readonly hint?: string;
  /** Between which it usually lies on an adult's garment; from memory. */
  readonly range?: { readonly least: number; readonly most: number };
};

const usually = (least: number, most: number, field: CollarField): CollarField => ({
  ...field,
  range: { least, most },
});

const length = (label: string, least: number, most: number, hint?: string): CollarField => ({
  label,
  bounds: { least, most },
  ...(hint === undefined ? {} : { hint }),
});

/** Every figure that some collar is left to choose; a collar keeps its figures while another is tried. */
const FIELDS = {
  height: usually(20, 45, length("Height of the stand", 8, 150)),
  fall: usually(35, 75, length("Fall", 10, 300, "From where it turns over down to its edge, at the centre back.")),
  ease: usually(5, 40, length("Ease at the upper edge", -100, 300, "Over the neck, when it is closed.")),
  bow: usually(20, 100, length("Bow of the band", 0, 250)),
  rise: length("Front rise", 0, 100),
  beyond: usually(
    0,
    40,
    length("Beyond the centre front", 0, 120, "The button stand; nothing where it meets at the centre front."),
  ),
  roundness: length("Radius of the front corner", 1, 100),
  point: usually(50, 90, length("Point length", 10, 250, "Along the front edge of the collar.")),
  spread: usually(0, 40, length("Spread of the points", -100, 150, "How far the point lies forward of square.")),
  drop: length("Front end dropped by", 0, 100),
  tilt: length("End swung out by", -60, 200),
  breakDepth: usually(
    200,
    420,
    length("Break point below the neck", 20, 900, "Straight down from the neck point. Left open: at the place above."),
  ),
  rollAhead: length("Roll line ahead of neck", 0, 80, "Along the shoulder line, beyond the neck point."),
  shoulderStand: length(
    "Stand at the shoulder",
    0,
    150,
    "How high the collar still stands at the side of the neck: worn, it rolls ahead of its crease.",
  ),
  gorgeStart: usually(20, 80, length("Gorge from the neck point", 5, 300, "From the neck point.")),
  gorgeDrop: length("Lapel tip below neckline", -60, 250, "Below the front neck depth."),
  lapelOut: length("Lapel beyond the stand", 0, 200),
  lapelRound: length("Lapel edge rounded by", -20, 40),
  notchLapel: length("Notch, lapel edge", 3, 200),
  notchCollar: length("Notch, collar edge", 3, 200),
  notchAngle: { label: "Notch opens by", bounds: { least: 10, most: 140 }, isAngle: true },
  buttonSpacing: length("Between the buttons", 20, 250),
  lapelWidth: usually(50, 120, length("Lapel width", 20, 300, "From the crease line to the edge, where it is widest.")),
  lapelFoot: usually(
    40,
    160,
    length("Widest above the break", 10, 600, "Along the crease line. Less makes a steeper foot."),
  ),
  out: length("Collar end moved out by", 0, 80),
  depth: length("Finished depth of the band", 5, 150),
  hemDepth: length("Depth of the hem band", 0, 200),
  overlap: usually(
    10,
    20,
    length(
      "Overlap at the shoulder",
      0,
      60,
      "Front and back laid together: more makes the collar roll up at the neck.",
    ),
  ),
  slant: length("Back seam slanted by", 0, 60),
} as const satisfies Readonly<Record<string, CollarField>>;

export type CollarFieldName = keyof typeof FIELDS;
export const COLLAR_FIELDS: Readonly<Record<CollarFieldName, CollarField>> = FIELDS;
export const COLLAR_FIELD_NAMES = namesOf<CollarFieldName>(FIELDS);

type Option = { readonly name: string; readonly summary?: string };

/** What is chosen among a few, with what each is called. */
const CHOICES = {
  school: {
    label: "Stand method",
    options: {
      developed: {
        name: "Developed from the neck",
        summary: "Leans in just so far that its upper edge lies round the neck with the ease you give it.",
      },
      straight: {
        name: "Straight band",
        summary: "A straight strip: it stands upright, and off the neck at its upper edge.",
      },
      bowed: { name: "Bowed band", summary: "Level at the centre back and then bowed, by a rule of thumb." },
      "front-rise": { name: "Front rise", summary: "Level as far as the shoulder, and then rising to the front." },
    },
  },
  frontEnd: { label: "Front ends", options: { square: { name: "Square" }, round: { name: "Rounded" } } },
  buttonStand: {
    label: "Button stand",
    options: { "in-one": { name: "Cut in one with the front" }, separate: { name: "A separate band" } },
  },
  shirtCut: {
    label: "Cut",
    options: {
      "stand-and-fall": { name: "As a stand and a fall", summary: "The fall is sewn to the upper edge of a stand." },
      "one-piece": {
        name: "In one piece, turned down",
        summary: "It turns over by itself; softer, and lower in front.",
      },
    },
  },
  edgeBy: {
    label: "Outer edge",
    options: {
      solved: {
        name: "Solved",
        summary: "As long as the line on the garment that it lies on, from the centre back to the shoulder.",
      },
      rule: {
        name: "By rule of thumb",
        summary:
          "Let out by 1/2 in (1.3 cm); a shirt's fall by 1/2 to 1 in (1.3 to 2.5 cm), more where it is wide. What that does to the edge is told.",
      },
      own: { name: "By a figure of my own", summary: "Let out by so much; what that does to the edge is told." },
    },
  },
  breakAt: {
    label: "Break point",
    options: {
      chest: { name: "At the chest line", summary: "Open in front." },
      underbust: { name: "Just above under-bust", summary: "1 in (2.5 cm) above it." },
      "above-waist": { name: "Just above the waist", summary: "2 in (5 cm) above it." },
      waist: { name: "At the waist" },
    },
  },
  rollSchool: {
    label: "Roll line",
    options: {
      ahead: {
        name: "Ahead of the neck point",
        summary: "Through a point on the shoulder line beyond the neck: the collar keeps its stand at the side.",
      },
      "neck-point": {
        name: "Through the neck point",
        summary: "Simple, and flatter: the stand dies away at the side of the neck.",
      },
    },
  },
  neckEdge: {
    label: "Back neck edge",
    options: {
      straight: {
        name: "Ruled",
        summary: "Straight from the neck point to the centre back, with its turn at the neck point.",
      },
      curved: {
        name: "In one curve",
        summary: "It runs on from the crease line and turns evenly; as long as the back neck.",
      },
    },
  },
  widthAt: {
    label: "Lapel width taken",
    options: {
      crease: { name: "Square to the crease line", summary: "Where the lapel is widest, above half of the crease." },
      break: { name: "Level, at the break", summary: "Just above the break point: the foot of the lapel is steep." },
    },
  },
  notch: {
    label: "Notch",
    options: {
      small: { name: "Small", summary: "About 1 1/2 in (4 cm) of lapel and somewhat less of collar, opening wide." },
      open: {
        name: "Open",
        summary: "2 1/2 in (6.5 cm) of collar against 3 in (7.5 cm) of lapel, at about 45 degrees.",
      },
    },
  },
  backCollar: {
    label: "Back collar",
    options: {
      tilt: {
        name: "Tilting",
        summary: "The crease line is run on, and swung out until the outer edge is long enough.",
      },
      overlay: {
        name: "Laying the back on",
        summary: "The back is laid on the front and swung until its stand meets the crease; its neckline is traced.",
      },
    },
  },
} as const satisfies Readonly<
  Record<string, { readonly label: string; readonly options: Readonly<Record<string, Option>> }>
>;

export type CollarChoiceName = keyof typeof CHOICES;
export type CollarChoiceOf<Name extends CollarChoiceName> = keyof (typeof CHOICES)[Name]["options"] & string;
export const COLLAR_CHOICES: {
  readonly [Name in CollarChoiceName]: {
    readonly label: string;
    readonly options: Readonly<Record<CollarChoiceOf<Name>, Option>>;
  };
} = CHOICES;
export const COLLAR_CHOICE_NAMES = namesOf<CollarChoiceName>(CHOICES);

/** The values that a choice has, in the order in which they are offered. */
export function optionsOf<Name extends CollarChoiceName>(name: Name): readonly CollarChoiceOf<Name>[] {
  return namesOf<CollarChoiceOf<Name>>(CHOICES[name].options);
}

export type StandSchool = CollarChoiceOf<"school">;
export const STAND_SCHOOLS: readonly StandSchool[] = optionsOf("school");
