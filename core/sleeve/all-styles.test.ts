import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { areaOf, crossesItself, distance, endOf, pathLength, startOf } from "../geometry";
import { writeResult } from "../result";
import { applyChange, type GarmentSpec } from "../spec";
import { inches } from "../testing/sample";
import { as, codes, drafted, figure } from "../testing/styles";
import { STYLE_KINDS, type StyleKind } from "./all-styles";

const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Every style with lengths anywhere in a usual range. */
const anyStyle: fc.Arbitrary<GarmentSpec> = fc.oneof(
  fc
    .record({ crownSpread: size(0, 200), hemSpread: size(0, 200), lift: size(0, 60), fall: size(0, 60) })
    .chain((puff) => size(210, 560).map((length) => as("puff", { puff, length }))),
  fc
    .record({ spread: size(0, 400), backDrop: size(0, 30), blouse: size(0, 120) })
    .map((bishop) => as("bishop", { bishop })),
  fc.record({ spread: size(0, 400), blouse: size(0, 120) }).map((balloon) => as("balloon", { balloon })),
  fc.record({ spread: size(0, 400), fall: size(0, 60) }).map((lantern) => as("lantern", { lantern })),
);

describe.each(STYLE_KINDS)("a %s sleeve", (kind) => {
  it("drafts with what is usual, without a fault or a warning", () => {
    expect(draftGarment(as(kind)).findings.filter((finding) => finding.severity !== "note")).toEqual([]);
  });

  it("names only letters that are marked by then, and letters none twice", () => {
    const { sleeve } = draftGarment(as(kind));
    const marked = new Set<string>();
    for (const step of sleeve?.draft.steps ?? []) {
      for (const p of step.points) marked.add(p.letter);
      for (const part of [...step.text, ...(step.tapeCheck ?? [])])
        if (typeof part === "object" && "point" in part) expect([...marked]).toContain(part.point);
    }
    expect(sleeve?.draft.lines.filter((line) => line.kind === "seam").length).toBeGreaterThanOrEqual(5);
  });

  it("is told whole in the result, without NaN", () => {
    const result = JSON.stringify(writeResult(draftGarment(as(kind))));
    expect(result).not.toContain("NaN");
    expect(result).not.toContain("null,null");
  });
});

describe.each(["puff", "bishop", "balloon"] as const)("a %s sleeve", (kind) => {
  it("of no spread at all is the plain sleeve exactly", () => {
    const nothing = { crownSpread: 0, hemSpread: 0, lift: 0, fall: 0, spread: 0, backDrop: 0, blouse: 0 };
    const own = Object.fromEntries(Object.entries(nothing).filter(([name]) => name in usualLengths(kind)));
    const spec = as(kind, { [kind]: own, hem: { finish: "plain" }, length: 500 });
    const plain = drafted(as("set-in", { length: 500 })).piece;
    const styled = drafted(spec).piece;
    expect(styled.edges.map((edge) => edge.id)).toEqual(plain.edges.map((edge) => edge.id));
    styled.edges.forEach((edge, i) => {
      expect(edge.path).toEqual(plain.edges[i]?.path);
    });
  });

  function usualLengths(of: StyleKind) {
    return drafted(as(of)).sleeve.styleLengths;
  }
});

