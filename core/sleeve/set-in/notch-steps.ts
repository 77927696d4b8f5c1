import { length, lettered, phrase, point, type StepRecord } from "../../draft";
import { along, type Cubic, type Point, reversePath } from "../../geometry";
import type { Drawn } from "./lettering";
import { crownLetter } from "./lettering";
import type { SeamNotch } from "./notches";

/** The notches, marked on the cap and on the armhole. */
export function notchSteps(drawn: Drawn): readonly StepRecord[] {
  return [frontNotchStep(drawn), backNotchStep(drawn), shoulderNotchStep(drawn)];
}

function frontNotchStep(drawn: Drawn): StepRecord {
  const { task } = drawn;
  const at = notchAt(drawn, "front");
  return {
    text: phrase`Up the front cap from ${point("C")}, ${length(at)} along the curve, mark ${point("T")}: the front notch. Mark the front armhole ${length(task.notches.front)} from its underarm.`,
    points: [lettered("T", "front notch", onCap(drawn.outline.capFront, at))],
  };
}

function backNotchStep(drawn: Drawn): StepRecord {
  const lower = notchAt(drawn, "back");
  const upper = notchAt(drawn, "backSecond");
  return {
    text: phrase`Up the back cap from ${point("D")}, mark ${point("U")} at ${length(lower)} and ${point("V")} at ${length(upper)}: the double back notch. Mark the back armhole ${length(drawn.task.notches.back)} and ${length(drawn.task.notches.back + upper - lower)} from its underarm.`,
    points: [
      lettered("U", "back notch, lower", onCap(drawn.outline.capBack, lower)),
      lettered("V", "back notch, upper", onCap(drawn.outline.capBack, upper)),
    ],
  };
}

function shoulderNotchStep({ outline, capLength }: Drawn): StepRecord {
  return {
    text: phrase`Notch the cap at ${point(crownLetter(outline))}, ${length(capLength.front)} up from ${point("C")}: it meets the shoulder seam.`,
  };
}

function notchAt({ notches }: Drawn, id: SeamNotch["id"]): number {
  const notch = notches.find((n) => n.id === id);
  if (!notch) throw new Error(`notchAt: the sleeve has no notch "${id}"`);
  return notch.partAt;
}

/** The place on a half cap at a distance from the underarm; the cap itself runs down from the crown. */
function onCap(cap: Cubic, fromUnderarm: number): Point {
  return along(reversePath([cap]), fromUnderarm).point;
}
