import { describe, expect, it } from "vitest";
import { areaOf, contains, distance, flatten } from "../../geometry";
import { draftedCollar, withCollar } from "../../testing/collars";
import { asWorn } from "./as-worn";

function worn(kind: "notched" | "roll") {
  const { collar, piece } = draftedCollar(withCollar(kind));
  const front = collar.pieces.find(({ id }) => id === "front");
  const roll = collar.drawing.front?.roll;
  if (!front || !roll) throw new Error(`${kind} has a front with a roll line`);
  return {
    roll,
    whole: front.outline,
    ...asWorn(roll, front.outline, kind === "notched" ? piece("collar").outline : null),
  };
}

function area(corners: readonly { readonly x: number; readonly y: number }[]): number {
  return Math.abs(
    corners.reduce((sum, p, i) => {
      const q = corners[(i + 1) % corners.length] ?? p;
      return sum + (p.x * q.y - q.x * p.y) / 2;
    }, 0),
  );
}

describe.each(["notched", "roll"] as const)("a %s collar as it is worn", (kind) => {
  it("has its lapel on the front, and nothing of the front outside the roll line", () => {
    const { roll, front, lapel, whole } = worn(kind);
    expect(lapel.length).toBeGreaterThan(3);
    const off = (p: { readonly x: number; readonly y: number }) =>
      (p.x - roll.breakPoint.x) * roll.outwards.x + (p.y - roll.breakPoint.y) * roll.outwards.y;
    for (const p of [...lapel, ...front]) expect(off(p)).toBeLessThan(1e-6);
    expect(area(front) + area(lapel)).toBeGreaterThan(areaOf(whole) * 0.9);
    expect(area(front) + area(lapel)).toBeLessThan(areaOf(whole) + 1);
  });

  it("turns about the roll line: what lies on it stays", () => {
    const { roll, lapel } = worn(kind);
    expect(Math.min(...lapel.map((p) => distance(p, roll.breakPoint)))).toBeLessThan(1e-6);
  });
});

describe("a notched collar as it is worn", () => {
  it("has its collar beside the lapel, and none of it above the neck point along the roll line", () => {
    const { roll, collar } = worn("notched");
    expect(collar?.length).toBeGreaterThan(3);
    for (const p of collar ?? [])
      expect((p.x - roll.neck.x) * roll.up.x + (p.y - roll.neck.y) * roll.up.y).toBeLessThan(1e-6);
  });

  it("covers the front where the lapel lies", () => {
    const { whole, lapel } = worn("notched");
    const middle = lapel.reduce((sum, p) => ({ x: sum.x + p.x / lapel.length, y: sum.y + p.y / lapel.length }), {
      x: 0,
      y: 0,
    });
    expect(contains(flatten(whole), middle)).toBe(true);
  });
});
