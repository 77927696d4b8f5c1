import { useTape } from "@app/components/preferences";
import { FigureSheet } from "@app/sheet/dimensions/figure-sheet";
import { DragHandle } from "@app/sheet/drag-handle";
import { Lines, PlainPath } from "@app/sheet/drawn";
import { PieceMarks } from "@app/sheet/piece-marks";
import { SheetToggle } from "@app/sheet/sheet-toggle";
import { StaleBanner } from "@app/sheet/stale-banner";
import { useHandleGesture } from "@app/sheet/use-handle-gesture";
import type { View } from "@app/sheet/view";
import { EmptyStation } from "@app/work/empty-station";
import { KindShelf } from "@app/work/kind-choice";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Flex } from "@chakra-ui/react";
import type { DraftedCollar } from "@core/drafting/index";
import { collarHandle } from "@core/garment/index";
import { boxOf } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";
import { COLLARS_DRAWN, COLLARS_NAMED, type CollarOrNone, NO_COLLAR } from "./collar-kinds";
import { collarOnSheet } from "./collar-on-sheet";
import { joinedBeside } from "./joined-beside";
import { JoinedNeckDrawing } from "./joined-neck-drawing";
import { WornDrawing, wornBeside } from "./worn-drawing";

/** The collar at scale, beside the neckline that it meets, joined at the shoulder, and the line that its outer edge lies on. */
export function CollarSheet() {
  const collar = useWork((work) => work.lastCollar);
  const isStale = useWork((work) => work.garment.collar === null);
  const preview = useWork((work) => work.preview?.collar ?? null);
  const isWanted = useWork((work) => work.spec.collar !== null);
  const [limit, setLimit] = useState<number | null>(null);
  const [isHeld, setHeld] = useState(false);
  const [isWorn, setWorn] = useState(false);
  const tape = useTape();
  const store = useWorkStore();
  const beside = useMemo(() => (collar ? joinedBeside(collar) : null), [collar]);
  const onSheet = useMemo(() => (collar ? collarOnSheet(collar, beside) : null), [collar, beside]);
  if (!collar || !onSheet) {
    return isWanted ? (
      <EmptyStation station="collar" why="These figures give no collar. The findings say what is in the way." />
    ) : (
      <EmptyStation station="collar" why="No collar is chosen. Each of these is fitted to this block’s neckline:">
        <KindShelf<CollarOrNone>
          name="collar.kind.shelf"
          label="Kind of collar"
          value={NO_COLLAR}
          options={COLLARS_NAMED.filter(({ value }) => value !== NO_COLLAR)}
          kinds={COLLARS_DRAWN}
          onChoose={(kind) => store.getState().setField("collar", { kind })}
        />
      </EmptyStation>
    );
  }
  const worn = isWorn ? wornBeside(collar, beside) : null;
  const box = boxOf([
    ...(worn ? [...worn.front, ...worn.lapel] : []),
    ...collar.draft.lines.map((line) => line.path),
    ...collar.drawn.map((piece) => piece.outline),
    ...(beside ? [beside.neckline] : []),
    ...(beside?.fallLine ? [beside.fallLine] : []),
  ]);
  return (
    <Flex direction="column" h="100%">
      {isStale && (
        <StaleBanner>
          These figures give no collar. The last that worked stays on the sheet; the reason and the ways out are at the
          side.
        </StaleBanner>
      )}
      <Box position="relative" flex="1" minH="0">
        <FigureSheet
          station="collar"
          box={box}
          isHeld={isHeld}
          label="The collar, drawn to scale"
          {...onSheet}
          tools={
            collar.drawing.front?.roll && (
              <SheetToggle isOn={isWorn} onToggle={setWorn}>
                Turned back, as worn
              </SheetToggle>
            )
          }
        >
          {(view) => (
            <>
              {preview?.drawn.map((piece) => (
                <PlainPath key={piece.id} path={piece.outline} view={view} className="preview" />
              ))}
              <Drawn collar={collar} view={view} />
              {beside && (
                <JoinedNeckDrawing
                  collar={collar}
                  placed={beside}
                  view={view}
                  canHold={!isStale}
                  onLimit={setLimit}
                  onHold={setHeld}
                />
              )}
              {worn && <WornDrawing worn={worn} view={view} />}
              {!isStale && <Handles collar={collar} view={view} onLimit={setLimit} onHold={setHeld} />}
            </>
          )}
        </FigureSheet>
        {limit !== null && (
          <Box position="absolute" top="9" left="9" px="4" py="2" bg="warnPale" color="ink" role="status">
            Stopped at {formatLength(limit, tape)}: no more of it can be asked.
          </Box>
        )}
      </Box>
    </Flex>
  );
}

type DrawnProps = { readonly collar: DraftedCollar; readonly view: View };

function Drawn({ collar, view }: DrawnProps) {
  const { draft, drawn } = collar;
  return (
    <>
      {drawn.map((piece, i) => (
        <PlainPath key={piece.id} path={piece.outline} view={view} className={i === 0 ? "cloth" : "cloth-beside"} />
      ))}
      {(["guide", "beneath", "seam"] as const).map((kind) => (
        <Lines key={kind} lines={draft.lines.filter((line) => line.kind === kind)} view={view} />
      ))}
      {drawn.map((piece) => (
        <PieceMarks key={piece.id} piece={piece} view={view} />
      ))}
    </>
  );
}

type HandlesProps = {
  readonly collar: DraftedCollar;
  readonly view: View;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

function Handles({ collar, view, onLimit, onHold }: HandlesProps) {
  const { move, ...gesture } = useHandleGesture(onHold);
  return collar.handles.map((one) => {
    const handle = collarHandle(one);
    const across = one.across && { gain: one.across.gain, handle: collarHandle(one.across) };
    return (
      <DragHandle
        key={one.name}
        {...gesture}
        name={one.name}
        at={one.at}
        view={view}
        handle={handle}
        gain={one.gain}
        onMove={move(handle)}
        across={across && { ...across, onMove: move(across.handle) }}
        onLimit={onLimit}
      />
    );
  });
}
