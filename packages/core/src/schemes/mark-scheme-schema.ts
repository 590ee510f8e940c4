/** The JSON Schema of a mark scheme, as it stands in a practical. */
import { weightBounds } from './mark-scheme.js';
import { strands } from './strands.js';

const weight = { type: 'number', minimum: 0, maximum: weightBounds.most } as const;

export const markSchemeSchema = {
  type: 'object',
  description:
    'What points count and how much, in lessons to come; the one usual for the syllabus where absent.',
  additionalProperties: false,
  required: ['strands', 'items', 'attempts', 'carriedForward', 'conclusions', 'order', 'late'],
  properties: {
    strands: {
      type: 'object',
      description: 'What a point of each is worth.',
      additionalProperties: false,
      required: strands,
      properties: Object.fromEntries(strands.map((strand) => [strand, weight])),
    },
    items: {
      type: 'array',
      description: 'Single items that are worth something else.',
      maxItems: 200,
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['strand', 'test', 'weight'],
        properties: {
          strand: { enum: strands },
          test: { type: 'string', maxLength: 40 },
          attribute: { type: 'string', maxLength: 40 },
          weight,
        },
      },
    },
    attempts: { enum: ['trusted', 'best'] },
    carriedForward: { type: 'boolean' },
    conclusions: { enum: ['own', 'group'] },
    order: { type: 'boolean' },
    late: { type: 'number', minimum: 0, maximum: 1, description: 'What is left of late work.' },
  },
} as const;
