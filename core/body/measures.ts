/** One measurement of the body: the standard term, the words people use, and how the tape goes. */
export type Measure = {
  readonly id: MeasureId;
  /** Standard term, after ISO 8559-1 and EN 13402-1. */
  readonly term: string;
  readonly alsoCalled: readonly string[];
  readonly howTaken: string;
  /** What this version of the program drafts from it; null when it is only kept. */
  readonly usedFor: string | null;
};

export const MEASURE_IDS = [
  "bust",
  "underbust",
  "waist",
  "hip",
  "neckBase",
  "neck",
  "head",
  "shoulderWidth",
  "shoulderLength",
  "backWidth",
  "frontWidth",
  "backLength",
  "frontToBust",
  "frontToUnderbust",
  "frontToWaist",
  "frontToHip",
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
] as const;
export type MeasureId = (typeof MEASURE_IDS)[number];

/** Body measurements in millimetres; what was not taken is absent. */
export type Body = { readonly [id in MeasureId]?: number | undefined };

type Entry = readonly [term: string, alsoCalled: readonly string[], howTaken: string, usedFor?: string];

const ENTRIES: Readonly<Record<MeasureId, Entry>> = {
  bust: ["Bust girth", ["chest", "round bust"], "Round the fullest part, level, no ease.", "cap-height rules"],
  underbust: ["Under-bust girth", ["under bust"], "Level, close under the bust."],
  waist: ["Waist girth", [], "Level, round the natural waist."],
  hip: ["Hip girth", [], "Level, round the fullest part."],
  neckBase: ["Neck-base girth", ["round neck"], "Round the base of the neck, tape on its edge."],
  neck: ["Mid-neck girth", [], "Where a stand collar closes."],
  head: ["Head girth", [], "Round the largest part."],
  shoulderWidth: ["Across shoulders", ["shoulder"], "From shoulder point to shoulder point over the back."],
  shoulderLength: ["Shoulder length", [], "From the side neck point to the shoulder point."],
  backWidth: ["Across back", [], "At the middle of the armhole, over the back."],
  frontWidth: ["Across front", [], "At the middle of the armhole, over the front."],
  backLength: ["Nape to waist", ["body length"], "From the nape bone down to the waist."],
  frontToBust: ["Side neck point to bust point", ["shoulder to nipple"], "Over the front."],
  frontToUnderbust: ["Side neck point to under-bust", [], "Over the bust point."],
  frontToWaist: ["Side neck point to waist", [], "Over the bust point."],
  frontToHip: ["Side neck point to hip", [], "Over the bust point."],
  bustSpan: ["Bust-point distance", ["nipple to nipple"], "Straight across."],
  armholeGirth: ["Armscye girth", ["round armhole"], "Under the arm and over the shoulder point."],
  armholeDepth: ["Armscye depth", [], "From shoulder level down to underarm level."],
  upperArm: ["Upper-arm girth", ["biceps", "round sleeve"], "Round the fullest part, arm relaxed.", "sleeve width"],
  elbow: ["Elbow girth", ["round elbow"], "Round the elbow, arm bent.", "sleeve width at the elbow"],
  wrist: ["Wrist girth", ["round wrist"], "Round the wrist bone.", "sleeve width at the wrist"],
  hand: ["Hand girth", [], "Round the knuckles, thumb tucked in.", "will the hand pass the hem?"],
  armLength: [
    "Arm length",
    ["sleeve length", "shoulder point to wrist"],
    "From the shoulder point to the wrist over the slightly bent elbow.",
    "sleeve length",
  ],
  shoulderToElbow: ["Shoulder point to elbow", ["elbow length"], "Down to the point of the bent elbow.", "elbow line"],
  neckToWrist: ["Side neck point to wrist", [], "With the arm out to the side."],
  aroundShoulders: ["Girth round both upper arms", ["round shoulder"], "At the off-shoulder line."],
};

export function measureOf(id: MeasureId): Measure {
  const [term, alsoCalled, howTaken, usedFor] = ENTRIES[id];
  return { id, term, alsoCalled, howTaken, usedFor: usedFor ?? null };
}
