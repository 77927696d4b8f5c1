import type { ChartColours, ChartPainter } from "@app/components/chart";
import { dragAlongChart } from "@app/components/drag-along-chart";
import { CHART_FONT, sizedChart } from "@app/components/sized-chart";
import { type TapeScale, tapeAxis, tapeMark } from "@app/components/tape-axis";
import type { OuterEdge } from "@core/collar/index";
import { LineChart, ScatterChart } from "echarts/charts";
import { GridComponent, MarkLineComponent, TooltipComponent } from "echarts/components";
import { use } from "echarts/core";

use([LineChart, ScatterChart, GridComponent, MarkLineComponent, TooltipComponent]);

export type OuterEdgePicture = TapeScale & {
  readonly outer: OuterEdge;
  readonly onChoose: (at: number) => void;
};

export function createOuterEdgeChart(node: HTMLElement): ChartPainter<OuterEdgePicture> {
  const { chart, dispose } = sizedChart(node);
  let latest: OuterEdgePicture | null = null;
  dragAlongChart(chart, () => latest && { ...rangeOf(latest.outer), onChoose: latest.onChoose });
  return {
    paint: (picture, colours) => {
      latest = picture;
      chart.setOption(options(picture, colours), { notMerge: true });
    },
    dispose,
  };
}

/** Between which figures the end can be let out on the chart. */
function rangeOf({ curve }: OuterEdge): { readonly least: number; readonly most: number } {
  const all = curve.map(({ at }) => at);
  return { least: Math.min(...all), most: Math.max(...all) };
}

function options({ outer, length, tickMm }: OuterEdgePicture, colours: ChartColours) {
  const { ink, chalk, warn, good } = colours;
  const points = outer.curve.map(({ at, edge }): readonly [number, number] => [at, edge]);
  const edges = [...points.map(([, edge]) => edge), outer.edge, outer.needed, outer.rule.edge];
  const scale = { length, tickMm };
  const snap = (value: number, up: boolean) => tapeMark(value, scale, up);
  const axis = (name: string, gap: number) => tapeAxis(name, gap, scale, colours);
  const place = (name: string, at: number, edge: number, symbol: string, colour: string, position: string) => ({
    type: "scatter",
    data: [{ name, value: [at, edge] }],
    symbol,
    symbolSize: symbol === "diamond" ? 16 : 9,
    itemStyle: symbol === "diamond" ? { color: "transparent", borderColor: colour, borderWidth: 3 } : { color: colour },
    label: { show: true, formatter: "{b}", position, color: ink, fontFamily: CHART_FONT, fontSize: 13 },
  });
  const { least, most } = rangeOf(outer);
  return {
    animation: false,
    grid: { left: 62, right: 16, top: 18, bottom: 46 },
    tooltip: {
      trigger: "item",
      textStyle: { fontFamily: CHART_FONT },
      formatter: (item: unknown) => {
        const { name, value } = item as { readonly name: string; readonly value: readonly [number, number] };
        return `${name || "Let out"} by ${length(value[0])}: outer edge ${length(value[1])}`;
      },
    },
    xAxis: {
      ...axis(outer.by === "tilt" ? "end swung out" : "front end dropped", 28),
      min: snap(Math.min(0, least), false),
      max: snap(most, true),
    },
    yAxis: {
      ...axis("outer edge", 46),
      min: snap(Math.min(...edges), false),
      max: snap(Math.max(...edges), true),
    },
    series: [
      {
        type: "line",
        name: "Let out",
        data: points,
        symbol: "none",
        lineStyle: { color: chalk, width: 3 },
        markLine: {
          silent: true,
          symbol: "none",
          lineStyle: { color: good, type: "dashed", width: 2 },
          label: {
            formatter: "the line it lies on",
            color: good,
            fontFamily: CHART_FONT,
            fontSize: 13,
            position: "insideStartTop",
          },
          data: [{ yAxis: outer.needed }],
        },
      },
      place(length(outer.rule.at), outer.rule.at, outer.rule.edge, "rect", warn, "bottom"),
      place("this collar", outer.at, outer.edge, "diamond", chalk, "bottom"),
    ],
  };
}
