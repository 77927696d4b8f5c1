import { type Cubic, lineCubic, type Path, type Point } from "@core/geometry/index";
import svgpath from "svgpath";

export type Run = { readonly path: Path; readonly isClosed: boolean };

/** The runs of SVG path data after its transforms, innermost first, as cubics. Null for data that is no path. */
export function pathRuns(data: string, transforms: readonly string[]): readonly Run[] | null {
  let parsed = svgpath(data);
  if ("err" in parsed && parsed.err) return null;
  for (const transform of transforms) parsed = parsed.transform(transform);
  const runs: Run[] = [];
  let path: Cubic[] = [];
  let start: Point = { x: 0, y: 0 };
  let at: Point = start;
  const finish = (isClosed: boolean) => {
    if (path.length > 0) runs.push({ path, isClosed });
    path = [];
  };
  const add = (cubic: Cubic) => {
    path.push(cubic);
    at = cubic[3];
  };
  parsed
    .abs()
    .unshort()
    .unarc()
    .iterate((segment) => {
      const [command, ...rest] = segment;
      const figures = rest.map(Number);
      const f = (i: number) => figures[i] ?? Number.NaN;
      const p = (i: number): Point => ({ x: f(i), y: f(i + 1) });
      switch (command) {
        case "M":
          finish(false);
          start = p(0);
          at = start;
          break;
        case "L":
          addLine(add, at, p(0));
          break;
        case "H":
          addLine(add, at, { x: f(0), y: at.y });
          break;
        case "V":
          addLine(add, at, { x: at.x, y: f(0) });
          break;
        case "C":
          add([at, p(0), p(2), p(4)]);
          break;
        case "Q":
          add(fromQuadratic(at, p(0), p(2)));
          break;
        case "Z":
        case "z":
          addLine(add, at, start);
          finish(true);
          at = start;
          break;
      }
    });
  finish(false);
  return runs;
}

/** Nothing nearer is a line: it would have no direction. */
const NO_LINE = 1e-9;

function addLine(add: (cubic: Cubic) => void, from: Point, to: Point): void {
  if (Math.hypot(to.x - from.x, to.y - from.y) > NO_LINE) add(lineCubic(from, to));
}

/** A quadratic raised to a cubic, exactly. */
export function fromQuadratic(from: Point, control: Point, to: Point): Cubic {
  const third = (end: Point): Point => ({
    x: end.x + (2 / 3) * (control.x - end.x),
    y: end.y + (2 / 3) * (control.y - end.y),
  });
  return [from, third(from), third(to), to];
}
