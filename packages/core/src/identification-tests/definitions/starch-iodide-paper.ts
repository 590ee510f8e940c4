/** Damp starch-iodide paper: chlorine sets iodine free, which starch turns blue-black. */
import type { GasId } from '../../species/substance.js';
import {
  all,
  change,
  coloured,
  completeIn,
  liquid,
  piece,
  pigment,
  slip,
  step,
  uses,
} from '../test-parts.js';
import { gasAttribute, gasTest } from './gas-test-parts.js';

export const starchIodidePaperTest = gasTest({
  id: 'starch-iodide-paper',
  name: 'Damp starch-iodide paper',
  fromAge: 16,
  attribute: gasAttribute(
    'colour',
    'indicator-colour',
    'What colour is the paper now?',
    'white',
    [
      coloured('white', 'stays white', pigment.white),
      change('blue-black', 'turns blue-black', liquid(pigment.white), liquid(pigment.deepBlue)),
    ],
    [{ pair: ['white', 'blue-black'], chance: 0.01 }],
  ),
  steps: [
    step('Damp the paper with deionised water and hold it in the gas with tweezers, clear of the glass.', {
      uses: [uses('starch-iodide-paper')],
      why: 'Chlorine takes the electrons of iodide; the iodine set free turns starch blue-black.',
    }),
  ],
  apparatus: [piece('starch-iodide paper, strips', 'sample'), piece('tweezers')],
  stations: ['fume-cupboard'],
  outcomes: completeIn<GasId, 'starch-iodide-paper'>('starch-iodide-paper')([
    ...all(['Cl2'], { colour: ['blue-black'] }),
    ...all(['H2', 'O2', 'CO2', 'NH3', 'SO2', 'H2O', 'N2'], { colour: ['white'] }),
  ]),
  slips: [
    slip(
      'paper-dry',
      0.04,
      { colour: ['white'] },
      'Dry paper shows nothing. Damp it with deionised water and repeat.',
    ),
    slip(
      'paper-left-long',
      0.02,
      { colour: ['white'] },
      'Much chlorine bleaches the blue-black away again. Repeat with less gas and look at once.',
      ['Cl2'],
    ),
  ],
});
