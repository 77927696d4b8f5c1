import { select } from "d3-selection";
import { type D3ZoomEvent, zoom, zoomIdentity } from "d3-zoom";
import type { View } from "./view";

export type Zooming = {
  /** Where the next gesture begins, also when the sheet was fitted rather than moved. */
  readonly startFrom: (view: View) => void;
  readonly letGo: () => void;
};

export type ZoomEvent = D3ZoomEvent<SVGSVGElement, unknown>;

/** Pan and zoom by wheel, pinch and drag on `node`, but not by what is done to a handle; a scale is in pixels a millimetre. */
export function zoomingOf(
  node: SVGSVGElement,
  scales: [number, number],
  onZoom: (event: ZoomEvent) => void,
  onEnd: (event: ZoomEvent) => void,
): Zooming {
  const behaviour = zoom<SVGSVGElement, unknown>()
    .scaleExtent(scales)
    .filter((event: Event) => !isOnHandle(event) && !(event instanceof MouseEvent && event.button))
    .on("zoom", onZoom)
    .on("end", onEnd);
  const selection = select(node);
  selection.call(behaviour).on("dblclick.zoom", null);
  return {
    startFrom: ({ scale, x, y }) => {
      selection.property("__zoom", zoomIdentity.translate(x, y).scale(scale));
    },
    letGo: () => {
      selection.on(".zoom", null);
    },
  };
}

function isOnHandle(event: Event): boolean {
  return event.target instanceof Element && event.target.closest("[data-handle]") !== null;
}
