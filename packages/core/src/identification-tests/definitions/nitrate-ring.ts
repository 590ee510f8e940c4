/** Nitrate: the brown ring. */
import type { AnionId } from '../../species/ion.js';
import type { TestDefinition, Variant } from '../test-definition.js';
import {
  all,
  change,
  completeIn,
  danger,
  liquid,
  none,
  piece,
  pigment,
  slip,
  step,
  uses,
} from '../test-parts.js';

const sprays = danger(
  'Concentrated sulfuric acid and water: it may boil and spit. Face shield, tube pointed away.',
);
const acid = { uses: [uses('H2SO4', { volume_mL: 1, molarity: 18 })], teacherOnly: true } as const;
const freshIron = {
  uses: [uses('FeSO4', { volume_mL: 2 })],
  why: 'Old iron(II) sulfate has been oxidised by air and gives no ring.',
} as const;

/** Both schools let the acid run into water, never water onto the acid. */
const ring = (id: Variant['id'], name: string, steps: Variant['steps']): Variant => ({
  id,
  name,
  chosenBy: { setting: 'ringOrder', is: id },
  attendedMinutes: 4,
  unattendedMinutes: 0,
  stations: ['fume-cupboard'],
  apparatus: [
    piece('test tubes', 'sample'),
    piece('face shield', 'room'),
    piece('pipette and filler for the acid', 'room'),
  ],
  steps: [
    ...steps,
    step('Do not shake. Look where the two liquids meet. Log what you see.', {
      waitSeconds: 60,
      why: 'Shaking, warming or pouring fast destroys the ring; left alone it fades by itself in time, so log it when you see it.',
    }),
  ],
  preparations: [],
  waste:
    'Acid waste, by staff: let it cool, then pour slowly into much cold water. Then the sink, or the metal bottle where it holds a heavy metal.',
});

const ironFirst: Variant['steps'] = [
  step(
    'Put 1 cm³ of the sample in a tube and add 2 cm³ of iron(II) sulfate solution made today. Shake.',
    freshIron,
  ),
  step(
    'Teacher only: tilt the tube and let concentrated sulfuric acid run slowly down the side, 1 cm³, so that it lies below.',
    { ...acid, cautions: [sprays] },
  ),
];
const ironLast: Variant['steps'] = [
  step('Put 1 cm³ of the sample in a tube and stand it in cold water.'),
  step(
    'Teacher only: with the tube tilted in the cold water let concentrated sulfuric acid run slowly down the wall, 1 cm³, a few drops at a time. Leave it there until it is cool.',
    { ...acid, cautions: [sprays] },
  ),
  step(
    'Teacher only: when it is cool, let 2 cm³ of iron(II) sulfate solution made today run gently on top, the tube tilted.',
    { ...freshIron, teacherOnly: true, cautions: [sprays] },
  ),
];

export const nitrateRingTest: TestDefinition = {
  id: 'nitrate-ring',
  name: 'Nitrate: brown ring',
  short: 'Brown ring',
  family: 'anion',
  fromAge: 16,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [
    {
      id: 'ring',
      reads: 'ring',
      nothing: 'none',
      question: 'What formed where the liquids meet?',
      values: [
        none('no ring'),
        change('brown', 'brown ring', liquid(pigment.paleGreen), liquid(pigment.brown)),
      ],
      confusions: [{ pair: ['none', 'brown'], chance: 0.04 }],
      source: 'school-practice',
    },
  ],
  variants: [
    ring('acid-last', 'Sample and iron(II) sulfate first, acid last', ironFirst),
    ring('acid-first', 'Acid into the sample, iron(II) sulfate on top', ironLast),
  ],
  outcomes: completeIn<AnionId, 'nitrate-ring'>('nitrate-ring')([
    ...all(['NO3-'], { ring: ['brown'] }),
    ...all(['Br-', 'I-', 'SO3^2-'], { ring: ['none', 'brown'] }, 'vogel-tests', {
      unsure: 'brown fumes, iodine or sulfur disturb the ring: test for these first',
    }),
    ...all(['OH-', 'CO3^2-', 'HCO3-', 'SO4^2-', 'Cl-', 'PO4^3-'], { ring: ['none'] }),
  ]),
  slips: [
    slip(
      'iron-sulfate-old',
      0.06,
      { ring: ['none'] },
      'Iron(II) sulfate not made today gives no ring. Ask for fresh.',
    ),
    slip(
      'shaken',
      0.05,
      { ring: ['none'] },
      'A tube shaken, warmed or filled fast loses its ring. Repeat with the tube tilted, drop by drop.',
    ),
  ],
  carelessness: 0.02,
};
