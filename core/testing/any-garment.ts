import fc from "fast-check";
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
import { MEASURE_IDS, plausibleRange } from "../body";
import { CLOTH_KINDS } from "../cloth";
import { COLLAR_CHOICE_NAMES, COLLAR_FIELD_NAMES, COLLAR_FIELDS, COLLAR_KINDS, optionsOf } from "../collar";
import { HEM_FINISHES, SLEEVE_KINDS } from "../sleeve";
import { CAP_CURVES, FULLNESS_CHANGE, PLACEMENTS, SET_IN_METHODS, SLEEVE_CUTS, SURPLUS_WAYS } from "../sleeve/set-in";
import { STYLE_KINDS, STYLES } from "../sleeve/styles";
import { type Bounds, GARMENT_FORMAT, LENGTH_FIELDS } from "../spec";

/** A garment file in millimetres. */
export type GarmentFile = { readonly [field in string]?: unknown };

/** How far from usual a garment's figures go. */
type Reach = "usual" | "some-extreme" | "extreme";

/**
 * Any garment that can be read, as a file in millimetres: every way to a block, every sleeve, collar and cloth with their fields, each
 * left out at random, at usual and at extreme but legal figures. Built from the tables of fields, so a new field is tried by itself.
 */
export const anyGarmentFile: fc.Arbitrary<GarmentFile> = fc
  .constantFrom<Reach>("usual", "usual", "some-extreme", "some-extreme", "extreme")
  .chain((reach) =>
    fc.record({
      format: fc.constant(GARMENT_FORMAT),
      unit: fc.constant("mm"),
      name: fc.constant("Any garment"),
      body: bodyOf(reach),
      block: blockOf(reach),
      cloth: clothOf(reach),
      sleeve: fc.oneof({ weight: 9, arbitrary: sleeveOf(reach) }, { weight: 1, arbitrary: fc.constant(null) }),
      collar: fc.oneof({ weight: 7, arbitrary: collarOf(reach) }, { weight: 3, arbitrary: fc.constant(null) }),
      allowances: sometimes(lengths(reach, "allowances", ["general", "neckline", "hem"])),
    }),
  )
  .map((file) => withoutAbsent(file) as GarmentFile);

/** The usual figures of what has no table of its own: an ordinary adult's. Invented. */
const USUAL: Readonly<Record<string, Bounds>> = {
  "block.armhole.front": { least: 195, most: 260 },
  "block.armhole.back": { least: 200, most: 270 },
  "block.armhole.depth": { least: 165, most: 225 },
  "block.armhole.girth": { least: 390, most: 530 },
  "block.shoulder.length": { least: 100, most: 150 },
  "block.shoulder.slope": { least: 15, most: 45 },
  "block.neckline.width": { least: 65, most: 95 },
  "block.neckline.frontDepth": { least: 60, most: 160 },
  "block.neckline.backDepth": { least: 15, most: 45 },
  "block.neckline.frontLength": { least: 100, most: 190 },
  "block.neckline.backLength": { least: 78, most: 105 },
  "block.includesSeamAllowance": { least: 0, most: 15 },
  "block.leaveOut.centreBack": { least: 0, most: 20 },
  "block.leaveOut.centreFront": { least: 0, most: 30 },
  "block.alterations.*.by": { least: 0, most: 25 },
  "block.shoulderEase": { least: 0, most: 15 },
  "block.backSlope": { least: 15, most: 40 },
  "block.frontSlope": { least: 15, most: 45 },
  "block.shoulderExtension": { least: 0, most: 60 },
  "block.chestEase": { least: 0, most: 40 },
  "block.waistEase": { least: 0, most: 40 },
  "block.hipEase": { least: 0, most: 40 },
  "block.dartIntake": { least: 15, most: 40 },
  "block.shoulderDartIntake": { least: 8, most: 30 },
  "block.buttonStand": { least: 0, most: 40 },
  "sleeve.capEase": { least: -10, most: 50 },
  "sleeve.upperArmEase": { least: -10, most: 120 },
  "sleeve.elbowEase": { least: 0, most: 120 },
  "sleeve.wristEase": { least: 10, most: 150 },
  "sleeve.length": { least: 120, most: 640 },
  "sleeve.capHeight": { least: 0, most: 180 },
  "sleeve.capHeightChange": { least: -20, most: 20 },
  "sleeve.capWidthChange": { least: -40, most: 40 },
  "sleeve.lowerEase.front": { least: 0, most: 6 },
  "sleeve.lowerEase.back": { least: 0, most: 6 },
  "sleeve.notches.front": { least: 60, most: 110 },
  "sleeve.notches.back": { least: 60, most: 110 },
  "sleeve.hemTurnUp": { least: 0, most: 50 },
  "sleeve.elbowDart": { least: 0, most: 25 },
};

