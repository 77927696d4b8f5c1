import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { capTask, draft, INCH, LENGTHS, size } from "../../testing/set-in";
import type { CapTask } from "./cap-frame";
import { CAP_SHAPES, halfCap } from "./cap-shape";
import { bustTwelfthHeight } from "./depth-and-girth-rules";
import { methodOf, SET_IN_METHODS, type SetInMethod } from "./methods";
import { guidePoints } from "./rule-frame";

describe("the schools' rules", () => {
  const frameOf = (method: SetInMethod, changes: Partial<CapTask> = {}) => {
    const frame = methodOf(method).frame(capTask(changes));
    if (!frame) throw new Error(`${method} gives a cap for these figures`);
    return frame;
  };

  it("C3: armhole depth 8 1/2 in, two-thirds rule: 5.667 in, marked as 5.7 (common practice)", () => {
    const { height } = frameOf("two-thirds-depth", { armhole: { front: 222, back: 235, depth: 8.5 * INCH } });
    expect(height / INCH).toBeCloseTo(5.667, 3);
    expect(Math.round((height / INCH) * 16) / 16).toBe(5 + 11 / 16);
  });

  it("C1 against C3: the rules disagree for one figure, 3 1/2 and 5 2/3 in, and both are shown (common practice)", () => {
    const figure = { bust: 36 * INCH, armhole: { front: 222, back: 235, depth: 8.5 * INCH } };
    const apart = frameOf("two-thirds-depth", figure).height - frameOf("bust-twelfth", figure).height;
    expect(apart / INCH).toBeCloseTo(5 + 2 / 3 - 3.5, 9);
  });

  it("C5: half widths of an arm of 14 1/2, 12 1/2 and 8 1/2 in: 7 1/4, 6 1/4, 4 1/4 (common practice)", () => {
    const cap = capTask({ upperArm: 14.5 * INCH, armhole: { front: 260, back: 270, depth: 8.5 * INCH } });
    const lengths = { ...LENGTHS, elbowWidth: 12.5 * INCH, wristWidth: 8.5 * INCH };
    const outline = draft(cap, "two-thirds-depth", lengths)?.outline;
    expect((outline?.frontEnd.x ?? 0) / INCH).toBeCloseTo(7.25, 9);
    expect((outline?.elbow?.front.x ?? 0) / INCH).toBeCloseTo(6.25, 9);
    expect((outline?.frontHem.x ?? 0) / INCH).toBeCloseTo(4.25, 9);
  });

  it("T1: third of an armhole of 42.9 cm: cap height 14.3 cm (textbook rule, from memory)", () => {
    const frame = frameOf("third-of-armhole", { armhole: { front: 210, back: 219, depth: 190 } });
    expect(frame.height).toBeCloseTo(143, 9);
    expect(Math.hypot(frame.frontWidth, frame.height)).toBeCloseTo(210, 9);
    const backMore = Math.hypot(frame.backWidth, frame.height) - 219;
    expect(backMore).toBeGreaterThanOrEqual(5);
    expect(backMore).toBeLessThanOrEqual(10);
  });

  it("T2: five-sixths rule, depths 20 and 21.5 cm: 17.3 cm (textbook rule, from memory)", () => {
    const { height } = frameOf("five-sixths-depth", { armhole: { front: 230, back: 240, depth: (200 + 215) / 2 } });
    expect(height / 10).toBeCloseTo(17.3, 1);
  });

  it("C15: knit, half armhole 9 1/4, cap 4, half upper arm 6 1/2 in: chord 7.63 in, so any fair curve is more than 1 in short a side (geometry against common practice)", () => {
    const cap = capTask({
      armhole: { front: 9.25 * INCH, back: 9.25 * INCH, depth: 8 * INCH },
      upperArm: 13 * INCH,
      capEase: 0,
      chosenHeight: 4 * INCH,
      upperArmEase: 0,
    });
    const sleeve = draft(cap, "chosen-height");
    const frame = sleeve?.frame;
    expect(Math.hypot(frame?.frontWidth ?? 0, frame?.height ?? 0) / INCH).toBeCloseTo(7.63, 2);
    for (const side of ["front", "back"] as const)
      expect(9.25 - (sleeve?.capLength[side] ?? 0) / INCH).toBeGreaterThan(1);
    // What the numbers ask for instead: fit first, without ease, puts the cap at about 6 in.
    const fitted = methodOf("fit-first").frame(cap);
    expect(Math.abs((fitted?.height ?? 0) / INCH - 6)).toBeLessThan(0.5);
  });

  it("lay the half armhole flat or along the slant, whichever is asked of a rule that lays it", () => {
    for (const method of SET_IN_METHODS.filter((one) => methodOf(one).laysArmhole)) {
      const flat = frameOf(method, { placement: "flat" });
      const slanted = frameOf(method, { placement: "slant" });
      expect(flat.frontWidth, method).toBeGreaterThan(slanted.frontWidth);
      expect(Math.hypot(slanted.frontWidth, slanted.height), method).toBeCloseTo(8.75 * INCH, 6);
    }
  });

  it("raise a shallow knit cap from 4 in until it meets the armhole, and no further than 5", () => {
    const wide = frameOf("shallow-knit", { upperArm: 460, capEase: 0 });
    expect(wide.height).toBeCloseTo(4 * INCH, 9);
    expect(frameOf("shallow-knit", { upperArm: 250, capEase: 0 }).height).toBeCloseTo(5 * INCH, 9);
    const met = capTask({ upperArm: 355, capEase: 0 });
    const sleeve = draft(met, "shallow-knit");
    const { front, back } = met.armhole;
    expect(sleeve && sleeve.capLength.front + sleeve.capLength.back).toBeCloseTo(front + back, 4);
  });

  it("draw by the quarters or by the middle, whose back stands 1/2 to 1 in outside the slant and whose front lies on it (common practice, no source)", () => {
    const middle = (side: "front" | "back") =>
      guidePoints(halfCap(CAP_SHAPES.middle[side], 7 * INCH, 5 * INCH))[1]?.outside ?? 0;
    expect(Math.abs(middle("back") / INCH - 0.75)).toBeLessThan(0.25);
    expect(Math.abs(middle("front"))).toBeLessThan(0.01);
  });

  it("scale with everything they are reckoned from, but for what they add in inches", () => {
    fc.assert(
      fc.property(size(0.5, 2), (factor) => {
        const task = capTask();
        const scaled = capTask({
          armhole: {
            front: task.armhole.front * factor,
            back: task.armhole.back * factor,
            depth: task.armhole.depth * factor,
          },
          upperArm: task.upperArm * factor,
          upperArmEase: task.upperArmEase * factor,
          capEase: task.capEase * factor,
        });
        for (const method of ["two-thirds-depth"] as const) {
          const [before, after] = [methodOf(method).frame(task), methodOf(method).frame(scaled)];
          expect(after?.height).toBeCloseTo((before?.height ?? 0) * factor, 6);
          expect(after?.frontWidth).toBeCloseTo((before?.frontWidth ?? 0) * factor, 6);
        }
      }),
    );
  });
});

