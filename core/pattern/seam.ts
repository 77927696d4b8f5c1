import { type Path, pathLength } from "../geometry";
import { type EaseProfile, easeProfile } from "./ease";

/** Stable: results and tests refer to it. A seam that is fitted has a name of its own; every other says what it belongs to. */
export type SeamId =
  | `body.${string}`
  | `sleeve.${string}`
  | `collar.${string}`
  | "armhole.front"
  | "armhole.back"
  | "raglan.front"
  | "raglan.back"
  | "raglan.overarm"
  | "kimono.overarm"
  | "kimono.underarm"
  | "neckline"
  | "collar.fall";

/**
 * What a seam does, set by its maker. `neck`: a small round edge sewn to a collar, a facing or its like, with the allowance of necks;
 * `neck-facing` and `binding` are such too. `dart`: over the arm, in one piece. `collar`: within a collar, before it is put on;
 * `collar-edge`: along its free edge. `sleeve`: the length or a part of a sleeve, sewn while it is flat.
 */
export type SeamKind =
  | "dart"
  | "panel"
  | "waist"
  | "centre"
  | "sleeve"
  | "raglan"
  | "shoulder"
  | "collar"
  | "collar-edge"
  | "facing-shoulder"
  | "neck"
  | "neck-facing"
  | "facing-edge"
  | "binding"
  | "neck-band"
  | "front-edge"
  | "armhole"
  | "side"
  | "underarm"
  | "cuff"
  | "hem-band"
  | "strip";

/** Two edges that are sewn together as they lie on the sheet, and a place at which they are marked. Distances are from the start of both. */
export type EdgePair = {
  readonly id: SeamId;
  readonly kind: SeamKind;
  readonly name: string;
  readonly body: string;
  readonly part: string;
  /** Every edge of each side in its order from the start, as piece and edge: "front.raglan". */
  readonly bodyEdges: readonly string[];
  readonly partEdges: readonly string[];
  /** What the two are called beside each other. */
  readonly bodyName: string;
  readonly partName: string;
  readonly bodyPath: Path;
  readonly partPath: Path;
  readonly from: string;
  readonly to: string;
  readonly mark: { readonly name: string; readonly bodyAt: number; readonly partAt: number } | null;
};

/** Which edges of which pieces a neckline is made of: the back from its centre, the front from the shoulder. */
export type NeckEdges = { readonly back: readonly string[]; readonly front: readonly string[] };

/** A neckline that stays on front and back. */
export const NECK_OF_BODICE: NeckEdges = { back: ["back.neckline"], front: ["front.neckline"] };

/** A stretch of a seam between two marks. Millimetres. */
export type SeamSection = {
  readonly from: string;
  readonly to: string;
  readonly bodyLength: number;
  readonly partLength: number;
  readonly ease: number;
};

/** Two edges that are sewn together, measured against each other from where both begin: the underarm, but over the arm the neck. Millimetres. */
export type Seam = {
  readonly id: SeamId;
  readonly kind: SeamKind;
  readonly name: string;
  /** What the two edges are called beside each other. */
  readonly bodyName: string;
  readonly partName: string;
  readonly body: string;
  readonly part: string;
  /** Every edge of each side in its order from where the seam begins, as piece and edge; their lengths add up to the seam's. */
  readonly bodyEdges: readonly string[];
  readonly partEdges: readonly string[];
  /** Which of these edges the seam runs along backwards, each side in its order; none is told of a seam that a part was fitted to before it was cut. */
  readonly isAgainst?: { readonly body: readonly boolean[]; readonly part: readonly boolean[] };
  readonly bodyPath: Path;
  readonly partPath: Path;
  readonly bodyLength: number;
  readonly partLength: number;
  /** What the part is longer by. */
  readonly ease: number;
  /** What it was meant to be longer by. */
  readonly target: number;
  readonly sections: readonly SeamSection[];
  readonly profile: EaseProfile;
};

export function section(from: string, to: string, bodyLength: number, partLength: number): SeamSection {
  return { from, to, bodyLength, partLength, ease: partLength - bodyLength };
}

/** The seams of a style that has its own, measured on the finished edges: they are to be of one length. */
export function measuredSeams(seams: readonly EdgePair[]): readonly Seam[] {
  return seams.map((seam) => {
    const bodyLength = pathLength(seam.bodyPath);
    const partLength = pathLength(seam.partPath);
    const { mark, from, to, ...named } = seam;
    return {
      ...named,
      bodyLength,
      partLength,
      ease: partLength - bodyLength,
      target: 0,
      sections: mark
        ? [
            section(from, mark.name, mark.bodyAt, mark.partAt),
            section(mark.name, to, bodyLength - mark.bodyAt, partLength - mark.partAt),
          ]
        : [section(from, to, bodyLength, partLength)],
      profile: mark
        ? easeProfile(mark.bodyAt, bodyLength, partLength - bodyLength, mark.partAt - mark.bodyAt)
        : easeProfile(0, bodyLength, partLength - bodyLength, 0),
    };
  });
}
