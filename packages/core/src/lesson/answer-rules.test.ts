/** What a school has decided of an answer once and for all. */
import { describe, expect, test } from '@jest/globals';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { evenScheme } from '../schemes/scheme-presets.js';
import { canBeRule, ruleFor, ruleOf, wantedOf, type AnswerRule } from './answer-rules.js';
import { lessonMarks, type MarkedSample } from './lesson-marks.js';
import { readingForm } from './reading-form.js';
import { readGroup, type LessonEvent } from './record.js';
import { named, saw } from './trials/made-up-log.js';

const practical = shippedPracticals.find((p) => /Hydroxide/.test(p.title))!;
const iron: MarkedSample = { id: 'jar', role: 'unknown', ions: ['Fe2+', 'SO4^2-'], form: 'solution' };
const copper: MarkedSample = { ...iron, ions: ['Cu2+', 'SO4^2-'] };
const place = { strand: 'observation', test: 'naoh', attribute: 'precipitate' } as const;
const rule = (example: string, points: number, change: Partial<AnswerRule> = {}): AnswerRule => ({
  id: 'r',
  ...place,
  wanted: wantedOf(practical, place, iron),
  form: readingForm('observation', example),
  example,
  points,
  ...change,
});
const wrote = (words: string) => saw('jar', 'naoh', {}, { words });
const marked = (sample: MarkedSample, events: readonly LessonEvent[], rules: readonly AnswerRule[]) =>
  lessonMarks(practical, [sample], readGroup(events), 'ada', { rules }).find(
    (m) => m.strand === 'observation' && m.attribute === 'precipitate',
  )!;

describe('an answer a school has decided on', () => {
  test('gets what the rule says, however it is spelt, and says so', () => {
    const plain = marked(iron, [wrote('swampy dirty green')], []);
    expect(plain.verdict).toBe('review');
    const earns = [rule('swampy dirty green', 1)];
    expect(marked(iron, [wrote('it was a swampy, dirty green')], earns)).toMatchObject({
      points: 1,
      verdict: 'credit',
    });
    expect(marked(iron, [wrote('Swampy dirty gren')], earns).why[0]).toMatchObject({
      code: 'school-rule',
      text: '“Swampy dirty gren” earns here, by a rule of the school.',
    });
    expect(marked(iron, [wrote('green precipitate')], [rule('green precipitate', 0)])).toMatchObject({
      points: 0,
      verdict: 'none',
    });
  });
  test('what the group said of its own record goes before it, and of several attempts each is judged by it', () => {
    const rules = [rule('swampy dirty green', 1)];
    const inferred = saw('jar', 'naoh', {}, { words: 'swampy dirty green', inferredFrom: 'other' });
    expect(marked(iron, [inferred], rules)).toMatchObject({ verdict: 'review', why: [{ code: 'inferred' }] });
    const twice = [wrote('swampy dirty green'), wrote('blue ppt')];
    const best = lessonMarks(practical, [iron], readGroup(twice), 'ada', {
      rules,
      scheme: { ...evenScheme, attempts: 'best' },
    }).find((m) => m.attribute === 'precipitate')!;
    expect([best.points, marked(iron, twice, rules).points]).toEqual([1, 0]);
  });
  test('other answers, other samples and nothing written stay as they are', () => {
    const rules = [rule('swampy dirty green', 1)];
    expect(marked(iron, [wrote('swampy green')], rules).why[0]?.code).not.toBe('school-rule');
    expect(marked(copper, [wrote('swampy dirty green')], rules).why[0]?.code).not.toBe('school-rule');
    expect(marked(iron, [], [rule('', 1)])).toMatchObject({ points: 0, answer: '' });
  });
  test('the last rule stands where there are two; never more points than there are', () => {
    expect(marked(iron, [wrote('mossy')], [rule('mossy', 1), rule('mossy', 0)]).points).toBe(0);
    expect(marked(iron, [wrote('mossy')], [rule('mossy', 5)])).toMatchObject({
      points: 1,
      verdict: 'credit',
    });
  });
  test('of a name: for what was asked, whichever salt it came as', () => {
    const name = { strand: 'conclusion', test: null, attribute: null } as const;
    const chloride = { ...iron, ions: ['Fe2+', 'Cl-'] };
    expect(wantedOf(practical, name, iron)).toEqual(['cation', 'Fe2+']);
    expect(wantedOf(practical, name, chloride)).toEqual(wantedOf(practical, name, iron));
    expect(wantedOf({ ...practical, asks: 'anion' }, name, chloride)).toEqual(['anion', 'Cl-']);
    expect(wantedOf({ ...practical, asks: 'salt' }, name, chloride)).toEqual(['salt', 'Cl-', 'Fe2+']);
  });
  test('of a name: for that substance alone', () => {
    const name = { strand: 'conclusion', test: null, attribute: null } as const;
    const rules = [
      rule('ferrus', 1, {
        ...name,
        wanted: wantedOf(practical, name, iron),
        form: readingForm('conclusion', 'green vitriol'),
      }),
    ];
    const of = (sample: MarkedSample) =>
      lessonMarks(practical, [sample], readGroup([named('jar', 'green vitriol')]), 'ada', { rules }).find(
        (m) => m.strand === 'conclusion',
      )!;
    expect(of(iron).points).toBe(of(iron).max);
    expect(of(copper).points).toBe(0);
  });
  test('equations and techniques are decided one by one', () => {
    expect(canBeRule('equation')).toBe(false);
    expect(
      ruleFor([rule('x', 1, { strand: 'equation' })], { ...place, strand: 'equation', wanted: [] }, 'x'),
    ).toBe(undefined);
  });
  test('is told in words', () => {
    expect(ruleOf(rule('x', 1))).toBe('Sodium hydroxide, precipitate, where green is to be seen');
    expect(ruleOf({ strand: 'conclusion', test: null, attribute: null, wanted: ['cation', 'Fe2+'] })).toBe(
      'Name of iron(II)',
    );
  });
});
