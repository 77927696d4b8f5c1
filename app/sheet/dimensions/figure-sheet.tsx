import { useTape } from "@app/components/preferences";
import { useFindings } from "@app/work/proven-findings";
import { getAtPath } from "@app/work/spec-path";
import { useWork, useWorkStore } from "@app/work/work-context";
import type { Station } from "@core/garment/index";
import type { Box, Point } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { type ReactNode, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Sheet } from "../sheet";
import { type SheetPart, useParts } from "../use-parts";
import { fitView, type Size, toScreen, type View } from "../view";
import { cardPlace } from "./card-place";
import { FigureCard } from "./figure-card";
import { FigureMark } from "./figure-mark";
import { findingsAt } from "./findings-at";
import { type OnSheet, onScreen } from "./on-sheet";
import { anchorOf, rectOf } from "./placed";
import { usePlaces } from "./use-places";

type Props = OnSheet & {
  readonly station: Station;
  readonly box: Box;
  readonly label: string;
  readonly isHeld?: boolean;
  /** From how the sheet is looked at to how the draft on it is: left out where they are the same. */
  readonly viewOf?: (view: View) => View;
  readonly children: (view: View) => ReactNode;
  /** The parts of the draft that fill the sheet one at a time where it is small. */
  readonly parts?: readonly SheetPart[];
  /** What stands in the row along the bottom beside the button for all figures. */
  readonly tools?: ReactNode;
};

/** A sheet on which every figure lies where it acts: pressed it is typed, beside a hand those that are near are shown. */
export function FigureSheet({ box: whole, parts, label, isHeld = false, viewOf = asItIs, children, ...rest }: Props) {
  const { box, onSwipe, chooser } = useParts(whole, parts);
  const [isAll, setAll] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const close = useCallback(() => setOpen(null), []);
  const state: State = { isAll, setAll, open, setOpen, close };
  return (
    <Sheet
      box={box}
      label={label}
      isHeld={isHeld}
      onSwipe={onSwipe}
      overlay={(view, size) => (
        <>
          {size && <Overlay {...rest} state={state} view={viewOf(view)} size={size} box={box} isHeld={isHeld} />}
          {chooser}
        </>
      )}
    >
      {children}
    </Sheet>
  );
}

const asItIs = (view: View) => view;

type State = {
  readonly isAll: boolean;
  readonly setAll: (isAll: boolean) => void;
  readonly open: string | null;
  readonly setOpen: (id: string | null) => void;
  readonly close: () => void;
};

type OverlayProps = Omit<Props, "label" | "viewOf" | "children" | "isHeld" | "parts"> & {
  readonly state: State;
  readonly view: View;
  readonly size: Size;
  readonly isHeld: boolean;
};

/** A handle stands for the point that it holds. */
function isOnHandle({ x, y }: Point, handlesAt: readonly Point[]): boolean {
  return handlesAt.some((at) => Math.hypot(at.x - x, at.y - y) < SAME_PLACE_MM);
}

const SAME_PLACE_MM = 0.5;
/** About as wide as a figure with its line is. */
const FIGURE_PX = 90;

/** So many figures are shown at rest, by the room that there is. */
function countAtRest({ width, height }: Size): number {
  return Math.round(Math.min(10, Math.max(5, (width * height) / 70_000)));
}

/** From so much larger than fitted on the second rank is shown, and then all. */
const CLOSER = { second: 1.6, all: 2.6 } as const;
/** A figure is shown when the hand is so near. */
const NEAR_PX = 96;

