import type { ChartColours } from "@app/components/chart";
import { CHART_FONT } from "@app/components/sized-chart";

type NumberedPoint = { readonly name: string; readonly value: readonly number[] };

/** Points of a chart with their names above them. */
export const numberedPoints = (data: readonly NumberedPoint[], { chalk, ink }: ChartColours) => ({
  type: "scatter",
  data,
  symbolSize: 10,
  itemStyle: { color: chalk },
  label: { show: true, formatter: "{b}", position: "top", color: ink, fontFamily: CHART_FONT, fontSize: 13 },
});
