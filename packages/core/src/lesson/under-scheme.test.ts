/** The same log marked under different schemes. */
import { describe, expect, test } from '@jest/globals';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import type { Practical } from '../practicals/practical.js';
import type { MarkScheme } from '../schemes/mark-scheme.js';
import { evenScheme } from '../schemes/scheme-presets.js';
import { lessonMarks, type MarkedSample } from './lesson-marks.js';
import { readGroup, type LessonEvent } from './record.js';
import { entry, named, saw } from './trials/made-up-log.js';

const hydroxides: Practical = {
  ...shippedPracticals.find((p) => /Hydroxide/.test(p.title))!,
  before: [['naoh', 'flame']],
};
const jar: MarkedSample = { id: 'jar', role: 'unknown', ions: ['Cu2+', 'SO4^2-'], form: 'solution' };
const under = (change: Partial<MarkScheme>, events: readonly LessonEvent[], student = 'ada') => {
  const all = lessonMarks(hydroxides, [jar], readGroup(events), student, {
    scheme: { ...evenScheme, ...change },
  });
  return (wanted: { strand: string; attribute: string | null }) =>
    all.find((m) => m.strand === wanted.strand && m.attribute === wanted.attribute)!;
};
const colour = { strand: 'observation', attribute: 'precipitate' };
const name = { strand: 'conclusion', attribute: null };
const order = { strand: 'technique', attribute: 'order' };

describe('attempts', () => {
  const twice = [saw('jar', 'naoh', { precipitate: 'blue' }), saw('jar', 'naoh', { precipitate: 'white' })];
  test('the last plain one stands, or the best', () => {
    expect(under({}, twice)(colour)).toMatchObject({ points: 0, answer: 'white' });
    expect(under({ attempts: 'best' }, twice)(colour)).toMatchObject({ points: 1, answer: 'blue' });
  });
  test('what was corrected is no attempt any more', () => {
    const first = saw('jar', 'naoh', { precipitate: 'blue' });
    const put = saw('jar', 'naoh', { precipitate: 'white' }, { corrects: first.id });
    expect(under({ attempts: 'best' }, [first, put])(colour).points).toBe(0);
  });
  test('of none, nothing', () => {
    expect(under({ attempts: 'best' }, [])(colour)).toMatchObject({ points: 0, answer: '' });
  });
});

describe('a name', () => {
  const misread = [
    saw('jar', 'naoh', { precipitate: 'green', excess: 'insoluble' }),
    named('jar', 'iron(II)'),
  ];
  test('is carried forward from the record, or held to the sample', () => {
    expect(under({}, misread)(name).points).toBe(1);
    expect(under({ carriedForward: false }, misread)(name).points).toBe(0);
  });
  test('is each student’s own, or the group’s last', () => {
    const log = [
      saw('jar', 'naoh', { precipitate: 'blue' }),
      entry({ type: 'naming', sample: 'jar', answer: 'zinc', evidence: [] }, { by: 'bo' }),
      entry({ type: 'naming', sample: 'jar', answer: 'copper', evidence: [] }, { by: 'cy' }),
    ];
    expect(under({}, log)(name)).toMatchObject({ points: 0, answer: '' });
    expect(under({}, log, 'bo')(name)).toMatchObject({ points: 0, answer: 'zinc' });
    for (const student of ['ada', 'bo'])
      expect(under({ conclusions: 'group' }, log, student)(name)).toMatchObject({
        points: 1,
        answer: 'copper',
      });
  });
});

describe('the order of tests', () => {
  const naoh = saw('jar', 'naoh', { precipitate: 'blue' });
  const flame = saw('jar', 'flame', { colour: 'green' });
  test.each<[string, LessonEvent[], number, string]>([
    ['as planned', [naoh, flame], 1, 'in-order'],
    ['the other way', [flame, naoh], 0, 'out-of-order'],
    ['the first left out', [flame], 0, 'out-of-order'],
    ['the second not reached', [naoh], 0, 'not-done'],
  ])('%s', (_, log, points, code) => {
    expect(under({ order: true }, log)(order)).toMatchObject({ points, why: [{ code }] });
  });
  test('is no item where the practical sets none', () => {
    const free = lessonMarks({ ...hydroxides, before: [] }, [jar], readGroup([naoh, flame]), 'ada');
    expect(free.some((m) => m.attribute === 'order')).toBe(false);
  });
});
