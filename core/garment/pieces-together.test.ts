import { describe, expect, it } from "vitest";
import { COLLAR_KINDS } from "../collar";
import { speak } from "../draft";
import { SLEEVE_KINDS } from "../sleeve/all-styles";
import { applyChange } from "../spec";
import { measuredApart, onBodice, pieceOf } from "../testing/bodice";
import { draftGarment } from ".";

describe("sleeve and collar in one pattern", () => {
  it.each(SLEEVE_KINDS.flatMap((sleeve) => COLLAR_KINDS.map((collar) => ({ sleeve, collar }))))(
    "$sleeve sleeve and $collar collar: every piece has a name of its own, and there is one front for both",
    ({ sleeve, collar }) => {
      const garment = draftGarment({ ...onBodice(sleeve), collar: { kind: collar } });
      expect(garment.collar === null).toBe(sleeve === "offShoulder");
      const ids = garment.pieces.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids.filter((id) => id === "front" || id === "back").sort()).toEqual(["back", "front"]);
      expect(garment.findings.some(({ code }) => code === "front-cut-twice")).toBe(false);
      // Whatever is said can be said in either unit.
      for (const { message, reason, remedies } of garment.findings)
        for (const words of [message, reason, ...remedies.map(({ label }) => label)])
          for (const unit of ["in", "cm"] as const) expect(speak(words, unit)).not.toMatch(/NaN|undefined/);
      for (const { steps } of garment.drafts)
        for (const { text, tapeCheck } of steps)
          expect(speak([...text, ...(tapeCheck ?? [])], "cm")).not.toMatch(/NaN/);
    },
  );
});

describe("a collar on a neck that the sleeve has cut anew", () => {
  it("is as long as the kimono's own neckline, which lies wider than the block's", () => {
    const spec = { ...onBodice("kimono"), collar: { kind: "stand" as const } };
    const garment = draftGarment(spec);
    const neck = (id: string, ...edges: readonly string[]) => measuredApart(pieceOf(garment, id), ...edges);
    const whole = neck("front", "neckline", "standTop") + neck("back", "neckline");
    expect(Math.abs(neck("collar", "neck") - whole)).toBeLessThan(0.05);
    const plain = draftGarment({ ...spec, sleeve: null });
    expect(garment.collar?.seams[0]?.bodyLength).toBeGreaterThan((plain.collar?.seams[0]?.bodyLength ?? 0) + 20);
  });

  it("is told to have none off the shoulder; as a raglan it has one", () => {
    const spec = { ...onBodice("offShoulder"), collar: { kind: "stand" as const } };
    const finding = draftGarment(spec).findings.find(({ code }) => code === "no-neckline");
    expect(finding?.severity).toBe("fault");
    expect(draftGarment(applyChange(spec, finding?.remedies[0]?.change ?? {})).collar).not.toBeNull();
  });
});
