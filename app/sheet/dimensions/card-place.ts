import type { Point } from "@core/geometry/index";
import type { Size } from "../view";
import { isOver, type Rect } from "./rect";

/** As large as the card is at most, in pixels; it scrolls within itself beyond that. */
const CARD = { width: 264, height: 380 } as const;
const MARGIN = { left: 32, top: 30, right: 58, bottom: 8 } as const;
const PLACES_ACROSS = 6;
/** What lies so near to the figure is looked at while it is typed: to cover it costs more. */
const NEAR_PX = 130;
const NEAR_COST = 6;

/**
 * Where on the sheet the card covers least of what is drawn, least of all near its figure, and never the figure itself: the best of a few
 * dozen places. Pixels.
 */
export function cardPlace(
  figure: Rect,
  lines: readonly (readonly Point[])[],
  { width, height }: Size,
): { readonly left: number; readonly top: number; readonly maxHeight: number } {
  const high = Math.min(CARD.height, height - MARGIN.top - MARGIN.bottom);
  const middle = { x: (figure.left + figure.right) / 2, y: (figure.top + figure.bottom) / 2 };
  const points = lines.flat();
  const across = Math.max(0, width - MARGIN.right - MARGIN.left - CARD.width);
  const down = Math.max(0, height - MARGIN.bottom - MARGIN.top - high);
  let best: { readonly left: number; readonly top: number; readonly cost: number } | null = null;
  for (let row = 0; row < PLACES_ACROSS; row++)
    for (let column = 0; column < PLACES_ACROSS; column++) {
      const left = MARGIN.left + (across * column) / (PLACES_ACROSS - 1);
      const top = MARGIN.top + (down * row) / (PLACES_ACROSS - 1);
      const card: Rect = { left: left - 6, top: top - 6, right: left + CARD.width + 6, bottom: top + high + 6 };
      const isOn = isOver(card, figure);
      const covered = points.reduce((sum, { x, y }) => {
        if (x < card.left || x > card.right || y < card.top || y > card.bottom) return sum;
        return sum + (Math.hypot(x - middle.x, y - middle.y) < NEAR_PX ? 1 + NEAR_COST : 1);
      }, 0);
      // Of two places that cover as much the nearer is taken.
      const far = Math.hypot(left + CARD.width / 2 - middle.x, top + high / 2 - middle.y);
      const cost = (isOn ? 1e6 : 0) + covered + far / 40;
      if (best === null || cost < best.cost) best = { left, top, cost };
    }
  const { left, top } = best ?? { left: MARGIN.left, top: MARGIN.top };
  return { left, top, maxHeight: height - top - MARGIN.bottom };
}
