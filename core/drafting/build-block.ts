import {
  type AlterationTaken,
  alterBlock,
  type Block,
  type BlockObstacle,
  type BlockReadings,
  blockFromOutline,
  type Contradiction,
  curveLengths,
  draftBlock,
  fitToArmhole,
  fitToNeckline,
  isOfBody,
  isOfDrawing,
  type OutlineFault,
  type ReadingPath,
  rebuildBlock,
  withAlterationSteps,
} from "../block";
import type { Figure } from "../draft";
import type { DefaultTaken, ResolvedBlock } from "../resolve";
import { blockFigures } from "./block-figures";

/** Why the figures give no block. */
export type NoBlock =
  | { readonly what: "nothing-left"; readonly path: ReadingPath; readonly value: number }
  | { readonly what: "contradictions"; readonly contradictions: readonly Contradiction[] }
  | { readonly what: "obstacle"; readonly obstacle: BlockObstacle }
  | { readonly what: "not-fitted" }
  | { readonly what: "outline-faults"; readonly faults: readonly OutlineFault[] };

export type BuiltBlock = {
  /** With its alterations made; null when there is none. */
  readonly block: Block | null;
  /** As it was before them. */
  readonly plain: Block | null;
  /** What a sleeve that is sewn in and a collar that is sewn on are fitted to: the block, but for an armhole and a neckline that were read. */
  readonly forSleeve: Block | null;
  readonly forCollar: Block | null;
  readonly why: NoBlock | null;
  readonly alterations: readonly AlterationTaken[];
  readonly figures: readonly Figure[];
};

export const NO_BLOCK: BuiltBlock = {
  block: null,
  plain: null,
  forSleeve: null,
  forCollar: null,
  why: null,
  alterations: [],
  figures: [],
};

/** The block from whichever source, with its alterations; or why there is none. Millimetres. */
export function buildBlock(resolved: ResolvedBlock, defaults: readonly DefaultTaken[]): BuiltBlock {
  const made = makeBlock(resolved);
  if (!made.block) return { ...NO_BLOCK, why: made.why };
  const { block: altered, taken: drawn } = alterBlock(made.block, resolved.alterations.filter(isOfDrawing));
  const taken = inOrder(resolved, made.block, drawn);
  const block = { ...altered, drafts: withAlterationSteps(altered, taken) };
  return {
    block,
    plain: plainOf(resolved) ?? made.block,
    forSleeve: resolved.source === "drafted" ? fitToArmhole(block, resolved.read) : block,
    // Where no such neck can be drawn the drafted one stands, and a judge says so.
    forCollar: (resolved.source === "drafted" ? fitToNeckline(block, resolved.read) : null) ?? block,
    why: null,
    alterations: taken,
    figures: blockFigures(resolved, made.block, block, taken, defaults),
  };
}

/** The block before all alterations, where it was solved anew for some of them. */
function plainOf(resolved: ResolvedBlock): Block | null {
  return resolved.source === "drafted" && resolved.school === "fitted" ? resolved.plain : null;
}

/** What became of every alteration, in the order of the list: those of the body were made first, and only where a block was solved from it. */
function inOrder(resolved: ResolvedBlock, made: Block, drawn: readonly AlterationTaken[]): readonly AlterationTaken[] {
  const solved = resolved.source === "drafted" && resolved.school === "fitted" ? [...resolved.bodyTaken] : [];
  const others = [...drawn];
  const lengths = curveLengths(made);
  return resolved.alterations.map((one) => {
    const taken = isOfBody(one) ? solved.shift() : others.shift();
    return taken ?? { ...one, before: lengths, after: lengths, opening: null, leftOut: "not-solved" };
  });
}

type Made = { readonly block: Block } | { readonly block: null; readonly why: NoBlock };

function makeBlock(resolved: ResolvedBlock): Made {
  switch (resolved.source) {
    case "readings": {
      const nothing = nothingLeft(resolved.readings);
      if (nothing) return { block: null, why: { what: "nothing-left", ...nothing } };
      const rebuilt = rebuildBlock(resolved.readings);
      if (rebuilt.ok) return rebuilt;
      return { block: null, why: { what: "contradictions", contradictions: rebuilt.contradictions } };
    }
    case "drafted": {
      if (resolved.school === "fitted")
        return resolved.drafted.ok ? resolved.drafted : { block: null, why: { what: "not-fitted" } };
      const drafted = draftBlock(resolved.body, resolved.choices);
      return drafted.ok ? drafted : { block: null, why: { what: "obstacle", obstacle: drafted.obstacle } };
    }
    case "outline": {
      const outlined = blockFromOutline(resolved.outline, resolved.standIns, resolved.from);
      return outlined.ok ? outlined : { block: null, why: { what: "outline-faults", faults: outlined.faults } };
    }
  }
}

/** The first reading of which its allowance leaves nothing. */
function nothingLeft({ armhole, shoulder, neckline }: BlockReadings) {
  const all: readonly (readonly [ReadingPath, number | null | undefined])[] = [
    ["armhole.front", armhole.front],
    ["armhole.back", armhole.back],
    ["armhole.depth", armhole.depth],
    ["shoulder.length", shoulder.length],
    ["neckline.width", neckline.width.value],
    ["neckline.frontDepth", neckline.front.depth?.value],
    ["neckline.backDepth", neckline.back.depth?.value],
    ["neckline.frontLength", neckline.front.length],
    ["neckline.backLength", neckline.back.length],
  ];
  for (const [path, value] of all) if (typeof value === "number" && value <= 0) return { path, value };
  return shoulder.slope < 0 ? { path: "shoulder.slope" as const, value: shoulder.slope } : null;
}
