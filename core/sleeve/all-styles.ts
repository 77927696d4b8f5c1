import { namesOf } from "../data";
import type { BodiceStyle, SewnStyle } from "./style";
import { balloon, bishop } from "./styles/bishop";
import { dropped } from "./styles/dropped";
import { droppedGathered } from "./styles/dropped-gathered";
import { lantern } from "./styles/lantern";
import { puff } from "./styles/puff";
import { kimono } from "./with-bodice/kimono";
import { offShoulder } from "./with-bodice/off-shoulder";
import { raglan } from "./with-bodice/raglan";

export type SleeveStyle = SewnStyle | BodiceStyle;

/** Adding a style is a folder of its own and a line here: its fields in the garment file and on the screen follow from it. */
export const STYLES = {
  puff,
  bishop,
  lantern,
  balloon,
  raglan,
  offShoulder,
  kimono,
  dropped,
  droppedGathered,
} as const satisfies Readonly<Record<string, SleeveStyle>>;

export type StyleKind = keyof typeof STYLES;
export const STYLE_KINDS = namesOf<StyleKind>(STYLES);

/** A sleeve's style; null for the plain set-in sleeve. */
export function styleOf(kind: SleeveKind): SleeveStyle | null {
  return kind === "set-in" ? null : STYLES[kind];
}

/** The style of a sleeve that is sewn into the armhole; null for the plain one. */
export function sewnStyleOf(kind: SleeveKind): SewnStyle | null {
  const style = styleOf(kind);
  return style?.family === "sewn" ? style : null;
}

/** Is it sewn to a shoulder that reaches over the arm, whose length is no part of the sleeve's? */
export function isDropped(kind: SleeveKind): boolean {
  return sewnStyleOf(kind)?.fitting?.method === "dropped";
}

export const SLEEVE_KINDS = ["set-in", ...STYLE_KINDS] as const;
export type SleeveKind = "set-in" | StyleKind;
