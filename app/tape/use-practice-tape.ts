import { useTapeTarget } from "@app/components/tape-target";
import { useCallback, useEffect, useRef, useState } from "react";
import { type EventStream, streamedTape, type TapeState } from "./electronic-tape";

/** The practice tape of this page: listening, the last reading, and pressing its button. */
export function usePracticeTape() {
  const target = useTapeTarget();
  const [state, setState] = useState<TapeState>("off");
  const [last, setLast] = useState<{ readonly mm: number; readonly isTaken: boolean } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [tapeId, setTapeId] = useState<string | null>(null);
  const stop = useRef<(() => void) | null>(null);

  const disconnect = useCallback(() => {
    stop.current?.();
    stop.current = null;
  }, []);
  useEffect(() => disconnect, [disconnect]);

  const connect = useCallback(() => {
    disconnect();
    setLast(null);
    setProblem(null);
    const id = crypto.randomUUID();
    setTapeId(id);
    const tape = streamedTape(() => new EventSource(`/tape/${id}`) as unknown as EventStream);
    stop.current = tape.listen((reading) => setLast({ mm: reading.mm, isTaken: target.give(reading.mm) }), setState);
  }, [disconnect, target]);

  const press = useCallback(
    async (mm: number) => {
      if (tapeId === null) return;
      setProblem(null);
      const sent = await fetch(`/tape/${tapeId}`, { method: "POST", body: new URLSearchParams({ mm: `${mm}` }) }).catch(
        () => null,
      );
      if (!sent?.ok) setProblem("The practice tape did not answer: connect it again.");
    },
    [tapeId],
  );
  return { state, last, problem, connect, disconnect, press };
}
