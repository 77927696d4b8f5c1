import fc from "fast-check";
import { MEASURE_IDS, measureOf, plausibleRange } from "../body";
import { type SleeveStyle, STYLE_KINDS, STYLES } from "../sleeve/all-styles";
import {
  type Bounds,
  type Field,
  type Fields,
  GARMENT_FIELDS,
  GARMENT_FORMAT,
  LENGTH_FIELDS,
  QUANTITY_FIELDS,
} from "../spec";
import { evenly, figure, type Reach } from "./any-figure";
import { USUAL_BESIDE_TABLE } from "./usual-ranges";

/** A garment file in millimetres. */
export type GarmentFile = { readonly [field in string]?: unknown };

/**
 * Any garment that can be read, as a file in millimetres: every field of the table, left out at random, at usual and at extreme but legal
 * figures. What is read off one person, or off one bodice, goes together for most.
 */
export const anyGarmentFile: fc.Arbitrary<GarmentFile> = fc
  .constantFrom<Reach>("usual", "usual", "some-extreme", "some-extreme", "extreme")
  .chain((reach) =>
    fc.record({
      ...anyOf(GARMENT_FIELDS, "", reach),
      format: fc.constant(GARMENT_FORMAT),
      unit: fc.constant("mm"),
      name: fc.constant("Any garment"),
      body: bodyOf(reach),
    }),
  )
  .map((file) => withoutAbsent(file) as GarmentFile);

/** How often a part is given, and how often each of its fields: a garment with a figure in every box is nobody's. */
const GIVEN: readonly (readonly [RegExp, number])[] = [
  [/^(block|cloth|allowances)$/, 1],
  [/^sleeve$/, 0.9],
  [/^collar$/, 0.7],
  [/\.(armhole|kind)$/, 1],
  [/^cloth\.kind$/, 0.7],
  [/^cloth\.takes$/, 0.15],
  [/^block\.(shoulder|neckline)$/, 0.5],
  [/^(block\.armhole|block\.shoulder|sleeve\.hem|allowances)\./, 0.6],
  [/^sleeve\.(hem|puff|bishop|lantern|balloon|raglan|offShoulder|kimono|dropped)$/, 0.5],
  [/^sleeve\.(puff|bishop|lantern|balloon|raglan|offShoulder|kimono|dropped)\./, 0.5],
  [/^block\.(ease|read|workroomEase)$/, 0.15],
  [/^block\.(ease|read|workroomEase)\./, 0.3],
  [/^block\.(chest|bust|underbust|waist|hip)Level$/, 0.06],
  [/^block\.(length|sideSeam|panels|neckShape)$/, 0.4],
  [/^block\.(frontNeck|backNeck|frontInset|backInset|dartInner|frontGathers|backGathers|backHigher)/, 0.12],
  [/^otherArm$/, 0.1],
  [/^otherArm\./, 0.7],
  [/^bodice$/, 0.8],
  [/^bodice\.cut$/, 0.2],
  [/^bodice\.(front|back|standFinish|neck|panels|waistSeam|hem|flare)$/, 0.35],
  [/^sleeve\.(method|cut|curve)$/, 0.4],
  [/^sleeve\./, 0.2],
  [/^collar\./, 0.25],
];
const OTHERWISE = 0.3;

function shareGiven(path: string): number {
  return GIVEN.find(([pattern]) => pattern.test(path))?.[1] ?? OTHERWISE;
}

type Arbitraries = Record<string, fc.Arbitrary<unknown>>;

function anyOf(fields: Fields, parent: string, reach: Reach): Arbitraries {
  return Object.fromEntries(
    Object.entries(fields).map(([name, field]) => {
      const path = parent === "" ? name : `${parent}.${name}`;
      const value = anyValue(field, path, reach);
      if (field.given === "always") return [name, value];
      const absent = fc.constant(field.given === "nullable" ? null : undefined);
      const share = Math.round(shareGiven(path) * 20);
      return [name, fc.oneof({ weight: share, arbitrary: value }, { weight: 20 - share, arbitrary: absent })];
    }),
  );
}

