/** The published form of an answer of the verb `act`: what may be seen, in which words, and the slips and hazards there are. */
import { allTests } from '../identification-tests/tests.js';
import { slipFacts } from './slips.js';

/** Attributes the bench shows beyond those of the identification tests, and values it adds to theirs. */
const ofTheBench: Readonly<Record<string, readonly string[]>> = {
  cloud: ['none', 'pale-yellow'],
  colour: ['deep-blue', 'blue-black', 'orange-brown', 'red'],
  excessColour: ['deep-blue', 'orange-brown'],
  clean: ['yes', 'no'],
  pop: ['weak'],
  limewater: ['clear', 'cloudy', 'cloudy-then-clear'],
  splint: ['brighter', 'goes-out'],
};
const whatItIs: Readonly<Record<string, string>> = {
  state: 'Of the vessel’s contents.',
  colour: 'Of the liquid or the dry solid; of the flame, where the action is flame; of test paper held.',
  precipitate: 'The solid that fell out, or that came first where an excess has dissolved it.',
  excess: 'Given once alkali is in excess.',
  standing: 'Given a minute after the last was added.',
  effervescence: 'The fastest of the action.',
  pop: 'Beside splint: a pop too weak to count.',
  clean: 'Of a wire, after cleaning.',
};
/** Codes of hazards that are no slips. */
export const hazardCodes = ['corrosive', 'spits', 'bang'] as const;

function seenProperties(): Record<string, object> {
  const values = new Map<string, Set<string>>();
  const add = (id: string, more: readonly string[]) =>
    values.set(id, new Set([...(values.get(id) ?? []), ...more]));
  for (const test of allTests)
    for (const { id, values: known, number } of test.attributes)
      if (!number && id !== 'spot')
        add(
          id,
          known.map((v) => v.id),
        );
  for (const [id, more] of Object.entries(ofTheBench)) add(id, more);
  return {
    ...Object.fromEntries(
      [...values]
        .sort(([a], [b]) => a.localeCompare(b))
        .map(([id, known]) => [
          id,
          { ...(whatItIs[id] ? { description: whatItIs[id] } : {}), enum: [...known] },
        ]),
    ),
    celsius: { type: 'number', description: 'Read off a thermometer.' },
  };
}
const sentence = { type: 'string' };
/** An answer of the verb. */
export const actAnswerSchema = {
  type: 'object',
  description:
    'What comes back for a line. A line that cannot be read, or an action that cannot be done, answers {"id","error"} with a sentence.',
  required: ['id', 'after', 'slips'],
  properties: {
    id: { type: ['string', 'number'] },
    after: {
      type: 'array',
      description: 'One entry an action, in order.',
      items: {
        type: 'object',
        required: ['at', 'do', 'seen', 'text', 'hazards'],
        properties: {
          at: { type: 'integer', description: 'Place of the action, from 0.' },
          do: sentence,
          seen: { type: 'object', additionalProperties: false, properties: seenProperties() },
          text: sentence,
          vessel: {
            type: 'object',
            description:
              'Where a vessel was worked at: its liquid (mL, pH, celsius, srgb, name), solids (formula, mol_per_L, visible, colour), pieces, bubbling_mL_s, gases in cm3, layer, ring, leadsTo, filled.',
          },
          flame: {
            type: 'object',
            description:
              'Where a flame was looked at: srgb, words, and moments (at_s, srgb, name) of this holding.',
          },
          hazards: {
            type: 'array',
            items: {
              type: 'object',
              properties: {
                code: { enum: [...hazardCodes, ...Object.keys(slipFacts)] },
                text: sentence,
              },
            },
          },
        },
      },
    },
    slips: {
      type: 'array',
      description: 'Each with the action that made it, why it misleads, and what to do.',
      items: {
        type: 'object',
        required: ['code', 'at', 'text', 'mend'],
        properties: {
          code: {
            oneOf: Object.entries(slipFacts).map(([code, { text }]) => ({ const: code, description: text })),
          },
          at: { type: 'integer' },
          text: sentence,
          mend: sentence,
        },
      },
    },
  },
};
