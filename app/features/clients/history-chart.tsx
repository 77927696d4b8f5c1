import { Chart } from "@app/components/chart";
import { useTape } from "@app/components/preferences";
import { Box, Text } from "@chakra-ui/react";
import { bodyOf, MEASURE_IDS, type MeasureId, measureOf, type Taken } from "@core/body/index";
import { formatLength, unitOf } from "@core/tape/index";
import { format } from "date-fns";
import { useMemo, useState } from "react";
import type { HistoryPicture } from "./history-chart-painter";

type Props = { readonly history: readonly { readonly takenOn: string; readonly measures: Taken }[] };

const load = () => import("./history-chart-painter").then((painter) => painter.createHistoryChart);
const SHOWN_FIRST: readonly MeasureId[] = ["bust", "waist", "hip"];
const MOST_LINES = 4;

/** A client's measures over the years; which ones is chosen below it. */
export function HistoryChart({ history }: Props) {
  const tape = useTape();
  const days = useMemo(
    () =>
      [...history]
        .sort((a, b) => a.takenOn.localeCompare(b.takenOn))
        .map((set) => ({ day: set.takenOn, body: bodyOf(set.measures) })),
    [history],
  );
  // Lengths alone: an angle has no place on their axis.
  const taken = MEASURE_IDS.filter(
    (id) => measureOf(id).kind === "length" && days.filter(({ body }) => body[id] !== undefined).length > 1,
  );
  const [chosen, setChosen] = useState<readonly MeasureId[]>(() => {
    const first = SHOWN_FIRST.filter((id) => taken.includes(id));
    return first.length > 0 ? first : taken.slice(0, 1);
  });
  const picture = useMemo<HistoryPicture>(
    () => ({
      lines: chosen.map((id) => ({
        name: measureOf(id).term,
        points: days.flatMap(({ day, body }): (readonly [string, number])[] => {
          const mm = body[id];
          return mm === undefined ? [] : [[day, mm]];
        }),
      })),
      length: (mm) => formatLength(mm, tape),
      day: (time) => format(time, "d MMM yyyy"),
      tickMm: unitOf(tape) === "in" ? 25.4 : 20,
    }),
    [chosen, days, tape],
  );
  if (taken.length === 0) return null;
  const toggle = (id: MeasureId) =>
    setChosen((before) =>
      before.includes(id)
        ? before.length > 1
          ? before.filter((one) => one !== id)
          : before
        : [...before, id].slice(-MOST_LINES),
    );
  return (
    <Box mt="8">
      <Text asChild fontFamily="heading" fontSize="xl" fontWeight="600" mb="3">
        <h2>Over time</h2>
      </Text>
      <Chart
        name="history"
        label={`Chart over time of ${chosen.map((id) => measureOf(id).term).join(", ")}; the table gives the same figures.`}
        height="260px"
        picture={picture}
        load={load}
      />
      <Box role="group" aria-label="Shown in the chart" display="flex" flexWrap="wrap" columnGap="4" rowGap="1" mt="3">
        {taken.map((id) => (
          <label key={id}>
            <input type="checkbox" checked={chosen.includes(id)} onChange={() => toggle(id)} /> {measureOf(id).term}
          </label>
        ))}
      </Box>
      <Text fontSize="sm" color="inkSoft" mt="1">
        Up to {MOST_LINES} at a time.
      </Text>
    </Box>
  );
}
