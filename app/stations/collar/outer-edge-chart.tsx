import { Chart } from "@app/components/chart";
import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { useOneStep } from "@app/work/use-one-step";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Box, Text } from "@chakra-ui/react";
import type { OuterEdge } from "@core/collar/index";
import { formatLength, graduationMm, unitOf } from "@core/tape/index";
import { useCallback, useMemo } from "react";
import type { OuterEdgePicture } from "./outer-edge-painter";

const load = () => import("./outer-edge-painter").then((painter) => painter.createOuterEdgeChart);

/** How long the outer edge is for each way that the collar could be let out; taken hold of, it chooses. */
export function OuterEdgeChart() {
  const outer = useThrottledWork((work) => work.lastCollar?.drawing.outer ?? null);
  return outer && <OuterEdgeOf outer={outer} />;
}

function OuterEdgeOf({ outer }: { readonly outer: OuterEdge }) {
  const tape = useTape();
  const store = useWorkStore();
  const field = outer.by === "tilt" ? "tilt" : "drop";
  const onChoose = useCallback(
    (at: number) => store.getState().change({ collar: { edgeBy: "own", [field]: at } }),
    [store, field],
  );
  const picture = useMemo<OuterEdgePicture>(
    () => ({ outer, length: (mm) => formatLength(mm, tape), tickMm: unitOf(tape) === "in" ? 25.4 : 20, onChoose }),
    [outer, tape, onChoose],
  );
  const oneStep = useOneStep();
  const all = outer.curve.map(({ at }) => at);
  return (
    <Box {...oneStep}>
      <Chart
        name="outer-edge"
        label="Chart of the outer edge against how far the collar is let out, with the line it lies on and the rule of thumb marked; the figures give the same in words, and the slider below moves along the curve."
        height="210px"
        picture={picture}
        load={load}
      />
      <label htmlFor="outer-edge-out">
        <Text as="span" display="block" mt="2" fontSize="sm">
          {outer.by === "tilt" ? "Swung out" : "Dropped"} by{" "}
          <b>
            <LengthText mm={outer.at} />
          </b>
          , the outer edge is{" "}
          <b>
            <LengthText mm={outer.edge} />
          </b>
          ; it lies on{" "}
          <b>
            <LengthText mm={outer.needed} />
          </b>
          . By rule of thumb, <LengthText mm={outer.rule.at} /> gives <LengthText mm={outer.rule.edge} />.
        </Text>
      </label>
      <Box asChild w="100%">
        <input
          id="outer-edge-out"
          type="range"
          min={Math.max(0, Math.ceil(Math.min(...all) * 10) / 10)}
          max={Math.floor(Math.max(...all) * 10) / 10}
          step={graduationMm(tape)}
          value={outer.at}
          onChange={(event) => onChoose(Number(event.currentTarget.value))}
        />
      </Box>
    </Box>
  );
}
