import { length, phrase } from "../../draft";
import type { StyleField } from "../style";

/** The lengths that a raglan line is drawn by, in millimetres. */
export type RaglanLengths = {
  readonly lowering: number;
  readonly neckPoint: number;
  readonly belowHalf: number;
  readonly bowFront: number;
  readonly bowBack: number;
  readonly dartWidth: number;
  readonly dartDepth: number;
  readonly balanceWithin: number;
};

/** The fields by which every raglan line is drawn. Common practice, no source, where it is not said otherwise. */
export const RAGLAN_FIELDS = {
  lowering: {
    label: "Underarm lowered by",
    bounds: { least: 0, most: 120 },
    usual: 38.1,
    rule: phrase`1 to 2 in by design, since no crown seam gives; more for a loose one`,
    source: "common practice, no source",
  },
  neckPoint: {
    label: "Line begins down the neck",
    bounds: { least: 5, most: 120 },
    usual: 31.75,
    rule: phrase`from the side neck point`,
    source: "common practice, no source",
  },
  belowHalf: {
    label: "Meets below half armhole",
    bounds: { least: -80, most: 100 },
    usual: 12.7,
    rule: phrase`half the armhole, less a little`,
    source: "common practice, no source",
  },
  bowFront: {
    label: "Front line bowed by",
    bounds: { least: 0, most: 30 },
    usual: 7.9375,
    rule: phrase`between a quarter and three eighths of an inch`,
    source: "common practice, no source",
  },
  bowBack: {
    label: "Back line bowed by",
    bounds: { least: 0, most: 30 },
    usual: 9.525,
    rule: phrase`three eighths of an inch`,
    source: "common practice, no source",
  },
  dartWidth: {
    label: "Over-arm dart, width",
    bounds: { least: 0, most: 60 },
    usual: 19.05,
    rule: phrase`rounds the shoulder`,
    source: "from memory",
  },
  dartDepth: {
    label: "Over-arm dart, depth",
    bounds: { least: 20, most: 200 },
    usual: 88.9,
    rule: phrase`over the ball of the shoulder`,
    source: "from memory",
  },
  balanceWithin: {
    label: "Over-arm balanced by most",
    bounds: { least: 0, most: 60 },
    usual: 12.7,
    rule: phrase`the grain may shift by up to ${length(12.7)}`,
    source: "common practice, no source",
  },
} as const satisfies Readonly<Record<keyof RaglanLengths, StyleField>>;
