/** How wide the characters of a figure are at 15 px, in pixels: a little more than they are, so that no figure is wider than its place. */
const NARROW = /[⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉⁄ ,.]/u;

export function textWidth(text: string): number {
  return [...text].reduce((sum, character) => sum + (NARROW.test(character) ? 5.8 : 8.6), 4);
}
