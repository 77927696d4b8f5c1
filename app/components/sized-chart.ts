import { type ECharts, init, use } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";

use([SVGRenderer]);

export const CHART_FONT = "'Source Sans 3 Variable', sans-serif";

/** An empty chart in the node that follows the node's size until it is disposed of. */
export function sizedChart(node: HTMLElement): { readonly chart: ECharts; readonly dispose: () => void } {
  const chart = init(node, undefined, { renderer: "svg" });
  const observer = new ResizeObserver(() => chart.resize());
  observer.observe(node);
  return {
    chart,
    dispose: () => {
      observer.disconnect();
      chart.dispose();
    },
  };
}
