/** Whether the amounts of a practical give gas enough to see, and how hot the tube gets: reckoned, not guessed. */
import { gasAcids, pieces, type MadeGas } from '../gas-making/facts.js';
import { gasAmount, type GasAmount, type ReactantAmount } from '../gas-making/gas-amount.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { testOf } from '../identification-tests/tests.js';
import { gasesWithAcid } from '../species/gives-off.js';
import { isMetalId } from '../species/species.js';
import { isDoneOn } from './evidence.js';
import { methodOf } from './method.js';
import { holdsOf, molarityOf, type PlannedTest, type Practical, type PracticalSample } from './practical.js';

/** cm3 of hydrogen below which nobody hears a pop: half a small tube. Source `school-practice`. */
const leastForPop_mL = 10;
/** cm3 of carbon dioxide below which 2 cm3 of limewater stays clear. Source `school-practice`. */
const leastForLimewater_mL = 2;
/** A tube hotter than this is not held in the hand. Source `school-safety`. */
const hottest_C = 60;
const room_C = 20;

/** Where the liquid is kept the solid is added until the acid is used up: so many pieces are enough for any. */
const usesUpAcid = 100;

export interface GasAdvice {
  readonly key: string;
  readonly text: string;
}

/** The acid a test pours on its sample, as much as one run of it takes; undefined where it pours none. */
function acidOf(planned: PlannedTest): { readonly id: string; readonly amount: ReactantAmount } | undefined {
  const use = methodOf(planned)
    .steps.flatMap((s) => s.uses)
    .find((u) => Object.hasOwn(gasAcids, u.reagent) && u.volume_mL !== undefined && u.molarity !== null);
  return use && { id: use.reagent, amount: { molarity: use.molarity!, volume_mL: use.volume_mL! } };
}

/** What one run puts in: a piece of metal, or a spatula of a solid. */
function portionOf(
  planned: PlannedTest,
  sample: PracticalSample,
): readonly [string, ReactantAmount] | undefined {
  const [first] = sample.ions;
  if (sample.form === 'metal' && first !== undefined && isMetalId(first))
    return [first, { mass_g: pieces[first].mass_g * (planned.keeps ? usesUpAcid : 1) }];
  const formula = saltFormula(sample.ions);
  const { solid_g, solution_mL } = testOf(planned.test).takes;
  if (!formula) return undefined;
  const molarity = molarityOf(sample);
  return sample.form === 'solid'
    ? [formula, { mass_g: solid_g * (planned.keeps ? usesUpAcid : 1) }]
    : molarity === null
      ? undefined
      : [formula, { molarity, volume_mL: solution_mL }];
}

function amountFor(planned: PlannedTest, sample: PracticalSample): (GasAmount & { gas: string }) | undefined {
  const acid = acidOf(planned);
  const portion = portionOf(planned, sample);
  const [gas] = gasesWithAcid(sample.ions);
  if (!acid || !portion || gas === undefined) return undefined;
  try {
    return {
      ...gasAmount({ make: gas as MadeGas, from: { [portion[0]]: portion[1], [acid.id]: acid.amount } }),
      gas,
    };
  } catch {
    // A pair that does not give the gas as reckoned here; the test's own record says what is seen.
    return undefined;
  }
}

/** What the amounts of a practical lead to, for the panel beside the editor. */
export function gasAdviceFor(practical: Practical): GasAdvice[] {
  const listened = practical.tests.some((t) =>
    testOf(t.test).attributes.some((a) => a.reads === 'splint' && t.attributes.includes(a.id)),
  );
  return practical.tests.flatMap((planned) => {
    const limewater = testOf(planned.test).attributes.some(
      (a) => a.reads === 'limewater' && planned.attributes.includes(a.id),
    );
    return practical.samples
      .filter((s) => isDoneOn(planned, s))
      .flatMap((sample): GasAdvice[] => {
        const made = amountFor(planned, sample);
        if (!made) return [];
        const about = `${holdsOf(sample)} in “${testOf(planned.test).name}”`;
        const key = `${planned.test}-${sample.key}`;
        const mL = Math.round(made.mL);
        const hot = room_C + (made.rise_C ?? 0);
        return [
          ...(made.gas === 'H2' && listened && made.mL < leastForPop_mL
            ? [
                {
                  key: `no-pop-${key}`,
                  text: `${about}: about ${mL} cm³ of hydrogen, too little to pop. Give a larger piece, or more or stronger acid.`,
                },
              ]
            : []),
          ...(made.gas === 'CO2' && limewater && made.mL < leastForLimewater_mL
            ? [
                {
                  key: `stays-clear-${key}`,
                  text: `${about}: about ${mL} cm³ of carbon dioxide comes off, so limewater will stay clear. Give it as a solid, or stronger, with more acid.`,
                },
              ]
            : []),
          ...(hot > hottest_C
            ? [
                {
                  key: `hot-${key}`,
                  text: `${about}: the liquid gets to about ${Math.round(hot)} °C, hotter than a hand bears. Give a smaller piece, or more and weaker acid.`,
                },
              ]
            : []),
        ];
      });
  });
}
