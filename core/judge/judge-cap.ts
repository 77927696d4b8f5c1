import { type Cloth, clothOf } from "../cloth";
import { length, type Phrase, percent, phrase } from "../draft";
import { SAME_MM } from "../geometry";
import type { Seam } from "../pattern";
import { pleatsFor, type SetInSleeve, type SetInTask } from "../sleeve/set-in";
import { type Finding, type Remedy, solvedLater } from "./finding";
import { draftByFitFirst, MOST_STRETCH_SHARE, reconcile, surplusOf } from "./reconcile";

/** A tape reads to an eighth of an inch; a whole cap off by less is as good as a person can sew. */
const TAPE_MM = 25.4 / 8;

/** Does the cap seam come out at armhole + wanted ease? With the ways to bring it there, or what is done with the surplus. */
export function judgeSurplus(task: SetInTask, sleeve: SetInSleeve, cloth: Cloth): readonly Finding[] {
  const girth = task.cap.armhole.front + task.cap.armhole.back;
  const surplus = surplusOf(task, sleeve);
  if (Math.abs(surplus) <= TAPE_MM) return [];
  const isLong = surplus > 0;
  const taken = surplusTaken(task, surplus, cloth);
  if (taken) return [taken];
  return [
    solvedLater(
      {
        code: isLong ? "cap-too-long" : "cap-too-short",
        severity: "fault",
        station: "sleeve",
        message: phrase`The cap is ${length(Math.abs(surplus))} too ${isLong ? "long" : "short"} for the armhole with its ease of ${length(task.cap.capEase)}.${whyRuleMisses(task, sleeve)}`,
        reason: isLong
          ? phrase`Sewn in as it is, it puckers round the crown.`
          : phrase`It would have to be stretched, and strains across the upper arm.`,
        numbers: { surplus, armhole: girth, wantedEase: task.cap.capEase },
      },
      () => reconcile(task, sleeve, cloth),
    ),
  ];
}

/** A surplus that is gathered or pleated by choice is no fault, nor is what a knit can be stretched by. */
function surplusTaken(task: SetInTask, surplus: number, cloth: Cloth): Finding | null {
  const { surplus: taken } = task;
  if (taken === null) return null;
  const { armhole, capEase } = task.cap;
  const girth = armhole.front + armhole.back;
  const easeFinding = (message: Phrase, numbers: Finding["numbers"]): Finding =>
    solvedLater(
      {
        code: `surplus-${taken}`,
        severity: "note",
        station: "sleeve",
        message,
        reason: phrase`Below the notches cap and armhole still match; all of it lies between them at the crown.`,
        numbers,
      },
      () => {
        const fitted = draftByFitFirst(task, cloth);
        return fitted ? [{ ...fitted, id: "not-any-more", label: phrase`Do not, and fit the cap instead` }] : [];
      },
    );
  if (task.surplus === "gather" && surplus > 0) {
    const between = girth - task.notches.front - task.notches.back;
    const ratio = (between + capEase + surplus) / between;
    return easeFinding(
      phrase`${length(capEase + surplus)} is gathered at the crown, ${ratio.toFixed(2)} to 1 between the notches.`,
      { surplus },
    );
  }
  if ((task.surplus === "pleat" || task.surplus === "dart") && surplus > 0) {
    const { count, depth } = pleatsFor(surplus);
    const laid = task.surplus;
    return easeFinding(
      phrase`${length(surplus)} is laid in ${count === 1 ? `one ${laid}` : `${count} ${laid}s`} at the crown, ${length(depth)} deep.`,
      { surplus, depth },
    );
  }
  const isStretchable = cloth.kind === "knit" && -surplus <= MOST_STRETCH_SHARE * girth;
  if (task.surplus === "stretch" && surplus < 0 && isStretchable)
    return easeFinding(phrase`${length(-surplus)} is stretched in, ${percent(-surplus / girth)} of the armhole.`, {
      surplus,
    });
  return null;
}

/** Why laying the half armhole flat misleads, in this client's numbers. */
function whyRuleMisses(task: SetInTask, sleeve: SetInSleeve): Phrase {
  if (task.method !== "bust-twelfth" || task.cap.placement === "slant") return [];
  const { height, frontWidth } = sleeve.frame;
  return phrase` Half the armhole is laid flat, ${length(frontWidth)} to each side, so each slant is already ${length(Math.hypot(frontWidth, height))} before any curve is drawn.`;
}

/** The ease of each section against what the cloth can take in without puckers. */
export function judgeEase(seams: readonly Seam[], task: SetInTask, cloth: Cloth): readonly Finding[] {
  const sections = seams.flatMap((seam) =>
    seam.sections
      // Between two marks in one place nothing can be eased in.
      .filter(({ bodyLength }) => bodyLength > SAME_MM)
      .map((section) => ({ seam, section, share: section.ease / section.bodyLength })),
  );
  if (sections.length === 0) return [];
  const worst = sections.reduce((a, b) => (b.share > a.share ? b : a));
  // What is gathered or pleated is not eased in.
  if (
    worst.share <= cloth.mostEaseShare ||
    task.surplus === "gather" ||
    task.surplus === "pleat" ||
    task.surplus === "dart"
  )
    return [];
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
      change: { cloth: { kind: softer.kind, takes: undefined } },
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
