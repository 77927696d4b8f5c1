import type { Block } from "../block";
import type { Enlarge, Finding } from "../check";
import { styleOf } from "../sleeve/styles";
import { type DraftedBodiceSleeve, draftBodiceSleeve } from "./bodice-sleeve";
import type { ResolvedSpec } from "./resolve";
import type { ResolvedSleeve } from "./resolve-sleeve";
import { draftSewnSleeve, type SewnSleeve } from "./sewn-sleeve";

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

/** What was drafted, and what there is to say about it: apart, so that a judge that fails takes no sleeve along. */
export type SleeveOutcome = { readonly drafted: DraftedSleeve | null; readonly judge: () => readonly Finding[] };

/** Drafts the sleeve that is asked for and judges it. `enlarge` says how this block's armhole could be made larger. */
export function draftSleeve(
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  block: Block,
  enlarge: Enlarge,
): SleeveOutcome {
  const style = styleOf(asked.kind);
  return style?.family === "bodice"
    ? draftBodiceSleeve(resolved, asked, style, block, enlarge)
    : draftSewnSleeve(resolved, asked, block, enlarge);
}
