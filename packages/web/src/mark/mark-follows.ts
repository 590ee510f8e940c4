/** What follows from the table of marks, as facts for plain sentences. */
import type { MarkRow, MarkTable } from '@kivex/contract';
import { wroteNothing } from './mark-columns.js';

export interface MarkFact {
  readonly key: 'open' | 'flagged' | 'settled' | 'working' | 'nothing' | 'older' | 'some' | 'state';
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
  const working = rows.filter((r) => !r.cells.length && !r.absent);
  const nothing = rows.filter((r) => r.cells.length && wroteNothing(r));
  const written = rows.length - working.length - nothing.length - rows.filter((r) => r.absent).length;
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
  const flagged = rows.reduce((n, row) => n + row.cells.filter((c) => c.flag).length, 0);
  if (flagged)
    facts.push({
      key: 'flagged',
      tone: 'look',
      text: `${flagged} ${flagged === 1 ? 'mark is' : 'marks are'} flagged, to come back to.`,
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
  const older = rows.filter((r) => r.given === 'as-before').length;
  if (older)
    facts.push({
      key: 'older',
      tone: 'look',
      text: `${older} ${older === 1 ? 'student has' : 'students have'} marks that have changed since they were given out.`,
    });
  const out = rows.filter((r) => r.given !== 'no').length;
  if (out && state === 'marking')
    facts.push({
      key: 'some',
      tone: 'tell',
      text: `${out} ${out === 1 ? 'student has' : 'students have'} their marks; the rest see nothing. What a bench sends from now on does not count.`,
    });
  if (!out || state === 'released')
    facts.push(
      state === 'released'
        ? {
            key: 'state',
            tone: 'go',
            text: 'Students can see their own marks with their code, name and PIN.',
          }
        : { key: 'state', tone: 'tell', text: 'Students see nothing until you release.' },
    );
  return facts;
}
