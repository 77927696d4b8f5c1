import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import type { Finding } from "../check";
import { speak } from "../draft";
import { inches, SAMPLE_FILE, sampleSpec, specOf } from "../testing/sample";
import { applyChange, capLineHandle, crownHandle, draftGarment, type GarmentSpec, writeResult } from ".";

function finding(spec: GarmentSpec, code: string): Finding {
  const found = draftGarment(spec).findings.find((one) => one.code === code);
  if (!found) throw new Error(`no finding "${code}"`);
  return found;
}

const codes = (spec: GarmentSpec) => draftGarment(spec).findings.map((one) => one.code);
const figure = (spec: GarmentSpec, id: string) => draftGarment(spec).figures.find((one) => one.id === id)?.value;

function withSleeve(changes: Partial<NonNullable<GarmentSpec["sleeve"]>>): GarmentSpec {
  const spec = sampleSpec();
  return { ...spec, sleeve: { kind: "set-in", ...spec.sleeve, ...changes } };
}

describe("drafting a garment", () => {
  it("fit first: the exported cap path, measured by an independent library, is armhole + ease within 0.01 mm (reference library: svg-path-properties)", () => {
    const spec = sampleSpec();
    const result = writeResult(draftGarment(spec)) as { pieces: { edges: { id: string; path: string }[] }[] };
    const measured = (id: string) =>
      new svgPathProperties(result.pieces[0]?.edges.find((edge) => edge.id === id)?.path ?? "").getTotalLength();
    expect(Math.abs(measured("capFront") - inches(8.75 + 1.25 * 0.45))).toBeLessThan(0.01);
    expect(Math.abs(measured("capBack") - inches(9.25 + 1.25 * 0.55))).toBeLessThan(0.01);
  });

  it("says what it took where nothing was given", () => {
    const { defaults } = draftGarment(specOf({ format: "gamine-garment/1", unit: "in" }));
    const standIns = defaults.filter((d) => d.isStandIn).map((d) => d.path);
    expect(standIns).toEqual(
      expect.arrayContaining([
        "body.bust",
        "body.upperArm",
        "block.armhole.front",
        "block.armhole.back",
        "block.armhole.depth",
        "body.armLength",
      ]),
    );
    expect(defaults.find((d) => d.path === "sleeve.method")?.value).toBe("fit-first");
    expect(codes(specOf({ format: "gamine-garment/1", unit: "in" }))).toContain("stand-ins-used");
  });

  it("does not ask for measurements that nothing is drafted from", () => {
    const {
      body: { bust: _bust, armLength: _arm, ...body },
      ...file
    } = SAMPLE_FILE;
    expect(draftGarment(specOf({ ...file, body })).defaults.filter((d) => d.isStandIn)).toEqual([]);
  });

  it("tells a stand-in from an ordinary choice, with the rule in the client's numbers", () => {
    const garment = draftGarment(specOf({ ...SAMPLE_FILE, body: { upperArm: 12 } }));
    const elbow = garment.defaults.find((d) => d.path === "body.elbow");
    expect(elbow && speak(elbow.rule, "in")).toBe("95 % of upper arm 12 in");
  });

  it("is the same for the same spec", () => {
    expect(draftGarment(sampleSpec())).toEqual(draftGarment(sampleSpec()));
  });

  it("never throws, shows no NaN and keeps the seams for any garment that can be read", () => {
    const reading = fc.option(fc.double({ min: 0.1, max: 3000, noNaN: true }), { nil: undefined });
    const ease = fc.option(fc.double({ min: -100, max: 400, noNaN: true }), { nil: undefined });
    fc.assert(
      fc.property(
        fc.record({
          bust: reading,
          upperArm: reading,
          elbow: reading,
          wrist: reading,
          hand: reading,
          armLength: reading,
          shoulderToElbow: reading,
        }),
        fc.record({ front: reading, back: reading, depth: reading }),
        fc.record({
          capEase: ease,
          upperArmEase: ease,
          wristEase: ease,
          length: reading,
          capHeightChange: ease,
          capWidthChange: ease,
        }),
        fc.constantFrom("fit-first" as const, "bust-twelfth" as const),
        (body, armhole, sleeve, method) => {
          const garment = draftGarment({
            ...sampleSpec(),
            body,
            block: { source: "readings", armhole },
            sleeve: { kind: "set-in", method, ...sleeve },
          });
          const written = JSON.stringify(writeResult(garment));
          // A length that is no number would be written as null where a number belongs.
          expect(written).not.toMatch(/"(value|ease|bodyLength|partLength|bodyAt|partAt)":null/);
          expect(written).not.toContain("NaN");
          expect(garment.sleeve !== null || garment.findings.some((f) => f.severity === "fault")).toBe(true);
        },
      ),
      { numRuns: 400 },
    );
  });
});

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
      "keep-surplus",
    ]);
    for (const remedy of remedies) {
      const mended = applyChange(spec, remedy.change);
      expect(Math.abs(figure(mended, "sleeve.surplus") ?? 9), remedy.id).toBeLessThan(0.01);
      expect(codes(mended)).not.toContain("cap-too-long");
    }
  });

  it("a cap that is too short is raised or widened", () => {
    const spec = withSleeve({ method: "bust-twelfth", capHeightChange: inches(-1.5), capWidthChange: inches(-2) });
    const { remedies } = finding(spec, "cap-too-short");
    const ids = remedies.map((remedy) => remedy.id);
    expect(ids).toEqual(expect.arrayContaining(["raise-cap", "widen-sleeve"]));
    for (const remedy of remedies)
      expect(codes(applyChange(spec, remedy.change)), remedy.id).not.toContain("cap-too-short");
  });

  it("front and back that changed places are noticed and swapped", () => {
    const spec = applyChange(sampleSpec(), { block: { armhole: { front: inches(9.25), back: inches(8.75) } } });
    const [remedy] = finding(spec, "armhole-front-longer").remedies;
    const mended = applyChange(spec, remedy?.change ?? {});
    expect(mended.block.armhole).toMatchObject({ front: inches(8.75), back: inches(9.25) });
    expect(codes(mended)).not.toContain("armhole-front-longer");
  });

  it("readings that contradict each other are named in numbers, and each remedy resolves its half", () => {
    const spec = applyChange(sampleSpec(), {
      block: { armhole: { front: inches(7), back: inches(9.25), depth: inches(7.75) } },
    });
    const { message, remedies } = finding(spec, "armhole-contradiction");
    expect(speak(message, "in")).toMatch(/front armhole reads 7 in, but at a depth of 7 3⁄4 in/);
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
    expect(figure(mended, "sleeve.capHeight")).toBeLessThan(figure(spec, "sleeve.capHeight") ?? 0);
    expect(figure(mended, "sleeve.cap.front")).toBeCloseTo(figure(spec, "sleeve.cap.front") ?? 0, 3);
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

  it("a notch beyond its seam is drawn at the usual place, and said so", () => {
    const spec = withSleeve({ notches: { front: inches(12) } });
    const found = finding(spec, "notch-beyond-seam");
    expect(draftGarment(spec).sleeve?.task.notches.front).toBeLessThan(inches(8.75));
    expect(codes(applyChange(spec, found.remedies[0]?.change ?? {}))).not.toContain("notch-beyond-seam");
  });

  it("a rule lowered to nothing is taken back as it is", () => {
    const spec = withSleeve({ method: "bust-twelfth", capHeightChange: inches(-6) });
    const [remedy] = finding(spec, "rule-gives-no-cap").remedies;
    expect(draftGarment(applyChange(spec, remedy?.change ?? {})).sleeve).not.toBeNull();
  });

  it("a collar in the file is kept and said not to be drafted", () => {
    const spec = specOf({ ...SAMPLE_FILE, collar: { kind: "stand", height: 1.5, school: "developed" } });
    expect(codes(spec)).toContain("collar-not-drafted");
    expect(draftGarment(spec).spec.collar).toMatchObject({ kind: "stand", height: inches(1.5) });
  });
});

