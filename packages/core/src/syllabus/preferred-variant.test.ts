import { describe, expect, test } from '@jest/globals';
import { allTests } from '../identification-tests/tests.js';
import { preferredVariant } from './preferred-variant.js';
import { settingChoices } from './settings.js';
import { syllabusOf } from './syllabuses.js';

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
