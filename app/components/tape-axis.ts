import type { ChartColours } from "./chart";
import { CHART_FONT } from "./sized-chart";

export type TapeScale = {
  /** A length in the person's words. */
  readonly length: (mm: number) => string;
  readonly tickMm: number;
};

/** Words on a chart. */
function chartText({ inkSoft }: ChartColours) {
  return { color: inkSoft, fontFamily: CHART_FONT, fontSize: 13 };
}

/** An axis of lengths that is marked as a tape is. */
export function tapeAxis(name: string, gap: number, { length, tickMm }: TapeScale, colours: ChartColours) {
  const text = chartText(colours);
  return {
    type: "value",
    name,
    nameLocation: "middle",
    nameGap: gap,
    nameTextStyle: text,
    interval: tickMm,
    axisLabel: { ...text, formatter: (mm: number) => length(mm), hideOverlap: true },
    axisLine: { show: true, lineStyle: { color: colours.ink } },
    splitLine: { lineStyle: { color: colours.rule } },
  };
}

/** The mark of the tape at a length or next below it, or next above. */
export function tapeMark(mm: number, { tickMm }: Pick<TapeScale, "tickMm">, up: boolean): number {
  return (up ? Math.ceil(mm / tickMm) : Math.floor(mm / tickMm)) * tickMm;
}
