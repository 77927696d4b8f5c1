import type { Kinds } from "@app/work/use-kind-pictures";
import { COLLAR_KINDS, type CollarKindName, collarOf } from "@core/collar/index";

export const NO_COLLAR = "none";
export type CollarOrNone = CollarKindName | typeof NO_COLLAR;

export const COLLARS_NAMED: readonly { readonly value: CollarOrNone; readonly label: string }[] = [
  { value: NO_COLLAR, label: "No collar" },
  ...COLLAR_KINDS.map((one) => ({ value: one, label: collarOf(one).name })),
];

/** Each collar on this block, with what the figures of the others are left out. */
export const COLLARS_DRAWN: Kinds<CollarOrNone> = {
  all: COLLAR_KINDS,
  specOf: (spec, kind) => ({ ...spec, sleeve: null, collar: kind === NO_COLLAR ? null : { kind } }),
  piecesOf: ({ collar }) => collar?.drawn ?? [],
};
