import { LengthText } from "@app/components/length-text";
import { useUnit } from "@app/components/preferences";
import { Box, Button, Flex, Heading, Progress, Text } from "@chakra-ui/react";
import type { Garment } from "@core/garment/index";
import { writeGarment } from "@core/spec/index";
import type { LinesShown } from "@exporting/line-choice";
import { useEffect } from "react";
import { useFetcher } from "react-router";

type Job = {
  readonly id: number;
  readonly name: string;
  readonly bytes: number;
  readonly sent: number;
  readonly state: "waiting" | "sending" | "drawn" | "cancelled" | "broken";
  readonly problem: string | null;
};

type State = {
  readonly isOn: boolean;
  readonly rollWidth: number;
  readonly jobs: readonly Job[];
  readonly last: {
    readonly used: number;
    readonly offSheet: number;
    readonly travel: number;
    readonly saved: number;
    readonly picture: string;
  } | null;
};

const SAYS: Readonly<Record<Job["state"], string>> = {
  waiting: "waits",
  sending: "is being drawn",
  drawn: "is drawn",
  cancelled: "was cancelled",
  broken: "broke off",
};

/** How often the plotter is looked at while it works, and while it does not. */
const WORKING_MS = 400;
const RESTING_MS = 4000;

type Props = { readonly garment: Garment; readonly client: string; readonly lines: LinesShown };

/** The practice plotter that comes with the program: what is sent to it, and what its pens drew. */
export function PlotterPanel({ garment, client, lines }: Props) {
  const unit = useUnit();
  const looking = useFetcher<State>();
  const asking = useFetcher<{ readonly problem: string | null }>();
  const state = looking.data;
  const isWorking = state?.jobs.some(({ state }) => state === "sending" || state === "waiting") ?? false;
  const { load } = looking;
  // biome-ignore lint/correctness/useExhaustiveDependencies: looked at again as soon as something was asked of it
  useEffect(() => {
    void load("/plotter");
    const timer = setInterval(() => void load("/plotter"), isWorking ? WORKING_MS : RESTING_MS);
    return () => clearInterval(timer);
  }, [load, isWorking, asking.state]);
  const ask = (fields: Readonly<Record<string, string>>) =>
    asking.submit(fields, { method: "post", action: "/plotter" });
  const send = () =>
    ask({ act: "send", garment: JSON.stringify(writeGarment(garment.spec, "mm")), unit, lines, about: client });
  if (!state) return null;
  return (
    <Box as="section" mb="6" className="not-printed" data-plotter={state.isOn ? "on" : "off"}>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
        Practice plotter
      </Heading>
      <Text fontSize="sm" color="inkSoft" mb="2">
        It draws on a roll <LengthText mm={state.rollWidth} /> wide, on this machine only.
      </Text>
      <Flex gap="2" mb="2" flexWrap="wrap">
        <PlotterButton onPress={() => ask({ act: state.isOn ? "off" : "on" })}>
          {state.isOn ? "Switch it off" : "Switch it on"}
        </PlotterButton>
        <PlotterButton onPress={send}>Send the pattern</PlotterButton>
      </Flex>
      {asking.data?.problem && <Text color="fault">{asking.data.problem}</Text>}
      {[...state.jobs].reverse().map((job) => (
        <Box key={job.id} py="1.5" borderBottom="1px solid" borderColor="rule" data-job={job.state}>
          <Text>
            {job.name} {SAYS[job.state]}
          </Text>
          {job.state === "sending" && (
            <Progress.Root value={(100 * job.sent) / Math.max(1, job.bytes)} size="sm" aria-label={`${job.name}, sent`}>
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
          )}
          {job.problem && (
            <Text fontSize="sm" color="warn">
              {job.problem}
            </Text>
          )}
          {(job.state === "sending" || job.state === "waiting") && (
            <PlotterButton onPress={() => ask({ act: "cancel", job: String(job.id) })}>Cancel</PlotterButton>
          )}
          {(job.state === "broken" || job.state === "cancelled") && (
            <PlotterButton onPress={() => ask({ act: "again", job: String(job.id) })}>Send again</PlotterButton>
          )}
        </Box>
      ))}
      {state.last && <LastDrawn last={state.last} rollWidth={state.rollWidth} />}
    </Box>
  );
}

function PlotterButton({ onPress, children }: { readonly onPress: () => void; readonly children: string }) {
  return (
    <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={onPress}>
      {children}
    </Button>
  );
}

function LastDrawn({ last, rollWidth }: { readonly last: NonNullable<State["last"]>; readonly rollWidth: number }) {
  return (
    <Box mt="3">
      <svg
        role="img"
        aria-label="What the plotter drew last"
        viewBox={`0 0 ${Math.max(last.used, 1)} ${rollWidth}`}
        style={{ width: "100%", border: "1px solid currentColor" }}
      >
        <path d={last.picture} fill="none" stroke="currentColor" strokeWidth={4} />
      </svg>
      <Text fontSize="sm" color="inkSoft" mt="1">
        <LengthText mm={last.used} /> of the roll. The pens were carried <LengthText mm={last.travel} /> without
        drawing, <LengthText mm={Math.max(0, last.saved)} /> less than line after line.
        {last.offSheet > 0 && ` ${last.offSheet} lines ran off the roll.`}
      </Text>
    </Box>
  );
}
