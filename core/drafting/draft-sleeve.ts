import type { Block } from "../block";
import type { ResolvedSleeve, ResolvedSpec } from "../resolve";
import { styleOf } from "../sleeve/all-styles";
import { type BodiceAttempt, type DraftedBodiceSleeve, draftBodiceSleeve } from "./bodice-sleeve";
import { draftSewnSleeve, type SewnAttempt, type SewnSleeve } from "./sewn-sleeve";

/** A sleeve sewn into the armhole, or one that takes a part of the bodice along. */
export type DraftedSleeve = SewnSleeve | DraftedBodiceSleeve;

/** The sleeve that is sewn into the armhole, of a garment that has such a one. */
export function sewnSleeve({ sleeve }: { readonly sleeve: DraftedSleeve | null }): SewnSleeve | null {
  return sleeve?.family === "sewn" ? sleeve : null;
}

/** The sleeve that took a part of the bodice along, of a garment that has such a one. */
export function bodiceSleeve({ sleeve }: { readonly sleeve: DraftedSleeve | null }): DraftedBodiceSleeve | null {
  return sleeve?.family === "bodice" ? sleeve : null;
}

export type SleeveAttempt = SewnAttempt | BodiceAttempt;

/** Drafts the sleeve that is asked for; `drafted` is null where the figures give none. */
export function draftSleeve(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): SleeveAttempt {
  const style = styleOf(asked.kind);
  return style?.family === "bodice"
    ? draftBodiceSleeve(resolved, asked, style, block)
    : draftSewnSleeve(resolved, asked, block);
}