function anyValue(field: Field, path: string, reach: Reach): fc.Arbitrary<unknown> {
  switch (field.kind) {
    case "length":
    case "angle":
      return figure(reach, field.bounds, usualAt(path) ?? field.range ?? field.bounds);
    case "share":
    case "quantity":
      return evenly(field.bounds);
    case "choice":
      return fc.constantFrom(...field.options);
    case "text":
      return fc.constant("");
    case "range":
      return fc
        .tuple(anyValue(field.least, `${path}.least`, reach), anyValue(field.most, `${path}.most`, reach))
        .map(([a, b]) => ({ least: Math.min(Number(a), Number(b)), most: Math.max(Number(a), Number(b)) }));
    case "list":
      return fc.array(anyValue(field.item, `${path}.*`, reach), { maxLength: 4 });
    case "group":
      return path === "block.armhole"
        ? fc.oneof(
            { weight: 3, arbitrary: armholesThatGoTogether },
            { weight: 2, arbitrary: fc.record(anyOf(field.fields, path, reach)) },
          )
        : path === "block.front" || path === "block.back"
          ? outlineHalf(reach, path === "block.front" ? "front" : "back")
          : fc.record(anyOf(field.fields, path, reach));
    case "variant":
      return fc.oneof(
        ...Object.entries(field.of).map(([name, fields]) => ({
          weight: name === "outline" ? 1 : 4,
          arbitrary: fc.record({ [field.by]: fc.constant(name), ...anyOf(fields, path, reach) }),
        })),
      );
  }
}

/** What a figure usually is: said by its style, or here where the table of fields has no usual range. */
function usualAt(path: string): Bounds | undefined {
  const [, kind, name = ""] = path.split(".");
  const style: SleeveStyle | null = STYLE_KINDS.map((one) => (one === kind ? STYLES[one] : null)).find(Boolean) ?? null;
  const field = style?.fields[name];
  return field ? around(field.usual, field.bounds) : USUAL_BESIDE_TABLE[path];
}

/** What is left out is left to its default. */
function sometimes<T>(of: fc.Arbitrary<T>, given: number): fc.Arbitrary<T | undefined> {
  return fc.oneof(
    { weight: Math.round(given * 20), arbitrary: of },
    { weight: Math.round((1 - given) * 20), arbitrary: fc.constant(undefined) },
  );
}

function around(usual: number, { least, most }: Bounds): Bounds {
  return { least: Math.max(least, usual * 0.6), most: Math.max(least, Math.min(most, usual * 1.4 + 5)) };
}

/** Girths that go with the bust for most, so that an ordinary body is one; any that can be read for the others. */
function bodyOf(reach: Reach): fc.Arbitrary<GarmentFile> {
  return evenly({ least: 600, most: 1800 }).chain((bust) =>
    fc.record(
      Object.fromEntries(
        MEASURE_IDS.map((id) => {
          const { least, most } = plausibleRange(id);
          if (measureOf(id).kind === "angle")
            return [
              id,
              sometimes(figure(reach, QUANTITY_FIELDS[`body.${id}`]?.bounds ?? { least, most }, { least, most }), 0.4),
            ];
          const size = (least + most) / 2;
          const scaled = id === "bust" ? bust : size * (bust / 1000) ** (LENGTHWAYS.has(id) ? 0.2 : 0.8);
          const usual = { least: Math.max(1, scaled * 0.85), most: scaled * 1.15 };
          return [id, sometimes(figure(reach, LENGTH_FIELDS[`body.${id}`]?.bounds ?? usual, usual), 0.4)];
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
  "waistToHip",
  "height",
  "frontToBust",
  "frontToUnderbust",
  "frontToWaist",
  "frontToHip",
  "frontCentre",
]);

/** Front, back and depth as they are read on one bodice. */
const armholesThatGoTogether: fc.Arbitrary<GarmentFile> = fc
  .tuple(
    evenly({ least: 180, most: 320 }),
    evenly({ least: 0.97, most: 1.03 }),
    evenly({ least: 1, most: 1.06 }),
    evenly({ least: 0.8, most: 0.92 }),
  )
  .map(([size, front, back, depth]) => ({ front: size * front, back: size * back, depth: size * depth }));

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

/** A file has no fields that are undefined. */
function withoutAbsent(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutAbsent);
  if (value === null || typeof value !== "object") return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, inner]) => (inner === undefined ? [] : [[key, withoutAbsent(inner)]])),
  );
}
