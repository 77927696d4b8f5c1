import { at } from "../../data";
import type { BodyFigures } from "./figure";

/** A level cut through the torso: half as wide, and how deep before and behind. Metres; y up from the neck point. */
type Section = { readonly y: number; readonly wide: number; readonly front: number; readonly back: number };

/** Between an ellipse and a box, as a torso is. */
const EXPONENT = 2.3;
/** How deep a torso is for its width, and how much more of it lies before the middle than behind. From memory. */
const SHAPES = {
  bust: { depth: 0.86, forward: 0.1 },
  waist: { depth: 0.74, forward: 0 },
  hip: { depth: 0.7, forward: -0.06 },
} as const;

/** So much of each millimetre of a cup's girth comes forward. From memory. */
const CUP_FORWARD = 0.35;
/** About: what a girth is of half the width of a torso. */
const GIRTH_OF_HALF_WIDTH = 5.6;

/** The girth of a section, as many times its half width. */
function girthFactor(front: number, back: number): number {
  const quarter = (deep: number) => {
    let [length, px, pz] = [0, 0, deep];
    for (let i = 1; i <= QUARTER_STEPS; i++) {
      const turn = (Math.PI / 2) * (i / QUARTER_STEPS);
      const x = Math.sin(turn) ** (2 / EXPONENT);
      const z = deep * Math.max(0, Math.cos(turn)) ** (2 / EXPONENT);
      length += Math.hypot(x - px, z - pz);
      [px, pz] = [x, z];
    }
    return length;
  };
  return 2 * (quarter(front) + quarter(back));
}

const QUARTER_STEPS = 600;

function sectionOf(
  y: number,
  girth: number,
  { depth, forward }: { readonly depth: number; readonly forward: number },
): Section {
  const [front, back] = [depth * (1 + forward), depth * (1 - forward)];
  const wide = girth / girthFactor(front, back);
  return { y, wide, front: wide * front, back: wide * back };
}

export type Torso = {
  /** How far outside the place lies, about; near the surface it is exact to the second order. Metres. */
  readonly distance: (x: number, y: number, z: number) => number;
  readonly sectionAt: (y: number) => Omit<Section, "y">;
};

/** The torso from the shoulders to below the hem, as smooth sections through every measured level. */
export function torsoOf({ levels, armpit, tip, neckPoint, foot, shape }: BodyFigures): Torso {
  const mm = (value: number) => value / 1000;
  const [bust, waist, hip] = levels;
  if (!bust || !waist || !hip) throw new RangeError("torsoOf: a torso has a bust, a waist and a hip");
  const measured = levels.map(({ id, y, girth }) => {
    const { depth, forward } = SHAPES[id];
    // Fullness of a bust lies before it and a belly before the waist: so much deeper in front, for the same girth.
    const more = id === "bust" ? CUP_FORWARD * shape.cup : id === "waist" ? shape.belly : 0;
    const half = (girth / GIRTH_OF_HALF_WIDTH) * depth;
    return sectionOf(-mm(y), mm(girth), { depth: depth * (1 + more / half / 4), forward: forward + more / half });
  });
  const atBust = at(measured, 0);
  const atHip = at(measured, 2);
  const shoulder = mm(tip.x);
  // Above the bust a body is as deep as its girth there says, however full the bust is.
  const usualFront = atBust.front - mm(CUP_FORWARD * shape.cup) / 2;
  const blades = mm(shape.blades + shape.stoop / 2);
  // From the armpit up the torso draws in to the neck; the shoulders are solids of their own.
  const upper: readonly Section[] = [
    { y: -mm(neckPoint.y) - 0.012, wide: mm(neckPoint.x) * 0.5, front: 0.012, back: 0.022 },
    { y: -mm(tip.y) - 0.03, wide: shoulder * 0.66, front: atBust.front * 0.4, back: atBust.back * 0.6 },
    {
      y: -mm((tip.y + armpit) / 2) - 0.012,
      wide: Math.min(shoulder * 0.8, atBust.wide * 0.93),
      front: usualFront * 0.7 + mm(shape.chest - shape.stoop / 2),
      back: atBust.back * 0.94 + blades,
    },
    {
      y: -mm(armpit),
      wide: Math.min(shoulder * 0.84, atBust.wide * 0.965),
      front: usualFront * 0.9 + mm(shape.chest) / 2,
      back: atBust.back * 0.99 + blades / 2,
    },
  ];
  const below: readonly Section[] = [0.12, 0.5].map((down, i) => ({
    y: Math.min(-mm(foot) - 0.02 * i, atHip.y - down),
    wide: atHip.wide * (0.985 - 0.03 * i),
    front: atHip.front * (0.985 - 0.03 * i),
    back: atHip.back * (0.97 - 0.03 * i),
  }));
  const sections = [...upper, ...measured, ...below].sort((a, b) => b.y - a.y);
  const table = tabulated(sections);
  const top = at(sections, 0).y;
  const distance = (x: number, y: number, z: number) => {
    const { wide, front, back, wideSlope, depthSlope } = table.read(y, z >= 0);
    const deep = z >= 0 ? front : back;
    const [u, v] = [Math.abs(x) / wide, Math.abs(z) / deep];
    const [up, vp] = [u ** EXPONENT, v ** EXPONENT];
    const radial = (up + vp) ** (1 / EXPONENT);
    // On the axis nothing says which way is out.
    if (radial < 0.25) return Math.max(y - top, -0.75 * Math.min(wide, deep));
    const scale = radial ** (1 - EXPONENT);
    const gx = (scale * u ** (EXPONENT - 1)) / wide;
    const gz = (scale * v ** (EXPONENT - 1)) / deep;
    const gy = scale * ((up / wide) * wideSlope + (vp / deep) * depthSlope);
    return Math.max(y - top, (radial - 1) / Math.sqrt(gx * gx + gy * gy + gz * gz));
  };
  const read = (y: number) => {
    const { wide, front, back } = table.read(y, true);
    return { wide, front, back };
  };
  return { distance, sectionAt: read };
}

