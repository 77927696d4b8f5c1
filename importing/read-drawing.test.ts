import { boxOf, pathLength } from "@core/geometry/index";
import { path as d3Path } from "d3-path";
import fc from "fast-check";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { type DrawingUnit, drawnEdges, isTooLarge, joinEdges, readDrawing } from ".";

function shapesIn(text: string, assumed: DrawingUnit | null = null) {
  const read = readDrawing(text, assumed);
  if (!read.ok) throw new Error(`${read.problem.code}: ${read.problem.message}`);
  return read.drawing.shapes;
}

const lengthIn = (text: string, assumed: DrawingUnit | null = null) =>
  shapesIn(text, assumed).reduce((sum, shape) => sum + pathLength(shape.path), 0);

const svg = (inside: string, attributes = 'width="200mm" height="100mm" viewBox="0 0 200 100"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`;

function problemOf(text: string, assumed: DrawingUnit | null = null) {
  const read = readDrawing(text, assumed);
  return read.ok ? null : read.problem;
}

describe("SVG at true scale", () => {
  it.each([
    ["millimetres", 'width="200mm" height="100mm" viewBox="0 0 200 100"', 100],
    ["centimetres with their own box", 'width="20cm" height="10cm" viewBox="0 0 400 200"', 50],
    ["inches", 'width="4in" height="2in" viewBox="0 0 4 2"', 2540],
    ["pixels", 'width="200px" height="100px"', (100 * 25.4) / 96],
    ["points", 'width="200pt" height="100pt" viewBox="0 0 200 100"', (100 * 25.4) / 72],
    ["millimetres without a box: user units stay pixels", 'width="200mm" height="100mm"', (100 * 25.4) / 96],
    ["a box that does not begin at nothing", 'width="200mm" height="100mm" viewBox="-50 -50 200 100"', 100],
  ])("reads %s", (_name, attributes, expected) => {
    expect(lengthIn(svg('<line x1="10" y1="10" x2="110" y2="10"/>', attributes))).toBeCloseTo(expected, 6);
  });

  it("asks for the unit where the drawing says none, and takes the one chosen", () => {
    const text = svg('<path d="M0 0H30"/>', 'width="200" height="100" viewBox="0 0 200 100"');
    expect(problemOf(text)?.code).toBe("no-unit");
    expect(lengthIn(text, "mm")).toBeCloseTo(30, 9);
    expect(lengthIn(text, "in")).toBeCloseTo(762, 9);
  });

  it("puts transforms together from the inside out, nested drawings too", () => {
    const text = svg(
      '<g transform="translate(100 0) rotate(90)"><g transform="scale(2)"><path d="M0 0L10 0"/></g></g><svg x="10" y="20" width="50" height="50" viewBox="0 0 100 100"><path d="M0 0L100 0"/></svg>',
    );
    const [turned, nested] = shapesIn(text);
    const box = boxOf([turned?.path ?? []]);
    expect(box.left).toBeCloseTo(100, 9);
    expect(box.bottom).toBeCloseTo(20, 9);
    expect(nested && boxOf([nested.path])).toEqual({ left: 10, top: 20, right: 60, bottom: 20 });
  });

  it.each([
    ["rectangle", '<rect x="1" y="2" width="30" height="20"/>', 100],
    ["circle", '<circle cx="50" cy="50" r="40"/>', 2 * Math.PI * 40],
    ["polyline", '<polyline points="0,0 30,0 30,40"/>', 70],
    ["polygon", '<polygon points="0 0 30 0 30 40"/>', 120],
    ["arc in a path", '<path d="M10 50A40 40 0 0 1 90 50"/>', Math.PI * 40],
    ["small-flagged arc that is too short for its radius", '<path d="M0 0a1 1 0 0 0 20 0"/>', Math.PI * 10],
  ])("reads a %s (geometry)", (_name, inside, expected) => {
    // A quarter of a circle as one cubic is 1.4e-4 longer than the arc; what is straight is exact.
    const off = /circle|[Aa]\d/.test(inside) ? 2e-4 * expected : 1e-9;
    expect(Math.abs(lengthIn(svg(inside)) - expected)).toBeLessThan(off);
  });

  it("agrees with an independent library on paths that another library wrote (reference libraries: svg-path-properties, d3-path)", () => {
    const figure = fc.integer({ min: 0, max: 400 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(figure, figure, figure, figure, figure, figure), { minLength: 1, maxLength: 6 }),
        (curves) => {
          const written = d3Path();
          written.moveTo(20, 30);
          for (const [a, b, c, d, e, f] of curves) {
            written.bezierCurveTo(a, b, c, d, e, f);
            written.quadraticCurveTo(f, e, d, c);
            written.lineTo(b, a);
          }
          const data = written.toString();
          const expected = new svgPathProperties(data).getTotalLength();
          const ours = lengthIn(svg(`<path d="${data}"/>`, 'width="400mm" height="400mm" viewBox="0 0 400 400"'));
          expect(Math.abs(ours - expected) / expected).toBeLessThan(2e-3);
        },
      ),
      { numRuns: 60 },
    );
  });

  it("reads a curve of an ordinary armhole the same to 0.01 mm (reference library: svg-path-properties)", () => {
    const written = d3Path();
    written.moveTo(170, 25);
    written.bezierCurveTo(160, 80, 158, 120, 158, 140);
    written.bezierCurveTo(158, 190, 185, 222, 235, 222);
    written.arc(235, 200, 22, Math.PI / 2, 0, true);
    const data = written.toString();
    const ours = lengthIn(svg(`<path d="${data}"/>`, 'width="400mm" height="400mm" viewBox="0 0 400 400"'));
    expect(Math.abs(ours - new svgPathProperties(data).getTotalLength())).toBeLessThan(0.01);
  });
});

