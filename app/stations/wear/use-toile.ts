import type { Shown, TellCaps, TellTries } from "@app/workers/wear-toile";
import type { ToileWorker } from "@app/workers/wear-toile.worker";
import type { GarmentSpec } from "@core/spec/index";
import type { ArmPose, FitGoalId, FitResult, TradePoint } from "@core/toile/index";
import { proxy, type Remote, wrap } from "comlink";
import { startTransition, useCallback, useEffect, useRef, useState } from "react";
import { createStore, type StoreApi } from "zustand";

/** What is being done and how far it is, from 0 to 1; null while nothing is. */
export type Doing = { readonly says: string; readonly share: number } | null;

export type ToileState = {
  readonly shown: Shown | null;
  readonly isBusy: boolean;
  /** Was it stopped before it had hung? */
  readonly isStopped: boolean;
  /** Told many times a second, and so kept apart: whoever shows it follows it. */
  readonly doing: StoreApi<Doing>;
  /** Why there is nothing to wear, in a sentence. */
  readonly why: string | null;
  readonly stop: () => void;
  readonly again: () => void;
  /** Looks for a figure on the toile that hangs; null where none does, or it was stopped. */
  readonly lookFor: LookFor;
  /** Wears other caps of the same armhole; null as lookFor. */
  readonly tryCaps: (tell: TellCaps) => Promise<readonly TradePoint[] | null>;
  readonly stopLooking: () => void;
};

export type LookFor = (goal: FitGoalId, target: number, tell: TellTries) => Promise<FitResult | null>;

/** A figure that is typed is worn once the hand rests. */
const RESTS_MS = 450;

/**
 * The garment worn in a worker, anew whenever it or the pose changes; what comes too late is passed over. Whether it is stopped or asked for another,
 * the worker goes on from what hung last.
 */
export function useToile(spec: GarmentSpec, pose: ArmPose): ToileState {
  const [shown, setShown] = useState<Shown | null>(null);
  const [doing] = useState(() => createStore<Doing>(() => null));
  const [isBusy, setIsBusy] = useState(false);
  const [isStopped, setIsStopped] = useState(false);
  const [why, setWhy] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const worker = useRef<{ readonly own: Worker; readonly toiles: Remote<ToileWorker> } | null>(null);
  /** What is opened, or asked for by a press, is worn at once. */
  const waits = useRef(0);
  const rest = useCallback(() => {
    setIsBusy(false);
    doing.setState(null, true);
  }, [doing]);
  const end = useCallback(() => {
    worker.current?.own.terminate();
    worker.current = null;
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new round is the same toile begun again
  useEffect(() => {
    let isCurrent = true;
    const begin = () => {
      worker.current ??= toileWorker();
      setIsBusy(true);
      setIsStopped(false);
      doing.setState({ says: "The garment is drafted", share: 0 }, true);
      const progress = (says: string, share: number) => {
        // What is told after it was stopped says nothing any more.
        if (isCurrent) doing.setState((now) => now && { says, share }, true);
      };
      // What is typed meanwhile comes first.
      const show = (next: Shown) => {
        if (isCurrent) startTransition(() => setShown(next));
      };
      const ended = (sentence: string | null) => {
        if (!isCurrent) return;
        setWhy(sentence);
        rest();
      };
      worker.current.toiles.wear(spec, pose, proxy({ progress, shown: show })).then(ended, () => {
        // Whatever it is that it broke over, it does not go on from there.
        end();
        ended("The toile could not be hung with these figures.");
      });
    };
    const timer = setTimeout(begin, waits.current);
    waits.current = RESTS_MS;
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [spec, pose, round, doing, end, rest]);
  useEffect(() => end, [end]);

  const stop = useCallback(() => {
    void worker.current?.toiles.stop();
    setIsStopped(true);
    rest();
  }, [rest]);
  const again = useCallback(() => {
    waits.current = 0;
    setIsStopped(false);
    setIsBusy(true);
    setRound((n) => n + 1);
  }, []);
  const stopLooking = useCallback(() => void worker.current?.toiles.stop(), []);
  const lookFor = useCallback<LookFor>(
    (goal, target, tell) => worker.current?.toiles.fit(spec, goal, target, proxy(tell)) ?? Promise.resolve(null),
    [spec],
  );
  const tryCaps = useCallback<ToileState["tryCaps"]>(
    (tell) => worker.current?.toiles.tryCaps(spec, proxy(tell)) ?? Promise.resolve(null),
    [spec],
  );
  return { shown, isBusy, isStopped, doing, why, stop, again, lookFor, tryCaps, stopLooking };
}

function toileWorker() {
  const own = new Worker(new URL("../../workers/wear-toile.worker.ts", import.meta.url), { type: "module" });
  return { own, toiles: wrap<ToileWorker>(own) };
}
