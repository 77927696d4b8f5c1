import type { Dimension } from "@core/draft/index";
import { along, type Path, type Point, pathLength } from "@core/geometry/index";
import { toScreen, type View } from "../view";
import { anchorOf, TEXT_HEIGHT_PX } from "./placed";

/** So short a distance is drawn where it is, its words led out. */
export const SHORT_PX = 30;
const OFFSETS = [0, 16, -16, 28, -28, 42, -42] as const;
const SHARES = [0.5, 0.38, 0.62, 0.26, 0.74] as const;
const GAPS = [7, 15, 27, 43, 63] as const;
const RADII = [12, 24, 40, 60, 84] as const;
const DIRECTIONS = Array.from({ length: 16 }, (_, i) => (i * Math.PI) / 8);

/** Where the words of a figure might stand, and by how much it would rather not. Pixels. */
export type Candidate = {
  readonly text: Point;
  readonly share: number;
  readonly at: Point;
  readonly offset: Point | null;
  readonly cost: number;
};

/** How long a figure is on the screen, in pixels. */
export function spanOf({ place, value }: Dimension, view: View): number {
  return place.as === "distance"
    ? Math.hypot(place.to.x - place.from.x, place.to.y - place.from.y) * view.scale
    : value * view.scale;
}

/** Every place that a figure might stand at, whatever is drawn there. */
export function candidatesOf(dimension: Dimension, width: number, view: View): readonly Candidate[] {
  const { place } = dimension;
  switch (place.as) {
    case "distance": {
      const span = spanOf(dimension, view);
      return [
        ...(span < SHORT_PX
          ? around(toScreen(view, anchorOf(dimension, 0.5)), width, true)
          : besideLine(place, view, width, span)),
        ...ledOut(dimension, view, width),
      ];
    }
    case "edge":
      return [...besideEdge(place.path, view, width), ...ledOut(dimension, view, width)];
    case "place":
      return around(toScreen(view, place.at), width, false);
  }
}

function besideLine(
  { from, to }: { readonly from: Point; readonly to: Point },
  view: View,
  width: number,
  span: number,
): readonly Candidate[] {
  const [a, b] = [toScreen(view, from), toScreen(view, to)];
  const normal = { x: -(b.y - a.y) / span, y: (b.x - a.x) / span };
  return OFFSETS.filter((offset) => Math.abs(offset) <= span).flatMap((offset) =>
    SHARES.flatMap((share) => {
      const at = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
      return ([1, -1] as const).flatMap((side) =>
        GAPS.map((gap): Candidate => {
          const far = offset + side * (gap + halfAcross(normal, width));
          return {
            share,
            at,
            text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
            offset: { x: normal.x * offset, y: normal.y * offset },
            cost: gap + 0.8 * Math.abs(offset) + 40 * Math.abs(share - 0.5),
          };
        }),
      );
    }),
  );
}

/** How far words of this width reach from their middle, that way. */
const halfAcross = (normal: Point, width: number) =>
  (Math.abs(normal.x) * width) / 2 + (Math.abs(normal.y) * TEXT_HEIGHT_PX) / 2;

/** The piece lies to the right of its outline: words stand inside first. */
function besideEdge(path: Path, view: View, width: number): readonly Candidate[] {
  const length = pathLength(path);
  return SHARES.flatMap((share) => {
    const { point, direction } = along(path, length * share);
    const at = toScreen(view, point);
    const normal = { x: -direction.y, y: direction.x };
    return ([1, -1] as const).flatMap((side) =>
      GAPS.map((gap): Candidate => {
        const far = side * (gap + halfAcross(normal, width));
        return {
          share,
          at,
          text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
          offset: null,
          cost: gap + 40 * Math.abs(share - 0.5) + (side === 1 ? 0 : 4),
        };
      }),
    );
  });
}

/** Where there is no room beside its line, a figure is led out from it by a thread, and the line is left away. */
function ledOut(dimension: Dimension, view: View, width: number): readonly Candidate[] {
  return SHARES.flatMap((share) =>
    around(toScreen(view, anchorOf(dimension, share)), width, false).map((one) => ({
      ...one,
      share,
      cost: one.cost + LED_OUT_COST + 40 * Math.abs(share - 0.5),
    })),
  );
}

const LED_OUT_COST = 110;

function around(at: Point, width: number, hasLine: boolean): readonly Candidate[] {
  return RADII.flatMap((radius) =>
    DIRECTIONS.map((turn): Candidate => {
      const normal = { x: Math.cos(turn), y: Math.sin(turn) };
      const far = radius + halfAcross(normal, width);
      return {
        share: 0.5,
        at,
        text: { x: at.x + normal.x * far, y: at.y + normal.y * far },
        offset: hasLine ? { x: 0, y: 0 } : null,
        cost: radius,
      };
    }),
  );
}
