import type { ChartColours, ChartPainter } from "@app/components/chart";
import { sizedChart } from "@app/components/sized-chart";
import { type TapeScale, tapeAxis, tapeMark } from "@app/components/tape-axis";
import type { FitTry } from "@core/toile/index";
import { ScatterChart } from "echarts/charts";
import { GridComponent, MarkLineComponent } from "echarts/components";
import { use } from "echarts/core";
import { numberedPoints } from "./numbered-points";

use([ScatterChart, GridComponent, MarkLineComponent]);

export type FitPicture = TapeScale & {
  readonly figure: string;
  readonly read: string;
  readonly target: number;
  readonly tries: readonly FitTry[];
};

/** Every try as a point: the figure across, what was read up, and a line at what is asked. */
export function createFitChart(node: HTMLElement): ChartPainter<FitPicture> {
  const { chart, dispose } = sizedChart(node);
  return { paint: (picture, colours) => chart.setOption(options(picture, colours), { notMerge: true }), dispose };
}

function options({ figure, read, target, tries, length, tickMm }: FitPicture, colours: ChartColours) {
  const scale = { length, tickMm: tickMm / 2 };
  const points = tries.flatMap(({ value, read: found }, i) =>
    found === null ? [] : [{ name: `${i + 1}`, value: [value, found] }],
  );
  const xs = points.map(({ value }) => value[0] ?? 0);
  const ys = [...points.map(({ value }) => value[1] ?? 0), target];
  const span = (all: readonly number[]) => ({
    min: tapeMark(Math.min(...all, ...(all.length === 0 ? [0] : [])) - 1, scale, false),
    max: tapeMark(Math.max(...all, ...(all.length === 0 ? [0] : [])) + 1, scale, true),
  });
  return {
    animation: false,
    grid: { left: 58, right: 16, top: 14, bottom: 44 },
    xAxis: { ...tapeAxis(figure, 28, scale, colours), ...span(xs) },
    yAxis: { ...tapeAxis(read, 44, scale, colours), ...span(ys) },
    series: [
      {
        ...numberedPoints(points, colours),
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: colours.good, type: "dashed", width: 2 },
          label: { show: false },
          data: [{ yAxis: target }],
        },
      },
    ],
  };
}
