import { type Seam, type Walk, type WalkMoment, walkSeam } from "@core/check/index";
import { mapPath, type Path } from "@core/geometry/index";
import { useEffect, useMemo, useState } from "react";

export type Side = "front" | "back";

/** A walk round one half takes about this long when it is played. */
const PLAYED_MS = 6000;

/** The walk as it stands: on the sheet and on the ribbons the same moment is shown. */
export type WalkState = {
  readonly side: Side;
  readonly seam: Seam;
  /** The armhole's half as it lies on the sheet, from the underarm. */
  readonly body: Path;
  readonly walk: Walk;
  readonly moment: WalkMoment;
  readonly isAtEnd: boolean;
  readonly isPlaying: boolean;
  readonly choose: (side: Side) => void;
  /** Goes to a place on the armhole, in millimetres from the underarm, and stops there. */
  readonly goTo: (at: number) => void;
  readonly play: () => void;
};

export function useWalk([front, back]: readonly [Seam, Seam]): WalkState {
  const [side, setSide] = useState<Side>("front");
  const [at, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const seam = side === "front" ? front : back;
  const body = useMemo(() => bodyOnSheet(seam, side), [seam, side]);
  const walk = useMemo(() => walkSeam(seam, body), [seam, body]);
  const moment = walk.at(at);
  const isAtEnd = moment.bodyAt >= seam.bodyLength - 1e-6;

  useEffect(() => {
    if (!isPlaying) return;
    let last = performance.now();
    let frame = requestAnimationFrame(function step(now) {
      setAt((before) => Math.min(seam.bodyLength, before + ((now - last) * seam.bodyLength) / PLAYED_MS));
      last = now;
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [isPlaying, seam.bodyLength]);
  useEffect(() => {
    if (isAtEnd) setPlaying(false);
  }, [isAtEnd]);

  const goTo = (next: number) => {
    setPlaying(false);
    setAt(next);
  };
  const play = () => {
    if (window.matchMedia("(prefers-reduced-motion: reduce)").matches) {
      setAt(seam.bodyLength);
      return;
    }
    if (isAtEnd) setAt(0);
    setPlaying(!isPlaying);
  };
  const choose = (next: Side) => {
    setSide(next);
    goTo(0);
  };
  return { side, seam, body, walk, moment, isAtEnd, isPlaying, choose, goTo, play };
}

/** The armhole from the underarm as it lies on the sheet: the front mirrored, as on the block's sheet. */
function bodyOnSheet(seam: Seam, side: Side): Path {
  return side === "front" ? mapPath(seam.bodyPath, (p) => ({ x: -p.x, y: p.y })) : seam.bodyPath;
}
