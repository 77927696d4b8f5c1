import type { Shown, wearGarment } from "@app/workers/wear-toile";
import type { GarmentSpec } from "@core/spec/index";
import type { ArmPose } from "@core/toile/index";
import { proxy, type Remote, wrap } from "comlink";
import { startTransition, useCallback, useEffect, useRef, useState } from "react";

export type ToileState = {
  readonly shown: Shown | null;
  /** What is being done and how far it is, from 0 to 1; null while nothing is. */
  readonly progress: { readonly says: string; readonly share: number } | null;
  /** Why there is nothing to wear, in a sentence. */
  readonly why: string | null;
  readonly stop: () => void;
  readonly again: () => void;
};

/** A figure that is typed is worn once the hand rests. */
const RESTS_MS = 450;

/** The garment worn in a worker, anew whenever it or the pose changes; what comes too late is passed over. Stopping ends the worker. */
export function useToile(spec: GarmentSpec, pose: ArmPose): ToileState {
  const [shown, setShown] = useState<Shown | null>(null);
  const [progress, setProgress] = useState<ToileState["progress"]>(null);
  const [why, setWhy] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const worker = useRef<{ readonly own: Worker; readonly wear: Remote<typeof wearGarment> } | null>(null);
  const isFirst = useRef(true);
  const isBusy = useRef(false);
  const end = useCallback(() => {
    worker.current?.own.terminate();
    worker.current = null;
  }, []);
  const stop = useCallback(() => {
    end();
    setProgress(null);
  }, [end]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new round is the same toile begun again
  useEffect(() => {
    let isCurrent = true;
    const begin = () => {
      // A toile that is still being hung is not waited for.
      if (worker.current && isBusy.current) end();
      if (!worker.current) {
        const own = new Worker(new URL("../../workers/wear-toile.worker.ts", import.meta.url), { type: "module" });
        worker.current = { own, wear: wrap<typeof wearGarment>(own) };
      }
      isBusy.current = true;
      setProgress({ says: "The garment is drafted", share: 0 });
      const tell = (says: string, share: number) => {
        if (isCurrent) startTransition(() => setProgress({ says, share }));
      };
      const show = (next: Shown) => {
        // What is typed meanwhile comes first.
        if (isCurrent) startTransition(() => setShown(next));
      };
      worker.current.wear(spec, pose, proxy(tell), proxy(show)).then(
        (sentence) => {
          if (!isCurrent) return;
          isBusy.current = false;
          setWhy(sentence);
          setProgress(null);
        },
        () => {
          if (!isCurrent) return;
          isBusy.current = false;
          setWhy("The toile could not be hung with these figures.");
          setProgress(null);
        },
      );
    };
    const timer = setTimeout(begin, isFirst.current ? 0 : RESTS_MS);
    isFirst.current = false;
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [spec, pose, round, end]);
  useEffect(() => end, [end]);

  return { shown, progress, why, stop, again: () => setRound((n) => n + 1) };
}
