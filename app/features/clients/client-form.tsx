import { useKeptTexts } from "@app/components/kept-texts";
import { LengthField } from "@app/components/length-field";
import { useUnit } from "@app/components/preferences";
import { Box, Button, Field, Flex, Grid, Heading, Input, Text, Textarea } from "@chakra-ui/react";
import { type MeasureId, measureOf } from "@core/body/index";
import { formatForTyping, parseLength, type TapeUnit } from "@core/tape/index";
import { useEffect, useRef, useState } from "react";
import { Form, useNavigation } from "react-router";
import { type ClientProblems, FIRST_MEASURES, readClient } from "./client-texts";

type Props = {
  /** Where what is typed is kept until it is taken. */
  readonly keptAs: string;
  readonly isNew: boolean;
  readonly today: string;
  readonly initial?: Readonly<Record<string, string>>;
  readonly action: string;
  /** The server's answer to the last try. */
  readonly answer: { readonly problems?: ClientProblems; readonly failure?: string } | undefined;
};

/** A client's name and the tape readings of one day. */
export function ClientForm({ keptAs, isNew, today, initial = {}, action, answer }: Props) {
  const unit = useUnit();
  const [texts, setTexts] = useKeptTexts(keptAs, { takenOn: today, unit, ...initial });
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [isTried, setTried] = useState(false);
  const isSaving = useNavigation().state !== "idle";
  useTextsInUnit(unit, texts, setTexts);

  const read = readClient(texts, isNew);
  const problems: ClientProblems = { ...answer?.problems, ...read.problems };
  const problemOf = (id: keyof ClientProblems) =>
    (left.has(id) || isTried || answer?.problems) && id in read.problems ? problems[id] : undefined;
  const leave = (id: string) => setLeft((before) => new Set(before).add(id));
  const count = Object.keys(read.problems).length;

  return (
    <Form
      method="post"
      action={action}
      noValidate
      onSubmit={(event) => {
        setTried(true);
        if (count > 0) event.preventDefault();
      }}
    >
      <input type="hidden" name="unit" value={unit} />
      <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "20rem minmax(0, 1fr) minmax(0, 1fr)" }} gap="10">
        <Flex direction="column" gap="4">
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
                  rows={4}
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
          <Text fontSize="sm" color="inkSoft">
            Tape on the body, no ease. Write {unit === "in" ? "11 3/4 or 11.75" : "29.8"}; Enter goes on to the next.
            Leave out what you did not take: it is estimated, and marked so, until you do.
          </Text>
        </Flex>
        {FIRST_MEASURES.map(({ title, ids }) => (
          <Box key={title}>
            <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="3">
              {title}
            </Heading>
            <Flex direction="column" gap="2.5">
              {ids.map((id) => (
                <MeasureBox
                  key={id}
                  id={id}
                  text={texts[id] ?? ""}
                  problem={problemOf(id)}
                  onText={(text) => setTexts({ [id]: text })}
                  onLeave={() => leave(id)}
                />
              ))}
            </Flex>
          </Box>
        ))}
      </Grid>
      <Flex mt="8" gap="4" align="center" wrap="wrap">
        <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Saving">
          {isNew ? "Add client" : "Keep these measures"}
        </Button>
        <Text role="alert" color="fault">
          {answer?.failure ??
            (isTried && count > 0
              ? count === 1
                ? "One box needs another look."
                : `${count} boxes need another look.`
              : "")}
        </Text>
      </Flex>
    </Form>
  );
}

type MeasureBoxProps = {
  readonly id: MeasureId;
  readonly text: string;
  readonly problem: string | undefined;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
};

function MeasureBox({ id, text, problem, onText, onLeave }: MeasureBoxProps) {
  const { term, howTaken } = measureOf(id);
  return (
    <LengthField id={id} label={term} hint={howTaken} value={text} problem={problem} onText={onText} onEnd={onLeave} />
  );
}

/** When the tape is switched, figures typed in the old unit are written in the new one: the lengths stay what they were. */
function useTextsInUnit(
  unit: TapeUnit,
  texts: Readonly<Record<string, string>>,
  setTexts: (changes: Readonly<Record<string, string>>) => void,
) {
  const latest = useRef(texts);
  latest.current = texts;
  useEffect(() => {
    const before = latest.current.unit === "cm" || latest.current.unit === "mm" ? latest.current.unit : "in";
    if (before === unit) return;
    const ids = FIRST_MEASURES.flatMap((group) => group.ids);
    const rewritten = ids.flatMap((id): [string, string][] => {
      const parsed = parseLength(latest.current[id] ?? "", before);
      return parsed.ok ? [[id, formatForTyping(parsed.mm, unit)]] : [];
    });
    setTexts({ unit, ...Object.fromEntries(rewritten) });
  }, [unit, setTexts]);
}
