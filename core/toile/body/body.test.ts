import { at } from "@core/data/index";
import { sketchGarment } from "@core/garment/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { bodyOf, women } from "@core/testing/women";
import { hung, started } from "@core/testing/worn";
import { describe, expect, it } from "vitest";
import { COARSE, wear } from "..";
import { armOf, HANGING, HELD_OUT } from "./arm";
import { trunkOf, withArm } from "./body";
import { figuresOf } from "./figure";
import { roundConeDistance } from "./round-cone";
import { surfaceOf } from "./surface";

const BODIES = [
  MIDDLE_BODY,
  ...[0, 25, 50, 75, 100, 130, 160, 190, 215, 240, 259].flatMap((i) => (women[i] ? [bodyOf(women[i])] : [])),
];

function figuresFor(body: Parameters<typeof startedFrom>[1]) {
  const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
  const spec = point && startedFrom(point, body);
  const figures = spec && figuresOf(sketchGarment(spec));
  if (!figures) throw new Error("every one of them has a block");
  return figures;
}

/** The girth of a solid at a level, by going out from the axis to where it ends, every half degree. Millimetres. */
function girthAt(outside: (x: number, y: number, z: number) => number, y: number): number {
  let [girth, px, pz] = [0, 0, 0];
  for (let i = 0; i <= 360; i++) {
    const turn = (Math.PI * i) / 360;
    let [low, high] = [0.02, 0.4];
    for (let n = 0; n < 40; n++) {
      const middle = (low + high) / 2;
      if (outside(middle * Math.sin(turn), y, middle * Math.cos(turn)) > 0) high = middle;
      else low = middle;
    }
    const [x, z] = [low * Math.sin(turn), low * Math.cos(turn)];
    if (i > 0) girth += Math.hypot(x - px, z - pz);
    [px, pz] = [x, z];
  }
  return girth * 2000;
}

/** The girth of a tape that is laid round a solid in a plane that rises backwards by `rises`, over hollows as a tape goes. Millimetres. */
function tapeRound(outside: (x: number, y: number, z: number) => number, y: number, rises: number): number {
  const middle = 0.005 + 0.25 * Math.max(0, y);
  const places = Array.from({ length: 361 }, (_, i) => {
    const turn = (Math.PI * i) / 360;
    let [low, high] = [0.005, 0.3];
    for (let n = 0; n < 40; n++) {
      const r = (low + high) / 2;
      const z = middle + r * Math.cos(turn);
      if (outside(r * Math.sin(turn), y - rises * z, z) > 0) high = r;
      else low = r;
    }
    return { x: low * Math.sin(turn), z: (middle + low * Math.cos(turn)) * Math.hypot(1, rises) };
  });
  const hull = [at(places, 0)];
  for (const p of places.slice(1)) {
    while (hull.length > 1 && turnsInwards(at(hull, hull.length - 2), at(hull, hull.length - 1), p)) hull.pop();
    hull.push(p);
  }
  return 2000 * hull.slice(1).reduce((sum, p, i) => sum + Math.hypot(p.x - at(hull, i).x, p.z - at(hull, i).z), 0);
}

type OnTape = { readonly x: number; readonly z: number };
const turnsInwards = (a: OnTape, b: OnTape, c: OnTape) => (b.x - a.x) * (c.z - a.z) - (b.z - a.z) * (c.x - a.x) > 0;

