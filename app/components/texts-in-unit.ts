import { formatForTyping, isTapeUnit, parseLength, type TapeUnit } from "@core/tape/index";
import { useEffect, useRef } from "react";

type Texts = Readonly<Record<string, string>>;

/**
 * When the tape is switched, the lengths of a form that were typed in the old unit are written in the new one: they stay what
 * they were. The form's own `unit` says in which unit its texts are.
 */
export function useTextsInUnit(
  unit: TapeUnit,
  texts: Texts,
  lengths: readonly string[],
  setTexts: (changes: Texts) => void,
) {
  const latest = useRef({ texts, lengths });
  latest.current = { texts, lengths };
  useEffect(() => {
    const { texts: now, lengths: ids } = latest.current;
    const before = isTapeUnit(now.unit) ? now.unit : "in";
    if (before === unit) return;
    const rewritten = ids.flatMap((id): [string, string][] => {
      const parsed = parseLength(now[id] ?? "", before);
      return parsed.ok ? [[id, formatForTyping(parsed.mm, unit)]] : [];
    });
    setTexts({ unit, ...Object.fromEntries(rewritten) });
  }, [unit, setTexts]);
}
