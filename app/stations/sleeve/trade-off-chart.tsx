import { Chart } from "@app/components/chart";
import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { useOneStep } from "@app/work/use-one-step";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import type { SideBySide } from "@app/workers/side-by-side";
import { Box, Text } from "@chakra-ui/react";
import { sewnSleeve } from "@core/drafting/index";
import { formatLength, graduationMm, unitOf } from "@core/tape/index";
import { useCallback, useMemo } from "react";
import type { TradeOffPicture } from "./trade-off-painter";

const load = () => import("./trade-off-painter").then((painter) => painter.createTradeOffChart);

/** Every sleeve that fits this armhole, as one curve: a higher cap is a narrower sleeve. Taken hold of, it chooses. */
export function TradeOffChart({ found }: { readonly found: SideBySide }) {
  const tape = useTape();
  const store = useWorkStore();
  const frame = useThrottledWork((work) => sewnSleeve(work.lastGood)?.sleeve.frame);
  const now = useMemo(
    () => (frame ? { width: frame.frontWidth + frame.backWidth, height: frame.height } : { width: 0, height: 0 }),
    [frame],
  );
  const onChoose = useCallback(
    (width: number) =>
      store.getState().change({
        sleeve: {
          method: "fit-first",
          upperArmEase: width - found.upperArm,
          capHeightChange: 0,
          capWidthChange: 0,
          surplus: undefined,
        },
      }),
    [store, found.upperArm],
  );
  const picture = useMemo<TradeOffPicture>(
    () => ({ found, now, length: (mm) => formatLength(mm, tape), tickMm: unitOf(tape) === "in" ? 25.4 : 20, onChoose }),
    [found, now, tape, onChoose],
  );
  const oneStep = useOneStep();
  const widths = found.curve.map((point) => point.width);
  if (widths.length === 0)
    return <Text color="inkSoft">No cap fits this armhole; what would help is among the findings.</Text>;
  const [least, most] = [Math.min(...widths), Math.max(...widths)];
  return (
    <Box {...oneStep}>
      <Chart
        name="trade-off"
        label="Chart of cap height against sleeve width for caps that fit this armhole, with every method marked; the table gives the same figures, and the slider below moves along the curve."
        height="330px"
        picture={picture}
        load={load}
      />
      <label htmlFor="trade-off-width">
        <Text as="span" display="block" mt="2">
          Move along the curve:{" "}
          <b>
            <LengthText mm={now.width} />
          </b>{" "}
          wide, cap{" "}
          <b>
            <LengthText mm={now.height} />
          </b>{" "}
          high
        </Text>
      </label>
      <Box asChild w="100%">
        <input
          id="trade-off-width"
          type="range"
          min={Math.ceil(least * 10) / 10}
          max={Math.floor(most * 10) / 10}
          step={graduationMm(tape)}
          value={now.width}
          onChange={(event) => onChoose(Number(event.currentTarget.value))}
        />
      </Box>
      <Text fontSize="sm" color="inkSoft">
        A high cap hangs clean and lifts badly; a low one lifts well and folds at the underarm. Shaded: wide enough for
        the arm in this cloth, and no higher than the armhole is deep.
      </Text>
    </Box>
  );
}
