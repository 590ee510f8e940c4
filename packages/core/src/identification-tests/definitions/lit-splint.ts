/** Lit splint. */
import type { GasId } from '../../species/substance.js';
import type { AttributeValue } from '../test-definition.js';
import {
  all,
  care,
  change,
  completeIn,
  none,
  nothingSeen,
  piece,
  slip,
  splints,
  step,
} from '../test-parts.js';
import { burning, gasAttribute, gasTest, litSplint, splintFlame, splintWaste } from './gas-test-parts.js';

const pop: AttributeValue = {
  id: 'squeaky-pop',
  label: 'squeaky pop',
  look: { kind: 'effervescence', rate: 'vigorous' },
};

export const litSplintTest = gasTest({
  id: 'lit-splint',
  name: 'Lit splint',
  fromAge: 11,
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
    {
      id: 'upward',
      name: 'Gas collected upward, in an inverted tube',
      attendedMinutes: 2,
      unattendedMinutes: 0,
      stations: ['burner'],
      apparatus: [...splints, piece('test tubes', 'sample', 2), piece('test tube rack')],
      steps: [
        step('Have a dry tube and a splint to hand. Metal into the other tube first, acid last.', {
          cautions: [care('Acid sprays up as it fizzes: goggles, tube in the rack, nobody leans over it.')],
        }),
        step(
          'Hold the dry tube mouth down over the mouth of the first, close but not touching, while it fizzes hard; half a minute.',
          {
            waitSeconds: 30,
            why: 'Hydrogen is lighter than air: it rises into the tube and drives the air down out of it.',
          },
        ),
        step(
          'Keep it mouth down and carry it away from the tube that fizzes. Light a splint at the burner: it burns.',
          {
            cautions: [litSplint],
          },
        ),
        step('Bring the burning splint to its mouth, no deeper. Listen.', {
          cautions: [
            care('Never the flame at the tube that makes the gas; one tube at a time, away from faces.'),
          ],
        }),
      ],
      preparations: [{ task: 'Dry test tubes, splints, two a test', hoursBefore: 24 }],
      waste: splintWaste,
    },
    {
      id: 'pipette',
      name: 'Gas drawn off with a pipette',
      attendedMinutes: 2,
      unattendedMinutes: 0,
      stations: ['burner'],
      apparatus: [
        ...splints,
        piece('dropping pipettes with a large bulb', 'sample'),
        piece('small test tubes', 'sample'),
        piece('beaker of water'),
      ],
      steps: [
        step('Fill a small tube with water and stand it mouth down in the beaker, without a bubble.', {
          why: 'A bubble of air left in it makes the pop a weak one, or none.',
        }),
        step(
          'Squeeze the bulb, put the tip well into the tube that fizzes, above the liquid, and let go slowly. Draw up gas, no liquid.',
          { cautions: [care('Acid in the pipette drips: tip down, over the rack, goggles on.')] },
        ),
        step(
          'Put the tip under the small tube and press the gas out into it. Repeat until it is full of gas.',
        ),
        step('Lift the small tube straight up, mouth down. Light a splint at the burner: it burns.', {
          cautions: [litSplint],
        }),
        step('Bring the burning splint to the mouth, no deeper. Listen.', {
          cautions: [
            care('Never a flame at the pipette or at the tube that makes the gas; one small tube at a time.'),
          ],
        }),
      ],
      preparations: [{ task: 'Pipettes with large bulbs, small tubes, splints', hoursBefore: 24 }],
      waste: splintWaste,
    },
  ],
  preparation: 'Splints, two a test',
  apparatus: splints,
  stations: ['burner'],
  outcomes: completeIn<GasId, 'lit-splint'>('lit-splint')([
    ...all(['H2'], { splint: ['squeaky-pop'] }),
    ...all(['O2'], { splint: ['brighter'] }),
    ...all(['CO2'], { splint: ['goes-out'] }),
    ...all(['Cl2', 'NH3', 'SO2', 'H2O', 'N2'], { splint: ['goes-out', 'no-change'] }, 'school-practice', {
      unsure: 'depends on how much gas there is; proves nothing',
    }),
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
