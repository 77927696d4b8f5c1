import { describe, expect, it } from "vitest";
import { draftGarment, type Garment } from "../garment";
import { boxOf, distance, endOf, pathLength, startOf } from "../geometry";
import type { Piece } from "../pattern";
import { applyChange, type GarmentSpec } from "../spec";
import { inches, specOf } from "../testing/sample";

/** An invented person who measures bust 40, waist 34, hip 42. */
const BODY = {
  bust: 40,
  waist: 34,
  hip: 42,
  shoulderWidth: 16,
  armholeGirth: 17,
  neckBase: 16,
  backLength: 16.5,
  frontToBust: 10.75,
  bustSpan: 7.5,
  upperArm: 12.5,
  elbow: 11.25,
  wrist: 6.75,
  armLength: 23,
};

function garment(parts: Record<string, unknown>): GarmentSpec {
  return specOf({
    format: "gamine-garment/1",
    unit: "in",
    body: BODY,
    block: { source: "drafted" },
    sleeve: null,
    ...parts,
  });
}

function pieceOf({ pieces }: Garment, id: string) {
  const piece = pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`no piece "${id}" among ${pieces.map((one) => one.id).join(", ")}`);
  return piece;
}

function edgeOf(from: Garment, id: string, edge: string) {
  const found = pieceOf(from, id).edges.find((one) => one.id === edge);
  if (!found) throw new Error(`no edge "${edge}" on ${id}`);
  return found;
}

const width = (from: Garment, id: string) => {
  const { left, right } = boxOf([pieceOf(from, id).outline]);
  return right - left;
};
const height = (from: Garment, id: string) => {
  const { top, bottom } = boxOf([pieceOf(from, id).outline]);
  return bottom - top;
};
const EIGHTH = inches(1 / 8);

describe("necks (common practice, no source)", () => {
  it.each([
    { wide: 3, deep: 1, long: 3.5 },
    { wide: 3.5, deep: 1, long: 4 },
  ])("a back neck $wide in by $deep in measures about $long in", ({ wide, deep, long }) => {
    const { block } = draftGarment(garment({ block: { source: "drafted", backNeckWidth: wide, backNeckDepth: deep } }));
    expect(Math.abs((block?.back.neckline.length ?? 0) - inches(long))).toBeLessThan(EIGHTH);
  });

  it("front and back each have a width of their own", () => {
    const { block } = draftGarment(garment({ block: { source: "drafted", frontNeckWidth: 3, backNeckWidth: 3.5 } }));
    expect(startOf(block?.front.neckline.path ?? []).x).toBeCloseTo(inches(3), 6);
    expect(startOf(block?.back.neckline.path ?? []).x).toBeCloseTo(inches(3.5), 6);
  });

  it("a back that stands an inch higher has its neck and shoulder so much above the front's, and every level where it was", () => {
    const plain = draftGarment(garment({ block: { source: "drafted", waistLevel: 17 } }));
    const raised = draftGarment(garment({ block: { source: "drafted", waistLevel: 17, backHigher: 1 } }));
    const neckOf = ({ block }: Garment) => startOf(block?.back.neckline.path ?? []).y;
    expect(neckOf(raised) - neckOf(plain)).toBeCloseTo(-inches(1), 6);
    expect(raised.block?.levels).toEqual(plain.block?.levels);
    const armhole = (of: Garment) => of.block?.back.armhole.length ?? 0;
    expect(armhole(raised) - armhole(plain)).toBeGreaterThan(inches(0.8));
  });
});

