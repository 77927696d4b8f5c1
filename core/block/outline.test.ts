import { describe, expect, it } from "vitest";
import { draftGarment } from "../garment";
import { endOf, mapPath, type Path, reversePath, rotatePath, startOf, svgPathData } from "../geometry";
import type { OutlineHalfSpec } from "../spec";
import { figureOf, specOf } from "../testing/sample";
import { SIDES } from ".";

const DRAFTED = draftGarment(
  specOf({ format: "gamine-garment/1", unit: "cm", body: { bust: 96 }, block: { source: "drafted" } }),
);
const HALVES = DRAFTED.block;
if (!HALVES) throw new Error("bust 96 drafts");

function halfSpec(
  side: "front" | "back",
  move: (path: Path) => Path,
  edges = ["neckline", "shoulder", "grain"],
): OutlineHalfSpec {
  const half = HALVES?.[side];
  if (!half) throw new Error("there is a block");
  const data = (path: Path) => svgPathData(move(path));
  return {
    armhole: data(half.armhole.path),
    ...(edges.includes("neckline") ? { neckline: data(half.neckline.path) } : {}),
    ...(edges.includes("shoulder") ? { shoulder: data(half.shoulder.path) } : {}),
    ...(edges.includes("grain") ? { grain: data(half.centre) } : {}),
  };
}

function outlined(move: (path: Path) => Path, edges?: string[]) {
  return specOf({
    format: "gamine-garment/1",
    unit: "cm",
    block: { source: "outline", front: halfSpec("front", move, edges), back: halfSpec("back", move, edges) },
  });
}

const shift = (path: Path) => mapPath(path, (p) => ({ x: p.x + 310, y: p.y - 95 }));
const mirror = (path: Path) => mapPath(path, (p) => ({ x: 700 - p.x, y: p.y }));
const about = { x: 40, y: 10 };

describe("a block from pointed-at edges", () => {
  it.each([
    ["as it was drawn", shift],
    ["mirrored", mirror],
    ["turned a quarter", (path: Path) => rotatePath(path, about, Math.PI / 2)],
    ["upside down and mirrored", (path: Path) => mirror(rotatePath(path, about, Math.PI))],
    ["turned by 17 degrees, with its grain", (path: Path) => rotatePath(path, about, 0.3)],
    ["with every edge the other way round", reversePath],
  ])("lies in place with the same curves, %s", (_name, move) => {
    const { block } = draftGarment(outlined(move));
    for (const side of SIDES) {
      const [is, was] = [block?.[side], HALVES?.[side]];
      if (!is || !was) throw new Error("both are there");
      expect(is.armhole.length).toBeCloseTo(was.armhole.length, 2);
      expect(is.neckline.length).toBeCloseTo(was.neckline.length, 2);
      for (const at of [startOf, endOf]) {
        expect(at(is.armhole.path).x).toBeCloseTo(at(was.armhole.path).x, 1);
        expect(at(is.armhole.path).y).toBeCloseTo(at(was.armhole.path).y, 1);
        expect(at(is.neckline.path).x).toBeCloseTo(at(was.neckline.path).x, 1);
      }
    }
  });

  it("needs only the armholes for a sleeve, and marks the rest as stand-ins", () => {
    const spec = outlined(shift, []);
    const garment = draftGarment(spec);
    expect(garment.sleeve).not.toBeNull();
    expect(figureOf(spec, "block.armhole.front")).toBeCloseTo(HALVES?.front.armhole.length ?? 0, 2);
    const neck = garment.figures.find((figure) => figure.id === "block.neckline.front");
    expect(neck?.source).toBe("stand-in");
    expect(garment.defaults.map((taken) => taken.path)).toContain("block.front.neckline");
  });

  it.each([
    ["crosses itself", { armhole: "M0 0L0 200L80 200L-40 100" }, /crosses itself/],
    ["lies on its side", { armhole: "M0 0C60 5 140 -5 200 10" }, /does not run from the shoulder/],
    ["is a slip of the pointer", { armhole: "M0 0L0 12" }, /too short/],
    ["is no shoulder", { shoulder: "M0 0L40 90L120 20" }, /too bent/],
  ])("says which edge is wrong when one %s", (_name, edge, words) => {
    const pointedAt = { ...halfSpec("front", shift, ["neckline", "grain"]), ...edge };
    const garment = draftGarment(
      specOf({
        format: "gamine-garment/1",
        unit: "cm",
        block: { source: "outline", front: pointedAt, back: halfSpec("back", shift) },
      }),
    );
    expect(garment.block).toBeNull();
    const finding = garment.findings.find((one) => one.code === "outline-unusable");
    expect(finding?.message.join("")).toMatch(words);
  });

  it("laid anyhow in a photograph, without a grain line, is hung so that the armhole runs out level, and says so", () => {
    const laid = (path: Path) => mirror(rotatePath(path, about, 1.1));
    const block = {
      source: "outline",
      from: "photograph",
      front: halfSpec("front", laid, []),
      back: halfSpec("back", laid, []),
    };
    const garment = draftGarment(specOf({ format: "gamine-garment/1", unit: "cm", block }));
    expect(garment.block && Math.abs(garment.block.depth - (HALVES?.depth ?? 0))).toBeLessThan(6);
    expect(garment.findings.map((one) => one.code)).toContain("grain-not-given");
  });

  it("says how far a traced length may be off", () => {
    const block = {
      source: "outline",
      from: "photograph",
      error: 0.15,
      front: halfSpec("front", shift),
      back: halfSpec("back", shift),
    };
    const garment = draftGarment(specOf({ format: "gamine-garment/1", unit: "cm", block }));
    expect(garment.findings.find((one) => one.code === "traced-estimate")?.numbers.error).toBeCloseTo(1.5, 9);
  });
});
