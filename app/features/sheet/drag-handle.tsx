import { useUnit } from "@app/components/preferences";
import type { Handle } from "@core/garment/index";
import type { Point } from "@core/geometry/index";
import { formatLength, GRADUATION_MM } from "@core/tape/index";
import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import { flushSync } from "react-dom";
import { toScreen, type View } from "./view";

export type DragHandleProps = {
  readonly name: string;
  readonly at: Point;
  readonly view: View;
  readonly handle: Handle;
  /** Millimetres of the figure for each millimetre the hand goes right, and down. */
  readonly gain: { readonly x: number; readonly y: number };
  readonly onMove: (value: number) => void;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
  /** Told when the hand asks for more than the draft allows, and with null when it comes back. */
  readonly onLimit: (limit: number | null) => void;
};

const RADIUS_PX = 8;
const REACH_PX = 22;

/** A place of the draft that can be taken hold of: by pointer, or with the arrow keys by one tape graduation. */
export function DragHandle({ name, at, view, handle, gain, onMove, onBegin, onEnd, onLimit }: DragHandleProps) {
  const unit = useUnit();
  const start = useRef<{ readonly x: number; readonly y: number; readonly value: number } | null>(null);
  const p = toScreen(view, at);
  const isUpright = gain.x === 0;

  const moveTo = (wanted: number) => {
    const value = Math.min(handle.most, Math.max(handle.least, wanted));
    onLimit(value === wanted ? null : value);
    if (value !== handle.value) onMove(value);
  };
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { x: event.clientX, y: event.clientY, value: handle.value };
    onBegin();
  };
  const onPointerMove = (event: PointerEvent<SVGGElement>) => {
    const from = start.current;
    if (!from) return;
    const right = (event.clientX - from.x) / view.scale;
    const down = (event.clientY - from.y) / view.scale;
    // Browsers hand over a move just before they paint a frame: drawn at once, it is in that frame and not in the next.
    flushSync(() => moveTo(from.value + right * gain.x + down * gain.y));
  };
  const end = () => {
    if (!start.current) return;
    start.current = null;
    onLimit(null);
    onEnd();
  };
  const onKeyDown = (event: KeyboardEvent<SVGGElement>) => {
    const steps = { ArrowUp: -gain.y, ArrowDown: gain.y, ArrowLeft: -gain.x, ArrowRight: gain.x }[event.key];
    if (!steps) return;
    event.preventDefault();
    onBegin();
    moveTo(handle.value + Math.sign(steps) * GRADUATION_MM[unit]);
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
      aria-valuetext={formatLength(handle.value, unit)}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={onKeyDown}
    >
      <title>{`${name}: drag, or use the arrow keys`}</title>
      <circle className="handle-reach" cx={p.x} cy={p.y} r={REACH_PX} />
      <path className="handle" d={diamond(p, RADIUS_PX)} />
      <path className="handle-arrow" d={isUpright ? arrows(p, 0, 1) : arrows(p, 1, 0)} />
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
