import { type Alteration, alterBlock, type Block } from "../block";
import { type DeepenNeck, type Finding, judgeCollar, judgeNoCollar, type Seam, styleSeams } from "../check";
import {
  type CollarBase,
  type CollarChoices,
  type CollarFieldName,
  type CollarHandle,
  type CollarKindName,
  collarOf,
  type DrawnCollar,
} from "../collar";
import { composeDraft, type Draft } from "../draft";
import { endOf, findRoot } from "../geometry";
import type { Piece } from "../pattern";
import type { NeckEdges, StyleSeam } from "../sleeve/bodice-style";
import type { NamedSolution } from "../sleeve/set-in";
import { reachingWaist } from "./reaching-waist";
import type { ResolvedSpec } from "./resolve";
import type { ResolvedCollar } from "./resolve-collar";

/** A collar with everything that was asked of it. */
export type DraftedCollar = {
  readonly kind: CollarKindName;
  readonly figures: Readonly<Partial<Record<CollarFieldName, number>>>;
  readonly choices: CollarChoices;
  readonly drawing: DrawnCollar;
  /** The block that it was fitted to: with its neck as the sleeve leaves it, and reaching down to the waist at least. */
  readonly ground: Block;
  readonly drawn: readonly Piece[];
  readonly pieces: readonly Piece[];
  /** The block's neckline, joined at the shoulder, against the collar's neck edge; then what else is sewn. */
  readonly seams: readonly Seam[];
  readonly handles: readonly CollarHandle[];
  readonly draft: Draft;
  readonly solvers: readonly NamedSolution[];
};

/** The block with its neck as the sleeve leaves it, null when it leaves none, and the edges that make up that neck. */
export type NeckForCollar = { readonly block: Block | null; readonly edges: NeckEdges };

/** A collar names the neckline's halves; what they are cut into by the sleeve stands in their place. */
function alongEdges(seam: StyleSeam, { back, front }: NeckEdges): StyleSeam {
  const cut: Readonly<Record<string, readonly string[]>> = { "back.neckline": back, "front.neckline": front };
  return { ...seam, bodyEdges: seam.bodyEdges.flatMap((one) => cut[one] ?? [one]) };
}

export type CollarOutcome = { readonly drafted: DraftedCollar | null; readonly judge: () => readonly Finding[] };

/** Drafts the collar on the block's neckline and judges it. */
export function draftCollar(
  { bodice, block: { alterations } }: ResolvedSpec,
  asked: ResolvedCollar | null,
  { block, edges }: NeckForCollar,
): CollarOutcome {
  if (!asked) return { drafted: null, judge: () => [] };
  if (!block) return { drafted: null, judge: () => [judgeNoCollar({ what: "no-neckline" })] };
  const { kind, figures, choices, given, neck } = asked;
  const onto = reachingWaist(block, bodice.backLength);
  const base: CollarBase = {
    block: onto,
    neck,
    waist: onto.levels.find(({ id }) => id === "waist")?.y ?? endOf(onto.back.neckline.path).y + bodice.backLength,
  };
  const drawing = collarOf(kind).draft(base, figures as never, choices as never, given);
  if (!drawing.isDrawn) return { drafted: null, judge: () => [judgeNoCollar(drawing.why)] };
  const seams = styleSeams(drawing.seams.map((seam) => alongEdges(seam, edges)));
  return {
    drafted: {
      kind,
      figures,
      choices,
      drawing,
      ground: onto,
      drawn: drawing.drawn,
      pieces: [...drawing.drawn, ...drawing.extra],
      seams,
      handles: drawing.handles,
      draft: composeDraft("collar", drawing.title, [...drawing.acts, drawing.cutting]),
      solvers: drawing.solvers,
    },
    judge: () => judgeCollar(drawing, seams, deepenNeck(block, alterations)),
  };
}

/** Nobody deepens a neck by more for the sake of a collar. Our own limit. */
const MOST_DEEPENED_MM = 120;
const TOLERANCE_MM = 0.01;

/** The front neck is deepened until the neckline is long enough: by how much is found by trying. */
function deepenNeck(block: Block, alterations: readonly Alteration[]): DeepenNeck {
  return (longer) => {
    const half = block.front.neckline.length + longer / 2;
    const deepened = (by: number) => alterBlock(block, [{ kind: "deepen-front-neck", by }]).block.front.neckline.length;
    const root = findRoot((by) => deepened(by) - half, 0, MOST_DEEPENED_MM, TOLERANCE_MM);
    if (!root.converged) return null;
    return {
      by: root.value,
      change: { block: { alterations: [...alterations, { kind: "deepen-front-neck", by: root.value }] } },
    };
  };
}
