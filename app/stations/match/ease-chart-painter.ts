import type { ChartColours, ChartPainter } from "@app/components/chart";
import { CHART_FONT, sizedChart } from "@app/components/sized-chart";
import { isRecord } from "@core/data/index";
import { LineChart } from "echarts/charts";
import { GridComponent, MarkLineComponent, TooltipComponent } from "echarts/components";
import { use } from "echarts/core";
import type { Unrolled } from "./unrolled";

use([LineChart, GridComponent, MarkLineComponent, TooltipComponent]);

export type EasePicture = {
  readonly unrolled: Unrolled;
  /** The share that the cloth takes. */
  readonly limit: number;
  readonly length: (mm: number) => string;
  /** Between the figures of the axis. */
  readonly tickMm: number;
};

/** A chart in the node that follows the node's size until it is disposed of. */
export function createEaseChart(node: HTMLElement): ChartPainter<EasePicture> {
  const { chart, dispose } = sizedChart(node);
  return {
    paint: (picture, colours) => chart.setOption(options(picture, colours), { notMerge: true }),
    dispose,
  };
}

function options(
  { unrolled, limit, length, tickMm }: EasePicture,
  { ink, inkSoft: soft, rule, chalk, warn }: ChartColours,
) {
  const points = unrolled.density.map(({ at, share }) => [at, share * 100]);
  const peak = Math.max(limit * 100, ...points.map(([, y]) => y ?? 0));
  const low = Math.min(0, ...points.map(([, y]) => y ?? 0));
  const text = { color: soft, fontFamily: CHART_FONT, fontSize: 13 };
  return {
    animation: false,
    grid: { left: 56, right: 24, top: 34, bottom: 44 },
    tooltip: {
      trigger: "axis",
      formatter: (items: unknown) => {
        const item: unknown = Array.isArray(items) ? items[0] : null;
        const [at, ease]: readonly unknown[] = isRecord(item) && Array.isArray(item.value) ? item.value : [];
        return typeof at === "number" && typeof ease === "number"
          ? `${length(at)} from the back underarm: ${ease.toFixed(1)} % ease`
          : "";
      },
      textStyle: { fontFamily: CHART_FONT },
    },
    xAxis: {
      type: "value",
      min: 0,
      max: unrolled.bodyLength,
      name: "along the armhole, back underarm to front underarm",
      nameLocation: "middle",
      nameGap: 28,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: (mm: number) => (isMultiple(mm, tickMm) ? length(mm) : ""), hideOverlap: true },
      axisLine: { lineStyle: { color: ink } },
      splitLine: { show: false },
      interval: tickMm,
    },
    yAxis: {
      type: "value",
      min: Math.floor(low),
      max: Math.ceil((peak * 1.1) / 2) * 2,
      axisLabel: { ...text, formatter: "{value} %" },
      splitLine: { lineStyle: { color: rule } },
      splitNumber: 4,
    },
    series: [
      {
        type: "line",
        data: points,
        symbol: "none",
        lineStyle: { color: chalk, width: 2.5 },
        areaStyle: { color: chalk, opacity: 0.18 },
        markLine: {
          symbol: "none",
          silent: true,
          label: { color: soft, fontFamily: CHART_FONT, fontSize: 12.5 },
          lineStyle: { color: soft, width: 1, type: "solid" },
          data: [
            ...unrolled.threads
              .filter((thread) => ["front", "back", "shoulder"].includes(thread.id))
              .map((thread) => ({
                xAxis: thread.body,
                label: { formatter: thread.name.replace(/, lower/, "").toLowerCase(), position: "end" },
              })),
            {
              yAxis: limit * 100,
              lineStyle: { color: warn, type: "dashed", width: 1.5 },
              label: { formatter: `${(limit * 100).toFixed(0)} %`, color: warn, position: "insideEndTop" },
            },
          ],
        },
      },
    ],
  };
}

/** The axis ends where the seam does, which is seldom on a mark: only the marks are written. */
function isMultiple(mm: number, step: number): boolean {
  return Math.abs(mm / step - Math.round(mm / step)) < 1e-6;
}
