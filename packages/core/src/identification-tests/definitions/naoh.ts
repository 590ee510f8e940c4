/** Sodium hydroxide solution, drop by drop, then in excess. */
import type { SpeciesId } from '../../species/species.js';
import type { CationId } from '../../species/ion.js';
import type { Outcome, TestDefinition } from '../test-definition.js';
import { all, completeIn, sampleInTube, slip, step, tubes, uses } from '../test-parts.js';
import { hydroxidePrecipitate, inExcess, onStanding } from './hydroxide-attributes.js';

type Standing = 'no-change' | 'browns' | 'pinks';
const falls = <const Id extends SpeciesId>(
  of: Id,
  colour: string,
  excess: string,
  standing: readonly Standing[] = ['no-change'],
  unsure?: string,
): Outcome<Id> => ({
  of,
  shows: { precipitate: [colour], excess: [excess], standing },
  source: 'vogel-tests',
  ...(unsure ? { unsure } : {}),
});

export const naohTest: TestDefinition = {
  id: 'naoh',
  name: 'Sodium hydroxide, drops then excess',
  family: 'cation',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  points: ['precipitate', 'excess'],
  attributes: [hydroxidePrecipitate, inExcess, onStanding],
  variants: [
    {
      id: 'usual',
      name: 'Drops, then excess',
      attendedMinutes: 3,
      unattendedMinutes: 0,
      stations: [],
      apparatus: tubes,
      steps: [
        sampleInTube,
        step(
          'Add sodium hydroxide solution drop by drop, three drops, shaking after each. Log what you see.',
          {
            uses: [uses('NaOH', { drops: 3 })],
            reveals: 'precipitate',
            why: 'Too much at once dissolves some precipitates before you have seen them.',
          },
        ),
        step('Add the stronger sodium hydroxide, 2 cm³ more, and shake well. Does it dissolve?', {
          when: 'excess',
          uses: [uses('NaOH', { volume_mL: 2, molarity: 4 })],
          reveals: 'excess',
          why: 'Only a real excess tells aluminium and zinc from magnesium and calcium.',
        }),
        step('Leave the tube standing and look again at the end.', { waitSeconds: 300, when: 'standing' }),
      ],
      preparations: [],
      waste:
        'Dilute tubes without heavy metals: sink, with water. Lead, chromium, cobalt, nickel, copper and silver: heavy-metal waste.',
    },
  ],
  outcomes: completeIn<CationId, 'naoh'>('naoh')([
    falls('Al3+', 'white', 'dissolves'),
    falls('Zn2+', 'white', 'dissolves'),
    falls('Pb2+', 'white', 'dissolves'),
    falls('Mg2+', 'white', 'insoluble'),
    {
      of: 'Ca2+',
      shows: { precipitate: ['white', 'none'], excess: ['insoluble', 'none'], standing: ['no-change'] },
      source: 'vogel-tests',
      unsure: 'faint or absent when the sample is dilute',
    },
    ...all(
      ['Sr2+', 'Ba2+'],
      { precipitate: ['none'], excess: ['none'], standing: ['no-change'] },
      'vogel-tests',
      {
        unsure: 'white with concentrated samples or strong alkali; strontium first',
      },
    ),
    falls('Cu2+', 'blue', 'insoluble'),
    falls('Fe2+', 'green', 'insoluble', ['browns', 'no-change']),
    falls('Fe3+', 'brown', 'insoluble'),
    ...all(
      ['Cr3+'],
      { precipitate: ['grey-green', 'green'], excess: ['dissolves'], standing: ['no-change'] },
      'vogel-tests',
      {
        unsure: 'called plain green as often as grey-green',
      },
    ),
    falls('Mn2+', 'cream', 'insoluble', ['browns', 'no-change']),
    falls('Co2+', 'blue', 'insoluble', ['pinks', 'no-change']),
    falls('Ni2+', 'green', 'insoluble'),
    falls('Ag+', 'brown', 'insoluble'),
    ...all(['Li+', 'Na+', 'K+', 'NH4+', 'H+'], {
      precipitate: ['none'],
      excess: ['none'],
      standing: ['no-change'],
    }),
  ]),
  slips: [
    slip(
      'no-excess',
      0.05,
      { excess: ['insoluble'] },
      'Was it a real excess? Add 2 cm³ of the stronger alkali, shake, and look again.',
      ['Al3+', 'Zn2+', 'Pb2+', 'Cr3+'],
    ),
    slip(
      'too-dilute',
      0.03,
      { precipitate: ['none'], excess: ['none'] },
      'Too little sample or alkali gives a precipitate too faint to see. Repeat with more of both, against a dark ground.',
    ),
    slip(
      'straight-to-excess',
      0.02,
      { precipitate: ['none'], excess: ['none'] },
      'Alkali poured in at once may have dissolved it unseen. Repeat drop by drop.',
      ['Al3+', 'Zn2+', 'Pb2+', 'Cr3+'],
    ),
  ],
  carelessness: 0.02,
};