describe("every style", () => {
  it("is closed, crosses itself nowhere, and has underarm seams of one length", () => {
    fc.assert(
      fc.property(anyStyle, (spec) => {
        const { piece } = drafted(spec);
        piece.edges.forEach((edge, i) => {
          const next = piece.edges[(i + 1) % piece.edges.length];
          expect(next && distance(endOf(edge.path), startOf(next.path))).toBeLessThan(1e-6);
        });
        expect(crossesItself(piece.outline, 4)).toBe(false);
        const length = (id: string) => piece.edges.find((edge) => edge.id === id)?.length ?? 0;
        expect(length("underarmFront")).toBeCloseTo(length("underarmBack"), 6);
      }),
      { numRuns: 60 },
    );
  });

  it("still matches the armhole below the notches, exactly", () => {
    fc.assert(
      fc.property(anyStyle, (spec) => {
        for (const seam of drafted(spec).sleeve.seams) expect(seam.sections[0]?.ease).toBeCloseTo(0, 6);
      }),
      { numRuns: 60 },
    );
  });

  it("has gathers that are the ratio of the lengths on its pieces", () => {
    fc.assert(
      fc.property(anyStyle, (spec) => {
        const { garment, sleeve } = drafted(spec);
        if (sleeve.styled?.crownRatio) {
          const [front, back] = sleeve.seams;
          const upper = [front, back].map((seam) => seam.sections[1] ?? { partLength: 0, bodyLength: 0 });
          const sum = (of: "partLength" | "bodyLength") => upper.reduce((total, section) => total + section[of], 0);
          expect(figure(garment, "sleeve.gatherRatio.crown")).toBeCloseTo(sum("partLength") / sum("bodyLength"), 6);
        }
        if (sleeve.hem.onto !== null) {
          const lowest = sleeve.drawn[sleeve.drawn.length - 1];
          const hem = lowest?.folds[0] ?? lowest?.edges.find((edge) => edge.id === "hem")?.path ?? [];
          expect(figure(garment, "sleeve.gatherRatio.hem")).toBeCloseTo(pathLength(hem) / sleeve.hem.onto, 6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it("grows with its spread", () => {
    const pieceArea = (spec: GarmentSpec) => areaOf(drafted(spec).piece.outline);
    fc.assert(
      fc.property(size(0, 150), size(5, 60), (by, more) => {
        for (const field of ["crownSpread", "hemSpread"])
          expect(pieceArea(as("puff", { puff: { [field]: by + more } }))).toBeGreaterThan(
            pieceArea(as("puff", { puff: { [field]: by } })),
          );
        expect(pieceArea(as("bishop", { bishop: { spread: by + more } }))).toBeGreaterThan(
          pieceArea(as("bishop", { bishop: { spread: by } })),
        );
      }),
      { numRuns: 15 },
    );
  });

  it("keeps its lengths while another style is tried", () => {
    const spec = as("bishop", { puff: { crownSpread: 55 } });
    expect(drafted(applyChange(spec, { sleeve: { kind: "puff" } })).sleeve.styleLengths.crownSpread).toBe(55);
  });
});

describe("an opening above a cuff", () => {
  it("of a two-piece sleeve is left in its back seam: no slit is marked in either piece", () => {
    const { garment, sleeve } = drafted(as("set-in", { cut: "two-piece", hem: { finish: "cuff" } }));
    expect(garment.pieces.map((piece) => piece.id)).toEqual(["topSleeve", "underSleeve", "cuff"]);
    expect(garment.pieces.flatMap((piece) => piece.notches).some((notch) => notch.id === "opening")).toBe(false);
    const told = sleeve.hem.acts.flatMap((act) => act.text.filter((part) => typeof part === "string")).join("");
    expect(told).toContain("Leave the back seam open");
  });

  it("is marked at the back quarter of the hem, and not where the cuff is pulled on", () => {
    const marked = (spec: GarmentSpec) => drafted(spec).piece.notches.find((notch) => notch.id === "opening");
    const opening = marked(as("bishop"));
    const { piece } = drafted(as("bishop"));
    const hem = piece.edges.find((edge) => edge.id === "hem");
    expect(opening?.at.x).toBeLessThan(0);
    expect(opening?.inwards.y).toBeLessThan(0);
    expect(opening && distance(opening.at, endOf(hem?.path ?? []))).toBeLessThan((hem?.length ?? 0) / 4 + 1);
    expect(marked(as("bishop", { hem: { opening: 0 } }))).toBeUndefined();
  });
});

describe("a bishop sleeve's cap", () => {
  it("keeps its length, front and back, however far the hem is spread", () => {
    const plain = drafted(as("set-in"));
    for (const spread of [50, 250, 450]) {
      const { sleeve } = drafted(as("bishop", { bishop: { spread } }));
      expect(pathLength(sleeve.caps.front)).toBeCloseTo(plain.sleeve.sleeve.capLength.front, 2);
      expect(pathLength(sleeve.caps.back)).toBeCloseTo(plain.sleeve.sleeve.capLength.back, 2);
    }
  });

  it("gives more of the spread to the back", () => {
    const { sleeve } = drafted(as("bishop", { bishop: { spread: 250 } }));
    const [hem = []] = [sleeve.drawn[0]?.edges.find((edge) => edge.id === "hem")?.path];
    const ends = { front: startOf(hem).x, back: -endOf(hem).x };
    expect(ends.back).toBeGreaterThan(ends.front + 5);
  });
});

describe("the length of a sleeve with a cuff", () => {
  it("C10: sleeve 18 in with a 3 in cuff is cut 15 in + blouse, and measures 18 in finished (common practice, no source)", () => {
    for (const blouse of [0, 1, 2.5]) {
      const spec = as("bishop", { length: inches(18), hem: { depth: inches(3) }, bishop: { blouse: inches(blouse) } });
      const { garment, sleeve } = drafted(spec);
      expect(sleeve.task.lengths.length).toBeCloseTo(inches(15 + blouse), 9);
      expect(figure(garment, "sleeve.finishedLength")).toBeCloseTo(inches(18), 9);
    }
  });

  it("is the same for a plain sleeve: its hem is taken up by the cuff", () => {
    const spec = as("set-in", { length: inches(22), hem: { finish: "cuff", depth: inches(2.5) } });
    const { garment, sleeve } = drafted(spec);
    expect(sleeve.sleeve.outline.frontHem.y).toBeCloseTo(inches(19.5), 6);
    expect(garment.pieces.map((piece) => piece.id)).toEqual(["sleeve", "cuff"]);
  });

  it("of a cuff is the limb, its ease and its overlap; one without an opening does not lap", () => {
    const open = drafted(as("bishop", { hem: { ease: inches(1), overlap: inches(1), opening: inches(3) } })).garment;
    const closed = drafted(as("bishop", { hem: { ease: inches(2), overlap: inches(1), opening: 0 } })).garment;
    const limb = drafted(as("bishop")).sleeve.limb;
    expect(figure(open, "cuff.length")).toBeCloseTo(limb + inches(2), 9);
    expect(figure(closed, "cuff.length")).toBeCloseTo(limb + inches(2), 9);
  });
});

describe("findings about a style", () => {
  const cases: readonly (readonly [string, GarmentSpec])[] = [
    ["gathers-bulky", as("puff", { puff: { crownSpread: 320 } })],
    ["gathers-bulky", as("bishop", { bishop: { spread: 420 } })],
    ["gathers-skimpy", as("puff", { puff: { crownSpread: 0, lift: 10, hemSpread: 100 } })],
    ["cuff-longer-than-hem", as("puff", { puff: { hemSpread: 0, crownSpread: 60 }, hem: { ease: 90 } })],
    ["cuff-longer-than-hem", as("set-in", { hem: { finish: "cuff", ease: 90, opening: 0 } })],
    ["hand-will-not-pass", as("bishop", { hem: { opening: 0, ease: 10 } })],
    ["hand-will-not-pass", as("set-in", { wristEase: 60, hem: { finish: "band", ease: 5 } })],
    ["sleeve-beyond-arm", as("bishop", { length: inches(25.5) })],
  ];

  it.each(cases)("%s: each remedy ends it", (code, spec) => {
    const found = draftGarment(spec).findings.find((finding) => finding.code === code);
    expect(found?.remedies.length).toBeGreaterThan(0);
    for (const remedy of found?.remedies ?? []) {
      expect(codes(applyChange(spec, remedy.change)), remedy.id).not.toContain(code);
    }
  });

  it("say nothing of a hem whose gathers the cloth takes", () => {
    expect(codes(as("bishop"))).not.toContain("gathers-bulky");
    expect(codes(as("balloon"))).not.toContain("gathers-bulky");
  });
});
