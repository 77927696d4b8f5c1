import { type Figure, length, lettered, phrase, point, type StepRecord } from "../../draft";
import {
  along,
  betweenDirections,
  type Cubic,
  cubicLength,
  directionTo,
  distance,
  endOf,
  evenCurve,
  findRoot,
  line,
  offset,
  type Path,
  type Point,
  pathLength,
  reversePath,
  rotateDirection,
  SAME_MM,
  SOLVED_MM,
  startOf,
  step,
  subpath,
} from "../../geometry";
import { edge, edgeLines } from "../../pattern";
import { BACK_NECK_ONLY, neckSeamFigure } from "../collar-figures";
import { type CollarBase, collarKind } from "../collar-kind";
import { joinedNeckline } from "../joined-neckline";
import { chestOf } from "../lapel/front-ground";
import { backFacings, frontFacing, frontPiece } from "../lapel/front-pieces";
import { GROWN_SEAMS } from "../lapel/grown-seams";
import { facingStep, paperStep } from "../lapel/lapel-steps";
import { necklineSeam } from "../neckline-seam";

const COMMON = "common practice, no source" as const;
/** An end moved out by this share of the back neck leaves an easy curve. Our own choice. */
const WELL_WITHIN = 0.35;
const BACK_NECK_OF_FRONT = { body: ["back.neckline"], part: ["front.backNeck"] } as const;
/** Its centre-back seam. */
const SEAM_MM = 10;

/** A stand that is cut in one with the front, joined at the centre back and sewn to the back neckline. */
export const grownOn = collarKind({
  name: "Grown-on stand",
  summary: "Stands up round the neck and is cut in one with the front; only the back neck has a seam.",
  alsoCalled: "grown-on collar funnel",
  standsOnNeckline: false,
  needsNeck: false,
  needsWaist: true,
  frontEdge: "grown",
  groups: [{ title: "Shape", fields: ["height", "out", "beyond"] }],
  usual: {
    height: { value: 40, rule: phrase`${length(30)} to ${length(50)} with ${length(10)} of seam`, source: COMMON },
    out: { value: 30, rule: phrase`${length(30)}`, source: COMMON },
    beyond: {
      value: ({ buttonStand }) => buttonStand,
      rule: phrase`as far as the button stand of the front`,
      source: "geometry",
    },
  },
  choices: {},
  draft: (base, figures) => {
    const { block } = base;
    const drawn = drawGrownOn(base, figures);
    if (!drawn.solution.converged) {
      const usual = block.back.neckline.length * WELL_WITHIN;
      return { isDrawn: false, why: { what: "out-too-far", out: figures.out, usual } };
    }
    const neckSeam = [drawn.neck];
    return {
      isDrawn: true,
      title: "Grown-on stand collar",
      acts: stepsOf(base, figures, drawn),
      cutting: {
        text: phrase`Cut front and facing each as a mirrored pair, and interface the facing. Clip to the stitching at the neck point, and no further. Try it first in scrap cloth: lower it where it is too thick or too high.`,
      },
      drawn: [drawn.front],
      extra: [drawn.facing, ...backFacings(block, base)],
      front: { upper: drawn.upper, edgeDown: drawn.edgeDown, buttons: null, lines: [], roll: null },
      seams: [
        necklineSeam(
          reversePath(block.back.neckline.path),
          reversePath(neckSeam),
          "shoulder",
          null,
          BACK_NECK_OF_FRONT,
        ),
      ],
      joins: GROWN_SEAMS,
      handles: [
        {
          field: "height",
          name: "Height of the collar",
          at: drawn.top,
          value: figures.height,
          gain: directionTo(drawn.end, drawn.top),
          isDistance: true,
        },
        {
          field: "out",
          name: "End of the neck edge",
          at: drawn.end,
          value: figures.out,
          gain: rotateDirection(drawn.guide, Math.PI / 2),
        },
      ],
      joined: { neckline: joinedNeckline(block, 0), shoulderAt: block.back.neckline.length, fallLine: null },
      upperEdge: null,
      outer: null,
      turnedOver: null,
      lapel: null,
      solvers: [{ id: "collar.length", solution: drawn.solution }],
    };
  },
});

type Figures = { readonly height: number; readonly out: number; readonly beyond: number };

/** The end is moved out by so much square to a guide line, which is as long as the neck edge then needs to measure the back neck. */
function drawGrownOn({ block }: CollarBase, { height, out, beyond }: Figures) {
  const { front, back } = block;
  const neckPoint = startOf(front.shoulder.path);
  const guide = directionTo(endOf(front.armhole.path), neckPoint);
  const aside = rotateDirection(guide, Math.PI / 2);
  const curve = (reach: number): Cubic => {
    const end = step(step(neckPoint, guide, reach), aside, out);
    return evenCurve(neckPoint, guide, end);
  };
  const backNeck = back.neckline.length;
  const solution = findRoot(
    (reach) => cubicLength(curve(reach)) - backNeck,
    backNeck * 0.01,
    backNeck * 1.01,
    SOLVED_MM,
  );
  const neck = curve(solution.value);
  const end = neck[3];
  const away = directionTo(neck[2], neck[3]);
  const top = step(end, rotateDirection(away, -Math.PI / 2), height);
  const centre = startOf(front.centre);
  const foot = { x: centre.x - beyond, y: centre.y - height };
  const upperEdge = keepingWidth(reversePath(front.neckline.path), [neck], height, foot);
  const edgeDown = line(foot, { x: foot.x, y: endOf(front.centre).y });
  const upper = [
    edge("outer", "outer", "Upper edge", upperEdge),
    edge("centreBack", "collar-centre", "Centre-back seam", line(top, end)),
    edge("backNeck", "collar-neck", "Back neck edge", reversePath([neck])),
  ];
  const ground = {
    front,
    chest: chestOf({ block }),
    outAlongShoulder: along(front.shoulder.path, 0).direction,
  };
  return {
    neckPoint,
    guide,
    reach: solution.value,
    neck,
    end,
    top,
    foot,
    solution,
    upper,
    edgeDown,
    front: frontPiece(ground, upper, edgeDown, []),
    facing: frontFacing(ground, upper, edgeDown, "Front facing with collar"),
  };
}

