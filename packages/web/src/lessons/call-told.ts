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

/** Calls that stood open before one came: told one by one while they are few, else by their number. */
const fewCalls = 3;

/** Calls of a log that nobody has answered, oldest first. */
export function openCalls(events: readonly WireEvent[]): readonly WireEvent[] {
  const answered = new Set(events.flatMap(({ body }) => (body.type === 'call-answered' ? [body.call] : [])));
  return events.filter(({ id, body }) => body.type === 'call' && !answered.has(id));
}

/** What is told of open calls to somebody who comes to another face. @param known ids told already. */
export function openTold(
  open: readonly WireEvent[],
  lesson: Pick<Lesson, 'groupList'>,
  known: ReadonlySet<string>,
): readonly { readonly id: string; readonly title: string }[] {
  const fresh = open.filter(({ id }) => !known.has(id));
  if (fresh.length > fewCalls)
    return [{ id: fresh.map((e) => e.id).join(' '), title: `${open.length} benches wait for an answer.` }];
  return fresh.map((event) => callTold(event, lesson)!);
}
