import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { describe, expect, it } from "vitest";
import { type Garment, sketchGarment } from "../garment";
import { distance, endOf, type Point, startOf } from "../geometry";
import type { Seam } from "../pattern";

/** What two ends may lie apart and still be one corner. Millimetres. */
const CORNER_MM = 0.5;

type End = { readonly piece: string; readonly at: Point };

function endsOf({ pieces }: Garment, name: string, isAgainst: boolean) {
  const [id = "", edgeId] = name.split(".");
  const path = pieces.find((piece) => piece.id === id)?.edges.find((edge) => edge.id === edgeId)?.path;
  if (!path) throw new Error(`${name} is no edge`);
  const [from, to] = isAgainst ? [endOf(path), startOf(path)] : [startOf(path), endOf(path)];
  return { begins: { piece: id, at: from }, ends: { piece: id, at: to } };
}

/** Are two places of a piece the feet of the legs of one dart, which is closed before the seam is sewn? */
function isDart({ pieces }: Garment, id: string, a: Point, b: Point): boolean {
  const darts = pieces.find((piece) => piece.id === id)?.darts ?? [];
  return darts.some((dart) => distance(startOf(dart), a) < CORNER_MM && distance(endOf(dart), b) < CORNER_MM);
}

/** Is a corner of one piece sewn to a corner of another by a seam that begins or ends at both? */
function isSewn(garment: Garment, seams: readonly Seam[], a: End, b: End): boolean {
  const isAt = (name: string, end: End) => {
    if (!name.startsWith(`${end.piece}.`)) return false;
    const { begins, ends } = endsOf(garment, name, false);
    return [begins, ends].some(({ at }) => distance(at, end.at) < CORNER_MM);
  };
  return seams.some(({ bodyEdges, partEdges }) => {
    const sides = [bodyEdges, partEdges].map((names) => ({
      a: names.some((name) => isAt(name, a)),
      b: names.some((name) => isAt(name, b)),
    }));
    return sides.some(({ a: own }, i) => own && sides[1 - i]?.b);
  });
}

describe("the way in which a seam runs along its edges", () => {
  it.each(STARTING_POINTS.map(({ id }) => id))(
    "%s: each edge begins where the one before ends, or at what is sewn to it there",
    (id) => {
      const point = STARTING_POINTS.find((one) => one.id === id);
      const spec = point && startedFrom(point, MIDDLE_BODY);
      if (!spec) throw new Error(`${id} starts no garment`);
      const garment = sketchGarment(spec);
      const seams = [...garment.seams, ...garment.joins];
      const broken = garment.joins.flatMap(({ id: seam, bodyEdges, partEdges, isAgainst }) =>
        (
          [
            ["body", bodyEdges],
            ["part", partEdges],
          ] as const
        ).flatMap(([side, names]) =>
          names.slice(1).flatMap((name, i) => {
            const { ends } = endsOf(garment, names[i] ?? "", isAgainst?.[side][i] ?? false);
            const { begins } = endsOf(garment, name, isAgainst?.[side][i + 1] ?? false);
            const isOne =
              ends.piece === begins.piece &&
              (distance(ends.at, begins.at) < CORNER_MM || isDart(garment, ends.piece, ends.at, begins.at));
            return isOne || isSewn(garment, seams, ends, begins) ? [] : [`${seam}: ${names[i]} to ${name}`];
          }),
        ),
      );
      expect(broken).toEqual([]);
    },
  );
});
