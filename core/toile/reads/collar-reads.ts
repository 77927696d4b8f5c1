import { phrase } from "../../draft";
import { distance } from "../../geometry";
import type { Place } from "../place";
import type { Worn } from "../wear";
import { placesOn, type WornRead } from "./worn-read";

/** Where the collar's edge lies below the neck seam, and how far its stand is off the neck. */
export function collarReads(worn: Worn): readonly WornRead[] {
  const has = (id: string) => worn.cut.meshes.some(({ piece }) => piece.id === id);
  if (!has("collar")) return standReads(worn, has);
  const neck = has("collarStand") ? placesOn(worn, "collarStand", "neck") : placesOn(worn, "collar", "backNeck");
  const outer = placesOn(worn, "collar", "outer");
  const back = (places: readonly Place[]) =>
    places.reduce<Place | null>((best, p) => (!best || p[2] < best[2] ? p : best), null);
  const [seam, edge] = [back(neck), back(outer)];
  if (!seam || !edge) return [];
  return [
    {
      id: "collar.cover.back",
      label: "Collar’s edge below the neck seam, centre back",
      kind: "length",
      value: (seam[1] - edge[1]) * 1000,
      foretold: foretoldCover(worn),
      how: phrase`how much lower the outer edge hangs than the neck seam; foretold: fall less stand on the centre back`,
    },
    {
      id: "collar.cover.round",
      label: "Collar’s edge below the neck point, mean all round",
      kind: "length",
      value: -meanHeight(outer) * 1000,
      foretold: null,
      how: phrase`how far the outer edge lies below where neck and shoulder of the body meet; an edge that is let out too little lies higher, one let out too much lower`,
    },
    ...standReads(worn, has),
  ];
}

const meanHeight = (places: readonly Place[]) => places.reduce((sum, [, y]) => sum + y, 0) / places.length;

/** Fall less stand, along the centre back of the pieces. */
function foretoldCover({ cut }: Worn): number | null {
  const centreOf = (id: string) =>
    cut.meshes.find(({ piece }) => piece.id === id)?.piece.edges.find((one) => one.id === "centreBack")?.length;
  const [stand, collar] = [centreOf("collarStand"), centreOf("collar")];
  if (collar === undefined) return null;
  if (stand !== undefined) return collar - stand;
  const piece = cut.meshes.find((mesh) => mesh.piece.id === "collar")?.piece;
  const fold = piece?.lines?.find(({ name }) => name === "Fold of the stand")?.path[0]?.[0];
  const foot = piece?.edges.find(({ id }) => id === "centreBack")?.path.at(-1)?.[3];
  if (!fold || !foot) return null;
  const height = distance(fold, foot);
  return collar - 2 * height;
}

function standReads(worn: Worn, has: (id: string) => boolean): readonly WornRead[] {
  if (!has("collarStand")) return [];
  const normal = new Float64Array(3);
  const offs = placesOn(worn, "collarStand", "upper").map(([x, y, z]) => worn.trunk.solid(x, y, z, normal) * 1000);
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
