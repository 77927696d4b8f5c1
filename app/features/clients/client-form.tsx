import { ActForm } from "@app/components/act-form";
import { useKeptTexts } from "@app/components/kept-texts";
import { LengthField } from "@app/components/length-field";
import { useTape, useUnit } from "@app/components/preferences";
import { useTextsInUnit } from "@app/components/texts-in-unit";
import { MeasureGuide } from "@app/measures/measure-guide";
import { MeasureList } from "@app/measures/measure-list";
import { isAngle, measureText } from "@app/measures/measure-text";
import { SlipsList } from "@app/measures/slips-list";
import { TapePanel } from "@app/tape/tape-panel";
import { WorkColumns } from "@app/work/work-columns";
import { Box, Button, Field, Flex, Heading, Input, Text, Textarea } from "@chakra-ui/react";
import {
  BODY_SIDES,
  bodyOf,
  findSlips,
  latestOf,
  type MeasureId,
  splitTakenId,
  TAKEN_IDS,
  type Taken,
  type TakenId,
} from "@core/body/index";
import { type DefaultTaken, estimateBody } from "@core/resolve/index";
import type { Tape } from "@core/tape/index";
import { useMemo, useState } from "react";
import { useNavigation } from "react-router";
import { type ClientProblems, readClient } from "./client-texts";
import { SidedBoxes } from "./sided-boxes";

type Props = {
  readonly title: string;
  /** Where what is typed is kept until it is taken. */
  readonly keptAs: string;
  readonly isNew: boolean;
  readonly today: string;
  /** What the tape read last, shown beside each box: only what it reads today is dated today, and the rest stays in use. */
  readonly latest?: Taken;
  readonly action: string;
  /** The server's answer to the last try. */
  readonly answer: { readonly problems?: ClientProblems; readonly failure?: string } | undefined;
};

