import {
  change,
  type Draft,
  type DraftLine,
  type LetteredPoint,
  length,
  type Phrase,
  phrase,
  type Step,
} from "../draft";
import { distance, endOf, type Point, startOf } from "../geometry";
import { ALTERATIONS, type Alteration, type AlterationTaken, isOfDrawing } from "./alteration-kinds";
import type { Block, Side } from "./half";

/**
 * The construction with its alterations told after it, so that the card ends in the block that is drawn. The curves stand as
 * they are after the last one.
 */
export function withAlterationSteps(block: Block, taken: readonly AlterationTaken[]): readonly Draft[] {
  const made = taken.filter((one) => one.leftOut === null);
  if (made.length === 0) return block.drafts;
  return block.drafts.map((draft) => {
    const side: Side = draft.id === "back" ? "back" : "front";
    const acts = made.map((one) => alterationAct(side, one));
    const steps = acts.map(({ text, tapeCheck }, i): Step => {
      const isLast = i === acts.length - 1;
      return {
        n: draft.steps.length + i + 1,
        text,
        tapeCheck,
        figures: [],
        points: isLast ? alteredPoints(draft, block, side) : [],
        lines: isLast ? alteredLines(block, side) : [],
      };
    });
    return {
      ...draft,
      steps: [...draft.steps, ...steps],
      points: [...draft.points, ...steps.flatMap((step) => step.points)],
      lines: [...draft.lines, ...steps.flatMap((step) => step.lines)],
    };
  });
}

/** By how much, with its sign where it goes both ways; nothing for a dart that is moved whole. */
export function byAmount({ kind, by }: Alteration): Phrase {
  if (by === 0) return [];
  return ALTERATIONS[kind].isTwoWay || by < 0 ? phrase` by ${change(by)}` : phrase` by ${length(by)}`;
}

function alterationAct(side: Side, taken: AlterationTaken) {
  const { kind, after } = taken;
  const { name, says } = ALTERATIONS[kind];
  const [armhole, neckline] =
    side === "front" ? [after.frontArmhole, after.frontNeckline] : [after.backArmhole, after.backNeckline];
  const amount = byAmount(taken);
  return {
    text: isOfDrawing(taken)
      ? phrase`${name}${amount}: ${says.charAt(0).toLowerCase()}${says.slice(1)} Blend the curve.`
      : phrase`${name}${amount}: ${says.charAt(0).toLowerCase()}${says.slice(1)} The steps above hold it already.`,
    tapeCheck: phrase`the ${side} armhole now measures ${length(armhole)}, the half neckline ${length(neckline)}`,
  };
}

function alteredLines(block: Block, side: Side): readonly DraftLine[] {
  const half = block[side];
  return [
    { id: `${side}.alteredNeckline`, kind: "seam", path: half.neckline.path },
    { id: `${side}.alteredShoulder`, kind: "seam", path: half.shoulder.path },
    { id: `${side}.alteredArmhole`, kind: "seam", path: half.armhole.path },
    { id: `${side}.alteredSideSeam`, kind: "seam", path: half.sideSeam },
  ];
}

/** Nearer to where it was than this a point has not moved. */
const MOVED_MM = 0.5;

/** Only what moved is lettered anew, with a dash. */
function alteredPoints(draft: Draft, block: Block, side: Side): readonly LetteredPoint[] {
  const half = block[side];
  const now: readonly (readonly [letter: string, at: Point])[] = [
    ["B", startOf(half.neckline.path)],
    ["C", endOf(half.neckline.path)],
    ["D", startOf(half.armhole.path)],
    ["G", endOf(half.armhole.path)],
  ];
  return now.flatMap(([letter, at]): LetteredPoint[] => {
    const before = draft.points.find((one) => one.letter === letter);
    return before && distance(before.at, at) > MOVED_MM
      ? [{ letter: `${letter}′`, name: `${before.name}, altered`, at }]
      : [];
  });
}
