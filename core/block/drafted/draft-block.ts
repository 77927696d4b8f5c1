import { composeDraft } from "../../draft";
import { line } from "../../geometry";
import { type Block, type BodiceHalf, curve, levelsDown, meanDepth, type Side } from "../half";
import type { BlockChoices, BlockMeasures, BlockStyle } from "./choices";
import { drawHalf } from "./curves";
import { type BlockObstacle, obstacleOf } from "./obstacle";
import { type BlockPlan, planBlock } from "./plan";
import { shapeHalf } from "./shaping";
import { buttonStandLine, halfSteps } from "./steps";

export type DraftedBlock =
  | { readonly ok: true; readonly block: Block }
  | { readonly ok: false; readonly obstacle: BlockObstacle };

const STYLE_NAMES: Readonly<Record<BlockStyle, string>> = {
  woven: "Bodice for woven cloth",
  knit: "Bodice for knits",
  dropped: "Bodice with dropped shoulder",
};

/** The bodice drafted from body measurements (common practice, no source), as a recorded construction. */
export function draftBlock(body: BlockMeasures, choices: BlockChoices): DraftedBlock {
  const plan = planBlock(body, choices);
  const obstacle = obstacleOf(plan, choices);
  if (obstacle) return { ok: false, obstacle };
  const back = draftHalf("back", plan, choices, body);
  const front = draftHalf("front", plan, choices, body);
  return {
    ok: true,
    block: {
      front: front.half,
      back: back.half,
      depth: meanDepth(front.half, back.half),
      levels: levelsDown(
        {
          chest: plan.chestLevel,
          bust: plan.bustLevel,
          underbust: plan.underbustLevel,
          waist: plan.waistLevel,
          hip: plan.hipLevel,
          hem: plan.hemLevel,
        },
        plan.hemLevel,
      ),
      drafts: [back.draft, front.draft],
      figures: plan.figures,
      solvers: [],
    },
  };
}

function draftHalf(side: Side, plan: BlockPlan, choices: BlockChoices, body: BlockMeasures) {
  const curves = drawHalf(side, plan, choices);
  const shaped = shapeHalf(side, plan, choices, body, curves);
  const stand = side === "front" ? buttonStandLine({ plan, choices }) : null;
  const half: BodiceHalf = {
    side,
    neckline: curve(curves.neckline),
    shoulder: curve(line(curves.neckPoint, curves.shoulderPoint)),
    armhole: curve(curves.armhole),
    sideSeam: curves.sideSeam,
    centre: curves.centre,
    shoulderDart: shaped.shoulderDart,
    armholeDart: null,
    waistDarts: shaped.waistDarts,
    isMadeUpBelow: false,
    inner: stand ? [...shaped.lines, stand] : shaped.lines,
  };
  const title = `${STYLE_NAMES[choices.style]}, ${side}`;
  return { half, draft: composeDraft(side, title, halfSteps({ side, plan, choices, curves, shaped })) };
}