/** A figure of a field: usual ones, or any that its bounds allow, their ends more often than chance would. */
function figure(reach: Reach, bounds: Bounds, usual: Bounds): fc.Arbitrary<number> {
  const within = (range: Bounds) => evenly(range).map((mm) => rounded(mm, range));
  const ordinary = within(usual);
  if (reach === "usual") return ordinary;
  const any = fc.oneof(
    { weight: 3, arbitrary: within(bounds) },
    { weight: 1, arbitrary: fc.constantFrom(bounds.least, bounds.most) },
  );
  return fc.oneof({ weight: reach === "extreme" ? 2 : 12, arbitrary: ordinary }, { weight: 2, arbitrary: any });
}

const PLACES = 100_000;

/** Any place between two figures, each as likely as another: a double by its bits would lie near nothing too often. */
function evenly({ least, most }: Bounds): fc.Arbitrary<number> {
  return fc
    .integer({ min: 0, max: PLACES })
    .map((place) => Math.min(most, Math.max(least, least + ((most - least) * place) / PLACES)));
}

/** Half of the figures are whole ones, as people write them. */
function rounded(mm: number, { least, most }: Bounds): number {
  const round = Math.round(mm * 10) / 10;
  return Math.round(mm * 1000) % 2 === 0 && round >= least && round <= most ? round : mm;
}

function boundsAt(path: string): Bounds {
  const field = LENGTH_FIELDS[path];
  if (!field) throw new Error(`boundsAt: no field "${path}"`);
  return field.bounds;
}

function lengths(reach: Reach, parent: string, names: readonly string[], given = 0.5): fc.Arbitrary<GarmentFile> {
  return fc.record(
    Object.fromEntries(
      names.map((name) => {
        const path = `${parent}.${name}`;
        const bounds = boundsAt(path);
        return [name, sometimes(figure(reach, bounds, USUAL[path] ?? bounds), given)];
      }),
    ),
  );
}

/** What is left out is left to its default. */
function sometimes<T>(of: fc.Arbitrary<T>, given = 0.5): fc.Arbitrary<T | undefined> {
  return fc.oneof(
    { weight: Math.round(given * 20), arbitrary: of },
    { weight: Math.round((1 - given) * 20), arbitrary: fc.constant(undefined) },
  );
}

const oneOf = <T>(values: readonly T[], given = 0.4) => sometimes(fc.constantFrom(...values), given);

/** Girths that go with the bust for most, so that an ordinary body is one; any that can be read for the others. */
function bodyOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  return evenly({ least: 600, most: 1800 }).chain((bust) =>
    fc.record(
      Object.fromEntries(
        MEASURE_IDS.map((id) => {
          const path = `body.${id}`;
          const { least, most } = plausibleRange(id);
          const size = (least + most) / 2;
          const scaled = id === "bust" ? bust : size * (bust / 1000) ** (LENGTHWAYS.has(id) ? 0.2 : 0.8);
          const usual = { least: Math.max(1, scaled * 0.85), most: scaled * 1.15 };
          return [id, sometimes(figure(reach, boundsAt(path), usual), 0.4)];
        }),
      ),
    ),
  );
}

const LENGTHWAYS: ReadonlySet<string> = new Set([
  "armLength",
  "shoulderToElbow",
  "neckToWrist",
  "backLength",
  "frontToBust",
]);

function blockOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  const alterations = sometimes(
    fc.array(
      fc.record({
        kind: fc.constantFrom(...ALTERATION_KINDS),
        by: figure(reach, boundsAt("block.alterations.*.by"), { least: 0, most: 25 }),
      }),
      { maxLength: 4 },
    ),
    0.3,
  );
  const drafted = fc.record({
    source: fc.constant("drafted"),
    style: oneOf(BLOCK_STYLES),
    neckRule: oneOf(NECK_RULES),
    neckShape: oneOf(NECK_SHAPES),
    armholeRule: oneOf(ARMHOLE_RULES),
    shaping: oneOf(SHAPINGS),
    gathers: oneOf(GATHERS),
    bodyLength: oneOf(BODY_LENGTHS),
    alterations,
  });
  const draftedLengths = lengths(
    reach,
    "block",
    [
      "shoulderEase",
      "backSlope",
      "frontSlope",
      "shoulderExtension",
      "chestEase",
      "waistEase",
      "hipEase",
      "dartIntake",
      "shoulderDartIntake",
      "centreBackShaping",
      "buttonStand",
    ],
    0.3,
  );
  const inside = (name: string) =>
    Object.keys(LENGTH_FIELDS)
      .filter((path) => path.startsWith(`block.${name}.`))
      .map((path) => path.slice(`block.${name}.`.length));
  const readings = fc.record({
    source: fc.constant("readings"),
    armhole: fc.oneof(
      { weight: 3, arbitrary: armholesThatGoTogether },
      { weight: 2, arbitrary: lengths(reach, "block.armhole", inside("armhole")) },
    ),
    shoulder: sometimes(lengths(reach, "block.shoulder", inside("shoulder"))),
    neckline: sometimes(lengths(reach, "block.neckline", inside("neckline"), 0.3)),
    leaveOut: sometimes(lengths(reach, "block.leaveOut", inside("leaveOut")), 0.2),
    alterations,
  });
  const allowance = lengths(reach, "block", ["includesSeamAllowance"], 0.2);
  const outline = fc.record({
    source: fc.constant("outline"),
    from: oneOf(["drawing", "photograph"]),
    front: outlineHalf(reach, "front"),
    back: outlineHalf(reach, "back"),
    alterations,
  });
  return fc.oneof(
    { weight: 4, arbitrary: fc.tuple(drafted, draftedLengths).map(merged) },
    { weight: 4, arbitrary: fc.tuple(readings, allowance).map(merged) },
    { weight: 1, arbitrary: fc.tuple(outline, lengths(reach, "block", ["error"], 0.3)).map(merged) },
  );
}

/** Front, back and depth as they are read on one bodice. */
const armholesThatGoTogether: fc.Arbitrary<GarmentFile> = fc
  .tuple(
    evenly({ least: 180, most: 320 }),
    evenly({ least: 0.97, most: 1.03 }),
    evenly({ least: 1, most: 1.06 }),
    evenly({ least: 0.8, most: 0.92 }),
  )
  .map(([size, front, back, depth]) => ({ front: size * front, back: size * back, depth: size * depth }));

function merged([some, others]: readonly [object, object]): GarmentFile {
  return { ...some, ...others };
}

/** The edges of half a bodice as a drawing has them: an ordinary half, bent and moved about; sometimes any scribble. */
function outlineHalf(reach: Reach, side: "front" | "back"): fc.Arbitrary<GarmentFile> {
  const far = reach === "usual" ? 8 : reach === "some-extreme" ? 30 : 200;
  const off = evenly({ least: -far, most: far });
  const deep = side === "front" ? 75 : 25;
  const place = (x: number, y: number) =>
    fc.tuple(off, off).map(([dx, dy]) => `${(x + dx).toFixed(2)} ${(y + dy).toFixed(2)}`);
  const path = (...points: readonly (readonly [number, number])[]) =>
    fc.tuple(...points.map(([x, y]) => place(x, y))).map(([from, ...rest]) => `M ${from} C ${rest.join(" ")}`);
  const scribble = fc
    .array(evenly({ least: -500, most: 500 }), { minLength: 8, maxLength: 20 })
    .map((xs) => `M ${xs[0]} ${xs[1]} L ${xs.slice(2, xs.length - (xs.length % 2)).join(" ")}`);
  const mostly = (edge: fc.Arbitrary<string>) =>
    reach === "extreme" ? fc.oneof({ weight: 5, arbitrary: edge }, { weight: 1, arbitrary: scribble }) : edge;
  return fc.record({
    armhole: mostly(path([205, 27], [195, 125], [190, 222], [240, 222])),
    neckline: sometimes(mostly(path([76, 0], [70, deep / 2], [40, deep], [0, deep])), 0.7),
    shoulder: sometimes(fc.constant("M 76 0 L 205 27"), 0.6),
    grain: sometimes(fc.constant("M 20 100 L 20 400"), 0.3),
  });
}

function clothOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  const range = (name: string, usual: Bounds) =>
    fc
      .tuple(
        figure(reach, boundsAt(`cloth.takes.${name}.least`), usual),
        figure(reach, boundsAt(`cloth.takes.${name}.most`), usual),
      )
      .map(([a, b]) => ({ least: Math.min(a, b), most: Math.max(a, b) }));
  return fc.record({
    kind: oneOf(CLOTH_KINDS, 0.7),
    takes: sometimes(
      fc.record({
        capEase: range("capEase", { least: -10, most: 50 }),
        upperArmEase: range("upperArmEase", { least: -10, most: 100 }),
        mostEaseShare: evenly({ least: 0, most: 0.5 }),
      }),
      0.15,
    ),
    width: sometimes(figure(reach, boundsAt("cloth.width"), { least: 900, most: 1600 }), 0.2),
  });
}

function sleeveOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  const styles = Object.fromEntries(
    STYLE_KINDS.map((kind) => [
      kind,
      sometimes(
        fc.record(
          Object.fromEntries(
            Object.entries(STYLES[kind].fields).map(([name, { bounds, usual }]) => [
              name,
              sometimes(figure(reach, bounds, around(usual, bounds))),
            ]),
          ),
        ),
      ),
    ]),
  );
  const pair = (name: string) => sometimes(lengths(reach, `sleeve.${name}`, ["front", "back"]), 0.2);
  return fc
    .tuple(
      fc.record({
        kind: fc.constantFrom(...SLEEVE_KINDS),
        hem: sometimes(
          fc
            .tuple(
              fc.record({ finish: oneOf(HEM_FINISHES, 0.7) }),
              lengths(reach, "sleeve.hem", ["depth", "ease", "overlap", "opening", "elasticWidth"]),
            )
            .map(merged),
        ),
        method: oneOf(SET_IN_METHODS),
        cut: oneOf(SLEEVE_CUTS),
        placement: oneOf(PLACEMENTS, 0.2),
        curve: oneOf(CAP_CURVES),
        surplus: oneOf(SURPLUS_WAYS, 0.25),
        backEaseShare: sometimes(evenly({ least: 0, most: 1 }), 0.2),
        fullnessChange: sometimes(evenly({ least: FULLNESS_CHANGE.least, most: FULLNESS_CHANGE.most }), 0.15),
        lowerEase: pair("lowerEase"),
        notches: pair("notches"),
      }),
      fc.record(styles),
      lengths(reach, "sleeve", ["capEase", "upperArmEase", "elbowEase", "wristEase", "length"], 0.3),
      lengths(
        reach,
        "sleeve",
        [
          "hemTurnUp",
          "elbowDart",
          "frontSeamUnder",
          "backSeamUnder",
          "elbowHollow",
          "capHeight",
          "capHeightChange",
          "capWidthChange",
        ],
        0.15,
      ),
    )
    .map((parts) => Object.assign({}, ...parts));
}

function collarOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  const choices = Object.fromEntries(COLLAR_CHOICE_NAMES.map((name) => [name, oneOf(optionsOf(name))]));
  const fields = Object.fromEntries(
    COLLAR_FIELD_NAMES.map((name) => {
      const { bounds } = COLLAR_FIELDS[name];
      const usual = USUAL_COLLAR[name] ?? bounds;
      return [name, sometimes(figure(reach, bounds, usual), 0.2)];
    }),
  );
  return fc
    .tuple(fc.record({ kind: fc.constantFrom(...COLLAR_KINDS) }), fc.record(choices), fc.record(fields))
    .map((parts) => Object.assign({}, ...parts));
}

/** Ordinary figures of collars. Invented. */
const USUAL_COLLAR: Readonly<Record<string, Bounds>> = {
  height: { least: 20, most: 45 },
  fall: { least: 35, most: 75 },
  ease: { least: 5, most: 40 },
  bow: { least: 20, most: 100 },
  beyond: { least: 0, most: 40 },
  breakDepth: { least: 200, most: 420 },
  lapelWidth: { least: 50, most: 120 },
  point: { least: 50, most: 90 },
  spread: { least: 0, most: 40 },
  gorgeStart: { least: 20, most: 80 },
};

function around(usual: number, { least, most }: Bounds): Bounds {
  return { least: Math.max(least, usual * 0.6), most: Math.max(least, Math.min(most, usual * 1.4 + 5)) };
}

/** A file has no fields that are undefined. */
function withoutAbsent(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutAbsent);
  if (value === null || typeof value !== "object") return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, inner]) => (inner === undefined ? [] : [[key, withoutAbsent(inner)]])),
  );
}