function Overlay({
  station,
  dimensions,
  drawn,
  letters,
  handlesAt,
  wordsAt,
  tools,
  state,
  view,
  size,
  box,
  isHeld,
}: OverlayProps) {
  const tape = useTape();
  const store = useWorkStore();
  const spec = useWork((work) => work.spec);
  const lit = useWork((work) => work.lit);
  const findings = useFindings();
  const found = useMemo(() => findingsAt(findings, station, dimensions), [findings, station, dimensions]);
  const {
    figures,
    letters: placedLetters,
    clear,
  } = usePlaces(
    { dimensions, drawn, letters, handlesAt, wordsAt },
    { view, size, box, isHeld, tape, found: [...found.keys()].join(" ") },
  );
  const [pointed, setPointed] = useState<string | null>(null);
  const { near, layer } = useNear(dimensions, figures, view, isHeld);
  const { isAll, setAll, open, setOpen, close } = state;
  const zoom = view.scale / fitView(box, size).scale;
  const atRest = useMemo(() => {
    const first = dimensions.filter(({ id, rank }) => rank === 1 && figures.has(id)).slice(0, countAtRest(size));
    return new Set(first.map(({ id }) => id));
  }, [dimensions, figures, size]);
  const isShown = (id: string, rank: number) =>
    (clear === null || clear.has(id)) &&
    (atRest.has(id) ||
      found.has(id) ||
      (!isHeld &&
        (isAll || near.has(id) || id === open || zoom >= CLOSER.all || (zoom >= CLOSER.second && rank === 2))));
  const shown = dimensions.filter(
    ({ id, rank, types }) => figures.has(id) && (isShown(id, rank) || (lit !== null && lit === types && !isHeld)),
  );
  const opened = dimensions.find(({ id }) => id === open) ?? null;
  const spoken = dimensions.find(({ id }) => id === (pointed ?? open)) ?? null;
  const put = useCallback(
    (id: string | null) => {
      setPointed(id);
      store.getState().setLit(dimensions.find((one) => one.id === id)?.types ?? null);
    },
    [store, dimensions],
  );
  useEffect(() => {
    if (open !== null && opened === null) close();
  }, [open, opened, close]);
  const all = figures.size;
  return (
    <>
      {/* biome-ignore lint/a11y/useSemanticElements: a group of the drawing, not of a form */}
      <svg ref={layer} className="sheet figures-layer" role="group" aria-label="Figures on the sheet">
        {!isHeld &&
          placedLetters.map(({ point, by }) => {
            const { x, y } = toScreen(view, point.at);
            return (
              <g key={`${point.letter} ${point.at.x} ${point.at.y}`} transform={`translate(${x} ${y})`} aria-hidden>
                {!point.isWord && !isOnHandle(point.at, handlesAt) && <circle className="point" r={2.6} />}
                <text className={point.isWord ? "figure-soft" : "letter"} x={by.x} y={by.y + 4.5} textAnchor="middle">
                  {point.letter}
                  <title>{point.name}</title>
                </text>
              </g>
            );
          })}
        {shown.map((dimension) => {
          const placed = figures.get(dimension.id);
          return (
            placed && (
              <FigureMark
                key={dimension.id}
                dimension={dimension}
                placed={placed}
                view={view}
                text={formatLength(dimension.value, tape, { withUnit: false })}
                spoken={formatLength(dimension.value, tape)}
                isGiven={dimension.types !== null && getAtPath(spec, dimension.types) !== undefined}
                isLit={dimension.id === pointed || (lit !== null && lit === dimension.types)}
                isOpen={dimension.id === open}
                finding={found.get(dimension.id) ?? null}
                onOpen={setOpen}
                onPoint={put}
              />
            )
          );
        })}
      </svg>
      <div className="figures-row not-printed">
        <button type="button" className="figures-all" aria-pressed={isAll} onClick={() => setAll(!isAll)}>
          {isAll ? "Few figures" : `All ${all} figures`}
        </button>
        {tools}
        <output className="figures-reading">
          {spoken && (
            <>
              {spoken.label} <b>{formatLength(spoken.value, tape)}</b>
            </>
          )}
        </output>
      </div>
      {opened && !isHeld && (
        <FigureCard
          key={opened.id}
          dimension={opened}
          dimensions={dimensions}
          finding={found.get(opened.id) ?? null}
          place={placeOfCard(opened)}
          onOpen={setOpen}
          onClose={close}
        />
      )}
    </>
  );

  function placeOfCard(dimension: OnSheet["dimensions"][number]) {
    const placed = figures.get(dimension.id);
    const at = toScreen(view, anchorOf(dimension, placed?.share ?? 0.5));
    const text = placed ? { x: at.x + placed.text.x, y: at.y + placed.text.y } : at;
    // The words of the other figures are as good as drawn: a dozen points each.
    const words = shown.flatMap((one) => {
      const other = figures.get(one.id);
      const place = other && toScreen(view, anchorOf(one, other.share));
      return place ? Array.from({ length: 12 }, () => ({ x: place.x + other.text.x, y: place.y + other.text.y })) : [];
    });
    return cardPlace(rectOf(text, FIGURE_PX), [...onScreen(drawn, view), words], size);
  }
}

/** The figures within reach of the hand; the set stays the same object while the same are near. */
function useNear(
  dimensions: OnSheet["dimensions"],
  figures: ReturnType<typeof usePlaces>["figures"],
  view: View,
  isHeld: boolean,
) {
  const layer = useRef<SVGSVGElement>(null);
  const [near, setNear] = useState<ReadonlySet<string>>(new Set());
  const latest = useRef({ dimensions, figures, view, isHeld });
  latest.current = { dimensions, figures, view, isHeld };
  useEffect(() => {
    const room = layer.current?.parentElement;
    if (!room) return;
    let frame = 0;
    const follow = (event: PointerEvent) => {
      if (latest.current.isHeld || event.pointerType === "touch") return;
      const { left, top } = room.getBoundingClientRect();
      const hand = { x: event.clientX - left, y: event.clientY - top };
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        const { dimensions, figures, view } = latest.current;
        const now = dimensions.flatMap((dimension) => {
          const placed = figures.get(dimension.id);
          if (!placed) return [];
          const at = toScreen(view, anchorOf(dimension, placed.share));
          const far = Math.hypot(at.x + placed.text.x - hand.x, at.y + placed.text.y - hand.y);
          return far <= NEAR_PX ? [dimension.id] : [];
        });
        setNear((before) => (now.length === before.size && now.every((id) => before.has(id)) ? before : new Set(now)));
      });
    };
    const leave = () => setNear((before) => (before.size === 0 ? before : new Set()));
    room.addEventListener("pointermove", follow);
    room.addEventListener("pointerleave", leave);
    return () => {
      cancelAnimationFrame(frame);
      room.removeEventListener("pointermove", follow);
      room.removeEventListener("pointerleave", leave);
    };
  }, []);
  return { near, layer };
}