describe("a 12-piece blouse (common practice, no source)", () => {
  const blouse = garment({
    block: { source: "drafted", shaping: "princess-armhole", length: 25 },
    bodice: { panels: "split", front: "seam", back: "seam", flare: 2.5 },
  });
  const plain = applyChange(blouse, { bodice: { flare: 0 } });

  it("is three pieces to a half, front and back, each a mirrored pair", () => {
    const panels = draftGarment(blouse).pieces.filter(({ id }) => !id.includes("Facing"));
    expect(panels.map(({ id }) => id)).toEqual([
      "frontCentre",
      "frontMiddle",
      "frontSide",
      "backCentre",
      "backMiddle",
      "backSide",
    ]);
    expect(panels.reduce((sum, { cut }) => sum + cut.count, 0)).toBe(12);
    expect(panels.every(({ cut }) => cut.mirrored && !cut.onFold)).toBe(true);
  });

  it("is flared by 2 1/2 in at each side of every seam, and not at the centres", () => {
    const [flared, straight] = [draftGarment(blouse), draftGarment(plain)];
    for (const id of ["frontCentre", "frontMiddle", "frontSide", "backCentre", "backMiddle", "backSide"]) {
      const hem = (of: Garment) => {
        const { path } = edgeOf(of, id, "hem");
        return { right: startOf(path), left: endOf(path) };
      };
      const [after, before] = [hem(flared), hem(straight)];
      const isCentre = id.endsWith("Centre");
      expect(after.right.x - before.right.x).toBeCloseTo(inches(2.5), 6);
      expect(before.left.x - after.left.x).toBeCloseTo(isCentre ? 0 : inches(2.5), 6);
    }
  });

  it("has seams of one length, though they are flared", () => {
    const { joins } = draftGarment(blouse);
    const cuts = joins.filter(({ id }) => /princess|split|side/.test(id));
    expect(cuts.map(({ id }) => id)).toEqual([
      "body.side",
      "body.princess.front",
      "body.split.front",
      "body.princess.back",
      "body.split.back",
    ]);
    for (const { id, ease } of cuts) expect(Math.abs(ease), id).toBeLessThan(0.05);
  });
});

describe("a jacket of bust 40, waist 34, hip 42 at 22 in (common practice, no source)", () => {
  const jacket = draftGarment(
    garment({ block: { source: "drafted", hipLevel: 22, length: 25, dartAboveHip: 2, chestEase: 0.5 } }),
  );

  it("has its hip where it was typed, and its dart ends 2 in above it", () => {
    expect(jacket.block?.levels.find(({ id }) => id === "hip")?.y).toBeCloseTo(inches(22), 9);
    const dart = jacket.block?.front.inner.find(({ id }) => id === "front.dartInner");
    expect(endOf(dart?.path ?? []).y).toBeCloseTo(inches(20), 6);
  });

  it("has its quarters at bust, waist and hip", () => {
    const half = jacket.block?.front;
    expect(endOf(half?.armhole.path ?? []).x).toBeCloseTo(inches(10.5), 6);
    expect(endOf(half?.sideSeam ?? []).x).toBeCloseTo(inches(11), 6);
  });
});

describe("lengths and hems (common practice, no source)", () => {
  it("a shirt 70 cm long has 5 cm more to turn up, folded on its hem", () => {
    const shirt = draftGarment(
      specOf({
        format: "gamine-garment/1",
        unit: "cm",
        body: Object.fromEntries(Object.entries(BODY).map(([id, value]) => [id, value * 2.54])),
        block: { source: "drafted", shaping: "none", sideSeam: "straight", length: 70 },
        bodice: { hemDepth: 5 },
        sleeve: null,
      }),
    );
    expect(height(shirt, "back")).toBeCloseTo(750, 3);
    const fold = pieceOf(shirt, "back").folds.find((path) => Math.abs(startOf(path).y - endOf(path).y) < 0.01);
    expect(startOf(fold ?? []).y).toBeCloseTo(700, 3);
  });

  it("a dress 40 in long with its hip at 25 in and a hem raised 5 in at the side", () => {
    const dress = draftGarment(
      garment({ block: { source: "drafted", hipLevel: 25, length: 40 }, bodice: { hem: "curved", hemRise: 5 } }),
    );
    const { path } = edgeOf(dress, "front", "hem");
    expect(endOf(path).y).toBeCloseTo(inches(40), 6);
    expect(inches(40) - startOf(path).y).toBeCloseTo(inches(5), 6);
    expect(Math.abs(edgeOf(dress, "front", "side").length - edgeOf(dress, "back", "side").length)).toBeLessThan(0.05);
  });

  it("a strip for a 1 in stand is 3 in wide with two seams of 1/2 in, and as long as its front edge", () => {
    const shirt = draftGarment(garment({ bodice: { front: "buttons", stand: 1, standFinish: "strip" } }));
    expect(width(shirt, "buttonStand") + 2 * inches(0.5)).toBeCloseTo(inches(3), 6);
    expect(height(shirt, "buttonStand")).toBeCloseTo(edgeOf(shirt, "front", "centre").length, 6);
    expect(pieceOf(shirt, "buttonStand").cut).toMatchObject({ count: 2, interfacing: 2 });
  });

  it("a casing is as deep as its elastic and its room, and the elastic 2 in shorter than the hip", () => {
    const top = draftGarment(garment({ bodice: { hem: "casing", hemElastic: 1 } }));
    expect(top.figures.find(({ id }) => id === "bodice.elastic")?.value).toBeCloseTo(inches(42 - 2), 6);
    const fold = pieceOf(top, "front").folds.find((path) => Math.abs(startOf(path).y - endOf(path).y) < 0.01);
    const deep = boxOf([edgeOf(top, "front", "turnUp").path]).bottom - startOf(fold ?? []).y;
    expect(deep).toBeCloseTo(inches(1) + 12, 3);
  });
});

