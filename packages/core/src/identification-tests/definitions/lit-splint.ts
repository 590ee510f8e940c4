/** Lit splint. */
import type { GasId } from '../../species/substance.js';
import type { AttributeValue } from '../test-definition.js';
import { all, care, change, complete, none, nothingSeen, piece, slip, splints, step } from '../test-parts.js';
import { burning, gasAttribute, gasTest, litSplint, splintFlame, splintWaste } from './gas-test-parts.js';

const pop: AttributeValue = {
  id: 'squeaky-pop',
  label: 'squeaky pop',
  look: { kind: 'effervescence', rate: 'vigorous' },
};

export const litSplintTest = gasTest({
  id: 'lit-splint',
  name: 'Lit splint',
  attribute: gasAttribute(
    'splint',
    'splint',
    'What did the lit splint do?',
    'no-change',
    [
      none('burns on', 'no-change'),
      pop,
      change('goes-out', 'goes out', burning, nothingSeen),
      splintFlame('brighter', 'burns brighter'),
    ],
    [
      { pair: ['no-change', 'goes-out'], chance: 0.1 },
      { pair: ['squeaky-pop', 'goes-out'], chance: 0.05 },
      { pair: ['no-change', 'brighter'], chance: 0.08 },
    ],
  ),
  steps: [
    step('Light a splint at the burner: it burns.', { cautions: [litSplint] }),
    step(
      'Hold your thumb over the mouth of the tube until you feel it pushed. Bring the burning splint to the mouth, no deeper, as you take the thumb away. Listen.',
      {
        cautions: [
          care(
            'Hydrogen burns with a pop: one test tube at a time, mouth away from faces, no flame at whatever makes the gas.',
          ),
        ],
        why: 'Too little gas, or gas that has drifted off, gives no pop.',
      },
    ),
  ],
  way: 'A tube of gas under the thumb',
  otherWays: [
    {
      id: 'over-water',
      name: 'Gas collected over water',
      attendedMinutes: 4,
      unattendedMinutes: 2,
      stations: ['burner', 'sink'],
      apparatus: [
        ...splints,
        piece('trough'),
        piece('large tube with a stopper and delivery tube that fit it'),
        piece('small test tubes', 'sample'),
        piece('clamp and stand'),
      ],
      steps: [
        step(
          'Half fill the trough. Fill the small tube under water until no bubble is left, and clamp it mouth down, a little off the floor of the trough, over the end of the delivery tube.',
          { why: 'A bubble of air left in it makes the pop a weak one, or none.' },
        ),
        step('Metal into the large tube first, acid last; stopper it at once.', {
          cautions: [care('Acid sprays up as it fizzes: goggles, stopper firm, tube pointed away.')],
        }),
        step(
          'When the small tube is full, bubbles escape beside it. Wait until the fizzing has died down, then take the delivery tube out of the water.',
          {
            waitSeconds: 60,
            cautions: [care('Water is sucked back into the hot tube if the delivery tube stays in.')],
          },
        ),
        step('Lift the small tube straight up, mouth down. Light a splint at the burner: it burns.', {
          cautions: [litSplint],
          why: 'Hydrogen is lighter than air: mouth down it stays in the tube.',
        }),
        step('Bring the burning splint to the mouth, no deeper. Listen.', {
          cautions: [
            care('One small tube at a time, away from faces; the large tube stays well away from the flame.'),
          ],
        }),
        step('Leave the apparatus set up for the next group, the acid poured off, unless told otherwise.'),
      ],
      preparations: [
        {
          task: 'Troughs, delivery tubes with stoppers that fit the large tubes, small tubes, splints',
          hoursBefore: 24,
        },
      ],
      waste: splintWaste,
    },
  ],
  preparation: 'Splints, two a test',
  apparatus: splints,
  stations: ['burner'],
  outcomes: complete<GasId>()([
    ...all(['H2'], { splint: ['squeaky-pop'] }),
    ...all(['O2'], { splint: ['brighter'] }),
    ...all(['CO2'], { splint: ['goes-out'] }),
    ...all(
      ['Cl2', 'NH3', 'SO2', 'HCl', 'H2O', 'N2'],
      { splint: ['goes-out', 'no-change'] },
      'school-practice',
      {
        unsure: 'depends on how much gas there is; proves nothing',
      },
    ),
  ]),
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
