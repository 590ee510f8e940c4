import { describe, expect, test } from '@jest/globals';
import { changedAnswers, changes } from './corpus/changes.js';
import { corpusLines, corpusSets } from './corpus/read-corpus.js';
import { mark } from './mark.js';

/** Answers marked rightly as they stand; what a change does is told against their points. */
const lines = corpusSets
  .flatMap((set) => corpusLines(set))
  .filter((line) => !line.disputed)
  .filter((line, i) => {
    if (i % 3 !== 0) return false;
    const got = mark(line.syllabus, line.item, line.answer);
    return got.verdict !== 'review' && got.points === line.points;
  });

describe('an answer changed in a known way', () => {
  const tried = [...changedAnswers(lines, 1)].map(({ change, line, answer }) => ({
    change,
    line,
    answer,
    mark: mark(line.syllabus, line.item, answer),
  }));
  const violates = ({ change, line, mark: got }: (typeof tried)[number]): boolean =>
    got.verdict !== 'review' &&
    (change.effect === 'keeps' ? got.points !== line.points : got.points >= line.points);

  test('thousands of them, and every kind of change among them', () => {
    expect(tried.length).toBeGreaterThan(4000);
    for (const { kind } of changes) expect(tried.some((t) => t.change.kind === kind)).toBe(true);
  });
  test('fewer than one in two hundred has its points changed, or kept, against what the change means', () => {
    const wrong = tried.filter(violates);
    expect(wrong.length / tried.length).toBeLessThan(0.005);
  });
  test.each([
    'capitals and spaces',
    'something said after',
    'denied',
    'taken back at the end',
    'mended at the end',
  ])('none of "%s" does', (kind) =>
    expect(tried.filter((t) => t.change.kind === kind && violates(t)).map((t) => t.answer)).toEqual([]),
  );
  test('few of them need a person', () =>
    expect(tried.filter((t) => t.mark.verdict === 'review').length / tried.length).toBeLessThan(0.05));
});
