/** A pixel of CSS, in millimetres. */
const PX_MM = 25.4 / 96;

/** Millimetres in one of the units an SVG size can carry (CSS Values and Units: 1 in = 96 px = 72 pt = 6 pc). */
const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  px: PX_MM,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  q: 0.25,
};

const SIZE = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*([a-z%]*)\s*$/i;

export type SvgSize = { readonly value: number; readonly mmPer: number | null };

/** A width or height: its figure, and how many millimetres its unit has; null for a bare figure or a percentage. */
export function readSize(text: string | undefined): SvgSize | null {
  const match = SIZE.exec(text ?? "");
  const value = Number(match?.[1]);
  if (!match || !Number.isFinite(value) || value <= 0 || match[2] === "%") return null;
  return { value, mmPer: MM_PER[match[2]?.toLowerCase() ?? ""] ?? null };
}

/** A plain coordinate in user units; the fallback for what is absent; null for what is no finite figure. */
export function readFigure(text: string | undefined, fallback: number): number | null {
  if (text === undefined || text.trim() === "") return fallback;
  const match = SIZE.exec(text);
  const value = Number(match?.[1]);
  if (!match || !Number.isFinite(value)) return null;
  const unit = match[2]?.toLowerCase() ?? "";
  const mmPer = unit === "" ? null : MM_PER[unit];
  if (unit !== "" && mmPer === undefined) return null;
  // Inside the drawing a unit counts in pixels, of which a user unit is one.
  return mmPer == null ? value : (value * mmPer) / PX_MM;
}

export type ViewBox = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

export function readViewBox(text: string | undefined): ViewBox | null {
  const figures = (text ?? "")
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [x = 0, y = 0, width = 0, height = 0] = figures;
  if (figures.length !== 4 || figures.some((figure) => !Number.isFinite(figure))) return null;
  return width > 0 && height > 0 ? { x, y, width, height } : null;
}
