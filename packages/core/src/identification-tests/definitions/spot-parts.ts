/** What the spot tests with ammonium salts have in common. */
import type { ReagentId } from '../../hazards/reagents.js';
import type { Outcome, TestDefinition, TestId } from '../test-definition.js';
import { none, piece, pigment, precipitate, slip, step, uses } from '../test-parts.js';

/** A spot test: ten drops of each. */
export function spotTest(
  id: TestId,
  name: string,
  short: string,
  reagent: ReagentId,
  words: string,
  outcomes: readonly Outcome[],
): TestDefinition {
  return {
    id,
    name,
    short,
    family: 'cation',
    fromAge: 14,
    forms: ['solid', 'solution'],
    takes: { solution_mL: 0.5, solid_g: 0.03 },
    attributes: [
      {
        id: 'precipitate',
        reads: 'spot',
        nothing: 'none',
        question: 'What precipitate formed?',
        values: [
          none('no precipitate'),
          precipitate('white', 'white', pigment.white),
          precipitate('coloured', 'coloured', pigment.green),
        ],
        confusions: [{ pair: ['none', 'white'], chance: 0.02 }],
        source: 'school-practice',
      },
    ],
    variants: [
      {
        id: 'usual',
        name: 'Ten drops to a tube, or five in a well',
        attendedMinutes: 1,
        unattendedMinutes: 0,
        stations: [],
        apparatus: [piece('well plate or small tubes'), piece('black card')],
        steps: [
          step('Put ten drops of the sample in a small tube or well, on a dark ground.'),
          step(`Add ten drops of ${words} and mix. Log what you see.`, {
            uses: [uses(reagent, { drops: 10 })],
            reveals: 'precipitate',
            why: 'Count the drops: some precipitates show only when neither is too dilute.',
          }),
          step(
            'Pool what is left in the beaker for it, from there into the labelled waste bottle. Rinse tubes or wells with deionised water for the next reagent.',
          ),
        ],
        preparations: [],
        waste: 'Barium, strontium and lead: heavy-metal waste. The rest: sink.',
      },
    ],
    outcomes,
    slips: [
      slip(
        'too-dilute',
        0.04,
        { precipitate: ['none'] },
        'Too few drops, or too dilute: repeat with counted drops on a dark ground.',
      ),
      slip(
        'tube-not-clean',
        0.03,
        { precipitate: ['white'] },
        'A tube that is not clean goes cloudy by itself. Rinse with deionised water and repeat.',
      ),
    ],
    carelessness: 0.02,
  };
}

export const white = { precipitate: ['white'] } as const;
export const nothing = { precipitate: ['none'] } as const;
export const faint = { precipitate: ['none', 'white'] } as const;
export const tinted = { precipitate: ['coloured'] } as const;
export const coloursOfMetals = ['Cu2+', 'Fe2+', 'Fe3+', 'Cr3+', 'Co2+', 'Ni2+'] as const;
