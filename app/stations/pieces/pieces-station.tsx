import { EmptyStation } from "@app/work/empty-station";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { WorkColumns } from "@app/work/work-columns";
import { useWorkStore } from "@app/work/work-context";
import { useMemo, useState } from "react";
import { BodiceFields } from "./bodice-fields";
import { type Looked, lookedAt } from "./looked";
import { PiecesSheet } from "./pieces-sheet";
import { PiecesSide } from "./pieces-side";

/** Every piece of the garment at scale, and every seam between them. */
export function PiecesStation() {
  const garment = useThrottledWork((work) => work.garment);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [isMapShown, setMapShown] = useState(false);
  const seams = useMemo(() => [...garment.seams, ...garment.joins], [garment]);
  const shown = lookedAt(looked, garment.pieces, seams);
  if (garment.pieces.length === 0) return <WorkColumns fields={<BodiceFields />} sheet={<Nothing />} side={null} />;
  return (
    <WorkColumns
      fields={<BodiceFields />}
      sheet={
        <PiecesSheet
          garment={garment}
          seams={seams}
          looked={shown}
          onLook={setLooked}
          isMapShown={isMapShown}
          onMap={setMapShown}
        />
      }
      side={{
        panel: "side",
        name: "Pieces and seams",
        content: <PiecesSide garment={garment} seams={seams} looked={shown} onLook={setLooked} />,
      }}
    />
  );
}

function Nothing() {
  const store = useWorkStore();
  return (
    <EmptyStation station="pieces" why="There is no sleeve and no collar, and front and back are not cut.">
      <button type="button" className="plain-button" onClick={() => store.getState().setField("bodice.cut", "whole")}>
        Cut front and back
      </button>
    </EmptyStation>
  );
}
