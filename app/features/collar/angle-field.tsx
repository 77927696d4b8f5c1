import { LengthField } from "@app/components/length-field";
import { useWork, useWorkStore } from "@app/features/garment/work-context";
import { beginGesture } from "@app/features/garment/work-store";
import { COLLAR_FIELDS, type CollarFieldName } from "@core/collar/index";
import { useRef, useState } from "react";

/** An angle of the collar in a box, in degrees. What cannot be one stays in the box and is said under it. */
export function AngleField({ name }: { readonly name: CollarFieldName }) {
  const store = useWorkStore();
  const { label, bounds } = COLLAR_FIELDS[name];
  const path = `collar.${name}`;
  const given = useWork((work) => work.spec.collar?.[name]);
  const usual = useWork((work) => work.garment.resolved.collar?.figures[name]);
  const typed = useWork((work) => work.typed[path]);
  const [isFocused, setFocused] = useState(false);
  const endGesture = useRef<(() => void) | null>(null);
  const { setField, setTyped } = store.getState();
  const read = (text: string) => Number(text.trim().replace(",", ".").replace(/°$/, ""));
  const isGood = (text: string) => text.trim() === "" || (read(text) >= bounds.least && read(text) <= bounds.most);
  const isBad = typed !== undefined && !isGood(typed);
  return (
    <LengthField
      id={path}
      label={label}
      unit="°"
      value={isFocused || isBad ? (typed ?? `${given ?? ""}`) : `${given ?? ""}`}
      standsIn={usual === undefined ? undefined : `${usual}`}
      problem={
        isBad && !isFocused
          ? `${label}: “${typed}” has to be a number of degrees from ${bounds.least} to ${bounds.most}.`
          : undefined
      }
      onText={(text) => {
        setTyped(path, text);
        if (text.trim() === "") setField(path, undefined);
        else if (isGood(text)) setField(path, read(text));
      }}
      onBegin={() => {
        setFocused(true);
        endGesture.current ??= beginGesture(store);
      }}
      onEnd={() => {
        setFocused(false);
        if (!isBad && typed !== undefined) setTyped(path, null);
        endGesture.current?.();
        endGesture.current = null;
      }}
    />
  );
}
