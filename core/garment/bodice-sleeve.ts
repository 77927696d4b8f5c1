import type { Block } from "../block";
import { limbAt } from "../body";
import {
  type Enlarge,
  type Finding,
  judgeBodiceSleeve,
  judgeNoRoom,
  judgeStyle,
  judgeWidth,
  type Remedy,
  type Seam,
  styleSeams,
} from "../check";
import { composeDraft, type Draft, length, phrase } from "../draft";
import type { Piece } from "../pattern";
import type { BodiceBase, BodiceStyle, DrawnBodiceSleeve, SeamId } from "../sleeve/bodice-style";
import { type FinishedHem, finishDepth, finishHem } from "../sleeve/finish";
import { draftSetInSleeve, type NamedSolution, usualNotches } from "../sleeve/set-in";
import type { StyleHandle } from "../sleeve/style";
import type { SleeveKind } from "../sleeve/styles";
import type { SpecChange } from "../spec";
import { asGuide, turnUpOf, withOpening } from "./finish-sleeve";
import { reachingWaist } from "./reaching-waist";
import type { ResolvedSpec } from "./resolve";
import type { ResolvedSleeve } from "./resolve-sleeve";
import { setInTask, whyNoSleeve } from "./sewn-sleeve";

/** A sleeve that took a part of the bodice along, with everything that was asked of it. */
export type DraftedBodiceSleeve = {
  readonly family: "bodice";
  readonly kind: SleeveKind;
  readonly styleLengths: Readonly<Record<string, number>>;
  readonly drawing: DrawnBodiceSleeve;
  readonly hem: FinishedHem;
  readonly drawn: readonly Piece[];
  readonly pieces: readonly Piece[];
  readonly seams: readonly Seam[];
  readonly notches: readonly SeamMark[];
  readonly handles: readonly StyleHandle[];
  readonly draft: Draft;
  readonly solvers: readonly NamedSolution[];
};

/** A place that is marked on both edges of a seam, measured from where they begin. */
export type SeamMark = {
  readonly id: string;
  readonly name: string;
  readonly seam: SeamId;
  readonly bodyAt: number;
  readonly partAt: number;
};

export type BodiceOutcome = { readonly drafted: DraftedBodiceSleeve | null; readonly judge: () => readonly Finding[] };

export function draftBodiceSleeve(
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  style: BodiceStyle,
  block: Block,
  enlarge: Enlarge,
): BodiceOutcome {
  const drawing = style.draft(baseOf(resolved, asked, block), asked.styleLengths);
  if (!drawing.isDrawn) {
    const why = () =>
      drawing.why === "no-cap"
        ? withoutCapChoices(
            whyNoSleeve(drawing.task, resolved.cloth, enlarge, asked),
            lowerFurther(resolved, asked, style, block),
          )
        : judgeNoRoom(asked.kind, drawing.misplaced);
    return { drafted: null, judge: () => [why()] };
  }
  const { body, cloth } = resolved;
  const limb = limbAt(drawing.hemLevel + finishDepth(asked.hem), drawing.capHeight, body);
  const hem = finishHem(asked.hem, drawing.hemLength, limb);
  const isOpened = asked.hem.finish === "cuff" && asked.hem.opening > 0;
  const drawn = drawing.drawn.map((piece) =>
    isOpened && piece.id.startsWith("sleeve") && piece.id !== "sleeveFront" ? withOpening(piece) : piece,
  );
  const { fitted } = drawing;
  const seams = styleSeams(drawing.seams);
  return {
    drafted: {
      family: "bodice",
      kind: asked.kind,
      styleLengths: asked.styleLengths,
      drawing,
      hem,
      drawn,
      pieces: [...drawn, ...drawing.extra, ...hem.pieces],
      seams,
      notches: drawing.seams.flatMap(({ id, mark }): readonly SeamMark[] =>
        mark ? [{ id: `${id}.mark`, seam: id, ...mark }] : [],
      ),
      handles: drawing.handles,
      draft: draftOf(drawing, hem),
      solvers: [...(fitted?.sleeve.solvers ?? []), ...drawing.solvers],
    },
    judge: () => [
      ...(fitted ? judgeWidth(fitted.task, fitted.sleeve, cloth) : []),
      ...judgeBodiceSleeve(asked.kind, drawing, seams, cloth),
      ...judgeStyle(
        {
          kind: asked.kind,
          hem: asked.hem,
          hemLength: drawing.hemLength,
          onto: hem.onto,
          limb,
          crownRatio: null,
          misplaced: drawing.misplaced,
          finished: drawing.finishedLength,
          lengths: asked.styleLengths,
          opens: { crown: null, hem: null },
          derive: () => null,
        },
        { hand: body.hand, armLength: body.armLength },
        cloth,
      ),
    ],
  };
}

/** The cap under such a sleeve is always fitted, and without ease: neither is a way out. */
function withoutCapChoices(found: Finding, instead: Remedy | null): Finding {
  const isOfCap = ({ sleeve }: SpecChange) => sleeve?.capEase !== undefined || sleeve?.method !== undefined;
  const others = found.remedies.filter((remedy) => !isOfCap(remedy.change));
  return { ...found, remedies: instead ? [...others, instead] : others };
}

const LOWER_STEP_MM = 5;

/** A larger armhole comes of lowering the underarm further: by how much is found by trying. */
function lowerFurther(resolved: ResolvedSpec, asked: ResolvedSleeve, style: BodiceStyle, block: Block): Remedy | null {
  const most = style.fields.lowering?.bounds.most ?? 0;
  const base = baseOf(resolved, asked, block);
  for (let by = (asked.styleLengths.lowering ?? 0) + LOWER_STEP_MM; by <= most; by += LOWER_STEP_MM) {
    if (!style.draft(base, { ...asked.styleLengths, lowering: by }).isDrawn) continue;
    return {
      id: "lower-underarm",
      label: phrase`Lower the underarm by ${length(by)}`,
      change: { sleeve: { [asked.kind]: { lowering: by } } },
    };
  }
  return null;
}

function baseOf(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): BodiceBase {
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
    fit: (ground, longer) => {
      const plain: ResolvedSleeve = {
        ...asked,
        method: "fit-first",
        capEase: 0,
        capHeight: null,
        placement: null,
        fullnessChange: 0,
        surplus: null,
        lowerEase: { front: 0, back: 0 },
        capHeightChange: 0,
        capWidthChange: 0,
        length: asked.length + longer,
      };
      const task = setInTask(resolved, plain, ground, usualNotches(ground));
      return { task, sleeve: draftSetInSleeve(task) };
    },
  };
}

function draftOf({ title, actsBefore, acts, fitted, cutting }: DrawnBodiceSleeve, hem: FinishedHem): Draft {
  const plain = fitted ? fitted.sleeve.acts.filter((act) => !fitted.sleeve.notchActs.includes(act)).map(asGuide) : [];
  return composeDraft("sleeve", title, [...actsBefore, ...plain, ...acts, ...hem.acts, cutting]);
}
