/** What follows from the table of marks, as facts for plain sentences. */
import type { MarkRow, MarkTable } from '@kivex/contract';
import { wroteNothing } from './mark-columns.js';

export interface MarkFact {
  readonly key: 'open' | 'settled' | 'working' | 'nothing' | 'state';
  readonly tone: 'tell' | 'look' | 'go';
  readonly text: string;
}

const names = (rows: readonly MarkRow[]): string => {
  const all = rows.map((r) => r.student.name);
  return all.length > 4 ? `${all.slice(0, 3).join(', ')} and ${all.length - 3} more` : all.join(', ');
};

/**
 * Answers that want a person, who is still at work, who has nothing that could be marked, and what students see.
 * That nothing is left to look at is said of what was written, never of those who wrote nothing.
 */
export function markFacts({ rows, open }: MarkTable, state: string): MarkFact[] {
  const working = rows.filter((r) => !r.cells.length);
  const nothing = rows.filter((r) => r.cells.length && wroteNothing(r));
  const written = rows.length - working.length - nothing.length;
  const facts: MarkFact[] = [];
  if (open)
    facts.push({
      key: 'open',
      tone: 'look',
      text: `${open} ${open === 1 ? 'answer wants' : 'answers want'} a person to look. Until then ${open === 1 ? 'it counts' : 'they count'} 0.`,
    });
  else if (written)
    facts.push({
      key: 'settled',
      tone: 'go',
      text:
        working.length || nothing.length
          ? `Nothing is left to look at in what ${written === 1 ? 'one student' : `${written} students`} wrote.`
          : 'Nothing is left to look at.',
    });
  if (working.length)
    facts.push({
      key: 'working',
      tone: 'tell',
      text: `${working.length} still at work: marked when they hand in or the lesson ends.`,
    });
  if (nothing.length)
    facts.push({
      key: 'nothing',
      tone: 'look',
      text: `${names(nothing)}: nothing was logged or named, so there is nothing to mark. Were they away?`,
    });
  facts.push(
    state === 'released'
      ? { key: 'state', tone: 'go', text: 'Students can see their own marks with their code, name and PIN.' }
      : { key: 'state', tone: 'tell', text: 'Students see nothing until you release.' },
  );
  return facts;
}
