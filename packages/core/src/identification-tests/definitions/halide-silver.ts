/** Silver nitrate in nitric acid: the halides, then ammonia on the precipitate. */
import type { AnionId } from '../../species/ion.js';
import type { Attribute, TestDefinition } from '../test-definition.js';
import {
  all,
  change,
  clearTube,
  completeIn,
  none,
  notTested,
  pigment,
  precipitate,
  sampleInTube,
  silverWithAmmonia,
  slip,
  solidIn,
  step,
  tubes,
  uses,
} from '../test-parts.js';

const silverPrecipitate: Attribute = {
  id: 'precipitate',
  reads: 'precipitate',
  nothing: 'none',
  question: 'After the silver nitrate: what precipitate?',
  values: [
    none('no precipitate'),
    precipitate('white', 'white', pigment.white),
    precipitate('cream', 'cream', pigment.cream),
    precipitate('yellow', 'yellow', pigment.yellow),
  ],
  confusions: [
    { pair: ['white', 'cream'], chance: 0.12 },
    { pair: ['cream', 'yellow'], chance: 0.12 },
    { pair: ['none', 'white'], chance: 0.01 },
  ],
  // Silver chloride and bromide give silver in light.
  turns: { white: ['darkens'], cream: ['darkens'] },
  source: 'school-practice',
};
const inAmmonia = (id: string, question: string): Attribute => ({
  id,
  reads: 'ammonia-dissolves',
  neutral: ['not-tested'],
  question,
  values: [
    notTested,
    change('dissolves', 'dissolves', solidIn(pigment.white), clearTube),
    change('insoluble', 'does not dissolve', solidIn(pigment.white), solidIn(pigment.white)),
  ],
  confusions: [{ pair: ['dissolves', 'insoluble'], chance: 0.06 }],
  source: 'school-practice',
});

export const halideSilverTest: TestDefinition = {
  id: 'halide-silver',
  name: 'Halides: nitric acid, then silver nitrate',
  family: 'anion',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [
    silverPrecipitate,
    inAmmonia('diluteAmmonia', 'In dilute ammonia: does it dissolve?'),
    inAmmonia('concAmmonia', 'In concentrated ammonia: does it dissolve?'),
  ],
  variants: [
    {
      id: 'usual',
      name: 'Nitric acid, silver nitrate, then ammonia',
      attendedMinutes: 3,
      unattendedMinutes: 0,
      stations: [],
      apparatus: tubes,
      steps: [
        sampleInTube,
        step(
          'Add dilute nitric acid, ten drops at a time, twice at least, shaking; go on until the last ten give no fizz.',
          {
            uses: [uses('HNO3', { drops: 10, until: 'no-more-gas' })],
            why: 'Acid takes away carbonate and hydroxide, which give a precipitate with silver too. Never hydrochloric acid: it brings chloride itself.',
          },
        ),
        step('Add five drops of silver nitrate solution. Log the colour against white and against black.', {
          uses: [uses('AgNO3', { drops: 5 })],
          reveals: 'precipitate',
        }),
        step(
          'Pour off most of the liquid, add 2 cm³ of dilute ammonia and shake. Does the precipitate dissolve?',
          {
            uses: [uses('NH3', { volume_mL: 2, molarity: 2 })],
            reveals: 'diluteAmmonia',
            when: 'diluteAmmonia',
            teacherFirst: true,
            cautions: [silverWithAmmonia],
          },
        ),
        step(
          'In the fume cupboard: to a fresh precipitate, poured off, the teacher adds 1 cm³ of concentrated ammonia. Watch: does it dissolve?',
          {
            uses: [uses('NH3', { volume_mL: 1, molarity: 16 })],
            when: 'concAmmonia',
            station: 'fume-cupboard',
            teacherOnly: true,
            cautions: [silverWithAmmonia],
          },
        ),
      ],
      preparations: [
        ...['diluteAmmonia', 'concAmmonia'].map((when) => ({
          task: 'A beaker of 100 cm³ nitric acid 2 mol/dm³ in the fume cupboard, for all that holds silver and ammonia',
          hoursBefore: 1,
          when,
        })),
      ],
      waste:
        'Silver waste. Acidify with dilute nitric acid at once what holds ammonia; never store silver with ammonia.',
    },
  ],
  outcomes: completeIn<AnionId, 'halide-silver'>('halide-silver')([
    ...all(['Cl-'], { precipitate: ['white'], diluteAmmonia: ['dissolves'], concAmmonia: ['dissolves'] }),
    ...all(['Br-'], { precipitate: ['cream'], diluteAmmonia: ['insoluble'], concAmmonia: ['dissolves'] }),
    ...all(['I-'], { precipitate: ['yellow'], diluteAmmonia: ['insoluble'], concAmmonia: ['insoluble'] }),
    ...all(['OH-', 'CO3^2-', 'HCO3-', 'SO3^2-', 'SO4^2-', 'NO3-', 'PO4^3-'], {
      precipitate: ['none'],
      diluteAmmonia: ['not-tested'],
      concAmmonia: ['not-tested'],
    }),
  ]),
  slips: [
    slip(
      'no-acid',
      0.08,
      { precipitate: ['white', 'cream'] },
      'Did nitric acid go in first? Without it carbonate and others give a precipitate too. Repeat with acid first.',
      ['CO3^2-', 'HCO3-', 'SO3^2-', 'PO4^3-', 'OH-'],
    ),
    slip(
      'wrong-acid',
      0.03,
      { precipitate: ['white'] },
      'Hydrochloric acid brings chloride and is always white. Throw it away and repeat with nitric acid.',
    ),
    slip(
      'too-dilute',
      0.02,
      { precipitate: ['none'] },
      'Too little sample gives a precipitate too faint to see. Repeat with more.',
    ),
  ],
  carelessness: 0.02,
};
