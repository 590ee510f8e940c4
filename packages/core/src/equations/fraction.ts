/** Exact fractions of whole numbers, for coefficients such as `1/2` and `1.5`. */
export interface Fraction {
  readonly top: bigint;
  readonly bottom: bigint;
}

const common = (a: bigint, b: bigint): bigint => (b === 0n ? (a < 0n ? -a : a) : common(b, a % b));
const lowest = (top: bigint, bottom: bigint): Fraction => {
  const by = common(top, bottom) || 1n;
  return { top: top / by, bottom: bottom / by };
};
export const zero: Fraction = { top: 0n, bottom: 1n };
export const whole = (n: number): Fraction => ({ top: BigInt(n), bottom: 1n });
export const plus = (a: Fraction, b: Fraction): Fraction =>
  lowest(a.top * b.bottom + b.top * a.bottom, a.bottom * b.bottom);
export const times = (a: Fraction, b: Fraction): Fraction => lowest(a.top * b.top, a.bottom * b.bottom);
export const same = (a: Fraction, b: Fraction): boolean => a.top * b.bottom === b.top * a.bottom;

const glyphs: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
};

/**
 * Reads a coefficient: `2`, `1/2`, `½`, `1.5`.
 * @returns undefined for what is no positive number (division by zero, zero itself, too many digits).
 */
export function readFraction(text: string): Fraction | undefined {
  const plain = text.replace(/[½¼¾⅓⅔]/g, (c) => glyphs[c] ?? c).replace(/[()\s]/g, '');
  const ratio = /^(\d{1,9})\/(\d{1,9})$/.exec(plain);
  const decimal = /^(\d{0,9})(?:\.(\d{1,9}))?$/.exec(plain);
  let read: Fraction | undefined;
  if (ratio) read = Number(ratio[2]) === 0 ? undefined : lowest(BigInt(ratio[1]!), BigInt(ratio[2]!));
  else if (plain && decimal) {
    const part = decimal[2] ?? '';
    read = lowest(BigInt(`${decimal[1] || '0'}${part}`), 10n ** BigInt(part.length));
  }
  return read && read.top > 0n ? read : undefined;
}

/** A fraction as people write it: `2`, `3/2`. */
export const fractionText = ({ top, bottom }: Fraction): string =>
  bottom === 1n ? `${top}` : `${top}/${bottom}`;
