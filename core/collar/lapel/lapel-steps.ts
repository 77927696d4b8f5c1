import type { BodiceHalf } from "../../block";
import { length, lettered, type Phrase, phrase, point, type StepRecord } from "../../draft";
import { boxOf, line, type Path, startOf, step } from "../../geometry";
import type { Piece } from "../../pattern";
import { measuredFigure } from "../collar-figures";
import type { FrontGround } from "./front-ground";
import { facingWidth, INSIDE_MM } from "./front-pieces";

/** Paper has to be there before the first line is drawn: what of the drawing lies above the neck point, and beside the centre front. */
export function paperStep(front: BodiceHalf, paths: readonly Path[]): StepRecord {
  const box = boxOf(paths);
  const neck = startOf(front.shoulder.path);
  const above = Math.max(0, neck.y - box.top);
  const beside = Math.max(0, startOf(front.centre).x - box.left);
  const formula = phrase`measured on the draft, without seam allowance`;
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
      measuredFigure("paper.above", "Paper above the neck point", above, formula),
      measuredFigure("paper.beside", "Paper beside the centre front", beside, formula),
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

/** The facing that is cut in one with lapel or collar, and the back neck's; `also` is said after them. */
export function facingStep(
  ground: Pick<FrontGround, "front">,
  { edges }: Piece,
  what: Phrase,
  also: Phrase = [],
): StepRecord {
  return {
    text: phrase`${what}: ${length(facingWidth(ground))} along the shoulder, half of it, and ${length(INSIDE_MM)} inside the centre front at chest and hem. Back neck facing: as wide all round.${also}`,
    lines: edges
      .filter(({ id }) => id === "inner")
      .map(({ path }) => ({ id: "facing.inner", path, kind: "guide" as const })),
  };
}
