import { usePreferences } from "@app/components/preferences";
import { Box, useToken } from "@chakra-ui/react";
import { eachOf } from "@core/data/index";
import { useEffect, useRef, useState } from "react";

const COLOUR_NAMES = ["ink", "inkSoft", "rule", "chalk", "warn", "good", "fault"] as const;
export type ChartColours = Readonly<Record<(typeof COLOUR_NAMES)[number], string>>;

export type ChartPainter<Picture> = {
  readonly paint: (picture: Picture, colours: ChartColours) => void;
  readonly dispose: () => void;
};

type Props<Picture> = {
  readonly name: string;
  /** Says what the chart shows and where the same figures stand in words. */
  readonly label: string;
  readonly height: string;
  readonly picture: Picture;
  /** Fetches the chart's library, which is large, once the chart is on the page. Has to stay the same from draw to draw. */
  readonly load: () => Promise<(node: HTMLElement) => ChartPainter<Picture>>;
};

/** A chart that is fetched when it is wanted, and painted in the colours of the look in force. */
export function Chart<Picture>({ name, label, height, picture, load }: Props<Picture>) {
  const { look } = usePreferences();
  const frame = useRef<HTMLDivElement>(null);
  const [painter, setPainter] = useState<ChartPainter<Picture> | null>(null);
  const variables = useToken("colors", [...COLOUR_NAMES]);

  useEffect(() => {
    const node = frame.current;
    if (!node) return;
    let made: ChartPainter<Picture> | null = null;
    let isGone = false;
    load().then((create) => {
      if (isGone) return;
      made = create(node);
      setPainter(made);
    });
    return () => {
      isGone = true;
      made?.dispose();
      setPainter(null);
    };
  }, [load]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the look is not read here, but the colours change with it
  useEffect(() => {
    if (!painter || !frame.current) return;
    // The chart draws on its own and cannot read the page's variables: it is given the colours of the look in force.
    const style = getComputedStyle(frame.current);
    const colours: ChartColours = eachOf(COLOUR_NAMES, (colour) =>
      style.getPropertyValue(variableName(variables[COLOUR_NAMES.indexOf(colour)] ?? "")).trim(),
    );
    painter.paint(picture, colours);
  }, [painter, picture, look, variables]);

  return (
    <Box
      ref={frame}
      data-chart={name}
      h={height}
      // Until it is drawn anew for a narrower page, it does not widen that page.
      overflow="hidden"
      bg="panel"
      border="1px solid"
      borderColor="rule"
      role="img"
      aria-label={label}
    />
  );
}

/** "var(--name)" as Chakra hands it out, to the name. */
function variableName(token: string): string {
  return /var\((--[^),]+)/.exec(token)?.[1] ?? token;
}
