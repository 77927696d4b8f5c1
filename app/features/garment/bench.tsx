import { BlockStation } from "@app/features/block/block-station";
import { Card } from "@app/features/card/card";
import { CollarStation } from "@app/features/collar/collar-station";
import { MatchStation } from "@app/features/match/match-station";
import { MeasuresStation } from "@app/features/measures/measures-station";
import type { GarmentClient } from "@app/features/measures/newer-measures";
import { SleeveStation } from "@app/features/sleeve/sleeve-station";
import type { Station } from "@core/garment/index";
import { BenchHeader } from "./bench-header";

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
      {station === "sleeve" && <SleeveStation />}
      {station === "collar" && <CollarStation />}
      {station === "match" && <MatchStation />}
      {station === "card" && <Card garmentId={garmentId} />}
    </>
  );
}
