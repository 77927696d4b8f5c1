import { type Figure, length, phrase, point, type StepRecord } from "../../draft";
import { boxOf, line, type Path, step } from "../../geometry";
import { lettered } from "../piece-lines";
import type { FrontGround } from "./front-ground";

/** What of the drawing lies above the neck point, and beside the centre front. Millimetres. */
function roomNeeded({ neck, front }: FrontGround, paths: readonly Path[]) {
  const box = boxOf(paths);
  const centre = front.centre[0]?.[0] ?? neck;
  return { above: Math.max(0, neck.y - box.top), beside: Math.max(0, centre.x - box.left) };
}

/** Paper has to be there before the first line is drawn. */
export function paperStep(ground: FrontGround, paths: readonly Path[]): StepRecord {
  const { above, beside } = roomNeeded(ground, paths);
  const { front, neck } = ground;
  const room = (id: string, label: string, value: number): Figure => ({
    id,
    label,
    value,
    kind: "length",
    formula: phrase`measured on the draft, without seam allowance`,
    rule: "Measured on the draft",
    source: "geometry",
  });
  const guide = (id: string, path: Path) => ({ id: `block.${id}`, path, kind: "guide" as const });
  return {
    text: phrase`Before you begin: trace the front with ${length(above)} of paper above the neck point ${point("A")} and ${length(beside)} beside the centre front, and an inch more for seams.`,
    points: [lettered("A", "side neck point", neck)],
    lines: [
      guide("neckline", front.neckline.path),
      guide("shoulder", front.shoulder.path),
      guide("armhole", front.armhole.path),
      guide("side", front.sideSeam),
      guide("centre", front.centre),
    ],
    figures: [
      room("paper.above", "Paper above the neck point", above),
      room("paper.beside", "Paper beside the centre front", beside),
    ],
  };
}

/** The button stand with the break point on its edge. */
export function breakStep(ground: FrontGround): StepRecord {
  const { breakPoint, neck, beyond, front, chest, waist } = ground;
  const hem = { x: breakPoint.x, y: front.centre.at(-1)?.[3].y ?? breakPoint.y };
  return {
    text: phrase`Draw the edge of the button stand ${length(beyond)} beyond the centre front, and mark the break point ${point("B")} on it, ${length(breakPoint.y - neck.y)} below the level of ${point("A")}: ${breakPoint.y <= chest ? phrase`${length(chest - breakPoint.y)} above the chest line` : phrase`${length(Math.abs(waist - breakPoint.y))} ${breakPoint.y <= waist ? "above" : "below"} the waist`}. The first button sits there.`,
    points: [lettered("B", "break point", breakPoint)],
    lines: [{ id: "stand.edge", path: line(breakPoint, hem), kind: "seam" }],
  };
}

/** The roll line, or crease, and as much of it again above as the back neck is long. */
export function rollStep(ground: FrontGround, name: "roll line" | "crease line"): StepRecord {
  const { breakPoint, rollTop, neck, up, backNeck } = ground;
  const ahead = Math.hypot(rollTop.x - neck.x, rollTop.y - neck.y);
  return {
    text: phrase`${ahead > 0.5 ? phrase`Run the shoulder line on beyond ${point("A")} by ${length(ahead)} to ${point("C")}, and rule the ${name} from ${point("B")} to ${point("C")}` : phrase`Rule the ${name} from ${point("B")} to ${point("A")}`}. Draw its direction on from ${point("A")} upwards by the back neck, ${length(backNeck)}.`,
    points: ahead > 0.5 ? [lettered("C", `top of the ${name}`, rollTop)] : [],
    lines: [
      { id: "roll", path: line(breakPoint, rollTop), kind: "guide" },
      { id: "roll.on", path: line(neck, step(neck, up, backNeck)), kind: "guide" },
    ],
  };
}
