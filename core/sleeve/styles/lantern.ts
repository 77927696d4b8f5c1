import { length, phrase, point, type StepRecord } from "../../draft";
import {
  along,
  endOf,
  findRoot,
  line,
  type Path,
  type Point,
  pathLength,
  reversePath,
  ringSector,
  SAME_MM,
  SOLVED_MM,
  startOf,
} from "../../geometry";
import { edge, hemEdges, hungBand, MIRRORED_PAIR, type Piece, uprightGrain } from "../../pattern";
import { cutAcross } from "../set-in";
import { type Misplaced, type StyleBase, type StyledSleeve, sewnStyle } from "../style";
import { type Slashing, slash } from "./slash";
import { betweenNotches, edgeSteps, keptCapStep, slashedPiece, slashStep, spreadStep } from "./slash-steps";

const STRIPS = 6;
/** So much sleeve is left above and below the seam. Our own limit. */
const ROOM_MM = 30;
/** The lower part is a ring that must not close: it turns by less than a whole turn, in radians. Our own limit. */
const MOST_TURN = 5;
const WIDEST_SPREAD_MM = 700;

/**
 * Lantern: the fitted sleeve cut across; the upper part spread towards the seam, the lower part drawn in again from it to the hem, both
 * edges of the seam of one length. Common practice, no source; the amounts from memory.
 */
export const lantern = sewnStyle({
  name: "Lantern",
  summary: "A fitted cap; the sleeve spreads to a seam across it and is drawn in again below.",
  usualLengthShare: 1,
  usualFinish: "cuff",
  falls: "fall",
  opens: { crown: null, hem: null },
  slashes: true,
  fields: {
    seamLevel: {
      label: "Seam below the crown",
      bounds: { least: 60, most: 900 },
      usual: 355.6,
      rule: phrase`a little below the elbow`,
      source: "from memory",
    },
    spread: {
      label: "Spread at the seam",
      bounds: { least: 0, most: 700 },
      usual: 203.2,
      rule: phrase`a medium lantern`,
      source: "from memory",
    },
    fall: {
      label: "Length for the fall",
      bounds: { least: 0, most: 200 },
      usual: 25.4,
      rule: phrase`so that it stands out at the seam`,
      source: "from memory",
    },
  },
  derive: (base, { seamLevel, spread }): StyledSleeve => {
    const { outline, frame } = base.sleeve;
    const hem = outline.frontHem.y;
    const room = { least: frame.height + ROOM_MM, most: hem - ROOM_MM };
    const isPlaced = seamLevel >= room.least - SAME_MM && seamLevel <= room.most + SAME_MM;
    const level = isPlaced ? seamLevel : (room.least + room.most) / 2;
    const upperBase = cutAt(base, level);
    const plain = { ...betweenNotches(upperBase), atCrown: 0, middle: 0.5 };
    const widest = spreadFor(plain, 2 * outline.frontHem.x + MOST_TURN * (hem - level));
    const slashing = { ...plain, atHem: Math.min(spread, widest) };
    const slashed = slash(slashing, STRIPS);
    const seam = pathLength(slashed.hem);
    const lower = lowerPart(seam, 2 * outline.frontHem.x, level, hem, base.turnUp);
    const misplaced: Misplaced = isPlaced
      ? { field: "spread", asked: spread, least: 0, most: widest, drawn: widest }
      : { field: "seamLevel", asked: seamLevel, ...room, drawn: level };
    return {
      title: "Lantern sleeve",
      acts: [
        acrossStep(outline.backEnd.x, level),
        slashStep(slashing, STRIPS),
        spreadStep(slashed, base.sleeve.notches, { crown: 0, hem: slashing.atHem }),
        keptCapStep(slashed),
        ...edgeSteps(upperBase, slashed),
        lowerStep(lower, seam, hem - level, 2 * outline.frontHem.x),
      ],
      caps: { front: slashed.capFront, back: slashed.capBack },
      pieces: [upperPart(slashedPiece("sleeve", "Lantern sleeve, upper part", slashed, upperBase)), lower],
      hemLength: 2 * outline.frontHem.x,
      crownRatio: null,
      handles: [{ name: "Front end of the seam", at: startOf(slashed.hem), field: "spread", gain: { x: 2, y: 0 } }],
      ...(isPlaced && spread <= widest + SAME_MM ? {} : { misplaced }),
    };
  },
});

