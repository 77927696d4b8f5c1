import { describe, expect, it } from "vitest";
import { CLOTH_KINDS, clothOf } from "../cloth";
import { speak } from "../draft";
import {
  estimateArmLength,
  estimateBust,
  estimateElbow,
  estimateShoulderToElbow,
  estimateUpperArm,
  estimateWrist,
  MEASURE_IDS,
  measureOf,
} from ".";

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
