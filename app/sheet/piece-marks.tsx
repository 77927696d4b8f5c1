import { directionTo, line, opposite, rotateDirection } from "@core/geometry/index";
import type { Piece } from "@core/pattern/index";
import { PlainPath, Tick } from "./drawn";
import type { View } from "./view";

/** How far the barbs of an arrow head are turned off it. */
const HEAD_TURN = Math.PI / 6;

type Props = {
  readonly piece: Piece;
  readonly view: View;
  /** The line itself may be drawn already, as an upright of the draft. */
  readonly isGrainDrawn?: boolean;
};

/** Notches, buttons and the grain. */
export function PieceMarks({ piece, view, isGrainDrawn = false }: Props) {
  const { from, to } = piece.grain;
  const way = directionTo(from, to);
  const heads = [from, to].flatMap((at) =>
    [HEAD_TURN, -HEAD_TURN].map((turn) => ({ at, towards: rotateDirection(at === from ? way : opposite(way), turn) })),
  );
  return (
    <>
      {piece.notches.map((notch) => (
        <Tick key={notch.id} at={notch.at} towards={notch.inwards} px={9} view={view} className="notch" />
      ))}
      {(piece.buttons ?? []).flatMap(({ at, hole }) => [
        <PlainPath key={`hole ${at.x} ${at.y}`} path={hole} view={view} className="notch" />,
        ...[
          { x: 1, y: 0 },
          { x: -1, y: 0 },
          { x: 0, y: 1 },
          { x: 0, y: -1 },
        ].map((towards) => (
          <Tick
            key={`${at.x} ${at.y} ${towards.x} ${towards.y}`}
            at={at}
            towards={towards}
            px={5}
            view={view}
            className="notch"
          />
        )),
      ])}
      {!isGrainDrawn && <PlainPath path={line(from, to)} view={view} className="grain" />}
      {heads.map(({ at, towards }) => (
        <Tick
          key={`${at.y} ${towards.x} ${towards.y}`}
          at={at}
          towards={towards}
          px={9}
          view={view}
          className="grain"
        />
      ))}
    </>
  );
}
