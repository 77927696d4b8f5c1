import { type Cloth, clothOf } from "../cloth";
import { length, type Phrase, percent, phrase } from "../draft";
import { findRoot } from "../geometry";
import {
  BACK_SHAPE,
  type CapTask,
  FRONT_SHAPE,
  halfCapLength,
  methodOf,
  type SetInSleeve,
  type SetInTask,
} from "../sleeve/set-in";
import type { Finding, Remedy } from "./finding";
import type { Seam } from "./seam";

/** A tape reads to an eighth of an inch; a whole cap off by less is as good as a person can sew. */
const TAPE_MM = 25.4 / 8;
const TOLERANCE_MM = 1e-6;

/** Does the cap seam come out at armhole + wanted ease? With the ways to bring it there. */
export function judgeSurplus(task: SetInTask, sleeve: SetInSleeve, cloth: Cloth): readonly Finding[] {
  const girth = task.cap.armhole.front + task.cap.armhole.back;
  const surplus = sleeve.capLength.front + sleeve.capLength.back - girth - task.cap.capEase;
  if (Math.abs(surplus) <= TAPE_MM) return [];
  const isLong = surplus > 0;
  const remedies = [
    draftByFitFirst(task, cloth),
    changeHeight(task.cap, sleeve),
    changeWidth(task.cap, sleeve),
    keepSurplus(task, surplus),
  ];
  return [
    {
      code: isLong ? "cap-too-long" : "cap-too-short",
      severity: "fault",
      station: "sleeve",
      message: phrase`The cap is ${length(Math.abs(surplus))} too ${isLong ? "long" : "short"} for the armhole with its ease of ${length(task.cap.capEase)}.${whyRuleMisses(task, sleeve)}`,
      reason: isLong
        ? phrase`Sewn in as it is, it puckers round the crown.`
        : phrase`It would have to be stretched, and strains across the upper arm.`,
      numbers: { surplus, armhole: girth, wantedEase: task.cap.capEase },
      remedies: remedies.filter((remedy) => remedy !== null),
    },
  ];
}

/** Why laying the half armhole flat misleads, in this client's numbers. */
function whyRuleMisses(task: SetInTask, sleeve: SetInSleeve): Phrase {
  if (task.method !== "bust-twelfth") return [];
  const { height, frontWidth } = sleeve.frame;
  return phrase` Half the armhole is laid flat, ${length(frontWidth)} to each side, so each slant is already ${length(Math.hypot(frontWidth, height))} before any curve is drawn.`;
}

function draftByFitFirst(task: SetInTask, cloth: Cloth): Remedy | null {
  if (task.method === "fit-first") return null;
  const upperArmEase = (cloth.upperArmEase.least + cloth.upperArmEase.most) / 2;
  const other: SetInTask = { ...task, method: "fit-first", cap: { ...task.cap, upperArmEase } };
  if (!methodOf("fit-first").frame(other.cap)) return null;
  return {
    id: "use-fit-first",
    label: phrase`Draft it by Fit first: the arm with ${length(upperArmEase)} of ease, and a cap that fits`,
    change: { sleeve: { method: "fit-first", upperArmEase, capHeightChange: 0, capWidthChange: 0 } },
  };
}

/** Raise or lower the cap at the width it has until the whole seam comes out. */
function changeHeight(cap: CapTask, { frame }: SetInSleeve): Remedy | null {
  const miss = (height: number) => wholeCap(frame.frontWidth, frame.backWidth, height) - wholeSeam(cap);
  const root = findRoot(miss, 1, wholeSeam(cap), TOLERANCE_MM);
  if (!root.converged) return null;
  const by = root.value - frame.height;
  return {
    id: by < 0 ? "lower-cap" : "raise-cap",
    label: phrase`${by < 0 ? "Lower" : "Raise"} the cap by ${length(Math.abs(by))}`,
    change: { sleeve: { capHeightChange: cap.capHeightChange + by } },
  };
}

/** Widen or narrow the sleeve at the height it has until the whole seam comes out. */
function changeWidth(cap: CapTask, { frame }: SetInSleeve): Remedy | null {
  const width = frame.frontWidth + frame.backWidth;
  const miss = (factor: number) =>
    wholeCap(frame.frontWidth * factor, frame.backWidth * factor, frame.height) - wholeSeam(cap);
  const root = findRoot(miss, 0.01, wholeSeam(cap) / width, TOLERANCE_MM);
  if (!root.converged) return null;
  const by = width * (root.value - 1);
  return {
    id: by < 0 ? "narrow-sleeve" : "widen-sleeve",
    label: phrase`${by < 0 ? "Narrow" : "Widen"} the sleeve by ${length(Math.abs(by))} on the cap line`,
    change: { sleeve: { capWidthChange: cap.capWidthChange + by } },
  };
}

function keepSurplus(task: SetInTask, surplus: number): Remedy {
  const capEase = task.cap.capEase + surplus;
  return {
    id: "keep-surplus",
    label:
      capEase > 0
        ? phrase`Keep it: ${length(capEase)} to ease or gather in`
        : phrase`Keep it: ${length(-capEase)} to stretch in`,
    change: { sleeve: { capEase } },
  };
}

function wholeSeam(cap: CapTask): number {
  return cap.armhole.front + cap.armhole.back + cap.capEase;
}

function wholeCap(frontWidth: number, backWidth: number, height: number): number {
  return halfCapLength(FRONT_SHAPE, frontWidth, height) + halfCapLength(BACK_SHAPE, backWidth, height);
}

/** The ease of each section against what the cloth can take in without puckers. */
export function judgeEase(seams: readonly Seam[], task: SetInTask, cloth: Cloth): readonly Finding[] {
  const sections = seams.flatMap((seam) =>
    seam.sections.map((section) => ({ seam, section, share: section.ease / section.bodyLength })),
  );
  const worst = sections.reduce((a, b) => (b.share > a.share ? b : a));
  if (worst.share <= cloth.mostEaseShare) return [];
  const usual = (cloth.capEase.least + cloth.capEase.most) / 2;
  const softer = clothOf("soft-wool");
  const remedies: Remedy[] = [];
  if (usual < task.cap.capEase) {
    remedies.push({
      id: "usual-ease",
      label: phrase`Take the cap ease as ${length(usual)}, usual for this cloth`,
      change: { sleeve: { capEase: usual } },
    });
  }
  if (worst.share <= softer.mostEaseShare && cloth.kind !== softer.kind) {
    remedies.push({
      id: "softer-cloth",
      label: phrase`Make it in ${softer.name.toLowerCase()}`,
      change: { cloth: { kind: softer.kind } },
    });
  }
  return [
    {
      code: "ease-over-cloth",
      severity: "warning",
      station: "match",
      message: phrase`${worst.seam.name}, ${worst.section.from} to ${worst.section.to}: ${length(worst.section.ease)} to ease in, ${percent(worst.share)} of the section. ${cloth.name} takes about ${percent(cloth.mostEaseShare)}.`,
      reason: phrase`More than the cloth can be shrunk or eased in shows as puckers at the crown.`,
      numbers: { ease: worst.section.ease, bodyLength: worst.section.bodyLength },
      remedies,
    },
  ];
}
