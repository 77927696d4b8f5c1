import { MEASURE_IDS, measureOf } from "../body";
import { COLLAR_CHOICE_NAMES, COLLAR_CHOICES, COLLAR_FIELD_NAMES, COLLAR_FIELDS } from "../collar";
import { STYLE_KINDS, STYLES } from "../sleeve/styles";

/** What a length of the garment file may be, in millimetres. */
export type Bounds = { readonly least: number; readonly most: number };

export type Field = {
  /** As it is named in messages and beside its box. */
  readonly label: string;
  readonly bounds: Bounds;
};

/** Refused is only what cannot be a person or a garment: nothing, less than nothing, or more than 3 m. */
const READING: Bounds = { least: 0.1, most: 3000 };
const EASE: Bounds = { least: -100, most: 1000 };
const CHANGE: Bounds = { least: -500, most: 500 };
const ALLOWANCE: Bounds = { least: 0, most: 300 };
const SLOPE: Bounds = { least: 0, most: 300 };
const QUARTER_EASE: Bounds = { least: -60, most: 300 };

const field = (label: string, bounds: Bounds): Field => ({ label, bounds });

/** Every length of the garment file by its path: one place for its name and its bounds. */
export const LENGTH_FIELDS: Readonly<Record<string, Field>> = {
  ...Object.fromEntries(MEASURE_IDS.map((id) => [`body.${id}`, field(measureOf(id).term, READING)])),
  "block.armhole.front": field("Front armhole", READING),
  "block.armhole.back": field("Back armhole", READING),
  "block.armhole.girth": field("Round armhole", READING),
  "block.armhole.depth": field("Armhole depth", READING),
  "block.shoulder.length": field("Shoulder length", READING),
  "block.shoulder.slope": field("Shoulder slope", SLOPE),
  "block.neckline.width": field("Neck width", READING),
  "block.neckline.frontDepth": field("Front neck depth", READING),
  "block.neckline.backDepth": field("Back neck depth", READING),
  "block.neckline.frontLength": field("Front neckline length", READING),
  "block.neckline.backLength": field("Back neckline length", READING),
  "block.includesSeamAllowance": field("Seam allowance in the readings", { least: 0, most: 60 }),
  "block.leaveOut.centreBack": field("Left out at the centre back", ALLOWANCE),
  "block.leaveOut.centreFront": field("Left out at the centre front", ALLOWANCE),
  "block.shoulderEase": field("Shoulder ease", { least: -50, most: 100 }),
  "block.backSlope": field("Back shoulder slope", SLOPE),
  "block.frontSlope": field("Front shoulder slope", SLOPE),
  "block.shoulderExtension": field("Shoulder beyond its point", ALLOWANCE),
  "block.chestEase": field("Chest ease, each quarter", QUARTER_EASE),
  "block.waistEase": field("Waist ease, each quarter", QUARTER_EASE),
  "block.hipEase": field("Hip ease, each quarter", QUARTER_EASE),
  "block.dartIntake": field("Waist dart, width", { least: 0, most: 80 }),
  "block.shoulderDartIntake": field("Shoulder dart, width", { least: 0, most: 60 }),
  "block.centreBackShaping": field("Centre-back shaping at the waist", { least: 0, most: 50 }),
  "block.buttonStand": field("Button stand", { least: 0, most: 120 }),
  "block.error": field("How far a traced length may be off", { least: 0, most: 100 }),
  "block.alterations.*.by": field("Amount of the alteration", { least: 0, most: 150 }),
  "cloth.takes.capEase.least": field("Least cap ease of the cloth", EASE),
  "cloth.takes.capEase.most": field("Most cap ease of the cloth", EASE),
  "cloth.takes.upperArmEase.least": field("Least upper-arm ease of the cloth", EASE),
  "cloth.takes.upperArmEase.most": field("Most upper-arm ease of the cloth", EASE),
  "cloth.width": field("Cloth width", { least: 100, most: 3000 }),
  "sleeve.capEase": field("Cap ease", EASE),
  "sleeve.upperArmEase": field("Upper-arm ease", EASE),
  "sleeve.elbowEase": field("Elbow ease", EASE),
  "sleeve.wristEase": field("Wrist ease", EASE),
  "sleeve.length": field("Sleeve length", READING),
  "sleeve.hemTurnUp": field("Hem turn-up", { least: 0, most: 150 }),
  "sleeve.elbowDart": field("Elbow dart, width", { least: 0, most: 60 }),
  "sleeve.frontSeamUnder": field("Front seam set under", { least: 0, most: 100 }),
  "sleeve.backSeamUnder": field("Back seam set under", { least: 0, most: 100 }),
  "sleeve.elbowHollow": field("Front seam hollowed at the elbow", { least: 0, most: 60 }),
  "sleeve.capHeight": field("Cap height", { least: 0, most: 400 }),
  "sleeve.capHeightChange": field("Cap raised or lowered", CHANGE),
  "sleeve.capWidthChange": field("Sleeve widened or narrowed", CHANGE),
  "sleeve.lowerEase.front": field("Ease below the front notch", { least: -20, most: 40 }),
  "sleeve.lowerEase.back": field("Ease below the back notch", { least: -20, most: 40 }),
  "sleeve.notches.front": field("Front notch", READING),
  "sleeve.notches.back": field("Back notch", READING),
  "sleeve.hem.depth": field("Depth of the cuff or band", { least: 5, most: 300 }),
  "sleeve.hem.ease": field("Ease of the cuff or band", { least: -50, most: 200 }),
  "sleeve.hem.overlap": field("Overlap of the cuff", { least: 0, most: 100 }),
  "sleeve.hem.opening": field("Opening above the cuff", { least: 0, most: 300 }),
  "sleeve.hem.elasticWidth": field("Width of the elastic", { least: 3, most: 80 }),
  ...Object.fromEntries(
    STYLE_KINDS.flatMap((kind) =>
      Object.entries(STYLES[kind].fields).map(([name, { label, bounds }]) => [
        `sleeve.${kind}.${name}`,
        field(label, bounds),
      ]),
    ),
  ),
  ...Object.fromEntries(
    COLLAR_FIELD_NAMES.filter((name) => !COLLAR_FIELDS[name].isAngle).map((name) => [
      `collar.${name}`,
      field(COLLAR_FIELDS[name].label, COLLAR_FIELDS[name].bounds),
    ]),
  ),
  "allowances.general": field("Seam allowance", ALLOWANCE),
  "allowances.neckline": field("Neckline allowance", ALLOWANCE),
  "allowances.hem": field("Hem allowance", ALLOWANCE),
};

