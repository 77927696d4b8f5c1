import { COLLAR_KINDS } from "@core/collar/index";
import { sweepMethods } from "@core/compare/index";
import { draftGarment } from "@core/garment/index";
import { cubicLength, svgPathData } from "@core/geometry/index";
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

/** The next of a size run at each call, so that a second's calls are as many curves measured. */
function inTurn<T>(items: readonly T[]): () => T {
  let next = -1;
  return () => {
    next = (next + 1) % items.length;
    return items[next] as T;
  };
}

const nextCap = inTurn(caps);
const nextBezier = inTurn(beziers);
const nextPath = inTurn(paths);

describe("arc length: hz is half caps measured in a second, against two general-purpose curve libraries", () => {
  bench("ours (error below 1e-9)", () => {
    cubicLength(nextCap());
  });
  bench("bezier-js", () => {
    const bezier = nextBezier();
    // The library keeps what it once measured: it is asked afresh, as a draft asks with new curves.
    Reflect.set(bezier, "_lut", []);
    bezier.length();
  });
  // Measures while it reads the path: its figure holds the reading too.
  bench("svg-path-properties, from path data", () => {
    new svgPathProperties(nextPath()).getTotalLength();
  });
});
