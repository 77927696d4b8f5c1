import type { AlterationTaken, Block } from "../block";
import { type Figure, length, type Phrase, phrase, type Source } from "../draft";
import type { DefaultTaken, ResolvedBlock } from "../resolve";

type Reason = { readonly formula: Phrase; readonly rule: string; readonly source: Source };

/** The four curves that everything is fitted to, the armhole's depth and the shoulder, each with where it comes from. */
export function blockFigures(
  resolved: ResolvedBlock,
  /** As it was before its alterations: what the reasons are about. */
  plain: Block,
  block: Block,
  taken: readonly AlterationTaken[],
  defaults: readonly DefaultTaken[],
): readonly Figure[] {
  const isAltered = taken.some((one) => one.leftOut === null);
  const figure = (id: string, label: string, value: number, reason: Reason): Figure => ({
    id,
    label,
    value,
    kind: "length",
    ...(isAltered ? afterAlterations(reason) : reason),
  });
  const why = (path: string, measured: number) => reasonFor(resolved, defaults, path, measured);
  const { front, back } = block;
  return [
    figure(
      "block.armhole.front",
      "Front armhole",
      front.armhole.length,
      why("armhole.front", plain.front.armhole.length),
    ),
    figure("block.armhole.back", "Back armhole", back.armhole.length, why("armhole.back", plain.back.armhole.length)),
    figure("block.armhole.depth", "Armhole depth", block.depth, why("armhole.depth", plain.depth)),
    figure(
      "block.neckline.front",
      "Front neckline, half",
      front.neckline.length,
      why("neckline.front", plain.front.neckline.length),
    ),
    figure(
      "block.neckline.back",
      "Back neckline, half",
      back.neckline.length,
      why("neckline.back", plain.back.neckline.length),
    ),
    figure(
      "block.shoulder",
      "Front shoulder seam",
      front.shoulder.length,
      why("shoulder.length", plain.front.shoulder.length),
    ),
    ...block.figures,
  ];
}

function afterAlterations(reason: Reason): Reason {
  return { ...reason, formula: phrase`${reason.formula}; then altered, and measured again`, source: "geometry" };
}

function reasonFor(resolved: ResolvedBlock, defaults: readonly DefaultTaken[], path: string, measured: number): Reason {
  if (path === "armhole.depth" && resolved.source !== "readings") return depthReason(measured);
  switch (resolved.source) {
    case "readings":
      return readingReason(resolved, defaults, path, measured);
    case "drafted":
      return {
        formula: phrase`measured on the drafted bodice: ${length(measured)}`,
        rule: "Measured on the draft",
        source: "geometry",
      };
    case "outline":
      return outlineReason(resolved, path, measured);
  }
}

/** Front and back underarm need not lie equally deep. */
function depthReason(measured: number): Reason {
  return {
    formula: phrase`shoulder point to underarm level, the mean of front and back: ${length(measured)}`,
    rule: "Measured on the draft",
    source: "geometry",
  };
}

function readingReason(
  { readings, offsets }: ResolvedBlock & { readonly source: "readings" },
  defaults: readonly DefaultTaken[],
  path: string,
  measured: number,
): Reason {
  if (path === "neckline.front" || path === "neckline.back") {
    const side = path === "neckline.front" ? "front" : "back";
    if (readings.neckline[side].length === null) {
      return {
        formula: phrase`the usual curve on its width and depth measures ${length(measured)}`,
        rule: "Measured on the draft",
        source: "geometry",
      };
    }
    return readReason(measured, offsets[`neckline.${side}Length`]);
  }
  const standIn = defaults.find((taken) => taken.path === `block.${path}`);
  if (standIn) return { formula: standIn.rule, rule: "Stand-in", source: standIn.source };
  return readReason(measured, Object.entries(offsets).find(([one]) => one === path)?.[1] ?? 0);
}

function readReason(measured: number, offset: number): Reason {
  if (Math.abs(offset) < 1e-9) {
    return { formula: phrase`read off the tape: ${length(measured)}`, rule: "Tape reading", source: "reading" };
  }
  return {
    formula: phrase`read off the tape as ${length(measured - offset)}, ${length(Math.abs(offset))} ${offset < 0 ? "less" : "more"} on the stitching line`,
    rule: "Tape reading, allowance taken off",
    source: "reading",
  };
}

function outlineReason(
  { from, error, outline }: ResolvedBlock & { readonly source: "outline" },
  path: string,
  measured: number,
): Reason {
  const side = path.endsWith("back") ? "back" : "front";
  const edge = path.startsWith("neckline") ? "neckline" : path.startsWith("shoulder") ? "shoulder" : "armhole";
  if (outline[side][edge] === null) {
    return {
      formula: phrase`the edge was not pointed at: the usual one stands in, ${length(measured)}`,
      rule: "Stand-in",
      source: "stand-in",
    };
  }
  return from === "photograph"
    ? {
        formula: phrase`traced on the photograph: ${length(measured)}${error === null ? [] : phrase`, good to about ± ${length(error)}`}`,
        rule: "Traced",
        source: "reading",
      }
    : {
        formula: phrase`measured along the edge of the drawing: ${length(measured)}`,
        rule: "Drawing",
        source: "reading",
      };
}
