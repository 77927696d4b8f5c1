import { balloon, bishop } from "./bishop";
import { lantern } from "./lantern";
import { puff } from "./puff";
import type { SleeveStyle } from "./style";

/** Adding a style is a folder of its own and a line here: its fields in the garment file and on the screen follow from it. */
export const STYLES = { puff, bishop, lantern, balloon } as const satisfies Readonly<Record<string, SleeveStyle>>;

export type StyleKind = keyof typeof STYLES;
export const STYLE_KINDS = Object.keys(STYLES) as readonly StyleKind[];

/** A sleeve's style; null for the plain set-in sleeve, which every style is derived from. */
export function styleOf(kind: SleeveKind): SleeveStyle | null {
  return kind === "set-in" ? null : STYLES[kind];
}

export const SLEEVE_KINDS = ["set-in", ...STYLE_KINDS] as const;
export type SleeveKind = "set-in" | StyleKind;
