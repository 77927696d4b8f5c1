import { sewnSleeve } from "@core/drafting/index";
import { draftGarment } from "@core/garment/index";
import { sampleSpec } from "@core/testing/sample";
import { describe, expect, it } from "vitest";
import { sewnTogether, unroll } from "./unrolled";

const drafted = sewnSleeve(draftGarment(sampleSpec()));
if (!drafted) throw new Error("the sample has a sleeve");
const { seams, sleeve } = drafted;
const [front, back] = seams;
const unrolled = unroll(seams, sleeve.notches);

describe("the seam laid out straight", () => {
  it("runs the length of both halves", () => {
    expect(unrolled.bodyLength).toBeCloseTo(18 * 25.4, 6);
    expect(unrolled.partLength).toBeCloseTo(19.25 * 25.4, 4);
  });

  it("threads the marks in the order in which they are sewn, from underarm to underarm", () => {
    expect(unrolled.threads.map((thread) => thread.id)).toEqual([
      "backUnderarm",
      "back",
      "backSecond",
      "shoulder",
      "front",
      "frontUnderarm",
    ]);
    const bodies = unrolled.threads.map((thread) => thread.body);
    const parts = unrolled.threads.map((thread) => thread.part);
    expect(bodies).toEqual([...bodies].sort((a, b) => a - b));
    expect(parts).toEqual([...parts].sort((a, b) => a - b));
  });

  it("puts the shoulder where back and front armhole meet", () => {
    const shoulder = unrolled.threads.find((thread) => thread.id === "shoulder");
    expect(shoulder?.body).toBeCloseTo(back.bodyLength, 9);
    expect(shoulder?.part).toBeCloseTo(back.partLength, 6);
  });

  it("has all the ease under its density", () => {
    const { density } = unrolled;
    const area = density.slice(1).reduce((sum, knot, i) => {
      const before = density[i] ?? knot;
      return sum + ((before.share + knot.share) / 2) * (knot.at - before.at);
    }, 0);
    expect(area).toBeCloseTo(1.25 * 25.4, 3);
  });

  it("pairs every place of the armhole with one of the cap, ends with ends", () => {
    const pairs = sewnTogether(front, 20);
    expect(pairs[0]).toMatchObject({ body: 0, part: 0 });
    expect(pairs.at(-1)?.body).toBeCloseTo(front.bodyLength, 9);
    expect(pairs.at(-1)?.part).toBeCloseTo(front.partLength, 6);
    for (let i = 1; i < pairs.length; i++) expect(pairs[i]?.part).toBeGreaterThan(pairs[i - 1]?.part ?? 0);
  });
});
