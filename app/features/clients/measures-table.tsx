import { useTape } from "@app/components/preferences";
import { measureText } from "@app/measures/measure-text";
import { type MeasureId, measureOf, splitTakenId, TAKEN_IDS, type Taken, type TakenId } from "@core/body/index";

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
    <table className="list-table measures-table">
      <thead>
        <tr>
          <th>Measurement</th>
          {sets.map((set, index) => (
            <th key={set.id} className={classOf(index)}>
              {set.day}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {taken.map((id) => (
          <tr key={id} data-measure={id}>
            <td title={measureOf(splitTakenId(id).measure).howTaken}>{nameOf(id)}</td>
            {sets.map((set, index) => (
              <td key={set.id} className={classOf(index)}>
                <Figure id={splitTakenId(id).measure} mm={set.measures[id]} before={before(set, id)} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** On a phone only the newest is shown, with its changes. */
const classOf = (index: number) => (index === 0 ? "figure newest" : "figure desk-only");

function nameOf(id: TakenId): string {
  const { measure, side } = splitTakenId(id);
  return side ? `${measureOf(measure).term}, ${side}` : measureOf(measure).term;
}

type FigureProps = { readonly id: MeasureId; readonly mm: number | undefined; readonly before: number | undefined };

function Figure({ id, mm, before }: FigureProps) {
  const tape = useTape();
  if (mm === undefined) return <>–</>;
  const change = before === undefined ? 0 : mm - before;
  return (
    <>
      {Math.abs(change) >= CHANGE_MM && (
        <span className="change" data-change>
          {measureText(id, change, tape, { signed: true, withUnit: false })}
        </span>
      )}
      {measureText(id, mm, tape)}
    </>
  );
}
