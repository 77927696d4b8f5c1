import type { BodySide } from "../body";
import { type EdgeRun, type Join, nameOf, type Piece, runOf } from "../pattern";
import type { DraftedSleeve } from "./draft-sleeve";
import type { EdgeResolver } from "./edge-resolver";
import type { FittedSeam } from "./fitted-seams";

export type OtherSleeve = { readonly sleeve: DraftedSleeve; readonly side: BodySide };

/** What stands behind the names of the pieces of an arm that differs. */
export const OTHER = "Other";

export const opposite = (side: BodySide): BodySide => (side === "left" ? "right" : "left");

/** What is cut for an arm, and not for the body or the neck. */
export function isOfArm({ kind }: Piece): boolean {
  return kind.of === "sleeve";
}

/** A piece that is cut for one arm only, and says for which. */
export function ofOneArm(piece: Piece, side: BodySide, suffix: string): Piece {
  if (!isOfArm(piece)) return piece;
  const { cut } = piece;
  return {
    ...piece,
    id: `${piece.id}${suffix}`,
    arm: { side, insteadOf: suffix === "" ? null : piece.id },
    name: `${side === "left" ? "Left" : "Right"} ${piece.name.charAt(0).toLowerCase()}${piece.name.slice(1)}`,
    cut: { ...cut, count: Math.ceil(cut.count / 2), mirrored: false, interfacing: Math.ceil(cut.interfacing / 2) },
  };
}

/** The seams of a sleeve that only one arm has. */
export function otherSeams({ sleeve, side }: OtherSleeve, resolve: EdgeResolver): readonly FittedSeam[] {
  const onOther = (name: string) => name.replace(".", `${OTHER}.`);
  return sleeve.seams.map((seam) => {
    const body = seam.bodyEdges.flatMap((name) => resolve({ ...runOf(name), isAgainst: true }));
    const partEdges = seam.partEdges.map(onOther);
    return {
      body,
      part: partEdges.map(runOf),
      seam: {
        ...seam,
        id: `sleeve.${side}.${seam.id}`,
        name: `${seam.name}, ${side}`,
        part: onOther(seam.part),
        bodyEdges: body.map(nameOf),
        partEdges,
      },
    };
  });
}

/** The same seam of the sleeve of the arm that differs; a garment without one has none of its edges. */
export function onOtherArm(join: Join): Join {
  const other = (run: EdgeRun): EdgeRun => ({ ...run, piece: `${run.piece}${OTHER}` });
  return {
    ...join,
    id: `sleeve.other.${join.id}`,
    name: `${join.name}, other arm`,
    body: join.body.map(other),
    part: join.part.map(other),
  };
}
