/** The published JSON Schema of a lesson's log as it is taken out: JSON Lines, each line one of these. */
export const logSchemaId = 'urn:kivex:log:1';

const text = (description: string) => ({ type: 'string', description });
const moment = (description: string) => ({ type: 'string', format: 'date-time', description });

/** The first line: what the lesson was. */
const head = {
  type: 'object',
  additionalProperties: false,
  required: ['format', 'formatVersion', 'lesson', 'title', 'class', 'startsAt', 'samples', 'groups'],
  properties: {
    format: { const: 'kivex-log' },
    formatVersion: { const: 1 },
    lesson: text('Id of the lesson.'),
    title: text('Of the practical.'),
    class: text('Name of the class.'),
    startsAt: moment('When it was planned to begin.'),
    samples: {
      type: 'array',
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'label', 'role', 'ions'],
        properties: {
          id: text('Id, as entries name it.'),
          label: text('What stood on it.'),
          role: { enum: ['known', 'unknown', 'kept'] },
          ions: { type: 'array', items: text('Species id.') },
        },
      },
    },
    groups: {
      type: 'array',
      items: {
        type: 'object',
        additionalProperties: false,
        required: ['id', 'name', 'students'],
        properties: {
          id: text('Id, as entries name it.'),
          name: text('What it was called.'),
          students: {
            type: 'array',
            items: {
              type: 'object',
              additionalProperties: false,
              required: ['id', 'name'],
              properties: { id: text('Id, as entries name it.'), name: text('The student’s name.') },
            },
          },
        },
      },
    },
  },
};

/** Every other line: one entry, in the order in which it was committed within its group. */
const entry = {
  type: 'object',
  required: ['id', 'group', 'by', 'at', 'body'],
  properties: {
    id: text('UUIDv7 made on the device.'),
    group: text('Whose it is.'),
    by: text('The student or member of staff.'),
    at: moment('By the device’s clock, set right.'),
    body: {
      type: 'object',
      description: 'What was logged; its type says what else it has.',
      required: ['type'],
      properties: {
        type: {
          enum: [
            'observation',
            'naming',
            'equation',
            'call',
            'call-answered',
            'step',
            'hand-in',
            'trust',
            'timer',
            'timer-longer',
            'timer-over',
            'notice',
            'notice-over',
            'signed-off',
            'bench-open',
          ],
        },
      },
    },
  },
};

export const logSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id: logSchemaId,
  title: 'Kivex log, one line',
  description:
    'A lesson’s log as JSON Lines: the first line says what the lesson was, each other is one entry.',
  oneOf: [head, entry],
};
