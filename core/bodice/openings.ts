import {
  along,
  endOf,
  findRoot,
  line,
  mapPath,
  type Path,
  type Point,
  pathLength,
  reversePath,
  SAME_MM,
  SOLVED_MM,
  startOf,
  subpath,
} from "../geometry";
import { type Button, type Edge, edge, isStraightDown, type Piece } from "../pattern";
import { type BodiceChoices, standWidth } from "./choices";
import type { Panel } from "./panel";

/** How a centre is finished: what it puts before the top of its panel, below its hem and in place of its centre edge. */
export type Opening = {
  readonly top: readonly Edge[];
  readonly bottom: readonly Edge[];
  /** Up, from the hem to the top. */
  readonly left: readonly Edge[];
  readonly folds: readonly Path[];
  readonly buttons: readonly Button[];
  readonly cut: Piece["cut"];
};

const ON_FOLD: Piece["cut"] = { count: 1, mirrored: false, onFold: true, interfacing: 0 };
const PAIR: Piece["cut"] = { count: 2, mirrored: true, onFold: false, interfacing: 0 };

const NOTHING = { top: [], bottom: [], folds: [], buttons: [] } as const;

/** A centre that stays as it is: on the fold where that is asked and the cloth can be folded there, else a pair. */
export function plainCentre({ left }: Panel, name: string, isFold: boolean): Opening {
  const isFolded = isFold && isStraightDown(left.path);
  return {
    ...NOTHING,
    left: [edge("centre", "centre", name, reversePath(left.path))],
    folds: isFolded ? [left.path] : [],
    cut: isFolded ? ON_FOLD : PAIR,
  };
}

/** A button stand that is grown on: beyond the centre, and beyond its edge what is folded back. `neckEdge` runs on from the centre. */
export function grownOnStand(
  { left, bottom, top }: Panel,
  choices: BodiceChoices,
  buttons: readonly Button[],
): Opening {
  const [neck, foot] = [startOf(left.path), endOf(left.path)];
  // A collar that runs on further than the stand needs a wider one; one that ends short of its edge is sewn to a part of its top.
  const { standFinish, collarBeyond } = choices;
  const stand = standWidth(choices);
  const reach = collarBeyond !== null && collarBeyond > 0 && collarBeyond < stand - SAME_MM ? collarBeyond : stand;
  const fold = neck.x - stand;
  const corner = { neck: { x: fold, y: neck.y }, foot: { x: fold, y: foot.y } };
  const collarEnd = { x: neck.x - reach, y: neck.y };
  const standTop = [
    ...(reach < stand
      ? [edge("standTopBeyond", "neck-end", "Top of the button stand, beyond the collar", line(corner.neck, collarEnd))]
      : []),
    edge("standTop", "neck-end", "Top of the button stand", line(collarEnd, neck)),
  ];
  const standHem = edge("standHem", "hem", "Hem of the button stand", line(foot, corner.foot));
  const frontFold = line(corner.neck, corner.foot);
  if (standFinish === "faced" || standFinish === "strip") {
    return {
      top: standTop,
      bottom: [standHem],
      left: [edge("frontEdge", "centre", "Front edge", reversePath(frontFold))],
      folds: [],
      buttons,
      cut: PAIR,
    };
  }
  const over = (p: Point): Point => ({ x: 2 * fold - p.x, y: p.y });
  // What is folded back lies on the neckline and on the hem inside the centre, and has their shape.
  const neckOver = insideTo(top, neck.x + (standFinish === "folded" ? stand : 0));
  const hemOver = insideTo(
    [...bottom].reverse().map((one) => ({ ...one, path: reversePath(one.path) })),
    foot.x + (standFinish === "folded" ? stand : 0),
  );
  const turnedOnce = standFinish === "turned-twice";
  const topOver: Path = turnedOnce
    ? line({ x: fold - 2 * stand, y: neck.y }, corner.neck)
    : reversePath(mapPath([...standTop.flatMap(({ path }) => path), ...neckOver], over));
  const hemOverPath: Path = turnedOnce
    ? line(corner.foot, { x: fold - 2 * stand, y: foot.y })
    : mapPath([...reversePath(standHem.path), ...hemOver], over);
  return {
    top: [edge("facingTop", "neck-end", "Top of the facing", topOver), ...standTop],
    bottom: [standHem, edge("facingHem", "hem", "Hem of the facing", hemOverPath)],
    left: [edge("facingEdge", "folded-back", "Inner edge of the facing", line(endOf(hemOverPath), startOf(topOver)))],
    folds: turnedOnce ? [frontFold, line({ x: fold - stand, y: neck.y }, { x: fold - stand, y: foot.y })] : [frontFold],
    buttons,
    cut: PAIR,
  };
}

/** The beginning of a run of edges, as far out as x; all of the first where it never gets so far. */
function insideTo(edges: readonly Edge[], x: number): Path {
  const first = edges[0];
  if (!first) return [];
  const whole = pathLength(first.path);
  const found = findRoot((at) => along(first.path, at).point.x - x, 0, whole, SOLVED_MM);
  return found.converged && found.value > 0 ? subpath(first.path, 0, found.value) : [];
}

/** The last button stands so far above the hem at most. */
const ABOVE_HEM_MM = 100;
/** Below a button on the collar's stand the next one follows sooner than the others do (from memory). */
const BELOW_STAND_MM = 65;

/**
 * Places of buttons from the neck down to above the hem, as evenly as comes nearest to the distance asked, with one at the bust where the
 * front would gape (common practice, no source). The first is clear of the neck seam by more than its half.
 */
export function buttonsDown(
  centre: Path,
  { buttonSize, buttonSpacing, hasStandButton }: Pick<BodiceChoices, "buttonSize" | "buttonSpacing" | "hasStandButton">,
  bust: number | null,
): readonly Point[] {
  const [neck, foot] = [startOf(centre), endOf(centre)];
  const at = (y: number): Point => ({ x: neck.x, y });
  const highest = neck.y + buttonSize;
  const lastAt = (first: number) => Math.max(first, foot.y - Math.min(ABOVE_HEM_MM, buttonSpacing));
  if (hasStandButton) {
    // The one on the stand holds the neck: below it all stand as far apart as was asked, counted from the bust.
    const below = neck.y + Math.min(BELOW_STAND_MM, buttonSpacing);
    const begin = bust === null ? below : bust - buttonSpacing * Math.round((bust - below) / buttonSpacing);
    const first = Math.max(begin, highest + buttonSize);
    const count = Math.floor((lastAt(first) - first) / buttonSpacing + 1e-9);
    return Array.from({ length: count + 1 }, (_, i) => at(first + i * buttonSpacing));
  }
  const last = lastAt(highest);
  const toBust = bust !== null && bust > highest + buttonSpacing / 2 && bust < last ? bust - highest : null;
  const whole = toBust ?? last - highest;
  const gap = whole / Math.max(1, Math.round(whole / buttonSpacing));
  if (!(gap > 0)) return [at(highest)];
  const count = Math.floor((last - highest) / gap + 1e-9);
  return Array.from({ length: count + 1 }, (_, i) => at(highest + i * gap));
}
