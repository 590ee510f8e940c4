/** Nitrate: reduction to ammonia. */
import type { IonId } from '../../species/ion.js';
import type { TestDefinition } from '../test-definition.js';
import { all, care, completeIn, piece, slip, step, tubes, uses } from '../test-parts.js';
import { redLitmusInVapour } from './vapour-attributes.js';

export const nitrateReductionTest: TestDefinition = {
  id: 'nitrate-reduction',
  name: 'Nitrate: aluminium foil and sodium hydroxide',
  short: 'Nitrate by foil',
  family: 'anion',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [redLitmusInVapour],
  variants: [
    {
      id: 'usual',
      name: 'Warmed with foil',
      attendedMinutes: 4,
      unattendedMinutes: 0,
      stations: ['hot-water-bath'],
      apparatus: [
        ...tubes,
        piece('red litmus paper, strips', 'sample'),
        piece('aluminium foil, 1 cm²', 'sample'),
      ],
      steps: [
        step(
          'Put 1 cm³ of the sample in a tube, add 1 cm³ of sodium hydroxide solution and warm it alone first.',
          {
            uses: [uses('NaOH', { volume_mL: 1 })],
            why: 'Ammonium gives ammonia without any foil: rule it out first.',
          },
        ),
        step('Add a small piece of aluminium foil and warm gently.', {
          uses: [uses('Al-foil')],
          cautions: [care('It may froth up: half a tube at most, pointed away.')],
        }),
        step('Hold damp red litmus in the vapour, clear of the glass.', { uses: [uses('litmus')] }),
      ],
      preparations: [{ task: 'Hot water baths', hoursBefore: 1 }],
      waste: 'Let it finish, then sink with plenty of water; foil to the solid waste.',
    },
  ],
  outcomes: completeIn<IonId, 'nitrate-reduction'>('nitrate-reduction')([
    ...all(['NO3-', 'NH4+'], { litmus: ['blue'] }),
    ...all(
      [
        'OH-',
        'CO3^2-',
        'HCO3-',
        'SO3^2-',
        'SO4^2-',
        'Cl-',
        'Br-',
        'I-',
        'PO4^3-',
        'H+',
        'Li+',
        'Na+',
        'K+',
        'Mg2+',
        'Ca2+',
        'Sr2+',
        'Ba2+',
        'Al3+',
        'Zn2+',
        'Cr3+',
        'Mn2+',
        'Fe2+',
        'Fe3+',
        'Co2+',
        'Ni2+',
        'Cu2+',
        'Ag+',
        'Pb2+',
      ],
      { litmus: ['no-change'] },
    ),
  ]),
  slips: [
    slip('litmus-dry', 0.04, { litmus: ['no-change'] }, 'Dry litmus shows nothing. Damp it and repeat.'),
    slip(
      'litmus-on-rim',
      0.04,
      { litmus: ['blue'] },
      'Litmus that touches the wet glass or catches spray turns blue from the alkali. Hold it clear and repeat.',
    ),
  ],
  carelessness: 0.02,
};
