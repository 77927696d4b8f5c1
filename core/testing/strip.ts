import type { Sheet, SheetCloth } from "../toile/solver/sheet";

/** A rectangular strip, flat at first, of rows of triangles that lean this way and that: `across` by `along` metres, edges about `edge` long. */
export function stripOf(
  across: number,
  along: number,
  edge: number,
  cloth: SheetCloth,
): { readonly sheet: Sheet; readonly rows: number; readonly columns: number; readonly flat: Float64Array } {
  const columns = Math.max(1, Math.round(across / edge)) + 1;
  const rows = Math.max(1, Math.round(along / (edge * (Math.sqrt(3) / 2)))) + 1;
  const flat = new Float64Array(rows * columns * 2);
  for (let r = 0; r < rows; r++) {
    for (let c = 0; c < columns; c++) {
      // Every second row is half a step aside, but for its ends.
      const isEnd = c === 0 || c === columns - 1;
      const aside = r % 2 === 1 && !isEnd ? 0.5 : 0;
      flat[(r * columns + c) * 2] = (across * Math.min(columns - 1, c + aside)) / (columns - 1);
      flat[(r * columns + c) * 2 + 1] = (along * r) / (rows - 1);
    }
  }
  const triangles: number[] = [];
  for (let r = 0; r + 1 < rows; r++) {
    for (let c = 0; c + 1 < columns; c++) {
      const [a, b] = [r * columns + c, r * columns + c + 1];
      const [d, e] = [a + columns, b + columns];
      if (r % 2 === 0) triangles.push(a, b, d, b, e, d);
      else triangles.push(a, b, e, a, e, d);
    }
  }
  const rest = new Float64Array(triangles.length * 2);
  triangles.forEach((point, i) => {
    rest[i * 2] = flat[point * 2] ?? 0;
    rest[i * 2 + 1] = flat[point * 2 + 1] ?? 0;
  });
  const count = triangles.length / 3;
  const sheet = {
    points: rows * columns,
    triangles: Int32Array.from(triangles),
    rest,
    clothOf: new Uint8Array(count),
    cloths: [cloth],
  };
  return { sheet, rows, columns, flat };
}