/** A client's name and the tape readings of one day, taken in the order in which the tape moves. */
export function ClientForm({ title, keptAs, isNew, today, latest = NOTHING_TAKEN, action, answer }: Props) {
  const [unit, tape] = [useUnit(), useTape()];
  const [texts, setTexts] = useKeptTexts(keptAs, { takenOn: today, unit });
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [isTried, setTried] = useState(false);
  const [active, setActive] = useState<MeasureId>("bust");
  const isSaving = useNavigation().state !== "idle";
  useTextsInUnit(unit, texts, LENGTHS, setTexts);

  const read = readClient(texts, isNew);
  const problems: ClientProblems = { ...answer?.problems, ...read.problems };
  const problemOf = (id: keyof ClientProblems) =>
    (left.has(id) || isTried || answer?.problems) && id in read.problems ? problems[id] : undefined;
  const leave = (id: string) => setLeft((before) => new Set(before).add(id));
  const count = Object.keys(read.problems).length;
  const measuresKey = JSON.stringify(read.measures);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the readings are new at every keystroke, what they say is not
  const { slips, estimates } = useMemo(
    () => ({
      slips: findSlips(read.measures),
      estimates: estimateBody(bodyOf(latestOf([read.measures, latest]))),
    }),
    [measuresKey, latest],
  );
  const estimateOf = (id: MeasureId) => estimates.find((taken) => taken.path === `body.${id}`);

  const measureBox = (id: TakenId, label: string, standsIn?: string) => (
    <LengthField
      id={id}
      label={label}
      value={texts[id] ?? ""}
      problem={problemOf(id)}
      standsIn={standsIn}
      {...(isAngle(id) ? { unit: "°" } : {})}
      hint={lastTime(latest, id, tape)}
      onText={(text) => setTexts({ [id]: text })}
      onEnd={() => leave(id)}
    />
  );

  return (
    <ActForm
      action={action}
      noValidate
      onSubmit={(event) => {
        setTried(true);
        if (count > 0) event.preventDefault();
      }}
    >
      <input type="hidden" name="unit" value={unit} />
      <Flex
        align="center"
        gap="4"
        wrap="wrap"
        px="5"
        minH="5.75rem"
        py="3"
        bg="panel"
        borderBottom="1px solid"
        borderColor="rule"
      >
        <Heading as="h1" fontFamily="heading" fontSize="2xl" fontWeight="600">
          {title}
        </Heading>
        <Text role="alert" color="fault" flex="1" textAlign="right">
          {answer?.failure ??
            (isTried && count > 0
              ? count === 1
                ? "One box needs another look."
                : `${count} boxes need another look.`
              : "")}
        </Text>
        <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Saving">
          {isNew ? "Add client" : "Keep these measures"}
        </Button>
      </Flex>
      <WorkColumns
        isForm
        fieldsName="Measures"
        fields={
          <>
            <Flex direction="column" gap="4" mb="6">
              {isNew && (
                <>
                  <Field.Root invalid={problemOf("name") !== undefined}>
                    <Field.Label fontSize="md">Name</Field.Label>
                    <Input
                      name="name"
                      value={texts.name ?? ""}
                      bg="panel"
                      borderColor="ruleStrong"
                      autoComplete="off"
                      onChange={(event) => setTexts({ name: event.currentTarget.value })}
                      onBlur={() => leave("name")}
                    />
                    <Field.ErrorText color="fault">{problemOf("name")}</Field.ErrorText>
                  </Field.Root>
                  <Field.Root invalid={problemOf("note") !== undefined}>
                    <Field.Label fontSize="md">Note</Field.Label>
                    <Textarea
                      name="note"
                      value={texts.note ?? ""}
                      rows={2}
                      bg="panel"
                      borderColor="ruleStrong"
                      placeholder="Posture, likes, what to mind"
                      _placeholder={{ color: "inkSoft" }}
                      onChange={(event) => setTexts({ note: event.currentTarget.value })}
                    />
                    <Field.ErrorText color="fault">{problemOf("note")}</Field.ErrorText>
                  </Field.Root>
                </>
              )}
              <Field.Root invalid={problemOf("takenOn") !== undefined}>
                <Field.Label fontSize="md">Measured on</Field.Label>
                <Input
                  name="takenOn"
                  type="date"
                  value={texts.takenOn ?? ""}
                  bg="panel"
                  borderColor="ruleStrong"
                  onChange={(event) => setTexts({ takenOn: event.currentTarget.value })}
                  onBlur={() => leave("takenOn")}
                />
                <Field.ErrorText color="fault">{problemOf("takenOn")}</Field.ErrorText>
              </Field.Root>
            </Flex>
            <MeasureList
              onActive={setActive}
              box={(id) => (
                <SidedBoxes
                  id={id}
                  texts={texts}
                  onTexts={setTexts}
                  box={(taken, label) =>
                    measureBox(taken, label, taken === id ? standIn(id, estimateOf(id), tape) : undefined)
                  }
                />
              )}
            />
          </>
        }
        sheet={
          <MeasureGuide
            id={active}
            estimate={estimateOf(active)}
            last={read.measures[active] === undefined ? latest[active] : undefined}
          />
        }
        side={{
          panel: "side",
          name: "Slips and tape",
          content: (
            <>
              <SlipsList slips={slips} hasAny={Object.keys(read.measures).length > 0} />
              <TapePanel />
              <Box mt="6">
                <Text fontSize="sm" color="inkSoft">
                  Tape on the body, no ease. Write {unit === "in" ? "11 3/4 or 11.75" : "29.8"}; Enter goes on to the
                  next. Leave out what you did not take:{" "}
                  {isNew
                    ? "it is estimated, and marked so, until you do."
                    : "its last reading stays in use, and what was never taken is estimated, and marked so."}
                </Text>
              </Box>
            </>
          ),
        }}
      />
    </ActForm>
  );
}

const NOTHING_TAKEN: Taken = {};

/** What was read last, once or on the left and on the right, beside a box. */
/** What is written anew when the tape is switched: an angle is the same in any unit. */
const LENGTHS = TAKEN_IDS.filter((id) => !isAngle(id));

function lastTime(latest: Taken, id: TakenId, tape: Tape): string | undefined {
  const read = (one: TakenId, before: string) => {
    const mm = latest[one];
    return mm === undefined ? [] : [`${before}last time ${measureText(splitTakenId(one).measure, mm, tape)}`];
  };
  const { measure, side } = splitTakenId(id);
  const sides = side ? [] : BODY_SIDES.flatMap((one) => read(`${measure}.${one}`, `${one} `));
  const told = [...read(id, ""), ...sides];
  return told.length > 0 ? told.join(", ") : undefined;
}

function standIn(id: MeasureId, taken: DefaultTaken | undefined, tape: Tape): string | undefined {
  return typeof taken?.value === "number"
    ? `${measureText(id, taken.value, tape, { withUnit: false })} est.`
    : undefined;
}
