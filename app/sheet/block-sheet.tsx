import { useTape } from "@app/components/preferences";
import { useWork } from "@app/work/work-context";
import { Box } from "@chakra-ui/react";
import type { Block, Level } from "@core/block/index";
import type { LetteredPoint } from "@core/draft/index";
import { sewnSleeve } from "@core/drafting/index";
import { dartHandle, type Garment } from "@core/garment/index";
import { along, endOf, lengthAtHeight, type Path, type Point, pathLength, startOf } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";
import { DragHandle } from "./drag-handle";
import { FigureAt, Letters, Lines, PlainPath, Tick } from "./drawn";
import { boxOfPlaced, type PlacedHalf, placeBlock } from "./placed-block";
import { Sheet } from "./sheet";
import { useHandleGesture } from "./use-handle-gesture";
import { toScreen, type View } from "./view";

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
  const [isHeld, setHeld] = useState(false);
  if (!block || !placed || !box) {
    return (
      <Box display="grid" placeItems="center" h="100%" bg="panel" px="10" textAlign="center" color="inkSoft">
        These figures give no bodice. What is in the way is said at the side.
      </Box>
    );
  }
  const notches = sewnSleeve(shown)?.task.notches;
  return (
    <Sheet box={box} isHeld={isHeld} label="The bodice block, drawn to scale">
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
          <Levels block={block} placed={placed} view={view} />
          <Half half={placed.back} block={block} view={view} notch={notches?.back} outwards={-1} />
          <Half half={placed.front} block={block} view={view} notch={notches?.front} outwards={1} />
          {shown === garment && <DartPoint garment={garment} placed={placed.front} view={view} onHold={setHeld} />}
        </>
      )}
    </Sheet>
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
  readonly block: Block;
  readonly view: View;
  readonly notch: number | undefined;
  /** The way the half's centre line lies: -1 left, 1 right. */
  readonly outwards: 1 | -1;
};

function Half({ half, block, view, notch, outwards }: HalfProps) {
  const tape = useTape();
  const text = (mm: number) => formatLength(mm, tape);
  const { armhole, neckline, shoulder } = block[half.side];
  const towardsSide = outwards === -1 ? "start" : "end";
  const name = half.side === "back" ? "back" : "front";
  return (
    <g data-half={half.side}>
      <Lines lines={half.guides} view={view} />
      <Lines lines={half.seams} view={view} />
      {notch !== undefined && <ArmholeNotches half={half} at={notch} outwards={outwards} view={view} />}
      {/* Letters stand on the side that `middle` is not: outer points towards the side seam, all others towards the centre. */}
      <Letters
        points={half.points.filter(isOuter)}
        view={view}
        middle={outwards === -1 ? NOWHERE_LEFT : NOWHERE_RIGHT}
      />
      <Letters
        points={half.points.filter((one) => !isOuter(one))}
        view={view}
        middle={outwards === -1 ? NOWHERE_RIGHT : NOWHERE_LEFT}
      />
      <FigureAt
        at={at(half.armhole, armhole.length, ARMHOLE_FIGURE_AT[half.side])}
        text={text(armhole.length)}
        view={view}
        dx={outwards * -14}
        dy={-10}
        anchor={towardsSide}
      />
      <FigureAt
        at={at(half.armhole, armhole.length, ARMHOLE_FIGURE_AT[half.side])}
        text={name}
        view={view}
        dx={outwards * -14}
        dy={6}
        anchor={towardsSide}
        soft
      />
      <FigureAt
        at={at(half.neckline, neckline.length, 0.5)}
        text={text(neckline.length)}
        view={view}
        dx={half.side === "back" ? 4 : 12}
        dy={half.side === "back" ? 20 : -6}
        anchor="start"
      />
      <FigureAt at={at(half.shoulder, shoulder.length, 0.5)} text={text(shoulder.length)} view={view} dy={-9} />
      <FigureAt
        at={half.centre}
        text={`centre ${name}`}
        view={view}
        dx={outwards * -10}
        dy={34}
        anchor={towardsSide}
        soft
      />
      {half.madeUpAt && (
        <FigureAt
          at={half.madeUpAt}
          text="side and hem made up"
          view={view}
          dx={outwards * 8}
          dy={16}
          anchor={outwards === -1 ? "end" : "start"}
          soft
        />
      )}
    </g>
  );
}

/** Not beside each other: the armholes face, and on a narrow sheet their figures would meet. */
const ARMHOLE_FIGURE_AT = { back: 0.6, front: 0.76 } as const;

function at(path: Path, length: number, share: number): Point {
  return along(path, length * share).point;
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

const NOWHERE_LEFT = Number.NEGATIVE_INFINITY;
const NOWHERE_RIGHT = Number.POSITIVE_INFINITY;
const OUTER = new Set(["D", "D′", "G", "G′", "J", "L", "R", "T", "W", "S", "U"]);

function isOuter({ letter }: LetteredPoint): boolean {
  return OUTER.has(letter);
}

/** Nearer together than this their names would lie on each other. */
const LEAST_APART_PX = 15;

type LevelsProps = {
  readonly block: Block;
  readonly placed: ReturnType<typeof placeBlock>;
  readonly view: View;
};

/** The levels named inside the back, beside its side seam, as far as there is room for their names. */
function Levels({ block, placed, view }: LevelsProps) {
  const tape = useTape();
  const side = placed.back.seams.find((seam) => seam.id === "back.sideSeam")?.path;
  const shown: Level[] = [];
  for (const level of block.levels) {
    const last = shown.at(-1);
    if (level.y > 0 && (!last || (level.y - last.y) * view.scale >= LEAST_APART_PX)) shown.push(level);
  }
  return (
    <g data-levels>
      {side &&
        shown.map((level) => {
          const p = toScreen(view, onPath(side, level.y));
          const below = block.levels.find(({ y }) => y > level.y);
          // Written above its line at the foot of the sheet, and where the next line lies too near for a name between them.
          const isAbove =
            level.y >= endOf(side).y - 1 ||
            (below !== undefined && (below.y - level.y) * view.scale < LEAST_APART_PX + 5);
          return (
            <g key={level.id} transform={`translate(${p.x} ${p.y})`}>
              <line className="guide" x1={-12} x2={0} y1={0} y2={0} />
              <text className="figure-soft" x={-16} y={isAbove ? -6 : 14} textAnchor="end">
                {level.name} {formatLength(level.y, tape, { withUnit: false })}
              </text>
            </g>
          );
        })}
    </g>
  );
}

/** Where a path that runs down passes a height; its nearer end where it does not reach so far. */
function onPath(path: Path, y: number): Point {
  if (y <= startOf(path).y) return { x: startOf(path).x, y };
  if (y >= endOf(path).y) return { x: endOf(path).x, y };
  return along(path, lengthAtHeight(path, y)).point;
}
