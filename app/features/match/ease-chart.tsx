import { usePreferences } from "@app/components/preferences";
import { Box, useToken } from "@chakra-ui/react";
import type { Seam } from "@core/check/index";
import type { SeamNotch } from "@core/sleeve/set-in/index";
import { formatLength } from "@core/tape/index";
import { useEffect, useMemo, useRef, useState } from "react";
import type { EaseChartPainter } from "./ease-chart-painter";
import { unroll } from "./unrolled";

type Props = { readonly seams: readonly [Seam, Seam]; readonly notches: readonly SeamNotch[]; readonly limit: number };

const COLOURS = ["ink", "inkSoft", "rule", "chalk", "chalkPale", "warn"] as const;

/** Ease density along the armhole. The chart's library is large and is only fetched once this station is open. */
export function EaseChart({ seams, notches, limit }: Props) {
  const { unit, look } = usePreferences();
  const frame = useRef<HTMLDivElement>(null);
  const [painter, setPainter] = useState<EaseChartPainter | null>(null);
  const variables = useToken("colors", COLOURS as unknown as string[]);
  const unrolled = useMemo(() => unroll(seams, notches), [seams, notches]);

  useEffect(() => {
    const node = frame.current;
    if (!node) return;
    let made: EaseChartPainter | null = null;
    let isGone = false;
    import("./ease-chart-painter").then(({ createEaseChart }) => {
      if (isGone) return;
      made = createEaseChart(node);
      setPainter(made);
    });
    return () => {
      isGone = true;
      made?.dispose();
      setPainter(null);
    };
  }, []);

  useEffect(() => {
    if (!painter || !frame.current) return;
    // The chart draws on its own and cannot read the page's variables: it is given the colours of the look in force.
    const style = getComputedStyle(frame.current);
    const colour = (name: (typeof COLOURS)[number]) =>
      style.getPropertyValue(variableName(variables[COLOURS.indexOf(name)] ?? "")).trim();
    painter.paint({
      unrolled,
      limit,
      length: (mm) => formatLength(mm, unit),
      tickMm: unit === "in" ? 50.8 : 50,
      ink: colour("ink"),
      soft: colour("inkSoft"),
      rule: colour("rule"),
      chalk: colour("chalk"),
      warn: colour("warn"),
      look,
    });
  }, [painter, unrolled, limit, unit, look, variables]);

  return (
    <Box
      ref={frame}
      data-chart="ease"
      h="216px"
      bg="panel"
      border="1px solid"
      borderColor="rule"
      role="img"
      aria-label="Chart of the ease along the armhole; the table beside it gives the same figures by section."
    />
  );
}

/** "var(--name)" as Chakra hands it out, to the name. */
function variableName(token: string): string {
  return /var\((--[^),]+)/.exec(token)?.[1] ?? token;
}
