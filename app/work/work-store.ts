import { type Garment, sketchGarment } from "@core/garment/index";
import type { SpecChange } from "@core/spec/index";
import { applyChange, type BlockSource, type BlockSpec, type GarmentSpec } from "@core/spec/index";
import { createStore, type StoreApi } from "zustand";
import { changed, ended, type History, NO_HISTORY, opened, redone, type Step, undone } from "./history";
import type { KeptWork, Typed } from "./kept-work";
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
  /** The field whose box or whose figure on the sheet a hand is at: each lights the other. */
  readonly lit: string | null;
  /** Blocks by the ways that are not in use at the moment, as they were left. */
  readonly setAside: { readonly [source in BlockSource]?: BlockSpec };
  /** The specs before and after this one. */
  readonly history: History<GarmentSpec>;
};

export type WorkActions = {
  readonly change: (change: SpecChange) => void;
  /** Shows beside the draft what a change would give, without making it. */
  readonly showPreview: (change: SpecChange | null) => void;
  readonly setLit: (path: string | null) => void;
  readonly setField: (path: string, value: unknown) => void;
  readonly setTyped: (path: string, text: string | null) => void;
  /** Another way to the block: as it was left, or from nothing. */
  readonly takeBlockSource: (source: "readings" | "drafted") => void;
  readonly takeBlock: (block: BlockSpec) => void;
  /** Puts another garment in the place of this one, as one step that can be undone. */
  readonly takeSpec: (spec: GarmentSpec) => void;
  readonly markSaved: (spec: GarmentSpec, version: number) => void;
};

export type WorkState = Work & WorkActions;
export type WorkStore = StoreApi<WorkState>;

/** The work on a garment from the version that was saved; with what was kept of it unsaved, begun from there. */
export function createWorkStore(spec: GarmentSpec, version: number, kept: KeptWork | null = null): WorkStore {
  const begun = kept?.spec ?? spec;
  const garment = sketchGarment(begun);
  return createStore<WorkState>()((set, get) => ({
    spec: begun,
    garment,
    lastGood: garment,
    lastCollar: garment.collar,
    typed: kept?.typed ?? {},
    savedVersion: kept?.basedOn ?? version,
    savedSpec: spec,
    setAside: {},
    preview: null,
    lit: null,
    history: NO_HISTORY,
    showPreview: (change) => set({ preview: change && sketchGarment(applyChange(get().spec, change), get().garment) }),
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
    takeSpec: (spec) => set({ ...redrafted(get(), spec), typed: {}, preview: null }),
    change: (change) => set({ ...redrafted(get(), applyChange(get().spec, change)), preview: null }),
    setField: (path, value) => set(redrafted(get(), setAtPath(get().spec, path, value))),
    setLit: (lit) => {
      if (get().lit !== lit) set({ lit });
    },
    setTyped: (path, text) => set({ typed: withTyped(get().typed, path, text) }),
    markSaved: (savedSpec, savedVersion) => set({ savedSpec, savedVersion }),
  }));
}

function emptyBlock(source: "readings" | "drafted"): BlockSpec {
  return source === "readings" ? { source, armhole: {} } : { source };
}

type Drafted = Pick<Work, "spec" | "garment" | "lastGood" | "lastCollar">;

function redrafted(work: Work, spec: GarmentSpec): Drafted & Pick<Work, "history"> {
  return spec === work.spec ? work : { ...draftedFrom(work, spec), history: changed(work.history, work.spec) };
}

/** The spec drafted; what it gives no sleeve or no collar for keeps the last that there was. */
function draftedFrom({ garment: before, lastGood, lastCollar }: Drafted, spec: GarmentSpec): Drafted {
  const garment = sketchGarment(spec, before);
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

export const undo = (store: WorkStore): void => step(store, undone(store.getState().history, store.getState().spec));
export const redo = (store: WorkStore): void => step(store, redone(store.getState().history, store.getState().spec));

/** What is drafted follows the spec; half-typed text belongs to what was there before. */
function step(store: WorkStore, taken: Step<GarmentSpec> | null): void {
  if (taken) store.setState({ ...draftedFrom(store.getState(), taken.state), history: taken.history, typed: {} });
}

/**
 * One step of the history for a whole gesture: a drag, or the typing in one box. Call the returned function when it ends; it ends by itself
 * when another begins, as when a handle is pressed while a box is still being typed in.
 */
export function beginGesture(store: WorkStore): () => void {
  const { history, spec } = store.getState();
  const begun = opened(history, spec);
  store.setState({ history: begun });
  return () => store.setState(({ history, spec }) => ({ history: ended(history, spec, begun.gesture) }));
}
