import Fraction from "fraction.js";
import { type TapeUnit, toMm } from "./units";

export type ParsedLength =
  | { readonly ok: true; readonly mm: number }
  | { readonly ok: false; readonly reason: "empty" | "not-a-length" | "zero-denominator" };

const VULGAR: Readonly<Record<string, string>> = {
  "¼": "1/4",
  "½": "1/2",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
  "⅓": "1/3",
  "⅔": "2/3",
};

const UNIT_WORDS: Readonly<Record<string, TapeUnit>> = {
  in: "in",
  inch: "in",
  inches: "in",
  '"': "in",
  "″": "in",
  "”": "in",
  cm: "cm",
  mm: "mm",
};

/** sign, whole or decimal, fraction after a blank or hyphen ("3 1/2", "3-1/2"), unit word */
const LENGTH = /^([+-]?)\s*(?:(\d+(?:\.\d+)?|\.\d+)(?:[\s-]+(\d+)\s*\/\s*(\d+))?|(\d+)\s*\/\s*(\d+))\s*(\D*)$/;

/** No tape reading has this many digits; refusing them early keeps the exact arithmetic small. */
const LONGEST_READING = 80;

/**
 * A length as people write it: `3 1/2`, `3½`, `3.5`, `3.5in`, `3 1/2"`, `8,9 cm`, `89mm`.
 * A bare number is in `unit`. The sign is kept: whether a negative length makes sense is for the
 * measurement to say. Returns millimetres, or why the text is not a length.
 */
export function parseLength(text: string, unit: TapeUnit): ParsedLength {
  const plain = spellOut(text);
  if (plain === "") return { ok: false, reason: "empty" };
  const match = plain.length <= LONGEST_READING ? LENGTH.exec(plain) : null;
  if (!match) return { ok: false, reason: "not-a-length" };
  const [, sign, whole, top, bottom, onlyTop, onlyBottom, word] = match;
  const statedUnit = word === "" || word === undefined ? unit : UNIT_WORDS[word.trim()];
  if (!statedUnit) return { ok: false, reason: "not-a-length" };
  const numerator = top ?? onlyTop;
  const denominator = bottom ?? onlyBottom;
  if (denominator !== undefined && /^0+$/.test(denominator)) return { ok: false, reason: "zero-denominator" };
  if (whole?.includes(".") && numerator !== undefined) return { ok: false, reason: "not-a-length" };
  // Exact rational arithmetic, so 8 1/3 in is the nearest double to 8 1/3 in and nothing else.
  const fraction = numerator === undefined ? new Fraction(0) : new Fraction(`${numerator}/${denominator}`);
  const size = new Fraction(whole ?? 0).add(fraction).valueOf();
  return { ok: true, mm: toMm(sign === "-" && size !== 0 ? -size : size, statedUnit) };
}

/** Vulgar fractions, the fraction slash, typographic minus and the decimal comma in plain characters. */
function spellOut(text: string): string {
  return text
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph]}`)
    .replace(/[⁄∕]/g, "/")
    .replace(/[−–]/g, "-")
    .replace(/(\d),(\d)/g, "$1.$2")
    .trim()
    .toLowerCase();
}
