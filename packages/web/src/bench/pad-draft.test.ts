import { describe, expect, test } from '@jest/globals';
import { readGroup, testOf, type PlannedTest } from '@kivex/core';
import { entry } from '../testing/lesson-fixture.js';
import {
  blankDraft,
  bodyOf,
  byVigour,
  correcting,
  draftFrom,
  lacking,
  noTime,
  nothingSeen,
  showsWells,
  sideBySide,
} from './pad-draft.js';

const halides: PlannedTest = { test: 'halide-silver', variant: 'usual', attributes: ['precipitate'] };
const draft = { ...blankDraft, test: 'halide-silver', sample: 'jar' };
const cream = { ...draft, seen: { precipitate: 'cream' } };

describe('what a draft lacks, by the way of logging', () => {
  test('tapping wants a well or words', () => {
    expect(lacking(halides, { ...draft, sample: undefined })).toMatch(/sample/);
    expect(lacking(halides, draft)).toMatch(/Tap/);
    expect(lacking(halides, cream)).toBeUndefined();
    expect(lacking(halides, { ...draft, words: 'creamy' })).toBeUndefined();
  });
  test('own words want words, whatever was tapped before the practical was changed', () => {
    const words: PlannedTest = { ...halides, recorded: 'words' };
    expect(lacking(words, cream)).toMatch(/Write/);
    expect(showsWells(words, { ...cream, written: true })).toBe(false);
  });
  test('words before wells want both, and show the wells only once the words stand', () => {
    const both: PlannedTest = { ...halides, recorded: 'words-then-tap' };
    expect([showsWells(both, draft), showsWells(both, { ...draft, written: true })]).toEqual([false, true]);
    expect(lacking(both, cream)).toMatch(/first/);
    expect(lacking(both, { ...draft, words: 'creamy' })).toMatch(/Now tap/);
    expect(lacking(both, { ...cream, words: 'creamy' })).toBeUndefined();
  });
});

describe('the entry it becomes', () => {
  test('says only what was said', () => {
    expect(bodyOf(halides, cream)).toEqual({
      type: 'observation',
      sample: 'jar',
      test: 'halide-silver',
      variant: 'usual',
      seen: { precipitate: 'cream' },
    });
    expect(bodyOf(halides, draft)).toBeUndefined();
  });
  test('carries how it was come by; a note on the reagent only with what was wrong with it', () => {
    const full = {
      ...cream,
      weak: true,
      doubtful: true,
      did: { acid: 'none' },
      reagentWas: 'old' as const,
      reagentNote: ' brown ',
      drops: 3,
      inferredFrom: 'other',
    };
    expect(bodyOf(halides, full)).toMatchObject({
      weak: true,
      doubtful: true,
      did: { acid: 'none' },
      reagentWas: 'old',
      reagentNote: 'brown',
      drops: 3,
      inferredFrom: 'other',
    });
    expect(bodyOf(halides, { ...full, reagentWas: undefined })).not.toHaveProperty('reagentNote');
  });
  test('of own words has what Kivex read, and says that it did', () => {
    const words: PlannedTest = { ...halides, recorded: 'words' };
    expect(bodyOf(words, { ...cream, words: 'white solid' }, { precipitate: 'white' })).toMatchObject({
      seen: { precipitate: 'white' },
      words: 'white solid',
      read: true,
    });
  });
  test('of no time has nothing else', () => {
    expect(noTime(halides, 'jar')).toMatchObject({ seen: {}, notDone: 'no-time', sample: 'jar' });
  });
});

test('nothing seen is said of everything looked at that has such a value, not of the glass', () => {
  expect(nothingSeen(halides)).toEqual({ precipitate: 'none' });
  const flame = nothingSeen({ test: 'flame', variant: 'wire', attributes: ['colour', 'throughBlueGlass'] });
  expect(Object.keys(flame)).toEqual(['colour']);
});

test('samples are logged side by side by tapping, where what is looked at fits', () => {
  expect(sideBySide(halides)).toEqual(['precipitate']);
  expect(sideBySide({ ...halides, recorded: 'words' })).toEqual([]);
  expect(sideBySide({ test: 'flame', variant: 'wire', attributes: ['colour'] })).toEqual([]);
  const metals: PlannedTest = {
    test: 'metal-acid',
    variant: 'usual',
    attributes: ['effervescence', 'warms', 'residue'],
  };
  expect(sideBySide(metals)).toEqual(['effervescence', 'warms', 'residue']);
});

test('metals stand in order of vigour as far as they have been seen, equals together', () => {
  const fizz = testOf('metal-acid').attributes[0]!;
  const seen = {
    zinc: { effervescence: 'steady' },
    magnesium: { effervescence: 'vigorous' },
    iron: { effervescence: 'slow' },
    tin: { effervescence: 'slow' },
    copper: { warms: 'no' },
  };
  expect(byVigour(fizz, seen)).toEqual([['magnesium'], ['zinc'], ['iron', 'tin']]);
  expect(byVigour(testOf('halide-silver').attributes[0]!, seen)).toEqual([]);
});

test('a correction begins from what the entry said; wells that Kivex read are not taken over', () => {
  const of = (part: object) =>
    correcting(
      readGroup([
        entry({
          type: 'observation',
          sample: 'jar',
          test: 'halide-silver',
          variant: 'usual',
          seen: { precipitate: 'cream' },
          ...part,
        }),
      ]).observations[0]!,
    );
  expect(of({ weak: true, did: { acid: 'nitric' } })).toMatchObject({
    seen: { precipitate: 'cream' },
    weak: true,
    did: { acid: 'nitric' },
    doubtful: false,
  });
  expect(of({ read: true, words: 'creamy' })).toMatchObject({ seen: {}, words: 'creamy', written: true });
});

test('a kept draft of an older page, or none, or rubbish, is filled up', () => {
  expect(draftFrom('{"words":"x"}')).toEqual({ ...blankDraft, words: 'x' });
  expect([draftFrom(null), draftFrom('{')]).toEqual([blankDraft, blankDraft]);
});

test('temperatures are logged where both are written and can be such', () => {
  const of = (before: string, highest: string) => bodyOf(halides, { ...cream, before, highest })?.celsius;
  expect(of('20,5', '31')).toEqual({ before: 20.5, highest: 31 });
  expect([of('20', ''), of('twenty', '31'), of('20', '900')]).toEqual([undefined, undefined, undefined]);
});
