import type { GarmentClient } from "@app/stations/measures/newer-measures";
import { SleeveStation } from "@app/stations/sleeve/sleeve-station";
import { ShownPanels, useSheetFirst } from "@app/work/panels-wait";
import { ProvenFindings } from "@app/work/proven-findings";
import type { Station } from "@core/garment/index";
import { lazy, type ReactNode, Suspense, useEffect } from "react";
import { BenchHeader } from "./bench-header";

// The sleeve is what a garment opens at; the other stations are fetched once it stands, so that it stands sooner.
const LATER = {
  measures: () => import("@app/stations/measures/measures-station"),
  block: () => import("@app/stations/block/block-station"),
  collar: () => import("@app/stations/collar/collar-station"),
  pieces: () => import("@app/stations/pieces/pieces-station"),
  match: () => import("@app/stations/match/match-station"),
  wear: () => import("@app/stations/wear/wear-station"),
  cut: () => import("@app/stations/cut/cut-station"),
  card: () => import("@app/stations/card/card"),
} as const;
const MeasuresStation = lazy(async () => ({ default: (await LATER.measures()).MeasuresStation }));
const BlockStation = lazy(async () => ({ default: (await LATER.block()).BlockStation }));
const CollarStation = lazy(async () => ({ default: (await LATER.collar()).CollarStation }));
const PiecesStation = lazy(async () => ({ default: (await LATER.pieces()).PiecesStation }));
const MatchStation = lazy(async () => ({ default: (await LATER.match()).MatchStation }));
const WearStation = lazy(async () => ({ default: (await LATER.wear()).WearStation }));
const CutStation = lazy(async () => ({ default: (await LATER.cut()).CutStation }));
const Card = lazy(async () => ({ default: (await LATER.card()).Card }));

/** How long the station that was opened has the browser to itself. */
const REST_MS = 2000;

type Props = {
  readonly garmentId: string;
  readonly client: GarmentClient;
  readonly station: Station;
};

/** The garment on the table: its stations along the top, figures to the left, the sheet, what was found to the right. */
export function Bench({ garmentId, client, station }: Props) {
  const panelsShown = useSheetFirst();
  useEffect(() => {
    // What cannot be fetched ahead is asked for again when its station is opened.
    const fetchAll = () => Object.values(LATER).forEach((fetchStation) => void fetchStation().catch(() => {}));
    const timer = setTimeout(fetchAll, REST_MS);
    return () => clearTimeout(timer);
  }, []);
  const stations: Readonly<Record<Station, () => ReactNode>> = {
    measures: () => <MeasuresStation client={client} />,
    block: () => <BlockStation />,
    sleeve: () => <SleeveStation />,
    collar: () => <CollarStation />,
    pieces: () => <PiecesStation />,
    match: () => <MatchStation />,
    wear: () => <WearStation />,
    cut: () => <CutStation garmentId={garmentId} client={client.name} />,
    card: () => <Card garmentId={garmentId} />,
  };
  return (
    <ProvenFindings>
      <div className="bench">
        <BenchHeader garmentId={garmentId} client={client} station={station} />
        <ShownPanels value={panelsShown}>
          <Suspense fallback={null}>{stations[station]()}</Suspense>
        </ShownPanels>
      </div>
    </ProvenFindings>
  );
}
