import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../../garment";
import { along, crossesItself, distance, endOf, startOf } from "../../geometry";
import { applyChange, type GarmentSpec } from "../../spec";
import { draftedBodice, edgeOf, measuredApart, onBodice } from "../../testing/bodice";
import { inches } from "../../testing/sample";
import { figure } from "../../testing/styles";
import { meetingPoint } from "./raglan-draft";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyRaglan = fc
  .record({
    lowering: size(0, 60),
    neckPoint: size(10, 60),
    belowHalf: size(-20, 40),
    bowFront: size(0, 14),
    bowBack: size(0, 14),
    dartWidth: size(2, 40),
    dartDepth: size(50, 130),
  })
  .chain((raglan) =>
    fc
      .constantFrom<"one-piece" | "two-piece">("one-piece", "two-piece")
      .map((cut) => onBodice("raglan", { raglan, cut })),
  );

describe("the raglan line", () => {
  it("C8, common practice, no source: 12 3/8 in from shoulder tip to lowered underarm give a meeting point 5.6875 in up", () => {
    expect(meetingPoint(inches(12.375), inches(0.5))).toBeCloseTo(inches(5.6875), 9);
  });

  it("meets the armhole, lowered by 1 1/2 in, at its half less 1/2 in, on front and back", () => {
    const { garment, sleeve } = draftedBodice(onBodice("raglan"));
    const { fitted } = sleeve.drawing;
    const plain = draftGarment(onBodice("set-in"));
    expect(fitted?.task.cap.armhole.front).toBeGreaterThan((plain.block?.front.armhole.length ?? 0) + 25);
    expect(figure(garment, "raglan.meetingPoint")).toBeCloseTo((fitted?.task.cap.armhole.front ?? 0) / 2 - 12.7, 6);
    expect(figure(garment, "raglan.meetingPoint.back")).toBeCloseTo((fitted?.task.cap.armhole.back ?? 0) / 2 - 12.7, 6);
  });

  it("is bowed outwards at its middle by what is asked, and has no corner at the meeting point, on bodice and sleeve", () => {
    const { piece } = draftedBodice(onBodice("raglan", { raglan: { bowFront: 8, bowBack: 9.5 } }));
    for (const [id, line, lower, bow] of [
      ["front", "raglan", "lowerArmhole", 8],
      ["back", "raglan", "lowerArmhole", 9.5],
    ] as const) {
      const [p0, p1, p2, p3] = edgeOf(piece(id), line).path[0] ?? [];
      if (!p0 || !p1 || !p2 || !p3) throw new Error("the line is a cubic");
      const middle = { x: (p0.x + 3 * p1.x + 3 * p2.x + p3.x) / 8, y: (p0.y + 3 * p1.y + 3 * p2.y + p3.y) / 8 };
      const off = ((p3.x - p0.x) * (middle.y - p0.y) - (p3.y - p0.y) * (middle.x - p0.x)) / distance(p0, p3);
      expect(Math.abs(off)).toBeCloseTo(bow, 6);
      expect(turnBetween(edgeOf(piece(id), line).path, edgeOf(piece(id), lower).path)).toBeLessThan(1e-6);
    }
    const sleeve = piece("sleeve");
    expect(turnBetween(edgeOf(sleeve, "raglanFront").path, edgeOf(sleeve, "lowerCapFront").path)).toBeLessThan(1e-6);
    expect(turnBetween(edgeOf(sleeve, "lowerCapBack").path, edgeOf(sleeve, "raglanBack").path)).toBeLessThan(1e-6);
  });
});

type Path = ReturnType<typeof edgeOf>["path"];

/** The angle between where one edge ends and the next begins, in radians. */
function turnBetween(before: Path, after: Path): number {
  const out = along(before, Number.POSITIVE_INFINITY).direction;
  const on = along(after, 0).direction;
  expect(distance(endOf(before), startOf(after))).toBeLessThan(1e-6);
  return Math.abs(Math.atan2(out.x * on.y - out.y * on.x, out.x * on.x + out.y * on.y));
}

