import type { ECharts } from "echarts/core";

/** Pressed or dragged anywhere on the chart, what stands on its level axis follows the hand within its range. */
export function dragAlongChart(
  chart: ECharts,
  range: () => { readonly least: number; readonly most: number; readonly onChoose: (value: number) => void } | null,
): void {
  let isHeld = false;
  const choose = ({ offsetX, offsetY }: { readonly offsetX: number; readonly offsetY: number }) => {
    const shown = range();
    if (!shown || !chart.containPixel("grid", [offsetX, offsetY])) return;
    const place: unknown = chart.convertFromPixel("grid", [offsetX, offsetY]);
    const value = Array.isArray(place) ? Number(place[0]) : Number.NaN;
    if (!Number.isFinite(value)) return;
    shown.onChoose(Math.min(shown.most, Math.max(shown.least, value)));
  };
  const surface = chart.getZr();
  surface.on("mousedown", (event) => {
    isHeld = true;
    choose(event);
  });
  surface.on("mousemove", (event) => {
    if (isHeld) choose(event);
  });
  for (const end of ["mouseup", "globalout"] as const)
    surface.on(end, () => {
      isHeld = false;
    });
}
