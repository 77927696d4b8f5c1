import { at } from "@core/data/index";
import { formatLength, type TapeUnit, toMm } from "@core/tape/index";
import { memo } from "react";
import { RULER_PX, type Size, type View } from "./view";

/** Tape graduations from fine to coarse, in the unit: the finest that stays apart on the screen is drawn. */
const GRADUATIONS: Readonly<Record<TapeUnit, readonly number[]>> = {
  in: [1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8, 16],
  cm: [0.1, 0.5, 1, 2, 5, 10, 20, 50],
  mm: [1, 5, 10, 20, 50, 100, 200, 500],
};
const LEAST_GAP_PX = 6;
const LEAST_FIGURE_GAP_PX = 34;

type Tick = { readonly at: number; readonly mm: number; readonly isFigure: boolean };

/** Rulers along the top and the left, in the tape's own graduations; zero at the centre line and at the crown level. */
export const Rulers = memo(function Rulers({
  view,
  size,
  unit,
}: {
  readonly view: View;
  readonly size: Size;
  readonly unit: TapeUnit;
}) {
  const across = ticks(view.scale, view.x, size.width, unit);
  const down = ticks(view.scale, view.y, size.height, unit);
  return (
    <g aria-hidden>
      <rect className="ruler-band" width={size.width} height={RULER_PX} />
      <rect className="ruler-band" width={RULER_PX} height={size.height} />
      {across.map(({ at, mm, isFigure }) => (
        <g key={mm}>
          <line className="ruler" x1={at} x2={at} y1={RULER_PX} y2={isFigure ? RULER_PX - 9 : RULER_PX - 5} />
          {isFigure && (
            <text className="ruler-figure" x={at + 3} y={11}>
              {formatLength(mm, unit, { withUnit: false })}
            </text>
          )}
        </g>
      ))}
      {down.map(({ at, mm, isFigure }) => (
        <g key={mm}>
          <line className="ruler" y1={at} y2={at} x1={RULER_PX} x2={isFigure ? RULER_PX - 9 : RULER_PX - 5} />
          {isFigure && (
            <text className="ruler-figure" transform={`translate(11 ${at - 3}) rotate(-90)`}>
              {formatLength(mm, unit, { withUnit: false })}
            </text>
          )}
        </g>
      ))}
      <rect className="ruler-band" width={RULER_PX} height={RULER_PX} />
      <text className="ruler-figure" x={RULER_PX / 2} y={RULER_PX / 2 + 4} textAnchor="middle">
        {unit}
      </text>
    </g>
  );
});

function ticks(scale: number, offset: number, length: number, unit: TapeUnit): readonly Tick[] {
  const steps = GRADUATIONS[unit];
  const px = (step: number) => toMm(step, unit) * scale;
  const coarsest = at(steps, steps.length - 1);
  const step = steps.find((s) => px(s) >= LEAST_GAP_PX) ?? coarsest;
  const figureStep = steps.find((s) => px(s) >= LEAST_FIGURE_GAP_PX) ?? coarsest;
  const every = Math.max(1, Math.round(figureStep / step));
  const first = Math.ceil((RULER_PX - offset) / px(step));
  const last = Math.floor((length - offset) / px(step));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const n = first + i;
    return { at: n * px(step) + offset, mm: toMm(n * step, unit), isFigure: n % every === 0 };
  });
}

/** Faint squares under the draft: inches or centimetres, coarser as the sheet is seen from further off. */
export const Grid = memo(function Grid({
  view,
  size,
  unit,
}: {
  readonly view: View;
  readonly size: Size;
  readonly unit: TapeUnit;
}) {
  const step = (unit === "in" ? [25.4, 101.6] : [10, 50, 100]).find((mm) => mm * view.scale >= 22) ?? 100;
  const lines = (offset: number, length: number) => {
    const gap = step * view.scale;
    const first = Math.ceil(-offset / gap);
    return Array.from(
      { length: Math.max(0, Math.floor((length - offset) / gap) - first + 1) },
      (_, i) => (first + i) * gap + offset,
    );
  };
  return (
    <g aria-hidden>
      {lines(view.x, size.width).map((at) => (
        <line key={at} className="grid" x1={at} x2={at} y1={0} y2={size.height} />
      ))}
      {lines(view.y, size.height).map((at) => (
        <line key={at} className="grid" y1={at} y2={at} x1={0} x2={size.width} />
      ))}
    </g>
  );
});
