import { describe, expect, it } from "vitest";
import { sewnSleeve } from "../drafting";
import { applyChange, type SpecChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { figureOf, sampleSpec, withSleeve } from "../testing/sample";
import { capLineHandle, crownHandle, dartHandle, draftGarment } from ".";

describe("handles", () => {
  it("a dragged crown comes to lie where it was dragged, with both seams held", () => {
    const spec = sampleSpec();
    const sleeve = sewnSleeve(draftGarment(spec));
    if (!sleeve) throw new Error("this armhole takes a sleeve");
    const handle = crownHandle(sleeve);
    for (const share of [0, 0.3, 0.7, 1]) {
      const height = handle.least + (handle.most - handle.least) * share;
      const dragged = applyChange(spec, handle.changeTo(height));
      expect(figureOf(dragged, "sleeve.capHeight")).toBeCloseTo(height, 4);
      expect(figureOf(dragged, "sleeve.cap.front")).toBeCloseTo(figureOf(spec, "sleeve.cap.front") ?? 0, 4);
      expect(figureOf(dragged, "sleeve.cap.back")).toBeCloseTo(figureOf(spec, "sleeve.cap.back") ?? 0, 4);
    }
  });

  it("a dragged end of the cap line widens the sleeve and lowers the crown", () => {
    const spec = sampleSpec();
    const sleeve = sewnSleeve(draftGarment(spec));
    if (!sleeve) throw new Error("this armhole takes a sleeve");
    const handle = capLineHandle(sleeve);
    const dragged = applyChange(spec, handle.changeTo(handle.value + 20));
    expect(figureOf(dragged, "sleeve.capWidth")).toBeCloseTo(handle.value + 20, 6);
    expect(figureOf(dragged, "sleeve.capHeight")).toBeLessThan(figureOf(spec, "sleeve.capHeight") ?? 0);
    for (const end of [handle.least, handle.most])
      expect(draftGarment(applyChange(spec, handle.changeTo(end))).sleeve).not.toBeNull();
  });

  it("under a rule the crown changes the rule's height and nothing else", () => {
    const spec = withSleeve({ method: "bust-twelfth" });
    const sleeve = sewnSleeve(draftGarment(spec));
    if (!sleeve) throw new Error("the rule gives a sleeve");
    const dragged = applyChange(spec, crownHandle(sleeve).changeTo(crownHandle(sleeve).value + 12));
    expect(dragged.sleeve?.capHeightChange).toBeCloseTo(12, 9);
    expect(figureOf(dragged, "sleeve.capWidth")).toBe(figureOf(spec, "sleeve.capWidth"));
  });

  it.each(["side", "shoulder", "armhole"])(
    "the point of a bust dart at the %s goes along its own axis as it is dragged",
    (bustDart) => {
      const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
      const spec = point && startedFrom(point, MIDDLE_BODY);
      if (!spec) throw new Error("no shirt");
      const placed = applyChange(spec, { block: { bustDart } } as SpecChange);
      const handle = dartHandle(draftGarment(placed));
      if (!handle) throw new Error("no dart");
      for (const by of [-10, 15]) {
        const to = handle.range.value + by;
        const after = dartHandle(draftGarment(applyChange(placed, handle.range.changeTo(to))));
        expect(after?.at.x).toBeCloseTo(handle.at.x + handle.gain.x * by, 6);
        expect(after?.at.y).toBeCloseTo(handle.at.y + handle.gain.y * by, 6);
        expect(after?.range.value).toBe(to);
      }
      const quick = applyChange(spec, { block: { school: "quick" } } as SpecChange);
      expect(dartHandle(draftGarment(quick))).toBeNull();
    },
  );
});
