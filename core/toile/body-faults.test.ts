import { describe, expect, it } from "vitest";
import type { BodyAlteration } from "../block";
import { sketchGarment } from "../garment";
import { applyChange, type GarmentSpec } from "../spec";
import { hung, started } from "../testing/worn";
import { type BodyFigures, type BodyShape, figuresOf, type TorsoLevel } from "./body/figure";
import { COARSE, readsOf, type Worn, wear, wearFrom } from "./index";

/** A close garment with a straight hem, whose reads tell how it stands. */
const close = (bodyLength: "hip" | "below-hip"): GarmentSpec => ({
  ...started("work-shirt"),
  collar: null,
  bodice: {},
  block: { source: "drafted", garment: "dress", bodyLength, bustDart: "side" },
});

const value = (worn: Worn, id: string) => readsOf(worn).find((one) => one.id === id)?.value ?? Number.NaN;

function tried(spec: GarmentSpec) {
  const garment = sketchGarment(spec);
  const own = figuresOf(garment);
  if (!own) throw new Error("there is no body to wear it");
  return { spec, garment, own, base: hung(wear(garment, COARSE)) };
}

const withShape = (own: BodyFigures, change: Partial<BodyShape>): BodyFigures => ({
  ...own,
  shape: { ...own.shape, ...change },
});
const withLevels = (own: BodyFigures, change: (level: TorsoLevel) => Partial<TorsoLevel>): BodyFigures => ({
  ...own,
  levels: own.levels.map((level) => ({ ...level, ...change(level) })),
});
const girthAt = (id: TorsoLevel["id"], by: number) => (level: TorsoLevel) =>
  level.id === id ? { girth: level.girth + by } : {};

type Case = readonly [
  seen: string,
  body: (own: BodyFigures) => BodyFigures,
  read: string,
  alteration: BodyAlteration,
  sign: 1 | -1,
];

/** What is seen on a body that differs from the one that the block was solved for, and the alteration that is usual for it. */
const FAULTS: readonly Case[] = [
  [
    "a fuller bust swings the hem up in front",
    (own) => withLevels(withShape(own, { cup: own.shape.cup + 25 }), girthAt("bust", 25)),
    "hem.frontOverBack",
    { kind: "bust-fullness", by: 12.5 },
    1,
  ],
  [
    "square shoulders draw the cloth across the front",
    (own) => ({ ...own, tip: { x: own.tip.x, y: own.tip.y - 12 } }),
    "drawn.across-front",
    { kind: "shoulder-height", by: 12 },
    1,
  ],
  [
    "a round back draws the neckline down behind",
    (own) => withShape(own, { stoop: 12 }),
    "neck.overNape",
    { kind: "back-length", by: 8 },
    -1,
  ],
  [
    "full shoulder blades draw the cloth across the back",
    (own) => withShape(own, { blades: 25 }),
    "drawn.across-back",
    { kind: "across-back", by: 8 },
    1,
  ],
  [
    "a full chest draws the cloth across the front",
    (own) => withShape(own, { chest: 25 }),
    "drawn.across-front",
    { kind: "across-front", by: 6.35 },
    1,
  ],
  [
    "an erect back lets the hem down behind",
    (own) => withShape(own, { stoop: -20 }),
    "hem.backOverSide",
    { kind: "back-waist-rise", by: 4 },
    -1,
  ],
  [
    "a front that is too short kicks up at the hem",
    (own) => withLevels(withShape(own, { cup: own.shape.cup + 25 }), girthAt("bust", 25)),
    "hem.frontOverBack",
    { kind: "front-hem", by: 7 },
    1,
  ],
  [
    "a belly swings the side seam forward",
    (own) => withShape(own, { belly: 40 }),
    "side.swing",
    { kind: "side-seam", by: -5 },
    1,
  ],
  [
    "a larger waist is tight",
    (own) => withLevels(own, girthAt("waist", 25)),
    "room.waist",
    { kind: "waist-room", by: 6.35 },
    -1,
  ],
  [
    "a larger hip is tight",
    (own) => withLevels(own, girthAt("hip", 25)),
    "room.hip",
    { kind: "hip-room", by: 6.35 },
    -1,
  ],
  [
    "shoulders that are carried forward leave the seam behind",
    (own) => withShape(own, { tipForward: 12 }),
    "shoulder.forward",
    { kind: "shoulder-seam", by: 10 },
    -1,
  ],
  [
    "a lower bust lies below the bust line",
    (own) => withLevels(own, ({ id, y }) => (id === "bust" ? { y: y + 15 } : {})),
    "level.bust",
    { kind: "bust-point", by: 15 },
    -1,
  ],
  [
    "a longer body has its waist below the waist line",
    (own) => withLevels(own, ({ id, y }) => (id === "bust" ? {} : { y: y + 15 })),
    "level.waist",
    { kind: "waist-level", by: 15 },
    -1,
  ],
];

/** An alteration by a first amount mends at least so much of what is seen. */
const MENDED = 0.5;
/** Less than this is no fault that a read would show: twice what chance moves it by. Millimetres, and shares of stretch. */
const SEEN = { mm: 3, share: 0.006 } as const;

describe("what a body that differs from the draft shows on the toile", () => {
  const toHip = tried(close("hip"));
  const belowHip = tried(close("below-hip"));

  it.each(FAULTS)("%s, and its alteration mends it", (_, body, read, alteration, sign) => {
    const { spec, garment, own, base } = read === "room.hip" ? belowHip : toHip;
    const on = body(own);
    const seen = hung(wearFrom(base, garment, { ...COARSE, on }));
    const altered = sketchGarment(applyChange(spec, { block: { alterations: [alteration] } }));
    expect(altered.alterations.map(({ leftOut }) => leftOut)).toEqual([null]);
    const mended = hung(wearFrom(base, altered, { ...COARSE, on }));
    const [before, fault, after] = [base, seen, mended].map((worn) => value(worn, read));
    const by = (fault ?? 0) - (before ?? 0);
    expect(sign * by).toBeGreaterThan(read.startsWith("drawn") ? SEEN.share : SEEN.mm);
    expect(Math.abs((after ?? Number.NaN) - (before ?? 0))).toBeLessThan((1 - MENDED) * Math.abs(by));
  });
});
