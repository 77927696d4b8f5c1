/** What a piece is, set by its maker, so that no later room has to know it by its name. */
export type PieceKind = {
  /** A strip that a front closes with is `closing`; what finishes an edge or an opening, such as a facing, belongs to no other part. */
  readonly of: "bodice" | "sleeve" | "collar" | "closing" | "finish";
  /** The half of the body that it lies on; null for what lies on both or on neither. */
  readonly side: "front" | "back" | null;
  readonly worn: Worn;
};

/**
 * How a piece is worn. Round the trunk or round the arm; hung on another piece by its own edges with these ids; behind a piece of the same
 * shape, where it is felt as stiffness only; or not at all yet.
 */
export type Worn =
  | { readonly as: "trunk" }
  /** `under`: it lies on the body's side of the arm. */
  | { readonly as: "arm"; readonly lies: "round" | "under" }
  | { readonly as: "hung"; readonly by: readonly string[]; readonly goes: Goes }
  | { readonly as: "behind" }
  | { readonly as: "left-out" };

/**
 * Which way a piece goes from the edge that it hangs by: up round the neck, by
 * itself (`up`) or with a fall on it (`stand`); turned over and down, as a fall from its stand; down from the
 * hem; up round the neck and across the front, as a band all round an opening; on along the arm, as a strip (`cuff`) or as more of the
 * sleeve (`arm`).
 */
export type Goes = "up" | "stand" | "over" | "down" | "round" | "cuff" | "arm";

const trunk = (side: "front" | "back"): PieceKind => ({ of: "bodice", side, worn: { as: "trunk" } });
const behind = (of: PieceKind["of"], side: PieceKind["side"]): PieceKind => ({ of, side, worn: { as: "behind" } });
const hung = (of: PieceKind["of"], goes: Goes, by: readonly string[]): PieceKind => ({
  of,
  side: null,
  worn: { as: "hung", by, goes },
});

/** The kinds that most pieces are of; a part whose pieces are of another says so itself. */
export const KIND = {
  front: trunk("front"),
  back: trunk("back"),
  sleeve: { of: "sleeve", side: null, worn: { as: "arm", lies: "round" } },
  underSleeve: { of: "sleeve", side: null, worn: { as: "arm", lies: "under" } },
  frontFacing: behind("finish", "front"),
  backFacing: behind("finish", "back"),
  underCollar: behind("collar", null),
  buttonStand: behind("closing", null),
  /** A strip at an edge of which nothing shows but what the edge is taken to be. */
  strip: behind("finish", null),
  gusset: { of: "finish", side: null, worn: { as: "left-out" } },
} as const satisfies Readonly<Record<string, PieceKind>>;

export const hungCollar = (goes: Goes, by: readonly string[]): PieceKind => hung("collar", goes, by);
export const hungBand = (of: "sleeve" | "finish", goes: Goes, by: readonly string[]): PieceKind => hung(of, goes, by);
