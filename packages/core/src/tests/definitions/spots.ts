/** Spot tests with the ammonium salts of three anions: which cations fall out. */
import type { ReagentId } from '../../hazards/reagents.js';
import type { Outcome, TestDefinition, TestId } from '../test-definition.js';
import { all, none, pigment, precipitate, slip, step, uses } from '../test-parts.js';

function spotTest(
  id: TestId,
  name: string,
  reagent: ReagentId,
  words: string,
  outcomes: readonly Outcome[],
): TestDefinition {
  return {
    id,
    name,
    family: 'cation',
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
        steps: [
          step('Put ten drops of the sample in a small tube or well, on a dark ground.'),
          step(`Add ten drops of ${words} and mix. Log what you see.`, {
            uses: [uses(reagent, { drops: 10 })],
            reveals: 'precipitate',
            why: 'Count the drops: some precipitates show only when neither is too dilute.',
          }),
        ],
        preparations: [
          {
            task: `${words[0]!.toUpperCase()}${words.slice(1)} 0.2 mol/dm³, a dropper bottle a bench`,
            hoursBefore: 24,
          },
        ],
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

const white = { precipitate: ['white'] } as const;
const nothing = { precipitate: ['none'] } as const;
const faint = { precipitate: ['none', 'white'] } as const;
const tinted = { precipitate: ['coloured'] } as const;
const coloursOfMetals = ['Cu2+', 'Fe2+', 'Fe3+', 'Cr3+', 'Co2+', 'Ni2+'] as const;

export const carbonateSpotTest = spotTest(
  'carbonate-spot',
  'Spot: ammonium carbonate',
  '(NH4)2CO3',
  'ammonium carbonate solution',
  [
    ...all(['Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Zn2+', 'Pb2+', 'Al3+'], white),
    ...all(coloursOfMetals, tinted),
    ...all(['Mn2+', 'Ag+'], { precipitate: ['white', 'coloured'] }, 'vogel-tests', {
      unsure: 'off-white to buff or yellowish',
    }),
    ...all(['Li+', 'Na+', 'K+', 'NH4+', 'H+'], nothing),
  ],
);

export const sulfateSpotTest = spotTest(
  'sulfate-spot',
  'Spot: ammonium sulfate',
  '(NH4)2SO4',
  'ammonium sulfate solution',
  [
    ...all(['Sr2+', 'Ba2+', 'Pb2+'], white),
    ...all(['Ca2+', 'Ag+'], faint, 'vogel-tests', { unsure: 'only when concentrated enough' }),
    ...all(['Li+', 'Na+', 'K+', 'NH4+', 'H+', 'Mg2+', 'Al3+', 'Zn2+', 'Mn2+', ...coloursOfMetals], nothing),
  ],
);

export const phosphateSpotTest = spotTest(
  'phosphate-spot',
  'Spot: ammonium hydrogenphosphate',
  '(NH4)2HPO4',
  'ammonium hydrogenphosphate solution',
  [
    ...all(['Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Zn2+', 'Pb2+', 'Al3+', 'Mn2+'], white),
    ...all([...coloursOfMetals, 'Ag+'], tinted),
    ...all(['Li+'], faint, 'vogel-tests', { unsure: 'clearly white with sodium phosphate' }),
    ...all(['Na+', 'K+', 'NH4+', 'H+'], nothing),
  ],
);
