/** The tests for gases and vapours. */
import { anionIds, gasIds, others } from '../species-groups.js';
import type {
  Attribute,
  AttributeValue,
  Outcome,
  ReadingKind,
  Slip,
  Step,
  TestDefinition,
  TestId,
} from '../test-definition.js';
import {
  all,
  change,
  coloured,
  danger,
  liquid,
  none,
  nothingSeen,
  pigment,
  slip,
  step,
  uses,
  care,
} from '../test-parts.js';
import type { PlainLook } from '../well-look.js';
import { limewaterSeen } from './limewater-attribute.js';

interface GasTest {
  readonly id: TestId;
  readonly name: string;
  readonly attribute: Attribute;
  readonly steps: readonly Step[];
  readonly preparation: string;
  readonly waste?: string;
  readonly outcomes: readonly Outcome[];
  readonly slips?: readonly Slip[];
  readonly minutes?: number;
  readonly stations?: TestDefinition['variants'][number]['stations'];
}
const gasTest = ({
  id,
  name,
  attribute,
  steps,
  preparation,
  waste,
  outcomes,
  slips,
  minutes,
  stations,
}: GasTest): TestDefinition => ({
  id,
  name,
  family: 'gas',
  attributes: [attribute],
  variants: [
    {
      id: 'usual',
      name,
      attendedMinutes: minutes ?? 1,
      unattendedMinutes: 0,
      stations: stations ?? [],
      steps,
      preparations: [{ task: preparation, hoursBefore: 24 }],
      waste: waste ?? 'Solid waste; splints quenched in water first.',
    },
  ],
  outcomes,
  slips: slips ?? [],
  carelessness: 0.02,
});
const attribute = (
  id: string,
  reads: ReadingKind,
  question: string,
  nothing: string,
  values: readonly AttributeValue[],
  confusions: Attribute['confusions'] = [],
): Attribute => ({
  id,
  reads,
  question,
  nothing,
  values,
  confusions,
  source: 'school-practice',
});

const flame = (id: string, label: string): AttributeValue => ({
  id,
  label,
  look: { kind: 'flame', colour: pigment.orange, pattern: id === 'relights' ? 'rising' : 'rings' },
});
const burning: PlainLook = { kind: 'flame', colour: pigment.orange, pattern: 'plain' };
const pop: AttributeValue = {
  id: 'squeaky-pop',
  label: 'squeaky pop',
  look: { kind: 'effervescence', rate: 'vigorous' },
};
const splintFlame = danger('A lit splint: hair back, nothing that burns nearby.');

export const litSplintTest = gasTest({
  id: 'lit-splint',
  name: 'Lit splint',
  attribute: attribute(
    'splint',
    'splint',
    'What did the lit splint do?',
    'no-change',
    [
      none('burns on', 'no-change'),
      pop,
      change('goes-out', 'goes out', burning, nothingSeen),
      flame('brighter', 'burns brighter'),
    ],
    [
      { pair: ['no-change', 'goes-out'], chance: 0.1 },
      { pair: ['squeaky-pop', 'goes-out'], chance: 0.05 },
      { pair: ['no-change', 'brighter'], chance: 0.08 },
    ],
  ),
  steps: [
    step('Light a splint.', { cautions: [splintFlame] }),
    step('Bring it to the mouth of the tube as you take your thumb away. Listen.'),
  ],
  preparation: 'Splints, two a test',
  stations: ['burner'],
  outcomes: [
    ...all(['H2'], { splint: ['squeaky-pop'] }),
    ...all(['O2'], { splint: ['brighter'] }),
    ...all(['CO2'], { splint: ['goes-out'] }),
    ...all(others(gasIds, 'H2', 'O2', 'CO2'), { splint: ['goes-out', 'no-change'] }, 'school-practice', {
      unsure: 'depends on how much gas there is; proves nothing',
    }),
  ],
  slips: [
    slip(
      'wrong-splint',
      0.03,
      { splint: ['no-change', 'goes-out'] },
      'A glowing splint shows nothing clear for hydrogen. Light it and repeat.',
      ['H2'],
    ),
    slip(
      'too-little-gas',
      0.06,
      { splint: ['no-change', 'goes-out'] },
      'A weak pop or none: too little gas, or it drifted off. Hold your thumb over the tube longer and repeat.',
    ),
  ],
});