/** Beside a corner on their inside two edges meet earlier; so much further from it the upper edge is rounded off. */
const ROUNDED_MM = 8;

/**
 * The upper edge: everywhere `height` above the neck edge, from the front end round the side of the neck to the centre back. What lies
 * nearer to the corner at the side neck point than the edges beside it do is rounded off.
 */
function keepingWidth(neckline: Path, neck: Path, height: number, foot: Point): Path {
  const [front, back] = [pathLength(neckline), pathLength(neck)];
  const [before, after] = [along(neckline, front).direction, along(neck, 0).direction];
  const turn = Math.acos(Math.max(-1, Math.min(1, before.x * after.x + before.y * after.y)));
  const off = clearOf(neckline, neck, height, height * Math.tan(Math.min(turn, MOST_CORNER) / 2) + ROUNDED_MM);
  const upTo = Math.max(front / 2, front - off);
  const above = offset(subpath(neckline, 0, upTo), () => height, -1);
  const behind = offset(subpath(neck, Math.min(off, back / 2), back), () => height, -1);
  const round = betweenDirections(
    endOf(above),
    along(above, pathLength(above)).direction,
    startOf(behind),
    along(behind, 0).direction,
  );
  const start = startOf(above);
  const stand = distance(foot, start) > SAME_MM ? line(foot, start) : [];
  return [...stand, ...above, round, ...behind];
}

/**
 * How far from the corner the upper edge is left, so that its two parts do not pass each other: at least `least`, and more where the
 * neckline bends beside the corner as tightly as the collar is high.
 */
function clearOf(neckline: Path, neck: Path, height: number, least: number): number {
  const front = pathLength(neckline);
  const most = Math.min(front, pathLength(neck)) / 2;
  const above = ({ point, direction }: ReturnType<typeof along>) =>
    step(point, rotateDirection(direction, -Math.PI / 2), height);
  const room = (off: number) => {
    const before = along(neckline, front - off);
    const [from, to] = [above(before), above(along(neck, off))];
    return (to.x - from.x) * before.direction.x + (to.y - from.y) * before.direction.y - ROUNDED_MM / 2;
  };
  return least >= most || room(least) >= 0 ? least : findRoot(room, least, most, SOLVED_MM).value;
}

/** A neck that turned further at the side would stand on its head. Radians. */
const MOST_CORNER = 1.6;

type Drawn = ReturnType<typeof drawGrownOn>;

function stepsOf({ block }: CollarBase, figures: Figures, drawn: Drawn): readonly StepRecord[] {
  const { front } = block;
  const backNeck = block.back.neckline.length;
  const collarLength: Figure = {
    id: "collar.length",
    label: "Length of the collar, half, with its seam",
    value: backNeck + SEAM_MM,
    kind: "length",
    formula: phrase`back neck ${length(backNeck)} + ${length(SEAM_MM)}`,
    rule: "Grown-on collar",
    source: COMMON,
  };
  return [
    paperStep(front, [drawn.front.outline]),
    {
      text: phrase`Rule a guide line from the foot of the armhole up through ${point("A")}, and on by ${length(drawn.reach)}. From its end go out ${length(figures.out)}, square to it and away from the front, to ${point("B")}. The collar is ${length(backNeck + SEAM_MM)} long with its seam: the back neck and ${length(SEAM_MM)}.`,
      points: [lettered("B", "centre back, neck edge", drawn.end)],
      lines: [
        {
          id: "guide",
          path: line(endOf(front.armhole.path), step(drawn.neckPoint, drawn.guide, drawn.reach)),
          kind: "guide",
        },
      ],
      figures: [collarLength],
    },
    {
      text: phrase`Draw the neck edge from ${point("A")} to ${point("B")} in a soft curve that leaves along the guide line.`,
      lines: edgeLines(drawn.front, ["backNeck"]),
      figures: [neckSeamFigure(cubicLength(drawn.neck), BACK_NECK_ONLY)],
      tapeCheck: phrase`${point("A")} to ${point("B")} measures ${length(backNeck)}, tape on its edge.`,
    },
    {
      text: phrase`Square to it at ${point("B")} rule the centre back ${length(figures.height)} high to ${point("C")}, and from there draw the upper edge ${length(figures.height)} from the neck edge all along, softly round the side neck point, to ${point("D")}, ${length(figures.height)} above the front neck.`,
      points: [lettered("C", "centre back, upper edge", drawn.top), lettered("D", "front end, upper edge", drawn.foot)],
      lines: edgeLines(drawn.front, ["centreBack", "outer", "centre", "shoulder", "armhole", "side", "hem"]),
    },
    facingStep(block, drawn.facing, phrase`Front facing, in one with the collar`),
  ];
}
