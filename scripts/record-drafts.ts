import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { gunzipSync, gzipSync } from "node:zlib";
import fc from "fast-check";
import { draftGarment } from "../core/garment";
import { writeResult } from "../core/result";
import { type GarmentSpec, readGarment } from "../core/spec";
import { STARTING_POINTS, startedFrom } from "../core/starting";
import { anyBody } from "../core/testing/any-body";
import { anyGarmentFile } from "../core/testing/any-garment";

/**
 * Before a change that is to change no draft: `npx tsx scripts/record-drafts.ts FILE` writes down what some 700 garments come to, every
 * starting point on many bodies and garments of any kind. After it, with the same FILE, each is held against what was written: figures to
 * 1e-6, all else to the letter. What differs is counted by where it stands, with the first garment that has it.
 */
const [file] = process.argv.slice(2);
if (!file) throw new Error("record-drafts: say in which file: npx tsx scripts/record-drafts.ts FILE");
const BODIES = 40;
const ANY = 260;
const SAME = 1e-6;
const SEED = 27;

function specs(): readonly GarmentSpec[] {
  const started = fc.sample(anyBody, { numRuns: BODIES, seed: SEED }).flatMap(({ body, isMan }) =>
    STARTING_POINTS.flatMap((point) => {
      const begun = startedFrom(point, body);
      return begun ? [{ ...begun, ...(isMan ? { proportions: "man" as const } : {}) }] : [];
    }),
  );
  const any = fc.sample(anyGarmentFile, { numRuns: ANY, seed: SEED }).flatMap((one) => {
    const read = readGarment(one);
    return read.ok ? [read.spec] : [];
  });
  return [...started, ...any];
}

const written = (spec: GarmentSpec): unknown => JSON.parse(JSON.stringify(writeResult(draftGarment(spec))));

/** Where the two differ, each place named without its numbers. */
function differences(a: unknown, b: unknown, at: string, found: string[]): void {
  if (found.length > 50) return;
  if (typeof a === "number" && typeof b === "number") {
    if (Math.abs(a - b) > SAME * Math.max(1, Math.abs(a))) found.push(`${at}: ${a} is ${b}`);
  } else if (typeof a === "string" && typeof b === "string") {
    if (a !== b && !isSamePath(a, b)) found.push(`${at}: “${a.slice(0, 70)}” is “${b.slice(0, 70)}”`);
  } else if (a !== null && b !== null && typeof a === "object" && typeof b === "object") {
    const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
    for (const key of keys) differences(Reflect.get(a, key), Reflect.get(b, key), `${at}.${key}`, found);
  } else if (a !== b) found.push(`${at}: ${JSON.stringify(a)?.slice(0, 70)} is ${JSON.stringify(b)?.slice(0, 70)}`);
}

/** Two path data that name the same places. */
function isSamePath(a: string, b: string): boolean {
  const numbers = (text: string) => text.match(/-?\d+(\.\d+)?(e-?\d+)?/g)?.map(Number) ?? [];
  const shape = (text: string) => text.replace(/-?\d+(\.\d+)?(e-?\d+)?/g, "#");
  const [own, other] = [numbers(a), numbers(b)];
  return shape(a) === shape(b) && own.every((n, i) => Math.abs(n - (other[i] ?? Number.NaN)) < 2e-3);
}

const all = specs();
if (!existsSync(file)) {
  writeFileSync(file, gzipSync(all.map((spec) => JSON.stringify(written(spec))).join("\n")));
  console.log(`${all.length} garments written down.`);
} else {
  const before = gunzipSync(readFileSync(file)).toString().split("\n");
  const places = new Map<string, { count: number; first: string }>();
  let [same, compared] = [0, 0];
  for (const [i, spec] of all.entries()) {
    const found: string[] = [];
    differences(JSON.parse(before[i] ?? "null"), written(spec), "", found);
    compared++;
    if (found.length === 0) same++;
    for (const one of found) {
      const place = one.split(":")[0]?.replace(/\d+/g, "#") ?? "";
      const known = places.get(place) ?? { count: 0, first: `garment ${i} ${one}` };
      places.set(place, { ...known, count: known.count + 1 });
    }
  }
  console.log(`${same} of ${compared} garments as they were.`);
  for (const [place, { count, first }] of [...places].sort((a, b) => b[1].count - a[1].count).slice(0, 40))
    console.log(`${count}\t${place}\t${first}`);
}
