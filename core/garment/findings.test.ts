import { describe, expect, it } from "vitest";
import { speak } from "../draft";
import { sewnSleeve } from "../drafting";
import type { Finding } from "../judge";
import { applyChange, type GarmentSpec } from "../spec";
import { figureOf, inches, readingsOf, sampleSpec, withSleeve } from "../testing/sample";
import { draftGarment } from ".";

function finding(spec: GarmentSpec, code: string): Finding {
  const found = draftGarment(spec).findings.find((one) => one.code === code);
  if (!found) throw new Error(`no finding "${code}"`);
  return found;
}

const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map((one) => one.code);

describe("findings and their remedies", () => {
  it("an arm too wide for the armhole: the first remedy, and each other, makes a sleeve possible", () => {
    const spec = { ...sampleSpec(), body: { ...sampleSpec().body, upperArm: inches(17.25) } };
    expect(draftGarment(spec).sleeve).toBeNull();
    const { remedies, message } = finding(spec, "no-cap-fits");
    expect(speak(message, "in")).toMatch(/too wide/);
    expect(remedies.map((remedy) => remedy.id)).toEqual(["larger-armhole", "narrow-sleeve", "more-ease"]);
    for (const remedy of remedies) {
      const mended = applyChange(spec, remedy.change);
      expect(draftGarment(mended).sleeve, remedy.id).not.toBeNull();
      expect(codes(mended)).not.toContain("no-cap-fits");
    }
  });

  it("the nearest way out of an arm too wide is a small one, not a leap", () => {
    const spec = { ...sampleSpec(), body: { ...sampleSpec().body, upperArm: inches(17.25) } };
    const { numbers, remedies } = finding(spec, "no-cap-fits");
    const taken = remedies.find((remedy) => remedy.id === "narrow-sleeve");
    expect(inches(2) - (taken?.change.sleeve?.upperArmEase ?? 0)).toBeLessThan((numbers.over ?? 0) + 0.51);
  });

  it("a sleeve too narrow for the depth of the armhole: every remedy makes a sleeve possible", () => {
    const spec = { ...sampleSpec(), body: { ...sampleSpec().body, upperArm: inches(6) } };
    const { remedies } = finding(spec, "no-cap-fits");
    expect(remedies.length).toBeGreaterThan(0);
    for (const remedy of remedies)
      expect(draftGarment(applyChange(spec, remedy.change)).sleeve, remedy.id).not.toBeNull();
  });

  it("bust twelfth: every remedy brings the cap to armhole + ease, and says in numbers why the rule missed", () => {
    const spec = withSleeve({ method: "bust-twelfth" });
    const { remedies, message } = finding(spec, "cap-too-long");
    expect(speak(message, "in")).toMatch(/laid flat, 9 in to each side/);
    expect(remedies.map((remedy) => remedy.id)).toEqual([
      "use-fit-first",
      "lower-cap",
      "narrow-sleeve",
      "pleat-surplus",
      "gather-surplus",
      "keep-surplus",
    ]);
    for (const { id, change } of remedies) {
      const mended = applyChange(spec, change);
      expect(codes(mended), id).not.toContain("cap-too-long");
      const isKeptAsPuff = id === "pleat-surplus" || id === "gather-surplus";
      if (!isKeptAsPuff) expect(Math.abs(figureOf(mended, "sleeve.surplus") ?? 9), id).toBeLessThan(0.01);
    }
  });

  it("a surplus that is gathered or pleated by choice is told as a note, and can be given up again", () => {
    const spec = withSleeve({ method: "bust-twelfth" });
    for (const way of ["gather", "pleat"] as const) {
      const puffed = applyChange(spec, { sleeve: { surplus: way } });
      const note = finding(puffed, `surplus-${way}`);
      expect(note.severity).toBe("note");
      expect(codes(puffed)).not.toContain("ease-over-cloth");
      const given = codes(applyChange(puffed, note.remedies[0]?.change ?? {}));
      expect(given).not.toContain(`surplus-${way}`);
      expect(given).not.toContain("cap-too-long");
    }
  });

  it("a curve is flattened where that is enough, and a knit stretched by up to 3 % (common practice, no source)", () => {
    const long = widenedTo(withSleeve({ method: "two-thirds-depth" }), 6);
    const flatter = finding(long, "cap-too-long").remedies.find((remedy) => remedy.id === "flatten-curve");
    const mended = applyChange(long, flatter?.change ?? {});
    expect(Math.abs(figureOf(mended, "sleeve.surplus") ?? 9)).toBeLessThan(0.01);
    const knit = applyChange(withSleeve({ method: "fit-first", capEase: 0, upperArmEase: 0 }), {
      cloth: { kind: "knit" },
      sleeve: { method: "shallow-knit" },
    });
    const nearly = widenedTo(knit, -12);
    const short = finding(nearly, "cap-too-short");
    const stretched = short.remedies.find((remedy) => remedy.id === "stretch-in");
    expect(codes(applyChange(nearly, stretched?.change ?? {}))).toContain("surplus-stretch");
    const woven = finding(applyChange(nearly, { cloth: { kind: "crisp-woven" } }), "cap-too-short");
    expect(woven.remedies.map((remedy) => remedy.id)).not.toContain("stretch-in");
  });

  it("a cap that is too short is raised or widened", () => {
    const spec = withSleeve({ method: "bust-twelfth", capHeightChange: inches(-1.5), capWidthChange: inches(-2) });
    const { remedies } = finding(spec, "cap-too-short");
    const ids = remedies.map((remedy) => remedy.id);
    expect(ids).toEqual(expect.arrayContaining(["raise-cap", "widen-sleeve"]));
    for (const remedy of remedies)
      expect(codes(applyChange(spec, remedy.change)), remedy.id).not.toContain("cap-too-short");
  });

  it("a front armhole longer than its hollow makes it is told, and can be swapped; up to half an inch it is no slip (common practice, no source)", () => {
    const hollowed = applyChange(sampleSpec(), { block: { armhole: { front: inches(9.25), back: inches(8.75) } } });
    expect(codes(hollowed)).not.toContain("armhole-front-longer");
    const spec = applyChange(sampleSpec(), { block: { armhole: { front: inches(9.375), back: inches(8.75) } } });
    const [remedy] = finding(spec, "armhole-front-longer").remedies;
    const mended = applyChange(spec, remedy?.change ?? {});
    expect(readingsOf(mended).armhole).toMatchObject({ front: inches(8.75), back: inches(9.375) });
    expect(codes(mended)).not.toContain("armhole-front-longer");
  });

  it("readings that contradict each other are named in numbers, and each remedy resolves its half", () => {
    const spec = applyChange(sampleSpec(), {
      block: { armhole: { front: inches(7), back: inches(9.25), depth: inches(7.75) } },
    });
    const { message, remedies } = finding(spec, "armhole-contradiction");
    expect(speak(message, "in")).toMatch(/front armhole reads 7 in, but with the armhole depth 7 3⁄4 in/);
    expect(draftGarment(spec).block).toBeNull();
    for (const remedy of remedies) {
      expect(draftGarment(applyChange(spec, remedy.change)).block, remedy.id).not.toBeNull();
    }
  });

  it("more ease than the cloth can take in is said with the section, and the usual ease resolves it", () => {
    const spec = withSleeve({ capEase: inches(3) });
    const found = finding(spec, "ease-over-cloth");
    expect(speak(found.message, "in")).toMatch(/notch to shoulder/);
    const usual = found.remedies.find((remedy) => remedy.id === "usual-ease");
    expect(codes(applyChange(spec, usual?.change ?? {}))).not.toContain("ease-over-cloth");
  });

  it("a sleeve that binds is widened at constant seam: the solver lowers the cap", () => {
    const spec = withSleeve({ upperArmEase: inches(0.25) });
    const [remedy] = finding(spec, "sleeve-binds").remedies;
    const mended = applyChange(spec, remedy?.change ?? {});
    expect(codes(mended)).not.toContain("sleeve-binds");
    expect(figureOf(mended, "sleeve.capHeight")).toBeLessThan(figureOf(spec, "sleeve.capHeight") ?? 0);
    expect(figureOf(mended, "sleeve.cap.front")).toBeCloseTo(figureOf(spec, "sleeve.cap.front") ?? 0, 3);
  });

  it("a sleeve far wider than the arm is noted, and brought back", () => {
    const spec = withSleeve({ upperArmEase: inches(4.7) });
    const [remedy] = finding(spec, "sleeve-baggy").remedies;
    expect(codes(applyChange(spec, remedy?.change ?? {}))).not.toContain("sleeve-baggy");
  });

  it("a hem that the hand does not pass is widened until it does", () => {
    const spec = withSleeve({ wristEase: inches(0.5) });
    const [remedy] = finding(spec, "hand-will-not-pass").remedies;
    expect(codes(applyChange(spec, remedy?.change ?? {}))).not.toContain("hand-will-not-pass");
  });

  it("a sleeve that would end in its cap is lengthened", () => {
    const spec = withSleeve({ length: inches(5) });
    const [remedy] = finding(spec, "sleeve-too-short").remedies;
    expect(draftGarment(applyChange(spec, remedy?.change ?? {})).sleeve).not.toBeNull();
  });

  it("a turn-up deeper than the seam above its hem is said, and can be made shallower", () => {
    const spec = withSleeve({ length: inches(8), hemTurnUp: inches(4) });
    const found = finding(spec, "turn-up-too-deep");
    const mended = applyChange(spec, found.remedies[0]?.change ?? {});
    expect(codes(mended)).not.toContain("turn-up-too-deep");
    expect(sewnSleeve(draftGarment(mended))?.sleeve.outline.turnUp).not.toBeNull();
  });

  it("a notch beyond its seam is drawn at the usual place, and said so", () => {
    const spec = withSleeve({ notches: { front: inches(12) } });
    const found = finding(spec, "notch-beyond-seam");
    expect(sewnSleeve(draftGarment(spec))?.task.notches.front).toBeLessThan(inches(8.75));
    expect(codes(applyChange(spec, found.remedies[0]?.change ?? {}))).not.toContain("notch-beyond-seam");
  });

  it("a rule lowered to nothing is taken back as it is", () => {
    const spec = withSleeve({ method: "bust-twelfth", capHeightChange: inches(-6) });
    const [remedy] = finding(spec, "rule-gives-no-cap").remedies;
    expect(draftGarment(applyChange(spec, remedy?.change ?? {})).sleeve).not.toBeNull();
  });
});

/** The sleeve widened until its cap is longer than wanted by `surplus` mm; negative leaves it short. */
function widenedTo(spec: GarmentSpec, surplus: number): GarmentSpec {
  for (let by = 0; by < 300; by++) {
    const widened = applyChange(spec, { sleeve: { capWidthChange: by } });
    if ((figureOf(widened, "sleeve.surplus") ?? 0) > surplus) return widened;
  }
  throw new Error("widening lengthens the cap");
}
