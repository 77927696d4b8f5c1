import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { along, distance, mapPath } from "../geometry";
import { sampleSpec, withSleeve } from "../testing/sample";
import { layPart, walkSeam } from "./walk";

function walks(spec = sampleSpec()) {
  const { seams } = draftGarment(spec);
  return seams.map((seam) =>
    walkSeam(
      seam,
      mapPath(seam.bodyPath, (p) => ({ x: -p.x, y: p.y })),
    ),
  );
}

describe("walking the sleeve round the armhole", () => {
  it("ends with nothing over when the cap fits, having taken in the ease and no more", () => {
    for (const walk of walks()) {
      const end = walk.at(walk.seam.bodyLength);
      expect(Math.abs(walk.gap)).toBeLessThan(0.01);
      expect(end.easedIn).toBeCloseTo(walk.seam.target, 6);
      expect(end.partAt).toBeCloseTo(walk.seam.partLength, 2);
    }
  });

  it("ends with the surplus over when a rule made the cap too long", () => {
    const spec = withSleeve({ method: "bust-twelfth" });
    const surplus = draftGarment(spec).figures.find((figure) => figure.id === "sleeve.surplus")?.value ?? 0;
    expect(walks(spec).reduce((sum, walk) => sum + walk.gap, 0)).toBeCloseTo(surplus, 6);
    expect(surplus).toBeGreaterThan(10);
  });

  it("eases nothing in below the notch, and never walks back", () => {
    for (const walk of walks()) {
      const notch = walk.seam.sections[0]?.bodyLength ?? 0;
      expect(walk.at(notch).easedIn).toBe(0);
      const moments = Array.from({ length: 101 }, (_, i) => walk.at((walk.seam.bodyLength * i) / 100));
      for (let i = 1; i < moments.length; i++) expect(moments[i]?.partAt).toBeGreaterThan(moments[i - 1]?.partAt ?? 0);
    }
  });

  it("lays the two edges on each other, running the same way, at every moment", () => {
    for (const walk of walks()) {
      for (const share of [0, 0.2, 0.5, 0.9, 1]) {
        const moment = walk.at(walk.seam.bodyLength * share);
        const laid = layPart(walk.seam.partPath, moment);
        const { point, direction } = along(laid, Math.min(moment.partAt, walk.seam.partLength));
        expect(distance(point, moment.bodyPoint)).toBeLessThan(1e-6);
        const body = along(
          mapPath(walk.seam.bodyPath, (p) => ({ x: -p.x, y: p.y })),
          moment.bodyAt,
        ).direction;
        expect(direction.x * body.x + direction.y * body.y).toBeCloseTo(1, 6);
      }
    }
  });
});
