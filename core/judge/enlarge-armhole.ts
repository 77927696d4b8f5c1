import { alterBlock, type Block } from "../block";
import { findRoot, SOLVED_MM } from "../geometry";
import type { ResolvedBlock } from "../resolve";
import type { Enlarge } from "./judge-fit";

/** Lowering by more makes another garment. Our own limit. */
const MOST_LOWERED_MM = 150;

/**
 * How this block's armhole is made larger. Readings are simply taken larger, all three in proportion; any other block, and one
 * that is altered already, has its underarm lowered, which is found by trying.
 */
export function enlargeArmhole(resolved: ResolvedBlock, block: Block): Enlarge {
  const armhole = { front: block.front.armhole.length, back: block.back.armhole.length, depth: block.depth };
  if (resolved.source === "readings" && resolved.alterations.length === 0) {
    const { offsets } = resolved;
    return (added) => {
      // Lowered and moved out together: the depth grows in proportion and the shape stays.
      const larger = {
        front: armhole.front + added / 2,
        back: armhole.back + added / 2,
        depth: armhole.depth * (1 + added / (armhole.front + armhole.back)),
      };
      const read = {
        front: larger.front - offsets["armhole.front"],
        back: larger.back - offsets["armhole.back"],
        depth: larger.depth - offsets["armhole.depth"],
      };
      return { armhole: larger, change: { block: { armhole: { ...read, girth: undefined } } } };
    };
  }
  const lowered = (by: number) => alterBlock(block, [{ kind: "lower-armhole", by }]).block;
  return (added) => {
    const wanted = armhole.front + armhole.back + added;
    const root = findRoot(
      (by) => lowered(by).front.armhole.length + lowered(by).back.armhole.length - wanted,
      0,
      MOST_LOWERED_MM,
      SOLVED_MM,
    );
    if (!root.converged) return null;
    const by = Math.ceil(root.value * 10) / 10;
    const after = lowered(by);
    return {
      armhole: { front: after.front.armhole.length, back: after.back.armhole.length, depth: after.depth },
      change: { block: { alterations: [...resolved.alterations, { kind: "lower-armhole", by }] } },
    };
  };
}
