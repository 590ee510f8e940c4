/** Reads one temperature out of an answer, in °C. */
const pattern =
  /(-?\d+(?:[.,]\d+)?)\s*(?:°|degrees?|deg)?\s*(k\b|kelvin|f\b|fahrenheit|c\b|celsius|centigrade)?/gi;

/** Temperatures named, in °C; kelvin and Fahrenheit are turned into it where their unit is written. */
export function readCelsius(answer: string): number[] {
  const text = answer.slice(0, 2000).normalize('NFKC');
  return [...text.matchAll(pattern)].map(([, digits = '', unit = '']) => {
    const n = Number(digits.replace(',', '.'));
    if (/^k/i.test(unit)) return n - 273.15;
    if (/^f/i.test(unit)) return ((n - 32) * 5) / 9;
    return n;
  });
}
