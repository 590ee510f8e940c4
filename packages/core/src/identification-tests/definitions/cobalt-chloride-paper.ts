/** Cobalt chloride paper. */
import type { GasId } from '../../species/substance.js';
import {
  all,
  care,
  change,
  coloured,
  completeIn,
  liquid,
  piece,
  pigment,
  step,
  uses,
} from '../test-parts.js';
import { gasAttribute, gasTest } from './gas-test-parts.js';

export const cobaltChloridePaperTest = gasTest({
  id: 'cobalt-chloride-paper',
  name: 'Cobalt chloride paper',
  fromAge: 14,
  attribute: gasAttribute('colour', 'indicator-colour', 'What colour is the paper now?', 'blue', [
    coloured('blue', 'stays blue', pigment.blue),
    change('pink', 'turns pink', liquid(pigment.blue), liquid(pigment.pink)),
  ]),
  steps: [
    step('Touch the liquid with dry blue cobalt chloride paper, held with tweezers.', {
      uses: [uses('CoCl2-paper')],
      cautions: [care('Fingers are damp enough to turn it pink.')],
    }),
  ],
  apparatus: [piece('tweezers')],
  outcomes: completeIn<GasId, 'cobalt-chloride-paper'>('cobalt-chloride-paper')([
    ...all(['H2O'], { colour: ['pink'] }),
    ...all(['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'SO2', 'N2'], { colour: ['blue'] }),
  ]),
});
