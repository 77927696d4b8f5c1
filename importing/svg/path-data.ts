import { type Cubic, type EllipseArc, ellipseArcPath, lineCubic, type Path, type Point } from "@core/geometry/index";
import svgpath from "svgpath";

export type Run = { readonly path: Path; readonly isClosed: boolean };

/** The runs of SVG path data after its transforms, innermost first, as cubics. Null for data that is no path. */
export function pathRuns(data: string, transforms: readonly string[]): readonly Run[] | null {
  let parsed = svgpath(data);
  if ((parsed as unknown as { err: string }).err) return null;
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
    .iterate((segment) => {
      const [command, ...figures] = segment as readonly [string, ...number[]];
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
        case "A":
          for (const cubic of endpointArc(at, figures)) add(cubic);
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

/** An arc given by its ends, turned into one given by its centre (SVG 1.1, appendix F.6.5). */
function endpointArc(from: Point, figures: readonly number[]): Path {
  const [givenX = 0, givenY = 0, degrees = 0, isLarge = 0, isSweep = 0, x = 0, y = 0] = figures;
  const to = { x, y };
  if (Math.hypot(to.x - from.x, to.y - from.y) <= NO_LINE) return [];
  let [rx, ry] = [Math.abs(givenX), Math.abs(givenY)];
  if (rx < NO_LINE || ry < NO_LINE) return [lineCubic(from, to)];
  const turned = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turned), Math.sin(turned)];
  const [dx, dy] = [(from.x - to.x) / 2, (from.y - to.y) / 2];
  const [u, v] = [cos * dx + sin * dy, -sin * dx + cos * dy];
  const excess = (u / rx) ** 2 + (v / ry) ** 2;
  if (excess > 1) {
    rx *= Math.sqrt(excess);
    ry *= Math.sqrt(excess);
  }
  const left = Math.max(0, (rx * ry) ** 2 - (rx * v) ** 2 - (ry * u) ** 2);
  const factor = (isLarge === isSweep ? -1 : 1) * Math.sqrt(left / ((rx * v) ** 2 + (ry * u) ** 2));
  const [cu, cv] = [(factor * rx * v) / ry, (-factor * ry * u) / rx];
  const angleAt = (p: number, q: number) => Math.atan2((q - cv) / ry, (p - cu) / rx);
  const begin = angleAt(u, v);
  let sweep = angleAt(-u, -v) - begin;
  if (isSweep && sweep < 0) sweep += 2 * Math.PI;
  if (!isSweep && sweep > 0) sweep -= 2 * Math.PI;
  const arc: EllipseArc = {
    centre: { x: cos * cu - sin * cv + (from.x + to.x) / 2, y: sin * cu + cos * cv + (from.y + to.y) / 2 },
    radiusX: rx,
    radiusY: ry,
    turned,
    from: begin,
    sweep,
  };
  return ellipseArcPath(arc);
}
