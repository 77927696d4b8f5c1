import { useThrottledWork } from "@app/work/use-throttled-work";
import { WorkColumns } from "@app/work/work-columns";
import { useWorkStore } from "@app/work/work-context";
import { Box, Button, Text } from "@chakra-ui/react";
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
          pieces={garment.pieces}
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
    <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
      <Box>
        <Text mb="4">There is nothing to cut yet: no sleeve, no collar, and front and back are left uncut.</Text>
        <Button
          variant="outline"
          borderColor="ruleStrong"
          color="ink"
          onClick={() => store.getState().setField("bodice.cut", "whole")}
        >
          Cut front and back
        </Button>
      </Box>
    </Box>
  );
}
