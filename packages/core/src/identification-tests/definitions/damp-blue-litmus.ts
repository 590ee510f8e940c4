/** Damp blue litmus. */
import type { GasId } from '../../species/substance.js';
import { all, change, completeIn, none, piece, step, uses } from '../test-parts.js';
import { bleachedPaper, bluePaper, gasAttribute, gasTest, litmusDry, redPaper } from './gas-test-parts.js';

export const dampBlueLitmusTest = gasTest({
  id: 'damp-blue-litmus',
  name: 'Damp blue litmus',
  fromAge: 11,
  attribute: gasAttribute(
    'litmus',
    'litmus',
    'What did damp blue litmus do?',
    'no-change',
    [
      none('stays blue', 'no-change'),
      change('red', 'turns red', bluePaper, redPaper),
      change('red-then-bleached', 'red, then bleached', redPaper, bleachedPaper),
      change('bleached', 'is bleached', bluePaper, bleachedPaper),
    ],
    [{ pair: ['bleached', 'red-then-bleached'], chance: 0.25 }],
  ),
  steps: [
    step(
      'Damp blue litmus with deionised water and hold it in the gas, clear of the glass. Watch it for half a minute.',
      { uses: [uses('litmus')] },
    ),
  ],
  apparatus: [piece('blue litmus paper, strips', 'sample'), piece('tweezers')],
  stations: ['fume-cupboard'],
  outcomes: completeIn<GasId, 'damp-blue-litmus'>('damp-blue-litmus')([
    ...all(['Cl2'], { litmus: ['red-then-bleached', 'bleached'] }),
    ...all(['CO2', 'SO2'], { litmus: ['red'] }),
    ...all(['H2', 'O2', 'NH3', 'H2O', 'N2'], { litmus: ['no-change'] }),
  ]),
  slips: [litmusDry],
});
