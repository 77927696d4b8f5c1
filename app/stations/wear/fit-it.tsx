import { Chart } from "@app/components/chart";
import { ChoiceSelect } from "@app/components/choice-select";
import { LengthField } from "@app/components/length-field";
import { LengthText } from "@app/components/length-text";
import { useTape, useUnit } from "@app/components/preferences";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Box, Button, Flex, Heading } from "@chakra-ui/react";
import { readLength } from "@core/spec/index";
import { formatForTyping, formatLength, unitOf } from "@core/tape/index";
import { FIT_GOALS, type FitGoalId, type FitResult, type FitTry, goalsOf } from "@core/toile/index";
import { useMemo, useState } from "react";
import type { FitPicture } from "./fit-painter";
import type { ToileState } from "./use-toile";

const load = () => import("./fit-painter").then((painter) => painter.createFitChart);

/** What may be asked of a read, in millimetres. */
const BOUNDS = { least: -100, most: 600 };

type Looking = { readonly says: string; readonly share: number };

/** The toile looks for the figure of the draft with which it reads what is asked. Nothing changes until the answer is taken. */
export function FitIt({ toile }: { readonly toile: ToileState }) {
  const { shown, isBusy, lookFor, stopLooking } = toile;
  const unit = useUnit();
  const garment = useThrottledWork((work) => work.garment);
  const goals = useMemo(() => (shown ? goalsOf(garment, shown.reads) : []), [garment, shown]);
  const [asked, setAsked] = useState<FitGoalId | null>(null);
  const [text, setText] = useState<string | null>(null);
  const [looking, setLooking] = useState<Looking | null>(null);
  const [tries, setTries] = useState<readonly FitTry[]>([]);
  const [result, setResult] = useState<FitResult | null>(null);
  const chosen = goals.find(({ id }) => id === asked) ?? goals[0];
  if (!chosen) return null;
  const { id, goal, read } = chosen;
  const typed = text ?? formatForTyping(goal.target, unit);
  const target = readLength(typed, unit, { label: goal.says, bounds: BOUNDS });
  const choose = (next: FitGoalId) => {
    setAsked(next);
    setText(null);
    setTries([]);
    setResult(null);
  };
  const look = async () => {
    if (!target.ok) return;
    setTries([]);
    setResult(null);
    setLooking({ says: "The toile is looked at", share: 0 });
    const found = await lookFor(id, target.mm, (says, share, all) => {
      setLooking((now) => now && { says, share });
      setTries((known) => (known.length === all.length ? known : all));
    }).catch(() => null);
    setLooking(null);
    setResult(found);
    if (found) setTries(found.tries);
  };
  return (
    <Box as="section" aria-label="Fit it" mb="6" className="fit-it" data-fields>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        Fit it
      </Heading>
      <p className="wear-note">
        The toile looks for the figure with which it reads what you ask. Nothing changes until you take it.
      </p>
      <ChoiceSelect
        id="fit-goal"
        label="What is to be met"
        value={id}
        choices={goals.map((one) => ({ value: one.id, label: one.goal.says }))}
        onChoose={choose}
      />
      <p className="wear-note">
        Now <LengthText mm={read} />. Changed by: {goal.figure.toLowerCase()}.
      </p>
      <LengthField
        id="fit-target"
        label="To be"
        value={typed}
        onText={setText}
        problem={target.ok ? undefined : target.problem.message}
      />
      {looking ? (
        <Flex align="center" gap="3" mt="3" role="status" data-looking>
          <progress value={looking.share} max={1} aria-label={looking.says} />
          <Button size="sm" variant="outline" onClick={stopLooking}>
            Stop
          </Button>
        </Flex>
      ) : (
        <Button size="sm" variant="outline" mt="3" disabled={!target.ok || isBusy || shown === null} onClick={look}>
          Look for it
        </Button>
      )}
      {tries.length > 0 && target.ok && <Tries id={id} target={target.mm} tries={tries} />}
      {result && <Answer result={result} onTaken={() => setResult(null)} />}
    </Box>
  );
}

function Tries({
  id,
  target,
  tries,
}: {
  readonly id: FitGoalId;
  readonly target: number;
  readonly tries: readonly FitTry[];
}) {
  const tape = useTape();
  const picture = useMemo<FitPicture>(() => {
    const { figure, says } = FIT_GOALS[id];
    const tickMm = unitOf(tape) === "in" ? 25.4 : 20;
    return { figure, read: says, target, tries, length: (mm) => formatLength(mm, tape), tickMm };
  }, [id, target, tries, tape]);
  return (
    <Chart
      name="fit"
      label="Chart of what was tried: the figure across, what the toile read up, with a line at what is asked. The answer below gives it in words."
      height="210px"
      picture={picture}
      load={load}
    />
  );
}

/** What came of it, in a sentence for each outcome. */
const OUTCOMES: Readonly<Record<FitResult["outcome"], string>> = {
  met: "Found.",
  "met-already": "The toile reads so already: nothing has to change.",
  "end-of-range": "Not met within what this figure may be. This is the nearest.",
  "does-not-follow": "This figure hardly moves what is asked on this garment. This is the nearest.",
  "too-many-tries": "Not met in eight tries: what is read jumps between them. This is the nearest.",
  "not-read": "The toile gives no such read with these figures.",
};

function Answer({ result, onTaken }: { readonly result: FitResult; readonly onTaken: () => void }) {
  const store = useWorkStore();
  const { figure, nearest, change, outcome, goal, tries } = result;
  const first = tries[0];
  return (
    <Box mt="3" role="status" data-outcome={outcome}>
      <p>{OUTCOMES[outcome]}</p>
      {nearest && change && (
        <>
          <table className="worn-reads">
            <thead>
              <tr>
                <th scope="col">Figure</th>
                <th scope="col">Before</th>
                <th scope="col">After</th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <th scope="row">{FIT_GOALS[goal].figure}</th>
                <td>
                  <LengthText mm={figure.now} />
                </td>
                <td>
                  <LengthText mm={nearest.value} />
                </td>
              </tr>
              <tr>
                <th scope="row">{FIT_GOALS[goal].says}</th>
                <td>{first?.read != null && <LengthText mm={first.read} />}</td>
                <td>{nearest.read !== null && <LengthText mm={nearest.read} />}</td>
              </tr>
            </tbody>
          </table>
          <Button
            size="sm"
            mt="3"
            onClick={() => {
              store.getState().change(change);
              onTaken();
            }}
          >
            Take it
          </Button>
        </>
      )}
    </Box>
  );
}
