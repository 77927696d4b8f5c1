import { COLLAR_KINDS } from "../core/collar/index";
import { type Garment, sketchGarment } from "../core/garment/index";
import { SLEEVE_KINDS } from "../core/sleeve/index";
import { MIDDLE_BODY } from "../core/starting/index";
import { started } from "../core/testing/worn";
import { COARSE, ended, wear } from "../core/toile/index";
import { shareCrossing } from "../core/toile/reads/crossings";

/**
 * Wears every sleeve with every collar, each on one body of several in turn, and prints for each how far its widest seam is open, which share of
 * its edges goes through other cloth, how near to rest it came, and why it is not shown as worn, if it is not. With a number only so many of them
 * are tried, spread over all. npx tsx scripts/try-toiles.ts 60
 */
const BODIES = [
  { name: "middle", body: MIDDLE_BODY },
  { name: "small", body: { ...MIDDLE_BODY, bust: 800, waist: 620, hip: 860, upperArm: 240 } },
  { name: "large", body: { ...MIDDLE_BODY, bust: 1240, waist: 1060, hip: 1280, upperArm: 400 } },
  { name: "thin arms", body: { ...MIDDLE_BODY, upperArm: 225, elbow: 205, wrist: 145 } },
];
const all = SLEEVE_KINDS.flatMap((sleeve) => [null, ...COLLAR_KINDS].map((collar) => ({ sleeve, collar })));
const count = Number(process.argv[2] ?? all.length);
const tried = all.filter((_, i) => Math.floor((i * count) / all.length) !== Math.floor(((i - 1) * count) / all.length));

let [shown, told] = [0, 0];
for (const [i, { sleeve, collar }] of tried.entries()) {
  const { name, body } = BODIES[i % BODIES.length] ?? { name: "middle", body: MIDDLE_BODY };
  const what = `${sleeve} + ${collar ?? "no collar"} on ${name}`;
  const garment: Garment = sketchGarment({
    ...started("work-shirt", body),
    sleeve: { kind: sleeve },
    collar: collar && { kind: collar },
  });
  const worn = ended(wear(garment, COARSE));
  if ("why" in worn) {
    told++;
    console.log(`${what}: ${worn.why}`);
    continue;
  }
  const { faults, widestGap, rest, largestStrain } = worn.report;
  if (faults.length > 0) told++;
  else shown++;
  const figures = `gap ${widestGap.toFixed(2)} mm, crossing ${(100 * shareCrossing(worn)).toFixed(2)} %, strain ${(100 * largestStrain).toFixed(0)} %, moves ${rest.move.toFixed(2)} mm`;
  console.log(`${what}: ${figures}${faults.map(({ code, says }) => `\n    ${code}: ${says}`).join("")}`);
}
console.log(`${shown} worn, ${told} said not to be, of ${tried.length}`);
