import { describe, expect, it } from "vitest";
import type { Body } from "../body";
import { draftGarment } from "../garment";
import { applyChange, type GarmentSpec, type SpecChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { sampleSpec } from "../testing/sample";

function started(id: string, body: Body = MIDDLE_BODY): GarmentSpec {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, body);
  if (!spec) throw new Error(`${id} starts no garment`);
  return spec;
}

const findingsOf = (spec: GarmentSpec) => draftGarment(spec).findings;
const codesOf = (spec: GarmentSpec) => findingsOf(spec).map(({ code }) => code);

/** Made by one garment, with ways out that each end it, and not by another. */
function expectTold(code: string, made: GarmentSpec, without: GarmentSpec) {
  const found = findingsOf(made).find((one) => one.code === code);
  expect(found, code).toBeDefined();
  for (const { id, change } of found?.remedies ?? [])
    expect(codesOf(applyChange(made, change)), `${code}, after ${id}`).not.toContain(code);
  expect(codesOf(without), `${code}, of another`).not.toContain(code);
}

/** Bodies that are told something, each with how it differs from the middle one. Invented. */
const STOUT = { bust: 1300, waist: 1300, hip: 1200, shoulderWidth: 430, backLength: 400, upperArm: 400 };
const SMALL = { bust: 728, waist: 640, shoulderWidth: 369, backLength: 286, upperArm: 252, hip: 888, neckBase: 335 };

describe("what is told of bodies that are not the middle one", () => {
  it.each<[string, string, Body]>([
    ["waist-over-bust", "blouse", { ...STOUT, waist: 1360 }],
    ["across-narrowed", "blouse", { ...SMALL, upperBust: 720, shoulderSlope: 28 }],
    [
      "across-widened",
      "blouse",
      { ...MIDDLE_BODY, bust: 1189, waist: 832, hip: 1095, upperBust: 1164, shoulderWidth: 416 },
    ],
    [
      "second-waist-dart",
      "shirt-dress",
      { bust: 1492, waist: 1044, shoulderWidth: 448, backLength: 369, upperArm: 534 },
    ],
    ["shoulder-measures-differ", "blouse", { ...MIDDLE_BODY, shoulderLength: 150 }],
  ])("%s", (code, point, body) => {
    expectTold(code, started(point, body), started(point));
  });
});

describe("what is told of figures that were asked for", () => {
  const SAMPLE = sampleSpec();
  it.each<[string, GarmentSpec, SpecChange]>([
    ["lower-ease-beyond-seam", SAMPLE, { sleeve: { lowerEase: { front: -400 } } }],
    ["allowance-over-reading", SAMPLE, { block: { includesSeamAllowance: 300 } }],
    [
      "neck-edge-corner",
      started("jacket"),
      { collar: { kind: "notched", neckEdge: "straight", edgeBy: "own", tilt: 120 } },
    ],
    ["collar-swings-far", started("jacket"), { collar: { kind: "notched", edgeBy: "own", tilt: 150 } }],
    [
      "no-sleeve-for-other-arm",
      started("work-shirt"),
      { otherArm: { side: "left", upperArm: 900, elbow: 100, wrist: 60 } },
    ],
  ])("%s", (code, without, change) => {
    expectTold(code, applyChange(without, change), without);
  });
});
