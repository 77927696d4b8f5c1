import { sendAct } from "@app/components/send-act";
import { useEffect, useState } from "react";

const isSteps = (answer: unknown): answer is readonly string[] =>
  Array.isArray(answer) && answer.every((one) => typeof one === "string");

const NOT_KEPT = "The tick could not be kept: the server does not answer. Tick it again in a moment.";

/** The steps that are done, as the server keeps them for everybody; a tick that could not be kept is taken back and told. */
export function useMadeSteps(garmentId: string) {
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const address = `/garments/${garmentId}/made`;
  useEffect(() => {
    const stop = new AbortController();
    fetch(address, { signal: stop.signal })
      .then(async (response) => {
        const answer: unknown = await response.json();
        if (response.ok && isSteps(answer)) setDone(new Set(answer));
      })
      // Without an answer nothing is ticked; the notes can be read all the same.
      .catch(() => {});
    return () => stop.abort();
  }, [address]);
  const tick = async (step: string, isDone: boolean) => {
    const before = done;
    const next = new Set(done);
    if (isDone) next.add(step);
    else next.delete(step);
    setDone(next);
    setProblem(null);
    try {
      const response = await sendAct(address, { step, isDone });
      const answer: unknown = await response.json();
      if (!response.ok || !isSteps(answer)) throw new Error(NOT_KEPT);
      setDone(new Set(answer));
    } catch {
      setDone(before);
      setProblem(NOT_KEPT);
    }
  };
  return { done, tick, problem };
}
