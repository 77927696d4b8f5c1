import { phrase } from "../../draft";
import { distance, footOnStretch, lerp, type Point } from "../../geometry";
import type { EdgeRole, Piece } from "../../pattern";
import { eachAxis, type Place, placeIn } from "../place";
import { goesOf } from "../sewing/plan";
import type { Worn } from "../worn";
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
  return [...(edges ? coverReads(edges) : []), ...standReads(worn)];
}

/** A place of the worn collar, and where it is on its flat piece. */
type Stop = { readonly place: Place; readonly flat: Point };

type CollarEdges = {
  readonly neck: readonly Stop[];
  readonly outer: readonly Stop[];
  /** How far the edge is foretold to lie below the neck seam at a place of it, in millimetres. */
  readonly foretold: (neck: Point) => number | null;
  /** Is it grown on to the front, and rolled over without a pressed fold? */
  readonly isRolled: boolean;
};

/** The neck seam and the outer edge of a collar that is folded over, each from the centre back; null where there is none. */
function edgesOf(worn: Worn): CollarEdges | null {
  const { pieces } = worn.plan;
  const run = (piece: Piece | undefined, role: EdgeRole) =>
    runOf(worn, piece?.id ?? "", piece?.edges.find((one) => one.role === role)?.id ?? "");
  const grown = pieces.find(({ grownOn }) => grownOn)?.piece;
  const under = pieces.find(({ piece }) => goesOf(piece) === "stand")?.piece;
  const collar = grown ?? pieces.find(({ piece }) => piece.kind.of === "collar" && piece !== under)?.piece;
  const [stand, outer] = [run(under, "neck"), run(collar, "outer")];
  if (outer.length < 2) return null;
  if (stand.length > 1 && !grown) {
    const [upper, sewn] = [run(under, "outer"), run(collar, "neck")];
    const foretold = (p: Point) => {
      const [height, along] = nearest(upper, p);
      const seam = placeAlong(sewn, along);
      return seam ? nearest(outer, seam)[0] - height : null;
    };
    return { neck: stand, outer, foretold, isRolled: false };
  }
  const m = pieces.findIndex(({ piece }) => piece === collar);
  const fold = worn.folds[m]?.corners.map((flat): Stop => ({ place: [0, 0, 0], flat })) ?? [];
  const neck = run(collar, "collar-neck");
  if (neck.length < 2 || fold.length < 2) return null;
  return {
    neck,
    outer,
    // What lies below the fold is the stand, and the fall lies over as much again.
    foretold: (p) => nearest(outer, p)[0] - 2 * nearest(fold, p)[0],
    isRolled: grown !== undefined,
  };
}

function runOf({ cut, local }: Worn, piece: string, edge: string): readonly Stop[] {
  const m = cut.meshes.findIndex((mesh) => mesh.piece.id === piece);
  const mesh = cut.meshes[m];
  const stops = (mesh?.edges.get(edge) ?? []).flatMap(({ point }): readonly Stop[] => {
    const flat = mesh?.points[point];
    return flat ? [{ place: placeIn(local, (cut.first[m] ?? 0) + point), flat }] : [];
  });
  const [first, last] = [stops[0], stops[stops.length - 1]];
  return first && last && last.place[2] < first.place[2] ? stops.toReversed() : stops;
}

/** How far a flat place is from an edge, and how far along it its foot is. */
function nearest(stops: readonly Stop[], p: Point): readonly [number, number] {
  let [best, bestAlong, gone] = [Number.POSITIVE_INFINITY, 0, 0];
  for (const [i, { flat }] of stops.slice(1).entries()) {
    const before = stops[i]?.flat ?? flat;
    const { foot, off } = footOnStretch(p, before, flat);
    if (off < best) [best, bestAlong] = [off, gone + distance(before, foot)];
    gone += distance(before, flat);
  }
  return [best, bestAlong];
}

function placeAlong(stops: readonly Stop[], at: number): Point | null {
  let gone = 0;
  for (const [i, { flat }] of stops.slice(1).entries()) {
    const before = stops[i]?.flat ?? flat;
    const size = distance(before, flat);
    if (gone + size >= at && size > 0) return lerp(before, flat, (at - gone) / size);
    gone += size;
  }
  return stops[stops.length - 1]?.flat ?? null;
}

function coverReads({ neck, outer, foretold, isRolled }: CollarEdges): readonly WornRead[] {
  // What is grown on turns into its lapel further round, and has no edge of its own there.
  const round = (isRolled ? ROUND.slice(0, 1) : ROUND).flatMap(({ id, name, angle }): readonly WornRead[] => {
    const [seam, edge] = [firstAt(neck, angle), firstAt(outer, angle)];
    if (!seam || !edge) return [];
    const off = 1000 * Math.hypot(...eachAxis((k) => edge.place[k] - seam.place[k]));
    return [
      {
        id: `collar.cover.${id}`,
        label: `Collar’s edge below the neck seam, ${name}`,
        kind: "length",
        value: edge.place[1] > seam.place[1] ? -off : off,
        foretold: foretold(seam.flat),
        how: phrase`how far the outer edge lies from the neck seam, down along the garment; foretold: fall less stand, as wide as both are there in the flat pieces, for a neck that fills its neckline${isRolled ? "; a collar that is grown on is rolled and not pressed, and its stand sinks by some millimetres" : ""}`,
      },
    ];
  });
  const mean = outer.reduce((sum, { place }) => sum + place[1], 0) / outer.length;
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
function firstAt(stops: readonly Stop[], degrees: number): Stop | null {
  const angleOf = ({ place: [x, , z] }: Stop) => (Math.atan2(x, AXIS_Z - z) * 180) / Math.PI;
  const [first] = stops;
  if (!first || degrees <= angleOf(first)) return first ?? null;
  for (const [i, next] of stops.slice(1).entries()) {
    const before = stops[i] ?? next;
    const [from, to] = [angleOf(before), angleOf(next)];
    if (from > degrees || to < degrees || from === to) continue;
    const share = (degrees - from) / (to - from);
    return {
      place: eachAxis((k) => before.place[k] + (next.place[k] - before.place[k]) * share),
      flat: lerp(before.flat, next.flat, share),
    };
  }
  return null;
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
