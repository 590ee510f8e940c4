/** What the rules of the tests share. */
import { usualStates } from '../equations/usual-states.js';
import { readFormula } from '../formulas/read-formula.js';
import { saltFormula } from '../formulas/salt-ions.js';
import type { AnionId, CationId } from '../species/ion.js';
import { expectationOf } from '../identification-tests/expectation.js';
import type { TestId } from '../identification-tests/test-definition.js';
import type { SampleForm } from '../species/sample-form.js';
import type { Happening } from './reaction-equation.js';

/** A sample of ions. */
export interface Salt {
  readonly cation: CationId;
  readonly anion: AnionId;
  readonly form: SampleForm | undefined;
}
/** What happens, in order; `why` says why nothing does. */
export interface Found {
  readonly happenings: readonly Happening[];
  readonly why?: string;
}
/** Nothing reacts, with the reason. */
export const nothing = (why: string): Found => ({ happenings: [], why });
/** The formula of the salt of two ions. */
export const saltOf = (cation: string, anion: string): string => saltFormula([cation, anion]);
/** Is it a solid at the bench, even beside water? */
export const hardlyDissolves = (formula: string): boolean => usualStates(readFormula(formula)!)[0] === 's';
/** The hydroxide of a cation as its formula; silver's is its oxide. */
export const hydroxideOf = (cation: CationId): string => (cation === 'Ag+' ? 'Ag2O' : saltOf(cation, 'OH-'));

/** Does the test's record say that this ion gives something to see, first of all? */
export function shows(test: TestId, id: string, attribute: string, value?: string): boolean {
  const first = expectationOf(test, [id])[attribute]?.[0];
  return first !== undefined && (value === undefined ? first !== 'none' : first === value);
}
/** Substances that take part once each, none twice. */
export const distinct = (formulas: readonly string[]): string[] => [...new Set(formulas)];
