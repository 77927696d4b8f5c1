import type { Box } from "@core/geometry/index";
import { type RefObject, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { fitView, RULED, type Size, type Surround, type View } from "./view";
import type { Zooming } from "./zooming";

/** What the server writes before the sheet has a size; the SVG scales itself to its room until then. */
export const FIRST_SIZE: Size = { width: 660, height: 600 };
/** From a whole coat on the screen to a graduation as wide as a finger, in pixels a millimetre. */
const SCALES: [number, number] = [0.15, 16];
const STEP = 1.3;
const PAN_PX = 60;
const MOVED_AFTER_MS = 700;

/** The sheet is fitted again once the draft stands out by this share of its size, or has shrunk by it three times over. */
const REFIT_SHARE = 0.12;

type Ways = {
  /** A handle is dragged: the paper lies still under the hand. */
  readonly isHeld: boolean;
  readonly surround?: Surround;
  /** A finger drew the fitted sheet across: to the next part of it (1) or to the one before (-1). */
  readonly onSwipe?: (by: 1 | -1) => void;
};

/** Pan and zoom by wheel, pinch, drag and keys; fitted to `box` until a person moves the sheet, and again when asked to. */
export function useView(svg: RefObject<SVGSVGElement | null>, box: Box, { isHeld, surround = RULED, onSwipe }: Ways) {
  const [size, setSize] = useState<Size | null>(null);
  const [moved, setMoved] = useState<View | null>(null);
  const [fitted, setFitted] = useState(box);
  if (!isHeld && fitted !== box && hasOutgrown(fitted, box)) setFitted(box);
  const [zooming, setZooming] = useState<Zooming | null>(null);
  const fit = useMemo(() => fitView(fitted, size ?? FIRST_SIZE, surround), [fitted, size, surround]);
  const view = moved ?? fit;

  useEffect(() => {
    const node = svg.current?.parentElement;
    if (!node) return;
    // It is told the first size as well, once the page is laid out: asking for it here would have the page laid out twice.
    const observer = new ResizeObserver(() => setSize({ width: node.clientWidth, height: node.clientHeight }));
    observer.observe(node);
    return () => observer.disconnect();
  }, [svg]);

  const swipe = useRef({ onSwipe, from: fit });
  swipe.current = { onSwipe, from: fit };
  useEffect(() => {
    const node = svg.current;
    if (!node) return;
    let isGone = false;
    let isTaken = false;
    let letGo = () => {};
    const takeUp = async () => {
      if (isTaken) return;
      isTaken = true;
      const { zoomingOf } = await import("./zooming");
      if (isGone) return;
      const made = zoomingOf(
        node,
        SCALES,
        (event) => {
          if (event.sourceEvent) setMoved({ scale: event.transform.k, x: event.transform.x, y: event.transform.y });
        },
        ({ sourceEvent, transform: { k, x, y } }) => {
          const { onSwipe, from } = swipe.current;
          const by = swiped(from, { scale: k, x, y });
          if (!onSwipe || by === null || !isOfFinger(sourceEvent)) return;
          setMoved(null);
          onSwipe(by);
        },
      );
      letGo = made.letGo;
      setZooming(made);
    };
    // A sheet is looked at before it is moved: what moves it is fetched once it stands, or a hand comes near.
    const atOnce = () => void takeUp();
    const timer = setTimeout(atOnce, MOVED_AFTER_MS);
    node.addEventListener("pointerenter", atOnce, { once: true });
    return () => {
      isGone = true;
      clearTimeout(timer);
      node.removeEventListener("pointerenter", atOnce);
      letGo();
    };
  }, [svg]);

  const { scale, x, y } = view;
  useEffect(() => zooming?.startFrom({ scale, x, y }), [zooming, scale, x, y]);

  const zoomBy = useCallback(
    (factor: number) => {
      const { width, height } = size ?? FIRST_SIZE;
      const next = Math.min(SCALES[1], Math.max(SCALES[0], scale * factor));
      const ratio = next / scale;
      setMoved({ scale: next, x: width / 2 - (width / 2 - x) * ratio, y: height / 2 - (height / 2 - y) * ratio });
    },
    [size, scale, x, y],
  );

  return {
    view,
    size,
    refit: () => {
      setFitted(box);
      setMoved(null);
    },
    zoomIn: () => zoomBy(STEP),
    zoomOut: () => zoomBy(1 / STEP),
    pan: (dx: number, dy: number) => setMoved({ scale, x: x + dx * PAN_PX, y: y + dy * PAN_PX }),
  };
}

function hasOutgrown(fitted: Box, box: Box): boolean {
  const width = fitted.right - fitted.left;
  const height = fitted.bottom - fitted.top;
  const out = [
    (fitted.left - box.left) / width,
    (box.right - fitted.right) / width,
    (fitted.top - box.top) / height,
    (box.bottom - fitted.bottom) / height,
  ];
  return out.some((share) => share > REFIT_SHARE || share < -3 * REFIT_SHARE);
}

/** So far across, and by so much more than up or down, a finger turns to the next part. */
const SWIPE_PX = 60;
const SWIPE_SLOPE = 1.5;

/** Which way a sheet was drawn that was not made larger meanwhile: 1 to the left, so that what lies to its right is shown. */
function swiped(from: View, to: View): 1 | -1 | null {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const isAcross = Math.abs(dx) > SWIPE_PX && Math.abs(dx) > SWIPE_SLOPE * Math.abs(dy);
  return isAcross && Math.abs(to.scale / from.scale - 1) < 0.02 ? (dx < 0 ? 1 : -1) : null;
}

function isOfFinger(event: unknown): boolean {
  return typeof TouchEvent !== "undefined" && event instanceof TouchEvent;
}
