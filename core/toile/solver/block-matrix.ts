/**
 * A symmetric matrix of 3 × 3 blocks over the points of a sheet, with a block for every two points that share a triangle. Both halves are
 * stored, row by row, the columns of a row rising.
 */
export type BlockMatrix = {
  readonly points: number;
  /** Where each row begins; one more than there are rows. */
  readonly rows: Int32Array;
  readonly columns: Int32Array;
  /** The block on the diagonal of each row. */
  readonly diagonal: Int32Array;
  /** Nine figures a block, row by row. */
  readonly values: Float64Array;
  /** The block of two points; -1 where they share no triangle. */
  readonly blockOf: (row: number, column: number) => number;
};

export function blockMatrix(points: number, triangles: Int32Array): BlockMatrix {
  const near = Array.from({ length: points }, (_, i) => new Set([i]));
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) for (let l = 0; l < 3; l++) near[triangles[t + k] ?? 0]?.add(triangles[t + l] ?? 0);
  const rows = new Int32Array(points + 1);
  for (const [i, ring] of near.entries()) rows[i + 1] = (rows[i] ?? 0) + ring.size;
  const columns = new Int32Array(rows[points] ?? 0);
  const diagonal = new Int32Array(points);
  for (const [i, ring] of near.entries()) {
    columns.set(
      [...ring].sort((a, b) => a - b),
      rows[i] ?? 0,
    );
  }
  const blockOf = (row: number, column: number): number => {
    for (let b = rows[row] ?? 0; b < (rows[row + 1] ?? 0); b++) if (columns[b] === column) return b;
    return -1;
  };
  for (let i = 0; i < points; i++) diagonal[i] = blockOf(i, i);
  return { points, rows, columns, diagonal, values: new Float64Array(columns.length * 9), blockOf };
}

/** Writes the product of the matrix with `x` to `out`. */
export function multiply({ points, rows, columns, values }: BlockMatrix, x: Float64Array, out: Float64Array): void {
  for (let i = 0; i < points; i++) {
    let a = 0;
    let b = 0;
    let c = 0;
    for (let n = rows[i] ?? 0, end = rows[i + 1] ?? 0; n < end; n++) {
      const q = (columns[n] ?? 0) * 3;
      const v = n * 9;
      const p0 = x[q] ?? 0;
      const p1 = x[q + 1] ?? 0;
      const p2 = x[q + 2] ?? 0;
      a += (values[v] ?? 0) * p0 + (values[v + 1] ?? 0) * p1 + (values[v + 2] ?? 0) * p2;
      b += (values[v + 3] ?? 0) * p0 + (values[v + 4] ?? 0) * p1 + (values[v + 5] ?? 0) * p2;
      c += (values[v + 6] ?? 0) * p0 + (values[v + 7] ?? 0) * p1 + (values[v + 8] ?? 0) * p2;
    }
    out[i * 3] = a;
    out[i * 3 + 1] = b;
    out[i * 3 + 2] = c;
  }
}

/** Takes axes out of the matrix: what is held does not move, and says nothing to its neighbours. `isFree` has one figure an axis, 0 or 1. */
export function maskAxes({ points, rows, columns, values }: BlockMatrix, isFree: Uint8Array): void {
  for (let i = 0; i < points; i++)
    for (let n = rows[i] ?? 0, end = rows[i + 1] ?? 0; n < end; n++) {
      const j = columns[n] ?? 0;
      for (let r = 0; r < 3; r++)
        for (let c = 0; c < 3; c++)
          if (!isFree[i * 3 + r] || !isFree[j * 3 + c]) values[n * 9 + r * 3 + c] = i === j && r === c ? 1 : 0;
    }
}

/** What is added to the diagonal for the factor alone: without it the pivots of a stiff sheet are not all positive (tried). */
const SHIFT = 1.1;

/**
 * An incomplete Cholesky factor over the blocks that the matrix has (Meijerink and van der Vorst 1977, by blocks). `refactor` takes the
 * matrix as it is; `solve` writes to `out` what the factor makes of `r`. A row whose pivot is not positive stands by itself.
 */
