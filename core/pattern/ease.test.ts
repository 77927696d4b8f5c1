import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { easeProfile, easeUpTo, FADE_AT_SHOULDER_MM, partAt } from "./ease";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anySeam = fc.record({ length: size(120, 400), notchShare: size(0.05, 0.75), ease: size(-20, 60) });

describe("where the ease lies", () => {
  it("sums to the ease exactly, and takes none below the notch", () => {
    fc.assert(
      fc.property(anySeam, ({ length, notchShare, ease }) => {
        const notch = length * notchShare;
        const profile = easeProfile(notch, length, ease);
        expect(easeUpTo(profile, length)).toBeCloseTo(ease, 9);
        expect(easeUpTo(profile, notch)).toBe(0);
        expect(partAt(profile, length)).toBeCloseTo(length + ease, 9);
      }),
    );
  });

  it("sums to the ease exactly with some of it below the notch, and has just that much there", () => {
    fc.assert(
      fc.property(anySeam, size(-5, 12), ({ length, notchShare, ease }, lower) => {
        const notch = length * notchShare;
        const profile = easeProfile(notch, length, ease, lower);
        expect(easeUpTo(profile, notch)).toBeCloseTo(lower, 9);
        expect(easeUpTo(profile, length)).toBeCloseTo(ease, 9);
      }),
    );
  });

  it("fades out towards the shoulder point", () => {
    const profile = easeProfile(80, 220, 20);
    const lastBit = easeUpTo(profile, 220) - easeUpTo(profile, 220 - FADE_AT_SHOULDER_MM);
    const bitBefore = easeUpTo(profile, 220 - FADE_AT_SHOULDER_MM) - easeUpTo(profile, 220 - 2 * FADE_AT_SHOULDER_MM);
    expect(lastBit).toBeCloseTo(bitBefore / 2, 9);
    expect(profile.at(-1)?.density).toBe(0);
  });

  it("never goes backwards along the cap, however much is stretched", () => {
    fc.assert(
      fc.property(anySeam, size(0, 1), size(0, 1), ({ length, notchShare, ease }, a, b) => {
        const profile = easeProfile(length * notchShare, length, ease);
        const [low, high] = [Math.min(a, b) * length, Math.max(a, b) * length];
        expect(partAt(profile, high)).toBeGreaterThanOrEqual(partAt(profile, low) - 1e-9);
      }),
    );
  });
});
