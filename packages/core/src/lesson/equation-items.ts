/** The equations a practical asks of an unknown, and the mark of what a student wrote. */
import { expectedSpecies, markEquation } from '../equations/mark-equation.js';
import { markWordEquation } from '../equations/word-equation.js';
import { readFormula } from '../formulas/read-formula.js';
import { onePoint, forReview, type Mark } from '../marking/mark-result.js';
import type { EquationForm, PlannedTest } from '../practicals/practical.js';
import type { ReactionEquation } from '../reactions/reaction-equation.js';
import { reactionsOfTest } from '../reactions/reactions-of-test.js';
import type { AcidId } from '../species/in-acid.js';
import type { SampleForm } from '../species/sample-form.js';

/** The acid of the bench by the method's way, where the equation depends on it. */
const acidOf: Readonly<Partial<Record<PlannedTest['variant'], AcidId>>> = {
  hydrochloric: 'HCl',
  nitric: 'HNO3',
};

/** The equations of the form asked that tell what happens; none where nothing does. */
export function equationsWanted(
  { test, variant, equation }: PlannedTest,
  sample: { readonly ions: readonly string[]; readonly form: SampleForm },
): readonly ReactionEquation[] {
  if (!equation) return [];
  const acid = acidOf[variant];
  const { equations } = reactionsOfTest({
    test,
    sample: sample.ions,
    ...(acid ? { acid } : {}),
    form: sample.form,
  });
  return equations.filter((e) => e.form === equation);
}

const species = (formulas: readonly string[]) => formulas.map((f) => expectedSpecies(readFormula(f)!));

function judged(answer: string, form: EquationForm, wanted: ReactionEquation) {
  if (form === 'word') return markWordEquation(answer, wanted.reactants, wanted.products);
  return markEquation(answer, {
    form,
    reactants: species(wanted.reactants),
    products: species(wanted.products),
    statesRequired: false,
  });
}

/**
 * One point for an equation that is one of those wanted, balanced.
 * @param wanted one at least.
 */
export function markOwnEquation(
  answer: string,
  form: EquationForm,
  wanted: readonly ReactionEquation[],
): Mark {
  if (!answer.trim()) return onePoint(0, 'blank', `No equation is written; it is ${wanted[0]!.text}.`);
  const tried = wanted.map((w) => judged(answer, form, w));
  if (tried.some((t) => t.verdict === 'correct')) return onePoint(1, 'right', 'The equation is right.');
  const [first] = tried;
  if (tried.every((t) => t.verdict === 'unreadable'))
    return forReview(
      'unread',
      first!.why[0]?.text ?? 'Kivex could not read this equation; please look at it.',
    );
  const why = tried.find((t) => t.verdict === 'wrong')!.why[0];
  return onePoint(
    0,
    why?.code ?? 'wrong',
    `${why?.text ?? 'It is another equation.'} Wanted: ${wanted[0]!.text}.`,
  );
}
