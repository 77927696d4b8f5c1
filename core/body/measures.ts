/** One measurement of the body: the standard term, the words people use, and how the tape goes. */
export type Measure = {
  readonly id: MeasureId;
  /** Standard term, after ISO 8559-1 and EN 13402-1. */
  readonly term: string;
  /** Everyday names, found by the search. */
  readonly alsoCalled: readonly string[];
  readonly howTaken: string;
  readonly usedFor: string;
  /** Millimetres of a length, degrees of an angle. */
  readonly kind: "length" | "angle";
  /** Taken on the left and on the right of the body where they differ. */
  readonly isTwoSided: boolean;
};

export const MEASURE_IDS = [
  "bust",
  "upperBust",
  "underbust",
  "waist",
  "hip",
  "neckBase",
  "neck",
  "head",
  "shoulderWidth",
  "shoulderLength",
  "shoulderSlope",
  "backWidth",
  "frontWidth",
  "backLength",
  "waistToHip",
  "frontToBust",
  "frontToUnderbust",
  "frontToWaist",
  "frontToHip",
  "frontCentre",
  "bustSpan",
  "armholeGirth",
  "armholeDepth",
  "upperArm",
  "elbow",
  "wrist",
  "hand",
  "armLength",
  "shoulderToElbow",
  "neckToWrist",
  "aroundShoulders",
  "height",
] as const;
export type MeasureId = (typeof MEASURE_IDS)[number];

/** Body measurements in millimetres, and degrees for an angle; what was not taken is absent. */
export type Body = { readonly [id in MeasureId]?: number | undefined };

/** The order in which the tape moves: round the body, up to the neck, over shoulders and back, down the front, along the arm, and the whole body last. */
export const MEASURING_ORDER: readonly { readonly title: string; readonly ids: readonly MeasureId[] }[] = [
  { title: "Round the body", ids: ["bust", "upperBust", "underbust", "waist", "hip"] },
  { title: "Neck and head", ids: ["neckBase", "neck", "head"] },
  {
    title: "Shoulders and back",
    ids: ["shoulderWidth", "shoulderLength", "shoulderSlope", "backWidth", "backLength", "waistToHip"],
  },
  {
    title: "Front",
    ids: ["frontWidth", "frontToBust", "frontToUnderbust", "frontToWaist", "frontToHip", "frontCentre", "bustSpan"],
  },
  {
    title: "Armhole and arm",
    ids: ["armholeGirth", "armholeDepth", "upperArm", "elbow", "wrist", "hand", "armLength", "shoulderToElbow"],
  },
  { title: "Over the shoulder", ids: ["neckToWrist", "aroundShoulders"] },
  { title: "Standing", ids: ["height"] },
];

type Entry = readonly [term: string, alsoCalled: readonly string[], howTaken: string, usedFor: string];