export const glowingSplintTest = gasTest({
  id: 'glowing-splint',
  name: 'Glowing splint',
  attribute: attribute(
    'splint',
    'splint',
    'What did the glowing splint do?',
    'no-change',
    [
      none('glows on', 'no-change'),
      flame('relights', 'relights'),
      change('goes-out', 'goes out', burning, nothingSeen),
    ],
    [
      { pair: ['no-change', 'goes-out'], chance: 0.12 },
      { pair: ['no-change', 'relights'], chance: 0.03 },
    ],
  ),
  steps: [
    step('Light a splint, then blow it out so that the tip still glows.', { cautions: [splintFlame] }),
    step('Put the glowing tip into the gas.'),
  ],
  preparation: 'Splints, two a test',
  stations: ['burner'],
  outcomes: [
    ...all(['O2'], { splint: ['relights'] }),
    ...all(others(gasIds, 'O2'), { splint: ['no-change', 'goes-out'] }),
  ],
  slips: [
    slip(
      'wrong-splint',
      0.03,
      { splint: ['no-change', 'goes-out'] },
      'A lit splint only burns brighter in oxygen, which is no test. Blow it out so that it glows, and repeat.',
      ['O2'],
    ),
    slip(
      'too-little-gas',
      0.05,
      { splint: ['no-change'] },
      'Too little gas, or the tip no longer glowed. Repeat with a bright tip.',
    ),
  ],
});

export const limewaterTest = gasTest({
  id: 'limewater',
  name: 'Limewater',
  attribute: { ...limewaterSeen(false) },
  steps: [step('Bubble the gas through clear limewater.', { uses: [uses('limewater', { volume_mL: 2 })] })],
  preparation: 'Limewater, made the day before and decanted clear',
  waste: 'Sink.',
  minutes: 2,
  outcomes: [
    ...all(['CO2', 'SO2'], { limewater: ['cloudy', 'cloudy-then-clear'] }),
    ...all(others(gasIds, 'CO2', 'SO2'), { limewater: ['clear'] }),
    // The gas that acid drives out of a sample.
    ...all(['CO3^2-', 'HCO3-', 'SO3^2-'], { limewater: ['cloudy', 'cloudy-then-clear'] }),
    ...all(others(anionIds, 'CO3^2-', 'HCO3-', 'SO3^2-'), { limewater: ['clear'] }),
  ],
  slips: [
    slip(
      'limewater-old',
      0.05,
      { limewater: ['clear'] },
      'Old limewater, or too little gas, stays clear. Use fresh limewater and more gas.',
    ),
  ],
});

const red = liquid(pigment.red);
const blue = liquid(pigment.litmusBlue);
const bleached = liquid(pigment.white);
const dry = slip(
  'litmus-dry',
  0.05,
  { litmus: ['no-change'] },
  'Dry litmus shows nothing. Damp it with deionised water and repeat.',
);

export const dampRedLitmusTest = gasTest({
  id: 'damp-red-litmus',
  name: 'Damp red litmus',
  attribute: attribute('litmus', 'litmus', 'What did damp red litmus do?', 'no-change', [
    none('stays red', 'no-change'),
    change('blue', 'turns blue', red, blue),
    change('bleached', 'is bleached', red, bleached),
  ]),
  steps: [
    step('Damp red litmus with deionised water and hold it in the gas, clear of the glass.', {
      uses: [uses('litmus')],
    }),
  ],
  preparation: 'Red litmus paper, deionised water',
  outcomes: [
    ...all(['NH3'], { litmus: ['blue'] }),
    ...all(['Cl2'], { litmus: ['bleached'] }),
    ...all(others(gasIds, 'NH3', 'Cl2'), { litmus: ['no-change'] }),
  ],
  slips: [
    dry,
    slip(
      'litmus-on-rim',
      0.03,
      { litmus: ['blue'] },
      'Litmus that touches wet glass may turn blue from an alkali. Hold it clear and repeat.',
    ),
  ],
});

export const dampBlueLitmusTest = gasTest({
  id: 'damp-blue-litmus',
  name: 'Damp blue litmus',
  attribute: attribute(
    'litmus',
    'litmus',
    'What did damp blue litmus do?',
    'no-change',
    [
      none('stays blue', 'no-change'),
      change('red', 'turns red', blue, red),
      change('red-then-bleached', 'red, then bleached', red, bleached),
      change('bleached', 'is bleached', blue, bleached),
    ],
    [{ pair: ['bleached', 'red-then-bleached'], chance: 0.25 }],
  ),
  steps: [
    step(
      'Damp blue litmus with deionised water and hold it in the gas, clear of the glass. Watch it for half a minute.',
      { uses: [uses('litmus')] },
    ),
  ],
  preparation: 'Blue litmus paper, deionised water',
  stations: ['fume-cupboard'],
  outcomes: [
    ...all(['Cl2'], { litmus: ['red-then-bleached', 'bleached'] }),
    ...all(['CO2', 'SO2', 'HCl'], { litmus: ['red'] }),
    ...all(others(gasIds, 'Cl2', 'CO2', 'SO2', 'HCl'), { litmus: ['no-change'] }),
  ],
  slips: [dry],
});

