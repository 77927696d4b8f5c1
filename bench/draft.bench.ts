import { COLLAR_KINDS } from "@core/collar/index";
import { sweepMethods } from "@core/compare/index";
import { draftGarment } from "@core/garment/index";
import { type Cubic, cubicLength, svgPathData } from "@core/geometry/index";
import { CAP_SHAPES, halfCap } from "@core/sleeve/set-in/index";
import { sampleSpec, specOf } from "@core/testing/sample";
import { Bezier } from "bezier-js";
import { svgPathProperties } from "svg-path-properties";
import { bench, describe } from "vitest";

const spec = sampleSpec();
const puff = { ...spec, sleeve: { ...spec.sleeve, kind: "puff" as const } };
const rule = { ...spec, sleeve: { ...spec.sleeve, kind: "set-in" as const, method: "bust-twelfth" as const } };

/** The app drafts thousands of times while it is open: what counts is how fast it is once it is warm. */
const WARM = { warmupTime: 1500, time: 2000 };

describe("one draft with its checks (wanted: median under 1 ms)", () => {
  bench("fit first", () => void draftGarment(spec), WARM);
  bench("bust twelfth", () => void draftGarment(rule), WARM);
  bench("puff", () => void draftGarment(puff), WARM);
});

const EASES = Array.from({ length: 200 }, (_, i) => i / 4);

describe("the whole sweep: every method over 200 ease values (wanted: under half a second)", () => {
  bench("sweep", () => {
    sweepMethods(spec, EASES);
  });
});

const drafted = specOf({ format: "gamine-garment/1", unit: "in", body: { bust: 38 }, block: { source: "drafted" } });

describe("one draft with a block drafted from the measures (wanted: median under 1 ms)", () => {
  bench("drafted block and fit first", () => void draftGarment(drafted), WARM);
});

describe("one draft with a collar on it (wanted: median under 5 ms)", () => {
  for (const kind of COLLAR_KINDS) {
    const spec = { ...drafted, collar: { kind } };
    bench(kind, () => void draftGarment(spec), WARM);
  }
});

/** The half caps of a size run: the curves that a draft measures over and over. */
const shapes = CAP_SHAPES.quarters;
const caps = Array.from({ length: 64 }, (_, i) => halfCap(i % 2 === 0 ? shapes.front : shapes.back, 120 + i, 90 + i));
const beziers = caps.map(([a, b, c, d]) => new Bezier(a.x, a.y, b.x, b.y, c.x, c.y, d.x, d.y));

const paths = caps.map((cap) => svgPathData([cap]));

/** Curves of no garment: loops, hooks and near cusps, the same each time. */
const wild = Array.from({ length: 256 }, (_, i): Cubic => {
  const place = (k: number) => 600 * Math.abs(Math.sin(12.9898 * (i * 8 + k) + 78.233));
  const point = (k: number) => ({ x: place(2 * k), y: place(2 * k + 1) });
  return [point(0), point(1), point(2), point(3)];
});
const wildBeziers = wild.map(([a, b, c, d]) => new Bezier(a.x, a.y, b.x, b.y, c.x, c.y, d.x, d.y));

/** The library keeps what it once measured: it is asked afresh, as a draft asks with new curves. */
function measuredAnew(bezier: Bezier): void {
  Reflect.set(bezier, "_lut", []);
  bezier.length();
}

describe("arc length of 256 wild cubics (wanted: at least 4 times the library)", () => {
  bench("ours (error below 1e-11)", () => void wild.forEach((curve) => void cubicLength(curve)), WARM);
  bench("bezier-js (error up to 0.3 %)", () => wildBeziers.forEach(measuredAnew), WARM);
});

describe("arc length of 64 half caps, against two general-purpose curve libraries (wanted: at least 4 times the first)", () => {
  bench("ours (error below 1e-11)", () => void caps.forEach((curve) => void cubicLength(curve)), WARM);
  bench("bezier-js", () => beziers.forEach(measuredAnew), WARM);
  // Measures while it reads the path: its figure holds the reading too.
  bench(
    "svg-path-properties, from path data",
    () => {
      for (const path of paths) new svgPathProperties(path).getTotalLength();
    },
    WARM,
  );
});
