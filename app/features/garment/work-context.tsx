import type { GarmentSpec } from "@core/spec/index";
import { createContext, type ReactNode, useContext, useEffect, useState } from "react";
import { useStore } from "zustand";
import { forgetKeptWork, type KeptWork, keepWork } from "./kept-work";
import { createWorkStore, type WorkState, type WorkStore } from "./work-store";

const WorkContext = createContext<WorkStore | null>(null);

/** Writing at every frame of a drag would cost more than drawing it. */
const KEEP_AFTER_MS = 250;

type Props = {
  readonly garmentId: string;
  readonly spec: GarmentSpec;
  readonly version: number;
  /** Unsaved work on it that this browser kept; null for none. */
  readonly kept: KeptWork | null;
  readonly children: ReactNode;
};

/** Holds the garment on the table for everything under it, and keeps unsaved work in the browser. */
export function WorkProvider({ garmentId, spec, version, kept, children }: Props) {
  const [store] = useState(() => createWorkStore(spec, version, kept));
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
