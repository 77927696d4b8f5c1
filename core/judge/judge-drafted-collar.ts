import { type Alteration, alterBlock, type Block } from "../block";
import type { CollarAttempt } from "../drafting";
import { findRoot, SEEN_MM } from "../geometry";
import type { Finding } from "./finding";
import { judgeCollar } from "./judge-collar";
import { judgeNoCollar } from "./judge-no-collar";
import type { DeepenNeck } from "./judge-stand";

/** What there is to say about the collar, or why there is none; nothing where none is wanted. */
export function judgeDraftedCollar(
  { neck, why, drafted }: CollarAttempt,
  alterations: readonly Alteration[],
): readonly Finding[] {
  if (why) return [judgeNoCollar(why)];
  return drafted && neck.block ? judgeCollar(drafted.drawing, drafted.seams, deepenNeck(neck.block, alterations)) : [];
}

/** Nobody deepens a neck by more for the sake of a collar. Our own limit. */
const MOST_DEEPENED_MM = 120;

/** The front neck is deepened until the neckline is long enough: by how much is found by trying. */
function deepenNeck(block: Block, alterations: readonly Alteration[]): DeepenNeck {
  return (longer) => {
    const half = block.front.neckline.length + longer / 2;
    const deepened = (by: number) => alterBlock(block, [{ kind: "deepen-front-neck", by }]).block.front.neckline.length;
    const root = findRoot((by) => deepened(by) - half, 0, MOST_DEEPENED_MM, SEEN_MM);
    if (!root.converged) return null;
    return {
      by: root.value,
      change: { block: { alterations: [...alterations, { kind: "deepen-front-neck", by: root.value }] } },
    };
  };
}