describe("bust twelfth", () => {
  it("C1: bust 36 in gives a cap of 3 1/2 in (common practice, arithmetic)", () => {
    expect(bustTwelfthHeight(36 * INCH) / INCH).toBeCloseTo(3.5, 12);
  });

  it("C2: bust 35 in gives 3.417 in, spoken of as 3.4 (common practice)", () => {
    const height = bustTwelfthHeight(35 * INCH) / INCH;
    expect(height).toBeCloseTo(3.417, 3);
    expect(height.toFixed(1)).toBe("3.4");
  });

  it("C4: half an armhole of 7 in laid flat with a cap of 3.417 in gives a slant of 7.789 in, taped as 8 (geometry, common practice)", () => {
    const sleeve = draft(
      capTask({ bust: 35 * INCH, armhole: { front: 7 * INCH, back: 7 * INCH, depth: 6.5 * INCH } }),
      "bust-twelfth",
    );
    const slant = sleeve?.draft.figures.find((figure) => figure.id === "sleeve.slant.front");
    expect((slant?.value ?? 0) / INCH).toBeCloseTo(7.789, 3);
    expect(Math.abs((slant?.value ?? 0) / INCH - 8)).toBeLessThan(0.25);
  });

  it("takes the changes made to it", () => {
    const plain = methodOf("bust-twelfth").frame(capTask());
    const changed = methodOf("bust-twelfth").frame(capTask({ capHeightChange: -10, capWidthChange: 20 }));
    expect(changed?.height).toBeCloseTo((plain?.height ?? 0) - 10, 9);
    expect(changed?.frontWidth).toBeCloseTo((plain?.frontWidth ?? 0) + 10, 9);
  });
});
