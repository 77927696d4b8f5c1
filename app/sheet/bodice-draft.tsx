import type { DraftedBodiceSleeve } from "@core/drafting/index";
import type { Path } from "@core/geometry/index";
import { Lines, PlainPath } from "./drawn";
import { PieceMarks } from "./piece-marks";
import { linesOnSheet } from "./sleeve-on-sheet";
import type { View } from "./view";

type Props = { readonly drafted: DraftedBodiceSleeve; readonly view: View };

/** A sleeve that took a part of the bodice along: sleeve, front and back beside each other. */
export function BodiceDraft({ drafted, view }: Props) {
  const lines = linesOnSheet(drafted);
  return (
    <>
      {(["strip", "guide", "beneath", "seam"] as const).map((kind) => (
        <Lines key={kind} lines={lines.filter((line) => line.kind === kind)} view={view} />
      ))}
      {drafted.drawn.map((piece) => (
        <g key={piece.id}>
          {piece.darts.map((dart) => (
            <PlainPath key={keyOf(dart)} path={dart} view={view} className="guide" />
          ))}
          <PieceMarks piece={piece} view={view} />
        </g>
      ))}
    </>
  );
}

function keyOf(path: Path): string {
  const [first] = path;
  return first ? `${first[0].x} ${first[0].y} ${first[3].x}` : "";
}
