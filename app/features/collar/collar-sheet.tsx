import { useUnit } from "@app/components/preferences";
import { useWork } from "@app/features/garment/work-context";
import { DragHandle } from "@app/features/sheet/drag-handle";
import { FigureAt, Letters, Lines, PlainPath } from "@app/features/sheet/drawn";
import { PieceMarks } from "@app/features/sheet/piece-marks";
import { Sheet } from "@app/features/sheet/sheet";
import { useHandleGesture } from "@app/features/sheet/use-handle-gesture";
import type { View } from "@app/features/sheet/view";
import { Box } from "@chakra-ui/react";
import { collarFrontHandle, collarHeightHandle, type DraftedCollar } from "@core/garment/index";
import { along, boxOf, endOf, mapPath, type Path } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { useState } from "react";

const OUTSIDE_PX = 16;
/** Room between the collar and the neckline drawn below it. */
const BETWEEN_MM = 34;

/** The half collar at scale, over the neckline that it meets, joined at the shoulder. */
export function CollarSheet() {
  const collar = useWork((work) => work.garment.collar);
  const preview = useWork((work) => work.preview?.collar ?? null);
  const isWanted = useWork((work) => work.spec.collar !== null);
  const [limit, setLimit] = useState<number | null>(null);
  const [isHeld, setHeld] = useState(false);
  const unit = useUnit();
  if (!collar) {
    return (
      <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
        {isWanted
          ? "These figures give no collar. What is in the way is said at the side."
          : "No collar is wanted. Choose one at the side, and it is fitted to this block’s neckline."}
      </Box>
    );
  }
  const neckline = necklineBelow(collar);
  const outline = collar.stand.piece.outline;
  return (
    <Box position="relative" h="100%">
      <Sheet box={boxOf([outline, neckline])} isHeld={isHeld} label="The collar, drawn to scale">
        {(view) => (
          <>
            {preview && <PlainPath path={preview.stand.piece.outline} view={view} className="preview" />}
            <Drawn collar={collar} neckline={neckline} view={view} isHeld={isHeld} />
            <Handles collar={collar} view={view} onLimit={setLimit} onHold={setHeld} />
          </>
        )}
      </Sheet>
      {limit !== null && (
        <Box position="absolute" top="9" left="9" px="4" py="2" bg="warnPale" color="ink" role="status">
          Stopped at {formatLength(limit, unit)}: no more of it can be asked.
        </Box>
      )}
    </Box>
  );
}

/** The neckline with its centre back under the collar's. */
function necklineBelow({ seam, stand }: DraftedCollar): Path {
  const start = seam.bodyPath[0]?.[0] ?? { x: 0, y: 0 };
  const box = boxOf([seam.bodyPath]);
  const down = boxOf([stand.piece.outline]).bottom + BETWEEN_MM - box.top;
  return mapPath(seam.bodyPath, (p) => ({ x: p.x - start.x, y: p.y + down }));
}

type DrawnProps = {
  readonly collar: DraftedCollar;
  readonly neckline: Path;
  readonly view: View;
  readonly isHeld: boolean;
};

function Drawn({ collar, neckline, view, isHeld }: DrawnProps) {
  const unit = useUnit();
  const { draft, stand, task, seam } = collar;
  const text = (mm: number) => formatLength(mm, unit);
  const edge = (id: string) => stand.piece.edges.find((one) => one.id === id);
  const figures = [
    { id: "upper", words: "upper edge" },
    { id: "neck", words: "neck edge" },
  ];
  return (
    <>
      <PlainPath path={neckline} view={view} className="guide" />
      <Lines lines={draft.lines} view={view} />
      <PieceMarks piece={stand.piece} view={view} />
      {figures.map(({ id, words }) => {
        const one = edge(id);
        if (!one) return null;
        // Outside the band, which lies to the right of its outline.
        const { point, direction } = along(one.path, one.length / 2);
        return (
          <FigureAt
            key={id}
            at={point}
            text={`${words} ${text(one.length)}`}
            view={view}
            dx={direction.y * OUTSIDE_PX}
            dy={-direction.x * OUTSIDE_PX + 4}
            anchor={direction.y > 0.3 ? "start" : direction.y < -0.3 ? "end" : "middle"}
          />
        );
      })}
      <FigureAt at={{ x: 0, y: -task.height / 2 }} text={text(task.height)} view={view} dx={8} dy={4} anchor="start" />
      <FigureAt
        at={along(neckline, seam.bodyLength * 0.55).point}
        text={`neckline ${text(seam.bodyLength)}`}
        view={view}
        dx={10}
        dy={16}
        anchor="start"
      />
      <FigureAt
        at={along(neckline, task.neckline.back).point}
        text="shoulder"
        view={view}
        dx={8}
        dy={-6}
        anchor="start"
        soft
      />
      {!isHeld && <Letters points={draft.points} view={view} middle={1} />}
    </>
  );
}

type HandlesProps = {
  readonly collar: DraftedCollar;
  readonly view: View;
  readonly onLimit: (limit: number | null) => void;
  readonly onHold: (isHeld: boolean) => void;
};

/** The upper edge at the fold is its height; the front of the neck edge is its lean, bow or rise. */
function Handles({ collar, view, onLimit, onHold }: HandlesProps) {
  const { move, ...gesture } = useHandleGesture(onHold);
  const shared = {
    view,
    onLimit,
    ...gesture,
  };
  const height = collarHeightHandle(collar);
  const front = collarFrontHandle(collar);
  return (
    <>
      <DragHandle
        {...shared}
        name="Height of the collar"
        at={{ x: 0, y: -collar.task.height }}
        handle={height}
        gain={{ x: 0, y: -1 }}
        onMove={move(height)}
      />
      {front && (
        <DragHandle
          {...shared}
          name="Front of the neck edge"
          at={endOf(collar.stand.neckEdge)}
          handle={front}
          gain={front.gain}
          onMove={move(front)}
        />
      )}
    </>
  );
}
