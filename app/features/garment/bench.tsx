import { BlockStation } from "@app/features/block/block-station";
import { Card } from "@app/features/card/card";
import { MatchStation } from "@app/features/match/match-station";
import { MeasuresStation } from "@app/features/measures/measures-station";
import type { GarmentClient } from "@app/features/measures/newer-measures";
import { SleeveSheet } from "@app/features/sheet/sleeve-sheet";
import { BenchHeader } from "./bench-header";
import { FindingsPanel } from "./findings-panel";
import { SleeveFields } from "./sleeve-fields";
import type { Station } from "./stations";
import { WorkColumns } from "./work-columns";

type Props = {
  readonly garmentId: string;
  readonly client: GarmentClient;
  readonly station: Station;
};

/** The garment on the table: its stations along the top, figures to the left, the sheet, what was found to the right. */
export function Bench({ garmentId, client, station }: Props) {
  return (
    <>
      <BenchHeader garmentId={garmentId} client={client} station={station} />
      {station === "measures" && <MeasuresStation client={client} />}
      {station === "block" && <BlockStation />}
      {station === "sleeve" && (
        <WorkColumns fields={<SleeveFields />} sheet={<SleeveSheet />} side={<FindingsPanel />} />
      )}
      {station === "match" && <MatchStation />}
      {station === "card" && <Card />}
    </>
  );
}
