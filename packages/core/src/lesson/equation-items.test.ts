import { describe, expect, test } from '@jest/globals';
import { balanceAtOnce } from '../equations/balance-at-once.js';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import type { PlannedTest, Practical } from '../practicals/practical.js';
import { equationsWanted, markOwnEquation } from './equation-items.js';
import { lessonMarks, type MarkedSample } from './lesson-marks.js';
import { readGroup } from './record.js';
import { entry, saw } from './trials/made-up-log.js';

const naoh: PlannedTest = { test: 'naoh', variant: 'usual', attributes: ['precipitate'], equation: 'ionic' };
const copper = { ions: ['Cu2+', 'SO4^2-'], form: 'solution' } as const;

describe('an equation of an unknown', () => {
  test('is wanted in the form asked, and only where something happens', () => {
    expect(equationsWanted(naoh, copper).every((e) => e.form === 'ionic')).toBe(true);
    expect(equationsWanted(naoh, copper).length).toBeGreaterThan(0);
    expect(equationsWanted(naoh, { ions: ['K+', 'Cl-'], form: 'solution' })).toEqual([]);
    expect(equationsWanted({ ...naoh, equation: 'word' }, copper)[0]!.form).toBe('word');
    const { equation: _, ...plain } = naoh;
    expect(equationsWanted(plain, copper)).toEqual([]);
  });
  test('earns where it is right and balanced; else the reason says what is off', () => {
    const wanted = equationsWanted(naoh, copper);
    const mark = (answer: string) => markOwnEquation(answer, 'ionic', wanted);
    expect(mark('Cu2+ + 2OH- -> Cu(OH)2').points).toBe(1);
    expect(mark('Cu2+ + OH- -> Cu(OH)2')).toMatchObject({ points: 0, verdict: 'none' });
    expect(mark('').why[0]!.code).toBe('blank');
    expect(mark('I think it is blue').verdict).toBe('review');
  });
  const practical: Practical = {
    ...shippedPracticals.find((p) => /Hydroxide/.test(p.title))!,
    asks: 'cation',
    tests: [{ ...naoh, technique: true }],
  };
  const jar: MarkedSample = { id: 'jar', role: 'unknown', ...copper };
  const items = (events: Parameters<typeof readGroup>[0]) =>
    Object.fromEntries(lessonMarks(practical, [jar], readGroup(events), 'ada').map((m) => [m.key, m]));
  test('is each student’s own in their marks', () => {
    const wrote = (text: string, by: string) =>
      entry({ type: 'equation', sample: 'jar', test: 'naoh', text }, { by });
    const right = 'Cu2+ + 2OH- -> Cu(OH)2';
    expect(items([wrote(right, 'ada')])['equation:jar:naoh']!.points).toBe(1);
    expect(items([wrote(right, 'bo')])['equation:jar:naoh']!.answer).toBe('');
  });
  test('stands beside the technique as it was signed off; what nobody saw is a person’s', () => {
    const signed = (good: boolean) => entry({ type: 'signed-off', test: 'naoh', good }, { by: 'staff' });
    expect(items([])['technique:naoh']).toMatchObject({ verdict: 'none', strand: 'technique' });
    expect(items([saw('jar', 'naoh', { precipitate: 'blue' })])['technique:naoh']!.verdict).toBe('review');
    expect(items([signed(false)])['technique:naoh']!.points).toBe(0);
    expect(items([signed(false), signed(true)])['technique:naoh']!.points).toBe(1);
  });
});

describe('whether it balances, said while it is typed', () => {
  test.each([
    ['Cu2+ + 2OH- -> Cu(OH)2', true, /balances/],
    ['Cu2+ + OH- -> Cu(OH)2', false, /Not balanced/],
    ['Ag+ + Cl- ->', false, /./],
  ])('%s', (typed, balanced, text) => {
    expect(balanceAtOnce(typed)).toMatchObject({ balanced, text: expect.stringMatching(text) });
  });
  test('of nothing nothing', () => expect(balanceAtOnce('  ')).toBeUndefined());
});
