import type { Box, Point } from "@core/geometry/index";

/** How the sheet is looked at: pixels = millimetres × scale + offset. */
export type View = { readonly scale: number; readonly x: number; readonly y: number };
export type Size = { readonly width: number; readonly height: number };

/** Width of the ruler bands along the top and the left edge, in pixels. */
export const RULER_PX = 24;
const MARGIN_PX = 44;

/** The buttons that zoom stand so much further in than the margin on the right. */
const TOOLS_PX = 28;

/** What is kept free round what is shown: the rulers along two edges, a margin for letters and figures, and the tools on the right. */
export type Surround = { readonly ruler: number; readonly margin: number; readonly tools: number };
export const RULED: Surround = { ruler: RULER_PX, margin: MARGIN_PX, tools: TOOLS_PX };
/** A phone has no room to spare: what is drawn may lie under the tools. */
const RULED_SMALL: Surround = { ruler: RULER_PX, margin: 30, tools: 0 };
/** A sheet narrower than this is a phone's. */
export const SMALL_PX = 600;
/** A picture has no rulers and no letters beside it. */
export const BARE: Surround = { ruler: 0, margin: 10, tools: 0 };

export function toScreen(view: View, p: Point): Point {
  return { x: p.x * view.scale + view.x, y: p.y * view.scale + view.y };
}

/** The view in which the box fills the sheet inside what surrounds it. */
export function fitView(box: Box, size: Size, surround: Surround = RULED): View {
  const { ruler, margin, tools } = surround === RULED && size.width < SMALL_PX ? RULED_SMALL : surround;
  const width = Math.max(1, size.width - ruler - 2 * margin - tools);
  const height = Math.max(1, size.height - ruler - 2 * margin);
  const scale = Math.min(width / Math.max(1, box.right - box.left), height / Math.max(1, box.bottom - box.top));
  return {
    scale,
    x: ruler + margin + width / 2 - ((box.left + box.right) / 2) * scale,
    y: ruler + margin + height / 2 - ((box.top + box.bottom) / 2) * scale,
  };
}
