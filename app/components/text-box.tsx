import type { InputHTMLAttributes } from "react";

type Props = {
  readonly name: string;
  readonly label: string;
  readonly problem?: string | undefined;
  readonly hint?: string | undefined;
} & Pick<
  InputHTMLAttributes<HTMLInputElement>,
  | "type"
  | "autoComplete"
  | "defaultValue"
  | "maxLength"
  | "required"
  | "readOnly"
  | "list"
  | "min"
  | "max"
  | "placeholder"
>;

/** A box for a line of text on a plain page, with what is wrong with it below. */
export function TextBox({ name, label, problem, hint, ...input }: Props) {
  const says = problem ?? hint;
  return (
    <label className="text-box">
      <span>{label}</span>
      <input
        {...input}
        name={name}
        aria-invalid={problem !== undefined}
        aria-describedby={says === undefined ? undefined : `${name}-says`}
      />
      {says !== undefined && (
        <small id={`${name}-says`} data-problem={problem !== undefined}>
          {says}
        </small>
      )}
    </label>
  );
}
