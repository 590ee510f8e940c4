/** Ammonia solution, drop by drop, then in excess. */
import type { SpeciesId } from '../../species/species.js';
import type { CationId } from '../../species/ion.js';
import type { Outcome, TestDefinition } from '../test-definition.js';
import { all, completeIn, sampleInTube, silverWithAmmonia, slip, step, tubes, uses } from '../test-parts.js';
import { excessColour, hydroxidePrecipitate, inExcess } from './hydroxide-attributes.js';

const falls = <const Id extends SpeciesId>(
  of: Id,
  colour: string,
  excess: string,
  liquid = 'colourless',
): Outcome<Id> => ({
  of,
  shows: { precipitate: [colour], excess: [excess], excessColour: [liquid] },
  source: 'vogel-tests',
});

export const ammoniaSolutionTest: TestDefinition = {
  id: 'ammonia-solution',
  name: 'Ammonia solution, drops then excess',
  family: 'cation',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  points: ['precipitate', 'excess'],
  attributes: [hydroxidePrecipitate, inExcess, excessColour],
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
        step('Add dilute ammonia solution drop by drop, three drops, shaking after each. Log what you see.', {
          uses: [uses('NH3', { drops: 3 })],
          reveals: 'precipitate',
        }),
        step(
          'In the fume cupboard add 2 cm³ of the strong ammonia solution and shake. Does it dissolve, and what colour is the liquid?',
          {
            uses: [uses('NH3', { volume_mL: 2, molarity: 8 })],
            reveals: 'excess',
            when: 'excess',
            station: 'fume-cupboard',
            teacherFirst: true,
            cautions: [silverWithAmmonia],
            why: 'Zinc, copper, silver, nickel and cobalt go into solution with ammonia; aluminium does not.',
          },
        ),
      ],
      preparations: [
        {
          task: 'A beaker of 100 cm³ nitric acid 2 mol/dm³ in the fume cupboard, for all that holds silver and ammonia',
          hoursBefore: 1,
          whenHolds: 'Ag+',
        },
      ],
      waste: 'Heavy metals to the heavy-metal waste. Silver with ammonia: acidify at once, never store it.',
    },
  ],
  outcomes: completeIn<CationId, 'ammonia-solution'>('ammonia-solution')([
    falls('Al3+', 'white', 'insoluble'),
    falls('Zn2+', 'white', 'dissolves'),
    falls('Pb2+', 'white', 'insoluble'),
    falls('Mg2+', 'white', 'insoluble'),
    falls('Cu2+', 'blue', 'dissolves', 'deep-blue'),
    falls('Fe2+', 'green', 'insoluble'),
    falls('Fe3+', 'brown', 'insoluble'),
    ...all(
      ['Cr3+'],
      { precipitate: ['grey-green', 'green'], excess: ['insoluble'], excessColour: ['colourless'] },
      'vogel-tests',
      {
        unsure: 'called plain green as often as grey-green; a little may go into solution violet',
      },
    ),
    falls('Mn2+', 'cream', 'insoluble'),
    falls('Co2+', 'blue', 'dissolves', 'brown'),
    falls('Ni2+', 'green', 'dissolves', 'blue'),
    falls('Ag+', 'brown', 'dissolves'),
    ...all(['Ca2+', 'Sr2+', 'Ba2+', 'Li+', 'Na+', 'K+', 'NH4+', 'H+'], {
      precipitate: ['none'],
      excess: ['none'],
      excessColour: ['colourless'],
    }),
  ]),
  slips: [
    slip(
      'no-excess',
      0.05,
      { excess: ['insoluble'], excessColour: ['colourless'] },
      'Was it a real excess? Add 2 cm³ of the strong ammonia and shake well.',
      ['Zn2+', 'Cu2+', 'Co2+', 'Ni2+', 'Ag+'],
    ),
    slip(
      'straight-to-excess',
      0.02,
      { precipitate: ['none'], excess: ['none'] },
      'Ammonia poured in at once may have dissolved it unseen. Repeat drop by drop.',
      ['Zn2+', 'Cu2+', 'Co2+', 'Ni2+', 'Ag+'],
    ),
    slip(
      'too-dilute',
      0.03,
      { precipitate: ['none'], excess: ['none'] },
      'Too little sample gives a precipitate too faint to see. Repeat with more, against a dark ground.',
    ),
  ],
  carelessness: 0.02,
};
