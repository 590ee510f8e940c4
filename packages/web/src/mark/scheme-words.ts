/** A mark scheme in words, and what changing it would do. */
import type { RulePreview, SchemePreview } from '@kivex/contract';
import { schemePresets, type MarkScheme, type Strand } from '@kivex/core';

export const strandNames: Readonly<Record<Strand, string>> = {
  technique: 'Technique',
  observation: 'What was seen',
  conclusion: 'Names',
  equation: 'Equations',
};

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
/** Keys in one order, so that two schemes can be compared. */
const plain = ({ strands, items, attempts, carriedForward, conclusions, order, late }: MarkScheme) => [
  Object.entries(strands).sort(),
  items.map((i) => [i.strand, i.test, i.attribute ?? '', i.weight]),
  attempts,
  carriedForward,
  conclusions,
  order,
  late,
];
export const sameScheme = (a: MarkScheme, b: MarkScheme): boolean => same(plain(a), plain(b));

/** The preset a scheme is; undefined where it is one of its own. */
export const presetOf = (scheme: MarkScheme) => schemePresets.find((p) => sameScheme(p.scheme, scheme));

/** What a change would do, in a sentence or two. */
export function previewWords({ students, items, reopened }: SchemePreview): string {
  const share = ({ points, max }: { points: number; max: number }) => (max ? points / max : 0);
  const up = students.filter((s) => share(s.after) > share(s.before) + 1e-9).length;
  const down = students.filter((s) => share(s.after) < share(s.before) - 1e-9).length;
  const parts = [
    up || down
      ? `${up + down} of ${students.length} students’ shares move: ${up} up, ${down} down.`
      : 'No student’s share moves.',
    ...(items ? [`${items} ${items === 1 ? 'mark is' : 'marks are'} another.`] : []),
    ...(reopened
      ? [
          `${reopened} ${reopened === 1 ? 'decision' : 'decisions'} would be open again, since another answer would be marked.`,
        ]
      : []),
  ];
  return parts.join(' ');
}

/** Students by how much their share moves, most first; those it leaves alone are left out. */
export const moversOf = ({ students }: SchemePreview) =>
  students
    .map((s) => ({
      ...s,
      by:
        (s.after.max ? s.after.points / s.after.max : 0) -
        (s.before.max ? s.before.points / s.before.max : 0),
    }))
    .filter((s) => Math.abs(s.by) > 1e-9)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by) || a.student.name.localeCompare(b.student.name));

/** What a rule would do in other lessons. */
export const elsewhereWords = ({ lessons, answers }: RulePreview['elsewhere']): string =>
  answers
    ? `In ${lessons === 1 ? 'one other lesson' : `${lessons} other lessons`} ${answers === 1 ? 'one answer follows' : `${answers} answers follow`}; marks that have once been given out stay.`
    : 'No other lesson has such an answer that is not marked so already.';
