/** Warming with sodium hydroxide: ammonia from ammonium. */
import type { CationId } from '../../species/ion.js';
import type { TestDefinition } from '../test-definition.js';
import { all, care, completeIn, piece, slip, step, tubes, uses } from '../test-parts.js';
import { redLitmusInVapour, smell } from './vapour-attributes.js';

export const naohWarmTest: TestDefinition = {
  id: 'naoh-warm',
  name: 'Warm with sodium hydroxide',
  family: 'cation',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [redLitmusInVapour, smell],
  variants: [
    {
      id: 'usual',
      name: 'Warmed in a water bath',
      attendedMinutes: 3,
      unattendedMinutes: 0,
      stations: ['hot-water-bath'],
      apparatus: [...tubes, piece('red litmus paper, strips', 'sample'), piece('test tube holder')],
      steps: [
        step('Put about 1 cm³ of the sample in a tube and add 1 cm³ of sodium hydroxide solution.', {
          uses: [uses('NaOH', { volume_mL: 1 })],
        }),
        step('Stand the tube in hot water for a minute.', {
          waitSeconds: 60,
          cautions: [care('Hot water and hot glass. The tube points away from everyone.')],
        }),
        step('Hold damp red litmus in the vapour, clear of the glass. Waft, do not sniff.', {
          uses: [uses('litmus')],
          why: 'The rim is wet with alkali and turns litmus blue by itself; dry paper shows nothing.',
        }),
      ],
      preparations: [
        {
          task: 'Hot water baths at about 70 °C',
          hoursBefore: 1,
        },
      ],
      waste: 'Sink, with plenty of water.',
    },
  ],
  outcomes: completeIn<CationId, 'naoh-warm'>('naoh-warm')([
    ...all(['NH4+'], { litmus: ['blue'], smell: ['pungent'] }),
    ...all(
      [
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
      { litmus: ['no-change'], smell: ['none'] },
    ),
  ]),
  slips: [
    slip(
      'litmus-dry',
      0.04,
      { litmus: ['no-change'] },
      'Dry litmus shows nothing. Damp it with deionised water and repeat.',
    ),
    slip(
      'litmus-on-rim',
      0.04,
      { litmus: ['blue'] },
      'Litmus that touches the wet glass turns blue from the alkali. Hold it clear and repeat.',
    ),
    slip(
      'not-warmed',
      0.02,
      { litmus: ['no-change'], smell: ['none'] },
      'Too cold or too short. Warm it for a whole minute and repeat.',
    ),
  ],
  carelessness: 0.02,
};
