import { cutGarment, type LayPiece, type LayPlan, layPieces, layPlans, shareUsed } from "../core/cut";
import { at } from "../core/data";
import { draftGarment } from "../core/garment";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../core/starting";

/**
 * How well the lay plans of the starting points use their cloth after so many seconds, beside boxes packed in shelves:
 * npx tsx scripts/try-lay-plans.ts [SECONDS] [WIDTHS in mm, 1150,1400,1500] [TRIES at most]
 */
const [seconds = "10", widths = "1150,1400,1500", most = "1500"] = process.argv.slice(2);
const gains: number[] = [];
for (const point of STARTING_POINTS) {
  const spec = startedFrom(point, MIDDLE_BODY);
  if (!spec) continue;
  const cut = cutGarment(draftGarment(spec)).pieces;
  for (const width of widths.split(",").map(Number)) {
    for (const isFolded of [true, false]) {
      const table = { width, isFolded, isOneWay: false, shrinkage: 0 };
      const pieces = layPieces(cut, "outer", table);
      const began = performance.now();
      let [first, tries] = [0, 0];
      let best: LayPlan | null = null;
      for (const plan of layPlans(pieces, table, 1)) {
        if (plan && !best) first = performance.now() - began;
        best = plan ?? best;
        tries++;
        if (performance.now() - began > Number(seconds) * 1000 || tries >= Number(most)) break;
      }
      if (!best || best.tooWide.length > 0) continue;
      const used = shareUsed(pieces, best, table);
      const boxes = (used * best.length) / shelvesLength(pieces, isFolded ? width / 2 : width);
      gains.push(used - boxes);
      console.info(
        `${point.id.padEnd(21)} ${width} ${isFolded ? "folded" : "open  "} first ${first.toFixed(0).padStart(4)} ms, ${String(tries).padStart(5)} tries, ${best.length.toFixed(0).padStart(5)} mm, ${(used * 100).toFixed(1)} % used, boxes ${(boxes * 100).toFixed(1)} %`,
      );
    }
  }
}
const mean = gains.reduce((sum, gain) => sum + gain, 0) / gains.length;
console.info(
  `Over boxes: ${(mean * 100).toFixed(1)} points in the mean, at least ${(Math.min(...gains) * 100).toFixed(1)}.`,
);

/** Boxes along the length in shelves as long as their longest box, the longest first; on the fold only one of each shelf can lie. */
function shelvesLength(pieces: readonly LayPiece[], across: number): number {
  const rest = pieces
    .map(({ outline, isOnFold }) => {
      const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
      return { long: Math.max(...xs) - Math.min(...xs), high: Math.max(...ys) - Math.min(...ys), isOnFold };
    })
    .sort((a, b) => b.long - a.long);
  let length = 0;
  while (rest.length > 0) {
    let [high, long, hasFold] = [0, 0, false];
    for (let i = 0; i < rest.length; ) {
      const box = at(rest, i);
      if ((high > 0 && high + box.high > across) || (box.isOnFold && hasFold)) {
        i++;
        continue;
      }
      high += box.high;
      long = Math.max(long, box.long);
      hasFold ||= box.isOnFold;
      rest.splice(i, 1);
    }
    length += long;
  }
  return length;
}
