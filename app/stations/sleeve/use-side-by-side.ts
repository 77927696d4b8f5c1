import { useThrottledWork } from "@app/work/use-throttled-work";
import type { SideBySide, sideBySide } from "@app/workers/side-by-side";
import { writeGarment } from "@core/spec/index";
import { type Remote, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";

/** The methods' page of the garment on the table, worked out in a worker; the last answer stays until the next one is there. */
export function useSideBySide(): { readonly found: SideBySide | null; readonly isWorking: boolean } {
  const spec = useThrottledWork((work) => work.spec);
  const [found, setFound] = useState<SideBySide | null>(null);
  const [isWorking, setWorking] = useState(true);
  const ask = useRef<Remote<typeof sideBySide> | null>(null);

  useEffect(() => {
    const worker = new Worker(new URL("../../workers/side-by-side.worker.ts", import.meta.url), { type: "module" });
    ask.current = wrap<typeof sideBySide>(worker);
    return () => {
      ask.current = null;
      worker.terminate();
    };
  }, []);

  useEffect(() => {
    let isOld = false;
    setWorking(true);
    ask.current?.(writeGarment(spec, "mm")).then((answer) => {
      if (isOld) return;
      setFound(answer);
      setWorking(false);
    });
    return () => {
      isOld = true;
    };
  }, [spec]);
  return { found, isWorking };
}
