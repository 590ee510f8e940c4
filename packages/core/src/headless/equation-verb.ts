/** The verb `equation`: is an equation right, and if not, why. */
import { expectedSpecies, markEquation, type ExpectedSpecies } from '../equations/mark-equation.js';
import type { StateSymbol } from '../equations/read-equation.js';
import { markWordEquation } from '../equations/word-equation.js';
import { readFormula } from '../formulas/read-formula.js';
import { LineError, listAt, objectAt, oneOfAt, textAt, type Json, type JsonObject } from './line-shape.js';

const mostSpecies = 12;

function speciesAt(value: Json, where: string): ExpectedSpecies {
  const text = textAt(value, where);
  const state = /\((s|l|g|aq)\)\s*$/.exec(text);
  const formula = readFormula((state ? text.slice(0, state.index) : text).trim());
  if (!formula)
    throw new LineError(
      `${where} is "${text.slice(0, 60)}", which is not a formula; write it like SO4^2- or AgCl(s)`,
    );
  return expectedSpecies(formula, state?.[1] as StateSymbol | undefined);
}
const someAt = <T>(value: Json | undefined, where: string, each: (item: Json, where: string) => T): T[] => {
  const read = listAt(value, where, mostSpecies, each);
  if (!read.length) throw new LineError(`${where} is empty; name at least one substance`);
  return read;
};

/** Runs `equation` on one line. @throws LineError with what is wrong. */
export function equationVerb(line: JsonObject): object {
  objectAt(line, 'the line', ['id', 'answer', 'form', 'expect', 'states']);
  const answer = textAt(line['answer'], 'answer');
  const form = oneOfAt(line['form'], 'form', ['ionic', 'symbol', 'word'] as const);
  const statesRequired =
    line['states'] !== undefined &&
    oneOfAt(line['states'], 'states', ['required', 'optional'] as const) === 'required';
  const expect = objectAt(line['expect'], 'expect', ['reactants', 'products']);
  const both = <T>(each: (item: Json, where: string) => T) => ({
    reactants: someAt(expect['reactants'], 'expect.reactants', each),
    products: someAt(expect['products'], 'expect.products', each),
  });
  if (form === 'word') {
    const { reactants, products } = both(textAt);
    return markWordEquation(answer, reactants, products);
  }
  return markEquation(answer, { form, ...both(speciesAt), statesRequired });
}
