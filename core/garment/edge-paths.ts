import { type BodiceHalf, centreDown, SIDES, sewnArmhole } from "../block";
import { line, type Path, startOf } from "../geometry";
import type { Garment } from "./sketch-garment";

/**
 * Every edge that a seam can name, as "piece.edge", with its path: those of the pieces, and of the block for what has no piece of its
 * own. Paths lie where their piece lies; only their lengths can be compared.
 */
export function edgePaths({ pieces, block, collar, seams }: Garment): ReadonlyMap<string, Path> {
  const paths = new Map<string, Path>();
  if (block) {
    for (const side of SIDES)
      for (const [name, path] of Object.entries(blockEdges(block[side]))) paths.set(`${side}.${name}`, path);
  }
  for (const [name, path] of Object.entries(beyondBlock({ collar, seams }))) paths.set(name, path);
  for (const piece of pieces) for (const edge of piece.edges) paths.set(`${piece.id}.${edge.id}`, edge.path);
  return paths;
}

/** The edges of half a block; its armhole as it is sewn, any dart in it closed. */
export function blockEdges(half: BodiceHalf) {
  const { neckline, shoulder, sideSeam, centre } = half;
  return {
    neckline: neckline.path,
    shoulder: shoulder.path,
    armhole: sewnArmhole(half),
    side: sideSeam,
    centre,
  };
}

/** What a collar is sewn to beyond the block's own edges: the top of a button stand, the front edge, and the end of a hem band. */
export function beyondBlock({ collar, seams }: Pick<Garment, "collar" | "seams">) {
  const named = seams.flatMap(({ bodyEdges }) => bodyEdges);
  const paths: Record<string, Path> = {};
  if (!collar) return paths;
  const { centre } = collar.ground.front;
  const neck = startOf(centre);
  const { beyond = 0, hemDepth = 0 } = collar.figures;
  if (named.includes("front.standTop")) paths["front.standTop"] = line(neck, { x: neck.x - beyond, y: neck.y });
  if (named.includes("front.belowHem")) paths["front.belowHem"] = line(neck, { x: neck.x, y: neck.y + hemDepth });
  if (named.includes("front.frontEdge")) paths["front.frontEdge"] = centreDown(collar.ground.front).down;
  return paths;
}
