/** Activity coefficients by the Davies equation at 25 °C. */

/** Debye–Hückel slope for water at 25 °C, decadic. Source `crc-ksp` section 5, mean activity coefficients. */
const slope = 0.509;
/** Ionic strength, mol/dm3, beyond which the equation is held where it is: it was never meant for more. */
const highest = 1.5;

/**
 * Natural logarithm of the activity coefficient of a species.
 * @param charge in elementary charges; @param ionicStrength in mol/dm3.
 */
export function lnActivityCoefficient(charge: number, ionicStrength: number): number {
  if (charge === 0) return 0;
  const strength = Math.min(ionicStrength, highest);
  const root = Math.sqrt(strength);
  return -slope * Math.LN10 * charge * charge * (root / (1 + root) - 0.3 * strength);
}
