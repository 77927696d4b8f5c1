import { useWork } from "@app/work/work-context";
import { Box } from "@chakra-ui/react";
import { sewnSleeve } from "@core/drafting/index";
import { dartHandle, type Garment } from "@core/garment/index";
import { along, pathLength } from "@core/geometry/index";
import { useMemo, useState } from "react";
import { blockOnSheet } from "./block-on-sheet";
import { FigureSheet } from "./dimensions/figure-sheet";
import { DragHandle } from "./drag-handle";
import { Lines, PlainPath, Tick } from "./drawn";
import { boxOfPlaced, halvesOf, type PlacedHalf, placeBlock } from "./placed-block";
import { useHandleGesture } from "./use-handle-gesture";
import type { View } from "./view";

/** The bodice as it lies on the table: back to the left, front to the right, side seams facing each other. */
export function BlockSheet() {
  const garment = useWork((work) => work.garment);
  const lastGood = useWork((work) => work.lastGood);
  const shown = garment.block ? garment : lastGood;
  const { block, plainBlock, alterations } = shown;
  const placed = useMemo(() => block && placeBlock(block), [block]);
  const before = useMemo(
    () => (plainBlock && alterations.some((one) => one.leftOut === null) ? placeBlock(plainBlock) : null),
    [plainBlock, alterations],
  );
  const box = useMemo(() => placed && boxOfPlaced(placed), [placed]);
  const parts = useMemo(() => placed && halvesOf(placed), [placed]);
  const [isHeld, setHeld] = useState(false);
  const onSheet = useMemo(() => (placed ? blockOnSheet(shown, placed) : null), [shown, placed]);
  if (!block || !placed || !box || !parts || !onSheet) {
    return (
      <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
        These figures give no bodice. The findings say what is in the way.
      </Box>
    );
  }
  const notches = sewnSleeve(shown)?.task.notches;
  return (
    <FigureSheet
      station="block"
      box={box}
      parts={parts}
      isHeld={isHeld}
      label="The bodice block, drawn to scale"
      {...onSheet}
    >
      {(view) => (
        <>
          {before && (
            <g data-before>
              {[before.back, before.front].flatMap((half) =>
                [half.neckline, half.shoulder, half.armhole].map((path, i) => (
                  <PlainPath key={`${half.side}-${i === 0 ? "n" : i}`} path={path} view={view} className="before" />
                )),
              )}
            </g>
          )}
          <Half half={placed.back} view={view} notch={notches?.back} outwards={-1} />
          <Half half={placed.front} view={view} notch={notches?.front} outwards={1} />
          {shown === garment && <DartPoint garment={garment} placed={placed.front} view={view} onHold={setHeld} />}
        </>
      )}
    </FigureSheet>
  );
}

type DartPointProps = {
  readonly garment: Garment;
  readonly placed: PlacedHalf;
  readonly view: View;
  readonly onHold: (isHeld: boolean) => void;
};

/** The point of the bust dart, dragged to or from the bust point. */
function DartPoint({ garment, placed, view, onHold }: DartPointProps) {
  const { move, ...gesture } = useHandleGesture(onHold);
  const found = useMemo(() => dartHandle(garment), [garment]);
  if (!found) return null;
  // The front lies turned over on the sheet.
  return (
    <DragHandle
      {...gesture}
      name={found.name}
      at={placed.place(found.at)}
      view={view}
      handle={found.range}
      gain={{ x: -found.gain.x, y: found.gain.y }}
      onMove={move(found.range)}
      onLimit={ignored}
    />
  );
}

const ignored = () => {};

type HalfProps = {
  readonly half: PlacedHalf;
  readonly view: View;
  readonly notch: number | undefined;
  /** The way the half's centre line lies: -1 left, 1 right. */
  readonly outwards: 1 | -1;
};

function Half({ half, view, notch, outwards }: HalfProps) {
  return (
    <g data-half={half.side}>
      <Lines lines={half.guides} view={view} />
      <Lines lines={half.seams} view={view} />
      {notch !== undefined && <ArmholeNotches half={half} at={notch} outwards={outwards} view={view} />}
    </g>
  );
}

const SECOND_NOTCH_MM = 10;

/** One notch in front, two behind, pointing into the bodice. */
function ArmholeNotches({
  half,
  at: fromUnderarm,
  outwards,
  view,
}: {
  readonly half: PlacedHalf;
  readonly at: number;
  readonly outwards: 1 | -1;
  readonly view: View;
}) {
  const length = pathLength(half.armhole);
  const places = half.side === "back" ? [fromUnderarm, fromUnderarm + SECOND_NOTCH_MM] : [fromUnderarm];
  return places.map((place) => {
    const { point, direction } = along(half.armhole, length - place);
    const towards = { x: direction.y * outwards, y: -direction.x * outwards };
    return <Tick key={place} at={point} towards={towards} px={9} view={view} className="notch" />;
  });
}
