/** Checks of the JSON a line brings: every problem is one sentence that says what is wrong and where. */
export class LineError extends Error {
  override readonly name = 'LineError';
}
export type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
export type JsonObject = { readonly [key: string]: Json };

const kind = (value: Json | undefined): string =>
  value === undefined
    ? 'nothing'
    : value === null
      ? 'null'
      : Array.isArray(value)
        ? 'a list'
        : typeof value === 'object'
          ? 'an object'
          : `a ${typeof value}`;

/** An object with only the keys named. @throws LineError */
export function objectAt(value: Json | undefined, where: string, allowed: readonly string[]): JsonObject {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new LineError(`${where} must be an object, not ${kind(value)}`);
  const object = value as JsonObject;
  const stranger = Object.keys(object).find((key) => !allowed.includes(key));
  if (stranger !== undefined)
    throw new LineError(
      `${where} has an unknown key "${stranger.slice(0, 60)}"; it may have ${allowed.join(', ')}`,
    );
  return object;
}
/** A text. @throws LineError */
export function textAt(value: Json | undefined, where: string): string {
  if (typeof value !== 'string') throw new LineError(`${where} must be a text, not ${kind(value)}`);
  return value;
}
/** One of a closed list of texts. @throws LineError */
export function oneOfAt<T extends string>(value: Json | undefined, where: string, allowed: readonly T[]): T {
  const text = textAt(value, where);
  const found = allowed.find((a) => a === text);
  if (found === undefined)
    throw new LineError(`${where} must be one of ${allowed.join(', ')}, not "${text.slice(0, 60)}"`);
  return found;
}
/** A list of at most `most` things, each read by `each`. @throws LineError */
export function listAt<T>(
  value: Json | undefined,
  where: string,
  most: number,
  each: (item: Json, where: string) => T,
): T[] {
  if (!Array.isArray(value)) throw new LineError(`${where} must be a list, not ${kind(value)}`);
  if (value.length > most)
    throw new LineError(`${where} has ${value.length} entries; at most ${most} are taken`);
  return (value as readonly Json[]).map((item, i) => each(item, `${where}[${i}]`));
}
/** A finite number. @throws LineError */
export function numberAt(value: Json | undefined, where: string): number {
  if (typeof value !== 'number' || !Number.isFinite(value))
    throw new LineError(`${where} must be a number, not ${kind(value)}`);
  return value;
}
/** A whole number from 0 up. @throws LineError */
export function wholeAt(value: Json | undefined, where: string): number {
  const number = numberAt(value, where);
  if (!Number.isInteger(number) || number < 0)
    throw new LineError(`${where} is ${number}; it must be a whole number from 0 up`);
  return number;
}
