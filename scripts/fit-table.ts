import { measureBlock } from "../core/block";
import type { Body } from "../core/body";
import { draftGarment } from "../core/garment";
import { boxOf } from "../core/geometry";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../core/starting";
import { bodyOfCheck, CHECK_BODIES } from "../core/testing/check-bodies";

/**
 * What each starting point has of room on very different bodies: npx tsx scripts/fit-table.ts [POINT]. A line a body: room at bust, waist and
 * hip, of the upper arm, of the neckline and of the armhole in cm, cap height to armhole depth, how far a collar's end is swung out and how high
 * a stand is on paper in mm, and what is warned of.
 */
const [only] = process.argv.slice(2);

type Wearer = { readonly name: string; readonly body: Body; readonly isMan: boolean };

/** Ten more, invented: ordinary, small, large, full, flat, stooped, erect, square, sloping, and hardly measured. */
const OWN: readonly Wearer[] = (
  [
    ["middle", {}],
    [
      "small",
      {
        bust: 780,
        waist: 600,
        hip: 850,
        neckBase: 335,
        neck: 306,
        shoulderWidth: 350,
        armholeGirth: 355,
        upperArm: 240,
      },
    ],
    [
      "large",
      { bust: 1180, waist: 1030, hip: 1240, neckBase: 410, shoulderWidth: 420, armholeGirth: 500, upperArm: 375 },
    ],
    ["full", { bust: 1040, upperBust: 900, frontToBust: 305, frontToWaist: 475 }],
    ["flat", { bust: 850, upperBust: 842, frontToBust: 250, frontToWaist: 418 }],
    ["stooped", { backLength: 440, frontToWaist: 420, backWidth: 375, frontWidth: 315 }],
    ["erect", { backLength: 390, frontToWaist: 450, backWidth: 330, frontWidth: 345 }],
    ["square", { shoulderSlope: 13 }],
    ["sloping", { shoulderSlope: 27 }],
  ] as const
).map(([name, changes]) => ({ name, body: { ...MIDDLE_BODY, ...changes }, isMan: false }));

const WEARERS: readonly Wearer[] = [
  ...CHECK_BODIES.filter(({ garment }) => garment === "blouse").map((check) => ({
    name: check.id.replace("-blouse", ""),
    body: bodyOfCheck(check),
    isMan: check.body.sex === "man",
  })),
  ...OWN,
  { name: "bust alone", body: { bust: 960 }, isMan: false },
];

const cm = (mm: number | null | undefined) =>
  (mm === null || mm === undefined ? "–" : (mm / 10).toFixed(1)).padStart(6);

for (const point of STARTING_POINTS) {
  if (only && point.id !== only) continue;
  console.log(
    `\n${point.name}\n${"".padEnd(15)}  bust waist   hip   arm  neck armhole  cap/depth swing stand  warned of`,
  );
  for (const { name, body, isMan } of WEARERS) {
    const begun = startedFrom(point, body);
    if (!begun) continue;
    const garment = draftGarment({ ...begun, ...(isMan ? { proportions: "man" as const } : {}) });
    const { block, resolved } = garment;
    if (!block || resolved.block.source !== "drafted") continue;
    const measured = measureBlock(block);
    const own = resolved.block.body;
    const over = (around: number | null, of: number) => cm(around === null ? null : around - of);
    const figure = (id: string) => garment.figures.find((one) => one.id === id)?.value;
    const stand = garment.pieces.find(({ id }) => id === "collarStand");
    const box = stand && boxOf([stand.outline]);
    const [cap, swing] = [figure("sleeve.capHeight"), figure("collar.tilt")];
    const codes = garment.findings
      .filter(({ severity, code }) => severity !== "note" && code !== "stand-ins-used" && !code.startsWith("slip-"))
      .map(({ code }) => code);
    console.log(
      [
        name.padEnd(15),
        over(measured.bust, own.bust),
        over(measured.waist, own.waist),
        over(measured.hip, own.hip),
        cm(resolved.sleeve?.upperArmEase),
        over(measured.neckline, own.neckBase),
        over(measured.armhole, own.armholeGirth),
        (cap === undefined ? "–" : (cap / block.depth).toFixed(2)).padStart(10),
        (swing === undefined ? "–" : swing.toFixed(0)).padStart(6),
        (box ? (box.bottom - box.top).toFixed(0) : "–").padStart(5),
        ` ${codes.join(" ")}`,
      ].join(""),
    );
  }
}
