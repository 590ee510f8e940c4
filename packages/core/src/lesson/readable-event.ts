/** Is a stored entry one that can be read? A row damaged by an older fault must not take a lesson with it. */
import type { EventBody } from './record.js';

const text = (value: unknown): value is string => typeof value === 'string';
const texts = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && !Array.isArray(value) && Object.values(value).every(text);

/** What each kind of entry must have to be read. */
const shapes: Readonly<Record<EventBody['type'], (body: Record<string, unknown>) => boolean>> = {
  observation: (b) =>
    text(b['sample']) &&
    text(b['test']) &&
    text(b['variant']) &&
    texts(b['seen']) &&
    [b['words'], b['corrects'], b['inferredFrom'], b['reagentNote'], b['photo']].every(
      (v) => v === undefined || text(v),
    ) &&
    (b['did'] === undefined || texts(b['did'])),
  naming: (b) =>
    (b['rulesOut'] === undefined || (Array.isArray(b['rulesOut']) && b['rulesOut'].every(text))) &&
    text(b['sample']) &&
    text(b['answer']) &&
    Array.isArray(b['evidence']) &&
    b['evidence'].every(text),
  call: (b) => text(b['reason']),
  'call-answered': (b) => text(b['call']),
  step: (b) => text(b['test']) && typeof b['step'] === 'number',
  'hand-in': () => true,
  equation: (b) => text(b['sample']) && text(b['test']) && text(b['text']),
  timer: (b) => text(b['label']) && typeof b['seconds'] === 'number',
  'timer-longer': (b) => text(b['timer']) && typeof b['seconds'] === 'number',
  'timer-over': (b) => text(b['timer']),
  'signed-off': (b) =>
    text(b['test']) &&
    typeof b['good'] === 'boolean' &&
    (b['step'] === undefined || typeof b['step'] === 'number'),
  'bench-open': (b) => typeof b['open'] === 'boolean',
  trust: (b) => text(b['entry']) && (b['why'] === undefined || text(b['why'])),
  notice: (b) => (b['level'] === 'hint' || b['level'] === 'stop') && text(b['text']),
  'notice-over': (b) => text(b['notice']),
};

/** Can the body of an entry be read? Whatever it is, this does not throw. */
export function isReadableBody(body: unknown): body is EventBody {
  if (typeof body !== 'object' || body === null) return false;
  const { type } = body as { type?: unknown };
  return (
    text(type) &&
    Object.hasOwn(shapes, type) &&
    shapes[type as EventBody['type']](body as Record<string, unknown>)
  );
}
