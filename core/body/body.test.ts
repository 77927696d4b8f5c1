import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { CLOTH_KINDS, clothOf } from "../cloth";
import { speak } from "../draft";
import {
  bodyOf,
  changesBetween,
  estimateArmLength,
  estimateBust,
  estimateElbow,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  findSlips,
  latestOf,
  limbAt,
  MEASURE_IDS,
  measureNamed,
  measureOf,
  searchMeasures,
  TAKEN_IDS,
  type Taken,
} from ".";
import { SEEN_IN_260_WOMEN } from "./ranges";

describe("measurements", () => {
  it("have one standard term each, and say how the tape goes", () => {
    const terms = MEASURE_IDS.map((id) => measureOf(id).term);
    expect(new Set(terms).size).toBe(terms.length);
    for (const id of MEASURE_IDS) expect(measureOf(id).howTaken).toMatch(/\.$/);
  });

  it("are found by the words people use", () => {
    expect(measureOf("upperArm").alsoCalled).toContain("biceps");
    expect(measureOf("armholeGirth").term).toBe("Armscye girth");
  });
});

describe("estimates", () => {
  it("keep the cross-checks of the trade between themselves (common practice, no source: wrist < elbow < upper arm + 40 mm; shoulder to elbow 50 to 65 % of the arm; upper arm 26 to 40 % of bust)", () => {
    for (const bust of [760, 920, 1100, 1400]) {
      const upperArm = estimateUpperArm(bust).value;
      const elbow = estimateElbow(upperArm).value;
      const wrist = estimateWrist(upperArm).value;
      expect(upperArm / bust).toBeGreaterThan(0.26);
      expect(upperArm / bust).toBeLessThan(0.4);
      expect(wrist).toBeLessThan(elbow);
      expect(elbow).toBeLessThan(upperArm + 40);
    }
    const arm = estimateArmLength().value;
    expect(estimateShoulderToElbow(arm).value / arm).toBeGreaterThan(0.5);
    expect(estimateShoulderToElbow(arm).value / arm).toBeLessThan(0.65);
  });

  it("give the wrist that goes with a middling arm within 5 mm (open data set: women's medians, bicep 27.8 cm flexed, wrist 15.0 cm; Heinz et al. 2003)", () => {
    expect(Math.abs(estimateWrist(278).value - 150)).toBeLessThan(5);
  });

  it("say their rule in the client's numbers", () => {
    expect(speak(estimateUpperArm(914.4).rule, "in")).toBe("32 % of bust 36 in");
    expect(speak(estimateBust().rule, "cm")).toMatch(/^91\.4 cm stands in/);
  });
});

describe("cloths", () => {
  it("take more ease the softer they are, and each range is one", () => {
    const shares = CLOTH_KINDS.map((kind) => clothOf(kind).mostEaseShare);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    for (const kind of CLOTH_KINDS) {
      const { capEase, upperArmEase } = clothOf(kind);
      expect(capEase.least).toBeLessThan(capEase.most);
      expect(upperArmEase.least).toBeLessThan(upperArmEase.most);
    }
  });

  it("T3: the classic woven cap ease of 1 1/4 to 1 1/2 in lies within what medium woven takes (textbook range, from memory)", () => {
    const { capEase } = clothOf("medium-woven");
    expect(capEase.least).toBeLessThan(1.25 * 25.4);
    expect(capEase.most).toBeGreaterThan(1.25 * 25.4);
  });
});

describe("search", () => {
  it.each([
    ["biceps", "upperArm"],
    ["round arm-hook", "armholeGirth"],
    ["nipple to nipple", "bustSpan"],
    ["BODY length", "backLength"],
    ["round sleeve", "upperArm"],
  ])("finds what people call “%s”", (question, id) => {
    expect(searchMeasures(question)).toContain(id);
    expect(measureNamed(question)).toBe(id);
  });

  it("shows everything for no question, in measuring order, each once", () => {
    expect([...searchMeasures("")].sort()).toEqual([...MEASURE_IDS].sort());
    expect(measureNamed("length of nose")).toBeNull();
  });
});

