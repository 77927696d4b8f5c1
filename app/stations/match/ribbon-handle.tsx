import { useTape } from "@app/components/preferences";
import { formatLength, graduationMm } from "@core/tape/index";
import { type KeyboardEvent, type PointerEvent, useRef } from "react";

type Props = {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  /** What is moved, in millimetres: how it stands, how far it may go, and how much a hand's millimetre to the right adds. */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly gain: 1 | -1;
  /** Drawing units a millimetre. */
  readonly scale: number;
  readonly onMove: (value: number) => void;
  readonly onBegin: () => void;
  readonly onEnd: () => void;
};

/** A mark on a ribbon that can be moved along it, by pointer or with the arrow keys by one tape graduation. */
export function RibbonHandle({ name, x, y, value, least, most, gain, scale, onMove, onBegin, onEnd }: Props) {
  const tape = useTape();
  const start = useRef<{ readonly clientX: number; readonly value: number; readonly mmPerPx: number } | null>(null);
  const moveTo = (wanted: number) => {
    const next = Math.min(most, Math.max(least, wanted));
    if (next !== value) onMove(next);
  };
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const svg = event.currentTarget.ownerSVGElement;
    const shownAt = svg ? svg.getBoundingClientRect().width / svg.viewBox.baseVal.width : 1;
    start.current = { clientX: event.clientX, value, mmPerPx: 1 / (shownAt * scale) };
    onBegin();
  };
  const onPointerMove = (event: PointerEvent<SVGGElement>) => {
    const from = start.current;
    if (from) moveTo(from.value + gain * (event.clientX - from.clientX) * from.mmPerPx);
  };
  const end = () => {
    if (!start.current) return;
    start.current = null;
    onEnd();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const steps = event.key === "ArrowRight" ? gain : event.key === "ArrowLeft" ? -gain : 0;
    if (steps === 0) return;
    event.preventDefault();
    moveTo(value + steps * graduationMm(tape));
  };
  return (
    <g
      className="ribbon-handle"
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuemin={Math.round(least * 100) / 100}
      aria-valuemax={Math.round(most * 100) / 100}
      aria-valuetext={formatLength(value, tape)}
      data-ribbon-handle={name}
      transform={`translate(${x} ${y})`}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={onKeyDown}
    >
      <rect x={-11} y={-16} width={22} height={32} fill="transparent" />
      <path className="grip" d="M0 -8L6 0L0 8L-6 0Z" />
    </g>
  );
}
