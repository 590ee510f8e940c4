/** Boiling point. */
import { care, piece, step } from '../test-parts.js';
import { gasTest } from './gas-test-parts.js';

export const boilingPointTest = gasTest({
  id: 'boiling-point',
  name: 'Boiling point',
  fromAge: 11,
  attribute: {
    id: 'celsius',
    reads: 'number',
    question: 'At what temperature does it boil, in °C?',
    values: [],
    number: { unit: '°C', within: 2 },
    confusions: [],
    source: 'school-practice',
  },
  steps: [
    step('Boil a little with anti-bumping granules and read the thermometer in the vapour.', {
      cautions: [care('Boiling liquid and hot glass.')],
    }),
  ],
  preparation: 'Side-arm tubes, anti-bumping granules, thermometers',
  apparatus: [piece('side-arm tube, thermometer, anti-bumping granules'), piece('burner, mat and lighter')],
  solution_mL: 5,
  stations: ['burner'],
  minutes: 6,
  waste: 'Sink.',
  outcomes: [{ of: 'H2O', shows: { celsius: ['100'] }, source: 'crc-water' }],
});
