/** Magnesium sulfate in the cold: tells a carbonate, which falls out, from a hydrogencarbonate, which does not. */
import type { AnionId } from '../../species/ion.js';
import { all, completeIn, none, pigment, precipitate, slip } from '../test-parts.js';
import { confirmingTest } from './confirming-test.js';

const white = { precipitate: ['white'] } as const;
const nothing = { precipitate: ['none'] } as const;

export const magnesiumSulfateTest = confirmingTest({
  id: 'magnesium-sulfate',
  name: 'Magnesium sulfate solution, in the cold',
  family: 'anion',
  fromAge: 14,
  attribute: {
    id: 'precipitate',
    reads: 'precipitate',
    nothing: 'none',
    question: 'What precipitate formed, before any warming?',
    values: [none('no precipitate'), precipitate('white', 'white', pigment.white)],
    confusions: [{ pair: ['none', 'white'], chance: 0.02 }],
    source: 'vogel-tests',
  },
  reagent: 'MgSO4',
  does: 'Add 1 cm³ of magnesium sulfate solution to the cold solution and shake. Log what you see; only then may it be boiled.',
  why: 'Magnesium carbonate falls out at once. Magnesium hydrogencarbonate is soluble: it clouds only when boiling has driven carbon dioxide out of it.',
  amount: { volume_mL: 1 },
  falls: true,
  waste: 'Sink, with plenty of water.',
  outcomes: completeIn<AnionId, 'magnesium-sulfate'>('magnesium-sulfate')([
    ...all(['CO3^2-', 'OH-', 'PO4^3-'], white),
    ...all(['HCO3-'], nothing),
    ...all(['SO3^2-'], { precipitate: ['none', 'white'] }, 'vogel-tests', {
      unsure: 'magnesium sulfite is a little soluble',
    }),
    ...all(['SO4^2-', 'Cl-', 'Br-', 'I-', 'NO3-'], nothing),
  ]),
  slips: [
    slip(
      'warmed-first',
      0.04,
      white,
      'Warmed first, a hydrogencarbonate clouds too. Repeat with a cold solution.',
      ['HCO3-'],
    ),
    slip(
      'hydrogencarbonate-old',
      0.03,
      white,
      'A hydrogencarbonate solution that was heated or has stood holds carbonate. Make it fresh, in cold water.',
      ['HCO3-'],
    ),
  ],
});
