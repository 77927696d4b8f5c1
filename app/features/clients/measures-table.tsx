import { LengthText } from "@app/components/length-text";
import { Table, Text } from "@chakra-ui/react";
import { measureOf, splitTakenId, TAKEN_IDS, type Taken, type TakenId } from "@core/body/index";

export type ShownSet = { readonly id: string; readonly day: string; readonly measures: Taken };

/** A tape reads to a millimetre; less is no change. */
const CHANGE_MM = 1;

type Props = {
  readonly sets: readonly ShownSet[];
  /** All measurings, newest first: a figure is compared with the last time it was taken, however long ago. */
  readonly history: readonly ShownSet[];
};

/** Measurings side by side, newest first, each figure with what it changed by since it was last taken. */
export function MeasuresTable({ sets, history }: Props) {
  const before = (set: ShownSet, id: TakenId) =>
    history.slice(history.indexOf(set) + 1).find((older) => older.measures[id] !== undefined)?.measures[id];
  const taken = TAKEN_IDS.filter((id) => sets.some((set) => set.measures[id] !== undefined));
  return (
    <Table.Root variant="line" color="ink" mt="2" fontSize="md">
      <Table.Header>
        <Table.Row bg="transparent">
          <Table.ColumnHeader color="inkSoft" borderColor="ruleStrong">
            Measurement
          </Table.ColumnHeader>
          {sets.map((set, index) => (
            <Table.ColumnHeader
              key={set.id}
              color="inkSoft"
              borderColor="ruleStrong"
              textAlign="end"
              display={index === 0 ? undefined : DESK_ONLY}
            >
              {set.day}
            </Table.ColumnHeader>
          ))}
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {taken.map((id) => (
          <Table.Row key={id} bg="transparent" data-measure={id}>
            <Table.Cell title={measureOf(splitTakenId(id).measure).howTaken}>{nameOf(id)}</Table.Cell>
            {sets.map((set, index) => (
              <Table.Cell
                key={set.id}
                textAlign="end"
                fontWeight={index === 0 ? "600" : "400"}
                whiteSpace="nowrap"
                display={index === 0 ? undefined : DESK_ONLY}
              >
                <Figure mm={set.measures[id]} before={before(set, id)} />
              </Table.Cell>
            ))}
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}

/** On a phone only the newest is shown, with its changes. */
const DESK_ONLY = { base: "none", md: "table-cell" };

function nameOf(id: TakenId): string {
  const { measure, side } = splitTakenId(id);
  return side ? `${measureOf(measure).term}, ${side}` : measureOf(measure).term;
}

function Figure({ mm, before }: { readonly mm: number | undefined; readonly before: number | undefined }) {
  if (mm === undefined) return <>–</>;
  const change = before === undefined ? 0 : mm - before;
  return (
    <>
      {Math.abs(change) >= CHANGE_MM && (
        <Text as="span" color="chalk" fontSize="sm" fontWeight="400" mr="2" data-change>
          <LengthText mm={change} signed withUnit={false} />
        </Text>
      )}
      <LengthText mm={mm} />
    </>
  );
}
