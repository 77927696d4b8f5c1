import { endOf, line, type NamedSolution, type Path, type Point, pathsCross, startOf } from "../geometry";
import { type Contradiction, smallestFirst, wayDown, wayUp } from "./contradiction";
import { type Block, type BodiceHalf, curve, meanDepth, SIDES, type Side } from "./half";
import type { BlockReadings } from "./readings";
import { rebuildArmhole } from "./rebuild-armhole";
import { rebuildNeckline } from "./rebuild-neckline";

export type RebuiltBlock =
  | { readonly ok: true; readonly block: Block }
  | { readonly ok: false; readonly contradictions: readonly Contradiction[] };

/** A shoulder seam that falls by more of its own length stands on end. Our own limit. */
const STEEPEST_SLOPE_SHARE = 0.7;
/** How much of the side seam is drawn below an armhole of which nothing lower was measured. */
const SIDE_SEAM_STUB_MM = 60;

/** The bodice curves that honour every reading, or the readings that contradict each other. */
export function rebuildBlock(readings: BlockReadings): RebuiltBlock {
  const built = build(readings);
  if (!built.ok) return built;
  const crossing = SIDES.filter((side) => crosses(built.block[side]));
  if (crossing.length === 0) return built;
  return { ok: false, contradictions: crossing.map((side) => shoulderTooShort(readings, side)) };
}

/** Each curve by itself honours its readings; whether they keep clear of each other is not asked yet. */
function build(readings: BlockReadings): RebuiltBlock {
  const { shoulder } = readings;
  if (shoulder.slope > shoulder.length * STEEPEST_SLOPE_SHARE) {
    return { ok: false, contradictions: [steepShoulder(shoulder)] };
  }
  const shoulderAngle = Math.asin(shoulder.slope / shoulder.length);
  const neckline = rebuildNeckline(readings.neckline, shoulderAngle);
  const width = neckline.ok ? neckline.width : readings.neckline.width.value;
  const shoulderPoint: Point = { x: width + shoulder.length * Math.cos(shoulderAngle), y: shoulder.slope };
  const frontArmhole = rebuildArmhole("front", readings.armhole, shoulderAngle, shoulderPoint);
  const backArmhole = rebuildArmhole("back", readings.armhole, shoulderAngle, shoulderPoint);
  if (!neckline.ok || !frontArmhole.ok || !backArmhole.ok) {
    const contradictions = [
      ...[frontArmhole, backArmhole].flatMap((armhole) => (armhole.ok ? [] : [armhole.contradiction])),
      ...(neckline.ok ? [] : neckline.contradictions),
    ];
    return { ok: false, contradictions };
  }
  const front = bodiceHalf("front", neckline.front.path, shoulderPoint, frontArmhole);
  const back = bodiceHalf("back", neckline.back.path, shoulderPoint, backArmhole);
  return {
    ok: true,
    block: {
      front,
      back,
      depth: meanDepth(front, back),
      levels: [{ id: "chest", name: "Chest", y: readings.armhole.depth + shoulder.slope }],
      drafts: [],
      figures: [],
      solvers: [
        { id: "armhole.front", solution: frontArmhole.solution },
        { id: "armhole.back", solution: backArmhole.solution },
        ...SIDES.flatMap((side): readonly NamedSolution[] => {
          const { solution } = neckline[side];
          return solution ? [{ id: `neckline.${side}`, solution }] : [];
        }),
      ],
    },
  };
}

function bodiceHalf(
  side: Side,
  neckline: Path,
  shoulderPoint: Point,
  { path: armhole, underarm }: { readonly path: Path; readonly underarm: Point },
): BodiceHalf {
  const neckPoint = startOf(neckline);
  const centre = endOf(neckline);
  const bottom = Math.max(underarm.y, centre.y) + SIDE_SEAM_STUB_MM;
  return {
    side,
    neckline: curve(neckline),
    shoulder: curve(line(neckPoint, shoulderPoint)),
    armhole: curve(armhole),
    sideSeam: line(underarm, { x: underarm.x, y: bottom }),
    centre: line(centre, { x: centre.x, y: bottom }),
    shoulderDart: null,
    armholeDart: null,
    isMadeUpBelow: true,
    inner: [],
  };
}

/** An armhole hollow that comes over the neckline or the centre line leaves no bodice between them. */
function crosses(half: BodiceHalf): boolean {
  return pathsCross(half.armhole.path, half.neckline.path) || pathsCross(half.armhole.path, half.centre);
}

function steepShoulder({ length, slope }: BlockReadings["shoulder"]): Contradiction {
  return {
    about: "shoulder",
    readings: [
      { path: "shoulder.slope", value: slope },
      { path: "shoulder.length", value: length },
    ],
    range: { least: 0, most: length * STEEPEST_SLOPE_SHARE },
    ways: smallestFirst([
      wayDown("shoulder.slope", slope, length * STEEPEST_SLOPE_SHARE),
      wayUp("shoulder.length", length, slope / STEEPEST_SLOPE_SHARE),
    ]),
  };
}

const SEARCH_STEPS = 40;
const CLOSE_ENOUGH_MM = 0.01;

/** The shoulder length from which on the armhole keeps clear of the neck, by halving: whether it does is yes or no. */
function shoulderTooShort(readings: BlockReadings, side: Side): Contradiction {
  const { length, slope } = readings.shoulder;
  const isClear = (tried: number) => {
    const built = build({ ...readings, shoulder: { length: tried, slope } });
    return built.ok && SIDES.every((one) => !crosses(built.block[one]));
  };
  let low = length;
  let high = length + readings.armhole.depth;
  for (let i = 0; i < SEARCH_STEPS && high - low > CLOSE_ENOUGH_MM; i++) {
    const middle = (low + high) / 2;
    if (isClear(middle)) high = middle;
    else low = middle;
  }
  return {
    about: "crossing",
    readings: [
      { path: "shoulder.length", value: length },
      { path: `armhole.${side}`, value: readings.armhole[side] },
    ],
    range: { least: high, most: Number.POSITIVE_INFINITY },
    ways: smallestFirst([wayUp("shoulder.length", length, high)]),
  };
}
