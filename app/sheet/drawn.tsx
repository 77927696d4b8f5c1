import type { DraftLine } from "@core/draft/index";
import { mapPath, type Path, type Point, svgPathData } from "@core/geometry/index";
import { memo } from "react";
import { toScreen, type View } from "./view";

/** Path data in screen pixels. Lines are put there by us: a browser is slow to re-stroke paths under a moving transform. */
function onScreen(path: Path, view: View): string {
  return svgPathData(mapPath(path, (p) => toScreen(view, p)));
}

type LinesProps = { readonly lines: readonly DraftLine[]; readonly view: View };

export const Lines = memo(function Lines({ lines, view }: LinesProps) {
  return (
    <g>
      {lines.map((line) => (
        <path key={line.id} data-line={line.id} className={line.kind} d={onScreen(line.path, view)} />
      ))}
    </g>
  );
});

type PlainPathProps = { readonly path: Path; readonly view: View; readonly className: string };

export const PlainPath = memo(function PlainPath({ path, view, className }: PlainPathProps) {
  return <path className={className} d={onScreen(path, view)} />;
});

/** A straight mark of a fixed length on the screen, from a place on the draft. */
export function Tick({
  at,
  towards,
  px,
  view,
  className,
}: {
  readonly at: Point;
  readonly towards: Point;
  readonly px: number;
  readonly view: View;
  readonly className: string;
}) {
  const from = toScreen(view, at);
  return (
    <line className={className} x1={from.x} y1={from.y} x2={from.x + towards.x * px} y2={from.y + towards.y * px} />
  );
}
