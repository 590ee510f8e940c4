/** A metal in dilute acid. */
import type { SpeciesId } from '../../species/species.js';
import type { MetalId } from '../../species/substance.js';
import type { Outcome, TestDefinition } from '../test-definition.js';
import {
  care,
  complete,
  keepLiquid,
  none,
  piece,
  pigment,
  slip,
  solidIn,
  step,
  tubes,
  tubesForLiquid,
  uses,
} from '../test-parts.js';
import { effervescence, warms } from './dilute-acid.js';

const metal = <const Id extends SpeciesId>(
  of: Id,
  fizz: readonly string[],
  warm: readonly string[],
  residue: readonly string[],
): Outcome<Id> => ({
  of,
  shows: { effervescence: fizz, warms: warm, residue },
  source: 'vogel-tests',
});

export const metalAcidTest: TestDefinition = {
  id: 'metal-acid',
  name: 'Metal and dilute acid',
  family: 'metal',
  fromAge: 11,
  forms: ['metal'],
  takes: { solution_mL: 1, solid_g: 0.1 },
  leavesLiquid: true,
  attributes: [
    effervescence,
    warms,
    {
      id: 'residue',
      reads: 'residue',
      nothing: 'none',
      question: 'Is anything left at the end?',
      values: [none('nothing left'), { id: 'solid-left', label: 'solid left', look: solidIn(pigment.grey) }],
      confusions: [{ pair: ['none', 'solid-left'], chance: 0.08 }],
      source: 'school-practice',
    },
  ],
  variants: [
    {
      id: 'usual',
      name: 'Dilute hydrochloric or sulfuric acid',
      attendedMinutes: 3,
      unattendedMinutes: 3,
      stations: [],
      apparatus: [...tubes, piece('tweezers'), ...tubesForLiquid],
      steps: [
        step('Put 3 cm³ of dilute acid in a tube in a rack.', {
          uses: [uses('HCl', { volume_mL: 3, molarity: 1 })],
          why: 'Hydrochloric or sulfuric acid; nitric acid gives little or no hydrogen.',
        }),
        step('Add one small piece of the metal. Log how fast it fizzes, and feel the tube near the bottom.', {
          uses: [uses('metal')],
          cautions: [care('Calcium and magnesium grow hot.')],
        }),
        step('Wait until it has died down. Log whether any metal is left, and look at the liquid.', {
          when: 'residue',
        }),
        keepLiquid,
      ],
      preparations: [{ task: 'Metals in small pieces, sanded clean', hoursBefore: 1 }],
      waste: 'Rinse metal and dry it for the next class. Acid: sink, with water.',
    },
    {
      id: 'side-by-side',
      name: 'Side by side, to compare',
      attendedMinutes: 2,
      unattendedMinutes: 5,
      stations: ['hot-water-bath'],
      apparatus: [...tubes, piece('tweezers'), piece('marker for tubes'), ...tubesForLiquid],
      steps: [
        step(
          'Stand a tube for each metal side by side in the rack, labelled, with 3 cm³ of dilute acid in each.',
          {
            uses: [uses('HCl', { volume_mL: 3, molarity: 1 })],
            why: 'Like amounts of like acid: only then does the fizzing compare the metals.',
          },
        ),
        step('Drop a piece of each metal in, all at the same time. Log how fast each fizzes.', {
          uses: [uses('metal')],
          cautions: [care('Calcium and magnesium grow hot and spray: stand back until they have died down.')],
        }),
        step('Feel each tube near the bottom, the liveliest last. Log whether it is warm.', {
          when: 'warms',
          cautions: [care('The liveliest may be too hot to hold: touch it briefly, with one finger.')],
        }),
        step('Stand the tube in which nothing happens in hot water for a minute and look again.', {
          waitSeconds: 60,
          station: 'hot-water-bath',
          why: 'A slow metal fizzes when warm; copper does nothing even then.',
        }),
        step('Look again at the end. Log whether any metal is left.', { when: 'residue' }),
        keepLiquid,
      ],
      preparations: [
        { task: 'Metals in small pieces, sanded clean', hoursBefore: 1 },
        { task: 'Hot water from a kettle or bath, about 60 °C', hoursBefore: 0 },
      ],
      waste: 'Rinse metal and dry it for the next class. Acid: sink, with water.',
    },
  ],
  outcomes: complete<MetalId>()([
    metal('Ca', ['vigorous'], ['yes'], ['none']),
    metal('Mg', ['vigorous'], ['yes'], ['none']),
    metal('Al', ['slow', 'steady'], ['no', 'yes'], ['none', 'solid-left']),
    metal('Zn', ['steady'], ['no', 'yes'], ['none', 'solid-left']),
    metal('Fe', ['slow'], ['no'], ['solid-left', 'none']),
    metal('Pb', ['none', 'slow'], ['no'], ['solid-left']),
    metal('Cu', ['none'], ['no'], ['solid-left']),
  ]),
  slips: [
    slip(
      'nitric-acid',
      0.02,
      { effervescence: ['slow', 'none'] },
      'Nitric acid gives little or no hydrogen. Use dilute hydrochloric or sulfuric acid.',
      ['Mg', 'Al', 'Zn', 'Fe', 'Ca'],
    ),
    slip(
      'oxide-coat',
      0.05,
      { effervescence: ['none', 'slow'] },
      'A dull coat keeps the acid off. Sand the metal clean and repeat.',
    ),
  ],
  carelessness: 0.02,
};
