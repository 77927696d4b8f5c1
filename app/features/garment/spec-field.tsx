import { LengthField } from "@app/components/length-field";
import { useUnit } from "@app/components/preferences";
import { speak } from "@core/draft/index";
import { LENGTH_FIELDS, readLength } from "@core/garment/index";
import { formatForTyping, formatLength } from "@core/tape/index";
import { type ReactNode, useRef, useState } from "react";
import { getAtPath } from "./spec-path";
import { useWork, useWorkStore } from "./work-context";
import { beginGesture } from "./work-store";

type Props = { readonly path: string; readonly label?: string; readonly hint?: ReactNode };

/**
 * A length of the garment in a box. A readable figure redrafts at once; an unreadable one stays in the box with its reason
 * while the last good draft stays on the sheet. An empty box means "not measured": the default is shown in its place.
 */
export function SpecField({ path, label, hint }: Props) {
  const field = LENGTH_FIELDS[path];
  if (!field) throw new Error(`SpecField: no field "${path}"`);
  const unit = useUnit();
  const store = useWorkStore();
  const [isFocused, setFocused] = useState(false);
  const endGesture = useRef<(() => void) | null>(null);
  const typed = useWork((work) => work.typed[path]);
  const given = useWork((work) => getAtPath(work.spec, path));
  const taken = useWork((work) => work.garment.defaults.find((d) => d.path === path));
  const { setField, setTyped } = store.getState();

  const written = typeof given === "number" ? formatForTyping(given, unit) : "";
  const read = typed === undefined || typed.trim() === "" ? null : readLength(typed, unit, field);
  const standsIn =
    typeof taken?.value === "number"
      ? `${formatLength(taken.value, unit, { withUnit: false })}${taken.isStandIn ? " est." : ""}`
      : undefined;

  const onText = (text: string) => {
    setTyped(path, text);
    if (text.trim() === "") return setField(path, undefined);
    const now = readLength(text, unit, field);
    if (now.ok) setField(path, now.mm);
  };
  const onBegin = () => {
    setFocused(true);
    endGesture.current ??= beginGesture(store);
  };
  const onEnd = () => {
    setFocused(false);
    if (typed !== undefined && (read === null || read.ok)) setTyped(path, null);
    endGesture.current?.();
    endGesture.current = null;
  };
  return (
    <LengthField
      id={path}
      label={label ?? field.label}
      value={isFocused || (read !== null && !read.ok) ? (typed ?? written) : written}
      onText={onText}
      onBegin={onBegin}
      onEnd={onEnd}
      problem={read && !read.ok && !isFocused ? read.problem.message : undefined}
      standsIn={standsIn}
      hint={hint ?? (taken?.isStandIn ? `Estimated: ${speak(taken.rule, unit)}.` : undefined)}
    />
  );
}