const ENTRIES: Readonly<Record<MeasureId, Entry>> = {
  bust: [
    "Bust girth",
    ["chest girth", "chest", "round bust"],
    "Round the fullest part, level all the way, no ease. The tape lies without pulling.",
    "width of the bodice, cap-height rules",
  ],
  upperBust: [
    "Upper bust girth",
    ["high bust", "over bust", "chest above the bust"],
    "Round the body close under the arms and above the bust, level at the back.",
    "width of the bust dart",
  ],
  height: [
    "Stature",
    ["height", "body height"],
    "From the crown of the head to the floor, without shoes.",
    "lengths that were not measured, length of a dress",
  ],
  shoulderSlope: [
    "Shoulder slope",
    ["shoulder angle", "slope of the shoulder"],
    "The angle between the shoulder and the level, read with a gauge laid from the side neck point to the shoulder point.",
    "shoulder seam of the fitted block",
  ],
  waistToHip: [
    "Waist to hip",
    ["hip depth", "waist to seat"],
    "At the side, from the waist string down to the level of the hip tape.",
    "hip level of the bodice",
  ],
  frontCentre: [
    "Front neck to waist",
    ["centre front length", "centre front neck to waist"],
    "From the hollow of the neck straight down to the waist string.",
    "check of the front neck’s depth",
  ],
  underbust: [
    "Under-bust girth",
    ["under bust", "rib cage"],
    "Level, close under the bust.",
    "upper bust where it was not measured, dart under the bust",
  ],
  waist: [
    "Waist girth",
    ["round waist"],
    "Level, round the natural waist: tie a string there first.",
    "waist of the bodice, bands and elastic",
  ],
  hip: ["Hip girth", ["seat", "round hip"], "Level, round the fullest part.", "hip of the bodice"],
  neckBase: [
    "Neck-base girth",
    ["round neck", "neck size"],
    "Round the base of the neck with the tape on its edge, over the nape bone and the hollow in front.",
    "neckline of the bodice, grown-on collars",
  ],
  neck: ["Mid-neck girth", ["collar size"], "Level, where a stand collar closes.", "upper edge of a stand collar"],
  head: ["Head girth", ["hat size"], "Round the largest part, above the ears.", "will a closed neckline pull on?"],
  shoulderWidth: [
    "Across shoulders",
    ["shoulder", "shoulder width", "shoulder to shoulder"],
    "From shoulder point to shoulder point over the back.",
    "width of the bodice at the shoulder",
  ],
  shoulderLength: [
    "Shoulder length",
    ["one shoulder", "small shoulder"],
    "From the side neck point to the shoulder point.",
    "shoulder seam, raglan and dropped sleeves",
  ],
  backWidth: [
    "Across back",
    ["back width", "cross back"],
    "Over the back from armhole to armhole, at the middle of their depth.",
    "shape of the back armhole",
  ],
  frontWidth: [
    "Across front",
    ["chest width", "cross front"],
    "Over the front from armhole to armhole, at the middle of their depth.",
    "shape of the front armhole",
  ],
  backLength: [
    "Nape to waist",
    ["body length", "half length", "back length"],
    "From the nape bone straight down to the waist string.",
    "waist level of the bodice",
  ],
  frontToBust: [
    "Neck point to bust point",
    ["shoulder to nipple", "shoulder to bust", "bust level"],
    "From the side neck point over the front to the bust point.",
    "bust level, end of the darts",
  ],
  frontToUnderbust: [
    "Neck point to under-bust",
    ["shoulder to under bust"],
    "Over the bust point to the under-bust tape.",
    "break point of a lapel",
  ],
  frontToWaist: [
    "Side neck point to waist",
    ["shoulder to waist", "front length"],
    "Over the bust point to the waist string.",
    "waist level in front",
  ],
  frontToHip: ["Side neck point to hip", ["shoulder to hip"], "Over the bust point to the hip tape.", "hip level"],
  bustSpan: [
    "Bust-point distance",
    ["nipple to nipple", "bust span", "apex to apex"],
    "Straight across from bust point to bust point.",
    "place of the darts and princess lines",
  ],
  armholeGirth: [
    "Armscye girth",
    ["round armhole", "round arm-hook", "armhole"],
    "Under the arm and over the shoulder point, arm hanging, tape not tight.",
    "depth of the drafted armhole, cap rules",
  ],
  armholeDepth: [
    "Armscye depth",
    ["scye depth", "depth of armhole"],
    "From the level of the shoulder point straight down to the level of the underarm.",
    "cap rules, check of the armhole",
  ],
  upperArm: [
    "Upper-arm girth",
    ["biceps", "bicep", "round sleeve", "round arm"],
    "Round the fullest part, arm relaxed and hanging.",
    "sleeve width",
  ],
  elbow: ["Elbow girth", ["round elbow"], "Round the elbow with the arm bent.", "sleeve width at the elbow"],
  wrist: ["Wrist girth", ["round wrist", "cuff"], "Round the wrist bone.", "sleeve width at the wrist, cuffs"],
  hand: [
    "Hand girth",
    ["fist", "knuckles"],
    "Round the knuckles with the thumb tucked in.",
    "will the hand pass the hem?",
  ],
  armLength: [
    "Arm length",
    ["sleeve length", "shoulder point to wrist", "shoulder to wrist"],
    "From the shoulder point over the slightly bent elbow to the wrist bone.",
    "sleeve length",
  ],
  shoulderToElbow: [
    "Shoulder point to elbow",
    ["elbow length", "upper sleeve"],
    "From the shoulder point to the point of the bent elbow.",
    "elbow line",
  ],
  neckToWrist: [
    "Side neck point to wrist",
    ["neck to wrist", "shoulder and sleeve"],
    "From the side neck point over the shoulder point to the wrist, arm out to the side.",
    "length of dropped, kimono and raglan sleeves",
  ],
  aroundShoulders: [
    "Round both upper arms",
    ["round shoulder", "off-shoulder girth"],
    "Level round both arms and the chest, where an off-shoulder edge lies.",
    "off-shoulder elastic",
  ],
};

const ANGLES: ReadonlySet<MeasureId> = new Set(["shoulderSlope"]);

const TWO_SIDED: ReadonlySet<MeasureId> = new Set([
  "shoulderLength",
  "shoulderSlope",
  "armholeGirth",
  "armholeDepth",
  "upperArm",
  "elbow",
  "wrist",
  "hand",
  "armLength",
  "shoulderToElbow",
  "neckToWrist",
]);

export function measureOf(id: MeasureId): Measure {
  const [term, alsoCalled, howTaken, usedFor] = ENTRIES[id];
  const kind = ANGLES.has(id) ? "angle" : "length";
  return { id, term, alsoCalled, howTaken, usedFor, kind, isTwoSided: TWO_SIDED.has(id) };
}

/** The measurements whose term or everyday names hold every word of the question, in measuring order. */
export function searchMeasures(question: string): readonly MeasureId[] {
  const words = plain(question).split(" ").filter(Boolean);
  return MEASURING_ORDER.flatMap((group) => group.ids).filter((id) => {
    const { term, alsoCalled } = measureOf(id);
    const names = [term, ...alsoCalled].map(plain).join(" | ");
    return words.every((word) => names.includes(word));
  });
}

/** The measurement that goes by this name or id, in whatever spelling; null when none does. */
export function measureNamed(name: string): MeasureId | null {
  const wanted = plain(name);
  return (
    MEASURE_IDS.find((id) => id.toLowerCase() === wanted.replaceAll(" ", "")) ??
    MEASURE_IDS.find((id) => [measureOf(id).term, ...measureOf(id).alsoCalled].some((one) => plain(one) === wanted)) ??
    null
  );
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}
