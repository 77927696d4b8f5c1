import { DEGREE, findRoot, type NamedSolution, type Path, type Point, pathLength, type Solution } from "../../geometry";
import type { Side } from "../half";
import { cupAngle, cupOn } from "./cup";
import { atDepth, type Drawn, draw, type Fixed, fixedOf, type Pass, type State } from "./frame";
import type { SolvedNeck } from "./neck";
import { centreOut, sideToHip } from "./sides";
import type { FittedBody, FittedChoices, FittedEase, FittedTold } from "./task";
import { type HalfWidths, solveWidths } from "./widths";

/** A run out to the underarm of more than this share of the depth makes a wing; across front and back then get up to so much more. */
const WING_SHARE = 0.55;
/** From this share on the curve dips below the underarm before it rises to it, by up to 7 degrees at WING_SHARE. */
const DIP_SHARE = 0.52;
const MOST_DIP = 7 * DEGREE;
const MOST_WIDER_MM = 12;
const BEYOND_TIP_MM = 6;
/** The dart angle is looked for between these, about what the cup asks. */
const BELOW_CUP = 18 * DEGREE;
const ABOVE_CUP = 20 * DEGREE;
/** A dart that misses the cup's by more moves the balance of the armholes, within these. */
const OFF_CUP = 3 * DEGREE;
const BALANCE_MM = { least: 5, most: 20 } as const;
/** A stooped back may have an armhole so much longer. */
const MOST_BALANCE_MM = 40;
/** A dart is held within these of the cup's: what is left over is a stoop, or a belly. */
const LEAST_OF_CUP = 0.4;
const NO_CUP = 4 * DEGREE;
const OVER_CUP = 9 * DEGREE;
const MOST_DART = 34 * DEGREE;
const PASSES = 6;
/** To what the balance of the armholes is found: the search for their depth inside it is finer. */
const BALANCED_MM = 1e-8;
const ROUGHLY_MM = 1e-2;
/** A rounded back gets a dart in its shoulder: this share of its stoop, within these. */
const STOOP_DART_SHARE = 0.3;
const STOOP_DART_MM = { least: 6, most: 14 } as const;

/** Where every point of a fitted block lies. Millimetres from the nape; x goes out to the side, y down. */
export type FittedPlan = {
  readonly neck: SolvedNeck;
  readonly angle: Readonly<Record<Side, number>>;
  readonly seam: Readonly<Record<Side, number>>;
  readonly neckPoint: Readonly<Record<Side, Point>>;
  readonly tip: Readonly<Record<Side, Point>>;
  readonly middle: Readonly<Record<Side, Point>>;
  /** With the front's side part turned back: both at one level. */
  readonly underarm: Readonly<Record<Side, Point>>;
  readonly bustPoint: Point;
  /** How much the dart at the bust point takes, radians. */
  readonly dart: number;
  /** What the fullness of the cup asks of it. */
  readonly cup: number;
  /** The armholes; the front one with its dart open at the side. */
  readonly armhole: Readonly<Record<Side, Path>>;
  /** The front one where no dart is sewn: drawn to the underarm where it lies level. */
  readonly levelArmhole: Path;
  /** How much of the back's shoulder is a dart. */
  readonly backShoulderDart: number;
  readonly waistLevel: number;
  readonly hipLevel: number;
  /** How much lower the waist lies at the centre front than at the side. */
  readonly frontWaistDrop: number;
  /** Front length as drafted, side neck point over the bust point to the waist. */
  readonly frontLength: number;
  readonly widths: Readonly<Record<Side, HalfWidths>>;
  /** What the centre back has come in by at bust level, where the girth is measured. */
  readonly bustLoss: number;
  readonly told: readonly FittedTold[];
  readonly solvers: readonly NamedSolution[];
};

/** The block solved from body and ease: neck, shoulder, widths, armhole, bust and its dart, waist and hip (from a trial on 2,400 bodies). */
export function solveFitted(body: FittedBody, ease: FittedEase, choices: FittedChoices): FittedPlan {
  const fixed = fixedOf(body, ease, choices);
  let pass: Pass = {
    cup: cupAngle(body, body.frontToBust / 2),
    tolerance: ROUGHLY_MM,
    bustLoss: 0,
    frontLower: 0,
    wider: 0,
    dip: 0,
    backDart: 0,
  };
  let found = solvePass(fixed, pass, choices);
  let widths = widthsAt(fixed, found, choices);
  for (let i = 1; i < PASSES; i++) {
    pass = { ...nextPass(fixed, pass, found, widths, choices), ...(i < PASSES - 1 ? { tolerance: ROUGHLY_MM } : {}) };
    found = solvePass(fixed, pass, choices);
    widths = widthsAt(fixed, found, choices);
  }
  return planOf(fixed, pass, found, widths);
}

