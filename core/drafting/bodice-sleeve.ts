import type { Block } from "../block";
import { limbAt } from "../body";
import { composeDraft, type Draft } from "../draft";
import { measuredSeams, type SeamId, withArmLevels } from "../pattern";
import type { ResolvedSleeve, ResolvedSpec } from "../resolve";
import type { SleeveKind } from "../sleeve/all-styles";
import { type FinishedHem, finishDepth, finishHem } from "../sleeve/finish";
import { draftSetInSleeve, usualNotches } from "../sleeve/set-in";
import type { BodiceBase, BodiceSleeve, BodiceStyle, DrawnBodiceSleeve } from "../sleeve/style";
import { asGuide, turnUpOf, withOpening } from "./finish-sleeve";
import type { Part } from "./part";
import { reachingWaist } from "./reaching-waist";
import { setInTask } from "./sewn-sleeve";

/** A sleeve that took a part of the bodice along, with everything that was asked of it. */
export type DraftedBodiceSleeve = Part & {
  readonly family: "bodice";
  readonly kind: SleeveKind;
  readonly styleLengths: Readonly<Record<string, number>>;
  readonly drawing: DrawnBodiceSleeve;
  readonly hem: FinishedHem;
  /** The girth of the limb where the finished sleeve ends. */
  readonly limb: number;
  readonly notches: readonly SeamMark[];
};

/** A place that is marked on both edges of a seam, measured from where they begin. */
export type SeamMark = {
  readonly id: string;
  readonly name: string;
  readonly seam: SeamId;
  readonly bodyAt: number;
  readonly partAt: number;
};

/** What was asked of a sleeve that takes a part of the bodice along, and what came of it. */
export type BodiceAttempt = {
  readonly family: "bodice";
  readonly asked: ResolvedSleeve;
  readonly style: BodiceStyle;
  readonly block: Block;
  readonly drawing: BodiceSleeve;
  /** Null when these figures give no sleeve. */
  readonly drafted: DraftedBodiceSleeve | null;
};

export function draftBodiceSleeve(
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  style: BodiceStyle,
  block: Block,
): BodiceAttempt {
  const drawing = style.draft(bodiceBase(resolved, asked, block), asked.styleLengths);
  const attempt = { family: "bodice", asked, style, block, drawing } as const;
  if (!drawing.isDrawn) return { ...attempt, drafted: null };
  const limb = asked.hem.girth ?? limbAt(drawing.hemLevel + finishDepth(asked.hem), drawing.capHeight, resolved.body);
  const hem = finishHem(asked.hem, drawing.hemLength, limb);
  const isOpened = asked.hem.finish === "cuff" && asked.hem.opening > 0;
  const opened = drawing.drawn.map((piece) =>
    isOpened && piece.id.startsWith("sleeve") && piece.id !== "sleeveFront" ? withOpening(piece) : piece,
  );
  const { fitted } = drawing;
  const drawn = fitted
    ? withArmLevels(opened, { cap: fitted.sleeve.frame.height, elbow: fitted.task.lengths.elbowLevel })
    : opened;
  const drafted: DraftedBodiceSleeve = {
    family: "bodice",
    kind: asked.kind,
    styleLengths: asked.styleLengths,
    drawing,
    hem,
    limb,
    drawn,
    pieces: [...drawn, ...drawing.extra, ...hem.pieces],
    seams: measuredSeams(drawing.seams),
    notches: drawing.seams.flatMap(({ id, mark }): readonly SeamMark[] =>
      mark ? [{ id: `${id}.mark`, seam: id, ...mark }] : [],
    ),
    handles: drawing.handles,
    draft: draftOf(drawing, hem),
    solvers: [...(drawing.fitted?.sleeve.solvers ?? []), ...drawing.solvers],
  };
  return { ...attempt, drafted };
}

/** What such a sleeve is drafted from, with the eases and lengths that are asked. */
export function bodiceBase(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): BodiceBase {
  const { body, bodice } = resolved;
  const depth = finishDepth(asked.hem);
  return {
    block: reachingWaist(block, bodice.backLength),
    body,
    aroundShoulders: bodice.aroundShoulders,
    length: asked.length - depth,
    finishDepth: depth,
    widths: {
      upperArm: body.upperArm + asked.upperArmEase,
      elbow: body.elbow + asked.elbowEase,
      wrist: body.wrist + asked.wristEase,
    },
    eases: { upperArmEase: asked.upperArmEase, elbowEase: asked.elbowEase, wristEase: asked.wristEase },
    isTwoPiece: asked.isTwoPiece,
    turnUp: turnUpOf(asked),
    fit: (ground, longer, spreadLater = 0) => {
      const plain: ResolvedSleeve = {
        ...asked,
        method: "fit-first",
        capEase: 0,
        capHeight: null,
        placement: null,
        fullnessChange: 0,
        guides: { front: {}, back: {} },
        surplus: null,
        lowerEase: { front: 0, back: 0 },
        capHeightChange: 0,
        capWidthChange: 0,
        length: asked.length + longer,
        hemWidth: asked.hemWidth === null ? null : asked.hemWidth - spreadLater,
      };
      const task = setInTask(resolved, plain, ground, usualNotches(ground));
      return { task, sleeve: task.lengths.wristWidth > LEAST_HEM_MM ? draftSetInSleeve(task) : null };
    },
  };
}

/** Narrower there is no sleeve before it is spread. Our own limit. */
const LEAST_HEM_MM = 20;

function draftOf({ title, actsBefore, acts, fitted, cutting }: DrawnBodiceSleeve, hem: FinishedHem): Draft {
  const plain = fitted ? fitted.sleeve.acts.filter((act) => !fitted.sleeve.notchActs.includes(act)).map(asGuide) : [];
  return composeDraft("sleeve", title, [...actsBefore, ...plain, ...acts, ...hem.acts, cutting]);
}
