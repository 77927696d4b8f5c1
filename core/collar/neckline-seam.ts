import type { Path } from "../geometry";
import type { EdgePair, EdgeRef, SeamRule } from "../pattern";

/** Which edges the two sides of a neckline seam are made of, from the centre back. */
export type NecklineEdges = { readonly body: readonly string[]; readonly part: readonly string[] };

/** The neckline's own edges of the half garment, and the top of a button stand that a collar runs onto. */
export function wholeNeckline(beyond: number): readonly string[] {
  return ["back.neckline", "front.neckline", ...(beyond > 0 ? ["front.standTop"] : [])];
}

/** The neckline against a collar's neck edge, both from the centre back; `shoulderAt` where they run on past the shoulder. */
export function necklineSeam(
  bodyPath: Path,
  partPath: Path,
  to: string,
  shoulderAt: number | null,
  { body, part }: NecklineEdges,
): EdgePair {
  return {
    id: "neckline",
    kind: "neck",
    name: "Neckline",
    body: "block.neckline",
    part: part[0] ?? "collar.neck",
    bodyEdges: body,
    partEdges: part,
    bodyName: shoulderAt === null ? "back neckline" : "neckline",
    partName: "collar",
    bodyPath,
    partPath,
    from: "centre back",
    to,
    mark: shoulderAt === null ? null : { name: "shoulder", bodyAt: shoulderAt, partAt: shoulderAt },
  };
}

/** The free edge of a collar in two layers, each from the centre back; `layers` are what the two are called beside each other. */
export function edgeSeam(
  body: readonly EdgeRef[],
  part: readonly EdgeRef[],
  to: string,
  [bodyName, partName]: readonly [string, string] = ["top collar", "under collar"],
): SeamRule {
  return {
    id: "collar.edge",
    kind: "collar-edge",
    name: "Edge of the collar",
    bodyName,
    partName,
    body,
    part,
    from: "centre back",
    to,
  };
}