type Found = State & {
  readonly drawn: Drawn;
  readonly cup: number;
  readonly frontWaistDrop: number;
  readonly balance: number;
  /** How much more the back wants than a body of usual posture: balance beyond what is usual, and front length that was missing. */
  readonly stoop: number;
  readonly depth: Solution;
  readonly dartSolution: Solution;
  readonly told: readonly FittedTold[];
};

function solvePass(fixed: Fixed, pass: Pass, choices: FittedChoices): Found {
  const { body, ease } = fixed;
  const { tolerance } = pass;
  const at = (dart: number, frontLength: number) => {
    const state = atDepth(fixed, pass, dart, frontLength);
    const drawn = draw(fixed, pass, state);
    return { state, drawn, balance: drawn.length.back - drawn.length.front };
  };
  /** The front length at which the armholes balance, the dart being held. */
  const lengthFor = (dart: number, balance: number) =>
    findRoot((length) => at(dart, length).balance - balance, body.backLength - 140, body.backLength + 260, tolerance);
  const finish = (
    dart: number,
    frontLength: number,
    cup: number,
    drop: number,
    solution: Solution,
    told: readonly FittedTold[],
    stoop = 0,
  ): Found => {
    const { state, drawn, balance } = at(dart, frontLength);
    const depth = state.solution;
    return { ...state, drawn, cup, frontWaistDrop: drop, balance, stoop, depth, dartSolution: solution, told };
  };
  const measured = body.frontToWaist;
  const mostAsEase = choices.bustDart === "ease" ? choices.dartEase : Number.POSITIVE_INFINITY;

  const { cup } = pass;
  if (measured === null) {
    // The dart is the cup's, and the front as long as both together ask.
    const solution = lengthFor(Math.min(mostAsEase, cup), ease.balance);
    if (cup <= mostAsEase) return finish(cup, solution.value, cup, 0, solution, []);
    // Without a dart the front lacks the length that the bust would take.
    const missing = lengthFor(cup, ease.balance).value - solution.value;
    return finish(mostAsEase, solution.value, cup, missing, solution, [{ code: "front-short-without-dart", missing }]);
  }

  const forBalance = (balance: number) =>
    findRoot((dart) => at(dart, measured).balance - balance, cup - BELOW_CUP, cup + ABOVE_CUP, tolerance);
  let balance = ease.balance;
  let solution = forBalance(balance);
  if (!solution.converged || Math.abs(solution.value - cup) > OFF_CUP) {
    const near = cup + (solution.value > cup ? OFF_CUP : -OFF_CUP);
    balance = Math.min(BALANCE_MM.most, Math.max(BALANCE_MM.least, at(near, measured).balance));
    solution = forBalance(balance);
  }
  const least = cup < NO_CUP ? 0 : LEAST_OF_CUP * cup;
  const most = Math.min(cup + OVER_CUP, MOST_DART, mostAsEase);
  const dart = solution.value;
  if (dart < Math.min(least, mostAsEase)) {
    const heldDart = Math.min(least, mostAsEase);
    const held = at(heldDart, measured);
    if (held.balance <= MOST_BALANCE_MM) {
      const told: FittedTold[] = held.balance > BALANCE_MM.most ? [{ code: "stooped", balance: held.balance }] : [];
      return finish(
        heldDart,
        measured,
        cup,
        0,
        { ...solution, converged: true, residual: 0 },
        told,
        held.balance - ease.balance,
      );
    }
    const longer = lengthFor(heldDart, MOST_BALANCE_MM);
    return finish(
      heldDart,
      longer.value,
      cup,
      0,
      longer,
      [
        { code: "stooped", balance: MOST_BALANCE_MM },
        { code: "front-lengthened", measured, drafted: longer.value },
      ],
      MOST_BALANCE_MM - ease.balance + longer.value - measured,
    );
  }
  if (dart > most) {
    const shorter = lengthFor(most, mostAsEase < cup + OVER_CUP ? ease.balance : balance);
    const drop = measured - shorter.value;
    const told: FittedTold[] =
      most === mostAsEase
        ? [{ code: "front-short-without-dart", missing: drop }]
        : [{ code: "front-waist-drop", drop }];
    return finish(most, shorter.value, cup, drop, shorter, told);
  }
  return finish(dart, measured, cup, 0, solution, []);
}

function widthsAt({ body, ease }: Fixed, { drawn }: Found, choices: FittedChoices) {
  return solveWidths(body, ease, { front: drawn.underarm.front.x, back: drawn.underarm.back.x }, choices);
}

/** The front drawn with the cup's own dart, by which the cup is told. */
function cupDrawn(fixed: Fixed, pass: Pass, frontLength: number): Drawn {
  return draw(fixed, pass, atDepth(fixed, pass, pass.cup, frontLength));
}

