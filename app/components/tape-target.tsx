import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef } from "react";

/** Takes a reading of the tape, in millimetres, as if it had been typed. */
export type TakeReading = (mm: number) => void;

type Target = {
  /** Says that this box is the one in focus; call the returned function when it is not any more. */
  readonly aim: (take: TakeReading) => () => void;
  /** Gives a reading to the box in focus; false when there is none. */
  readonly give: (mm: number) => boolean;
};

const TargetContext = createContext<Target | null>(null);

/** Brings readings of an electronic tape to whichever box is in focus. */
export function TapeTargetProvider({ children }: { readonly children: ReactNode }) {
  const current = useRef<TakeReading | null>(null);
  const aim = useCallback((take: TakeReading) => {
    current.current = take;
    return () => {
      if (current.current === take) current.current = null;
    };
  }, []);
  const give = useCallback((mm: number) => {
    if (!current.current) return false;
    current.current(mm);
    return true;
  }, []);
  const target = useMemo(() => ({ aim, give }), [aim, give]);
  return <TargetContext value={target}>{children}</TargetContext>;
}

export function useTapeTarget(): Target {
  const target = useContext(TargetContext);
  if (!target) throw new Error("useTapeTarget: no TapeTargetProvider above");
  return target;
}
