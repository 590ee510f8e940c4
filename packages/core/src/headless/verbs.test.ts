import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { answerLine, verbs } from './verbs.js';

const run = (verb: string, line: unknown) => {
  const { text, failed } = answerLine(verbs[verb]!, typeof line === 'string' ? line : JSON.stringify(line));
  return { ...(JSON.parse(text) as Record<string, unknown>), failed };
};
const good = {
  id: 'a',
  syllabus: 'core',
  item: { kind: 'observation', test: 'flame', sample: ['K+', 'Cl-'] },
  answer: 'lilac',
};

describe('the headless core', () => {
  test('answers with the same id', () =>
    expect(run('mark', good)).toMatchObject({
      id: 'a',
      points: 1,
      max: 1,
      verdict: 'credit',
      failed: false,
    }));
  test.each<[unknown, RegExp]>([
    ['{', /not JSON/],
    ['[]', /must be a JSON object/],
    [{ ...good, extra: 1 }, /unknown key "extra"/],
    [{ ...good, syllabus: 'x' }, /syllabus must be one of/],
    [{ ...good, answer: 7 }, /answer must be a text, not a number/],
    [{ ...good, item: { ...good.item, sample: ['Xx+'] } }, /item.sample\[0\] is "Xx\+"/],
    [{ ...good, item: { ...good.item, sample: [] } }, /item.sample is empty/],
    [{ ...good, item: { ...good.item, test: 'taste' } }, /not a test Kivex knows/],
    [{ ...good, item: { ...good.item, strictness: 'harsh' } }, /item.strictness must be one of/],
  ])('says what is wrong and where: %j', (line, wanted) => {
    const out = run('mark', line);
    expect(out.failed).toBe(true);
    expect((out as { error?: string }).error).toMatch(wanted);
  });
  test('a failing line keeps its id', () =>
    expect(run('mark', { ...good, answer: null })).toMatchObject({ id: 'a' }));
  test('identify refuses a value that is not in the list, naming the list', () => {
    const out = run('identify', {
      id: 1,
      candidates: { cations: ['K+'], anions: [] },
      observations: [{ test: 'flame', seen: { colour: 'mauve' } }],
    });
    expect((out as { error?: string }).error).toMatch(
      /seen.colour must be one of none|seen.colour must be one of crimson/,
    );
  });
  test('hostile lines give an error line, never a throw', () => {
    const nested = '['.repeat(200_000);
    expect(answerLine(verbs['mark']!, nested).failed).toBe(true);
    expect(
      answerLine(verbs['mark']!, `{"id":1,"item":${'{"a":'.repeat(5000)}1${'}'.repeat(5000)}}`).failed,
    ).toBe(true);
    fc.assert(
      fc.property(
        fc.json(),
        (json) => answerLine(verbs['mark']!, json).failed && answerLine(verbs['identify']!, json).failed,
      ),
    );
  });
});
