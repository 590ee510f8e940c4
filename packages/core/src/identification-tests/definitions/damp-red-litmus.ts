/** Damp red litmus. */
import type { GasId } from '../../species/substance.js';
import { all, change, completeIn, none, piece, slip, step, uses } from '../test-parts.js';
import { bleachedPaper, bluePaper, gasAttribute, gasTest, litmusDry, redPaper } from './gas-test-parts.js';

export const dampRedLitmusTest = gasTest({
  id: 'damp-red-litmus',
  name: 'Damp red litmus',
  fromAge: 11,
  attribute: gasAttribute('litmus', 'litmus', 'What did damp red litmus do?', 'no-change', [
    none('stays red', 'no-change'),
    change('blue', 'turns blue', redPaper, bluePaper),
    change('bleached', 'is bleached', redPaper, bleachedPaper),
  ]),
  steps: [
    step('Damp red litmus with deionised water and hold it in the gas, clear of the glass.', {
      uses: [uses('litmus')],
    }),
  ],
  apparatus: [piece('red litmus paper, strips', 'sample'), piece('tweezers')],
  outcomes: completeIn<GasId, 'damp-red-litmus'>('damp-red-litmus')([
    ...all(['NH3'], { litmus: ['blue'] }),
    ...all(['Cl2'], { litmus: ['bleached'] }),
    ...all(['H2', 'O2', 'CO2', 'SO2', 'H2O', 'N2'], { litmus: ['no-change'] }),
  ]),
  slips: [
    litmusDry,
    slip(
      'litmus-on-rim',
      0.03,
      { litmus: ['blue'] },
      'Litmus that touches wet glass may turn blue from an alkali. Hold it clear and repeat.',
    ),
  ],
});
