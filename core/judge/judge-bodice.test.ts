import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { applyChange } from "../spec";
import { draftedBodice, onBodice } from "../testing/bodice";
import { judgeBodiceSleeve } from "./judge-bodice";

describe("edges that are to be of one length", () => {
  const spec = onBodice("raglan", { raglan: { bowFront: 6, bowBack: 6 } });
  const { sleeve, garment } = draftedBodice(spec);
  const judge = (seams: typeof sleeve.seams) =>
    judgeBodiceSleeve("raglan", sleeve.drawing, seams, garment.resolved.cloth);

  it("are passed over while they are", () => {
    expect(judge(sleeve.seams)).toEqual([]);
  });

  it("are named with both lengths when they are not, and straight lines are offered, which match", () => {
    const [front, ...others] = sleeve.seams;
    if (!front) throw new Error("a raglan has seams");
    const [fault] = judge([{ ...front, partLength: front.bodyLength + 2, ease: 2 }, ...others]);
    expect(fault).toMatchObject({ code: "edges-differ", severity: "fault" });
    expect(fault?.numbers).toEqual({ body: front.bodyLength, part: front.bodyLength + 2 });
    const mended = draftGarment(applyChange(spec, fault?.remedies[0]?.change ?? {}));
    expect(mended.spec.sleeve?.raglan).toMatchObject({ bowFront: 0, bowBack: 0 });
    for (const seam of mended.sleeve?.seams ?? []) expect(Math.abs(seam.ease)).toBeLessThan(0.05);
  });

  it("may differ over the arm, where the balance is judged instead", () => {
    const uneven = sleeve.seams.map((seam) => (seam.id === "raglan.overarm" ? { ...seam, ease: 3 } : seam));
    expect(judge(uneven)).toEqual([]);
  });
});
