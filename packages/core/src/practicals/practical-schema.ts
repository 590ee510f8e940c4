/**
 * The published JSON Schema of practical files (draft 2020-12), made from the same lists of ids that the
 * code uses, so that it cannot lag behind them. `docs/schemas/` holds a copy, which a test compares.
 */
import { practicalVersion } from './practical-versions.js';
import { allAnions, allCations, allGases, allMetals } from '../species/species.js';
import { allTests } from '../identification-tests/tests.js';
import { markSchemeSchema } from '../schemes/mark-scheme-schema.js';
import { asked, equationForms, sampleRoles } from './practical.js';

const text = (description: string, maxLength: number, minLength = 0) => ({
  type: 'string',
  description,
  minLength,
  maxLength,
});
const minutes = (description: string, minimum: number, maximum: number) => ({
  type: 'integer',
  description,
  minimum,
  maximum,
});
const testIds = allTests.map((t) => t.id);
const variantIds = [...new Set(allTests.flatMap((t) => t.variants.map((v) => v.id)))];
const speciesIds = [...allCations, ...allAnions, ...allGases, ...allMetals].map((s) => s.id);

export const practicalSchemaId = 'urn:kivex:practical:6';

export const practicalSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: practicalSchemaId,
  title: 'Kivex practical',
  description: 'What a class does in one practical on identification tests.',
  type: 'object',
  additionalProperties: false,
  required: [
    'format',
    'formatVersion',
    'title',
    'summary',
    'syllabus',
    'minutes',
    'setUp',
    'clearUp',
    'asks',
    'samples',
    'tests',
    'before',
    'unknownsPerGroup',
  ],
  properties: {
    format: { const: 'kivex-practical' },
    formatVersion: { const: practicalVersion },
    title: text('What it is called.', 120, 1),
    summary: text('One or two sentences for students.', 400),
    syllabus: text('Id of a shipped syllabus, or of the one in ownSyllabus.', 60, 1),
    ownSyllabus: {
      type: 'object',
      description: 'The syllabus of a school of its own, whole. See docs/schemas/syllabus.schema.json.',
    },
    minutes: minutes('Length of the lesson.', 10, 300),
    setUp: minutes('Minutes before the first test.', 0, 60),
    clearUp: minutes('Minutes kept for clearing up.', 0, 60),
    asks: { enum: asked, description: 'What students name.' },
    unknownsPerGroup: { type: 'integer', minimum: 1, maximum: 12 },
    advice: { const: 'hidden', description: 'The bench does not say what to repeat or change.' },
    balance: { const: 'checked', description: 'The bench says whether an equation balances.' },
    scheme: markSchemeSchema,
    samples: {
      type: 'array',
      maxItems: 60,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['key', 'role', 'ions', 'form', 'difficulty'],
        properties: {
          key: text('Stable within the practical.', 60, 1),
          role: { enum: sampleRoles },
          from: {
            type: 'object',
            description: 'Of a kept liquid: the sample it comes from and the test that leaves it.',
            additionalProperties: false,
            required: ['sample', 'test'],
            properties: {
              sample: text('Key of the sample.', 60, 1),
              test: { enum: testIds },
              known: { const: true, description: 'That sample is a known.' },
            },
          },
          ions: {
            type: 'array',
            description: 'Ids of ions, or of one gas or metal; empty for a blank.',
            maxItems: 4,
            uniqueItems: true,
            items: { enum: speciesIds },
          },
          form: { enum: ['solid', 'solution', 'gas', 'metal'] },
          molarity: {
            type: 'number',
            description: 'mol/dm3 of the salt, for solutions.',
            exclusiveMinimum: 0,
            maximum: 20,
          },
          difficulty: { type: 'integer', minimum: 1, maximum: 5 },
          alias: text('Everyday name of a known.', 60, 1),
          set: text('Samples of one set look alike.', 60, 1),
        },
      },
    },
    tests: {
      type: 'array',
      maxItems: 20,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['test', 'variant', 'attributes'],
        properties: {
          test: { enum: testIds },
          variant: { enum: variantIds },
          attributes: {
            type: 'array',
            minItems: 1,
            maxItems: 8,
            uniqueItems: true,
            items: { type: 'string' },
          },
          minutes: {
            type: 'number',
            description: 'Attended minutes for one sample.',
            exclusiveMinimum: 0,
            maximum: 60,
          },
          on: { enum: ['all', 'unknowns'] },
          ledBy: { enum: ['students', 'teacher'] },
          keeps: { const: true, description: 'The liquid it leaves is kept for later tests.' },
          strengths: {
            type: 'object',
            description: 'mol/dm3 by reagent id, where not the usual strength.',
            additionalProperties: { type: 'number', exclusiveMinimum: 0, maximum: 20 },
          },
          recorded: {
            enum: ['words', 'words-then-tap'],
            description: 'How results are logged, where not by tapping.',
          },
          equation: { enum: equationForms, description: 'An equation of each unknown is asked for.' },
          technique: { const: true, description: 'How it is done is signed off.' },
          controls: {
            type: 'array',
            maxItems: 20,
            items: {
              type: 'object',
              additionalProperties: false,
              required: ['step', 'only'],
              properties: {
                step: { type: 'integer', minimum: 0, maximum: 30 },
                only: { enum: ['teacher', 'fume-cupboard'] },
              },
            },
          },
        },
      },
    },
    before: {
      type: 'array',
      maxItems: 40,
      description: 'Pairs of tests: the first is done before the second begins.',
      items: { type: 'array', minItems: 2, maxItems: 2, items: { enum: testIds } },
    },
  },
} as const;
