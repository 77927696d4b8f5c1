import { ALTERATIONS, type AlterationKind } from "../block";
import { type Garment, sketchGarment } from "../garment";
import { applyChange, type GarmentSpec, type SpecChange } from "../spec";
import { INCH_MM } from "../tape";

/** A change by an amount in millimetres; null where this garment has no such figure, or the amount takes it out of its range. */
type Amend = {
  readonly says: string;
  /** A sensible first amount. Common practice, no source. */
  readonly first: number;
  readonly change: (garment: Garment, by: number) => SpecChange | null;
};

const QUARTER = INCH_MM / 4;
const HALF = INCH_MM / 2;
/** Less ease than this cannot be moved about to be felt. */
const LEAST_EASE_TO_TURN_MM = 6;

/** Sleeves whose cap is sewn into the armhole. */
const isSewnIn = ({ sleeve }: Garment) => sleeve?.family === "sewn";
const figure = ({ figures }: Garment, id: string) => figures.find((one) => one.id === id)?.value ?? null;

function moveCap(garment: Garment, by: number): SpecChange | null {
  const height = figure(garment, "sleeve.capHeight");
  if (!isSewnIn(garment) || height === null || height + by <= 0) return null;
  const isOwnMethod = garment.resolved.sleeve?.method === "dropped";
  return { sleeve: { ...(isOwnMethod ? {} : { method: "chosen-height" }), capHeight: height + by } };
}

function moveEase(garment: Garment, by: number): SpecChange | null {
  const { sleeve } = garment.resolved;
  return sleeve && isSewnIn(garment) ? { sleeve: { capEase: sleeve.capEase + by } } : null;
}

/** Fit first is drafted to the arm; any other method has its width from the cap. */
function moveWidth(garment: Garment, by: number): SpecChange | null {
  const { sleeve } = garment.resolved;
  if (!sleeve) return null;
  if (sleeve.method === "fit-first" || !isSewnIn(garment))
    return { sleeve: { upperArmEase: sleeve.upperArmEase + by } };
  if (sleeve.method === "dropped") return null;
  return { sleeve: { capWidthChange: sleeve.capWidthChange + by } };
}

/** The sleeve turned in the armhole: its shoulder mark moves by so much, which ease gives to one side and takes from the other. */
function turn(garment: Garment, by: number): SpecChange | null {
  const { sleeve } = garment.resolved;
  if (!sleeve || !isSewnIn(garment) || sleeve.capEase < LEAST_EASE_TO_TURN_MM) return null;
  const backEaseShare = sleeve.backEaseShare + by / sleeve.capEase;
  return backEaseShare < 0 || backEaseShare > 1 ? null : { sleeve: { backEaseShare } };
}

function moveLength(garment: Garment, by: number): SpecChange | null {
  const { sleeve } = garment.resolved;
  return sleeve && sleeve.length + by > 0 ? { sleeve: { length: sleeve.length + by } } : null;
}

type CollarFigure = keyof NonNullable<Garment["resolved"]["collar"]>["figures"];

function moveCollar(garment: Garment, name: CollarFigure, by: number): SpecChange | null {
  const now = garment.resolved.collar?.figures[name];
  return now === undefined ? null : { collar: { [name]: now + by } };
}

/** One more alteration of the block; `way` -1 for the opposite. Null where this block cannot be altered so. */
function alter(kind: AlterationKind, says: string = ALTERATIONS[kind].name, way: 1 | -1 = 1): Amend {
  return {
    says,
    first: ALTERATIONS[kind].usual,
    change: (garment, amount) => {
      const { spec, block } = garment;
      if (!block) return null;
      const alterations = [...(spec.block.alterations ?? []), { kind, by: way * amount }];
      const change = { block: { alterations } };
      const [taken] = sketchGarment(applyChange(spec, change), garment).alterations.slice(-1);
      return taken?.leftOut === null ? change : null;
    },
  };
}

