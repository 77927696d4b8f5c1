import fc from "fast-check";
import { draftGarment } from "../core/garment";
import { STARTING_POINTS, startedFrom } from "../core/starting";
import { anyBody } from "../core/testing/any-body";

/**
 * Every starting point by its defaults on many plausible bodies: npx tsx scripts/try-bodies.ts [SEED] [HOW MANY] [POINT]. How many have a
 * fault or are without a sleeve or a collar that is wanted, and which faults there are, each with the body that has it first.
 */
const [seed = "1", count = "300", only] = process.argv.slice(2);
const bodies = fc.sample(anyBody, { numRuns: Number(count), seed: Number(seed) });

for (const point of STARTING_POINTS) {
  if (only && point.id !== only) continue;
  let [faulty, lacking] = [0, 0];
  const found = new Map<string, { count: number; first: number }>();
  for (const [i, { body, isMan }] of bodies.entries()) {
    const begun = startedFrom(point, body);
    if (!begun) continue;
    const garment = draftGarment({ ...begun, ...(isMan ? { proportions: "man" as const } : {}) });
    const faults = garment.findings.filter(({ severity }) => severity === "fault");
    if (faults.length > 0) faulty++;
    if ((begun.sleeve && !garment.sleeve) || (begun.collar && !garment.collar)) lacking++;
    for (const { code } of faults) {
      const known = found.get(code) ?? { count: 0, first: i };
      found.set(code, { ...known, count: known.count + 1 });
    }
  }
  const codes = [...found].map(([code, { count: times, first }]) => `${code} ${times} (${first})`);
  console.log(
    `${point.id.padEnd(22)} ${bodies.length} bodies, ${faulty} with a fault, ${lacking} lacking a part. ${codes.join(", ")}`,
  );
}
