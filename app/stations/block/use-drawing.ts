import type { openDrawing } from "@app/workers/open-drawing";
import { READING_STEPS } from "@app/workers/reading-steps";
import { eachOf, namesOf } from "@core/data/index";
import type { Path } from "@core/geometry/index";
import type { DrawingProblem, DrawingUnit, DrawnEdge } from "@importing/index";
import { proxy, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import type { PickedRole, Picks } from "./use-pick";

type State = {
  readonly text: string | null;
  readonly assumed: DrawingUnit | null;
  readonly edges: readonly DrawnEdge[];
  readonly notes: readonly string[];
  readonly problem: DrawingProblem | null;
  /** What is being done with the file; null when nothing is. */
  readonly reading: { readonly step: number; readonly of: number; readonly says: string } | null;
  readonly picks: Picks;
  readonly guessed: ReadonlySet<PickedRole>;
  readonly join: ((edges: readonly DrawnEdge[]) => Path | null) | null;
};

const EMPTY: State = {
  text: null,
  assumed: null,
  edges: [],
  notes: [],
  problem: null,
  reading: null,
  picks: {},
  guessed: new Set(),
  join: null,
};

/**
 * The drawing that is open and what was pointed at in it. It is read in a worker, so that a large one stops nothing and can be given up;
 * the readers are fetched only when a file is opened.
 */
export function useDrawing() {
  const [state, setState] = useState(EMPTY);
  const reading = useRef<Worker | null>(null);
  const stop = useCallback(() => {
    reading.current?.terminate();
    reading.current = null;
  }, []);
  useEffect(() => stop, [stop]);

  const read = useCallback(
    async (text: string, assumed: DrawingUnit | null) => {
      stop();
      const worker = new Worker(new URL("../../workers/open-drawing.worker.ts", import.meta.url), { type: "module" });
      reading.current = worker;
      const onStep = (step: number) => {
        if (reading.current !== worker) return;
        const says = READING_STEPS[step] ?? "";
        setState({ ...EMPTY, text, assumed, reading: { step: step + 1, of: READING_STEPS.length, says } });
      };
      onStep(0);
      const [{ joinEdges }, opened] = await Promise.all([
        import("@importing/index"),
        wrap<typeof openDrawing>(worker)(text, assumed, proxy(onStep)),
      ]);
      if (reading.current !== worker) return;
      stop();
      if (!opened.ok) return setState({ ...EMPTY, text, assumed, problem: opened.problem });
      const { edges, notes, guessed } = opened;
      setState({
        ...EMPTY,
        text,
        assumed,
        edges,
        notes,
        picks: guessed,
        guessed: new Set(namesOf(guessed)),
        join: joinEdges,
      });
    },
    [stop],
  );

  const giveUp = useCallback(() => {
    stop();
    setState(EMPTY);
  }, [stop]);

  const open = useCallback(
    async (file: File | undefined) => {
      if (!file) return;
      const { isTooLarge, TOO_LARGE } = await import("@importing/index");
      if (isTooLarge(file.size)) {
        if (!TOO_LARGE.ok) setState({ ...EMPTY, problem: TOO_LARGE.problem });
        return;
      }
      await read(await file.text(), null);
    },
    [read],
  );

  const assume = useCallback(
    async (unit: DrawingUnit | null) => {
      if (state.text !== null) await read(state.text, unit);
    },
    [read, state.text],
  );

  /** An edge belongs to one role at most; pointing again takes it away. What a person chose is no guess any more. */
  const toggle = useCallback((role: PickedRole, id: string) => {
    setState((before) => {
      const isPicked = before.picks[role]?.includes(id) ?? false;
      const others: Picks = eachOf(
        namesOf(before.picks),
        (one) => before.picks[one]?.filter((other) => other !== id) ?? [],
      );
      const kept = before.guessed.has(role) && !isPicked ? [] : (others[role] ?? []);
      const guessed = new Set([...before.guessed].filter((one) => one !== role));
      const chosen = isPicked ? kept : [...kept, id];
      const { [role]: _before, ...rest } = others;
      return { ...before, guessed, picks: chosen.length > 0 ? { ...rest, [role]: chosen } : rest };
    });
  }, []);

  return { ...state, open, assume, giveUp, toggle };
}
