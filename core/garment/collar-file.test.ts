import { describe, expect, it } from "vitest";
import { COLLAR_CHOICE_NAMES, COLLAR_FIELD_NAMES, COLLAR_FIELDS, COLLAR_KINDS, collarOf, optionsOf } from "../collar";
import { svgPathData } from "../geometry";
import { writeResult } from "../result";
import { applyChange, LENGTH_FIELDS, labelOf, readGarment, writeGarment } from "../spec";
import { draftedCollar, withCollar } from "../testing/collars";
import { inches, SAMPLE_FILE, sampleSpec, specOf } from "../testing/sample";
import { collarHandle, draftGarment } from ".";

describe("collars in the garment file", () => {
  it.each(COLLAR_KINDS)("a %s collar is read, written and read again as it was", (kind) => {
    const collar = {
      kind,
      ...Object.fromEntries(
        COLLAR_FIELD_NAMES.map((name) => {
          const { bounds, isAngle } = COLLAR_FIELDS[name];
          const middle = (bounds.least + bounds.most) / 2;
          return [name, isAngle ? middle : middle / 25.4];
        }),
      ),
      ...Object.fromEntries(COLLAR_CHOICE_NAMES.map((name) => [name, optionsOf(name)[1]])),
    };
    const spec = specOf({ ...SAMPLE_FILE, collar });
    const again = specOf(writeGarment(spec));
    expect(again.collar).toEqual(spec.collar);
    expect(spec.collar?.fall).toBeCloseTo((COLLAR_FIELDS.fall.bounds.least + COLLAR_FIELDS.fall.bounds.most) / 2, 6);
    // An angle is no length: it is in degrees whatever the tape.
    expect(spec.collar?.notchAngle).toBe(75);
  });

  it("a figure or an angle beyond its bounds is refused by its name", () => {
    for (const [collar, name] of [
      [{ kind: "notched", fall: 40 }, COLLAR_FIELDS.fall.label],
      [{ kind: "notched", notchAngle: 200 }, COLLAR_FIELDS.notchAngle.label],
      [{ kind: "notched", breakAt: "knee" }, labelOf("collar.breakAt")],
    ] as const) {
      const read = readGarment({ ...SAMPLE_FILE, collar });
      if (read.ok) throw new Error("it is refused");
      expect(read.issues.map(({ message }) => message).join(" ")).toContain(name);
    }
  });

  it("every length that a kind leaves to choice has a name and bounds, and its usual figure lies within them", () => {
    for (const kind of COLLAR_KINDS) {
      const { collar } = draftedCollar(withCollar(kind));
      for (const name of collarOf(kind).groups.flatMap(({ fields = [] }) => fields)) {
        const { bounds, isAngle } = COLLAR_FIELDS[name];
        if (!isAngle) expect(LENGTH_FIELDS[`collar.${name}`]?.label).toBe(COLLAR_FIELDS[name].label);
        const usual = collar.figures[name];
        if (usual === undefined) continue;
        expect(usual, name).toBeGreaterThanOrEqual(bounds.least);
        expect(usual, name).toBeLessThanOrEqual(bounds.most);
      }
    }
  });

  it("lists each default that matters, and no other", () => {
    const listed = (changes = {}) =>
      draftGarment(withCollar("stand", changes)).defaults.flatMap(({ path }) =>
        path.startsWith("collar.") ? [path.slice("collar.".length)] : [],
      );
    expect(listed()).toEqual(["school", "frontEnd", "buttonStand", "height", "ease", "beyond", "roundness"]);
    expect(listed({ school: "bowed", frontEnd: "square" })).toEqual(["buttonStand", "height", "bow", "beyond"]);
  });

  it.each(COLLAR_KINDS)(
    "a %s collar is drafted on readings of an armhole alone too, from estimates that are said",
    (kind) => {
      const garment = draftGarment({ ...sampleSpec(), collar: { kind } });
      expect(garment.collar).not.toBeNull();
      expect(garment.sleeve).not.toBeNull();
      for (const { ease } of garment.collar?.seams ?? []) expect(Math.abs(ease)).toBeLessThan(0.01);
      expect(garment.findings.map(({ code }) => code)).toContain("stand-ins-used");
    },
  );

  it.each(COLLAR_KINDS)("a %s collar is drafted on edges that were pointed at", (kind) => {
    const { block } = draftGarment(withCollar("stand"));
    const half = ({ armhole, neckline, shoulder }: NonNullable<typeof block>["front"]) => ({
      armhole: svgPathData(armhole.path),
      neckline: svgPathData(neckline.path),
      shoulder: svgPathData(shoulder.path),
    });
    if (!block) throw new Error("the sample drafts");
    const spec = specOf({
      format: "gamine-garment/1",
      unit: "in",
      body: { bust: 37, neck: 14 },
      block: { source: "outline", front: half(block.front), back: half(block.back) },
      sleeve: null,
      collar: { kind },
    });
    const { collar, findings } = draftGarment(spec);
    expect(collar, findings.map(({ code }) => code).join(" ")).not.toBeNull();
    for (const { ease } of collar?.seams ?? []) expect(Math.abs(ease)).toBeLessThan(0.01);
  });

  it.each(COLLAR_KINDS)("every handle of a %s collar changes what it holds by what the hand asks", (kind) => {
    const spec = withCollar(kind, { edgeBy: "own" });
    const { collar } = draftedCollar(spec);
    expect(collar.handles.length).toBeGreaterThan(0);
    for (const one of collar.handles) {
      const handle = collarHandle(one);
      const to = Math.min(handle.most, handle.value + 4);
      const moved = draftedCollar(applyChange(spec, handle.changeTo(to)));
      const now = moved.collar.handles.find(({ name }) => name === one.name);
      expect(now?.value, one.name).toBeCloseTo(to, 5);
      const [dx, dy] = [(now?.at.x ?? 0) - one.at.x, (now?.at.y ?? 0) - one.at.y];
      // Along the way the hand went, the place follows it.
      expect(dx * one.gain.x + dy * one.gain.y, one.name).toBeGreaterThan(0);
      if (!one.across) continue;
      const across = collarHandle(one.across);
      const down = draftedCollar(applyChange(spec, across.changeTo(across.value + 4)));
      const after = down.collar.handles.find(({ name }) => name === one.name);
      const gone = { x: (after?.at.x ?? 0) - one.at.x, y: (after?.at.y ?? 0) - one.at.y };
      expect(gone.x * one.across.gain.x + gone.y * one.across.gain.y, one.name).toBeCloseTo(4, 6);
    }
  });

  it("keeps the figures of a kind while another is tried", () => {
    const spec = applyChange(withCollar("notched", { lapelOut: inches(2) }), { collar: { kind: "stand" } });
    expect(applyChange(spec, { collar: { kind: "notched" } }).collar?.lapelOut).toBe(inches(2));
  });

  it("gives its seams, pieces, buttons and figures in the result", () => {
    const result = JSON.parse(JSON.stringify(writeResult(draftedCollar(withCollar("notched")).garment)));
    const ids = (of: readonly { readonly id: string }[]) => of.map(({ id }) => id);
    expect(ids(result.seams)).toEqual([
      "neckline",
      "body.shoulder",
      "body.side",
      "body.facing.shoulder",
      "collar.edge",
      "collar.underNeck",
      "collar.facingNeck",
      "collar.lapelEdge",
    ]);
    expect(ids(result.pieces)).toEqual(["collar", "underCollar", "frontFacing", "backFacing", "front", "back"]);
    expect(result.pieces[4].buttons.length).toBeGreaterThan(0);
    expect(ids(result.figures)).toEqual(
      expect.arrayContaining([
        "collar.outerEdge",
        "collar.outerEdgeNeeded",
        "collar.tilt",
        "collar.neckSeam",
        "collar.notchAngle",
        "paper.above",
        "paper.beside",
      ]),
    );
    const shirt = JSON.parse(JSON.stringify(writeResult(draftedCollar(withCollar("shirt")).garment)));
    expect(ids(shirt.seams)).toEqual([
      "neckline",
      "collar.fall",
      "body.shoulder",
      "body.side",
      "collar.edge",
      "collar.standEdge",
      "collar.underFall",
    ]);
    expect(ids(shirt.pieces)).toEqual(["collarStand", "collar", "underCollar", "front", "back"]);
  });
});
