import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../numbers/random.js';
import { alikeGroups, oddWords } from './copied-work.js';
import { dependence, unlikeMarks } from './fairness.js';
import type { AnswerToSort } from './like-answers.js';

const of = (id: string, answer: string, points: number, part: Partial<AnswerToSort> = {}): AnswerToSort => ({
  id,
  strand: 'observation',
  test: 'naoh',
  attribute: 'precipitate',
  truth: ['Fe2+', 'SO4^2-'],
  answer,
  computed: { points: 0, verdict: 'none', why: '' },
  points,
  max: 1,
  open: false,
  ...part,
});

describe('the same answer', () => {
  test('with different points is listed, whose they are, the commonest first', () => {
    expect(
      unlikeMarks([of('a', 'dirty green', 1), of('b', 'Dirty green.', 1), of('c', 'dirty green', 0)]),
    ).toMatchObject([
      {
        answer: 'dirty green',
        given: [
          { points: 1, ids: ['a', 'b'] },
          { points: 0, ids: ['c'] },
        ],
      },
    ]);
  });
  test.each<[string, AnswerToSort[]]>([
    ['the same points', [of('a', 'green', 1), of('b', 'green', 1)]],
    ['another item', [of('a', 'green', 1), of('b', 'green', 0, { attribute: 'excess' })]],
    ['another truth', [of('a', 'green', 1), of('b', 'green', 0, { truth: ['Cu2+'] })]],
    [
      'carried forward from another record',
      [of('a', 'zinc', 0), of('b', 'zinc', 1, { computed: { points: 1, verdict: 'credit', why: '' } })],
    ],
    ['still open', [of('a', 'green', 1), of('b', 'green', 0, { open: true })]],
  ])('%s is no difference', (_, answers) => expect(unlikeMarks(answers)).toEqual([]));
});

describe('what must not matter', () => {
  test('is found where it does: more is given from one end to the other', () => {
    const { r, p } = dependence([0, 0, 0, 1, 1, 2, 2, 3, 3, 4], seededRandom(1));
    expect(r!).toBeGreaterThan(0.9);
    expect(p).toBeLessThan(0.01);
  });
  test('is not found where nothing was given, nor in noise more often than chance has it', () => {
    expect(dependence([0, 0, 0, 0], seededRandom(1))).toEqual({ r: null, p: 1 });
    const random = seededRandom(42);
    const found = Array.from({ length: 100 }, () =>
      dependence(
        Array.from({ length: 20 }, () => Math.floor(random() * 3)),
        random,
        200,
      ),
    ).filter(({ p }) => p < 0.05).length;
    expect(found).toBeLessThan(12);
  });
});

describe('wording that groups share', () => {
  const wrote = (group: string, answer: string, item = 'naoh') => ({ group, item, answer });
  const others = ['c', 'd', 'e', 'f', 'g', 'h', 'i', 'j'].map((g) => wrote(g, 'a white precipitate'));
  test('odd words stand in no dictionary, and are no short forms', () => {
    expect(oddWords('a gelatinus presipitate')).toEqual(['gelatinus', 'presipitate']);
    for (const plain of ['a white precipitate', 'stayed clear, then limewater stays clear', 'no pptn, effv'])
      expect(oddWords(plain)).toEqual([]);
  });
  test('is pointed out where it is odd, and asked of both', () => {
    const [pair, ...rest] = alikeGroups([
      wrote('a', 'gelatinus presipitate'),
      wrote('b', 'Gelatinus  presipitate'),
      ...others,
    ]);
    expect(rest).toEqual([]);
    expect(pair).toMatchObject({ groups: ['a', 'b'], shared: [{ odd: ['gelatinus', 'presipitate'] }] });
  });
  test('that is plain, of one slip alone, of one group, or of the whole class is nothing', () => {
    expect(alikeGroups(others)).toEqual([]);
    expect(alikeGroups([wrote('a', 'presipitate'), wrote('b', 'presipitate'), ...others])).toEqual([]);
    expect(alikeGroups([wrote('a', 'gelatinus presipitate'), wrote('a', 'gelatinus presipitate')])).toEqual(
      [],
    );
    expect(alikeGroups(others.map((w) => ({ ...w, answer: 'gelatinus presipitate' })))).toEqual([]);
  });
  test('two slips shared of different things count together', () =>
    expect(
      alikeGroups([
        wrote('a', 'presipitate'),
        wrote('b', 'presipitate'),
        wrote('a', 'lilack', 'flame'),
        wrote('b', 'lilack', 'flame'),
        ...others,
      ]),
    ).toHaveLength(1));
});
