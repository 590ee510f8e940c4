/** Potassium thiocyanate: confirms iron(III), by a blood-red complex. */
import type { CationId } from '../../species/ion.js';
import {
  all,
  change,
  clearTube,
  coloured,
  completeIn,
  liquid,
  pigment,
  precipitate,
  slip,
} from '../test-parts.js';
import { confirmingTest } from './confirming-test.js';

export const thiocyanateTest = confirmingTest({
  id: 'thiocyanate',
  name: 'Potassium thiocyanate solution',
  family: 'cation',
  fromAge: 16,
  attribute: {
    id: 'solution',
    reads: 'indicator-colour',
    nothing: 'no-change',
    question: 'What colour is the liquid now?',
    values: [
      { id: 'no-change', label: 'no change', look: clearTube },
      change('red', 'blood-red', clearTube, liquid(pigment.red)),
      coloured('black', 'dark brown to black', pigment.black),
      precipitate('white', 'white, cloudy', pigment.white),
    ],
    confusions: [{ pair: ['red', 'black'], chance: 0.03 }],
    source: 'vogel-tests',
  },
  reagent: 'KSCN',
  does: 'Add potassium thiocyanate solution, one drop, and look at once against a white card.',
  why: 'Iron(III) gives a blood-red complex, so strong that a trace shows; iron(II) gives none while it is fresh.',
  amount: { drops: 1 },
  waste:
    'Into the beaker for it, then the heavy-metal waste. Never with concentrated acid or bleach: a poisonous gas comes off.',
  outcomes: completeIn<CationId, 'thiocyanate'>('thiocyanate')([
    ...all(['Fe3+'], { solution: ['red'] }),
    ...all(['Fe2+'], { solution: ['no-change', 'red'] }, 'vogel-tests', {
      unsure: 'a solution of iron(II) that has stood in air holds iron(III) and goes faintly red',
    }),
    ...all(['Cu2+'], { solution: ['black'] }, 'vogel-tests', {
      unsure: 'black at first, whitening slowly; dilute solutions only go green-brown',
    }),
    ...all(['Ag+'], { solution: ['white'] }),
    ...all(['Pb2+'], { solution: ['white', 'no-change'] }, 'vogel-tests', {
      unsure: 'lead thiocyanate is a little soluble',
    }),
    ...all(
      [
        'H+',
        'Li+',
        'Na+',
        'K+',
        'NH4+',
        'Mg2+',
        'Ca2+',
        'Sr2+',
        'Ba2+',
        'Al3+',
        'Zn2+',
        'Cr3+',
        'Mn2+',
        'Co2+',
        'Ni2+',
      ],
      { solution: ['no-change'] },
    ),
  ]),
  slips: [
    slip(
      'dropper-carried-iron',
      0.02,
      { solution: ['red'] },
      'A trace of iron on the dropper is enough for a red. Rinse it, take a clean tube, and repeat.',
    ),
  ],
});
