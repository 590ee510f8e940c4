/** Freezing point. */
import { care, piece, step } from '../test-parts.js';
import { gasTest } from './gas-test-parts.js';

export const freezingPointTest = gasTest({
  id: 'freezing-point',
  name: 'Freezing point',
  fromAge: 11,
  attribute: {
    id: 'celsius',
    reads: 'number',
    question: 'At what temperature does it freeze, in °C?',
    values: [],
    number: { unit: '°C', within: 1 },
    confusions: [],
    source: 'school-practice',
  },
  steps: [
    step('Crush ice in a beaker and stir a third as much salt into it: it gets to −10 °C and colder.', {
      cautions: [care('Ice with salt freezes skin: stir it with a rod, hold the beaker by the rim.')],
    }),
    step('Stand a tube with 5 cm³ of the liquid in it, and stir the liquid gently with the thermometer.'),
    step('When the first ice shows and the thermometer stands still, read it.', {
      waitSeconds: 180,
      why: 'Pure water stands at 0 °C until all of it is ice; what is dissolved in it brings that lower.',
    }),
  ],
  preparation: 'Crushed ice, table salt, thermometers from −10 °C',
  apparatus: [piece('beaker of crushed ice and salt'), piece('test tube'), piece('thermometer from −10 °C')],
  solution_mL: 5,
  minutes: 5,
  waste: 'Sink.',
  outcomes: [{ of: 'H2O', shows: { celsius: ['0'] }, source: 'crc-water' }],
});
