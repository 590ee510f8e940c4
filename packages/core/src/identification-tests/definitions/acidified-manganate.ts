/** Acidified potassium manganate(VII). */
import type { AnionId } from '../../species/ion.js';
import type { GasId } from '../../species/substance.js';
import { all, change, coloured, completeIn, liquid, piece, pigment, step, uses } from '../test-parts.js';
import { gasAttribute, gasTest } from './gas-test-parts.js';

export const acidifiedManganateTest = gasTest({
  id: 'acidified-manganate',
  name: 'Acidified potassium manganate(VII)',
  fromAge: 14,
  attribute: gasAttribute('solution', 'decolourised', 'What colour is the solution now?', 'purple', [
    coloured('purple', 'stays purple', pigment.purple),
    change('colourless', 'turns colourless', liquid(pigment.purple), liquid(pigment.colourless)),
  ]),
  steps: [
    step(
      'Where the sample is a salt: put a little in a tube and add 2 cm³ of dilute hydrochloric acid; warm it in your hand.',
      {
        uses: [uses('HCl', { volume_mL: 2 })],
      },
    ),
    step(
      'Hold filter paper wet with acidified manganate(VII) in the gas, or bubble the gas through a few drops.',
      { uses: [uses('KMnO4', { drops: 5 })] },
    ),
  ],
  apparatus: [piece('filter paper, strips', 'sample')],
  forms: ['gas', 'solid', 'solution'],
  stations: ['fume-cupboard'],
  waste: 'Sink, with plenty of water.',
  minutes: 2,
  outcomes: completeIn<GasId | AnionId, 'acidified-manganate'>('acidified-manganate')([
    ...all(['SO2', 'SO3^2-'], { solution: ['colourless'] }),
    ...all(['H2', 'O2', 'CO2', 'Cl2', 'NH3', 'H2O', 'N2'], { solution: ['purple'] }),
    ...all(
      ['OH-', 'CO3^2-', 'HCO3-', 'SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'],
      { solution: ['purple'] },
      'vogel-tests',
      {
        unsure: 'tested on the gas driven off; bromide and iodide in the solution itself decolourise it too',
      },
    ),
  ]),
});
