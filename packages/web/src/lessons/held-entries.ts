/** Entries kept apart, put together for the teacher who decides on them, and in words. */
import type { HeldEntry, HeldReason } from '@kivex/contract';
import { resultWords } from '../kit/well/results.js';

/** Why an entry is kept apart, as the teacher reads it. */
export const heldBecause: Readonly<Record<HeldReason, string>> = {
  'came-late': 'made in the lesson, came after its end',
  'made-late': 'made after the end',
  'handed-over': 'handed over from another’s device',
  'other-group': 'made in a group they have left since',
};

/** What one decision is about: entries of one student, from one group, kept apart for one reason, in their order. */
export function inDecisions(entries: readonly HeldEntry[]): readonly (readonly HeldEntry[])[] {
  const decisions = new Map<string, HeldEntry[]>();
  for (const entry of entries) {
    const key = [entry.student, entry.reason, entry.group, entry.broughtBy ?? ''].join(' ');
    decisions.set(key, [...(decisions.get(key) ?? []), entry]);
  }
  return [...decisions.values()];
}

/** What an entry says, in a few words. @param label names a jar by its id. */
export function heldInWords({ body }: HeldEntry, label: (sample: string) => string): string {
  switch (body.type) {
    case 'observation':
      return `${label(body.sample)}: ${resultWords(body.test, body.seen) || `“${body.words ?? ''}”`}`;
    case 'naming':
      return `${label(body.sample)} named ${body.answer}`;
    case 'hand-in':
      return 'handed in';
    case 'trust':
      return `which of two entries they trust${body.why ? `: “${body.why}”` : ''}`;
    default:
      return 'a call or a step';
  }
}
