import { sendAct } from "@app/components/send-act";
import { useWorkStore } from "@app/work/work-context";
import type { Verdict } from "@core/practice/index";
import { writeGarment } from "@core/spec/index";
import { useCallback, useState } from "react";
import { useFetcher } from "react-router";

export type PracticeAnswer =
  | { readonly ok: true; readonly verdict: Verdict; readonly isKept: boolean }
  | { readonly ok: false; readonly reason: string };

export type ShownAttempt = {
  readonly id: string;
  readonly label: string;
  readonly valueMm: number;
  readonly answerMm: number;
  readonly grade: "right" | "near" | "wrong";
  readonly createdAt: Date | string;
};

/** Asking for a verdict, and the record of what was answered before. */
export function usePractice(garmentId: string) {
  const store = useWorkStore();
  const record = useFetcher<readonly ShownAttempt[]>({ key: `practice-${garmentId}` });
  const [answers, setAnswers] = useState<{ readonly [figure: string]: PracticeAnswer }>({});
  const [texts, setTexts] = useState<{ readonly [figure: string]: string }>({});
  const { load } = record;
  const address = `/garments/${garmentId}/practice-answers`;
  const refresh = useCallback(() => load(address), [load, address]);
  const check = async (part: string, figure: string, answerMm: number) => {
    const file = writeGarment(store.getState().spec, "mm");
    const sent = await sendAct(address, { file, part, figure, answerMm }).catch(() => null);
    const judged: PracticeAnswer | null = sent ? await sent.json().catch(() => null) : null;
    setAnswers((before) => ({
      ...before,
      [figure]: judged ?? {
        ok: false,
        reason: "The answer could not be judged: the server does not answer. Try again in a moment.",
      },
    }));
    await refresh();
  };
  /** A verdict is of the text it was given for: writing takes it away. */
  const write = (figure: string, text: string) => {
    setTexts((before) => ({ ...before, [figure]: text }));
    setAnswers(({ [figure]: _before, ...others }) => others);
  };
  return { texts, answers, attempts: record.data ?? null, refresh, check, write };
}
