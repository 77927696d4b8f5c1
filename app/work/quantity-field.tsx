import { LengthField } from "@app/components/length-field";
import { useTape } from "@app/components/preferences";
import { QUANTITY_FIELDS, readQuantity } from "@core/spec/index";
import type { ReactNode } from "react";
import { getAtPath } from "./spec-path";
import { useFigureBox } from "./use-figure-box";
import { wordsText } from "./words-text";
import { useWork } from "./work-context";

type Props = {
  readonly path: string;
  /** What is meant while it is empty; left out: the default that the garment took. */
  readonly usual?: number;
  readonly hint?: ReactNode;
  readonly id?: string;
};

/** A figure of the garment in a unit of its own, by its path; one that stands on a page twice has an id of its own the second time. While it is empty the usual one is shown in its place. */
export function QuantityField({ path, usual, hint, id = path }: Props) {
  const field = QUANTITY_FIELDS[path];
  if (!field) throw new RangeError(`QuantityField: no quantity at "${path}"`);
  const tape = useTape();
  const given = useWork((work) => getAtPath(work.spec, path));
  const taken = useWork((work) => work.garment.defaults.find((one) => one.path === path));
  const standsIn = usual ?? (typeof taken?.value === "number" ? Math.round(taken.value * 10) / 10 : undefined);
  const box = useFigureBox({
    path,
    written: typeof given === "number" ? `${given}` : "",
    read: (text) => readQuantity(text, field),
  });
  return (
    <LengthField
      id={id}
      label={field.label}
      unit={field.sign ?? ""}
      hint={hint ?? (field.hint === undefined ? undefined : wordsText(field.hint, tape))}
      standsIn={standsIn === undefined ? undefined : `${standsIn}${taken?.isStandIn ? " est." : ""}`}
      {...box}
    />
  );
}
