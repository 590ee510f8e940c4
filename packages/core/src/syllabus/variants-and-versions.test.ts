import { describe, expect, test } from '@jest/globals';
import { allTests } from '../identification-tests/tests.js';
import { syllabusOfVersion1 } from './old-syllabuses.js';
import { preferredVariant } from './preferred-variant.js';
import { readSyllabus } from './read-syllabus.js';
import { settingChoices } from './settings.js';
import { allSyllabuses, syllabusOf } from './syllabuses.js';

const core = syllabusOf('core');
const withSettings = (settings: object) => ({ ...core, settings: { ...core.settings, ...settings } });

describe('the variant a syllabus prefers', () => {
  test.each([
    ['flame', {}, 'wire'],
    ['flame', { flameMethod: 'swab' }, 'swab'],
    ['dilute-acid', { carbonateAcid: 'any-dilute' }, 'any-acid'],
    ['nitrate-ring', {}, 'acid-last'],
    ['nitrate-ring', { ringOrder: 'acid-first' }, 'acid-first'],
    ['sulfate', {}, 'hydrochloric'],
    ['naoh', {}, 'usual'],
  ])('%s with %j: %s', (id, settings, variant) =>
    expect(preferredVariant(withSettings(settings), id).id).toBe(variant),
  );
  test('a syllabus that lists another variant has that one', () =>
    expect(
      preferredVariant(
        { ...core, tests: [{ test: 'sulfate', variant: 'nitric', attributes: ['precipitate'] }] },
        'sulfate',
      ).id,
    ).toBe('nitric'));
  test('every variant names a setting and a choice there is', () => {
    for (const { variants } of allTests)
      for (const { chosenBy } of variants)
        if (chosenBy)
          expect(settingChoices.find((s) => s.id === chosenBy.setting)?.choices.map((c) => c.id)).toContain(
            chosenBy.is,
          );
  });
});

describe('a syllabus file', () => {
  test('of version 1 is brought up to date', () =>
    expect(readSyllabus(syllabusOfVersion1)).toEqual({
      syllabus: { ...(syllabusOfVersion1 as object), format: 'kivex-syllabus', formatVersion: 2 },
    }));
  test('of a newer version says what to do', () =>
    expect(readSyllabus({ ...core, formatVersion: 9 })).toMatchObject({
      problems: [{ where: 'formatVersion', text: expect.stringMatching(/Update Kivex/) as unknown }],
    }));
  test.each([[null], [[1]], ['text'], [7]])('that is no object, %j, is told', (document) =>
    expect(readSyllabus(document)).toHaveProperty('problems'),
  );
  test('the ones that ship are of the newest version', () => {
    for (const s of allSyllabuses) expect(readSyllabus(structuredClone(s))).toEqual({ syllabus: s });
  });
});
