/** Days as people here read them. */
let made: Intl.DateTimeFormat | undefined;
/** Made when it is first wanted: making it takes a slow tablet 25 ms, and most of what loads this writes no day. */
const words = (): Intl.DateTimeFormat =>
  (made ??= new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  }));

/** `2026-12-20` → "20 Dec 2026"; anything that is no day comes back as it is. @param day yyyy-mm-dd, or an ISO moment of which the day counts. */
export function dayWords(day: string): string {
  const moment = new Date(`${day.slice(0, 10)}T00:00:00Z`);
  return Number.isNaN(moment.getTime()) ? day : words().format(moment);
}
