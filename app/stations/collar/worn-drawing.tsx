import { PlainPath } from "@app/sheet/drawn";
import type { View } from "@app/sheet/view";
import { asWorn } from "@core/collar/index";
import type { DraftedCollar } from "@core/drafting/index";
import { boxOf, mapPath, type Path, type Point } from "@core/geometry/index";
import type { PlacedNeck } from "./joined-beside";

/** Room between the flat draft and what it looks like when it is worn. */
const BETWEEN_MM = 60;

/** Each for the left and the right half. */
export type PlacedWorn = {
  readonly front: readonly Path[];
  readonly lapel: readonly Path[];
  readonly collar: readonly Path[];
};

/** Both halves of the garment as they are worn, to the right of the flat draft; null for a collar of which nothing is turned back. */
export function wornBeside(
  { drawn, pieces, draft, drawing }: DraftedCollar,
  beside: PlacedNeck | null,
): PlacedWorn | null {
  const roll = drawing.front?.roll;
  const front = pieces.find(({ kind }) => kind.side === "front" && kind.of === "bodice");
  if (!roll || !front) return null;
  const worn = asWorn(roll, front.outline, drawn.find(({ kind }) => kind.of === "collar")?.outline ?? null);
  const flat = boxOf([
    ...drawn.map(({ outline }) => outline),
    ...draft.lines.map(({ path }) => path),
    ...(beside ? [beside.neckline, ...(beside.fallLine ? [beside.fallLine] : [])] : []),
  ]);
  const width = Math.max(...[...worn.front, ...worn.lapel].map(({ x }) => x));
  const centre = flat.right + BETWEEN_MM + width;
  // The left front, on the right as one looks at it, laps over the other.
  const both = (corners: readonly Point[]): readonly Path[] =>
    [-1, 1].map((way) => mapPath(closed(corners), (p) => ({ x: centre + way * p.x, y: p.y })));
  return { front: both(worn.front), lapel: both(worn.lapel), collar: both(worn.collar ?? []) };
}

function closed(corners: readonly Point[]): Path {
  return corners.map((to, i) => {
    const from = corners[i === 0 ? corners.length - 1 : i - 1] ?? to;
    return [from, from, to, to] as const;
  });
}

/** The fronts, the collar on them, and the lapels on top. */
export function WornDrawing({ worn, view }: { readonly worn: PlacedWorn; readonly view: View }) {
  const half = (index: number) => (
    <g key={index}>
      {[worn.front, worn.collar, worn.lapel].map((paths, layer) => {
        const path = paths[index];
        // biome-ignore lint/suspicious/noArrayIndexKey: the layers have no other name, and never change places
        return path && <PlainPath key={layer} path={path} view={view} className={layer > 0 ? "worn over" : "worn"} />;
      })}
    </g>
  );
  return <g data-worn>{[0, 1].map(half)}</g>;
}