describe("sleeves by their figures (common practice, no source)", () => {
  it("an off-the-shoulder sleeve 8 in at the top and 15 in at the hem", () => {
    const top = draftGarment(
      garment({
        block: { source: "drafted", shaping: "none" },
        sleeve: { kind: "offShoulder", hemWidth: 15, sides: "straight", length: 12, offShoulder: { topWidth: 8 } },
      }),
    );
    const { folds } = pieceOf(top, "sleeve");
    const across = folds.map((path) => distance(startOf(path), endOf(path)) / 25.4);
    expect(across[0]).toBeCloseTo(8, 3);
    expect(Math.abs((across[1] ?? 0) - 15)).toBeLessThan(0.75);
  });

  it("a hem of 14 in on straight sides", () => {
    const shirt = draftGarment(garment({ sleeve: { kind: "set-in", hemWidth: 14, sides: "straight" } }));
    expect(edgeOf(shirt, "sleeve", "hem").length).toBeCloseTo(inches(14), 6);
    const { path, length } = edgeOf(shirt, "sleeve", "underarmFront");
    expect(distance(startOf(path), endOf(path))).toBeCloseTo(length, 6);
  });
});

describe("what goes by itself", () => {
  it.each([
    { what: "a bodice", parts: {}, ids: ["front", "back", "frontFacing", "backFacing"] },
    { what: "a sleeve", parts: { bodice: { cut: "parts" }, sleeve: { kind: "set-in" } }, ids: ["sleeve"] },
    { what: "a stand collar", parts: { bodice: { cut: "parts" }, collar: { kind: "stand" } }, ids: ["collar"] },
  ])("$what alone is just its own pieces", ({ parts, ids }) => {
    expect(draftGarment(garment(parts)).pieces.map(({ id }) => id)).toEqual(ids);
  });
});

describe("a slit at the centre back", () => {
  const slitOf = (piece: Piece | undefined) => piece?.lines?.find(({ name }) => name === "Slit")?.path ?? [];
  it.each([
    { neck: "facing", finish: "backFacing" },
    { neck: "binding", finish: "slitFacing" },
  ])("is as long as typed on the back and on its $finish, which goes on an inch below it", ({ neck, finish }) => {
    const { pieces } = draftGarment(garment({ bodice: { back: "slit", slit: 5, neck } }));
    const [back, facing] = ["back", finish].map((id) => pieces.find((piece) => piece.id === id));
    expect(pathLength(slitOf(back))).toBeCloseTo(127, 6);
    expect(pathLength(slitOf(facing))).toBeCloseTo(127, 6);
    const centre = facing?.edges.find(({ id }) => id === "centre");
    expect(centre?.length).toBeCloseTo(152.4, 6);
    expect(startOf(slitOf(back)).y).toBeCloseTo(startOf(slitOf(facing)).y, 6);
  });

  it("is not there where it is not asked for", () => {
    expect(draftGarment(garment({})).pieces.flatMap((piece) => slitOf(piece))).toEqual([]);
  });
});

describe("what is asked and cannot be", () => {
  it.each([
    { code: "not-on-fold", parts: { block: { source: "drafted", centreBackShaping: 0.5 }, bodice: { back: "fold" } } },
    { code: "hem-not-straight", parts: { bodice: { hem: "casing", flare: 2 } } },
    { code: "rise-too-high", parts: { bodice: { hem: "curved", hemRise: 11.5 } } },
    {
      code: "stand-too-narrow",
      parts: { bodice: { front: "buttons", stand: 0.5 }, collar: { kind: "stand", beyond: 1.5 } },
    },
    {
      code: "slit-too-long",
      parts: { block: { source: "drafted", bodyLength: "waist" }, bodice: { back: "slit", slit: 15 } },
    },
    { code: "front-is-made", parts: { bodice: { front: "seam" }, collar: { kind: "notched" } } },
  ])("$code is told, and each way out ends it", ({ code, parts }) => {
    const spec = garment(parts);
    const found = draftGarment(spec).findings.find((one) => one.code === code);
    expect(found?.remedies.length).toBeGreaterThan(0);
    for (const { change } of found?.remedies ?? [])
      expect(draftGarment(applyChange(spec, change)).findings.map((one) => one.code)).not.toContain(code);
  });
});