describe("the body of a toile", () => {
  it("is measured on twelve women across the range (open data set: Heinz, Peterson, Johnson and Kerk 2003)", () => {
    expect(BODIES).toHaveLength(12);
  });

  it.each(BODIES.map((body, i) => [i, body] as const))(
    "has her girths at bust, waist and hip within 3 mm: %i",
    (_i, body) => {
      const figures = figuresFor(body);
      const { exact, solid } = trunkOf(figures);
      const normal = new Float64Array(3);
      for (const { y, girth } of figures.levels) {
        expect(Math.abs(girthAt(exact, -y / 1000) - girth)).toBeLessThan(3);
        expect(Math.abs(girthAt((...at) => solid(...at, normal), -y / 1000) - girth)).toBeLessThan(3);
      }
    },
  );

  it.each(BODIES.map((body, i) => [i, body] as const))(
    "has her girths at the neck base and round the middle of the neck within 3 mm: %i",
    (_i, body) => {
      const { exact } = trunkOf(figuresFor({ ...body, neckBase: 0.4 * (body.bust ?? 900) }));
      const figures = figuresFor({ ...body, neckBase: 0.4 * (body.bust ?? 900) });
      expect(figures.neckBase).toEqual({ girth: 0.4 * (body.bust ?? 900), isMeasured: true });
      const top = -figures.neckPoint.y / 1000;
      // A tape lies square to the neck, which leans: half as much forward as it goes up.
      const tape = (height: number) => tapeRound(exact, top + height, 0.5);
      expect(Math.abs(tape(0.007) - figures.neckBase.girth)).toBeLessThan(3);
      expect(Math.abs(tape(0.065) - figures.neck.girth)).toBeLessThan(3);
    },
  );

  it("has a neck that a garment drafted to it goes round: its neckline is stretched by less than a tenth", () => {
    const spec = started("work-shirt");
    const worn = hung(wear(sketchGarment({ ...spec, sleeve: null, collar: null }), COARSE));
    const lengthOf = (places: readonly (readonly number[])[]) =>
      places.slice(1).reduce((sum, p, i) => sum + Math.hypot(...p.map((part, k) => part - (places[i]?.[k] ?? 0))), 0);
    worn.cut.meshes.forEach(({ piece, edges, points }, m) => {
      const stops = edges.get("neckline") ?? [];
      if (stops.length === 0) return;
      const flat = lengthOf(stops.map(({ point }) => [points[point]?.x ?? 0, points[point]?.y ?? 0]));
      const own = stops.map(({ point }) =>
        [0, 1, 2].map((k) => 1000 * (worn.local[((worn.cut.first[m] ?? 0) + point) * 3 + k] ?? 0)),
      );
      expect(lengthOf(own) / flat, piece.id).toBeLessThan(1.1);
      expect(lengthOf(own) / flat, piece.id).toBeGreaterThan(0.97);
    });
  });

  it("has the girths of her arm at upper arm, elbow and wrist within 3 mm, straight or bent", () => {
    const figures = figuresFor(MIDDLE_BODY);
    for (const pose of [HANGING, HELD_OUT, { raised: 100, forward: 20, elbow: 60 }]) {
      const arm = armOf(figures, pose);
      expect(2000 * Math.PI * arm.upperRadius).toBeCloseTo(figures.arm.upper, 6);
      expect(2000 * Math.PI * arm.elbowRadius).toBeCloseTo(figures.arm.elbow, 6);
      expect(2000 * Math.PI * arm.wristRadius).toBeCloseTo(figures.arm.wrist, 6);
      const [dx, dy, dz] = [0, 1, 2].map((k) => (arm.elbow[k] ?? 0) - (arm.shoulder[k] ?? 0));
      expect(Math.hypot(dx ?? 0, dy ?? 0, dz ?? 0)).toBeCloseTo(arm.upperLength, 9);
    }
  });

  it("says which of its figures nobody measured", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("there is a work shirt");
    const { hip: _, ...rest } = spec.body;
    const figures = figuresOf(sketchGarment({ ...spec, body: rest }));
    expect(figures?.levels.map(({ isMeasured }) => isMeasured)).toEqual([true, true, false]);
  });

  it("keeps its armpit above the garment's underarm, and its shoulder inside the garment's", () => {
    for (const body of BODIES) {
      const point = STARTING_POINTS.find(({ id }) => id === "work-shirt");
      const spec = point && startedFrom(point, body);
      const garment = spec && sketchGarment(spec);
      const figures = garment && figuresOf(garment);
      if (!garment?.block || !figures) throw new Error("every one of them has a block");
      const armhole = garment.block.front.armhole.path;
      const underarm = garment.block.back.armhole.path.at(-1)?.[3].y ?? 0;
      expect(figures.armpit).toBeLessThan(underarm - 15);
      expect(figures.tip.x).toBeLessThan(armhole[0]?.[0].x ?? 0);
    }
  });

  it("gives the way out of it as a unit vector that leads out", () => {
    const figures = figuresFor(MIDDLE_BODY);
    const solid = withArm(trunkOf(figures), HANGING);
    const [normal, other] = [new Float64Array(3), new Float64Array(3)];
    for (let n = 0; n < 400; n++) {
      const [x, y, z] = [
        0.02 + 0.2 * Math.abs(Math.sin(n)),
        -0.6 * Math.abs(Math.sin(n * 1.7)),
        0.15 * Math.sin(n * 2.3),
      ];
      const out = solid(x, y, z, normal);
      if (Math.abs(out) > 0.03) continue;
      expect(Math.hypot(normal[0] ?? 0, normal[1] ?? 0, normal[2] ?? 0)).toBeCloseTo(1, 6);
      const further = solid(
        x + (normal[0] ?? 0) * 0.004,
        y + (normal[1] ?? 0) * 0.004,
        z + (normal[2] ?? 0) * 0.004,
        other,
      );
      // In the crease between arm and trunk the way out of the one runs along the other.
      expect(further).toBeGreaterThan(out - 2e-4);
    }
  });

  it("measures a cone between two balls as its parts are (reference: the distance to a ball)", () => {
    const normal = new Float64Array(3);
    const ball = roundConeDistance({ from: [0, 0, 0], to: [0, 0.2, 0], fromRadius: 0.05, toRadius: 0.05 });
    expect(ball(0, -0.1, 0, normal)).toBeCloseTo(0.05, 12);
    expect(ball(0.1, 0.1, 0, normal)).toBeCloseTo(0.05, 12);
    const cone = roundConeDistance({ from: [0, 0, 0], to: [0, 0.3, 0], fromRadius: 0.06, toRadius: 0.03 });
    // On the leaning side the place touches the ball that lies square below it.
    const lean = Math.asin(0.03 / 0.3);
    const foot = { y: 0.15, r: 0.045 };
    expect(cone(Math.cos(lean) * (foot.r + 0.02), foot.y + Math.sin(lean) * (foot.r + 0.02), 0, normal)).toBeCloseTo(
      0.02,
      9,
    );
  });

  it("is drawn closed enough to look at: every triangle has three different points, and none is no number", () => {
    const { places, triangles } = surfaceOf(trunkOf(figuresFor(MIDDLE_BODY)), HANGING);
    expect(places.every(Number.isFinite)).toBe(true);
    for (let t = 0; t < triangles.length; t += 3) expect(new Set(triangles.slice(t, t + 3)).size).toBe(3);
    expect(Math.max(...triangles)).toBeLessThan(places.length / 3);
  });
});