/** The fields of the garment file that are not lengths. */
const OTHER_FIELDS: Readonly<Record<string, string>> = {
  format: "Format",
  unit: "Unit",
  name: "Name",
  body: "Body",
  block: "Block",
  "block.source": "Source of the block",
  "block.armhole": "Armhole",
  "block.shoulder": "Shoulder",
  "block.neckline": "Neckline",
  "block.leaveOut": "Left out",
  "block.alterations": "Alterations",
  "block.alterations.*": "Alteration",
  "block.alterations.*.kind": "Kind of alteration",
  "block.style": "Style of the bodice",
  "block.neckRule": "Rule for the neck",
  "block.neckShape": "Shape of the neckline",
  "block.armholeRule": "Rule for the armhole",
  "block.shaping": "Darts and princess lines",
  "block.gathers": "Gathers",
  "block.bodyLength": "Length of the bodice",
  "block.from": "Where the outline comes from",
  ...Object.fromEntries(
    (["front", "back"] as const).flatMap((side) => [
      [`block.${side}`, `${side === "front" ? "Front" : "Back"} edges`],
      ...["armhole", "neckline", "shoulder", "grain"].map((edge) => [
        `block.${side}.${edge}`,
        `${side === "front" ? "Front" : "Back"} ${edge} edge`,
      ]),
    ]),
  ),
  cloth: "Cloth",
  "cloth.kind": "Kind of cloth",
  "cloth.takes": "What the cloth takes",
  "cloth.takes.capEase": "Cap ease of the cloth",
  "cloth.takes.upperArmEase": "Upper-arm ease of the cloth",
  "cloth.takes.mostEaseShare": "Most ease in a section",
  sleeve: "Sleeve",
  "sleeve.kind": "Kind of sleeve",
  "sleeve.hem": "Hem of the sleeve",
  "sleeve.hem.finish": "Finish of the hem",
  ...Object.fromEntries(STYLE_KINDS.map((kind) => [`sleeve.${kind}`, `${STYLES[kind].name} sleeve`])),
  "sleeve.method": "Method",
  "sleeve.cut": "Cut of the sleeve",
  "sleeve.backEaseShare": "Back's share of the ease",
  "sleeve.placement": "Half armhole laid",
  "sleeve.curve": "Guide points of the cap curve",
  "sleeve.fullnessChange": "Cap curve filled or flattened",
  "sleeve.surplus": "Surplus at the crown",
  "sleeve.lowerEase": "Ease below the notches",
  "sleeve.notches": "Notches",
  notchMark: "Mark of the notches",
  collar: "Collar",
  "collar.kind": "Kind of collar",
  "collar.notchAngle": COLLAR_FIELDS.notchAngle.label,
  ...Object.fromEntries(
    COLLAR_CHOICE_NAMES.map((name) => [`collar.${name}`, `Collar: ${COLLAR_CHOICES[name].label.toLowerCase()}`]),
  ),
  allowances: "Allowances",
};

/** Places in a list have one name for all. */
export function fieldPath(path: string): string {
  return path.replace(/\.\d+(?=\.|$)/g, ".*");
}

export function labelOf(given: string): string {
  const path = fieldPath(given);
  return LENGTH_FIELDS[path]?.label ?? OTHER_FIELDS[path] ?? path;
}

/** The names of the fields directly inside `parent` ("" for the whole file). */
export function fieldsInside(parent: string): readonly string[] {
  const paths = [...Object.keys(LENGTH_FIELDS), ...Object.keys(OTHER_FIELDS)];
  const prefix = parent === "" ? "" : `${parent}.`;
  return paths
    .filter((path) => path.startsWith(prefix) && !path.slice(prefix.length).includes("."))
    .map((path) => path.slice(prefix.length));
}
