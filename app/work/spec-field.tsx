import { LengthField } from "@app/components/length-field";
import { useTape } from "@app/components/preferences";
import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { formatLength, type Tape } from "@core/tape/index";
import type { ReactNode } from "react";
import { useLengthBox } from "./use-length-box";
import { useThrottledWork } from "./use-throttled-work";
import { wordsText } from "./words-text";

type Props = { readonly path: string; readonly label?: string; readonly hint?: ReactNode; readonly id?: string };

/** A length of the garment in a box, by its path; one that stands on a page twice has an id of its own the second time. While it is empty the default is shown in its place. */
export function SpecField({ path, label, hint, id = path }: Props) {
  const { field, box } = useLengthBox(path);
  const tape = useTape();
  const standsIn = useThrottledWork((work) => standInText(work.garment, path, tape));
  const estimate = useThrottledWork((work) => estimateText(work.garment, path, tape));
  const said = field.hint === undefined ? undefined : wordsText(field.hint, tape);
  return (
    <LengthField id={id} label={label ?? field.label} standsIn={standsIn} hint={estimate ?? hint ?? said} {...box} />
  );
}

function defaultTaken(garment: Garment, path: string) {
  return garment.defaults.find((taken) => taken.path === path);
}

function standInText(garment: Garment, path: string, tape: Tape): string | undefined {
  const taken = defaultTaken(garment, path);
  if (typeof taken?.value !== "number") return undefined;
  return `${formatLength(taken.value, tape, { withUnit: false })}${taken.isStandIn ? " est." : ""}`;
}

function estimateText(garment: Garment, path: string, tape: Tape): string | undefined {
  const taken = defaultTaken(garment, path);
  return taken?.isStandIn ? `Estimated: ${speak(taken.rule, tape)}.` : undefined;
}
