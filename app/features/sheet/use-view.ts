import type { Box } from "@core/geometry/index";
import { select } from "d3-selection";
import { type D3ZoomEvent, type ZoomBehavior, zoom, zoomIdentity } from "d3-zoom";
import { type RefObject, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import { fitView, RULED, type Size, type Surround, type View } from "./view";

/** What the server writes before the sheet has a size; the SVG scales itself to its room until then. */
export const FIRST_SIZE: Size = { width: 660, height: 600 };
/** From a whole coat on the screen to a graduation as wide as a finger, in pixels a millimetre. */
const SCALES: [number, number] = [0.15, 16];
const STEP = 1.3;
const PAN_PX = 60;

const useIsomorphicLayoutEffect = typeof window === "undefined" ? useEffect : useLayoutEffect;

/** The sheet is fitted again once the draft stands out by this share of its size, or has shrunk by it three times over. */
const REFIT_SHARE = 0.12;

/**
 * Pan and zoom by wheel, pinch, drag and keys; fitted to `box` until a person moves the sheet, and again when asked to.
 * While `isHeld` (a handle is dragged) the paper lies still under the hand.
 */
export function useView(svg: RefObject<SVGSVGElement | null>, box: Box, isHeld: boolean, surround: Surround = RULED) {
  const [size, setSize] = useState<Size | null>(null);
  const [moved, setMoved] = useState<View | null>(null);
  const [fitted, setFitted] = useState(box);
  if (!isHeld && fitted !== box && hasOutgrown(fitted, box)) setFitted(box);
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const view = useMemo(() => moved ?? fitView(fitted, size ?? FIRST_SIZE, surround), [moved, fitted, size, surround]);

  useIsomorphicLayoutEffect(() => {
    const node = svg.current?.parentElement;
    if (!node) return;
    const measure = () => setSize({ width: node.clientWidth, height: node.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(node);
    return () => observer.disconnect();
  }, [svg]);

  useEffect(() => {
    const node = svg.current;
    if (!node) return;
    const zooming = zoom<SVGSVGElement, unknown>()
      .scaleExtent(SCALES)
      .filter((event: Event) => !isOnHandle(event) && !(event as MouseEvent).button)
      .on("zoom", (event: D3ZoomEvent<SVGSVGElement, unknown>) => {
        if (event.sourceEvent) setMoved({ scale: event.transform.k, x: event.transform.x, y: event.transform.y });
      });
    behaviour.current = zooming;
    const selection = select(node);
    selection.call(zooming).on("dblclick.zoom", null);
    return () => {
      selection.on(".zoom", null);
    };
  }, [svg]);

  // The zoom behaviour starts every gesture from where the sheet is, also when it was fitted rather than moved.
  const { scale, x, y } = view;
  useEffect(() => {
    if (svg.current && behaviour.current) {
      select(svg.current).property("__zoom", zoomIdentity.translate(x, y).scale(scale));
    }
  }, [svg, scale, x, y]);

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

function isOnHandle(event: Event): boolean {
  return event.target instanceof Element && event.target.closest("[data-handle]") !== null;
}
