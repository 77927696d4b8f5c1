import { readFileSync } from "node:fs";
import { z } from "zod";
import type { Body } from "../body";
import type { GarmentSpec } from "../spec";
import { specOf } from "./sample";

const FIGURES = z.record(z.string(), z.number().nullable());
const FILE = z.object({
  bodies: z.array(
    z.object({
      id: z.string(),
      garment: z.enum(["blouse", "jacket", "tshirt", "shirt"]),
      options: z.object({ dart: z.string().optional(), easeDeg: z.number().optional() }),
      body: z.record(z.string(), z.union([z.number(), z.string()])),
      targets: FIGURES,
      fromOurTrial: z.record(z.string(), z.number()),
    }),
  ),
});

export type CheckBody = z.infer<typeof FILE>["bodies"][number];

/** 24 made-up bodies with what a block solved for them has to measure (arithmetic), and what another program of the same method found. */
export const CHECK_BODIES: readonly CheckBody[] = FILE.parse(
  JSON.parse(readFileSync("core/testing/check-bodies.json", "utf8")),
).bodies;

/** The cloth that asks for nothing beside the garment's own row of ease. */
const MADE_OF = {
  blouse: { garment: "blouse", style: "woven", cloth: "medium-woven" },
  jacket: { garment: "jacket", style: "woven", cloth: "soft-wool" },
  tshirt: { garment: "t-shirt", style: "knit", cloth: "knit" },
  shirt: { garment: "shirt", style: "woven", cloth: "shirting" },
} as const;

export function bodyOfCheck({ body }: CheckBody): Body {
  return Object.fromEntries(Object.entries(body).filter(([, value]) => typeof value === "number"));
}

/** A bodice alone for a body of the list, its centre back with a seam, as it was tried. */
export function specOfCheck(check: CheckBody, block: object = {}): GarmentSpec {
  const { garment, style, cloth } = MADE_OF[check.garment];
  const isStraight = check.garment === "tshirt" || check.garment === "shirt";
  const isDartless = check.options.dart === "none";
  return specOf({
    format: "gamine-garment/2",
    unit: "mm",
    body: bodyOfCheck(check),
    ...(check.body.sex === "man" ? { proportions: "man" } : {}),
    block: {
      source: "drafted",
      garment,
      style,
      bodyLength: "below-hip",
      ...(isStraight ? { sideSeam: "half" } : {}),
      bustDart: isDartless ? "ease" : "side",
      ...(isDartless ? { dartEase: check.options.easeDeg ?? 0 } : {}),
      ...block,
    },
    bodice: { back: isStraight ? "fold" : "seam" },
    cloth: { kind: cloth },
    sleeve: null,
    collar: null,
  });
}