describe("slips of the tape", () => {
  const codes = (taken: Taken) => findSlips(taken).map((slip) => slip.code);

  it("are not seen on an ordinary body", () => {
    expect(
      codes({
        bust: 940,
        waist: 760,
        hip: 1000,
        upperArm: 300,
        elbow: 280,
        wrist: 165,
        hand: 205,
        armLength: 585,
        shoulderToElbow: 335,
        neckBase: 380,
        shoulderWidth: 405,
        armholeGirth: 430,
        backLength: 405,
      }),
    ).toEqual([]);
  });

  it.each([
    ["wrist and elbow changed places", { wrist: 280, elbow: 165 }, "wrist-over-elbow"],
    ["an elbow far over the upper arm", { elbow: 345, upperArm: 300 }, "elbow-over-arm"],
    ["a hand smaller than its wrist", { wrist: 180, hand: 170 }, "wrist-over-hand"],
    ["an elbow below the middle of the arm by too much", { shoulderToElbow: 420, armLength: 585 }, "share"],
    ["an armscye too small for the bust", { armholeGirth: 350, bust: 940 }, "share"],
    ["left and right far apart", { "upperArm.left": 300, "upperArm.right": 320 }, "left-right"],
    ["inches typed as centimetres", { waist: 300 }, "unusual"],
    ["a back too long for an adult", { backLength: 520 }, "unusual"],
  ] as const)("are seen: %s (plausible ranges, from memory)", (_name, taken, code) => {
    expect(codes(taken)).toContain(code);
  });

  it("say what was read and what is usual, in the person's unit", () => {
    const [slip] = findSlips({ armholeGirth: 350, bust: 940 });
    expect(slip && speak(slip.message, "cm")).toBe(
      "Armscye girth 35 cm is 37.2 % of bust girth 94 cm; from 40 % to 55 % is usual, 37.6 cm to 51.7 cm.",
    );
  });

  it("doubt no woman of the open data set over what it measured (Heinz et al. 2003), and hold the ranges it shows", () => {
    const rows = readFileSync(join(import.meta.dirname, "../testing/data/body-women.csv"), "utf8")
      .trim()
      .split(/\r?\n/);
    const [head = "", ...women] = rows.map((row) => row.split(",") as string[]) as unknown as string[][];
    const columns = {
      waist: "waist_girth_cm",
      hip: "hip_girth_cm",
      upperArm: "bicep_girth_flexed_cm",
      wrist: "wrist_girth_cm",
    };
    for (const [id, column] of Object.entries(columns) as [keyof typeof columns, string][]) {
      const values = women.map((woman) => Number(woman[head.indexOf(column)]) * 10);
      expect(Math.min(...values)).toBeCloseTo(SEEN_IN_260_WOMEN[id].least, 6);
      expect(Math.max(...values)).toBeCloseTo(SEEN_IN_260_WOMEN[id].most, 6);
      for (const value of values) expect(findSlips({ [id]: value })).toEqual([]);
    }
  });
});

describe("a measuring", () => {
  it("gives a garment the larger of left and right, and a figure taken once as it is", () => {
    expect(bodyOf({ bust: 900, "upperArm.left": 301, "upperArm.right": 298, "wrist.left": 150, wrist: 149 })).toEqual({
      bust: 900,
      upperArm: 301,
      wrist: 150,
    });
  });

  it("says what changed since the last one, and no rounding as a change", () => {
    expect(changesBetween({ bust: 900, waist: 700 }, { bust: 912, waist: 700.4, hip: 980 })).toEqual([
      { id: "bust", before: 900, after: 912 },
    ]);
  });

  it("has left and right for limbs only", () => {
    expect(TAKEN_IDS).toContain("upperArm.left");
    expect(TAKEN_IDS).not.toContain("bust.left");
  });
});

describe("what is known of a body now", () => {
  it("is the newest reading of each measure, left and right of one day together", () => {
    const newestFirst = [
      { waist: 740, upperArm: 300 },
      { waist: 720, hip: 980, "upperArm.left": 296, "upperArm.right": 302 },
      { bust: 900, hip: 970 },
    ];
    expect(latestOf(newestFirst)).toEqual({ waist: 740, upperArm: 300, hip: 980, bust: 900 });
    expect(latestOf(newestFirst.slice(1))).toMatchObject({ "upperArm.left": 296, "upperArm.right": 302 });
    expect(latestOf([])).toEqual({});
  });
});

describe("the arm between what was measured", () => {
  const arm = { upperArm: 300, elbow: 260, wrist: 170, shoulderToElbow: 340, armLength: 600 };

  it("narrows evenly from the cap to the elbow and on to the wrist (geometry)", () => {
    expect(limbAt(100, 140, arm)).toBe(300);
    expect(limbAt(240, 140, arm)).toBe(280);
    expect(limbAt(340, 140, arm)).toBe(260);
    expect(limbAt(470, 140, arm)).toBe(215);
    expect(limbAt(700, 140, arm)).toBe(170);
  });

  it("has a girth also where the elbow was measured at the wrist", () => {
    expect(limbAt(600, 140, { ...arm, shoulderToElbow: 600 })).toBe(170);
    expect(limbAt(340, 340, arm)).toBe(260);
  });
});
