/** Mark schemes to begin from, and the one each syllabus usually has. */
import type { MarkScheme } from './mark-scheme.js';
import { strands } from './strands.js';

export interface SchemePreset {
  readonly id: string;
  readonly name: string;
  /** Whom it is for, in a sentence. */
  readonly says: string;
  readonly scheme: MarkScheme;
  /** Ids of the shipped syllabuses that usually have it. */
  readonly usualFor: readonly string[];
}

const even: MarkScheme = {
  strands: { technique: 1, observation: 1, conclusion: 1, equation: 1 },
  items: [],
  attempts: 'trusted',
  carriedForward: true,
  conclusions: 'own',
  order: false,
  late: 1,
};

export const schemePresets: readonly SchemePreset[] = [
  {
    id: 'even',
    name: 'Every point the same',
    says: 'Each item counts once; what follows from the student’s own record earns.',
    scheme: even,
    usualFor: ['core', 'gases', 'families'],
  },
  {
    id: 'reasoned',
    name: 'Conclusions and equations count double',
    says: 'For older classes, where the reasoning is the work and seeing is its means.',
    scheme: { ...even, strands: { technique: 1, observation: 1, conclusion: 2, equation: 2 } },
    usualFor: ['extended', 'senior'],
  },
  {
    id: 'bench-skill',
    name: 'Skill at the bench',
    says: 'Technique counts double, the order of tests is marked, a repeat may mend a first try, names do not count.',
    scheme: {
      ...even,
      strands: { technique: 2, observation: 1, conclusion: 0, equation: 0 },
      attempts: 'best',
      order: true,
    },
    usualFor: [],
  },
  {
    id: 'exam',
    name: 'As in an examination',
    says: 'Nothing is carried forward, and late work earns nothing.',
    scheme: { ...even, carriedForward: false, late: 0 },
    usualFor: [],
  },
];

/** Every point the same: what marks are worth where nobody has said otherwise. */
export const evenScheme: MarkScheme = even;

/** The preset a syllabus usually has; that of even points where none is named for it. */
export const usualPreset = (syllabus: string): SchemePreset =>
  schemePresets.find((p) => p.usualFor.includes(syllabus)) ?? schemePresets[0]!;

const strandWords = {
  technique: 'technique',
  observation: 'what was seen',
  conclusion: 'names',
  equation: 'equations',
} as const;

/** A scheme in a line: what a point of each is worth, and what is otherwise than usual. */
export function schemeLine({
  strands: worth,
  items,
  attempts,
  carriedForward,
  conclusions,
  order,
  late,
}: MarkScheme): string {
  const points = strands.map((s) => `${strandWords[s]} ${worth[s]}`).join(', ');
  const besides = [
    items.length ? `${items.length} ${items.length === 1 ? 'item' : 'items'} apart` : '',
    attempts === 'best' ? 'the best attempt' : '',
    carriedForward ? '' : 'nothing carried forward',
    conclusions === 'group' ? 'names of the group' : '',
    order ? 'the order of tests' : '',
    late < 1 ? `late work at ${Math.round(late * 100)} %` : '',
  ].filter(Boolean);
  return besides.length ? `${points}; ${besides.join(', ')}` : points;
}
