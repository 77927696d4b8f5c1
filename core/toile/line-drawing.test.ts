import { describe, expect, it } from "vitest";
import { type HalfPicture, lineDrawing, type Side, type ToilePicture } from ".";

type Place = readonly [x: number, y: number, z: number];
const list = (places: readonly Place[]) => Float32Array.from(places.flat());
const NOTHING: Side = {
  triangles: new Uint32Array(),
  seams: new Float32Array(),
  ends: new Float32Array(),
  notches: new Float32Array(),
};

/** A square of cloth from 0.1 to 0.3 on the wearer's right, so far in front, with a seam across the middle at another distance. Metres. */
function square(near: number, seamNear: number): HalfPicture {
  const corners: readonly Place[] = [
    [0.1, -0.1, near],
    [0.3, -0.1, near],
    [0.3, -0.3, near],
    [0.1, -0.3, near],
  ];
  return {
    ...NOTHING,
    places: list(corners),
    triangles: Uint32Array.from([0, 1, 2, 0, 2, 3]),
    seams: list([
      [0.12, -0.2, seamNear],
      [0.28, -0.2, seamNear],
    ]),
    ends: list(corners.flatMap((from, i): Place[] => [from, corners[(i + 1) % 4] ?? from])),
    over: NOTHING,
    grain: new Float32Array(8),
    strain: new Float32Array(4),
    body: { places: new Float32Array(), triangles: new Uint32Array() },
    low: -0.3,
    high: -0.1,
  };
}

const drawn = (picture: HalfPicture, left: HalfPicture | null = null) =>
  lineDrawing({ ...picture, left } satisfies ToilePicture);
/** The level strokes of a path about half-way down, as pairs of x. */
const strokesAt = (cloth: string, y: number) =>
  [...cloth.matchAll(/M(\d+) (\d+)L(\d+) (\d+)(?=M|$)/g)].filter(
    ([, , from, , to]) => Math.abs(Number(from) - y) <= 1 && Math.abs(Number(to) - y) <= 1,
  );

describe("a worn toile drawn as lines", () => {
  it("shows a seam that lies on the cloth, on both halves, and mirrors one half to the other", () => {
    const { cloth, width, height, body } = drawn(square(0.1, 0.1));
    expect(strokesAt(cloth, 106)).toHaveLength(2);
    expect(body).toBe("");
    // Both squares and what lies between them, with a margin of 6 mm all round.
    expect(Math.abs(width - 612)).toBeLessThanOrEqual(2);
    expect(Math.abs(height - 212)).toBeLessThanOrEqual(2);
  });

  it("leaves out a seam that lies behind the cloth", () => {
    expect(strokesAt(drawn(square(0.1, 0.02)).cloth, 106)).toHaveLength(0);
    expect(strokesAt(drawn(square(0.1, 0.18)).cloth, 106)).toHaveLength(2);
  });

  it("draws the other half as it is where the two differ", () => {
    expect(strokesAt(drawn(square(0.1, 0.1), square(0.1, 0.02)).cloth, 106)).toHaveLength(1);
  });

  it("is the same for the same toile", () => {
    expect(drawn(square(0.1, 0.1))).toEqual(drawn(square(0.1, 0.1)));
  });
});
