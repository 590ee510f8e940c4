import { describe, expect, test } from '@jest/globals';
import { readText } from '../reading/read-text.js';
import {
  goesOnAfterSolid,
  hasStrangeWords,
  isShort,
  speaksOfAnOutcome,
  speaksOfMoreThanTheFlame,
} from './doubt.js';
import { mark } from './mark.js';
import type { MarkItem } from './mark-item.js';

describe('what leaves a mark in doubt', () => {
  test('words nothing explains, though not "forgot"', () => {
    expect(hasStrangeWords(readText('it galumphed'))).toBe(true);
    expect(hasStrangeWords(readText('white ppt'))).toBe(false);
    expect(hasStrangeWords(readText('we forgot'))).toBe(false);
  });
  test('an outcome of something', () => {
    expect(speaksOfAnOutcome(readText('it stayed'))).toBe(true);
    expect(speaksOfAnOutcome(readText('yellow'))).toBe(false);
  });
  test('more told after the precipitate than in one breath with it', () => {
    expect(goesOnAfterSolid(readText('white ppt. then it galumphed'))).toBe(true);
    expect(goesOnAfterSolid(readText('white ppt'))).toBe(false);
    expect(goesOnAfterSolid(readText('nothing. then nothing'))).toBe(false);
  });
  test('solids beside a flame, though a flame has bits of a colour too', () => {
    expect(speaksOfMoreThanTheFlame(readText('green ppt'))).toBe(true);
    expect(speaksOfMoreThanTheFlame(readText('green with blue bits'))).toBe(false);
  });
  test('short is five words', () => {
    expect(isShort(readText('white or cream'))).toBe(true);
    expect(isShort(readText('it went white and after a while it was cream'))).toBe(false);
  });
});

describe('doubt goes to a person', () => {
  const naoh = (answer: string) =>
    mark('core', { kind: 'observation', test: 'naoh', sample: ['Zn2+', 'SO4^2-'] }, answer);
  test.each([
    ['a right colour that nothing has', 'white'],
    ['an excess half told', 'white ppt. then it galumphed'],
    ['a colour beside "clear"', 'it goes white then clear again'],
  ])('%s: "%s"', (_, answer) => expect(naoh(answer).verdict).toBe('review'));
  test.each([
    ['plainly wrong', 'blue ppt', 0],
    ['plainly half', 'white ppt', 1],
    ['nothing at all', 'nothing happened', 0],
  ])('%s stays decided: "%s"', (_, answer, points) =>
    expect(naoh(answer)).toMatchObject({ points, verdict: points ? 'partial' : 'none' }),
  );
  test('a gas test that fits nothing known, in words nobody knows', () =>
    expect(mark('core', { kind: 'gas-test', gas: 'H2' }, 'spray some vinegar over it').verdict).toBe(
      'review',
    ));
  test('litmus of a colour left open', () =>
    expect(mark('core', { kind: 'gas-test', gas: 'NH3' }, 'damp litmus goes blue').verdict).toBe('review'));
  test('a name beyond reading', () =>
    expect(
      mark('core', { kind: 'identify', part: 'cation', sample: ['Na+', 'Cl-'] }, 'sotdhiuwm').verdict,
    ).toBe('review'));
});

describe('a colour of what dissolves, or does not, is that of a solid', () => {
  const asked = (answer: string) =>
    mark(
      'core',
      { kind: 'observation', test: 'naoh', sample: ['Cu2+', 'SO4^2-'], attribute: 'precipitate' },
      answer,
    );
  test.each(['blue, then doesnt dissolve', 'blue and insoluble'])('"%s"', (answer) =>
    expect(asked(answer)).toMatchObject({ points: 1, verdict: 'credit' }),
  );
  test('a colour alone stays in doubt', () => expect(asked('blue').verdict).toBe('review'));
});

describe('a reason that speaks of the right thing in words nobody foresaw', () => {
  const why = (of: string, answer: string) => mark('senior', { kind: 'purpose', of } as never, answer);
  test.each([
    ['acid-before-silver-nitrate', 'so carbonates are gone before you test'],
    ['not-hydrochloric-acid', 'extra chloride ions'],
    ['clean-wire', 'traces of other salts'],
  ])('%s: "%s" goes to a person', (of, answer) =>
    expect(['review', 'credit']).toContain(why(of, answer).verdict),
  );
  test.each([
    ['acid-before-silver-nitrate', 'to warm it up'],
    ['clean-wire', 'so it is shiny'],
    ['blue-glass', 'it lets only yellow through'],
  ])('%s: "%s" stays nothing', (of, answer) => expect(why(of, answer).verdict).toBe('none'));
});

