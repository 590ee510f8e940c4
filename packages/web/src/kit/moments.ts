/** Dates and times as people here read them: local, 24 h. */

/** A way to write moments, made when it is first wanted: making one takes a slow tablet 25 ms, and most pages open without. */
function writer(as: Intl.DateTimeFormatOptions): (iso: string) => string {
  let made: Intl.DateTimeFormat | undefined;
  return (iso) => (made ??= new Intl.DateTimeFormat('en-GB', as)).format(new Date(iso));
}
const date = writer({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Thu 26 Nov, 11:00" */
export const dayAndTime = (iso: string): string => `${date(iso)}, ${clock(iso)}`;
/** "Sat 19 Dec 2026": a date by itself, with or without a time in it. */
export const day = (iso: string): string => `${date(iso)} ${new Date(iso).getFullYear()}`;
/** "11:00" */
export const clock = writer({ hour: '2-digit', minute: '2-digit', hour12: false });
/** Whole minutes since, never negative. */
export const minutesSince = (iso: string, now: number): number =>
  Math.max(0, Math.floor((now - Date.parse(iso)) / 60_000));
/** A date for an input of kind datetime-local. */
export function forInput(moment: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}T${two(moment.getHours())}:${two(moment.getMinutes())}`;
}
