import { useTape } from "@app/components/preferences";
import type { DragRange } from "@core/garment/index";
import type { Point } from "@core/geometry/index";
import { formatLength, graduationMm } from "@core/tape/index";
import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import { flushSync } from "react-dom";
import { toScreen, type View } from "./view";

export type DragHandleProps = {
  readonly name: string;
  readonly at: Point;
  readonly view: View;
  readonly handle: DragRange;
  /** Millimetres of the figure for each millimetre the hand goes right, and down. */
  readonly gain: { readonly x: number; readonly y: number };
  readonly onMove: (value: number) => void;
  /** A second figure that the same place changes, the other way across. */
  readonly across?: Pick<DragHandleProps, "handle" | "gain" | "onMove"> | undefined;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
  /** Told when the hand asks for more than the draft allows, and with null when it comes back. */
  readonly onLimit: (limit: number | null) => void;
};

const RADIUS_PX = 8;
const REACH_PX = 22;

/** A place of the draft that can be taken hold of: by pointer, or with the arrow keys by one tape graduation. */
export function DragHandle(props: DragHandleProps) {
  const { name, at, view, handle, gain, across, onBegin, onEnd, onLimit } = props;
  const tape = useTape();
  const start = useRef<{ readonly x: number; readonly y: number; readonly values: readonly number[] } | null>(null);
  const p = toScreen(view, at);
  const isUpright = gain.x === 0;
  const ways = across ? [props, across] : [props];

  const moveTo = (wanted: readonly number[]) => {
    const limits = ways.map((way, i) => {
      const asked = wanted[i] ?? way.handle.value;
      const value = Math.min(way.handle.most, Math.max(way.handle.least, asked));
      if (value !== way.handle.value) way.onMove(value);
      return value === asked ? null : value;
    });
    onLimit(limits.find((limit) => limit !== null) ?? null);
  };
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { x: event.clientX, y: event.clientY, values: ways.map((way) => way.handle.value) };
    onBegin();
  };
  const onPointerMove = (event: PointerEvent<SVGGElement>) => {
    const from = start.current;
    if (!from) return;
    const right = (event.clientX - from.x) / view.scale;
    const down = (event.clientY - from.y) / view.scale;
    // Browsers hand over a move just before they paint a frame: drawn at once, it is in that frame and not in the next.
    flushSync(() => moveTo(ways.map((way, i) => (from.values[i] ?? 0) + right * way.gain.x + down * way.gain.y)));
  };
  const end = () => {
    if (!start.current) return;
    start.current = null;
    onLimit(null);
    onEnd();
  };
  const onKeyDown = (event: KeyboardEvent<SVGGElement>) => {
    const steps = ways.map(
      ({ gain: { x, y } }) => ({ ArrowUp: -y, ArrowDown: y, ArrowLeft: -x, ArrowRight: x })[event.key] ?? 0,
    );
    if (steps.every((one) => one === 0)) return;
    event.preventDefault();
    onBegin();
    moveTo(ways.map((way, i) => way.handle.value + Math.sign(steps[i] ?? 0) * graduationMm(tape)));
    onEnd();
  };
  return (
    <g
      data-handle={name}
      className="handle-group"
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-orientation={isUpright ? "vertical" : "horizontal"}
      aria-valuemin={handle.least}
      aria-valuemax={handle.most}
      aria-valuenow={handle.value}
      aria-valuetext={formatLength(handle.value, tape)}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={onKeyDown}
    >
      <title>{`${name}: drag, or use the arrow keys`}</title>
      <circle className="handle-reach" cx={p.x} cy={p.y} r={REACH_PX} />
      <path className="handle" d={diamond(p, RADIUS_PX)} />
      {(isUpright || across) && <path className="handle-arrow" d={arrows(p, 0, 1)} />}
      {(!isUpright || across) && <path className="handle-arrow" d={arrows(p, 1, 0)} />}
    </g>
  );
}

/** A tailor's chalk seen from above. */
function diamond({ x, y }: Point, r: number): string {
  return `M${x - r} ${y}L${x} ${y - r}L${x + r} ${y}L${x} ${y + r}Z`;
}

function arrows({ x, y }: Point, ax: number, ay: number): string {
  const head = (way: number) => {
    const tip = { x: x + ax * 17 * way, y: y + ay * 17 * way };
    const back = { x: tip.x - ax * 4 * way, y: tip.y - ay * 4 * way };
    return `M${back.x + ay * 4} ${back.y + ax * 4}L${tip.x} ${tip.y}L${back.x - ay * 4} ${back.y - ax * 4}`;
  };
  return `${head(1)}${head(-1)}`;
}
