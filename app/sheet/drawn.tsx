import type { DraftLine, LetteredPoint } from "@core/draft/index";
import { mapPath, type Path, type Point, svgPathData } from "@core/geometry/index";
import { memo } from "react";
import { crowdedLetters } from "./crowded";
import { useTypeHere } from "./typed-figures";
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

/** A letter this near to another is written below its point. */
const CROWDED_PX = 16;

/** The lettered points as on the card; letters keep off the middle of the piece, so they do not lie on the lines. */
export function Letters({
  points,
  view,
  middle,
}: {
  readonly points: readonly LetteredPoint[];
  readonly view: View;
  readonly middle: number;
}) {
  const crowded = crowdedLetters(points, CROWDED_PX / view.scale);
  return (
    <g>
      {points.map(({ letter, name, at }) => {
        const p = toScreen(view, at);
        const isLeft = at.x < middle || (at.x === middle && at.y === 0);
        return (
          // Moved by its transform: words whose own place changes are laid out letter by letter again.
          <g key={letter} transform={`translate(${p.x} ${p.y})`}>
            <circle className="point" r={2.6} />
            <text
              className="letter"
              x={isLeft ? -7 : 7}
              y={crowded.has(letter) ? 17 : -6}
              textAnchor={isLeft ? "end" : "start"}
            >
              {letter}
              <title>{name}</title>
            </text>
          </g>
        );
      })}
    </g>
  );
}

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

type FigureProps = {
  readonly at: Point;
  readonly text: string;
  readonly view: View;
  readonly dx?: number;
  readonly dy?: number;
  readonly anchor?: "start" | "middle" | "end";
  readonly soft?: boolean;
  /** The field of the garment that is typed when the figure is pressed. */
  readonly types?: string | undefined;
};

/** A figure beside the edge it belongs to. */
export function FigureAt({ at, text, view, dx = 0, dy = 0, anchor = "middle", soft = false, types }: FigureProps) {
  const p = toScreen(view, at);
  const typeHere = useTypeHere();
  const place = { x: p.x + dx, y: p.y + dy };
  const shared = { transform: `translate(${place.x} ${place.y})`, textAnchor: anchor };
  if (types === undefined || typeHere === null) {
    return (
      <text className={soft ? "figure-soft" : "figure"} {...shared}>
        {text}
      </text>
    );
  }
  const open = () => typeHere({ path: types, at: place });
  return (
    // biome-ignore lint/a11y/useSemanticElements: words on the sheet cannot be a button element
    <text
      className="figure typed-here"
      role="button"
      tabIndex={0}
      data-types={types}
      onClick={open}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        open();
      }}
      {...shared}
    >
      {text}
    </text>
  );
}
