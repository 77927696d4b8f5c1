import { directionTo, type Path, pathLength, startOf } from "../../geometry";
import type { CollarChoiceOf } from "../collar-fields";
import type { CollarBase, CollarHandle, JoinedNeck, NoCollar } from "../collar-kind";
import { belowOf, joinedNeckline, lineBelowNeckline } from "../joined-neckline";
import { askedOut, type LetOutFound, letOut } from "../outer-edge";
import { type BackCollar, endSwungOut, outerLength, tiltedBack, tiltRange } from "./back-collar";
import { breakLevel, type FrontGround, frontGround } from "./front-ground";

/** What every collar that is drafted on the front with a lapel is asked. Millimetres. */
export type TurnedFigures = {
  readonly height: number;
  readonly fall: number;
  readonly beyond: number;
  /** Null for the usual place. */
  readonly breakDepth: number | null;
  readonly rollAhead: number;
  readonly shoulderStand: number;
  readonly tilt: number;
};

type TurnedChoices = {
  readonly breakAt: CollarChoiceOf<"breakAt">;
  readonly rollSchool: CollarChoiceOf<"rollSchool">;
  readonly edgeBy: CollarChoiceOf<"edgeBy">;
  readonly neckEdge: CollarChoiceOf<"neckEdge">;
};

/** The front with its roll line, the tilt of the collar's back, and the line on the block that its edge lies on. */
export type TurnedCollar = {
  readonly ground: FrontGround;
  readonly width: number;
  readonly found: LetOutFound;
  readonly joined: JoinedNeck;
};

export function turnedCollar(
  base: CollarBase,
  { height, fall, beyond, breakDepth, rollAhead, shoulderStand, tilt }: TurnedFigures,
  { breakAt, rollSchool, edgeBy, neckEdge }: TurnedChoices,
): TurnedCollar | NoCollar {
  const { block } = base;
  const breakY = breakDepth ?? breakLevel(base, breakAt);
  const ground = frontGround(base, { breakY, beyond, ahead: rollSchool === "ahead" ? rollAhead : 0 });
  if (!ground) return { what: "break-too-high", breakY, neckline: startOf(block.front.centre).y };
  const width = height + fall;
  const below = belowOf(width, height, Math.min(height, shoulderStand));
  const line: { readonly back: Path; readonly whole: Path } = lineBelowNeckline(block, below);
  const found = letOut({
    by: "tilt",
    needed: pathLength(line.back),
    below,
    edgeAt: (turn) => outerLength(tiltedBack(ground, width, turn, neckEdge)),
    outAt: (turn) => Math.sign(turn) * endSwungOut(ground, tiltedBack(ground, width, turn, neckEdge)),
    asked: askedOut(edgeBy, tilt),
    ...tiltRange(ground, width),
  });
  return {
    ground,
    width,
    found,
    joined: { neckline: joinedNeckline(block, 0), shoulderAt: ground.backNeck, fallLine: line.whole },
  };
}

/** Break point, width at the centre back and, where the tilt is a figure of its own, the end of the neck edge. */
export function turnedHandles(
  { breakPoint, neck }: FrontGround,
  { centreBack }: BackCollar,
  fall: number,
  tilt: number | null,
): readonly CollarHandle[] {
  return [
    {
      field: "breakDepth",
      name: "Break point",
      at: breakPoint,
      value: breakPoint.y - neck.y,
      gain: { x: 0, y: 1 },
      isDistance: true,
    },
    {
      field: "fall",
      name: "Width of the collar",
      at: centreBack.outer,
      value: fall,
      gain: directionTo(centreBack.neck, centreBack.outer),
      isDistance: true,
    },
    ...(tilt === null
      ? []
      : [
          {
            field: "tilt" as const,
            name: "Tilt of the collar",
            at: centreBack.neck,
            value: tilt,
            gain: { x: 1, y: 0 },
          },
        ]),
  ];
}
