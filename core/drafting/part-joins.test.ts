import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { backward, type EdgeRun, forward, nameOf, optional, type SeamRule } from "../pattern";
import { applyChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { partJoins } from "./part-joins";

const EDGES = ["front.neckline", "back.neckline", "collar.neck"];
const has = {
  edge: (run: EdgeRun) => EDGES.includes(nameOf(run)),
  piece: (id: string) => EDGES.some((name) => name.startsWith(`${id}.`)),
};
const rule = (body: SeamRule["body"], part: SeamRule["part"]): SeamRule => ({
  id: "collar.edge",
  kind: "collar-edge",
  name: "Edge",
  bodyName: "one",
  partName: "other",
  from: "start",
  to: "end",
  body,
  part,
});
const asItIs = (run: EdgeRun) => [run];
const joins = (brought: SeamRule) => partJoins([], [brought], asItIs, has);

describe("the seams that a part brings along", () => {
  it("join edges that are there, each in its direction", () => {
    const [found] = joins(
      rule([...forward("back", "neckline"), ...backward("front", "neckline")], forward("collar", "neck")),
    );
    expect(found?.body.map(({ piece, isAgainst }) => [piece, isAgainst])).toEqual([
      ["back", false],
      ["front", true],
    ]);
  });

  it("are a fault that names the edge where a piece has it not, and none where the piece is not there", () => {
    expect(() => joins(rule(forward("back", "neckline"), forward("collar", "lapel")))).toThrow(
      "collar.edge joins collar.lapel, which is not there",
    );
    expect(joins(rule(forward("back", "neckline"), forward("backFacing", "neckline")))).toEqual([]);
  });

  it("leave out an edge that need not be there", () => {
    const [found] = joins(
      rule([...forward("back", "neckline"), ...optional(forward("back", "gathered"))], forward("collar", "neck")),
    );
    expect(found?.body.map(nameOf)).toEqual(["back.neckline"]);
  });

  it("close the front end of a stand with and without a button stand", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("no work shirt to begin with");
    const ends = [0, 20].map((beyond) => {
      const { joins: all } = draftGarment(applyChange(spec, { collar: { beyond } }));
      return all.find(({ id }) => id === "collar.standEdge")?.bodyLength ?? Number.NaN;
    });
    // As high as the stand; with what runs on beyond the centre front it goes along its top as well.
    expect(ends[0]).toBeGreaterThan(20);
    expect(ends[1]).toBeGreaterThan((ends[0] ?? 0) + 5);
  });
});
