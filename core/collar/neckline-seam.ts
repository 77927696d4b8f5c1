import type { Path } from "../geometry";
import type { StyleSeam } from "../sleeve/bodice-style";

/** The neckline against a collar's neck edge, both from the centre back; `shoulderAt` where they run on past the shoulder. */
export function necklineSeam(bodyPath: Path, partPath: Path, to: string, shoulderAt: number | null): StyleSeam {
  return {
    id: "neckline",
    name: "Neckline",
    body: "block.neckline",
    part: "collar.neck",
    bodyName: shoulderAt === null ? "back neckline" : "neckline",
    partName: "collar",
    bodyPath,
    partPath,
    from: "centre back",
    to,
    mark: shoulderAt === null ? null : { name: "shoulder", bodyAt: shoulderAt, partAt: shoulderAt },
  };
}
