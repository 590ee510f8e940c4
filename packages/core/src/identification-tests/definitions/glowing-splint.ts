/** Glowing splint. */
import type { GasId } from '../../species/substance.js';
import { all, change, completeIn, none, nothingSeen, slip, splints, step } from '../test-parts.js';
import { burning, gasAttribute, gasTest, litSplint, splintFlame } from './gas-test-parts.js';

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
  preparation: 'Splints, two a test',
  apparatus: splints,
  stations: ['burner'],
  outcomes: completeIn<GasId, 'glowing-splint'>('glowing-splint')([
    ...all(['O2'], { splint: ['relights'] }),
    ...all(['H2', 'CO2', 'Cl2', 'NH3', 'SO2', 'H2O', 'N2'], { splint: ['no-change', 'goes-out'] }),
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
