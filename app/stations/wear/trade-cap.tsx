import { Chart } from "@app/components/chart";
import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Box, Button, Flex, Heading } from "@chakra-ui/react";
import { formatLength, unitOf } from "@core/tape/index";
import { mayTrade, type TradePoint } from "@core/toile/index";
import { useMemo, useState } from "react";
import type { TradePicture } from "./trade-painter";
import type { ToileState } from "./use-toile";

const load = () => import("./trade-painter").then((painter) => painter.createTradeChart);

/** Caps of this armhole worn one after the other: what a higher one takes from the folds it adds to the lift of the hem. One is taken by a press. */
export function TradeCap({ toile }: { readonly toile: ToileState }) {
  const { shown, isBusy, tryCaps, stopLooking } = toile;
  const hasCap = useThrottledWork((work) => mayTrade(work.garment));
  const store = useWorkStore();
  const [looking, setLooking] = useState<{ readonly share: number } | null>(null);
  const [points, setPoints] = useState<readonly TradePoint[]>([]);
  const [isNone, setIsNone] = useState(false);
  // A sleeve in two pieces has its folds in both, and gives no such figure.
  if (!hasCap || !shown?.reads.some(({ id }) => id === "folds.underarm")) return null;
  const begin = async () => {
    setPoints([]);
    setIsNone(false);
    setLooking({ share: 0 });
    const found = await tryCaps((_, share, all) => {
      setLooking((now) => now && { share });
      setPoints((known) => (known.length === all.length ? known : all));
    }).catch(() => null);
    setLooking(null);
    if (found) setPoints(found);
    setIsNone(found?.length === 0);
  };
  return (
    <Box as="section" aria-label="Cap height" mb="6" className="fit-it">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        Lift against folds
      </Heading>
      <p className="wear-note">
        Five caps of this armhole are worn, the arm down and raised. A higher one folds less and lifts the hem more.
      </p>
      {looking ? (
        <Flex align="center" gap="3" role="status">
          <progress value={looking.share} max={1} aria-label="Caps are worn" />
          <Button size="sm" variant="outline" onClick={stopLooking}>
            Stop
          </Button>
        </Flex>
      ) : (
        <Button size="sm" variant="outline" disabled={isBusy} onClick={begin}>
          Try caps
        </Button>
      )}
      {isNone && <p role="status">None of these caps could be worn with these figures.</p>}
      {points.length > 0 && <Tried points={points} onTake={({ change }) => store.getState().change(change)} />}
    </Box>
  );
}

function Tried({
  points,
  onTake,
}: {
  readonly points: readonly TradePoint[];
  readonly onTake: (point: TradePoint) => void;
}) {
  const tape = useTape();
  const picture = useMemo<TradePicture>(
    () => ({ points, length: (mm) => formatLength(mm, tape), tickMm: unitOf(tape) === "in" ? 25.4 : 20 }),
    [points, tape],
  );
  return (
    <>
      <Chart
        name="trade-worn"
        label="Chart of the folds below the underarm against the lift of the hem, a point for each cap; the table gives the same in words."
        height="210px"
        picture={picture}
        load={load}
      />
      <table className="worn-reads" data-caps>
        <thead>
          <tr>
            <th scope="col">Cap height</th>
            <th scope="col">Folds</th>
            <th scope="col">Lift</th>
            <th scope="col" aria-label="Take it" />
          </tr>
        </thead>
        <tbody>
          {points.map((point, i) => (
            <tr key={point.upperArmEase}>
              <th scope="row">
                {i + 1}: <LengthText mm={point.capHeight} />
              </th>
              <td>{Math.round(point.folds)}°</td>
              <td>
                <LengthText mm={point.lift} />
              </td>
              <td>
                {point.isNow ? (
                  "now"
                ) : (
                  <button
                    type="button"
                    className="plain-button small"
                    aria-label={`Take cap ${i + 1}`}
                    onClick={() => onTake(point)}
                  >
                    Take
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
