import type { ClothHangs } from "../../cloth";
import { at } from "../../data";
import type { Garment } from "../../garment";
import { along, contains, distance, flatten, leastAt, type Point } from "../../geometry";
import type { Piece } from "../../pattern";
import type { ArmPose } from "../body/arm";
import type { Trunk } from "../body/body";
import { interfaced, seamed, sheetCloth } from "../mechanics";
import { locator } from "../mesh/locate";
import { meshOf } from "../mesh/piece-mesh";
import { type Station, stitchesOf } from "../mesh/stations";
import { blended, placeIn } from "../place";
import type { SheetCloth } from "../solver/sheet";
import { type Cut, cutOf, INTERFACED, PLAIN, pairsOf, type Stitched } from "./assembly";
import { type ElasticLink, elasticsOf } from "./elastics";
import { type FoldLine, foldLineOf } from "./fold";
import type { Pieces, Sampling } from "./on-body";
import type { SewingPlan, WornPiece } from "./plan";

/** One half of a garment cut out as triangles, with all that it takes to sew it up round a body. */
export type Sewing = Pieces &
  Sampling & {
    readonly stitches: readonly Stitched[];
    readonly elastics: readonly ElasticLink[];
    readonly trunk: Trunk;
    readonly cloths: readonly SheetCloth[];
    readonly pose: ArmPose;
    /** Sewn so many times as slowly as is usual. */
    readonly slower?: number;
  };

/** The pieces of a plan cut out in triangles of about `edge` millimetres, with a point at every stitch. */
export function sewingOf(
  garment: Garment,
  plan: SewingPlan,
  trunk: Trunk,
  cloth: ClothHangs,
  pose: ArmPose,
  { edge, rate }: Sampling,
): Sewing {
  const pieces = plan.pieces.map(({ piece }) => piece);
  const wanted = stitchesOf(plan.seams, pieces, edge);
  const folds = pieces.map((piece) => foldLineOf(piece, pieces));
  const stations = new Map<string, number[]>();
  // Where a fold comes to an edge there is a point too, or it would be creased beside where it is folded.
  const ofFolds = folds.flatMap((fold, m) => (fold ? endsOn(at(pieces, m), fold) : []));
  for (const { edge: name, at: place } of [...wanted.flatMap(({ body, part }) => [body, part]), ...ofFolds]) {
    const own = stations.get(name);
    if (own) own.push(place);
    else stations.set(name, [place]);
  }
  const meshes = plan.pieces.map(({ piece, cuts }, m) => {
    const fold = folds[m];
    return meshOf(piece, stations, edge, cuts, fold ? [fold.corners] : []);
  });
  const cut = cutOf(
    meshes,
    plan.pieces.map((worn) => {
      const isFaced = facedOf(worn, garment.pieces);
      return (p) => (worn.isInterfaced || isFaced(p) ? INTERFACED : PLAIN);
    }),
  );
  return {
    plan,
    cut,
    folds,
    stitches: pairsOf(cut, wanted),
    elastics: elasticsOf(garment, cut, plan),
    trunk,
    cloths: [cloth, interfaced(cloth), seamed(cloth)].map(sheetCloth),
    pose,
    edge,
    rate,
  };
}

/** Where front or back is lined with an interfaced facing, which is drafted on it: along edges, in a lapel, in a collar that is grown on. */
function facedOf({ side }: WornPiece, pieces: readonly Piece[]): (p: Point) => boolean {
  const facing = pieces.find(({ id, cut }) => id === `${side}Facing` && cut.interfacing > 0);
  if (!side || !facing) return () => false;
  const outline = flatten(facing.outline);
  return (p) => contains(outline, p);
}

/** Nearer to an edge than this a fold ends on it. Millimetres. */
const ON_EDGE_MM = 0.5;

/** The places of a piece's edges at which its fold ends. */
function endsOn({ id, edges }: Piece, { corners }: FoldLine): readonly Station[] {
  return [at(corners, 0), at(corners, corners.length - 1)].flatMap((end) =>
    edges.flatMap(({ id: name, path, length }) => {
      const off = (place: number) => distance(along(path, place).point, end);
      const place = leastAt(off, 0, length, 0.01);
      return off(place) < ON_EDGE_MM ? [{ edge: `${id}.${name}`, at: place }] : [];
    }),
  );
}

/** Where the points of pieces that are cut anew lie, if each piece lies where it lay before: the same pieces in the same order. */
export function laidAs(
  { cut }: Pick<Sewing, "cut">,
  before: { readonly cut: Cut; readonly local: Float64Array },
): Float64Array {
  const local = new Float64Array(at(cut.first, cut.first.length - 1) * 3);
  cut.meshes.forEach((mesh, m) => {
    const find = locator(at(before.cut.meshes, m));
    const [from, to] = [at(before.cut.first, m), at(cut.first, m)];
    mesh.points.forEach((p, i) => {
      const found = find(p);
      if (found)
        local.set(
          blended(found, (corner) => placeIn(before.local, from + corner)),
          (to + i) * 3,
        );
    });
  });
  return local;
}
