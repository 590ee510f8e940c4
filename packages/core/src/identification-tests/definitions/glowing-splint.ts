/** Glowing splint. */
import type { GasId } from '../../species/substance.js';
import { all, care, change, complete, none, nothingSeen, piece, slip, splints, step } from '../test-parts.js';
import { burning, gasAttribute, gasTest, litSplint, splintFlame, splintWaste } from './gas-test-parts.js';

export const glowingSplintTest = gasTest({
  id: 'glowing-splint',
  name: 'Glowing splint',
  fromAge: 11,
  attribute: gasAttribute(
    'splint',
    'splint',
    'What did the glowing splint do?',
    'no-change',
    [
      none('glows on', 'no-change'),
      splintFlame('relights', 'relights'),
      change('goes-out', 'goes out', burning, nothingSeen),
    ],
    [
      { pair: ['no-change', 'goes-out'], chance: 0.12 },
      { pair: ['no-change', 'relights'], chance: 0.03 },
    ],
  ),
  steps: [
    step('Light a splint, then blow it out so that the tip still glows.', { cautions: [litSplint] }),
    step('Put the glowing tip into the gas.'),
  ],
  way: 'A stoppered tube of gas',
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
        piece('small test tubes with stoppers', 'sample'),
        piece('clamp and stand'),
      ],
      steps: [
        step(
          'Half fill the trough. Fill the small tube under water until no bubble is left, and clamp it mouth down, a little off the floor of the trough, over the end of the delivery tube.',
        ),
        step(
          'Let the first bubbles go: they are air. Then fill the small tube; when it is full, bubbles escape beside it.',
          {
            waitSeconds: 60,
            why: 'Air mixed in and the splint only glows brighter.',
          },
        ),
        step(
          'Take the delivery tube out of the water, then stopper the small tube under water and stand it mouth up.',
          {
            cautions: [care('Water is sucked back into a warm tube if the delivery tube stays in.')],
          },
        ),
        step('Light a splint, then blow it out so that the tip still glows.', { cautions: [litSplint] }),
        step('Take the stopper off and put the glowing tip into the gas at once.'),
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
    ...all(['O2'], { splint: ['relights'] }),
    ...all(['H2', 'CO2', 'Cl2', 'NH3', 'SO2', 'HCl', 'H2O', 'N2'], { splint: ['no-change', 'goes-out'] }),
  ]),
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
