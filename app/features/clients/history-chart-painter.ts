import type { ChartColours, ChartPainter } from "@app/components/chart";
import { CHART_FONT, sizedChart } from "@app/components/sized-chart";
import { LineChart } from "echarts/charts";
import { GridComponent, LegendComponent, TooltipComponent } from "echarts/components";
import { use } from "echarts/core";

use([LineChart, GridComponent, LegendComponent, TooltipComponent]);

export type HistoryPicture = {
  readonly lines: readonly {
    readonly name: string;
    /** Day (yyyy-mm-dd) and millimetres. */
    readonly points: readonly (readonly [string, number])[];
  }[];
  readonly length: (mm: number) => string;
  readonly day: (time: number) => string;
  /** Between the figures of the axis, in millimetres: a whole number of what the tape shows. */
  readonly tickMm: number;
};

/** Lines are told apart by their marks and dashes as well as by their colour. */
const MARKS = ["circle", "rect", "triangle", "diamond"] as const;
const DASHES = ["solid", "dashed", "dotted", [8, 3, 2, 3]] as const;

export function createHistoryChart(node: HTMLElement): ChartPainter<HistoryPicture> {
  const { chart, dispose } = sizedChart(node);
  return {
    paint: (picture, colours) => chart.setOption(options(picture, colours), { notMerge: true }),
    dispose,
  };
}

function options(
  { lines, length, day, tickMm }: HistoryPicture,
  { ink, inkSoft, rule, chalk, warn, good }: ChartColours,
) {
  const text = { color: inkSoft, fontFamily: CHART_FONT, fontSize: 13 };
  const values = lines.flatMap((line) => line.points.map(([, mm]) => mm));
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const step = tickMm * Math.max(1, Math.ceil((high - low) / tickMm / 5));
  return {
    animation: false,
    color: [chalk, warn, good, ink],
    grid: { left: 64, right: 24, top: 40, bottom: 34 },
    legend: { top: 6, textStyle: { ...text, color: ink }, itemGap: 18 },
    tooltip: {
      trigger: "item",
      valueFormatter: (value: unknown) => length(Number(value)),
      textStyle: { fontFamily: CHART_FONT },
    },
    xAxis: {
      type: "time",
      axisLabel: { ...text, formatter: (time: number) => day(time), hideOverlap: true },
      axisLine: { lineStyle: { color: ink } },
      splitLine: { show: false },
    },
    yAxis: {
      type: "value",
      min: Math.floor(low / step) * step,
      max: Math.ceil((high + 1) / step) * step,
      interval: step,
      axisLabel: { ...text, formatter: (mm: number) => length(mm) },
      splitLine: { lineStyle: { color: rule } },
    },
    series: lines.map(({ name, points }, i) => ({
      type: "line",
      name,
      data: points,
      symbol: MARKS[i % MARKS.length],
      symbolSize: 8,
      lineStyle: { width: 2, type: DASHES[i % DASHES.length] },
    })),
  };
}
