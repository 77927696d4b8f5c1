import { length, phrase } from "../draft";
import { findRoot, SOLVED_MM } from "../geometry";
import { type CapTask, type FeasibleRange, fitFirstRange, LOWEST_CAP_MM, wantedSeams } from "../sleeve/set-in";
import type { SpecChange } from "../spec";
import { type Finding, type Remedy, solvedLater } from "./finding";

/** Remedies are rounded to this step, always to the side on which the sleeve exists. */
const STEP_MM = 0.5;
/** The lower cap follows the larger armhole, and may take up a hair's breadth of what was added. */
const SHAPE_MARGIN_MM = 0.3;

const roundUp = (mm: number) => Math.ceil(mm / STEP_MM) * STEP_MM;
const roundDown = (mm: number) => Math.floor(mm / STEP_MM) * STEP_MM;

/** More ease than this share of the armhole is offered to nobody, nor an armhole larger by more, nor a sleeve. Our own limits. */
const MOST_EASE_SHARE = 0.15;
const MOST_LARGER_SHARE = 0.4;

/** How the armhole of this block is made larger by so much round the whole: what it then measures, and the change that does it. */
export type Enlarge = (added: number) => {
  readonly armhole: CapTask["armhole"];
  readonly change: SpecChange;
} | null;

/** Fit first has no cap: what this armhole allows, and the nearest change in each figure that makes one possible. */
export function judgeNoCap(task: CapTask, enlarge: Enlarge): Finding {
  const range = fitFirstRange(task);
  const width = task.upperArm + task.upperArmEase;
  if (!range) return armholeTooSmall(task, enlarge);
  return width > range.width.most ? tooWide(task, width, range, enlarge) : tooNarrow(task, width, range);
}

function tooWide(task: CapTask, width: number, range: FeasibleRange, enlarge: Enlarge): Finding {
  const over = width - range.width.most;
  return solvedLater(
    {
      code: "no-cap-fits",
      severity: "fault",
      station: "sleeve",
      message: phrase`No cap fits: the sleeve is ${length(width)} wide on the cap line, and this armhole with its ease takes at most ${length(range.width.most)}, where the cap is only ${length(range.height.least)} high. It is ${length(over)} too wide.`,
      reason: phrase`A wider sleeve wants a lower cap; here it would have to be flatter than a set-in sleeve can be.`,
      numbers: { width, widest: range.width.most, over },
    },
    () =>
      [largerArmhole(task, width, enlarge), narrower(task, over), moreEase(task, width)].filter(
        (remedy) => remedy !== null,
      ),
  );
}

function tooNarrow(task: CapTask, width: number, range: FeasibleRange): Finding {
  const under = range.width.least - width;
  const upperArmEase = roundUp(task.upperArmEase + under);
  const lessEase = easeForWidth(task, width, range.height.most);
  const remedies: Remedy[] = [
    {
      id: "widen-sleeve",
      label: phrase`Give the upper arm ${length(upperArmEase)} of ease`,
      change: { sleeve: { upperArmEase } },
    },
  ];
  if (lessEase !== null && roundDown(lessEase) >= 0) {
    remedies.push({
      id: "less-ease",
      label: phrase`Take the cap ease as ${length(roundDown(lessEase))}`,
      change: { sleeve: { capEase: roundDown(lessEase) } },
    });
  }
  return {
    code: "no-cap-fits",
    severity: "fault",
    station: "sleeve",
    message: phrase`No cap fits: a sleeve ${length(width)} wide would need a cap higher than the armhole is deep (${length(task.armhole.depth)}). It is ${length(under)} too narrow.`,
    reason: phrase`So narrow a sleeve stands off the underarm and binds as soon as the arm is lifted.`,
    numbers: { width, narrowest: range.width.least, under },
    remedies,
  };
}

function armholeTooSmall(task: CapTask, enlarge: Enlarge): Finding {
  const wanted = wantedSeams(task);
  return solvedLater(
    {
      code: "no-cap-fits",
      severity: "fault",
      station: "sleeve",
      message: phrase`No cap fits: with a cap seam of ${length(wanted.front)} at the front and ${length(wanted.back)} at the back there is no room for even the lowest cap, ${length(LOWEST_CAP_MM)}.`,
      reason: phrase`The armhole readings, or the depth, are too small for a set-in sleeve; measure them again on the Block station.`,
      numbers: { front: wanted.front, back: wanted.back, lowest: LOWEST_CAP_MM },
    },
    () => [largerArmhole(task, task.upperArm + task.upperArmEase, enlarge)].filter((remedy) => remedy !== null),
  );
}

function narrower(task: CapTask, over: number): Remedy | null {
  const upperArmEase = roundDown(task.upperArmEase - over);
  // A sleeve narrower than the arm is no way out; a knit may be stretched by a centimetre.
  if (upperArmEase < -10) return null;
  return {
    id: "narrow-sleeve",
    label: phrase`Take ${length(task.upperArmEase - upperArmEase)} off the sleeve width`,
    change: { sleeve: { upperArmEase } },
  };
}

function moreEase(task: CapTask, width: number): Remedy | null {
  const ease = easeForWidth(task, width, LOWEST_CAP_MM);
  if (ease === null) return null;
  const capEase = roundUp(ease);
  // So much could only be gathered: that is another sleeve.
  if (capEase > (task.armhole.front + task.armhole.back) * MOST_EASE_SHARE) return null;
  return {
    id: "more-ease",
    label: phrase`Accept ${length(capEase - task.capEase)} more ease in the cap`,
    change: { sleeve: { capEase } },
  };
}

function largerArmhole(task: CapTask, width: number, enlarge: Enlarge): Remedy | null {
  const widest = (added: number) => {
    const larger = enlarge(added);
    return larger ? (fitFirstRange({ ...task, armhole: larger.armhole })?.width.most ?? 0) : Number.NaN;
  };
  const root = findRoot((added) => widest(added) - width, 0, mostAdded(width, widest), SOLVED_MM);
  if (!root.converged || root.value > (task.armhole.front + task.armhole.back) * MOST_LARGER_SHARE) return null;
  const added = roundUp((root.value + SHAPE_MARGIN_MM) / 2) * 2;
  const larger = enlarge(added);
  if (!larger) return null;
  return {
    id: "larger-armhole",
    label: phrase`Make the armhole ${length(added)} larger`,
    change: larger.change,
  };
}

/** As far as the armhole can be made larger at all, up to the sleeve's width. */
function mostAdded(width: number, widest: (added: number) => number): number {
  let most = width;
  while (most > STEP_MM && Number.isNaN(widest(most))) most /= 2;
  return most;
}

/** The cap ease at which a cap of this height is exactly this wide. */
function easeForWidth(task: CapTask, width: number, height: number): number | null {
  const girth = task.armhole.front + task.armhole.back;
  const miss = (capEase: number) => {
    const range = fitFirstRange({ ...task, capEase });
    if (!range) return -width;
    return (height === LOWEST_CAP_MM ? range.width.most : range.width.least) - width;
  };
  const root = findRoot(miss, -girth / 2, girth + width, SOLVED_MM);
  return root.converged ? root.value : null;
}
