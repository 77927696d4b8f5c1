import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { useStore } from "zustand";
import { forgetKeptWork, keepWork } from "./kept-work";
import type { WorkState, WorkStore } from "./work-store";

const WorkContext = createContext<WorkStore | null>(null);

/** Writing at every frame of a drag would cost more than drawing it. */
const KEEP_AFTER_MS = 250;

type Props = {
  readonly garmentId: string;
  /** The work as it was begun when the garment was opened; it goes on in the same one until another garment is. */
  readonly begun: WorkStore;
  readonly children: ReactNode;
};

/** Holds the garment on the table for everything under it, and keeps unsaved work in the browser. */
export function WorkProvider({ garmentId, begun, children }: Props) {
  const [store] = useState(begun);
  useKeptWork(store, garmentId);
  return <WorkContext value={store}>{children}</WorkContext>;
}

function useKeptWork(store: WorkStore, garmentId: string) {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const keepNow = () => {
      clearTimeout(timer);
      timer = undefined;
      const { spec, typed, savedSpec, savedVersion } = store.getState();
      if (spec === savedSpec && Object.keys(typed).length === 0) forgetKeptWork(garmentId);
      else keepWork(garmentId, { spec, typed, basedOn: savedVersion });
    };
    const unsubscribe = store.subscribe(({ spec, savedSpec }, before) => {
      // What was saved is forgotten at once: a tab that is closed in the meantime would leave it behind as unsaved.
      if (spec === savedSpec && savedSpec !== before.savedSpec) keepNow();
      else timer ??= setTimeout(keepNow, KEEP_AFTER_MS);
    });
    window.addEventListener("pagehide", keepNow);
    return () => {
      unsubscribe();
      window.removeEventListener("pagehide", keepNow);
      if (timer !== undefined) keepNow();
    };
  }, [store, garmentId]);
}

export function useWorkStore(): WorkStore {
  const store = useContext(WorkContext);
  if (!store) throw new Error("useWorkStore: no WorkProvider above");
  return store;
}

export function useWork<Part>(select: (work: WorkState) => Part): Part {
  return useStore(useWorkStore(), select);
}