describe("handles", () => {
  it("a dragged crown comes to lie where it was dragged, with both seams held", () => {
    const spec = sampleSpec();
    const { sleeve } = draftGarment(spec);
    if (!sleeve) throw new Error("this armhole takes a sleeve");
    const handle = crownHandle(sleeve);
    for (const share of [0, 0.3, 0.7, 1]) {
      const height = handle.least + (handle.most - handle.least) * share;
      const dragged = applyChange(spec, handle.changeTo(height));
      expect(figure(dragged, "sleeve.capHeight")).toBeCloseTo(height, 4);
      expect(figure(dragged, "sleeve.cap.front")).toBeCloseTo(figure(spec, "sleeve.cap.front") ?? 0, 4);
      expect(figure(dragged, "sleeve.cap.back")).toBeCloseTo(figure(spec, "sleeve.cap.back") ?? 0, 4);
    }
  });

  it("a dragged end of the cap line widens the sleeve and lowers the crown", () => {
    const spec = sampleSpec();
    const { sleeve } = draftGarment(spec);
    if (!sleeve) throw new Error("this armhole takes a sleeve");
    const handle = capLineHandle(sleeve);
    const dragged = applyChange(spec, handle.changeTo(handle.value + 20));
    expect(figure(dragged, "sleeve.capWidth")).toBeCloseTo(handle.value + 20, 6);
    expect(figure(dragged, "sleeve.capHeight")).toBeLessThan(figure(spec, "sleeve.capHeight") ?? 0);
    for (const end of [handle.least, handle.most])
      expect(draftGarment(applyChange(spec, handle.changeTo(end))).sleeve).not.toBeNull();
  });

  it("under a rule the crown changes the rule's height and nothing else", () => {
    const spec = withSleeve({ method: "bust-twelfth" });
    const { sleeve } = draftGarment(spec);
    if (!sleeve) throw new Error("the rule gives a sleeve");
    const dragged = applyChange(spec, crownHandle(sleeve).changeTo(crownHandle(sleeve).value + 12));
    expect(dragged.sleeve?.capHeightChange).toBeCloseTo(12, 9);
    expect(figure(dragged, "sleeve.capWidth")).toBe(figure(spec, "sleeve.capWidth"));
  });
});

