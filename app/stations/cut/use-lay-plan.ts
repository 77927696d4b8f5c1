import { MOST_TRIES, type searchPlans } from "@app/workers/lay-plan";
import type { ClothOnTable, LayPiece, LayPlan } from "@core/cut/index";
import { proxy, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";

export type LaySearch = {
  readonly plan: LayPlan | null;
  /** From 0 to 1 while it is looked for; null when nothing is being done. */
  readonly progress: number | null;
  readonly stop: () => void;
  readonly again: () => void;
};

/** The best plan found so far for these pieces on this cloth, looked for in a worker; stopping ends the worker at once and keeps what it found. */
export function useLayPlan(pieces: readonly LayPiece[], table: ClothOnTable): LaySearch {
  const [plan, setPlan] = useState<LayPlan | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [round, setRound] = useState(0);
  const worker = useRef<Worker | null>(null);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setProgress(null);
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new round is the same search begun again
  useEffect(() => {
    setPlan(null);
    if (pieces.length === 0) return setProgress(null);
    const own = new Worker(new URL("../../workers/lay-plan.worker.ts", import.meta.url), { type: "module" });
    worker.current = own;
    setProgress(0);
    const tell = (found: LayPlan | null, tries: number) => {
      if (worker.current !== own) return;
      if (found) setPlan(found);
      setProgress(tries >= MOST_TRIES ? null : tries / MOST_TRIES);
    };
    wrap<typeof searchPlans>(own)(pieces, table, proxy(tell)).then(() => {
      if (worker.current === own) setProgress(null);
    });
    return () => own.terminate();
  }, [pieces, table, round]);

  return { plan, progress, stop, again: () => setRound((n) => n + 1) };
}
