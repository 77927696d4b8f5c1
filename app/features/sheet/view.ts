import type { Box, Point } from "@core/geometry/index";

/** How the sheet is looked at: pixels = millimetres × scale + offset. */
export type View = { readonly scale: number; readonly x: number; readonly y: number };
export type Size = { readonly width: number; readonly height: number };

/** Width of the ruler bands along the top and the left edge, in pixels. */
export const RULER_PX = 24;
const MARGIN_PX = 44;

export function toScreen(view: View, p: Point): Point {
  return { x: p.x * view.scale + view.x, y: p.y * view.scale + view.y };
}

/** The view in which the box fills the sheet inside its rulers and margins. */
export function fitView(box: Box, size: Size): View {
  const width = Math.max(1, size.width - RULER_PX - 2 * MARGIN_PX);
  const height = Math.max(1, size.height - RULER_PX - 2 * MARGIN_PX);
  const scale = Math.min(width / Math.max(1, box.right - box.left), height / Math.max(1, box.bottom - box.top));
  return {
    scale,
    x: RULER_PX + MARGIN_PX + width / 2 - ((box.left + box.right) / 2) * scale,
    y: RULER_PX + MARGIN_PX + height / 2 - ((box.top + box.bottom) / 2) * scale,
  };
}
