import type { Block } from "../block";
import { limbAt, type SleeveBody } from "../body";
import { composeDraft, type Draft, type StepRecord } from "../draft";
import { type Path, pathLength } from "../geometry";
import { notchOn, type Piece, withArmLevels } from "../pattern";
import type { ResolvedSleeve } from "../resolve";
import { sewnStyleOf } from "../sleeve/all-styles";
import { casingDepth, type FinishedHem, finishHem, OPENING_SHARE } from "../sleeve/finish";
import {
  finishedLength,
  hemWidthOf,
  type SeamNotch,
  type SetInSleeve,
  type SetInTask,
  sleevePieces,
  wholeSleeve,
} from "../sleeve/set-in";
import type { StyledSleeve } from "../sleeve/style";
import type { Part } from "./part";

/** The plain sleeve made into its style, and its hem finished. */
export type FinishedSleeve = Pick<Part, "draft" | "drawn" | "pieces" | "handles"> & {
  readonly styled: StyledSleeve | null;
  /** Does the style draw anew what the plain sleeve is? */
  readonly isRedrawn: boolean;
  readonly hem: FinishedHem;
  readonly hemLength: number;
  /** The girth of the limb where the finished sleeve ends when it is worn, below its cuff. */
  readonly limb: number;
  /** The sleeve in one piece, also where it is cut in two: for laying it on the armhole or over another. */
  readonly whole: Piece;
  /** The cap as it is sewn in, from the crown down. */
  readonly caps: { readonly front: Path; readonly back: Path };
  /** The notches as they stand on that cap. */
  readonly notches: readonly SeamNotch[];
};

/** What hangs below the hem: the casing of an elastic, or what is turned up. */
export function turnUpOf({ hem, hemTurnUp }: ResolvedSleeve): number {
  return casingDepth(hem) || hemTurnUp;
}

export function finishSleeve(
  asked: ResolvedSleeve,
  task: SetInTask,
  sleeve: SetInSleeve,
  block: Block,
  body: SleeveBody,
): FinishedSleeve {
  const style = sewnStyleOf(asked.kind);
  const styled = style?.derive({ block, task, sleeve, turnUp: turnUpOf(asked) }, asked.styleLengths) ?? null;
  // Where it is worn: what falls over the hem hangs over the arm and does not lower it.
  const limb =
    asked.hem.girth ??
    limbAt(finishedLength(task.lengths) + asked.beginsBelow, sleeve.frame.height + asked.beginsBelow, body);
  const hemLength = styled?.hemLength ?? hemWidthOf(sleeve.outline, sleeve.twoPiece);
  const hem = finishHem(asked.hem, hemLength, limb, sleeve.twoPiece ? "back-seam" : "hem");
  const isOpened = asked.hem.finish === "cuff" && asked.hem.opening > 0 && !sleeve.twoPiece;
  const opened = (styled?.pieces ?? sleevePieces(sleeve)).map((piece) => (isOpened ? withOpening(piece) : piece));
  const drawn = withArmLevels(opened, { cap: sleeve.frame.height, elbow: task.lengths.elbowLevel });
  const [main = wholeSleeve(sleeve)] = drawn;
  const { capFront, capBack } = sleeve.outline;
  const isRedrawn = styled !== null && !style?.keepsOutline;
  return {
    styled,
    isRedrawn,
    hem,
    hemLength,
    limb,
    whole: sleeve.twoPiece ? wholeSleeve(sleeve) : main,
    drawn,
    pieces: [...drawn, ...(styled?.extra ?? []), ...hem.pieces],
    caps: styled?.caps ?? { front: [capFront], back: [capBack] },
    notches: styled ? sleeve.notches.map((notch) => onStyled(notch, styled)) : sleeve.notches,
    handles: styled?.handles ?? [],
    draft: draftOf(sleeve, styled, isRedrawn, hem),
  };
}

function draftOf(sleeve: SetInSleeve, styled: StyledSleeve | null, isRedrawn: boolean, hem: FinishedHem): Draft {
  if (!styled) {
    const { draft } = sleeve;
    return hem.acts.length === 0
      ? draft
      : composeDraft(draft.id, draft.title, [...sleeve.acts, ...hem.acts, sleeve.cutting]);
  }
  return composeDraft("sleeve", styled.title, [
    ...(isRedrawn ? sleeve.acts.map(asGuide) : sleeve.acts),
    ...styled.acts,
    ...hem.acts,
    sleeve.cutting,
  ]);
}

/** Below the gathers a notch stays where it is; the shoulder's goes with the crown. */
function onStyled(notch: SeamNotch, { caps }: StyledSleeve): SeamNotch {
  return notch.id === "shoulder" ? { ...notch, partAt: pathLength(caps.front) } : notch;
}

/** Figures of the plain sleeve that its style changes. */
const OF_PLAIN: readonly string[] = ["sleeve.cap.front", "sleeve.cap.back", "sleeve.capEase", "sleeve.hemWidth"];

/** What was drawn for the plain sleeve is only there to draw the style by. */
export function asGuide(act: StepRecord): StepRecord {
  return {
    ...act,
    lines: act.lines?.map((line) => ({ ...line, id: `plain.${line.id}`, kind: "guide" })),
    figures: act.figures?.map((figure) =>
      OF_PLAIN.includes(figure.id) ? { ...figure, label: `${figure.label}, plain sleeve` } : figure,
    ),
  };
}

/** Where the opening above a cuff is cut: at the back quarter of the hem. Only the piece that has the hem gets its notch. */
export function withOpening(piece: Piece): Piece {
  const hem = piece.edges.find(({ role }) => role === "hem");
  if (!hem) return piece;
  const opening = notchOn("opening", hem.path, hem.length * OPENING_SHARE);
  return { ...piece, notches: [...piece.notches, opening] };
}