export const hclRodTest = gasTest({
  id: 'hcl-rod',
  name: 'Rod wet with concentrated hydrochloric acid',
  attribute: attribute('fumes', 'fumes', 'What formed near the rod?', 'none', [
    none('no fumes'),
    coloured('white', 'white fumes', pigment.white),
  ]),
  steps: [
    step('Teacher only: dip a glass rod in concentrated hydrochloric acid and hold it near the gas.', {
      uses: [uses('HCl', { molarity: 12 })],
      teacherOnly: true,
    }),
  ],
  preparation: 'Concentrated hydrochloric acid, a few drops in the fume cupboard',
  stations: ['fume-cupboard'],
  waste: 'Rinse the rod into plenty of water.',
  outcomes: [...all(['NH3'], { fumes: ['white'] }), ...all(others(gasIds, 'NH3'), { fumes: ['none'] })],
});

export const acidifiedManganateTest = gasTest({
  id: 'acidified-manganate',
  name: 'Acidified potassium manganate(VII)',
  attribute: attribute('solution', 'decolourised', 'What colour is the solution now?', 'purple', [
    coloured('purple', 'stays purple', pigment.purple),
    change('colourless', 'turns colourless', liquid(pigment.purple), liquid(pigment.colourless)),
  ]),
  steps: [
    step(
      'Hold filter paper wet with acidified manganate(VII) in the gas, or bubble the gas through a few drops.',
      { uses: [uses('KMnO4', { drops: 5 })] },
    ),
  ],
  preparation: 'Potassium manganate(VII) 0.01 mol/dm³ with dilute sulfuric acid',
  stations: ['fume-cupboard'],
  waste: 'Sink, with plenty of water.',
  minutes: 2,
  outcomes: [
    ...all(['SO2', 'SO3^2-'], { solution: ['colourless'] }),
    ...all(others(gasIds, 'SO2'), { solution: ['purple'] }),
    ...all(others(anionIds, 'SO3^2-'), { solution: ['purple'] }, 'vogel-tests', {
      unsure: 'tested on the gas driven off; bromide and iodide in the solution itself decolourise it too',
    }),
  ],
});

export const anhydrousCopperSulfateTest = gasTest({
  id: 'anhydrous-copper-sulfate',
  name: 'Anhydrous copper(II) sulfate',
  attribute: attribute('colour', 'indicator-colour', 'What colour is the powder now?', 'white', [
    coloured('white', 'stays white', pigment.white),
    change('blue', 'turns blue', liquid(pigment.white), liquid(pigment.blue)),
  ]),
  steps: [
    step('Add a drop of the liquid to a little white anhydrous copper(II) sulfate.', {
      uses: [uses('CuSO4-anhydrous')],
      why: 'Blue shows that water is there, not that it is pure.',
    }),
  ],
  preparation: 'Anhydrous copper(II) sulfate, heated white and kept stoppered',
  outcomes: [...all(['H2O'], { colour: ['blue'] }), ...all(others(gasIds, 'H2O'), { colour: ['white'] })],
});

export const cobaltChloridePaperTest = gasTest({
  id: 'cobalt-chloride-paper',
  name: 'Cobalt chloride paper',
  attribute: attribute('colour', 'indicator-colour', 'What colour is the paper now?', 'blue', [
    coloured('blue', 'stays blue', pigment.blue),
    change('pink', 'turns pink', liquid(pigment.blue), liquid(pigment.pink)),
  ]),
  steps: [
    step('Touch the liquid with dry blue cobalt chloride paper, held with tweezers.', {
      uses: [uses('CoCl2-paper')],
      cautions: [care('Fingers are damp enough to turn it pink.')],
    }),
  ],
  preparation: 'Cobalt chloride paper, dried blue over a warm radiator',
  outcomes: [...all(['H2O'], { colour: ['pink'] }), ...all(others(gasIds, 'H2O'), { colour: ['blue'] })],
});

export const boilingPointTest = gasTest({
  id: 'boiling-point',
  name: 'Boiling point',
  attribute: {
    id: 'celsius',
    reads: 'number',
    question: 'At what temperature does it boil, in °C?',
    values: [],
    number: { unit: '°C', within: 2 },
    confusions: [],
    source: 'school-practice',
  },
  steps: [
    step('Boil a little with anti-bumping granules and read the thermometer in the vapour.', {
      cautions: [care('Boiling liquid and hot glass.')],
    }),
  ],
  preparation: 'Side-arm tubes, anti-bumping granules, thermometers',
  stations: ['burner'],
  minutes: 6,
  waste: 'Sink.',
  outcomes: [{ of: 'H2O', shows: { celsius: ['100'] }, source: 'crc-ksp' }],
});
