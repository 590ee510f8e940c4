import type { Lesson, WireEvent } from '@kivex/contract';

/** What a bench calls for, after its name. */
export const callWords = {
  help: 'asks for help',
  check: 'wants a step checked',
  safety: 'calls about safety',
  'sign-off': 'wants something signed off',
} as const;

/** A call of a bench in a sentence; undefined for every other entry. */
export function callTold(
  { id, group, body }: WireEvent,
  { groupList }: Pick<Lesson, 'groupList'>,
): { readonly id: string; readonly title: string } | undefined {
  if (body.type !== 'call') return undefined;
  const name = groupList.find((g) => g.id === group)?.name ?? 'A bench';
  return { id, title: `${name} ${callWords[body.reason]}.` };
}
