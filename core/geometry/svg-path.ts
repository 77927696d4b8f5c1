import type { Cubic } from "./cubic";
import type { Path } from "./path";
import type { Point } from "./point";

/** A ten-thousandth of a millimetre: far finer than any pen, and lengths read back agree to 0.01 mm. */
const DECIMALS = 4;

/** The path as SVG path data in millimetres, y down. `closed` adds the closing line. */
export function svgPathData(path: Path, closed = false): string {
  const first = path[0];
  if (!first) return "";
  return `M${pair(first[0])}${path.map(segment).join("")}${closed ? "Z" : ""}`;
}

function segment(cubic: Cubic): string {
  const [p0, p1, p2, p3] = cubic;
  return isStraight(p0, p1, p2, p3) ? `L${pair(p3)}` : `C${pair(p1)} ${pair(p2)} ${pair(p3)}`;
}

/** Controls at the thirds are how this program writes a straight line. */
function isStraight(p0: Point, p1: Point, p2: Point, p3: Point): boolean {
  const near = (value: number, target: number) => Math.abs(value - target) < 1e-9;
  return (
    near(p1.x * 3, p0.x * 2 + p3.x) &&
    near(p1.y * 3, p0.y * 2 + p3.y) &&
    near(p2.x * 3, p0.x + p3.x * 2) &&
    near(p2.y * 3, p0.y + p3.y * 2)
  );
}

function pair(p: Point): string {
  return `${figure(p.x)} ${figure(p.y)}`;
}

function figure(value: number): string {
  return `${Number(value.toFixed(DECIMALS)) + 0}`;
}
