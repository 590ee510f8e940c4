/** Dates and times as people here read them: local, 24 h. */
const date = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', hour12: false });

/** "Thu 26 Nov, 11:00" */
export const dayAndTime = (iso: string): string =>
  `${date.format(new Date(iso))}, ${time.format(new Date(iso))}`;
/** "Sat 19 Dec 2026": a date by itself, with or without a time in it. */
export const day = (iso: string): string => `${date.format(new Date(iso))} ${new Date(iso).getFullYear()}`;
/** "11:00" */
export const clock = (iso: string): string => time.format(new Date(iso));
/** Whole minutes since, never negative. */
export const minutesSince = (iso: string, now: number): number =>
  Math.max(0, Math.floor((now - Date.parse(iso)) / 60_000));
/** A date for an input of kind datetime-local. */
export function forInput(moment: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}T${two(moment.getHours())}:${two(moment.getMinutes())}`;
}
