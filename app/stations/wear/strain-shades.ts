/** A step of the map of stretch: from so much on it is drawn in this shade, and called so. */
export type StrainShade = { readonly from: number; readonly name: string; readonly colour: string };

const LOOSE: StrainShade = { from: Number.NEGATIVE_INFINITY, name: "loose", colour: "#f3efe4" };

/** From light to dark, so that it is read without colour too: the darker, the tighter. */
export const STRAIN_SHADES: readonly StrainShade[] = [
  LOOSE,
  { from: 0.01, name: "lies close", colour: "#d9c99a" },
  { from: 0.03, name: "drawn", colour: "#c08a4e" },
  { from: 0.06, name: "tight", colour: "#8a4a2f" },
  { from: 0.12, name: "very tight", colour: "#43201c" },
];

export function strainShade(strain: number): StrainShade {
  return STRAIN_SHADES.findLast(({ from }) => strain >= from) ?? LOOSE;
}
