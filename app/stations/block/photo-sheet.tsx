import { SheetTools } from "@app/sheet/sheet-tools";
import { useView } from "@app/sheet/use-view";
import { BARE, toScreen, type View } from "@app/sheet/view";
import { Box } from "@chakra-ui/react";
import { namesOf } from "@core/data/index";
import { flatten, type Path, type Point } from "@core/geometry/index";
import { type PhotoReference, pictureFrom, type Traced } from "@core/trace/index";
import { type Dispatch, type KeyboardEvent, type MouseEvent, type PointerEvent, useRef, useState } from "react";
import type { Place, Pointing, TraceAction, TraceState } from "./trace-state";
import type { Photo } from "./use-photo";
import type { PickedRole } from "./use-pick";

type Props = {
  readonly photo: Photo;
  readonly state: TraceState;
  readonly reference: PhotoReference | null;
  readonly traced: { readonly [role in PickedRole]?: Traced & { readonly ok: true } };
  readonly dispatch: Dispatch<TraceAction>;
};

/** A hand on a pointer is this sure, in screen points (one standard deviation; our own estimate). */
const POINTER_WITHIN_PX = 1;
const PAN_KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The photograph with everything pointed at in it; places are added by a press, moved by dragging. */
export function PhotoSheet({ photo, state, reference, traced, dispatch }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [isHeld, setHeld] = useState(false);
  const [box] = useState({ left: 0, top: 0, right: photo.width, bottom: photo.height });
  const { view, size, refit, zoomIn, zoomOut, pan } = useView(svg, box, { isHeld, surround: BARE });
  const toPlace = (x: number, y: number): Place => {
    const bounds = svg.current?.getBoundingClientRect();
    return {
      x: (x - (bounds?.left ?? 0) - view.x) / view.scale,
      y: (y - (bounds?.top ?? 0) - view.y) / view.scale,
      within: POINTER_WITHIN_PX / view.scale,
    };
  };
  const add = (event: MouseEvent) => dispatch({ do: "add", place: toPlace(event.clientX, event.clientY) });
  const addInMiddle = () => {
    const bounds = svg.current?.getBoundingClientRect();
    if (bounds) dispatch({ do: "add", place: toPlace(bounds.left + bounds.width / 2, bounds.top + bounds.height / 2) });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const direction = PAN_KEYS[event.key];
    if (direction) pan(direction[0] * (event.shiftKey ? 0.05 : 1), direction[1] * (event.shiftKey ? 0.05 : 1));
    else if (event.key === "+" || event.key === "=") zoomIn();
    else if (event.key === "-") zoomOut();
    else if (event.key === "0") refit();
    else if (event.key === "Enter") addInMiddle();
    else if (event.key === "Backspace") dispatch({ do: "take-back" });
    else return;
    event.preventDefault();
  };
  const back = reference && pictureFrom(reference);
  return (
    <Box position="relative" w="100%" h="100%" minH="0" bg="sunken" overflow="hidden">
      <svg
        ref={svg}
        className="sheet photo-sheet"
        data-photo
        data-scale={view.scale}
        data-left={view.x}
        data-top={view.y}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the photograph is moved, and pointed at, with the keyboard
        tabIndex={0}
        role="application"
        aria-label="The photograph. Press to set a point. Arrow keys move it, with Shift finely; plus and minus zoom; Enter sets a point in the middle; Backspace takes the last one back."
        onClick={add}
        onKeyDown={onKeyDown}
        style={{
          position: "absolute",
          inset: 0,
          width: "100%",
          height: "100%",
          touchAction: "none",
          cursor: "crosshair",
        }}
      >
        <image
          href={photo.url}
          x={view.x}
          y={view.y}
          width={photo.width * view.scale}
          height={photo.height * view.scale}
          preserveAspectRatio="none"
        />
        {back && <KnownSquare back={back} view={view} />}
        {back &&
          Object.entries(traced).map(([role, { edge }]) => (
            <PaperLine key={role} path={edge.path} back={back} view={view} isActive={role === state.pointing} />
          ))}
        <Places of="reference" places={state.reference} {...{ view, state, dispatch, toPlace, setHeld }} />
        {namesOf(state.traces).map((role) => (
          <Places
            key={role}
            of={role}
            places={state.traces[role] ?? []}
            {...{ view, state, dispatch, toPlace, setHeld }}
          />
        ))}
        <g
          className="photo-middle"
          transform={`translate(${(size?.width ?? 0) / 2} ${(size?.height ?? 0) / 2})`}
          aria-hidden
        >
          <path d="M-12 0H12M0 -12V12" />
        </g>
      </svg>
      <SheetTools onZoomIn={zoomIn} onZoomOut={zoomOut} onFit={refit} what="photograph" />
    </Box>
  );
}

const SQUARE_MM = 100;

/** A square of 100 mm as it would lie on the paper: if it looks wrong, the corners are. */
function KnownSquare({ back, view }: { readonly back: (p: Point) => Point; readonly view: View }) {
  const corners = [
    { x: 0, y: 0 },
    { x: SQUARE_MM, y: 0 },
    { x: SQUARE_MM, y: SQUARE_MM },
    { x: 0, y: SQUARE_MM },
  ].map((p) => toScreen(view, back(p)));
  const [first] = corners;
  return (
    <g className="known-square">
      <path d={`M${corners.map((p) => `${p.x} ${p.y}`).join("L")}Z`} />
      <text className="figure-soft" x={(first?.x ?? 0) + 6} y={(first?.y ?? 0) + 16}>
        100 mm square
      </text>
    </g>
  );
}

type PaperLineProps = {
  readonly path: Path;
  readonly back: (p: Point) => Point;
  readonly view: View;
  readonly isActive: boolean;
};

/** The fair curve on the paper, seen in the photograph. */
function PaperLine({ path, back, view, isActive }: PaperLineProps) {
  const points = flatten(path, 12).map((p) => toScreen(view, back(p)));
  return (
    <path className={isActive ? "traced active" : "traced"} d={`M${points.map((p) => `${p.x} ${p.y}`).join("L")}`} />
  );
}

type PlacesProps = {
  readonly of: Pointing;
  readonly places: readonly Place[];
  readonly view: View;
  readonly state: TraceState;
  readonly dispatch: Dispatch<TraceAction>;
  readonly toPlace: (x: number, y: number) => Place;
  readonly setHeld: (isHeld: boolean) => void;
};

function Places({ of, places, view, state, dispatch, toPlace, setHeld }: PlacesProps) {
  const held = useRef<number | null>(null);
  const onPointerDown = (index: number) => (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = index;
    setHeld(true);
  };
  const onPointerMove = (event: PointerEvent<SVGGElement>) => {
    if (held.current === null) return;
    dispatch({ do: "move", of, index: held.current, place: toPlace(event.clientX, event.clientY) });
  };
  const onPointerUp = () => {
    held.current = null;
    setHeld(false);
  };
  return places.map((place, index) => {
    const p = toScreen(view, place);
    return (
      <g
        // biome-ignore lint/suspicious/noArrayIndexKey: a place is known by its order along the edge
        key={index}
        data-handle={`${of} ${index + 1}`}
        className={of === state.pointing ? "place active" : "place"}
        transform={`translate(${p.x} ${p.y})`}
        onPointerDown={onPointerDown(index)}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
        onPointerCancel={onPointerUp}
        onClick={(event) => event.stopPropagation()}
        aria-hidden
      >
        <circle className="place-reach" r={14} />
        <circle className="place-ring" r={5} />
        <path d="M-9 0H-3M3 0H9M0 -9V-3M0 3V9" />
      </g>
    );
  });
}
