import { LengthField } from "@app/components/length-field";
import { useUnit } from "@app/components/preferences";
import { type LengthBox, readLength } from "@core/spec/index";
import { useState } from "react";

const SIZE = { least: 5, most: 3000 };

/** A length that belongs to the screen and not to the garment: its text, and the millimetres once it can be read. */
export function useTypedLength(label: string) {
  const unit = useUnit();
  const [text, setText] = useState("");
  const field: LengthBox = { label, bounds: SIZE };
  const read = text.trim() === "" ? null : readLength(text, unit, field);
  return { text, setText, mm: read?.ok ? read.mm : null, problem: read && !read.ok ? read.problem.message : undefined };
}

type Props = { readonly id: string; readonly label: string; readonly field: ReturnType<typeof useTypedLength> };

export function TypedLength({ id, label, field }: Props) {
  return <LengthField id={id} label={label} value={field.text} onText={field.setText} problem={field.problem} />;
}
