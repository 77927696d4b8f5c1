import type { ChartColours, ChartPainter } from "@app/components/chart";
import { dragAlongChart } from "@app/components/drag-along-chart";
import { CHART_FONT, sizedChart } from "@app/components/sized-chart";
import { type TapeScale, tapeAxis, tapeMark } from "@app/components/tape-axis";
import type { SideBySide } from "@app/workers/side-by-side";
import { LineChart, ScatterChart } from "echarts/charts";
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from "echarts/components";
import { use } from "echarts/core";
import { LabelLayout } from "echarts/features";

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent, LabelLayout]);

export type TradeOffPicture = TapeScale & {
  readonly found: SideBySide;
  /** Where the garment's own sleeve lies. */
  readonly now: { readonly width: number; readonly height: number };
  /** The person took hold of the curve at this width. */
  readonly onChoose: (width: number) => void;
};

type Point = readonly [number, number];
const pointOf = (width: number, height: number): Point => [width, height];

export function createTradeOffChart(node: HTMLElement): ChartPainter<TradeOffPicture> {
  const { chart, dispose } = sizedChart(node);
  let latest: TradeOffPicture | null = null;
  dragAlongChart(chart, () => {
    const widths = latest?.found.curve.map((point) => point.width) ?? [];
    if (!latest || widths.length === 0) return null;
    return { least: Math.min(...widths), most: Math.max(...widths), onChoose: latest.onChoose };
  });
  return {
    paint: (picture, colours) => {
      latest = picture;
      chart.setOption(options(picture, colours), { notMerge: true });
    },
    dispose,
  };
}

/** A name takes about so much of the chart: places nearer than that write theirs on different sides. */
const NAME_SHARE = { x: 0.28, y: 0.06 } as const;

/** Where each place's name is written: of neighbours the left one on its left, the right one on its right, any other below. */
function namePlaces(values: readonly Point[], xs: readonly number[], ys: readonly number[]) {
  const near = (a: number, b: number, all: readonly number[], share: number) =>
    Math.abs(a - b) < share * (Math.max(...all) - Math.min(...all));
  return values.map(([x, y], i) => {
    const beside = values.filter(
      (other, k) => k !== i && near(x, other[0], xs, NAME_SHARE.x) && near(y, other[1], ys, NAME_SHARE.y),
    );
    const isRightmost = beside.every((other) => other[0] < x || (other[0] === x && other[1] < y));
    const isLeftmost = beside.every((other) => other[0] > x || (other[0] === x && other[1] > y));
    return isRightmost ? "right" : isLeftmost ? "left" : "bottom";
  });
}

function options({ found, now, length, tickMm }: TradeOffPicture, colours: ChartColours) {
  const { ink, chalk, warn, good } = colours;
  const curve = found.curve.map(({ width, height }): Point => [width, height]);
  const methods = found.methods.flatMap(({ name, figures }) =>
    figures ? [{ name, value: pointOf(figures.capWidth, figures.capHeight) }] : [],
  );
  const xs = [...curve, ...methods.map((method) => method.value)].map(([x]) => x);
  const ys = [...curve, ...methods.map((method) => method.value)].map(([, y]) => y);
  const places = namePlaces(
    methods.map((method) => method.value),
    xs,
    ys,
  );
  const scale = { length, tickMm };
  const snap = (value: number, up: boolean) => tapeMark(value, scale, up);
  const axis = (name: string, gap: number) => tapeAxis(name, gap, scale, colours);
  return {
    animation: false,
    grid: { left: 76, right: 28, top: 24, bottom: 54 },
    tooltip: {
      trigger: "item",
      textStyle: { fontFamily: CHART_FONT },
      formatter: (item: unknown) => {
        const { name, value } = item as { readonly name: string; readonly value: Point };
        return `${name || "Fits"}: ${length(value[0])} wide, cap ${length(value[1])} high`;
      },
    },
    xAxis: {
      ...axis("width on the cap line", 32),
      min: snap(Math.min(...xs, found.upperArm), false),
      max: snap(Math.max(...xs), true),
    },
    yAxis: { ...axis("cap height", 58), min: 0, max: snap(Math.max(...ys), true) },
    series: [
      {
        type: "line",
        name: "Fits the armhole",
        data: curve,
        symbol: "none",
        lineStyle: { color: chalk, width: 3 },
        markArea: {
          silent: true,
          itemStyle: { color: good, opacity: 0.1 },
          data: [
            [
              { xAxis: found.leastWidth, yAxis: found.heights.least },
              { xAxis: snap(Math.max(...xs), true), yAxis: found.heights.most },
            ],
          ],
        },
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: warn, type: "dashed", width: 1.5 },
          label: { formatter: "the arm", color: warn, fontFamily: CHART_FONT, fontSize: 13, position: "insideEndTop" },
          data: [{ xAxis: found.upperArm }],
        },
      },
      {
        type: "scatter",
        data: methods.map((method, i) => ({ ...method, label: { position: places[i] } })),
        symbol: "rect",
        symbolSize: 9,
        itemStyle: { color: ink },
        label: { show: true, formatter: "{b}", color: ink, fontFamily: CHART_FONT, fontSize: 13 },
        labelLayout: { moveOverlap: "shiftY" },
      },
      {
        type: "scatter",
        data: [{ name: "This garment", value: [now.width, now.height] }],
        symbol: "diamond",
        symbolSize: 18,
        itemStyle: { color: "transparent", borderColor: chalk, borderWidth: 3 },
      },
    ],
  };
}
