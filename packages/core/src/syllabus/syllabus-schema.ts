/** The published JSON Schema of syllabus files (draft 2020-12), made from the lists of ids the code uses. */
import { allAnions, allCations, allGases, allMetals } from '../species/species.js';
import { allTests } from '../identification-tests/tests.js';
import { purposes } from './purposes.js';
import { longestAnswerPhrase, mostOwnAnswers } from './own-answers.js';
import { longestPhrase, mostOwnWords } from './own-words.js';
import { settingChoices } from './settings.js';
import { syllabusFormat, syllabusVersion } from './syllabus-versions.js';
import { strictnesses } from './syllabus-definition.js';

const ids = (list: readonly { readonly id: string }[]) => ({
  type: 'array',
  uniqueItems: true,
  items: { enum: list.map((x) => x.id) },
});
const terms = { type: 'array', uniqueItems: true, maxItems: 80, items: { type: 'string', maxLength: 40 } };
const wording = {
  type: 'object',
  additionalProperties: false,
  required: ['strict'],
  properties: { strict: terms, standard: terms, generous: terms, borderline: terms },
};

export const syllabusSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: 'urn:kivex:syllabus:2',
  title: 'Kivex syllabus',
  description: 'Which species and tests are in, which words earn, how strict the reading is.',
  type: 'object',
  additionalProperties: false,
  required: [
    'format',
    'formatVersion',
    'id',
    'name',
    'ages',
    'cations',
    'anions',
    'gases',
    'metals',
    'tests',
    'wording',
    'values',
    'strictness',
    'carryForward',
    'settings',
  ],
  properties: {
    format: { const: syllabusFormat },
    formatVersion: { const: syllabusVersion },
    id: { type: 'string', minLength: 1, maxLength: 60 },
    name: { type: 'string', minLength: 1, maxLength: 120 },
    ages: { type: 'string', maxLength: 20 },
    cations: ids(allCations),
    anions: ids(allAnions),
    gases: ids(allGases),
    metals: ids(allMetals),
    tests: {
      type: 'array',
      maxItems: 40,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['test', 'variant', 'attributes'],
        properties: {
          test: { enum: allTests.map((t) => t.id) },
          variant: { type: 'string', maxLength: 30 },
          attributes: {
            type: 'array',
            maxItems: 8,
            uniqueItems: true,
            items: { type: 'string', maxLength: 40 },
          },
        },
      },
    },
    wording: {
      type: 'object',
      description: 'By test, attribute and ion: words that earn.',
      additionalProperties: {
        type: 'object',
        additionalProperties: { type: 'object', additionalProperties: wording },
      },
    },
    values: {
      type: 'object',
      description: 'By kind of attribute and value: words that earn.',
      additionalProperties: { type: 'object', additionalProperties: wording },
    },
    ownWords: {
      type: 'array',
      maxItems: mostOwnWords,
      description: "Words of the school's own, each read as a colour of Kivex's.",
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['phrase', 'means'],
        properties: {
          phrase: { type: 'string', minLength: 1, maxLength: longestPhrase },
          means: { type: 'string', maxLength: 40 },
        },
      },
    },
    ownAnswers: {
      type: 'array',
      maxItems: mostOwnAnswers,
      description: "Answers of the school's own to gas tests and to why a step is done.",
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['of', 'phrase', 'earns'],
        properties: {
          of: {
            oneOf: [
              {
                type: 'object',
                additionalProperties: false,
                required: ['kind', 'gas', 'part'],
                properties: {
                  kind: { const: 'gas-test' },
                  gas: { enum: allGases.map((g) => g.id) },
                  part: { enum: ['test', 'result'] },
                },
              },
              {
                type: 'object',
                additionalProperties: false,
                required: ['kind', 'of'],
                properties: { kind: { const: 'purpose' }, of: { enum: purposes.map((p) => p.id) } },
              },
            ],
          },
          phrase: { type: 'string', minLength: 1, maxLength: longestAnswerPhrase },
          earns: { type: 'boolean' },
        },
      },
    },
    strictness: { enum: strictnesses },
    carryForward: { type: 'boolean' },
    settings: {
      type: 'object',
      additionalProperties: false,
      required: settingChoices.map((s) => s.id),
      properties: Object.fromEntries(
        settingChoices.map((s) => [s.id, { enum: s.choices.map((c) => c.id), description: s.question }]),
      ),
    },
  },
} as const;
