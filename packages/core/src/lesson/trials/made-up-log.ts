/** Entries of a made-up lesson, for tests of every floor: made one after another, a second apart. */
import type { EventBody, LessonEvent, ObservationBody } from '../record.js';

/** Who made an entry, where not Ada of group g. */
export interface Whose {
  readonly by?: string;
  readonly group?: string;
  readonly at?: string;
}

let made = 0;

export function entry(body: EventBody, { by = 'ada', group = 'g', at }: Whose = {}): LessonEvent {
  made += 1;
  return {
    id: `e${made}`,
    group,
    by,
    at: at ?? new Date(Date.UTC(2026, 0, 1, 10, 0, made)).toISOString(),
    body,
  };
}
export const saw = (
  sample: string,
  test: string,
  seen: ObservationBody['seen'],
  more: Partial<ObservationBody> = {},
  whose?: Whose,
): LessonEvent => entry({ type: 'observation', sample, test, variant: 'usual', seen, ...more }, whose);

export const named = (
  sample: string,
  answer: string,
  evidence: readonly string[] = [],
  whose?: Whose,
): LessonEvent => entry({ type: 'naming', sample, answer, evidence }, whose);
