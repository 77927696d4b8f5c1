import { phrase } from "../../draft";
import { distance, endOf, startOf } from "../../geometry";
import type { Place } from "../place";
import type { Worn } from "../wear";
import { placesOn, type WornRead } from "./worn-read";

/** Where the collar's edge is looked at: by the angle round the neck from the centre back, in degrees. */
const ROUND: readonly { readonly id: string; readonly name: string; readonly angle: number }[] = [
  { id: "back", name: "centre back", angle: 0 },
  { id: "half", name: "half-way to the shoulder", angle: 40 },
  { id: "shoulder", name: "at the shoulder", angle: 75 },
];

/** Where the collar's edge lies below the neck seam all round, and how far its stand is off the neck. */
export function collarReads(worn: Worn): readonly WornRead[] {
  const edges = edgesOf(worn);
  return [...(edges ? coverReads(worn, edges) : []), ...standReads(worn)];
}

type CollarEdges = { readonly neck: readonly Place[]; readonly outer: readonly Place[] };

/** The neck seam and the outer edge of a collar that is folded over, each from the centre back; null where there is none. */
function edgesOf(worn: Worn): CollarEdges | null {
  const grown = worn.plan.pieces.find(({ grownOn }) => grownOn)?.piece.id;
  const [piece, neckPiece] = grown ? [grown, grown] : ["collar", "collarStand"];
  const outer = fromBack(placesOn(worn, piece, "outer"));
  const neck = [placesOn(worn, neckPiece, grown ? "backNeck" : "neck"), placesOn(worn, piece, "backNeck")].find(
    ({ length }) => length > 1,
  );
  return outer.length > 1 && neck ? { outer, neck: fromBack(neck) } : null;
}

function fromBack(places: readonly Place[]): readonly Place[] {
  const [first, last] = [places[0], places[places.length - 1]];
  return first && last && last[2] < first[2] ? [...places].reverse() : places;
}

function coverReads(worn: Worn, { neck, outer }: CollarEdges): readonly WornRead[] {
  const foretold = foretoldCover(worn);
  const isGrown = worn.plan.pieces.some(({ grownOn }) => grownOn);
  const round = ROUND.flatMap(({ id, name, angle }): readonly WornRead[] => {
    const [seam, edge] = [firstAt(neck, angle), firstAt(outer, angle)];
    if (!seam || !edge) return [];
    const off = Math.hypot(edge[0] - seam[0], edge[1] - seam[1], edge[2] - seam[2]) * 1000;
    return [
      {
        id: `collar.cover.${id}`,
        label: `Collar’s edge below the neck seam, ${name}`,
        kind: "length",
        value: edge[1] > seam[1] ? -off : off,
        // A collar that is grown on widens towards its lapel.
        foretold: isGrown && angle > 0 ? null : foretold,
        how: phrase`how far the outer edge lies from the neck seam, down along the garment; foretold: fall less stand on the centre back`,
      },
    ];
  });
  const mean = outer.reduce((sum, [, y]) => sum + y, 0) / outer.length;
  return [
    ...round,
    {
      id: "collar.cover.round",
      label: "Collar’s edge below the neck point, mean all round",
      kind: "length",
      value: -mean * 1000,
      foretold: null,
      how: phrase`how far the outer edge lies below where neck and shoulder of the body meet; an edge that is let out too little lies higher, one let out too much lower`,
    },
  ];
}

/** The axis of the neck lies so far behind the neck point. Metres. */
const AXIS_Z = -0.005;

/** The first place, from the centre back on, at an angle round the neck. */
function firstAt(places: readonly Place[], degrees: number): Place | null {
  const angleOf = ([x, , z]: Place) => (Math.atan2(x, AXIS_Z - z) * 180) / Math.PI;
  const [first] = places;
  if (!first || degrees <= angleOf(first)) return first ?? null;
  for (const [i, next] of places.slice(1).entries()) {
    const before = places[i] ?? next;
    const [from, to] = [angleOf(before), angleOf(next)];
    if (from > degrees || to < degrees || from === to) continue;
    const share = (degrees - from) / (to - from);
    const mix = (k: 0 | 1 | 2) => before[k] + (next[k] - before[k]) * share;
    return [mix(0), mix(1), mix(2)];
  }
  return null;
}

const CORNER_MM = 0.5;

/** Fall less stand, along the centre back of the pieces. */
function foretoldCover({ cut, plan }: Worn): number | null {
  const pieceOf = (id: string) => cut.meshes.find(({ piece }) => piece.id === id)?.piece;
  const centreOf = (id: string) => pieceOf(id)?.edges.find((one) => one.id === "centreBack")?.length;
  const piece = plan.pieces.find(({ grownOn }) => grownOn)?.piece ?? pieceOf("collar");
  const whole = piece && centreOf(piece.id);
  if (!piece || whole === undefined) return null;
  const stand = centreOf("collarStand");
  if (stand !== undefined) return whole - stand;
  const fold = piece.lines?.find(({ name }) => name === "Fold of the stand")?.path;
  const [neck, back] = ["backNeck", "centreBack"].map((id) => piece.edges.find((one) => one.id === id)?.path);
  if (!fold || !neck || !back) return null;
  // What lies below the fold at the centre back is the stand.
  const corner = [startOf(neck), endOf(neck)].find((p) =>
    [startOf(back), endOf(back)].some((end) => distance(p, end) < CORNER_MM),
  );
  return corner ? whole - 2 * Math.min(distance(startOf(fold), corner), distance(endOf(fold), corner)) : null;
}

function standReads(worn: Worn): readonly WornRead[] {
  const normal = new Float64Array(3);
  const top = placesOn(worn, "collarStand", "upper");
  const offs = top.map(([x, y, z]) => worn.trunk.solid(x, y, z, normal) * 1000);
  if (offs.length === 0) return [];
  return [
    {
      id: "stand.offNeck",
      label: "Top of the stand off the neck",
      kind: "length",
      value: offs.reduce((sum, off) => sum + off, 0) / offs.length,
      foretold: null,
      how: phrase`the mean distance of the stand’s upper edge from the neck, all round`,
    },
  ];
}
