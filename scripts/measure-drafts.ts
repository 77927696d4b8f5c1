import { type Garment, sketchGarment } from "../core/garment";
import { applyChange, type GarmentSpec, type SpecChange } from "../core/spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../core/starting";

/**
 * How long a draft takes, of every starting point: npx tsx scripts/measure-drafts.ts [POINT]. `whole`: from nothing, each time for another
 * body. `sleeve`, `collar`, `block`: one frame of a drag of a figure of it, from the frame before. Medians of warm runs, in milliseconds;
 * wanted on a quiet machine: 4 for a whole draft, 2.5 for a frame.
 */
const [only] = process.argv.slice(2);
const WARM_UP = 60;
const RUNS = 200;

function median(times: readonly number[]): number {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? Number.NaN;
}

/** A wave, so that every frame differs from the one before. */
const wave = (i: number) => Math.sin(i / 7) * 6;

function frames(begun: GarmentSpec, changeAt: (i: number, spec: GarmentSpec) => SpecChange, keeps: boolean): number {
  const times: number[] = [];
  let before: Garment | undefined = keeps ? sketchGarment(begun) : undefined;
  for (let i = 0; i < WARM_UP + RUNS; i++) {
    const spec = applyChange(begun, changeAt(i, begun));
    const from = performance.now();
    const garment = sketchGarment(spec, before);
    if (i >= WARM_UP) times.push(performance.now() - from);
    if (keeps) before = garment;
  }
  return median(times);
}

console.log(`${"".padEnd(22)}  whole sleeve collar  block`);
for (const point of STARTING_POINTS) {
  if (only && point.id !== only) continue;
  const spec = startedFrom(point, MIDDLE_BODY);
  if (!spec) continue;
  const bust = MIDDLE_BODY.bust ?? 940;
  const figures = [
    frames(spec, (i) => ({ body: { bust: bust + wave(i), shoulderWidth: 390 + wave(i) / 6 } }), false),
    spec.sleeve
      ? frames(spec, (i) => ({ sleeve: { length: 450 + wave(i), capHeightChange: wave(i) / 4 } }), true)
      : null,
    spec.collar ? frames(spec, (i) => ({ collar: { height: 40 + wave(i) / 3 } }), true) : null,
    frames(spec, (i) => ({ body: { backLength: 405 + wave(i) } }), true),
  ];
  console.log(
    `${point.id.padEnd(22)} ${figures.map((ms) => (ms === null ? "–" : ms.toFixed(2)).padStart(6)).join(" ")}`,
  );
}
