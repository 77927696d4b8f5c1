import { describe, expect, it } from "vitest";
import { sketchGarment } from "../garment";
import { applyChange, type GarmentSpec, type SpecChange } from "../spec";
import { CHECK_BODIES, specOfCheck } from "../testing/check-bodies";
import { MEASURE_IDS, type MeasureId } from ".";

/** For each measure a garment that reads it, and what of the body has to be left out for it; nothing is asked for that no garment reads. */
const READ_BY: Readonly<Record<MeasureId, { readonly garment?: SpecChange; readonly without?: readonly MeasureId[] }>> =
  {
    bust: {},
    upperBust: { without: ["frontToWaist"] },
    underbust: { without: ["upperBust", "frontToWaist"] },
    waist: {},
    hip: {},
    height: { without: ["waistToHip", "frontToHip"] },
    neckBase: {},
    neck: { garment: { collar: { kind: "stand" } as never } },
    head: { garment: { collar: undefined, bodice: { front: "fold", back: "fold" } } },
    shoulderWidth: { without: ["shoulderLength"] },
    shoulderLength: {},
    shoulderSlope: {},
    backWidth: {},
    frontWidth: {},
    backLength: {},
    waistToHip: {},
    frontToBust: {},
    frontToUnderbust: {},
    frontToWaist: {},
    frontToHip: { without: ["waistToHip"] },
    frontCentre: {},
    bustSpan: {},
    armholeGirth: {},
    armholeDepth: {},
    upperArm: {},
    elbow: {},
    wrist: { without: ["hand"] },
    hand: {},
    armLength: {},
    shoulderToElbow: {},
    neckToWrist: { without: ["armLength", "shoulderToElbow"] },
    aroundShoulders: { garment: { sleeve: { kind: "offShoulder" } as never } },
  };

const FULL = {
  upperBust: 862,
  underbust: 780,
  height: 1650,
  neck: 345,
  head: 560,
  shoulderSlope: 20,
  waistToHip: 200,
  frontToUnderbust: 345,
  frontToHip: 645,
  frontCentre: 345,
  armholeDepth: 150,
  elbow: 265,
  wrist: 160,
  hand: 205,
  armLength: 580,
  shoulderToElbow: 335,
  neckToWrist: 702,
  aroundShoulders: 1010,
};

/** Everything that is told of a garment, by which a figure that is read shows. */
function toldOf(spec: GarmentSpec): string {
  const { figures, findings, pieces, block } = sketchGarment(spec);
  return JSON.stringify([
    figures.map(({ value }) => value.toFixed(4)),
    findings.map(({ code, numbers }) => [code, numbers]),
    pieces.map(({ outline }) => outline),
    block?.levels,
  ]);
}

describe("every measure that is asked for", () => {
  it.each(MEASURE_IDS)("%s is read by something: a garment changes with it", (id) => {
    const [mid] = CHECK_BODIES;
    if (!mid) throw new Error("there are bodies");
    const { garment = {}, without = [] } = READ_BY[id];
    const plain = specOfCheck(mid);
    const full: GarmentSpec = { ...plain, body: { ...FULL, ...plain.body }, sleeve: { kind: "set-in" } };
    const asked = applyChange(
      { ...full, ...(garment.sleeve || garment.collar ? {} : {}) },
      {
        ...garment,
        body: Object.fromEntries(without.map((one) => [one, undefined])),
      },
    );
    const spec: GarmentSpec = garment.collar ? { ...asked, collar: { kind: "stand" } } : asked;
    const value = spec.body[id] ?? 0;
    expect(value).toBeGreaterThan(0);
    const share = id === "head" ? 1.6 : id === "frontCentre" || id === "hand" ? 1.4 : 1.06;
    const other = applyChange(spec, { body: { [id]: value * share } });
    expect(toldOf(other)).not.toBe(toldOf(spec));
  });
});