/** Every two millimetres, so that a place is found at once. */
const STEP = 0.002;

function tabulated(sections: readonly Section[]) {
  const [top, bottom] = [at(sections, 0).y, at(sections, sections.length - 1).y];
  const count = Math.ceil((top - bottom) / STEP) + 1;
  const ys = sections.map(({ y }) => -y);
  const column = (of: (section: Section) => number) => {
    const curve = monotone(ys, sections.map(of));
    return Float64Array.from({ length: count }, (_, i) => curve(-top + i * STEP));
  };
  const [wide, front, back] = [column((s) => s.wide), column((s) => s.front), column((s) => s.back)];
  const value = (list: Float64Array, place: number) => {
    const i = Math.min(count - 2, Math.max(0, Math.floor(place)));
    const share = Math.min(1, Math.max(0, place - i));
    return (list[i] ?? 0) + ((list[i + 1] ?? 0) - (list[i] ?? 0)) * share;
  };
  const slope = (list: Float64Array, place: number) => {
    if (place < 0 || place > count - 1) return 0;
    const i = Math.min(count - 2, Math.floor(place));
    return ((list[i] ?? 0) - (list[i + 1] ?? 0)) / STEP;
  };
  const read = (y: number, isFront: boolean) => {
    const place = (top - y) / STEP;
    return {
      wide: value(wide, place),
      front: value(front, place),
      back: value(back, place),
      wideSlope: slope(wide, place),
      depthSlope: slope(isFront ? front : back, place),
    };
  };
  return { read };
}

/** A curve through all the points that swings beyond none of them (Fritsch and Carlson 1980). */
function monotone(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const n = xs.length;
  const widths = Array.from({ length: n - 1 }, (_, i) => at(xs, i + 1) - at(xs, i));
  const chords = widths.map((width, i) => (at(ys, i + 1) - at(ys, i)) / width);
  const slopes = xs.map((_, i) => {
    const [before, after] = [chords[i - 1], chords[i]];
    if (before === undefined || after === undefined) return before ?? after ?? 0;
    if (before * after <= 0) return 0;
    const [h0, h1] = [at(widths, i - 1), at(widths, i)];
    const [p, q] = [2 * h1 + h0, h1 + 2 * h0];
    return (p + q) / (p / before + q / after);
  });
  return (x) => {
    if (x <= at(xs, 0)) return at(ys, 0);
    if (x >= at(xs, n - 1)) return at(ys, n - 1);
    const i = xs.findLastIndex((one) => one <= x);
    const [h, t] = [at(widths, i), (x - at(xs, i)) / at(widths, i)];
    const [t2, t3] = [t * t, t * t * t];
    return (
      (2 * t3 - 3 * t2 + 1) * at(ys, i) +
      (t3 - 2 * t2 + t) * h * at(slopes, i) +
      (-2 * t3 + 3 * t2) * at(ys, i + 1) +
      (t3 - t2) * h * at(slopes, i + 1)
    );
  };
}
