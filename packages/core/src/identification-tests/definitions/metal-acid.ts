/** A metal in dilute acid. */
import type { SpeciesId } from '../../species/species.js';
import type { MetalId } from '../../species/substance.js';
import type { Outcome, TestDefinition } from '../test-definition.js';
import {
  care,
  complete,
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
        step(
          'The liquid is kept: add more, a little at a time, until it no longer fizzes and some is left. The acid is then used up. Pour the liquid off into a clean tube and label it with the sample’s name and “liquid”.',
          {
            whenKept: true,
            why: 'Acid that is left would eat up the first drops of alkali, and nothing would fall out.',
          },
        ),
      ],
      preparations: [{ task: 'Metals in small pieces, sanded clean', hoursBefore: 1 }],
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
