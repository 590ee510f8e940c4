/** Everyday names that often mean another substance than the one that is wanted. Source `school-practice`. */
import type { PlanAdvice } from './plan-advice.js';
import type { Practical } from './practical.js';

const doubtful: readonly { readonly called: RegExp; readonly ions: string; readonly text: string }[] = [
  {
    called: /\bchalk\b/i,
    ions: 'Ca2+,CO3^2-',
    text: 'Blackboard chalk is often gypsum, calcium sulfate, which does not fizz. Take precipitated calcium carbonate or marble, or try the sticks with acid first.',
  },
  {
    called: /\bsalt\b/i,
    ions: 'Na+,Cl-',
    text: 'Table salt may hold iodide, and a carbonate that keeps it running. Take pure sodium chloride.',
  },
  {
    called: /\b(baking powder)\b/i,
    ions: 'Na+,HCO3-',
    text: 'Baking powder holds a solid acid and starch beside the hydrogencarbonate. Take baking soda.',
  },
];

/** What to mind of samples that go by an everyday name. */
export const aboutEverydayNames = ({ samples }: Practical): PlanAdvice[] =>
  samples.flatMap(({ key, alias, ions }): PlanAdvice[] => {
    const found = alias ? doubtful.find((d) => d.called.test(alias) && d.ions === ions.join()) : undefined;
    return found ? [{ key: `everyday-${key}`, tone: 'tell', text: `“${alias}”: ${found.text}` }] : [];
  });