describe("SVG that is hostile or broken", () => {
  it.each([
    [
      "an entity bomb",
      `<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>${svg("<text>&b;</text>")}`,
      "unsafe",
    ],
    [
      "an entity from a file",
      `<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>${svg("<text>&x;</text>")}`,
      "unsafe",
    ],
    ["no SVG at all", "<html><body><p>hello</p></body></html>", "not-a-drawing"],
    ["an end that is missing", '<svg width="10mm" height="10mm"><path d="M0 0L9 9"/>', "not-a-drawing"],
    ["elements nested without end", `${svg(`${"<g>".repeat(500)}${"</g>".repeat(500)}`)}`, "too-much"],
    ["far too many lines", svg('<path d="M0 0L9 9"/>'.repeat(6000)), "too-much"],
    ["figures beyond all measure", svg('<path d="M0 0L1e9 0"/>'), "too-much"],
    ["nothing drawn", svg("<g/>"), "empty"],
    ["nothing", "", "not-a-drawing"],
    ["a picture's bytes", "\u0089PNG\r\n\u0000\u0001", "not-a-drawing"],
    ["prose", "Dear Madam, the armhole measures nine inches.", "not-a-drawing"],
  ])("is refused with a plain reason: %s", (_name, text, code) => {
    const problem = problemOf(text);
    expect(problem?.code).toBe(code);
    expect(problem?.message).toMatch(/\.$/);
    expect(problem?.message).not.toMatch(/[<>]/);
  });

  it("is refused by its size before it is read", () => {
    expect(isTooLarge(50_000_000)).toBe(true);
    expect(problemOf(" ".repeat(5_000_001))?.code).toBe("too-large");
  });

  it("is cleaned of what is not geometry, and says so", () => {
    const text = svg(
      `<script>alert(1)</script><path id="front.armhole&quot;&gt;&lt;img onerror=x&gt;" onclick="alert(2)" d="M0 0L50 0"/>
       <foreignObject><p>x</p></foreignObject><use href="#a"/><image href="http://x/y.png"/><g style="display:none"><path d="M0 0L9 9"/></g>
       <defs><path d="M0 0L9 9"/></defs><path d="not a path"/>`,
    );
    const read = readDrawing(text);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.drawing.shapes.length).toBe(1);
    expect(Object.keys(read.drawing.shapes[0] ?? {}).sort()).toEqual(["isClosed", "name", "path"]);
    expect(read.drawing.notes.join(" ")).toMatch(/script.*foreign object.*linked copy.*picture.*cannot be read/s);
  });

  it("never throws, whatever comes", () => {
    fc.assert(
      fc.property(
        fc.string({ unit: "binary", maxLength: 300 }),
        fc.constantFrom("", "<svg>", '<svg width="9mm">', "0\nSECTION\n"),
        (noise, begin) => {
          const read = readDrawing(begin + noise);
          if (!read.ok) expect(read.problem.message.length).toBeGreaterThan(5);
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe("edges", () => {
  it("are cut at corners and joined where lines meet, curves of many straight pieces kept whole", () => {
    const arc = Array.from({ length: 31 }, (_, i) => {
      const angle = (Math.PI / 2) * (i / 30);
      return `${100 + 80 * Math.cos(angle)} ${20 + 80 * Math.sin(angle)}`;
    });
    const text = svg(
      `<polyline points="${arc.join(" ")}"/><line x1="100" y1="100" x2="20" y2="100"/><line x1="20" y1="20" x2="20" y2="100"/><path d="M20 20H180"/>`,
    );
    const edges = drawnEdges({ shapes: shapesIn(text), notes: [] });
    expect(edges.length).toBe(3);
    expect(edges.every((edge) => edge.line.isClosed)).toBe(true);
    expect(Math.max(...edges.map((edge) => edge.length))).toBeCloseTo(Math.PI * 40 + 80, 0);
  });

  it("drawn as hundreds of small pieces become one fair curve that keeps to them", () => {
    const points = Array.from({ length: 400 }, (_, i) => {
      const angle = (Math.PI / 2) * (i / 399);
      return `${(200 - 110 * Math.sin(angle)).toFixed(4)} ${(220 - 190 * Math.cos(angle)).toFixed(4)}`;
    });
    const [edge] = drawnEdges({ shapes: shapesIn(svg(`<polyline points="${points.join(" ")}"/>`)), notes: [] });
    if (!edge) throw new Error("one edge is drawn");
    const joined = joinEdges([edge]);
    expect(joined?.length).toBeLessThan(60);
    expect(Math.abs(pathLength(joined ?? []) - edge.length)).toBeLessThan(0.05);
  });

  it("pointed at one after another make one line when they meet, and none when they do not", () => {
    const edges = drawnEdges({
      shapes: shapesIn(svg('<path d="M0 0L50 0L50 60L0 60"/><path d="M100 0L150 0"/>')),
      notes: [],
    });
    const [a, b, c, apart] = edges;
    if (!a || !b || !c || !apart) throw new Error("four edges are drawn");
    const joined = joinEdges([c, a, b]);
    expect(joined && pathLength(joined)).toBeCloseTo(160, 9);
    expect(joinEdges([a, apart])).toBeNull();
    expect(joinEdges([])).toBeNull();
  });
});
