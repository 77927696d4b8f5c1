import type { WalkState } from "@app/sheet/use-walk";
import type { Seam } from "@core/pattern/index";
import type { RibbonScale } from "./seam-ribbons";

type Props = {
  readonly walk: WalkState;
  readonly seams: readonly [Seam, Seam];
  readonly scale: RibbonScale;
};

/** Where the walk stands on both ribbons, joined by a thread: how far it leans is what has been eased in by then. */
export function WalkThread({ walk, seams: [front, back], scale }: Props) {
  const { seam, moment } = walk;
  if (moment.bodyAt === 0 || seam.kind !== "armhole") return null;
  const isFront = seam.id === "armhole.front";
  const x1 = scale.onBody(isFront ? front.bodyLength + back.bodyLength - moment.bodyAt : moment.bodyAt);
  const x2 = scale.onPart(isFront ? front.partLength + back.partLength - moment.partAt : moment.partAt);
  return (
    <g data-walk-thread={isFront ? "front" : "back"} aria-hidden>
      <line className="walk" x1={x1} y1={scale.armholeY} x2={x2} y2={scale.capY} />
      <circle className="walk" cx={x1} cy={scale.armholeY} r={4} />
      <circle className="walk" cx={x2} cy={scale.capY} r={4} />
    </g>
  );
}