/** What the next pass starts from: the side seams' directions, what the centre back takes, and wings. */
function nextPass(
  fixed: Fixed,
  pass: Pass,
  { drawn, underarmLevel, stoop, frontLength }: Found,
  widths: FittedPlan["widths"],
  choices: FittedChoices,
): Pass {
  const { body, girth } = fixed;
  const { underarm, middle, run, tip } = drawn;
  const bustLevel = Math.max(drawn.bustPoint.y, underarm.front.y, underarm.back.y);
  const long = (side: Side) => pathLength(sideToHip(underarm[side], widths[side], body, bustLevel));
  const depth = underarmLevel - tip.back.y;
  const wing = Math.max(run.back, run.front) - WING_SHARE * depth;
  const room = Math.min(tip.back.x - middle.back.x, tip.front.x - middle.front.x) + BEYOND_TIP_MM;
  const wider =
    wing > 0 && girth > 0 ? Math.max(0, Math.min(MOST_WIDER_MM, pass.wider + wing, pass.wider + room)) : pass.wider;
  const share = Math.max(run.back, run.front) / depth;
  const dip = ((share - DIP_SHARE) / (WING_SHARE - DIP_SHARE)) * MOST_DIP;
  const asked = choices.backShoulderDart;
  const ofStoop = stoop > 0 ? Math.min(STOOP_DART_MM.most, STOOP_DART_SHARE * stoop) : 0;
  return {
    cup: cupOn(body, cupDrawn(fixed, pass, frontLength)),
    tolerance: BALANCED_MM,
    bustLoss: centreOut({ centre: widths.back.centre, from: middle.back.y, body }, bustLevel),
    frontLower: pass.frontLower + long("front") - long("back"),
    wider,
    backDart: asked ?? (ofStoop < STOOP_DART_MM.least ? 0 : ofStoop),
    dip: choices.bustDart === "ease" ? 0 : Math.min(MOST_DIP, Math.max(pass.dip, dip, 0)),
  };
}

function planOf(fixed: Fixed, pass: Pass, found: Found, widths: FittedPlan["widths"]): FittedPlan {
  const { body, neck, angle, seam } = fixed;
  const { drawn } = found;
  return {
    neck,
    angle,
    seam: { front: seam.front, back: seam.back + pass.backDart },
    neckPoint: { back: { x: neck.width.back, y: -neck.depth.back }, front: drawn.neckFront },
    tip: drawn.tip,
    middle: drawn.middle,
    underarm: drawn.underarm,
    bustPoint: drawn.bustPoint,
    dart: found.dart,
    cup: found.cup,
    armhole: drawn.armhole,
    levelArmhole: drawn.levelArmhole(),
    backShoulderDart: pass.backDart,
    waistLevel: body.backLength,
    hipLevel: body.backLength + body.waistToHip,
    frontWaistDrop: found.frontWaistDrop,
    frontLength: found.frontLength + found.frontWaistDrop,
    widths,
    bustLoss: pass.bustLoss,
    told: [...found.told, ...toldOf(fixed, pass, found)],
    solvers: [
      { id: "block.neckline", solution: neck.solution },
      { id: "block.armhole", solution: found.depth },
      { id: "block.balance", solution: found.dartSolution },
    ],
  };
}

/** A dart that misses the cup's by more is told; so is a shoulder point that lies further from where its seam puts it, and a tip further off square. */
const DART_TOLD = 7 * DEGREE;
const SHOULDERS_TOLD_MM = 18;
const SQUARE_TOLD = 3 * DEGREE;
const CHANGED_MM = 0.5;

function toldOf({ body, choices }: Fixed, { wider }: Pass, { drawn, dart, cup }: Found): readonly FittedTold[] {
  const beyond = drawn.tip.back.x - choices.shoulderBeyond - body.shoulderWidth / 2;
  const square = Math.max(drawn.offSquare.back, drawn.offSquare.front);
  return [
    ...(choices.bustDart !== "ease" && Math.abs(dart - cup) > DART_TOLD
      ? [{ code: "dart-against-cup" as const, dart, cup }]
      : []),
    ...(drawn.narrowed > CHANGED_MM ? [{ code: "across-narrowed" as const, by: drawn.narrowed }] : []),
    ...(wider > CHANGED_MM ? [{ code: "across-widened" as const, by: wider }] : []),
    ...(square > SQUARE_TOLD ? [{ code: "tip-not-square" as const, by: square }] : []),
    ...(Math.abs(beyond) > SHOULDERS_TOLD_MM
      ? [{ code: "shoulders-differ" as const, seam: beyond + body.shoulderWidth / 2, width: body.shoulderWidth / 2 }]
      : []),
  ];
}
