/** Measures of the drawn rota. */

/** Pixels for the names at the left. */
export const labelWidth = 88;
