import { sendAct } from "@app/components/send-act";
import type { Amended, ObservationId, Seen } from "@core/fitting/index";
import { useEffect, useRef, useState } from "react";

export type FittingTexts = {
  readonly note: string;
  readonly seen: readonly Seen[];
  readonly changes: readonly Amended[];
};

/** What stands on the page is sent when the hand rests for so long. */
const REST_MS = 700;

export type Kept =
  | { readonly state: "kept" | "waiting" | "sending" }
  | { readonly state: "failed"; readonly reason: string };

const NO_ANSWER = "The server does not answer: it is tried again with the next change.";

/** What was seen at a try-on and is to be changed for it, kept on the server a moment after each change. */
export function useFitting(address: string, begun: FittingTexts, mayChange: boolean) {
  const [fitting, setFitting] = useState(begun);
  const [kept, setKept] = useState<Kept>({ state: "kept" });
  const latest = useRef(fitting);
  const send = async (act: "keep" | "apply") => {
    setKept({ state: "sending" });
    const sent = latest.current;
    const answer = await post(address, { act, ...sent });
    setKept(
      answer.ok ? { state: latest.current === sent ? "kept" : "waiting" } : { state: "failed", reason: answer.reason },
    );
    return answer;
  };
  const change = (next: Partial<FittingTexts>) => {
    latest.current = { ...latest.current, ...next };
    setFitting(latest.current);
    setKept({ state: "waiting" });
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: it waits anew after each change, and for nothing else
  useEffect(() => {
    if (kept.state !== "waiting" || !mayChange) return;
    const timer = setTimeout(() => void send("keep"), REST_MS);
    return () => clearTimeout(timer);
  }, [kept, fitting]);
  return {
    ...fitting,
    kept,
    change,
    apply: () => send("apply"),
    /** One observation noted, or taken out with its changes. */
    toggle: (what: ObservationId, amends: readonly Amended["id"][]) => {
      const { seen, changes } = latest.current;
      if (seen.some((one) => one.what === what))
        return change({
          seen: seen.filter((one) => one.what !== what),
          changes: changes.filter(({ id }) => !amends.includes(id)),
        });
      change({ seen: [...seen, { what, words: "", marks: [] }] });
    },
  };
}

type Answer =
  | { readonly ok: true; readonly appliedAs: number | null }
  | { readonly ok: false; readonly reason: string };

async function post(address: string, body: object): Promise<Answer> {
  try {
    const response = await sendAct(address, body);
    const answer: unknown = await response.json();
    if (response.ok && typeof answer === "object" && answer !== null && "appliedAs" in answer)
      return { ok: true, appliedAs: typeof answer.appliedAs === "number" ? answer.appliedAs : null };
    const reason = typeof answer === "object" && answer !== null && "reason" in answer ? answer.reason : null;
    return { ok: false, reason: typeof reason === "string" ? reason : NO_ANSWER };
  } catch {
    return { ok: false, reason: NO_ANSWER };
  }
}
