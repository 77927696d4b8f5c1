import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { along, contains, directionTo, distance, distanceToChain, flatten } from "../geometry";
import { applyChange, type SpecChange } from "../spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { bodyOfCheck, CHECK_BODIES } from "../testing/check-bodies";
import { IS_THOROUGH } from "../testing/thorough";
import { type CutPiece, cutGarment } from ".";

const GARMENTS = STARTING_POINTS.filter(({ id }) => id !== "plain-sleeve" && id !== "collar");
const CHECKED = ["fullbust-blouse", "leastPlus-blouse"];
const BODIES = [MIDDLE_BODY, ...CHECK_BODIES.filter(({ id }) => IS_THOROUGH || CHECKED.includes(id)).map(bodyOfCheck)];
const HEMS: readonly (readonly [string, SpecChange])[] = [
  ["as they are", {}],
  ["deep and curved", { bodice: { hem: "curved", hemRise: 90 }, allowances: { hem: 50 } }],
  [
    "curved over panels",
    { bodice: { hem: "curved", hemRise: 60, panels: "cut" }, block: { shaping: "princess-armhole" } },
  ],
  ["flared and deep", { bodice: { flare: 60 }, allowances: { hem: 40 } }],
];

/** Where the line lies nearer to an edge than its allowance, reaches far from the piece, or turns straight back. */
function faultsOf({ piece, cutting, allowances }: CutPiece): readonly string[] {
  if (!cutting) return [`${piece.id} has no cutting line`];
  const line = flatten(cutting);
  const outline = flatten(piece.outline);
  const widest = Math.max(...allowances.map(({ by }) => by));
  const narrow = allowances.flatMap(({ edge, role, by }) => {
    // The ends of a hem that is folded up go with its sides.
    const shares = role === "hem" ? [0.4, 0.5, 0.6] : [0.15, 0.35, 0.5, 0.65, 0.85];
    return shares.flatMap((share) => {
      const off = distanceToChain(along(edge.path, edge.length * share).point, line);
      // Near its ends an edge is cut as its neighbours are: on the fold, raw, or with less.
      const isNearEnd = Math.min(share, 1 - share) * edge.length < 1.6 * by;
      return off >= by - 0.1 || isNearEnd ? [] : [`${piece.id}.${edge.id} has ${off} of ${by} at ${share}`];
    });
  });
  const wild = line.flatMap((p, i) => {
    const [before, after] = [line[(i + line.length - 1) % line.length] ?? p, line[(i + 1) % line.length] ?? p];
    if (distance(before, p) < 1e-6 || distance(p, after) < 1e-6) return [];
    const [a, b] = [directionTo(before, p), directionTo(p, after)];
    const off = distanceToChain(p, outline);
    const isInside = contains(outline, p) && off > 0.5;
    return [
      ...(a.x * b.x + a.y * b.y < -0.9 ? [`${piece.id} turns back at ${p.x} ${p.y}`] : []),
      ...(off > 3 * widest + 0.1 ? [`${piece.id} reaches ${off} out at ${p.x} ${p.y}`] : []),
      ...(isInside ? [`${piece.id} comes inside at ${p.x} ${p.y}`] : []),
    ];
  });
  return [...narrow, ...wild];
}

describe("the cutting lines of every starting point", () => {
  it.each(GARMENTS.flatMap((point) => HEMS.map(([hem, change]) => ({ point, hem, change }))))(
    "$point.id, hems $hem: outside every edge by its allowance, without ears, spikes or flags, on very different bodies",
    ({ point, change }) => {
      for (const body of BODIES) {
        const spec = startedFrom(point, body);
        if (!spec) throw new Error(point.id);
        const garment = draftGarment(applyChange(spec, change));
        // An outline that crosses itself is told as such: nothing sensible can be cut round it.
        const told = new Set(garment.findings.flatMap(({ piece }) => (piece === undefined ? [] : [piece])));
        const { pieces } = cutGarment(garment);
        expect(pieces.filter(({ piece }) => !told.has(piece.id)).flatMap(faultsOf)).toEqual([]);
      }
    },
  );

  it("fold up a hem whose sides slant, and roll one with a deep curve narrow, the fold-back of a front with it", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "shirt-dress");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("no shirt dress");
    const front = cutGarment(draftGarment(spec)).pieces.find(({ piece }) => piece.id === "front");
    const hems = front?.allowances.filter(({ edge }) => edge.id.toLowerCase().endsWith("hem")) ?? [];
    expect(hems.map(({ edge }) => edge.id).sort()).toEqual(["facingHem", "hem", "standHem"]);
    for (const { role, by } of hems) expect([role, by]).toEqual(["curved-hem", 12.7]);
    const typed = applyChange(spec, { allowances: { curvedHem: 8 } });
    const own = cutGarment(draftGarment(typed)).pieces.find(({ piece }) => piece.id === "front");
    expect(own?.allowances.find(({ edge }) => edge.id === "hem")?.by).toBe(8);
  });
});
