/** Dense linear equations, a few unknowns, by elimination with partial pivoting. */

/**
 * Solves M d = r in place: `r` becomes `d`, `m` is spent.
 * @param m row-major, `size` × `size`.
 * @returns false where the matrix is singular.
 */
export function solveLinear(m: Float64Array, r: Float64Array, size: number): boolean {
  for (let column = 0; column < size; column++) {
    let pivot = column;
    let largest = Math.abs(m[column * size + column]!);
    for (let row = column + 1; row < size; row++) {
      const entry = Math.abs(m[row * size + column]!);
      if (entry > largest) [largest, pivot] = [entry, row];
    }
    if (!(largest > 0) || !Number.isFinite(largest)) return false;
    if (pivot !== column) {
      for (let k = column; k < size; k++) {
        const kept = m[column * size + k]!;
        m[column * size + k] = m[pivot * size + k]!;
        m[pivot * size + k] = kept;
      }
      const kept = r[column]!;
      r[column] = r[pivot]!;
      r[pivot] = kept;
    }
    const top = m[column * size + column]!;
    for (let row = column + 1; row < size; row++) {
      const factor = m[row * size + column]! / top;
      if (factor === 0) continue;
      for (let k = column + 1; k < size; k++) m[row * size + k]! -= factor * m[column * size + k]!;
      r[row]! -= factor * r[column]!;
    }
  }
  for (let row = size - 1; row >= 0; row--) {
    let v = r[row]!;
    for (let k = row + 1; k < size; k++) v -= m[row * size + k]! * r[k]!;
    r[row] = v / m[row * size + row]!;
  }
  return true;
}
