import type { ChartColours, ChartPainter } from "@app/components/chart";
import { CHART_FONT, sizedChart } from "@app/components/sized-chart";
import { type TapeScale, tapeAxis, tapeMark } from "@app/components/tape-axis";
import type { TradePoint } from "@core/toile/index";
import { LineChart, ScatterChart } from "echarts/charts";
import { GridComponent } from "echarts/components";
import { use } from "echarts/core";
import { numberedPoints } from "./numbered-points";

use([LineChart, ScatterChart, GridComponent]);

export type TradePicture = TapeScale & { readonly points: readonly TradePoint[] };

/** Every cap as a point of one curve: how it folds across, how far the hem lifts up. */
export function createTradeChart(node: HTMLElement): ChartPainter<TradePicture> {
  const { chart, dispose } = sizedChart(node);
  return { paint: (picture, colours) => chart.setOption(options(picture, colours), { notMerge: true }), dispose };
}

function options({ points, length, tickMm }: TradePicture, colours: ChartColours) {
  const scale = { length, tickMm: tickMm / 2 };
  const lifts = points.map(({ lift }) => lift);
  const text = { color: colours.inkSoft, fontFamily: CHART_FONT, fontSize: 13 };
  const data = points.map(({ folds, lift }, i) => ({ name: `${i + 1}`, value: [folds, lift] }));
  return {
    animation: false,
    grid: { left: 58, right: 20, top: 20, bottom: 44 },
    xAxis: {
      type: "value",
      name: "folds below the underarm",
      nameLocation: "middle",
      nameGap: 28,
      nameTextStyle: text,
      scale: true,
      axisLabel: { ...text, formatter: (degrees: number) => `${degrees}°` },
      axisLine: { show: true, lineStyle: { color: colours.ink } },
      splitLine: { lineStyle: { color: colours.rule } },
    },
    yAxis: {
      ...tapeAxis("lift of the hem", 44, scale, colours),
      min: tapeMark(Math.min(...lifts), scale, false),
      max: tapeMark(Math.max(...lifts), scale, true),
    },
    series: [
      { type: "line", data, symbol: "none", lineStyle: { color: colours.rule, width: 2 } },
      {
        ...numberedPoints(data, colours),
      },
    ],
  };
}
