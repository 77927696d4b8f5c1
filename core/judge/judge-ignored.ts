import { isPrincess } from "../block";
import { length, type Phrase, phrase } from "../draft";
import type { SpecChange } from "../spec";
import type { DraftedGarment } from "./drafted-garment";
import type { Finding } from "./finding";
import type { FindingCode } from "./findings-table";

/** A choice or a figure that nothing is drafted from, since another one rules it out. */
export function judgeIgnored({ spec, resolved }: DraftedGarment): readonly Finding[] {
  const { block, bodice, sleeve } = spec;
  const choices = resolved.block.source === "drafted" ? resolved.block.choices : null;
  const ignored = (
    code: FindingCode,
    station: Finding["station"],
    message: Phrase,
    reason: Phrase,
    change: SpecChange,
  ): Finding => ({
    code,
    severity: "note",
    station,
    message,
    reason,
    numbers: {},
    remedies: [{ id: `drop-${code}`, label: phrase`Take that choice back`, change }],
  });
  const isCut = bodice.panels === "cut" || bodice.panels === "split";
  return [
    ...(choices && isCut && !isPrincess(choices.shaping)
      ? [
          ignored(
            "panels-without-princess",
            "pieces",
            phrase`Panels were chosen, and the block has no princess line to cut along: the halves stay whole.`,
            phrase`Choose a princess line in the block, or leave the halves whole.`,
            { bodice: { panels: undefined } },
          ),
        ]
      : []),
    ...(sleeve?.kind === "kimono" && sleeve.hemWidth !== undefined
      ? [
          ignored(
            "hem-width-on-kimono",
            "sleeve",
            phrase`A hem width of ${length(sleeve.hemWidth)} was typed; a kimono sleeve is as wide at its hem as its wrist ease and its angle make it.`,
            phrase`Change the wrist ease instead.`,
            { sleeve: { hemWidth: undefined } },
          ),
        ]
      : []),
    ...(block.source === "drafted" &&
    choices?.gathers === "none" &&
    (block.frontGathers !== undefined || block.backGathers !== undefined)
      ? [
          ignored(
            "fullness-without-gathers",
            "block",
            phrase`Fullness to gather was typed, and the body is plain: nothing is gathered.`,
            phrase`Choose slight or full gathers for it.`,
            { block: { frontGathers: undefined, backGathers: undefined } },
          ),
        ]
      : []),
  ];
}
