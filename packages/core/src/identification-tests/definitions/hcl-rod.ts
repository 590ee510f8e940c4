/** Rod wet with concentrated hydrochloric acid. */
import type { GasId } from '../../species/substance.js';
import { all, coloured, completeIn, none, piece, pigment, step, uses } from '../test-parts.js';
import { gasAttribute, gasTest } from './gas-test-parts.js';

export const hclRodTest = gasTest({
  id: 'hcl-rod',
  name: 'Rod wet with concentrated hydrochloric acid',
  fromAge: 16,
  attribute: gasAttribute('fumes', 'fumes', 'What formed near the rod?', 'none', [
    none('no fumes'),
    coloured('white', 'white fumes', pigment.white),
  ]),
  steps: [
    step('Teacher only: dip a glass rod in concentrated hydrochloric acid and hold it near the gas.', {
      uses: [uses('HCl', { molarity: 12 })],
      teacherOnly: true,
    }),
  ],
  apparatus: [piece('glass rod', 'room')],
  stations: ['fume-cupboard'],
  waste: 'Rinse the rod into plenty of water.',
  outcomes: completeIn<GasId, 'hcl-rod'>('hcl-rod')([
    ...all(['NH3'], { fumes: ['white'] }),
    ...all(['H2', 'O2', 'CO2', 'Cl2', 'SO2', 'H2O', 'N2'], { fumes: ['none'] }),
  ]),
});
