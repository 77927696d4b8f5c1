import { type Colours, type ToileDrawing, toileDrawing } from "@app/stations/wear/toile-drawing";
import { expose, proxy } from "comlink";

/** Begins to draw on a canvas of the page; null where the browser draws nothing in three dimensions. */
export function beginDrawing(canvas: OffscreenCanvas, colours: Colours): ToileDrawing | null {
  try {
    return proxy(toileDrawing(canvas, colours));
  } catch {
    return null;
  }
}

expose(beginDrawing);