/** The spread with which the seam is so long; the most there is when it never becomes that long. */
function spreadFor(plain: Omit<Slashing, "atHem">, seam: number): number {
  const miss = (atHem: number) => pathLength(slash({ ...plain, atHem }, 1).hem) - seam;
  if (miss(WIDEST_SPREAD_MM) <= 0) return WIDEST_SPREAD_MM;
  return Math.max(0, findRoot(miss, 0, WIDEST_SPREAD_MM, SOLVED_MM).value);
}

/** What would be its hem is the seam to the lower part. */
function upperPart(piece: Piece): Piece {
  const edges = piece.edges.map((one) =>
    one.role === "hem" ? { ...one, id: "lanternSeam", role: "seam" as const, name: "Seam to the lower part" } : one,
  );
  return { ...piece, edges };
}

/** The plain sleeve as far as a level. */
function cutAt(base: StyleBase, level: number): StyleBase {
  const { outline } = base.sleeve;
  const underarmFront = cutAcross(outline.underarmFront, level);
  const underarmBack = cutAcross(outline.underarmBack, level);
  return {
    ...base,
    turnUp: 0,
    sleeve: {
      ...base.sleeve,
      outline: {
        ...outline,
        underarmFront,
        underarmBack,
        frontHem: endOf(underarmFront),
        backHem: endOf(underarmBack),
      },
    },
  };
}

/** A part of a ring: its upper edge the seam, its lower edge the hem, its sides as long as the sleeve falls below the seam. */
function lowerPart(seam: number, hemWidth: number, level: number, hem: number, turnUp: number): Piece {
  const ring = ringSector(seam, hemWidth, hem - level, { x: 0, y: hem });
  const below = turnUp > 0 ? ringSector(hemWidth, hemWidth, turnUp, { x: 0, y: hem + turnUp }).lower : null;
  const [right, left] = [startOf(reversePath(ring.lower)), startOf(ring.lower)];
  const turnedUp = below && {
    front: line(right, endOf(below)),
    edge: reversePath(below),
    back: line(left, startOf(below)),
  };
  const edges = [
    edge("lanternSeam", "seam", "Seam to the upper part", ring.upper),
    edge("underarmFront", "underarm", "Front underarm", line(endOf(ring.upper), right)),
    ...hemEdges(reversePath(ring.lower), turnedUp),
    edge("underarmBack", "underarm", "Back underarm", line(left, startOf(ring.upper))),
  ];
  const crown = middleOf(ring.upper);
  return {
    id: "sleeveLower",
    kind: hungBand("sleeve", "arm", ["lanternSeam"]),
    name: "Lantern sleeve, lower part",
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap((one) => one.path),
    folds: below ? [ring.lower] : [],
    darts: [],
    grain: uprightGrain(0, crown.y, hem),
    notches: [{ id: "seamMiddle", at: crown, inwards: { x: 0, y: 1 } }],
  };
}

function middleOf(arc: Path): Point {
  return along(arc, pathLength(arc) / 2).point;
}

function acrossStep(back: number, level: number): StepRecord {
  return {
    text: phrase`From ${point("A")} down ${length(level)}, rule the seam square across the sleeve and cut along it: the upper part is spread, the lower one drawn anew.`,
    lines: [{ id: "lanternLevel", path: line({ x: back, y: level }, { x: -back, y: level }), kind: "guide" }],
  };
}

function lowerStep(lower: Piece, seam: number, fall: number, hemWidth: number): StepRecord {
  const turn = (seam - hemWidth) / fall;
  const radius =
    turn > 0
      ? phrase` It is a part of a ring: strike its hem with ${length(hemWidth / turn)} of string, its seam with ${length(seam / turn)}.`
      : [];
  return {
    text: phrase`Draw the lower part: ${length(seam)} along the seam, ${length(hemWidth)} along the hem, ${length(fall)} deep.${radius}`,
    lines: lower.edges.map((one) => ({ id: `lower.${one.id}`, path: one.path, kind: "beneath" as const })),
    tapeCheck: phrase`Both edges of the seam measure ${length(seam)}.`,
  };
}
