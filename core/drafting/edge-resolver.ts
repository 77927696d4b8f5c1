import type { Bodice } from "../bodice";
import { type EdgeRun, type NeckEdges, nameOf, type Piece, reversedRuns, runOf } from "../pattern";

/** Writes an edge that a part names out as the edges of the pieces that it came to lie on, in the direction of the seam. */
export type EdgeResolver = (run: EdgeRun) => readonly EdgeRun[];

/** By the pieces it came to lie on, by the end of a strip that stands for it, or as itself. */
export function edgeResolver(bodice: Bodice | null, pieces: readonly Piece[]): EdgeResolver {
  // Asked for some hundred edges in every frame of a drag.
  const names = new Set(pieces.flatMap(({ id, edges }) => edges.map((one) => `${id}.${one.id}`)));
  const has = (name: string) => names.has(name);
  const standIns = STAND_INS.filter(({ by }) => has(by) || (bodice?.edges.has(by) ?? false));
  return (run) => {
    const name = nameOf(run);
    const standIn = has(name) ? undefined : standIns.find(({ of }) => of === name);
    const known = (one: string) => bodice?.edges.get(one) ?? (has(one) ? [one] : null);
    // An edge with a dart in it lies in two parts, either side of its mouth.
    const parts = PARTS_OF_ONE.flatMap((part) => known(`${name}${part}`) ?? []);
    const runs = (known(standIn?.by ?? name) ?? (parts.length > 0 ? parts : [standIn?.by ?? name])).map(runOf);
    return (standIn?.isTurned ? !run.isAgainst : run.isAgainst) ? reversedRuns(runs) : runs;
  };
}

/** Above and below the mouth of a dart, or from the centre to it and on from it. */
const PARTS_OF_ONE = ["Upper", "Lower", "Inner", "Outer"] as const;

/** What a collar calls by the block stands on a piece of its own: the top of a button stand on its strip, a front edge on the front's. */
const STAND_INS = [
  { of: "front.standTop", by: "buttonStand.neck", isTurned: false },
  { of: "front.frontEdge", by: "front.centre", isTurned: true },
  { of: "front.belowHem", by: "hemBand.end", isTurned: true },
] as const;

/**
 * A neckline that a sleeve took a part of, written out from the centre back: the back's own and the sleeve's, then the sleeve's and the
 * front's own, whatever the front's is called.
 */
export function neckResolver(
  resolve: EdgeResolver,
  { back, front }: NeckEdges,
  pieces: readonly Piece[],
): EdgeResolver {
  const ofFront = front.map(runOf).filter(({ piece }) => piece !== "front");
  if (ofFront.length === 0) return resolve;
  // A collar that is grown on has an edge of its own for what the sleeve took.
  const isGrown = pieces.some(({ edges }) => edges.some(({ id }) => id === "neckToRaglan"));
  return (run) => {
    if (!run.isAgainst && nameOf(run) === "back.neckline") return back.map(runOf).flatMap(resolve);
    const isFront = run.isAgainst && (nameOf(run) === "front.neckline" || (nameOf(run) === "front.neck" && !isGrown));
    return isFront ? [...ofFront.flatMap(resolve), ...resolve(run)] : resolve(run);
  };
}