describe('a reason in words of its own goes to a person, a usual miss does not', () => {
  const why = (of: string, answer: string) => mark('core', { kind: 'purpose', of } as MarkItem, answer);
  test.each([
    ['not-hydrochloric-acid', 'the answer would be settled before you began'],
    ['acid-before-barium-chloride', 'so that you are testing sulfate not carbonate'],
  ])('%s: "%s"', (of, answer) => expect(why(of, answer).verdict).toBe('review'));
  test.each([
    ['acid-before-silver-nitrate', 'so the reaction goes faster'],
    ['fume-cupboard', 'because the rules say so'],
    ['damp-litmus', 'to cool the gas down'],
  ])('%s stays decided: "%s"', (of, answer) =>
    expect(why(of, answer)).toMatchObject({ points: 0, verdict: 'none' }),
  );
});

describe('the words of a right reason earn where their direction is sure', () => {
  const why = (of: string, answer: string) => mark('senior', { kind: 'purpose', of } as MarkItem, answer);
  test.each([
    ['acid-before-barium-chloride', 'so barium carbonate is made', 'barium carbonate is made as well'],
    [
      'acid-before-silver-nitrate',
      'silver carbonate does not form',
      'so that silver carbonate does not form',
    ],
    ['fresh-iron-sulfate', 'so that it has been oxidised', 'it has been oxidised by air'],
    ['fume-cupboard', 'it is good for your lungs', 'it is bad for your lungs'],
    ['clean-wire', 'left over salt makes the flame hotter', 'left over salt makes the flame another colour'],
  ])('%s: "%s" goes to a person, "%s" earns', (of, open, sure) => {
    expect(why(of, open).verdict).toBe('review');
    expect(why(of, open).why[0]!.code).toBe('direction-open');
    expect(why(of, sure)).toMatchObject({ points: 1, verdict: 'credit' });
  });
  test.each([
    ['acid-before-silver-nitrate', 'it helps silver react with carbonate'],
    ['acid-before-barium-chloride', 'barium carbonate would also be seen more easily as a white solid'],
  ])('%s: "%s" speaks of help or of more, as right reasons do not: a person looks', (of, answer) =>
    expect(why(of, answer).verdict).toBe('review'),
  );
});

describe('a reason turned round in ways no set of answers holds', () => {
  const why = (of: string, answer: string) => mark('senior', { kind: 'purpose', of } as MarkItem, answer);
  test.each([
    ['clean-wire', 'so the new sample does not affect the colour'],
    ['clean-wire', 'to remove the new metal ions'],
    ['acid-before-silver-nitrate', 'it removes nitrates and carbonates'],
    ['acid-before-barium-chloride', 'to get rid of the carbon dioxide from the carbonates'],
    ['not-sulfuric-acid-on-marble', 'calcium sulfate does not form a layer'],
    ['not-hydrochloric-acid', 'nitric acid has chloride in it'],
    ['not-hydrochloric-acid', 'there is less chloride in it'],
  ])('%s: "%s" earns nothing', (of, answer) =>
    expect(why(of, answer)).toMatchObject({ points: 0, verdict: 'none' }),
  );
});

describe('what its writer does not count', () => {
  const litmus = { kind: 'observation', test: 'naoh-warm', sample: ['NH4+', 'Cl-'] } as MarkItem;
  test.each([
    'the litmus touched the side and went blue so not counting it',
    'it went blue, we ignored that',
    'it went blue but not a valid result',
  ])('"%s" is no mark without a person', (answer) => {
    expect(mark('core', litmus, answer).verdict).not.toBe('credit');
  });
  test('what is told plainly earns', () =>
    expect(mark('core', litmus, 'the litmus went blue').verdict).toBe('credit'));
});

describe('a salt named where its ion is asked for', () => {
  const anion = (answer: string) =>
    mark('core', { kind: 'identify', part: 'anion', sample: ['K+', 'SO4^2-'] } as MarkItem, answer);
  test.each([
    ['barium sulfate', 'review'],
    ['potassium sulfate', 'credit'],
    ['sulfate, it gave barium sulfate with the barium chloride', 'credit'],
  ])('"%s": %s', (answer, verdict) => expect(anion(answer).verdict).toBe(verdict));
});

describe('what acid dissolves is not this precipitate', () => {
  const sulfate = (answer: string, strictness?: 'strict') =>
    mark(
      'core',
      {
        kind: 'observation',
        test: 'sulfate',
        sample: ['Na+', 'SO4^2-'],
        ...(strictness ? { strictness } : {}),
      },
      answer,
    );
  test('a person looks; when strict it loses', () => {
    expect(sulfate('white ppt which dissolved in the HCl').verdict).toBe('review');
    expect(sulfate('white ppt which dissolved in the HCl', 'strict').points).toBe(0);
    expect(sulfate('white ppt which did not dissolve in the HCl')).toMatchObject({
      points: 1,
      verdict: 'credit',
    });
  });
});
