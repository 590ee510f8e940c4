/** Anhydrous copper(II) sulfate. */
import type { GasId } from '../../species/substance.js';
import { all, change, coloured, completeIn, liquid, piece, pigment, step, uses } from '../test-parts.js';
import { gasAttribute, gasTest } from './gas-test-parts.js';

export const anhydrousCopperSulfateTest = gasTest({
  id: 'anhydrous-copper-sulfate',
  name: 'Anhydrous copper(II) sulfate',
  fromAge: 11,
  attribute: gasAttribute('colour', 'indicator-colour', 'What colour is the powder now?', 'white', [
    coloured('white', 'stays white', pigment.white),
    change('blue', 'turns blue', liquid(pigment.white), liquid(pigment.blue)),
  ]),
  steps: [
    step('Add a drop of the liquid to a little white anhydrous copper(II) sulfate.', {
      uses: [uses('CuSO4-anhydrous')],
      why: 'Blue shows that water is there, not that it is pure.',
    }),
  ],
  apparatus: [piece('watch glass')],
  outcomes: completeIn<GasId, 'anhydrous-copper-sulfate'>('anhydrous-copper-sulfate')([
    ...all(['H2O'], { colour: ['blue'] }),
    ...all(['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'SO2', 'N2'], { colour: ['white'] }),
  ]),
});
