import { endOf, type Path, type Point, type Solution } from "../geometry";
import { type ArmholeBend, armholeRange, BACK_BEND, FRONT_BEND, rebuildArmholeHalf } from "./armhole-curve";
import { type Contradiction, smallestFirst, wayDown, wayUp } from "./contradiction";
import type { Side } from "./half";
import type { BlockReadings } from "./readings";

const BENDS: Readonly<Record<Side, ArmholeBend>> = { front: FRONT_BEND, back: BACK_BEND };

type Outcome =
  | { readonly ok: true; readonly path: Path; readonly underarm: Point; readonly solution: Solution }
  | { readonly ok: false; readonly contradiction: Contradiction };

/** The half armhole that honours its length at this depth, from the shoulder point. */
export function rebuildArmhole(
  side: Side,
  readings: BlockReadings["armhole"],
  shoulderAngle: number,
  shoulderPoint: Point,
): Outcome {
  const rebuilt = rebuildArmholeHalf(BENDS[side], shoulderAngle, shoulderPoint, readings.depth, readings[side]);
  if (rebuilt) return { ok: true, ...rebuilt, underarm: endOf(rebuilt.path) };
  return { ok: false, contradiction: contradiction(side, readings, shoulderAngle) };
}

/** The bend scales with the depth, so the lengths it allows do too: the nearest depth follows by proportion. */
function contradiction(side: Side, readings: BlockReadings["armhole"], shoulderAngle: number): Contradiction {
  const { depth } = readings;
  const length = readings[side];
  const range = armholeRange(BENDS[side], shoulderAngle, depth);
  const isShort = length < range.least;
  const nearestDepth = (depth * length) / (isShort ? range.least : range.most);
  const path = `armhole.${side}` as const;
  return {
    about: path,
    readings: [
      { path, value: length },
      { path: "armhole.depth", value: depth },
    ],
    range,
    ways: smallestFirst(
      isShort
        ? [wayDown("armhole.depth", depth, nearestDepth), wayUp(path, length, range.least)]
        : [wayUp("armhole.depth", depth, nearestDepth), wayDown(path, length, range.most)],
    ),
  };
}