describe("the result file", () => {
  it("is in the garment's unit, with stable ids and sections that sum to their seam", () => {
    const result = writeResult(draftGarment(sampleSpec())) as {
      unit: string;
      figures: { id: string; value: number }[];
      seams: { id: string; ease: number; target: number; sections: { ease: number }[] }[];
      notches: { id: string; bodyAt: number; partAt: number }[];
      solvers: { converged: boolean }[];
    };
    expect(result.unit).toBe("in");
    const ids = result.figures.map((one) => one.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        "block.armhole.front",
        "block.armhole.back",
        "block.armhole.depth",
        "sleeve.capHeight",
        "sleeve.capWidth",
        "sleeve.slant.front",
        "sleeve.slant.back",
        "sleeve.cap.front",
        "sleeve.cap.back",
        "sleeve.capEase",
        "sleeve.surplus",
        "sleeve.finishedLength",
        "paper.width",
        "paper.height",
      ]),
    );
    expect(result.figures.find((one) => one.id === "sleeve.capWidth")?.value).toBeCloseTo(13.75, 9);
    for (const seam of result.seams) {
      expect(seam.sections.reduce((sum, section) => sum + section.ease, 0)).toBeCloseTo(seam.ease, 9);
      expect(seam.ease).toBeCloseTo(seam.target, 5);
    }
    expect(result.notches.map((notch) => notch.id)).toEqual(["front", "back", "backSecond", "shoulder"]);
    expect(result.solvers.every((solver) => solver.converged)).toBe(true);
  });
});
