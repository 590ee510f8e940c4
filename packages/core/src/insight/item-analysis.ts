/** How each item went over many students: facility with its interval, discrimination, what was written instead. */
import { readingForm } from '../lesson/reading-form.js';
import { correlation } from '../numbers/correlation.js';
import { groupedBy } from '../numbers/grouped.js';
import { wilson, type Share } from '../numbers/wilson.js';
import type { WeighedItem } from '../schemes/mark-scheme.js';

/** What was asked, of whatever sample: like items of different jars are one. */
export interface ReviewedItem extends WeighedItem {
  /** What the sample held; sorted. */
  readonly truth: readonly string[];
  readonly role: 'known' | 'unknown' | 'kept';
}
/** One mark of one student. */
export interface ReviewedMark extends ReviewedItem {
  readonly student: string;
  readonly answer: string;
  readonly points: number;
  readonly max: number;
  /** What a point was worth. */
  readonly weight: number;
}
export interface WrongAnswer {
  /** The commonest way it was written. */
  readonly answer: string;
  readonly times: number;
}
export interface ItemAnalysis extends ReviewedItem {
  /** Share of its points that were earned. */
  readonly facility: Share;
  /**
   * How far it goes with the rest: the correlation of this item with the student's share of all others, from −1 to 1. Null where
   * fewer than eight students had it, or all earned the same.
   */
  readonly discrimination: number | null;
  /** Marks that were not full for what was written, by what it says, the commonest first; three at most. */
  readonly wrong: readonly WrongAnswer[];
  /** Students who wrote nothing. */
  readonly empty: number;
  /** Weighted points that were not earned, and students who left any. */
  readonly lost: number;
  readonly losers: number;
}

/** Fewer students than these tell nothing of how an item goes with the rest. */
export const fewestForDiscrimination = 8;

export const itemKey = ({ strand, test, attribute, truth, role }: ReviewedItem): string =>
  [strand, test ?? '', attribute ?? '', role, ...truth].join('\u0001');

function commonest(marks: readonly ReviewedMark[]): WrongAnswer[] {
  const wrong = marks.filter((m) => m.points < m.max && m.answer.trim() && m.strand !== 'technique');
  return [...groupedBy(wrong, (m) => readingForm(m.strand, m.answer)).values()]
    .map((alike): WrongAnswer => {
      const ways = [...groupedBy(alike, (m) => m.answer)].sort(
        (a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]),
      );
      return { answer: ways[0]![0], times: alike.length };
    })
    .sort((a, b) => b.times - a.times || a.answer.localeCompare(b.answer))
    .slice(0, 3);
}

/** In the order in which items are first met. */
export function itemAnalysis(marks: readonly ReviewedMark[]): ItemAnalysis[] {
  const totals = new Map<string, { points: number; max: number }>();
  for (const { student, points, max } of marks) {
    const so = totals.get(student) ?? { points: 0, max: 0 };
    totals.set(student, { points: so.points + points, max: so.max + max });
  }
  return [...groupedBy(marks, itemKey).values()].map((own): ItemAnalysis => {
    const [{ strand, test, attribute, truth, role }] = own as [ReviewedMark, ...ReviewedMark[]];
    const byStudent = groupedBy(own, (m) => m.student);
    const sum = (list: readonly ReviewedMark[], of: 'points' | 'max') => list.reduce((n, m) => n + m[of], 0);
    const pairs = [...byStudent].flatMap(([student, mine]): [number, number][] => {
      const all = totals.get(student)!;
      const rest = all.max - sum(mine, 'max');
      return rest > 0
        ? [[sum(mine, 'points') / (sum(mine, 'max') || 1), (all.points - sum(mine, 'points')) / rest]]
        : [];
    });
    const max = sum(own, 'max');
    return {
      strand,
      test,
      attribute,
      truth,
      role,
      facility: wilson(max ? sum(own, 'points') / max : 0, own.length),
      discrimination: pairs.length >= fewestForDiscrimination ? correlation(pairs) : null,
      wrong: commonest(own),
      empty: own.filter((m) => !m.answer.trim()).length,
      lost: own.reduce((n, m) => n + (m.max - m.points) * m.weight, 0),
      losers: [...byStudent.values()].filter((mine) => mine.some((m) => m.points < m.max)).length,
    };
  });
}

/** What an item's figures say of the item itself: nobody needed it, or it parts the wrong way. */
export function flagOf({
  facility,
  discrimination,
}: Pick<ItemAnalysis, 'facility' | 'discrimination'>): 'too-easy' | 'too-hard' | 'wrong-way' | undefined {
  if (discrimination !== null && discrimination < -0.2) return 'wrong-way';
  if (facility.n >= fewestForDiscrimination && facility.low > 0.9) return 'too-easy';
  if (facility.n >= fewestForDiscrimination && facility.high < 0.25) return 'too-hard';
  return undefined;
}
