import { phrase } from "../../draft";
import type { StyleField } from "../style";
import { type KimonoLengths, MOST_DOWN_MM, MOST_SLASH_MM } from "./kimono-draft";

const COMMON = "common practice, no source" as const;

/** What a kimono leaves to choice. */
export const KIMONO_FIELDS = {
  neckOut: {
    label: "Neck widened by",
    bounds: { least: 0, most: 150 },
    usual: 60,
    rule: phrase`along the shoulder`,
    source: COMMON,
  },
  frontDown: {
    label: "Front neck lowered by",
    bounds: { least: 0, most: 200 },
    usual: 10,
    rule: phrase`at the centre front`,
    source: COMMON,
  },
  backDown: {
    label: "Back neck lowered by",
    bounds: { least: 0, most: 200 },
    usual: 20,
    rule: phrase`at the centre back`,
    source: COMMON,
  },
  tipUp: {
    label: "Shoulder tip raised by",
    bounds: { least: 0, most: 60 },
    usual: 10,
    rule: phrase`room for the arm`,
    source: COMMON,
  },
  drop: {
    label: "Sleeve line dropped by",
    bounds: { least: 0, most: 500 },
    usual: 0,
    rule: phrase`straight on from the shoulder; steeper hangs better and lifts less`,
    source: COMMON,
  },
  underarmOut: {
    label: "Underarm moved out by",
    bounds: { least: 0, most: 150 },
    usual: 20,
    rule: phrase`from the block’s underarm`,
    source: COMMON,
  },
  underarmDown: {
    label: "Underarm moved down by",
    bounds: { least: 0, most: MOST_DOWN_MM },
    usual: 40,
    rule: phrase`from the block’s underarm`,
    source: COMMON,
  },
  curve: {
    label: "Underarm curve, each side",
    bounds: { least: 5, most: 250 },
    usual: 75,
    rule: phrase`a soft curve`,
    source: "from memory",
  },
  gusset: {
    label: "Gusset slash, length",
    bounds: { least: 0, most: MOST_SLASH_MM },
    usual: 0,
    rule: phrase`none; about 3 1/2 in under a close sleeve`,
    source: "from memory",
  },
  facing: {
    label: "Width of the neck facing",
    bounds: { least: 15, most: 60 },
    usual: 40,
    rule: phrase`from the stitching line`,
    source: COMMON,
  },
  slit: {
    label: "Opening at the back neck",
    bounds: { least: 0, most: 300 },
    usual: 0,
    rule: phrase`none: it pulls on`,
    source: COMMON,
  },
  balanceWithin: {
    label: "Underarm balanced by most",
    bounds: { least: 0, most: 150 },
    usual: 25,
    rule: phrase`out at the front as much as in at the back`,
    source: "from memory",
  },
} as const satisfies Readonly<Record<keyof KimonoLengths, StyleField>>;
