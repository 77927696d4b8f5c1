import type { BlockSpec } from "@core/spec/index";

/** The four ways to a block. The last two are worked at the sheet, and become an outline once their edges are taken. */
export type BlockFrom = "readings" | "drafted" | "drawing" | "photograph";

/** Which way is open: the one asked for in the address, or the one that the block came by. */
export function fromOf(block: BlockSpec, search: URLSearchParams): BlockFrom {
  const asked = search.get("from");
  if (asked === "drawing" || asked === "photograph") return asked;
  return block.source === "outline" ? (block.from ?? "drawing") : block.source;
}
