/** Barium ions in acid: sulfate. */
import type { AnionId } from '../../species/ion.js';
import type { Attribute, TestDefinition, Variant } from '../test-definition.js';
import {
  all,
  completeIn,
  none,
  pigment,
  precipitate,
  sampleInTube,
  slip,
  step,
  tubes,
  uses,
} from '../test-parts.js';

const whiteOrNone: Attribute = {
  id: 'precipitate',
  reads: 'precipitate',
  nothing: 'none',
  question: 'After the barium solution: what precipitate?',
  values: [none('no precipitate'), precipitate('white', 'white', pigment.white)],
  confusions: [{ pair: ['none', 'white'], chance: 0.01 }],
  source: 'school-practice',
};
const variant = (
  id: Variant['id'],
  name: string,
  acid: 'HCl' | 'HNO3',
  barium: 'BaCl2' | 'Ba(NO3)2',
  words: string,
): Variant => ({
  id,
  name,
  attendedMinutes: 2,
  unattendedMinutes: 0,
  stations: [],
  apparatus: tubes,
  steps: [
    sampleInTube,
    step(
      `Add ${words.split(',')[0]!}, ten drops at a time, twice at least, shaking; go on until the last ten give no fizz.`,
      {
        uses: [uses(acid, { drops: 10, until: 'no-more-gas' })],
        why: 'Acid takes away carbonate and sulfite, which give a white precipitate with barium too. Never sulfuric acid: it brings sulfate itself.',
      },
    ),
    step(`Add five drops of ${words.split(',')[1]!.trim()}. Log what you see.`, {
      uses: [uses(barium, { drops: 5 })],
      reveals: 'precipitate',
    }),
  ],
  preparations: [],
  waste:
    'Barium waste, or sink with plenty of water where local rules allow: barium sulfate itself is harmless.',
});

export const sulfateTest: TestDefinition = {
  id: 'sulfate',
  name: 'Sulfate: acid, then barium ions',
  family: 'anion',
  fromAge: 14,
  forms: ['solid', 'solution'],
  takes: { solution_mL: 1, solid_g: 0.03 },
  attributes: [whiteOrNone],
  variants: [
    variant(
      'hydrochloric',
      'Dilute hydrochloric acid and barium chloride',
      'HCl',
      'BaCl2',
      'dilute hydrochloric acid, barium chloride solution',
    ),
    variant(
      'nitric',
      'Dilute nitric acid and barium nitrate',
      'HNO3',
      'Ba(NO3)2',
      'dilute nitric acid, barium nitrate solution',
    ),
  ],
  outcomes: completeIn<AnionId, 'sulfate'>('sulfate')([
    ...all(['SO4^2-'], { precipitate: ['white'] }),
    ...all(['OH-', 'CO3^2-', 'HCO3-', 'SO3^2-', 'Cl-', 'Br-', 'I-', 'NO3-', 'PO4^3-'], {
      precipitate: ['none'],
    }),
    // Hydrochloric acid and barium chloride bring chloride, which silver and lead turn white.
    ...all(['Ag+', 'Pb2+'], { precipitate: ['white'] }, 'vogel-tests', { variant: 'hydrochloric' }),
    ...all(['Ag+', 'Pb2+'], { precipitate: ['none'] }, 'vogel-tests', { variant: 'nitric' }),
  ]),
  slips: [
    slip(
      'no-acid',
      0.05,
      { precipitate: ['white'] },
      'Did acid go in first? Without it carbonate and sulfite give a white precipitate too. Repeat with acid first.',
      ['CO3^2-', 'HCO3-', 'SO3^2-', 'PO4^3-', 'OH-'],
    ),
    slip(
      'wrong-acid',
      0.03,
      { precipitate: ['white'] },
      'Sulfuric acid brings sulfate and is always white. Throw it away and repeat with the right acid.',
    ),
    slip(
      'too-dilute',
      0.03,
      { precipitate: ['none'] },
      'Too little sample gives a precipitate too faint to see. Repeat with more, against a dark ground.',
    ),
  ],
  carelessness: 0.02,
};
