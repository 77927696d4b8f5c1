import { composeDraft } from "../../draft";
import { armholeDepth, type Block, levelsDown } from "../half";
import { fittedFigures } from "./figures";
import { backHalf, frontHalf } from "./halves";
import { type FittedSheet, layOut } from "./lay-out";
import { type FittedObstacle, obstacleOfFitted } from "./obstacle";
import { solveFitted } from "./solve";
import { fittedSteps } from "./steps";
import type { FittedTask, FittedTold } from "./task";

/** `frontLength`: side neck point to waist as drafted, in millimetres. */
export type FittedBlock =
  | { readonly ok: true; readonly block: Block; readonly told: readonly FittedTold[]; readonly frontLength: number }
  | { readonly ok: false; readonly obstacle: FittedObstacle };

/** The bodice solved from the body that was measured (see solveFitted), as a recorded construction; or what is in the way of it. */
export function draftFitted(task: FittedTask): FittedBlock {
  const plan = solveFitted(task.body, task.ease, task.choices);
  const obstacle = obstacleOfFitted(task, plan);
  if (obstacle) return { ok: false, obstacle };
  const sheet = layOut(task, plan);
  const halves = { front: frontHalf(sheet), back: backHalf(sheet) };
  return {
    ok: true,
    told: toldOf(sheet),
    frontLength: plan.frontLength,
    block: {
      ...halves,
      // A dart at the side turns the front's underarm up: the back's depth is that of the armhole once it is closed.
      depth: armholeDepth(halves.back),
      levels: levelsDown(sheet.levels, sheet.levels.hem + Math.max(0, sheet.hemDrop.front)),
      drafts: [
        composeDraft("back", "Fitted bodice, back", fittedSteps("back", sheet, halves.back)),
        composeDraft("front", "Fitted bodice, front", fittedSteps("front", sheet, halves.front)),
      ],
      figures: fittedFigures(sheet, halves),
      solvers: plan.solvers,
    },
  };
}

function toldOf({ plan, waistDarts, front, task }: FittedSheet): readonly FittedTold[] {
  const { widths } = plan;
  const over = Math.max(0, -(widths.front.side + widths.back.side));
  return [
    // Gathers give the length that the bust takes.
    ...plan.told.filter(({ code }) => code !== "front-short-without-dart" || task.gathered.front === 0),
    ...(waistDarts.front.length + waistDarts.back.length > 2 ? [{ code: "second-dart" as const }] : []),
    ...(over > 0 && task.choices.silhouette === "fitted" ? [{ code: "waist-over-bust" as const, over: 2 * over }] : []),
    ...(front.mouth > 0 || plan.dart === 0 || front.atWaist > 0
      ? []
      : [{ code: "dart-as-ease" as const, dart: plan.dart }]),
  ];
}
