/** Potassium iodide: confirms lead, by its yellow iodide. */
import type { CationId } from '../../species/ion.js';
import { all, completeIn, none, pigment, precipitate, slip } from '../test-parts.js';
import { confirmingTest } from './confirming-test.js';

const nothing = { precipitate: ['none'] } as const;

export const potassiumIodideTest = confirmingTest({
  id: 'potassium-iodide',
  name: 'Potassium iodide solution',
  family: 'cation',
  fromAge: 14,
  attribute: {
    id: 'precipitate',
    reads: 'precipitate',
    nothing: 'none',
    question: 'What precipitate formed?',
    values: [
      none('no precipitate'),
      precipitate('yellow', 'yellow', pigment.yellow),
      precipitate('white', 'off-white', pigment.white),
      precipitate('brown', 'brown, cloudy', pigment.brown),
    ],
    confusions: [
      { pair: ['yellow', 'brown'], chance: 0.03 },
      { pair: ['white', 'brown'], chance: 0.1 },
    ],
    source: 'vogel-tests',
  },
  reagent: 'KI',
  does: 'Add potassium iodide solution, three drops, and shake. Log what you see against a white card.',
  why: 'Lead iodide is bright yellow. Iron(III) and copper(II) set brown iodine free, which is not the test.',
  amount: { drops: 3 },
  falls: true,
  waste: 'Lead, silver and copper: heavy-metal waste. The rest: sink, with water.',
  outcomes: completeIn<CationId, 'potassium-iodide'>('potassium-iodide')([
    ...all(['Pb2+'], { precipitate: ['yellow'] }),
    ...all(['Ag+'], { precipitate: ['yellow'] }, 'vogel-tests', { unsure: 'paler than lead iodide' }),
    ...all(['Cu2+'], { precipitate: ['brown', 'white'] }, 'vogel-tests', {
      unsure: 'copper(I) iodide is off-white, in brown iodine solution: people name either',
    }),
    ...all(['Fe3+'], { precipitate: ['none', 'brown'] }, 'vogel-tests', {
      unsure: 'the liquid goes brown from iodine; nothing falls out',
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
        'Fe2+',
        'Co2+',
        'Ni2+',
      ],
      nothing,
    ),
  ]),
  slips: [
    slip(
      'too-dilute',
      0.04,
      nothing,
      'Too dilute, or still warm: lead iodide dissolves in hot water. Cool the tube, add more, and look again.',
      ['Pb2+', 'Ag+'],
    ),
    slip(
      'iodide-old',
      0.02,
      { precipitate: ['brown'] },
      'A potassium iodide solution that has gone yellow holds iodine. Take fresh and repeat.',
    ),
  ],
});
