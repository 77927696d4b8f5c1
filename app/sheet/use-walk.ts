import { at } from "@core/data/index";
import { mapPath, mirrored, type Path } from "@core/geometry/index";
import { type Seam, type SeamId, type Walk, type WalkMoment, walkSeam } from "@core/pattern/index";
import { useEffect, useMemo, useState } from "react";

/** A walk round one half takes about this long when it is played. */
const PLAYED_MS = 6000;

/** The walk as it stands: on the sheet and on the ribbons the same moment is shown. */
export type WalkState = {
  readonly seam: Seam;
  /** The bodice's edge as it lies on the sheet, from where the seam begins. */
  readonly body: Path;
  readonly walk: Walk;
  readonly moment: WalkMoment;
  readonly isAtEnd: boolean;
  readonly isPlaying: boolean;
  readonly choose: (seam: SeamId) => void;
  /** Goes to a place on the bodice's edge, in millimetres from where the seam begins, and stops there. */
  readonly goTo: (at: number) => void;
  readonly play: () => void;
};

export function useWalk(seams: readonly Seam[]): WalkState {
  const [chosen, setChosen] = useState<SeamId | null>(null);
  const [place, setAt] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const seam = seams.find((one) => one.id === chosen) ?? at(seams, 0);
  const body = useMemo(() => bodyOnSheet(seam), [seam]);
  const walk = useMemo(() => walkSeam(seam, body), [seam, body]);
  const moment = walk.at(place);
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
  const choose = (next: SeamId) => {
    setChosen(next);
    goTo(0);
  };
  return { seam, body, walk, moment, isAtEnd, isPlaying, choose, goTo, play };
}

/** A front armhole lies mirrored on the sheet; the edges of a style that has its own seams are told as they lie. */
function bodyOnSheet(seam: Seam): Path {
  return seam.id === "armhole.front" ? mapPath(seam.bodyPath, mirrored) : seam.bodyPath;
}