export function incompleteFactor(matrix: BlockMatrix) {
  const { points, rows, columns, diagonal, values } = matrix;
  // It is only near the matrix anyway: half the figures to fetch are worth more than their last digits.
  const lower = new Float32Array(values.length);
  /** The Cholesky factor of each block on the diagonal: l00 l10 l11 l20 l21 l22, the diagonal inverted. */
  const pivots = new Float64Array(points * 6);
  const placeOf = new Int32Array(points).fill(-1);
  const sum = new Float64Array(9);
  const own = new Float64Array(9);

  const takeProduct = (into: Float64Array, p: number, q: number) => {
    for (let r = 0; r < 3; r++)
      for (let c = 0; c < 3; c++) {
        const at = r * 3 + c;
        into[at] =
          (into[at] ?? 0) -
          (lower[p + r * 3] ?? 0) * (lower[q + c * 3] ?? 0) -
          (lower[p + r * 3 + 1] ?? 0) * (lower[q + c * 3 + 1] ?? 0) -
          (lower[p + r * 3 + 2] ?? 0) * (lower[q + c * 3 + 2] ?? 0);
      }
  };

  const factorRow = (i: number): boolean => {
    const [from, middle] = [rows[i] ?? 0, diagonal[i] ?? 0];
    for (let n = from; n < middle; n++) placeOf[columns[n] ?? 0] = n;
    for (let n = from; n < middle; n++) {
      const j = columns[n] ?? 0;
      for (let k = 0; k < 9; k++) sum[k] = values[n * 9 + k] ?? 0;
      for (let m = rows[j] ?? 0, end = diagonal[j] ?? 0; m < end; m++) {
        const other = placeOf[columns[m] ?? 0] ?? -1;
        if (other >= 0 && other < n) takeProduct(sum, other * 9, m * 9);
      }
      // Each row of it divided by the transposed pivot of its column.
      const p = j * 6;
      for (let r = 0; r < 3; r++) {
        const a = (sum[r * 3] ?? 0) * (pivots[p] ?? 0);
        const b = ((sum[r * 3 + 1] ?? 0) - a * (pivots[p + 1] ?? 0)) * (pivots[p + 2] ?? 0);
        const c = ((sum[r * 3 + 2] ?? 0) - a * (pivots[p + 3] ?? 0) - b * (pivots[p + 4] ?? 0)) * (pivots[p + 5] ?? 0);
        lower[n * 9 + r * 3] = a;
        lower[n * 9 + r * 3 + 1] = b;
        lower[n * 9 + r * 3 + 2] = c;
      }
    }
    for (let k = 0; k < 9; k++) own[k] = (values[middle * 9 + k] ?? 0) * (k % 4 === 0 ? SHIFT : 1);
    for (let n = from; n < middle; n++) takeProduct(own, n * 9, n * 9);
    for (let n = from; n < middle; n++) placeOf[columns[n] ?? 0] = -1;
    return factorPivot(own, pivots, i * 6);
  };

  const refactor = (): void => {
    for (let i = 0; i < points; i++) {
      if (factorRow(i)) continue;
      const middle = diagonal[i] ?? 0;
      lower.fill(0, (rows[i] ?? 0) * 9, middle * 9);
      for (let k = 0; k < 9; k++) own[k] = (values[middle * 9 + k] ?? 0) * (k % 4 === 0 ? SHIFT : 1);
      factorPivot(own, pivots, i * 6);
    }
  };

  const solve = (r: Float64Array, out: Float64Array): void => {
    for (let i = 0; i < points; i++) {
      let a = r[i * 3] ?? 0;
      let b = r[i * 3 + 1] ?? 0;
      let c = r[i * 3 + 2] ?? 0;
      for (let n = rows[i] ?? 0, end = diagonal[i] ?? 0; n < end; n++) {
        const q = (columns[n] ?? 0) * 3;
        const v = n * 9;
        const y0 = out[q] ?? 0;
        const y1 = out[q + 1] ?? 0;
        const y2 = out[q + 2] ?? 0;
        a -= (lower[v] ?? 0) * y0 + (lower[v + 1] ?? 0) * y1 + (lower[v + 2] ?? 0) * y2;
        b -= (lower[v + 3] ?? 0) * y0 + (lower[v + 4] ?? 0) * y1 + (lower[v + 5] ?? 0) * y2;
        c -= (lower[v + 6] ?? 0) * y0 + (lower[v + 7] ?? 0) * y1 + (lower[v + 8] ?? 0) * y2;
      }
      const p = i * 6;
      a *= pivots[p] ?? 0;
      b = (b - (pivots[p + 1] ?? 0) * a) * (pivots[p + 2] ?? 0);
      c = (c - (pivots[p + 3] ?? 0) * a - (pivots[p + 4] ?? 0) * b) * (pivots[p + 5] ?? 0);
      out[i * 3] = a;
      out[i * 3 + 1] = b;
      out[i * 3 + 2] = c;
    }
    for (let i = points - 1; i >= 0; i--) {
      const p = i * 6;
      const c = (out[i * 3 + 2] ?? 0) * (pivots[p + 5] ?? 0);
      const b = ((out[i * 3 + 1] ?? 0) - (pivots[p + 4] ?? 0) * c) * (pivots[p + 2] ?? 0);
      const a = ((out[i * 3] ?? 0) - (pivots[p + 1] ?? 0) * b - (pivots[p + 3] ?? 0) * c) * (pivots[p] ?? 0);
      out[i * 3] = a;
      out[i * 3 + 1] = b;
      out[i * 3 + 2] = c;
      for (let n = rows[i] ?? 0, end = diagonal[i] ?? 0; n < end; n++) {
        const q = (columns[n] ?? 0) * 3;
        const v = n * 9;
        out[q] = (out[q] ?? 0) - (lower[v] ?? 0) * a - (lower[v + 3] ?? 0) * b - (lower[v + 6] ?? 0) * c;
        out[q + 1] = (out[q + 1] ?? 0) - (lower[v + 1] ?? 0) * a - (lower[v + 4] ?? 0) * b - (lower[v + 7] ?? 0) * c;
        out[q + 2] = (out[q + 2] ?? 0) - (lower[v + 2] ?? 0) * a - (lower[v + 5] ?? 0) * b - (lower[v + 8] ?? 0) * c;
      }
    }
  };
  return { refactor, solve };
}

/** Writes the Cholesky factor of a symmetric block; false where it is not positive. */
function factorPivot(block: Float64Array, pivots: Float64Array, p: number): boolean {
  const d0 = block[0] ?? 0;
  if (!(d0 > 0)) return false;
  const i0 = 1 / Math.sqrt(d0);
  const [l10, l20] = [(block[3] ?? 0) * i0, (block[6] ?? 0) * i0];
  const d1 = (block[4] ?? 0) - l10 * l10;
  if (!(d1 > 0)) return false;
  const i1 = 1 / Math.sqrt(d1);
  const l21 = ((block[7] ?? 0) - l20 * l10) * i1;
  const d2 = (block[8] ?? 0) - l20 * l20 - l21 * l21;
  if (!(d2 > 0)) return false;
  pivots[p] = i0;
  pivots[p + 1] = l10;
  pivots[p + 2] = i1;
  pivots[p + 3] = l20;
  pivots[p + 4] = l21;
  pivots[p + 5] = 1 / Math.sqrt(d2);
  return true;
}
