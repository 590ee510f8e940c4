/** School names of the substances in equations. */
import { compositionKey, readFormula } from '../formulas/read-formula.js';
import { saltFormula } from '../formulas/salt-ions.js';
import { allAnions, allCations, allGases, allMetals, saltName } from '../species/species.js';

const further: Readonly<Record<string, string>> = {
  S: 'sulfur',
  HCl: 'hydrochloric acid',
  H2SO4: 'sulfuric acid',
  HNO3: 'nitric acid',
  Ag2O: 'silver oxide',
  Br2: 'bromine',
  I2: 'iodine',
  CuI: 'copper(I) iodide',
  NO: 'nitrogen monoxide',
  'CuSO4.5H2O': 'hydrated copper(II) sulfate',
  KMnO4: 'potassium manganate(VII)',
};
const keyOf = (formula: string): string | undefined => {
  const read = readFormula(formula);
  return read && compositionKey(read);
};
let kept: ReadonlyMap<string, string> | undefined;
const names = (): ReadonlyMap<string, string> =>
  (kept ??= new Map([
    ...allCations.flatMap((cation) =>
      allAnions.map((anion): [string, string] => [
        keyOf(saltFormula([cation.id, anion.id])) ?? '',
        saltName([cation.id, anion.id]),
      ]),
    ),
    ...[...allGases, ...allMetals].map(({ id, name }): [string, string] => [keyOf(id) ?? '', name]),
    ...Object.entries(further).map(([formula, name]): [string, string] => [keyOf(formula) ?? '', name]),
  ]));

/** The school name of a neutral substance by formula, or undefined where it has none. */
export function nameOf(formula: string): string | undefined {
  const key = keyOf(formula);
  return key === undefined ? undefined : names().get(key);
}
