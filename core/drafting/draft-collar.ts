import { type Block, levelOf } from "../block";
import {
  type CollarBase,
  type CollarChoices,
  type CollarFieldName,
  type CollarHandle,
  type CollarKindName,
  collarOf,
  type DrawnCollar,
  type NoCollar,
} from "../collar";
import { composeDraft } from "../draft";
import { endOf } from "../geometry";
import { type EdgePair, measuredSeams, type NeckEdges } from "../pattern";
import { closingOf, type ResolvedCollar, type ResolvedSpec } from "../resolve";
import type { Part } from "./part";
import { reachingWaist } from "./reaching-waist";

/** A collar with everything that was asked of it. */
export type DraftedCollar = Part<CollarHandle> & {
  readonly kind: CollarKindName;
  readonly figures: Readonly<Partial<Record<CollarFieldName, number>>>;
  readonly choices: CollarChoices;
  readonly drawing: DrawnCollar;
  /** The block that it was fitted to: with its neck as the sleeve leaves it, and reaching down to the waist at least. */
  readonly ground: Block;
};

/** The block with its neck as the sleeve leaves it, null when it leaves none, and the edges that make up that neck. */
export type NeckForCollar = { readonly block: Block | null; readonly edges: NeckEdges };

/** A collar names the neckline's halves; what they are cut into by the sleeve stands in their place. */
function alongEdges(seam: EdgePair, { back, front }: NeckEdges): EdgePair {
  const cut: Readonly<Record<string, readonly string[]>> = { "back.neckline": back, "front.neckline": front };
  return { ...seam, bodyEdges: seam.bodyEdges.flatMap((one) => cut[one] ?? [one]) };
}

/** What was asked of a collar, and what came of it. */
export type CollarAttempt = {
  /** Null when none is wanted. */
  readonly asked: ResolvedCollar | null;
  readonly neck: NeckForCollar;
  readonly why: NoCollar | null;
  readonly drafted: DraftedCollar | null;
};

/** Drafts the collar on the block's neckline. */
export function draftCollar(
  { bodice, pieces }: ResolvedSpec,
  asked: ResolvedCollar | null,
  neckLeft: NeckForCollar,
): CollarAttempt {
  const { block, edges } = neckLeft;
  const none = (why: NoCollar | null): CollarAttempt => ({ asked, neck: neckLeft, why, drafted: null });
  if (!asked) return none(null);
  if (!block) return none({ what: "no-neckline" });
  const { kind, figures, choices, given, neck } = asked;
  const onto = reachingWaist(block, bodice.backLength);
  const base: CollarBase = {
    block: onto,
    neck,
    closing: closingOf(pieces),
    buttonSize: pieces.buttonSize,
    hasBackFacing: pieces.backFacing !== "none",
    waist: levelOf(onto, "waist") ?? endOf(onto.back.neckline.path).y + bodice.backLength,
  };
  const drawing = collarOf(kind).draft(base, figures, choices, given);
  if (!drawing.isDrawn) return none(drawing.why);
  return {
    asked,
    neck: neckLeft,
    why: null,
    drafted: {
      kind,
      figures,
      choices,
      drawing,
      ground: onto,
      drawn: drawing.drawn,
      pieces: [...drawing.drawn, ...drawing.extra],
      seams: measuredSeams(drawing.seams.map((seam) => alongEdges(seam, edges))),
      handles: drawing.handles,
      draft: composeDraft("collar", drawing.title, [...drawing.acts, drawing.cutting]),
      solvers: drawing.solvers,
    },
  };
}
