import { useUnit } from "@app/components/preferences";
import type { DraftedBodiceSleeve } from "@core/garment/index";
import { along, type Path } from "@core/geometry/index";
import type { Edge, Piece } from "@core/pattern/index";
import { formatLength } from "@core/tape/index";
import { FigureAt, Letters, Lines, PlainPath } from "./drawn";
import { PieceMarks } from "./piece-marks";
import type { View } from "./view";

type Props = { readonly drafted: DraftedBodiceSleeve; readonly view: View; readonly isHeld: boolean };

/** A sleeve that took a part of the bodice along: sleeve, front and back beside each other, with what each edge measures. */
export function BodiceDraft({ drafted, view, isHeld }: Props) {
  const { draft, drawn, drawing } = drafted;
  const ownPoints = [...drawing.actsBefore, ...drawing.acts].flatMap((act) => act.points ?? []);
  return (
    <>
      {(["strip", "guide", "beneath", "seam"] as const).map((kind) => (
        <Lines
          key={kind}
          lines={draft.lines.filter((line) => line.kind === kind && !line.id.startsWith("plain.slant"))}
          view={view}
        />
      ))}
      {drawn.map((piece) => (
        <g key={piece.id}>
          {piece.darts.map((dart) => (
            <PlainPath key={keyOf(dart)} path={dart} view={view} className="guide" />
          ))}
          <PieceMarks piece={piece} view={view} />
          <EdgeFigures piece={piece} view={view} />
        </g>
      ))}
      {!isHeld && <Letters points={ownPoints} view={view} middle={0} />}
    </>
  );
}

/** A shorter edge has no room for its figure. */
const LEAST_FIGURED_PX = 46;
const INSIDE_PX = 14;

/** What each edge measures, written inside it. */
function EdgeFigures({ piece, view }: { readonly piece: Piece; readonly view: View }) {
  const unit = useUnit();
  return piece.edges
    .filter((edge) => edge.length * view.scale >= LEAST_FIGURED_PX && !isBetweenOthers(edge))
    .map((edge) => {
      const { point, inwards } = besideEdge(piece, edge);
      return (
        <FigureAt
          key={edge.id}
          at={point}
          text={formatLength(edge.length, unit)}
          view={view}
          dx={inwards.x * INSIDE_PX}
          dy={inwards.y * INSIDE_PX + 4}
          anchor={inwards.x > 0.5 ? "start" : inwards.x < -0.5 ? "end" : "middle"}
        />
      );
    });
}

/** Between the legs of an over-arm dart there is no room for figures: the ribbons tell them. */
function isBetweenOthers(edge: Edge): boolean {
  return edge.id === "dartFront" || edge.id === "dartBack";
}

/** Inside the piece, to the right of its outline; a raglan sleeve is too narrow at the top for that. */
function besideEdge(piece: Piece, edge: Edge) {
  const { point, direction } = along(edge.path, edge.length / 2);
  const way = piece.id.startsWith("sleeve") && edge.id.startsWith("raglan") ? -1 : 1;
  return { point, inwards: { x: -direction.y * way, y: direction.x * way } };
}

function keyOf(path: Path): string {
  const [first] = path;
  return first ? `${first[0].x} ${first[0].y} ${first[3].x}` : "";
}
