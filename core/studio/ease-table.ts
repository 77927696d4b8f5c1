import { clothAdds, EASE_GARMENTS, EASE_LEVELS, type EaseGarment, easeAtBase } from "../block";
import { CLOTH_KINDS, type ClothKind } from "../cloth";

type EaseRow = Readonly<Partial<Record<(typeof EASE_LEVELS)[number], number>>>;

/** The rows of a workroom's table of ease: of its garments, and what each cloth adds. */
export type EaseRowName = EaseGarment | ClothKind;
export const EASE_ROWS: readonly EaseRowName[] = [...EASE_GARMENTS, ...CLOTH_KINDS];

/** A cloth adds at the bust and in the armhole alone. */
export const CLOTH_EASE_LEVELS = ["bust", "armhole"] as const;

export function easeLevelsOf(row: EaseRowName): readonly (typeof EASE_LEVELS)[number][] {
  return CLOTH_KINDS.some((kind) => kind === row) ? CLOTH_EASE_LEVELS : EASE_LEVELS;
}

/** A workroom's own ease on a bust of 920 mm: whole girths and widths. What is left out is as is usual. */
export type OwnEase = Readonly<Partial<Record<EaseRowName, EaseRow>>>;

/**
 * What the workroom's table has for a garment of a cloth, on a bust of 920 mm: the garment's row, and what the cloth adds to it. Nothing
 * where the workroom says nothing of either.
 */
export function workroomEase(table: OwnEase, garment: EaseGarment, cloth: ClothKind): EaseRow | undefined {
  const [row, adds] = [table[garment], table[cloth]];
  if (!row && !adds) return undefined;
  if (!adds) return row;
  const usual = easeAtBase(garment);
  const usually = clothAdds(garment, cloth);
  const whole = (level: "bust" | "armhole") => (row?.[level] ?? usual[level]) + (adds[level] ?? usually[level]);
  return { ...row, bust: whole("bust"), armhole: whole("armhole") };
}
