import { useTape } from "@app/components/preferences";
import { Sheet } from "@app/sheet/sheet";
import { toScreen, type View } from "@app/sheet/view";
import { Box } from "@chakra-ui/react";
import {
  type ClothOnTable,
  inTheWay,
  type LaidPiece,
  type LayPiece,
  type LayPlan,
  outlineOnCloth,
  snapped,
  withMoved,
} from "@core/cut/index";
import { type Point, roomBeside } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import polylabel from "polylabel";
import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from "react";

type Props = {
  readonly plan: LayPlan;
  readonly pieces: readonly LayPiece[];
  readonly table: ClothOnTable;
  /** The number of a piece on the list, by its id. */
  readonly numbers: ReadonlyMap<string, number>;
  readonly onPlan: (plan: LayPlan) => void;
};

/** So far a piece that is let go is drawn to what lies near it. */
const SNAP_MM = 60;
/** An arrow key moves a piece by so much. */
const NUDGE_MM = 5;

/** The cloth from its cut end to the right with the pieces on it; each can be moved, and goes back where it would lie on another. */
export function LaySheet({ plan, pieces, table, numbers, onPlan }: Props) {
  const tape = useTape();
  const [said, setSaid] = useState<string | null>(null);
  const [held, setHeld] = useState<LaidPiece | null>(null);
  const across = table.isFolded ? table.width / 2 : table.width;
  const box = useMemo(
    () => ({ left: 0, top: 0, right: Math.max(plan.length, across * 0.6), bottom: across }),
    [plan.length, across],
  );
  const nameOf = (id: string) => pieces.find((one) => one.id === id)?.name ?? id;
  const letGo = (moved: LaidPiece) => {
    setHeld(null);
    const piece = pieces.find((one) => one.id === moved.id);
    const level = piece?.isOnFold ? { ...moved, y: 0 } : moved;
    const way = inTheWay(pieces, plan.laid, level, table);
    if (way !== null) {
      setSaid(
        way === "edge"
          ? "The cloth ends there. The piece stays where it was."
          : `There lies ${nameOf(way)}: it stays where it was.`,
      );
      return;
    }
    setSaid(null);
    onPlan(withMoved(pieces, plan, snapped(pieces, plan.laid, level, table, SNAP_MM)));
  };
  return (
    <Box position="relative" h="100%">
      <Sheet box={box} label={`Lay plan, ${formatLength(plan.length, tape)} long`} isHeld={held !== null}>
        {(view) => (
          <>
            <Cloth view={view} length={box.right} across={across} isFolded={table.isFolded} used={plan.length} />
            {plan.laid.map((one) => (
              <LaidOnCloth
                key={one.id}
                laid={held?.id === one.id ? held : one}
                pieces={pieces}
                number={numbers.get(one.id.split(" ")[0] ?? "") ?? 0}
                view={view}
                onHold={setHeld}
                onLetGo={letGo}
              />
            ))}
          </>
        )}
      </Sheet>
      {said && (
        <Box
          position="absolute"
          top="9"
          left="9"
          px="4"
          py="2"
          bg="warnPale"
          borderLeft="4px solid"
          borderColor="warn"
          role="status"
        >
          {said}
        </Box>
      )}
    </Box>
  );
}

type ClothProps = {
  readonly view: View;
  readonly length: number;
  readonly across: number;
  readonly isFolded: boolean;
  readonly used: number;
};

function Cloth({ view, length, across, isFolded, used }: ClothProps) {
  const [a, b] = [toScreen(view, { x: 0, y: 0 }), toScreen(view, { x: length, y: across })];
  const end = toScreen(view, { x: used, y: 0 }).x;
  return (
    <>
      <rect className="piece-cloth" x={a.x} y={a.y} width={b.x - a.x} height={b.y - a.y} />
      <path className={isFolded ? "beneath" : "guide"} d={`M${a.x} ${a.y}H${b.x}`} />
      <path className="guide" d={`M${a.x} ${b.y}H${b.x}`} />
      <path className="seam" d={`M${end} ${a.y}V${b.y}`} strokeDasharray="6 4" />
      <text className="figure-soft" x={a.x + 6} y={a.y - 6}>
        {isFolded ? "fold of the cloth" : "selvedge"}
      </text>
      <text className="figure-soft" x={a.x + 6} y={b.y + 16}>
        {isFolded ? "both selvedges" : "selvedge"}
      </text>
    </>
  );
}

type LaidProps = {
  readonly laid: LaidPiece;
  readonly pieces: readonly LayPiece[];
  readonly number: number;
  readonly view: View;
  readonly onHold: (laid: LaidPiece | null) => void;
  readonly onLetGo: (laid: LaidPiece) => void;
};

/** Where a piece is widest on the screen, and how much room there is beside that place on both lines of its name. */
function placeOfName(points: readonly Point[]): { readonly middle: Point; readonly room: number } {
  const [x, y] = polylabel([points.map((p): [number, number] => [p.x, p.y])], 1);
  return { middle: { x, y }, room: roomBeside(points, { x, y }, [y - NAME_LINE_PX / 2, y + NAME_LINE_PX]) };
}

const NAME_LINE_PX = 14;

/** A letter of a name takes about so much. */
const LETTER_PX = 7;

function LaidOnCloth({ laid, pieces, number, view, onHold, onLetGo }: LaidProps) {
  const start = useRef<{ readonly x: number; readonly y: number; readonly from: LaidPiece } | null>(null);
  const piece = pieces.find((one) => one.id === laid.id);
  if (!piece) return null;
  const points = outlineOnCloth(pieces, laid).map((p) => toScreen(view, p));
  const { middle, room } = placeOfName(points);
  const isRoom = room > piece.name.length * LETTER_PX;
  const movedTo = (event: PointerEvent): LaidPiece | null => {
    const from = start.current;
    if (!from) return null;
    const [dx, dy] = [(event.clientX - from.x) / view.scale, (event.clientY - from.y) / view.scale];
    return { ...from.from, x: from.from.x + dx, y: from.from.y + (piece.isOnFold ? 0 : dy) };
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const ways: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    };
    const way = ways[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    onLetGo({ ...laid, x: laid.x + way[0] * NUDGE_MM, y: laid.y + way[1] * NUDGE_MM });
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a shape on the sheet cannot be a button element
    <g
      className="piece-to-press"
      role="button"
      tabIndex={0}
      aria-label={`${number} ${piece.name}: drag it, or move it with the arrow keys`}
      data-laid={laid.id}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = { x: event.clientX, y: event.clientY, from: laid };
      }}
      onPointerMove={(event) => {
        const moved = movedTo(event);
        if (moved) onHold(moved);
      }}
      onPointerUp={(event) => {
        const moved = movedTo(event);
        start.current = null;
        if (moved && (moved.x !== laid.x || moved.y !== laid.y || event.clientX !== 0)) onLetGo(moved);
      }}
      onPointerCancel={() => {
        start.current = null;
        onHold(null);
      }}
    >
      <path className="lay-piece" d={`${points.map((p, i) => `${i === 0 ? "M" : "L"}${p.x} ${p.y}`).join("")}Z`} />
      <text className="piece-name" x={middle.x} y={middle.y} textAnchor="middle">
        <tspan>{number}</tspan>
        {isRoom && (
          <tspan x={middle.x} dy={NAME_LINE_PX} className="piece-cut">
            {piece.name}
          </tspan>
        )}
      </text>
    </g>
  );
}
