import { ChoiceSelect } from "@app/components/choice-select";
import { useTape } from "@app/components/preferences";
import { choiceAt } from "@core/resolve/index";
import { type ChoiceField, fieldAt } from "@core/spec/index";
import type { ReactNode } from "react";
import { QuantityField } from "./quantity-field";
import { SpecField } from "./spec-field";
import { getAtPath } from "./spec-path";
import { useThrottledWork } from "./use-throttled-work";
import { wordsText } from "./words-text";
import { useWorkStore } from "./work-context";

export type FieldBoxProps = {
  readonly path: string;
  /** In place of what the table of fields says beside the box. */
  readonly hint?: ReactNode;
  /** What choosing does, where that is more than to set the field. */
  readonly onChoose?: (option: string) => void;
};

/** A field of the garment by its path, as its line in the table of fields has it: a length or a quantity in a box, a choice in a list. */
export function FieldBox({ path, hint, onChoose }: FieldBoxProps) {
  const field = fieldAt(path);
  switch (field?.kind) {
    case "length":
      return <SpecField path={path} hint={hint} />;
    case "quantity":
    case "angle":
      return <QuantityField path={path} hint={hint} />;
    case "choice":
      return <ChoiceBox path={path} field={field} hint={hint} onChoose={onChoose} />;
    default:
      throw new RangeError(`FieldBox: no figure and no choice at "${path}"`);
  }
}

/** Stands for leaving a choice open: no option of any field is called so. */
const OPEN = "";

type ChoiceProps = Omit<FieldBoxProps, "onChoose"> & {
  readonly field: ChoiceField;
  readonly onChoose: FieldBoxProps["onChoose"];
};

function ChoiceBox({ path, field, hint, onChoose }: ChoiceProps) {
  const store = useWorkStore();
  const tape = useTape();
  const value = useThrottledWork((work) =>
    field.open === undefined
      ? (choiceAt({ spec: work.spec, resolved: work.garment.resolved }, path) ?? OPEN)
      : (getAtPath(work.spec, path) ?? OPEN),
  );
  const summary = field.words[`${value}`]?.summary;
  const choose = (option: string) => {
    if (onChoose) return onChoose(option);
    // What is usual is left out of the file, as if nobody had chosen.
    store.getState().setField(path, option === OPEN || option === field.usual ? undefined : option);
  };
  return (
    <ChoiceSelect
      id={path}
      label={field.label}
      value={`${value}`}
      choices={[
        ...(field.open === undefined ? [] : [{ value: OPEN, label: wordsText(field.open, tape) }]),
        ...field.options.map((option) => ({
          value: option,
          label: wordsText(field.words[option]?.name ?? option, tape),
        })),
      ]}
      onChoose={choose}
      hint={hint ?? (summary === undefined ? undefined : wordsText(summary, tape))}
    />
  );
}
