import { formatLength, type TapeUnit } from "@core/tape/index";

/** Shops sell by the eighth of a yard, or by ten centimetres (common practice, no source). */
const SOLD_BY_MM: Readonly<Record<TapeUnit, number>> = { in: 114.3, cm: 100, mm: 100 };
const YARD_MM = 914.4;
const EIGHTHS = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"] as const;

/** What has to be bought so that this length is left when the cloth has shrunk, rounded up as shops sell it. Millimetres. */
export function boughtLength(length: number, shrinkage: number, unit: TapeUnit): number {
  const step = SOLD_BY_MM[unit];
  return Math.ceil(length / (1 - shrinkage) / step - 1e-9) * step;
}

/** As it is asked for over the counter: in yards, or in metres and centimetres. */
export function boughtWords(mm: number, unit: TapeUnit): string {
  if (unit !== "in") return mm >= 1000 ? `${(mm / 1000).toFixed(1)} m` : formatLength(mm, unit);
  const eighths = Math.round((mm * 8) / YARD_MM);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? "";
  return `${[whole > 0 || part === "" ? String(whole) : "", part].filter(Boolean).join(" ")} yd`;
}
