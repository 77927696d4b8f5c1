import { LengthField } from "@app/components/length-field";
import { useUnit } from "@app/components/preferences";
import { speak } from "@core/draft/index";
import { fieldPath, type Garment, LENGTH_FIELDS, readLength } from "@core/garment/index";
import { formatForTyping, formatLength, type TapeUnit } from "@core/tape/index";
import { type ReactNode, useRef, useState } from "react";
import { getAtPath } from "./spec-path";
import { useCalmWork } from "./use-calm-work";
import { useWork, useWorkStore } from "./work-context";
import { beginGesture } from "./work-store";

type Props = { readonly path: string; readonly label?: string; readonly hint?: ReactNode };

/**
 * A length of the garment in a box. A readable figure redrafts at once; an unreadable one stays in the box with its reason
 * while the last good draft stays on the sheet. An empty box means "not measured": the default is shown in its place.
 */
export function SpecField({ path, label, hint }: Props) {
  const field = LENGTH_FIELDS[fieldPath(path)];
  if (!field) throw new Error(`SpecField: no field "${path}"`);
  const unit = useUnit();
  const store = useWorkStore();
  const [isFocused, setFocused] = useState(false);
  const gesture = useRef<{ readonly end: () => void; readonly before: unknown } | null>(null);
  const typed = useWork((work) => work.typed[path]);
  const given = useCalmWork((work) => getAtPath(work.spec, path));
  const standsIn = useCalmWork((work) => standInText(work.garment, path, unit));
  const estimate = useCalmWork((work) => estimateText(work.garment, path, unit));
  const { setField, setTyped } = store.getState();

  const written = typeof given === "number" ? formatForTyping(given, unit) : "";
  const read = typed === undefined || typed.trim() === "" ? null : readLength(typed, unit, field);

  const onText = (text: string) => {
    setTyped(path, text);
    if (text.trim() === "") return setField(path, undefined);
    const now = readLength(text, unit, field);
    if (now.ok) setField(path, now.mm);
  };
  const onBegin = () => {
    setFocused(true);
    gesture.current ??= { end: beginGesture(store), before: getAtPath(store.getState().spec, path) };
  };
  const onEnd = () => {
    setFocused(false);
    // On the way to an unreadable figure its first digits may have been read: the draft goes back to the figure before.
    if (read && !read.ok) setField(path, gesture.current?.before);
    else if (typed !== undefined) setTyped(path, null);
    gesture.current?.end();
    gesture.current = null;
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
      hint={hint ?? estimate}
    />
  );
}

function defaultTaken(garment: Garment, path: string) {
  return garment.defaults.find((taken) => taken.path === path);
}

function standInText(garment: Garment, path: string, unit: TapeUnit): string | undefined {
  const taken = defaultTaken(garment, path);
  if (typeof taken?.value !== "number") return undefined;
  return `${formatLength(taken.value, unit, { withUnit: false })}${taken.isStandIn ? " est." : ""}`;
}

function estimateText(garment: Garment, path: string, unit: TapeUnit): string | undefined {
  const taken = defaultTaken(garment, path);
  return taken?.isStandIn ? `Estimated: ${speak(taken.rule, unit)}.` : undefined;
}
