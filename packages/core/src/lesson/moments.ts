/**
 * Moments as they cross the wire and are kept: one exact form, in a sane range. ISO 8601 allows weeks, days of the
 * year and offsets that databases and browsers read each in their own way; only one form is taken here.
 */

const form = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d{1,3})?Z$/;

/** What a moment looks like, for sentences. */
export const momentForm = '2026-11-25T09:30:00.000Z';

/** Clocks of devices: even one that has lost its battery starts here. */
export const deviceYears = { from: 1970, to: 2199 } as const;
/** When lessons are. */
export const lessonYears = { from: 2000, to: 2099 } as const;

/**
 * Reads a moment.
 * @param text in UTC, to the second or the millisecond, such as `2026-11-25T09:30:00.000Z`.
 * @returns undefined for anything else: another form, a day that is not in the calendar, a year out of range.
 * @example readMoment('2026-11-25T09:30:00Z')?.getUTCHours() // 9
 * @example readMoment('2026-W48') // undefined
 */
export function readMoment(
  text: unknown,
  { from, to }: { readonly from: number; readonly to: number } = lessonYears,
): Date | undefined {
  if (typeof text !== 'string' || !form.test(text)) return undefined;
  const moment = new Date(text);
  // Written back it must be the same: 31 February would have become March.
  if (Number.isNaN(moment.getTime()) || moment.toISOString().slice(0, 19) !== text.slice(0, 19))
    return undefined;
  const year = moment.getUTCFullYear();
  return year >= from && year <= to ? moment : undefined;
}

/**
 * When an entry was made, by the server's clock, from what the device's clock said. A tablet's clock may be wrong by
 * a day; how far is seen from what it said when it sent. Never later than it came in.
 * @param made by the device's clock. @param sent by the same clock, when it was sent; undefined where not told.
 */
export function momentByServer(made: Date, sent: Date | undefined, received: Date): Date {
  const off = sent ? received.getTime() - sent.getTime() : 0;
  return new Date(Math.max(0, Math.min(made.getTime() + off, received.getTime())));
}
