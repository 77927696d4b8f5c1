import { namesOf } from "../data";
import { band } from "./band/band";
import type { AnyCollarKind } from "./collar-kind";
import { flat } from "./flat/flat";
import { grownOn } from "./grown-on/grown-on";
import { notched } from "./notched/notched";
import { roll } from "./roll/roll";
import { shirt } from "./shirt/shirt";
import { stand } from "./stand/stand";

/** Every kind of collar: the garment file, its defaults, the screen and its handles follow from this table. */
const COLLARS = {
  stand,
  shirt,
  notched,
  roll,
  "grown-on": grownOn,
  band,
  flat,
} as const satisfies Readonly<Record<string, AnyCollarKind>>;

export type CollarKindName = keyof typeof COLLARS;
export const COLLAR_KINDS = namesOf<CollarKindName>(COLLARS);

export function collarOf(kind: CollarKindName): AnyCollarKind {
  return COLLARS[kind];
}
