/** Limewater. */
import type { AnionId } from '../../species/ion.js';
import type { GasId } from '../../species/substance.js';
import { all, completeIn, piece, slip, step, uses } from '../test-parts.js';
import { gasTest } from './gas-test-parts.js';
import { limewaterSeen } from './limewater-attribute.js';

export const limewaterTest = gasTest({
  id: 'limewater',
  name: 'Limewater',
  fromAge: 11,
  attribute: { ...limewaterSeen(false) },
  way: 'Shaken with the gas',
  steps: [
    step('Add 2 cm³ of clear limewater to the tube of gas, stopper it at once and shake.', {
      uses: [uses('limewater', { volume_mL: 2 })],
    }),
  ],
  otherWays: [
    {
      id: 'bubbled',
      name: 'Bubbled through from a delivery tube',
      attendedMinutes: 2,
      unattendedMinutes: 0,
      stations: [],
      apparatus: [piece('test tubes', 'sample'), piece('delivery tube with bung')],
      steps: [
        step(
          'Put 2 cm³ of clear limewater in a second tube, the delivery tube dipping in, and let the gas bubble through.',
          {
            uses: [uses('limewater', { volume_mL: 2 })],
            waitSeconds: 30,
          },
        ),
        step('Take the delivery tube out before the gas stops, or limewater is sucked back.'),
      ],
      preparations: [],
      waste: 'Sink.',
    },
    {
      id: 'pipette',
      name: 'Gas drawn off with a pipette',
      attendedMinutes: 2,
      unattendedMinutes: 0,
      stations: [],
      apparatus: [piece('test tubes', 'sample'), piece('dropping pipettes with a large bulb', 'sample')],
      steps: [
        step('Put 2 cm³ of clear limewater in a tube.', { uses: [uses('limewater', { volume_mL: 2 })] }),
        step(
          'Squeeze the bulb, hold the tip in the gas just above the liquid that fizzes, and let go slowly. Draw up gas, no liquid.',
          { why: 'Acid drawn up with it would clear the limewater again.' },
        ),
        step('Put the tip into the limewater and press the gas out, slowly. Three times.'),
      ],
      preparations: [],
      waste: 'Sink.',
    },
  ],
  apparatus: [piece('test tubes', 'sample'), piece('delivery tube with bung')],
  forms: ['gas', 'metal', 'solid'],
  waste: 'Sink.',
  minutes: 2,
  outcomes: completeIn<GasId | AnionId, 'limewater'>('limewater')([
    ...all(['CO2', 'SO2'], { limewater: ['cloudy', 'cloudy-then-clear'] }),
    ...all(['H2', 'O2', 'Cl2', 'NH3', 'H2O', 'N2'], { limewater: ['clear'] }),
    // The gas that acid drives out of a sample.
    ...all(['CO3^2-', 'HCO3-', 'SO3^2-'], { limewater: ['cloudy', 'cloudy-then-clear'] }),
    ...all(['OH-', 'SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'], { limewater: ['clear'] }),
  ]),
  slips: [
    slip(
      'limewater-old',
      0.05,
      { limewater: ['clear'] },
      'Old limewater, or too little gas, stays clear. Use fresh limewater and more gas.',
    ),
  ],
});
