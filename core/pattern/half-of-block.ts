import { type BodiceHalf, type BustShaping, dartLine, dartPoint, type NeckTurn, type SideDart } from "../block";
import {
  along,
  directionTo,
  distance,
  endOf,
  lerp,
  line,
  type Path,
  pathLength,
  reversePath,
  rotatePath,
  startOf,
  subpath,
} from "../geometry";
import { dartMouth } from "./dart-mouth";
import { armholeEdges, type HalfEdges, neckAndCentre, shoulderEdges, sideDartEdges } from "./half-edges";
import { edge } from "./piece";

/** A dart is pressed to the centre: its foot lies along the neck on that side. */
const FOOT_MM = 8;

/** A front whose bust dart is sewn in the neck, or gathered into it. */
type TurningToNeck = BodiceHalf & {
  readonly neckTurn: NeckTurn;
  readonly sideDart: SideDart;
  readonly bust: BustShaping;
};

/** The half as the block has it, its bust dart turned to the neck where it is sewn there. */
export function halfOfBlock(half: BodiceHalf): HalfEdges {
  if (turnsToNeck(half)) return turnedToNeck(half);
  return {
    half,
    ...neckAndCentre(half, half.neckline.path),
    outer: [...shoulderEdges(half), ...armholeEdges(half), ...sideDartEdges(half)],
    side: half.sideSeam,
    notches: [],
    folds: [],
    slashes: [],
  };
}

/** Is this half cut with its dart turned to the neck? */
function turnsToNeck(half: BodiceHalf): half is TurningToNeck {
  return Boolean(half.neckTurn && half.sideDart && half.bust && half.bust.dart > 0);
}

/**
 * The front as it is cut: slashed from the neck to the bust point, and the dart at the side closed, so that it opens in the neck. Every
 * seam keeps its length; sleeve and collar are fitted to the half as it was drafted, which is what it is when the dart is sewn.
 */
function turnedToNeck(half: TurningToNeck): HalfEdges {
  const { neckTurn, sideDart, bust, neckline, sideSeam } = half;
  const turn = (path: Path) => rotatePath(path, bust.bustPoint, bust.dart);
  const inner = subpath(neckline.path, neckTurn.at, neckline.length);
  const outer = turn(subpath(neckline.path, 0, neckTurn.at));
  const [centreward, sideward] = [startOf(inner), endOf(outer)];
  const middle = lerp(centreward, sideward, 0.5);
  const apex = dartPoint(bust.bustPoint, middle, neckTurn.short);
  const isDart = neckTurn.as === "dart";
  const own = half.inner.filter(({ path }) => !sameEnds(path, endOf(sideDart.upper), startOf(sideSeam)));
  const cut: BodiceHalf = {
    ...half,
    shoulder: { ...half.shoulder, path: turn(half.shoulder.path) },
    armhole: { ...half.armhole, path: turn(half.armhole.path) },
    inner: isDart ? [...own, dartLine("front.neckDart", centreward, apex, sideward)] : own,
  };
  const inwards = directionTo(middle, bust.bustPoint);
  return {
    // What is laid along the closed neck, as a facing is, goes by the half as it was drafted.
    half: { ...half, inner: cut.inner },
    neck: [
      edge(
        "necklineInner",
        "neck",
        isDart ? "Front neck, to the dart" : "Front neck, to the gathers",
        reversePath(inner),
      ),
      isDart
        ? edge(
            "neckDart",
            "dart",
            "Mouth of the neck dart",
            dartMouth(apex, centreward, sideward, along(inner, FOOT_MM).point),
          )
        : edge("neckGathers", "neck", "Front neck, to be gathered away", line(centreward, sideward)),
      edge(
        "necklineOuter",
        "neck",
        isDart ? "Front neck, from the dart" : "Front neck, from the gathers",
        reversePath(outer),
      ),
    ],
    centre: half.centre,
    outer: [...shoulderEdges(cut), ...armholeEdges(cut)],
    side: [...turn(sideDart.upper), ...sideSeam],
    notches: isDart
      ? []
      : [
          { id: "gathers.inner", at: centreward, inwards },
          { id: "gathers.outer", at: sideward, inwards },
        ],
    folds: [],
    slashes: [],
  };
}

const SAME_MM = 0.05;

/** Does a line run between these two places, as the dart at the side does? */
function sameEnds(path: Path, a: { x: number; y: number }, b: { x: number; y: number }): boolean {
  if (pathLength(path) === 0) return false;
  return distance(startOf(path), a) < SAME_MM && distance(endOf(path), b) < SAME_MM;
}
