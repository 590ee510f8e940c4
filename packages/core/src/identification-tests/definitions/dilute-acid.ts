/** Dilute acid on a sample: fizzing, and what the gas does to limewater. */
import type { AnionId } from '../../species/ion.js';
import type { Attribute, TestDefinition, Variant } from '../test-definition.js';
import {
  all,
  bubbles,
  completeIn,
  keepLiquid,
  none,
  piece,
  pigment,
  precipitate,
  slip,
  step,
  tubes,
  tubesForLiquid,
  uses,
} from '../test-parts.js';
import { limewaterSeen } from './limewater-attribute.js';

export const effervescence: Attribute = {
  id: 'effervescence',
  reads: 'effervescence',
  nothing: 'none',
  question: 'Did it fizz?',
  values: [
    none('no bubbles'),
    bubbles('slow', 'slow bubbles'),
    bubbles('steady', 'steady bubbles'),
    bubbles('vigorous', 'vigorous bubbles'),
  ],
  confusions: [
    { pair: ['none', 'slow'], chance: 0.06 },
    { pair: ['slow', 'steady'], chance: 0.15 },
    { pair: ['steady', 'vigorous'], chance: 0.2 },
  ],
  source: 'school-practice',
};
export const warms: Attribute = {
  id: 'warms',
  reads: 'warmth',
  nothing: 'no',
  question: 'Did the tube get warm?',
  values: [
    none('no', 'no'),
    { id: 'yes', label: 'yes, it warms', look: { kind: 'effervescence', rate: 'steady' } },
  ],
  confusions: [{ pair: ['no', 'yes'], chance: 0.08 }],
  source: 'school-practice',
};

/** Sulfur comes slowly, over a minute or two. */
const cloud: Attribute = {
  id: 'cloud',
  reads: 'precipitate',
  nothing: 'none',
  question: 'Did the liquid go cloudy?',
  values: [none('stays clear'), precipitate('pale-yellow', 'yellow-white cloud', pigment.cream)],
  confusions: [{ pair: ['none', 'pale-yellow'], chance: 0.05 }],
  source: 'school-practice',
};

const variant = (id: Variant['id'], chosen: string, name: string, acid: string): Variant => ({
  id,
  name,
  chosenBy: { setting: 'carbonateAcid', is: chosen },
  attendedMinutes: 3,
  unattendedMinutes: 0,
  stations: [],
  apparatus: [
    ...tubes,
    piece('delivery tube with bung'),
    piece('tubes for limewater', 'sample'),
    ...tubesForLiquid,
  ],
  steps: [
    step('Put a little of the solid, or 1 cm³ of the solution, in a tube.'),
    step('Have 2 cm³ of clear limewater ready in a second tube, with the delivery tube dipping in.', {
      uses: [uses('limewater', { volume_mL: 2 })],
      when: 'limewater',
    }),
    step(
      `Add 2 cm³ of ${acid}, and stopper at once where a delivery tube is on. Log whether it fizzes and how fast.`,
      {
        uses: [uses('HCl', { volume_mL: 2 })],
        reveals: 'effervescence',
      },
    ),
    step(
      'Let the gas bubble through the limewater. Take the tube out before the acid cools, or limewater is sucked back.',
      { waitSeconds: 30, when: 'limewater' },
    ),
    step('Leave the tube for two minutes and look at the liquid against black paper.', {
      waitSeconds: 120,
      when: 'cloud',
    }),
    keepLiquid,
  ],
  preparations: [],
  waste: 'Sink, with plenty of water.',
});

export const diluteAcidTest: TestDefinition = {
  id: 'dilute-acid',
  name: 'Dilute acid',
  family: 'anion',
  fromAge: 11,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.3 },
  leavesLiquid: true,
  points: ['effervescence', 'limewater'],
  attributes: [effervescence, limewaterSeen(true), warms, cloud],
  variants: [
    variant('hydrochloric', 'hydrochloric', 'Dilute hydrochloric acid', 'dilute hydrochloric acid'),
    variant('any-acid', 'any-dilute', 'Any dilute acid', 'the dilute acid on your bench'),
  ],
  outcomes: completeIn<AnionId, 'dilute-acid'>('dilute-acid')([
    ...all(['CO3^2-', 'HCO3-'], {
      effervescence: ['vigorous', 'steady', 'slow'],
      limewater: ['cloudy'],
      warms: ['no'],
      cloud: ['none'],
    }),
    ...all(
      ['SO3^2-'],
      { effervescence: ['slow', 'none'], limewater: ['cloudy', 'clear'], warms: ['no'], cloud: ['none'] },
      'vogel-tests',
      {
        unsure: 'sulfur dioxide is very soluble: little gas comes off until it is warmed',
      },
    ),
    ...all(['SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'], {
      effervescence: ['none'],
      limewater: ['clear'],
      warms: ['no'],
      cloud: ['none'],
    }),
    {
      of: 'OH-',
      shows: { effervescence: ['none'], limewater: ['clear'], warms: ['yes', 'no'], cloud: ['none'] },
      source: 'vogel-tests',
    },
  ]),
  slips: [
    slip(
      'limewater-old',
      0.04,
      { limewater: ['clear'] },
      'Old limewater, or too little gas, stays clear. Use fresh limewater and more sample.',
    ),
    slip(
      'sulfuric-on-marble',
      0.02,
      { effervescence: ['slow', 'none'] },
      'Sulfuric acid coats marble with calcium sulfate and the fizzing dies. Use hydrochloric acid.',
      ['Ca2+'],
    ),
    slip(
      'bottles-swapped',
      0.01,
      { effervescence: ['none'], limewater: ['clear'] },
      'Acid and limewater are both clear liquids: were the bottles swapped? Try each on a known carbonate.',
    ),
  ],
  carelessness: 0.02,
};
