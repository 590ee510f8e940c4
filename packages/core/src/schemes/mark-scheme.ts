/**
 * How the points of a lesson become its marks: which count and how much, which attempt stands, what is carried forward, and
 * what becomes of late work. What earns a point is the syllabus's.
 */
import { strands, type Strand } from './strands.js';

export interface ItemWeight {
  readonly strand: Strand;
  readonly test: string;
  /** What is looked at in the test; all of it where absent. */
  readonly attribute?: string;
  readonly weight: number;
}
export interface MarkScheme {
  /** What a point of each strand is worth; 0 where the strand is not counted. */
  readonly strands: Readonly<Record<Strand, number>>;
  /** Single items that are worth something else; the most exact one counts, of two alike the last. */
  readonly items: readonly ItemWeight[];
  /** Of a test done more than once: the attempt the group trusts (its last plain one where it says nothing), or its best. */
  readonly attempts: 'trusted' | 'best';
  /** A name earns that follows from the student's own record, though the sample was another. */
  readonly carriedForward: boolean;
  /** Names and equations are each student's own, or the group's last. */
  readonly conclusions: 'own' | 'group';
  /** One point of technique a sample for tests begun in the order the practical sets. */
  readonly order: boolean;
  /** What is left of the marks of work handed in after the end: 1 all, 0 none. */
  readonly late: number;
}

/** The item a weight is asked for. */
export interface WeighedItem {
  readonly strand: Strand;
  readonly test: string | null;
  readonly attribute: string | null;
}
/** The attribute of the item that is earned by the order of tests. */
export const orderItem = 'order';
/** The highest weight there may be, and the steps weights go by. */
export const weightBounds = { most: 10, step: 0.5 } as const;

/** What a point of an item is worth. */
export function weightOf(scheme: MarkScheme, { strand, test, attribute }: WeighedItem): number {
  if (attribute === orderItem && !scheme.order) return 0;
  const own = scheme.items.filter((i) => i.strand === strand && i.test === test);
  const exact = own.findLast((i) => i.attribute !== undefined && i.attribute === attribute);
  const ofTest = own.findLast((i) => i.attribute === undefined);
  return (exact ?? ofTest)?.weight ?? scheme.strands[strand];
}

export interface Earned {
  readonly points: number;
  readonly max: number;
}
export interface Total extends Earned {
  readonly strands: Readonly<Record<Strand, Earned>>;
}

/** Marks go to hundredths, and no further. */
const hundredths = (x: number): number => Math.round(x * 100) / 100;

/** Adds up what a student earned. @param late whether it was handed in after the end. */
export function totalOf(
  scheme: MarkScheme,
  marks: Iterable<WeighedItem & Earned>,
  late: boolean = false,
): Total {
  const sums = Object.fromEntries(strands.map((s) => [s, { points: 0, max: 0 }])) as Record<
    Strand,
    { points: number; max: number }
  >;
  const left = late ? scheme.late : 1;
  for (const mark of marks) {
    const weight = weightOf(scheme, mark);
    sums[mark.strand].points += mark.points * weight * left;
    sums[mark.strand].max += mark.max * weight;
  }
  const all = Object.values(sums);
  return {
    points: hundredths(all.reduce((sum, s) => sum + s.points, 0)),
    max: hundredths(all.reduce((sum, s) => sum + s.max, 0)),
    strands: Object.fromEntries(
      strands.map((s) => [s, { points: hundredths(sums[s].points), max: hundredths(sums[s].max) }]),
    ) as Record<Strand, Earned>,
  };
}
