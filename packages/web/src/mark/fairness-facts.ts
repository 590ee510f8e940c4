/** What the checks of fairness start from: who was given more than was computed, and who wrote what. */
import type { MarkRow } from '@kivex/contract';
import type { Dependence, Written } from '@kivex/core';
import type { Orders } from './sorting-work.js';

/** Weighted points that people gave a student beside what was computed. */
export const addedTo = ({ cells }: MarkRow): number =>
  cells.reduce((sum, c) => sum + (c.points - c.computed.points) * c.weight, 0);

/** What was added, by name, by bench and by when it was handed in; who was away or has not handed in is left out. */
export function ordersOf(rows: readonly MarkRow[]): Orders {
  const marked = rows.filter((row) => row.cells.length && !row.absent);
  const handedIn = marked.filter((row) => row.handedInAt !== null);
  const by = <K extends string>(list: readonly MarkRow[], key: (row: MarkRow) => K) =>
    [...list].sort((a, b) => key(a).localeCompare(key(b), undefined, { numeric: true })).map(addedTo);
  return {
    name: by(marked, (row) => row.student.name.split(' ').reverse().join(' ')),
    bench: by(marked, (row) => row.group),
    handIn: by(handedIn, (row) => row.handedInAt!),
  };
}

/** Who wrote what: of a group's record once, of names and equations each student's own. */
export const writtenBy = (rows: readonly MarkRow[]): Written[] =>
  rows.flatMap(({ group, cells }) =>
    cells
      .filter((c) => c.answer.trim() && c.strand !== 'technique' && c.strand !== 'equation')
      .map((c) => ({
        group,
        item: `${c.strand} ${c.test ?? ''}`,
        answer: c.answer,
      })),
  );

/** Below this chance an order is pointed out. */
const odd = 0.05;
const orderNames: Readonly<Record<keyof Orders, string>> = {
  name: 'the alphabet',
  bench: 'the order of groups',
  handIn: 'who handed in first',
};
export function orderWords(order: keyof Orders, { r, p }: Dependence): { text: string; look: boolean } {
  const what = orderNames[order];
  if (r === null)
    return { text: `By ${what}: nobody was given anything beside what was computed.`, look: false };
  const chance = p < 0.001 ? 'less than 0.1 %' : `${(p * 100).toFixed(p < 0.1 ? 1 : 0)} %`;
  return p < odd
    ? {
        text: `By ${what}: ${r > 0 ? 'later ones' : 'earlier ones'} were given more. Shuffling alone does as much in ${chance} of cases: look at it.`,
        look: true,
      }
    : { text: `By ${what}: nothing to be seen (shuffling does as much in ${chance} of cases).`, look: false };
}

/** Whose marks these are, in few words. */
export function whoseMarks(rows: readonly MarkRow[], ids: readonly string[], most = 4): string {
  const wanted = new Set(ids);
  const names = rows.filter((row) => row.cells.some((c) => wanted.has(c.id))).map((row) => row.student.name);
  return names.length > most
    ? `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`
    : names.join(', ');
}
