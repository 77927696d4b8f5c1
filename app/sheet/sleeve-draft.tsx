import type { SewnSleeve } from "@core/drafting/index";
import { Lines } from "./drawn";
import { PieceMarks } from "./piece-marks";
import { linesOnSheet } from "./sleeve-on-sheet";
import type { View } from "./view";

type DraftProps = { readonly drafted: SewnSleeve; readonly view: View };

/** A sleeve that is sewn in: its lines by what they are, its notches and its grain. */
export function SleeveDraft({ drafted, view }: DraftProps) {
  const lines = linesOnSheet(drafted);
  return (
    <>
      {(["strip", "guide", "beneath", "seam"] as const).map((kind) => (
        <Lines key={kind} lines={lines.filter((line) => line.kind === kind)} view={view} />
      ))}
      {drafted.drawn.map((piece) => (
        <PieceMarks key={piece.id} piece={piece} view={view} isGrainDrawn={piece.grain.from.x === 0} />
      ))}
    </>
  );
}
