import { type Garment, sketchGarment } from "@core/garment/index";
import type { SpecChange } from "@core/spec/index";
import { applyChange, type BlockSource, type BlockSpec, type GarmentSpec } from "@core/spec/index";
import { type TemporalState, temporal } from "zundo";
import { createStore, type StoreApi } from "zustand";
import type { Typed } from "./kept-work";
import { setAtPath } from "./spec-path";

/** The garment on the table: its spec, what was drafted from it, and what stands in boxes unfinished. */
export type Work = {
  readonly spec: GarmentSpec;
  readonly garment: Garment;
  /** The newest draft in which there was a sleeve: it stays on the sheet while the figures make none. */
  readonly lastGood: Garment;
  /** The newest collar of the kind that is wanted, in the same way. */
  readonly lastCollar: Garment["collar"];
  /** Text in boxes that is not a length yet, by field path: kept through reloads, never in the spec. */
  readonly typed: Typed;
  /** The version this work started from, and the spec as it was saved then. */
  readonly savedVersion: number;
  readonly savedSpec: GarmentSpec;
  /** What a remedy that is pointed at would give; null when none is. */
  readonly preview: Garment | null;
  /** Blocks by the ways that are not in use at the moment, as they were left. */
  readonly setAside: { readonly [source in BlockSource]?: BlockSpec };
};

export type WorkActions = {
  readonly change: (change: SpecChange) => void;
  /** Shows beside the draft what a change would give, without making it. */
  readonly showPreview: (change: SpecChange | null) => void;
  readonly setField: (path: string, value: unknown) => void;
  readonly setTyped: (path: string, text: string | null) => void;
  /** Another way to the block: as it was left, or from nothing. */
  readonly takeBlockSource: (source: "readings" | "drafted") => void;
  readonly takeBlock: (block: BlockSpec) => void;
  readonly replaceSpec: (spec: GarmentSpec, typed: Typed) => void;
  readonly markSaved: (spec: GarmentSpec, version: number) => void;
};

export type WorkState = Work & WorkActions;
export type WorkStore = StoreApi<WorkState> & { temporal: StoreApi<TemporalState<Pick<WorkState, "spec">>> };

const UNDO_LIMIT = 200;

export function createWorkStore(spec: GarmentSpec, version: number): WorkStore {
  const garment = sketchGarment(spec);
  const store = createStore<WorkState>()(
    temporal(
      (set, get) => ({
        spec,
        garment,
        lastGood: garment,
        lastCollar: garment.collar,
        typed: {},
        savedVersion: version,
        savedSpec: spec,
        setAside: {},
        preview: null,
        showPreview: (change) => set({ preview: change && sketchGarment(applyChange(get().spec, change)) }),
        takeBlockSource: (source) => {
          const { spec, setAside, takeBlock } = get();
          if (spec.block.source !== source) takeBlock(setAside[source] ?? emptyBlock(source));
        },
        takeBlock: (block) => {
          const before = get().spec;
          set({
            ...redrafted(get(), { ...before, block }),
            setAside: { ...get().setAside, [before.block.source]: before.block },
          });
        },
        change: (change) => set({ ...redrafted(get(), applyChange(get().spec, change)), preview: null }),
        setField: (path, value) => set(redrafted(get(), setAtPath(get().spec, path, value))),
        setTyped: (path, text) => set({ typed: withTyped(get().typed, path, text) }),
        replaceSpec: (next, typed) => set({ ...redrafted(get(), next), typed }),
        markSaved: (savedSpec, savedVersion) => set({ savedSpec, savedVersion }),
      }),
      {
        partialize: ({ spec }) => ({ spec }),
        equality: (before, after) => before.spec === after.spec,
        limit: UNDO_LIMIT,
      },
    ),
  ) as unknown as WorkStore;
  return store;
}

function emptyBlock(source: "readings" | "drafted"): BlockSpec {
  return source === "readings" ? { source, armhole: {} } : { source };
}

type Drafted = Pick<Work, "spec" | "garment" | "lastGood" | "lastCollar">;

function redrafted(work: Work, spec: GarmentSpec): Drafted {
  return spec === work.spec ? work : draftedFrom(work, spec);
}

/** The spec drafted; what it gives no sleeve or no collar for keeps the last that there was. */
function draftedFrom({ lastGood, lastCollar }: Drafted, spec: GarmentSpec): Drafted {
  const garment = sketchGarment(spec);
  return {
    spec,
    garment,
    lastGood: garment.sleeve || !spec.sleeve ? garment : lastGood,
    lastCollar: garment.collar ?? (lastCollar?.kind === spec.collar?.kind ? lastCollar : null),
  };
}

function withTyped(typed: Typed, path: string, text: string | null): Typed {
  const { [path]: _before, ...others } = typed;
  return text === null ? others : { ...others, [path]: text };
}

export function undo(store: WorkStore): void {
  store.temporal.getState().undo();
  redraftAfterHistory(store);
}

export function redo(store: WorkStore): void {
  store.temporal.getState().redo();
  redraftAfterHistory(store);
}

/** The history holds specs only; what is drafted from them, and half-typed text that no longer belongs, follow. */
function redraftAfterHistory(store: WorkStore): void {
  const work = store.getState();
  const { pause, resume } = store.temporal.getState();
  const drafted = draftedFrom(work, work.spec);
  pause();
  store.setState({ ...drafted, typed: {} });
  resume();
}

/** The gesture that is open in a store: two never overlap, or the first to end would let the history see inside of the other. */
const openGestures = new WeakMap<WorkStore, () => void>();

/**
 * One step of the history for a whole gesture: a drag, or the typing in one box. Call the returned function when it ends; it ends by itself
 * when another begins, as when a handle is pressed while a box is still being typed in.
 */
export function beginGesture(store: WorkStore): () => void {
  openGestures.get(store)?.();
  const history = store.temporal;
  const before = store.getState().spec;
  history.getState().pause();
  const end = () => {
    if (openGestures.get(store) !== end) return;
    openGestures.delete(store);
    history.getState().resume();
    if (store.getState().spec === before) return;
    const { pastStates } = history.getState();
    history.setState({ pastStates: [...pastStates, { spec: before }].slice(-UNDO_LIMIT), futureStates: [] });
  };
  openGestures.set(store, end);
  return end;
}
