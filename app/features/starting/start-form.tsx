import { ActForm } from "@app/components/act-form";
import { useKeptTexts } from "@app/components/kept-texts";
import { LengthField } from "@app/components/length-field";
import { useUnit } from "@app/components/preferences";
import { useTextsInUnit } from "@app/components/texts-in-unit";
import { readClient } from "@app/features/clients/client-texts";
import { isAngle } from "@app/measures/measure-text";
import { TapePanel } from "@app/tape/tape-panel";
import { Button, Field, Input, NativeSelect, Text } from "@chakra-ui/react";
import { type Body, bodyOf, MEASURE_IDS } from "@core/body/index";
import { LENGTH_FIELDS } from "@core/spec/index";
import { useState } from "react";
import { useNavigation, useSearchParams } from "react-router";
import { FirstMeasures } from "./first-measures";
import { PointChoice, type PointShown } from "./point-choice";
import { readReadings } from "./reading-texts";

export const NEW_CLIENT = "new";
export const LONGEST_NAME = 120;

/** What is wrong with a box, by its name. */
export type Problems = Readonly<Partial<Record<string, string>>>;
export type StartAnswer = { readonly problems: readonly string[]; readonly boxes: Problems };

type Props = {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  /** What the chosen client measures, for whom the pictures are drawn. */
  readonly taken: Body;
  readonly chosenClient: string;
  readonly points: readonly PointShown[];
  /** What clients were looked for by; null where all of them are in the list. */
  readonly words: string | null;
  readonly answer: StartAnswer | undefined;
};

/** What is to be made, for whom, and the measures that it is drafted by: all that a garment starts from, on one page. */
export function StartForm({ clients, taken, chosenClient, points, words, answer }: Props) {
  const unit = useUnit();
  const [, setSearch] = useSearchParams();
  const isSaving = useNavigation().state !== "idle";
  const [texts, setTexts] = useKeptTexts("gamine-new-garment", { unit });
  useTextsInUnit(unit, texts, LENGTHS, setTexts);
  const [isTried, setTried] = useState(false);
  const isNew = chosenClient === NEW_CLIENT;
  const point = points.find(({ id }) => id === texts.point) ?? points[0];
  const read = readClient({ ...texts, name: texts.clientName ?? "", takenOn: "2000-01-01" }, isNew);
  const readings = readReadings(texts, unit, point?.readings ?? []);
  const wrong = { ...read.problems, ...readings.problems };
  const problems: Problems = { ...answer?.boxes, ...(isTried ? wrong : {}) };
  const count = Object.keys(wrong).length;
  const choose = (client: string) =>
    setSearch(words === null ? { client } : { client, q: words }, { replace: true, preventScrollReset: true });
  return (
    <ActForm
      encType="multipart/form-data"
      noValidate
      onSubmit={(event) => {
        setTried(true);
        if (count > 0) event.preventDefault();
      }}
    >
      <input type="hidden" name="unit" value={unit} />
      <div className="start-columns">
        <PointChoice points={points} chosen={point?.id ?? ""} onChoose={(id) => setTexts({ point: id })} />
        <section className="start-person" aria-label="Who it is for, and the measures">
          <Field.Root>
            <Field.Label fontSize="sm">For</Field.Label>
            <NativeSelect.Root>
              <NativeSelect.Field
                name="client"
                value={chosenClient}
                bg="panel"
                borderColor="ruleStrong"
                onChange={(event) => choose(event.currentTarget.value)}
              >
                {clients.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
                <option value={NEW_CLIENT}>A new client</option>
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          </Field.Root>
          <div className={isNew ? "start-names" : ""}>
            {isNew && (
              <Field.Root invalid={problems.name !== undefined}>
                <Field.Label fontSize="sm">Name of the client</Field.Label>
                <Input
                  name="clientName"
                  value={texts.clientName ?? ""}
                  autoComplete="off"
                  bg="panel"
                  borderColor="ruleStrong"
                  onChange={(event) => setTexts({ clientName: event.currentTarget.value })}
                />
                <Field.ErrorText color="fault">{problems.name}</Field.ErrorText>
              </Field.Root>
            )}
            <Field.Root>
              <Field.Label fontSize="sm">Name of the garment</Field.Label>
              <Input
                name="name"
                value={texts.name ?? ""}
                placeholder={point?.name}
                _placeholder={{ color: "inkSoft" }}
                autoComplete="off"
                bg="panel"
                borderColor="ruleStrong"
                maxLength={LONGEST_NAME}
                onChange={(event) => setTexts({ name: event.currentTarget.value })}
              />
            </Field.Root>
          </div>
          {point && point.readings.length > 0 && (
            <div className="start-boxes">
              {point.readings.map((path) => (
                <LengthField
                  key={path}
                  id={path}
                  label={LENGTH_FIELDS[path]?.label ?? path}
                  value={texts[path] ?? ""}
                  problem={problems[path]}
                  onText={(text) => setTexts({ [path]: text })}
                />
              ))}
            </div>
          )}
          {point && (
            <FirstMeasures
              reads={point.reads}
              taken={isNew ? NOTHING : taken}
              body={{ ...(isNew ? NOTHING : taken), ...bodyOf(read.measures) }}
              texts={texts}
              problems={problems}
              onText={(id, text) => setTexts({ [id]: text })}
            />
          )}
          <TapePanel />
          <details className="start-more" open={answer?.problems.some((told) => told.includes(".json")) || undefined}>
            <summary>Start from a garment file instead</summary>
            <Text fontSize="sm" color="inkSoft" my="2">
              A .json file that was downloaded from Gamine. Its own measures are used.
            </Text>
            <input type="file" name="file" accept=".json,application/json" aria-label="Garment file" />
          </details>
          <div className="start-act">
            {(answer?.problems ?? []).map((problem) => (
              <Text key={problem} role="alert" color="fault">
                {problem}
              </Text>
            ))}
            {isTried && count > 0 && (
              <Text role="alert" color="fault">
                {count === 1 ? "One box needs another look." : `${count} boxes need another look.`}
              </Text>
            )}
            <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Starting">
              Start the garment
            </Button>
          </div>
        </section>
      </div>
    </ActForm>
  );
}

const NOTHING: Body = {};
/** What is written anew when the tape is switched: an angle is the same in any unit. */
const LENGTHS = [...MEASURE_IDS.filter((id) => !isAngle(id)), ...Object.keys(LENGTH_FIELDS)];
