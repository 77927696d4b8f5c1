import fc from "fast-check";
import type { Body } from "../body";

export type AnyBody = { readonly body: Body; readonly isMan: boolean };

/**
 * Bodies whose figures go together about as people's do, from a child's size to a bust of 150 cm, of every posture, with thin and stout arms,
 * waists larger than the bust, women's and men's; some known by a few figures alone. Millimetres. Invented.
 */
export const anyBody: fc.Arbitrary<AnyBody> = fc
  .record({
    bust: fc.integer({ min: 660, max: 1500 }),
    cup: fc.integer({ min: 5, max: 120 }),
    waist: fc.integer({ min: 68, max: 115 }),
    slope: fc.integer({ min: 14, max: 28 }),
    posture: fc.integer({ min: -25, max: 25 }),
    arm: fc.integer({ min: 25, max: 38 }),
    tall: fc.integer({ min: 0, max: 100 }),
    isMan: fc.boolean(),
    knows: fc.constantFrom("all", "some", "least"),
  })
  .map(({ bust, cup, waist, slope, posture, arm, tall, isMan, knows }) => {
    const front = isMan ? 0 : (cup / 1000) * bust;
    const u = bust - (isMan ? 8 : front);
    // Who has a child's girth has a child's height.
    const height = (bust < 760 ? 1200 : 1450) + tall * (bust < 760 ? 3.5 : 4.5);
    const backLength = 0.238 * height + posture / 2 + (u - 860) * 0.03;
    const shoulderWidth = Math.min(300 + 0.1 * u, 150 + 0.27 * u) + (isMan ? 25 : 0);
    const least = { bust, waist: (bust * waist) / 100, shoulderWidth, backLength, upperArm: (arm / 100) * u };
    const some = {
      ...least,
      height,
      upperBust: u,
      hip: 0.45 * bust + 560,
      neckBase: 180 + 0.215 * u,
      shoulderSlope: slope,
      armLength: height * 0.345,
      wrist: 0.085 * u + 85,
    };
    const all = {
      ...some,
      frontToBust: 0.15 * height + 0.42 * front + 0.11 * (u - 860),
      frontToWaist: backLength + 20 + 0.55 * front - posture,
      elbow: 0.8 * least.upperArm + 30,
    };
    return { body: knows === "least" ? least : knows === "some" ? some : all, isMan };
  });