describe("a raglan sleeve", () => {
  it("has edges as long as the bodice's, measured apart from each other by svg-path-properties", () => {
    const { piece } = draftedBodice(onBodice("raglan"));
    for (const [side, name] of [
      ["front", "Front"],
      ["back", "Back"],
    ] as const) {
      const onSleeve = measuredApart(piece("sleeve"), `raglan${name}`, `lowerCap${name}`);
      expect(Math.abs(onSleeve - measuredApart(piece(side), "raglan", "lowerArmhole"))).toBeLessThan(0.05);
    }
  });

  it("leaves nothing to ease in, and the whole neckline as long as the block's", () => {
    const { garment, piece } = draftedBodice(onBodice("raglan"));
    expect(Math.abs(figure(garment, "sleeve.capEase"))).toBeLessThan(0.01);
    const neck =
      measuredApart(piece("sleeve"), "necklineFront", "necklineBack") +
      measuredApart(piece("front"), "neckline") +
      measuredApart(piece("back"), "neckline");
    const { front, back } = garment.block ?? {};
    expect(neck).toBeCloseTo((front?.neckline.length ?? 0) + (back?.neckline.length ?? 0), 2);
  });

  it("balances front and back over the arm, in one piece and in two", () => {
    const whole = draftedBodice(onBodice("raglan"));
    expect(measuredApart(whole.piece("sleeve"), "dartFront")).toBeCloseTo(
      measuredApart(whole.piece("sleeve"), "dartBack"),
      2,
    );
    const halves = draftedBodice(onBodice("raglan", { cut: "two-piece" }));
    const [front, back] = [halves.piece("sleeveFront"), halves.piece("sleeveBack")];
    expect(measuredApart(front, "overArm")).toBeCloseTo(measuredApart(back, "overArm"), 2);
    expect(measuredApart(front, "underarm")).toBeCloseTo(measuredApart(back, "underarm"), 2);
    expect(measuredApart(front, "hem") + measuredApart(back, "hem")).toBeCloseTo(
      measuredApart(whole.piece("sleeve"), "hem"),
      2,
    );
  });

  it("stands its shoulder tips as far apart as asked, and its grain upright over the middle of the wrist", () => {
    const { sleeve, piece } = draftedBodice(onBodice("raglan", { raglan: { dartWidth: 22 } }));
    const tips = sleeve.draft.points.filter((p) => p.letter === "5" || p.letter === "15").map((p) => p.at.x);
    expect(Math.abs((tips[0] ?? 0) - (tips[1] ?? 0))).toBeCloseTo(22, 6);
    const { grain } = piece("sleeve");
    const hem = edgeOf(piece("sleeve"), "hem").path;
    expect(grain.from.x).toBeCloseTo((startOf(hem).x + endOf(hem).x) / 2, 9);
    expect(grain.to.x).toBe(grain.from.x);
  });

  it("closes a shoulder dart and opens it into the armhole first", () => {
    const { sleeve } = draftedBodice(onBodice("raglan", {}, { shaping: "shoulder-darts" } as never));
    expect(JSON.stringify(sleeve.draft.steps[0]?.text)).toContain("close every shoulder dart");
  });

  it("turns its hem up in one piece and in two, and takes a cuff off its length", () => {
    for (const cut of ["one-piece", "two-piece"] as const) {
      const { garment } = draftedBodice(onBodice("raglan", { cut, hemTurnUp: 30 }));
      const turned = garment.pieces.filter((one) => one.edges.some((edge) => edge.id === "turnUp"));
      expect(turned.length).toBe(cut === "one-piece" ? 1 : 2);
    }
    const cuffed = draftedBodice(onBodice("raglan", { length: 560, hem: { finish: "cuff", depth: 60 } }));
    expect(cuffed.sleeve.drawing.hemLevel).toBeCloseTo(500, 6);
    expect(cuffed.garment.pieces.map((one) => one.id)).toContain("cuff");
  });

  it("is simple in every outline and matches along every pair, whatever is asked within reason", () => {
    fc.assert(
      fc.property(anyRaglan, (spec) => {
        const { garment, sleeve } = draftedBodice(spec);
        for (const one of garment.pieces) {
          expect(crossesItself(one.outline), one.id).toBe(false);
          expect(distance(startOf(one.outline), endOf(one.outline))).toBeLessThan(1e-6);
        }
        for (const seam of sleeve.seams.filter((one) => one.id !== "raglan.overarm"))
          expect(Math.abs(seam.ease)).toBeLessThan(0.05);
      }),
      { numRuns: 60 },
    );
  });
});

describe("what is found about a raglan", () => {
  const found = (spec: GarmentSpec, code: string) => draftGarment(spec).findings.find((one) => one.code === code);

  it("says when front and back differ over the arm by more than may be moved; moving further ends that", () => {
    const uneven = onBodice("raglan", { raglan: { balanceWithin: 0 } }, { frontSlope: 75, backSlope: 20 } as never);
    const differs = found(uneven, "front-and-back-differ");
    expect(differs?.severity).toBe("warning");
    expect(Math.abs(differs?.numbers.difference ?? 0)).toBeGreaterThan(1.6);
    const mended = applyChange(uneven, differs?.remedies[0]?.change ?? {});
    expect(found(mended, "front-and-back-differ")).toBeUndefined();
    expect(mended).not.toEqual(uneven);
  });

  it("says when the neckline has no room for the line, and draws it where there is", () => {
    const spec = onBodice("raglan", { raglan: { neckPoint: 110 } });
    const noRoom = found(spec, "no-room-in-sleeve");
    expect(noRoom?.severity).toBe("fault");
    expect(draftGarment(spec).sleeve).not.toBeNull();
    expect(found(applyChange(spec, noRoom?.remedies[0]?.change ?? {}), "no-room-in-sleeve")).toBeUndefined();
  });

  it("names the amount by which the underarm can be lowered when more is asked; taking it draws the sleeve", () => {
    const spec = {
      ...onBodice("raglan", { raglan: { lowering: 120 } }),
      body: { ...onBodice("raglan").body, backLength: 260 },
    };
    const garment = draftGarment(spec);
    const fault = garment.findings.find((one) => one.severity === "fault");
    if (garment.sleeve) return expect(fault?.code ?? "none").not.toBe("no-room-in-sleeve");
    expect(fault?.remedies.length).toBeGreaterThan(0);
    expect(draftGarment(applyChange(spec, fault?.remedies[0]?.change ?? {})).sleeve).not.toBeNull();
  });

  it("says when no cap without ease fits the lowered armhole, with a way out", () => {
    const spec = onBodice("raglan", { upperArmEase: 400 });
    const fault = found(spec, "no-cap-fits") ?? draftGarment(spec).findings.find((one) => one.severity === "fault");
    expect(draftGarment(spec).sleeve).toBeNull();
    expect(draftGarment(applyChange(spec, fault?.remedies[0]?.change ?? {})).sleeve).not.toBeNull();
  });
});
