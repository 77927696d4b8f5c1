import type { DraftedBodiceSleeve } from "@core/drafting/index";
import type { Path } from "@core/geometry/index";
import type { Edge, Piece } from "@core/pattern/index";
import { Letters, Lines, PlainPath } from "./drawn";
import { EdgeFigures } from "./edge-figures";
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
          <EdgeFigures
            piece={piece}
            view={view}
            leftOut={isBetweenOthers}
            isOutside={(edge) => isNarrowRaglan(piece, edge)}
          />
        </g>
      ))}
      {!isHeld && <Letters points={ownPoints} view={view} middle={0} />}
    </>
  );
}

/** Between the legs of an over-arm dart there is no room for figures: the ribbons tell them. */
function isBetweenOthers(edge: Edge): boolean {
  return edge.role === "dart";
}

/** A raglan sleeve is too narrow at the top for figures inside it. */
function isNarrowRaglan(piece: Piece, edge: Edge): boolean {
  return piece.kind.of === "sleeve" && edge.role === "raglan";
}

function keyOf(path: Path): string {
  const [first] = path;
  return first ? `${first[0].x} ${first[0].y} ${first[3].x}` : "";
}
