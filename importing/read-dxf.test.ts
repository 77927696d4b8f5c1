import { boxOf, pathLength } from "@core/geometry/index";
import { DxfWriter, point3d, Units } from "@tarikjabiri/dxf";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import { type DrawingUnit, readDrawing } from ".";

function shapesIn(text: string, assumed: DrawingUnit | null = null) {
  const read = readDrawing(text, assumed);
  if (!read.ok) throw new Error(`${read.problem.code}: ${read.problem.message}`);
  return read.drawing.shapes;
}

const lengthIn = (text: string, assumed: DrawingUnit | null = null) =>
  shapesIn(text, assumed).reduce((sum, shape) => sum + pathLength(shape.path), 0);

function problemOf(text: string, assumed: DrawingUnit | null = null) {
  const read = readDrawing(text, assumed);
  return read.ok ? null : read.problem;
}

describe("DXF at true scale", () => {
  function written(draw: (writer: DxfWriter) => void, units = Units.Millimeters): string {
    const writer = new DxfWriter();
    writer.setUnits(units);
    draw(writer);
    return writer.stringify();
  }

  it.each([
    ["millimetres", Units.Millimeters, 1],
    ["centimetres", Units.Centimeters, 10],
    ["inches", Units.Inches, 25.4],
  ])("reads %s, as a general-purpose library writes them", (_name, units, factor) => {
    const text = written((w) => w.addLine(point3d(0, 0), point3d(30, 40)), units);
    expect(lengthIn(text)).toBeCloseTo(50 * factor, 9);
  });

  it("asks for the unit where the drawing says none", () => {
    const text = written((w) => w.addLine(point3d(0, 0), point3d(3, 4)), Units.Unitless);
    expect(problemOf(text)?.code).toBe("no-unit");
    expect(lengthIn(text, "cm")).toBeCloseTo(50, 9);
  });

  it.each([
    ["arc", (w: DxfWriter) => w.addArc(point3d(10, 10), 100, 350, 80), 100 * (Math.PI / 2)],
    ["circle", (w: DxfWriter) => w.addCircle(point3d(0, 0), 60), 2 * Math.PI * 60],
    [
      "half an ellipse that is a circle",
      (w: DxfWriter) => w.addEllipse(point3d(5, 5), point3d(40, 0), 1, 0, Math.PI),
      Math.PI * 40,
    ],
    [
      "polyline with a bulge of a half circle",
      (w: DxfWriter) =>
        w.addLWPolyline([{ point: point3d(0, 0), bulge: 1 }, { point: point3d(80, 0) }, { point: point3d(80, 30) }]),
      Math.PI * 40 + 30,
    ],
    [
      "polyline with a bulge of a quarter circle the other way",
      (w: DxfWriter) =>
        w.addLWPolyline([{ point: point3d(0, 0), bulge: -Math.tan(Math.PI / 8) }, { point: point3d(50, 50) }]),
      (Math.PI / 2) * 50,
    ],
  ])("reads an %s (geometry)", (_name, draw, expected) => {
    expect(Math.abs(lengthIn(written((w) => void draw(w))) - expected)).toBeLessThan(1e-3);
  });

  it("reads a spline of several spans as the curve it is (a clamped quadratic whose pieces are known)", () => {
    const points = [point3d(0, 0), point3d(0, 60), point3d(60, 60)];
    const text = written((w) => void w.addSpline({ controlPoints: points, degreeCurve: 2, knots: [0, 0, 0, 1, 1, 1] }));
    const expected = new svgPathProperties("M0 0Q0 60 60 60").getTotalLength();
    expect(Math.abs(lengthIn(text) - expected)).toBeLessThan(0.01);
    const [shape] = shapesIn(text);
    expect(boxOf([shape?.path ?? []]).top).toBeCloseTo(-60, 9);
  });

  it("goes into blocks, turned and scaled, and stops at blocks without end", () => {
    const text = written((w) => {
      const block = w.addBlock("part");
      block.addLine(point3d(0, 0), point3d(10, 0));
      w.addInsert("part", point3d(5, 5), { scaleFactor: { x: 2, y: 2, z: 1 }, rotationAngle: 90 });
    });
    const [shape] = shapesIn(text);
    expect(pathLength(shape?.path ?? [])).toBeCloseTo(20, 6);
    const endless = written((w) => {
      const block = w.addBlock("loop");
      block.addLine(point3d(0, 0), point3d(10, 0));
      for (let i = 0; i < 9; i++) block.addInsert("loop", point3d(1, 1));
      w.addInsert("loop", point3d(0, 0));
    });
    expect(problemOf(endless)?.code).toBe("too-much");
  });

  it("refuses a binary one and a broken one with a plain reason", () => {
    expect(problemOf("AutoCAD Binary DXF\r\n\u001a")?.message).toContain("ASCII");
    expect(problemOf("0\nSECTION\n2\nENTITIES\n0\nLINE\nten\nx\n")?.code).toBe("not-a-drawing");
  });
});