const AMENDS = {
  "raise-cap": { says: "Raise the cap", first: QUARTER, change: moveCap },
  "lower-cap": { says: "Lower the cap", first: QUARTER, change: (garment, by) => moveCap(garment, -by) },
  "less-cap-ease": {
    says: "Take ease out of the cap",
    first: QUARTER,
    change: (garment, by) => moveEase(garment, -by),
  },
  "widen-sleeve": { says: "Widen the sleeve", first: HALF, change: moveWidth },
  "narrow-sleeve": { says: "Narrow the sleeve", first: HALF, change: (garment, by) => moveWidth(garment, -by) },
  "turn-back": { says: "Turn the sleeve back in the armhole", first: QUARTER, change: turn },
  "turn-forward": {
    says: "Turn the sleeve forward in the armhole",
    first: QUARTER,
    change: (garment, by) => turn(garment, -by),
  },
  "deepen-elbow-dart": {
    says: "Deepen the elbow dart",
    first: QUARTER,
    change: ({ resolved, spec }, by) =>
      resolved.sleeve && spec.sleeve?.kind === "set-in" && !resolved.sleeve.isTwoPiece
        ? { sleeve: { elbowDart: resolved.sleeve.elbowDart + by } }
        : null,
  },
  "longer-gusset": {
    says: "Lengthen the gusset",
    first: HALF,
    change: ({ resolved }, by) =>
      resolved.sleeve?.kind === "kimono"
        ? { sleeve: { kimono: { gusset: (resolved.sleeve.styleLengths.gusset ?? 0) + by } } }
        : null,
  },
  "shorten-sleeve": { says: "Shorten the sleeve", first: HALF, change: (garment, by) => moveLength(garment, -by) },
  "lengthen-sleeve": { says: "Lengthen the sleeve", first: HALF, change: moveLength },
  "less-collar-ease": {
    says: "Take ease out of the upper edge of the stand",
    first: QUARTER,
    change: (garment, by) => moveCollar(garment, "ease", -by),
  },
  "more-bow": {
    says: "Bow the band more",
    first: QUARTER,
    change: (garment, by) =>
      garment.resolved.collar?.choices.school === "bowed" ? moveCollar(garment, "bow", by) : null,
  },
  "less-ahead": {
    says: "Start the roll line nearer the neck",
    first: QUARTER,
    change: (garment, by) => moveCollar(garment, "rollAhead", -by),
  },
  "more-tilt": {
    says: "Swing the collar’s end out: its edge gets longer",
    first: QUARTER,
    change: (garment, by) => {
      const tilt = figure(garment, "collar.tilt");
      return tilt === null || garment.resolved.collar?.figures.tilt === undefined
        ? null
        : { collar: { edgeBy: "own", tilt: tilt + by } };
    },
  },
  "deeper-fall": { says: "Deepen the fall", first: QUARTER, change: (garment, by) => moveCollar(garment, "fall", by) },
  "raise-break": {
    says: "Raise the break point",
    first: HALF,
    change: (garment, by) => {
      const handle = garment.collar?.handles.find(({ field }) => field === "breakDepth");
      return handle ? { collar: { breakDepth: handle.value - by } } : null;
    },
  },
  "widen-neck": alter("widen-neckline"),
  "deepen-front-neck": alter("deepen-front-neck"),
  "lower-armhole": alter("lower-armhole"),
  "fuller-bust": alter("bust-fullness", "Make the bust fuller"),
  "flatter-bust": alter("bust-fullness", "Make the bust flatter", -1),
  "square-shoulder": alter("shoulder-height", "Raise the shoulder point, the underarm with it"),
  "slope-shoulder": alter("shoulder-height", "Lower the shoulder point, the underarm with it", -1),
  "close-armhole": alter("front-armhole-gape", "Close the front armhole into the bust dart"),
  "longer-back": alter("back-length", "Lengthen the back over the shoulder blades"),
  "shorter-back": alter("back-length", "Shorten the back over the shoulder blades", -1),
  "wider-back": alter("across-back", "Widen the back at half the armhole"),
  "narrower-back": alter("across-back", "Narrow the back at half the armhole", -1),
  "wider-front": alter("across-front", "Widen the front at half the armhole"),
  "narrower-front": alter("across-front", "Narrow the front at half the armhole", -1),
  "raise-back-waist": alter("back-waist-rise", "Take up the centre back at the waist"),
  "longer-front": alter("front-hem", "Lengthen the centre front"),
  "shorter-front": alter("front-hem", "Shorten the centre front", -1),
  "side-forward": alter("side-seam", "Move the side seam forward"),
  "side-back": alter("side-seam", "Move the side seam back", -1),
  "wider-waist": alter("waist-room", "Let out the waist"),
  "narrower-waist": alter("waist-room", "Take in the waist", -1),
  "wider-hip": alter("hip-room", "Let out the hip"),
  "narrower-hip": alter("hip-room", "Take in the hip", -1),
  "shoulder-forward": alter("shoulder-seam", "Move the shoulder seam forward at its point"),
  "shoulder-back": alter("shoulder-seam", "Move the shoulder seam back at its point", -1),
  "lower-bust-point": alter("bust-point", "Lower the bust point"),
  "raise-bust-point": alter("bust-point", "Raise the bust point", -1),
  "lower-waist": alter("waist-level", "Lengthen above the waist"),
  "raise-waist": alter("waist-level", "Shorten above the waist", -1),
  "narrow-front-neck": {
    says: "Narrow the front neck",
    first: QUARTER,
    change: (garment, by) => {
      const width = figure(garment, "block.neck.frontWidth");
      if (garment.resolved.block.source !== "drafted" || width === null || width <= by) return null;
      return { block: { frontNeckWidth: width - by } };
    },
  },
} as const satisfies Readonly<Record<string, Amend>>;

export type AmendId = keyof typeof AMENDS;
export const isAmend = (id: unknown): id is AmendId => typeof id === "string" && id in AMENDS;
export const amendNamed = (id: AmendId): Pick<Amend, "says" | "first"> => AMENDS[id];

/** One change by so many millimetres. */
export type Amended = { readonly id: AmendId; readonly by: number };

/** The garment with a change made; null where this garment has nothing that could be changed so. */
export function withAmend(garment: Garment, { id, by }: Amended): GarmentSpec | null {
  const amend: Amend = AMENDS[id];
  const change = amend.change(garment, by);
  return change && applyChange(garment.spec, change);
}
