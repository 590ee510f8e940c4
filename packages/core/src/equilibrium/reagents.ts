/** Turns a reagent's formula, or a sample's ions, into the components of the model. */
import { formulaWithCharge, readFormula, type Formula } from '../formulas/read-formula.js';
import { factOf, filedIons } from '../species/filed.js';
import type { IonId } from '../species/ion.js';
import { allAnions, allCations, formulaParts } from '../species/species.js';
import type { Component } from './components.js';

type Amounts = Partial<Record<Component, number>>;

/** An ion the model has no constants for, with the reason. */
interface NotModelled {
  readonly notModelled: string;
}
const itself = <C extends Component>(component: C): Amounts => ({ [component]: 1 });

/** What each ion of a sample is reckoned as: the compiler asks for every one. */
const ofIons: Readonly<Record<IonId, Amounts | NotModelled>> = {
  'H+': itself('H+'),
  'Li+': itself('Li+'),
  'Na+': itself('Na+'),
  'K+': itself('K+'),
  'NH4+': { NH3: 1, 'H+': 1 },
  'Mg2+': itself('Mg2+'),
  'Ca2+': itself('Ca2+'),
  'Sr2+': itself('Sr2+'),
  'Ba2+': itself('Ba2+'),
  'Al3+': itself('Al3+'),
  'Zn2+': itself('Zn2+'),
  'Cr3+': itself('Cr3+'),
  'Mn2+': itself('Mn2+'),
  'Fe2+': itself('Fe2+'),
  'Fe3+': itself('Fe3+'),
  'Co2+': itself('Co2+'),
  'Ni2+': itself('Ni2+'),
  'Cu2+': itself('Cu2+'),
  'Ag+': itself('Ag+'),
  'Pb2+': itself('Pb2+'),
  'OH-': { 'H+': -1 },
  'CO3^2-': itself('CO3^2-'),
  'HCO3-': { 'CO3^2-': 1, 'H+': 1 },
  'SO3^2-': itself('SO3^2-'),
  'SO4^2-': itself('SO4^2-'),
  'Cl-': itself('Cl-'),
  'Br-': itself('Br-'),
  'I-': itself('I-'),
  'NO3-': itself('NO3-'),
  'PO4^3-': itself('PO4^3-'),
  ...factOf(filedIons, 'reckonedAs'),
};
/** Further ions of reagents, as formula, charge and parts; no sample is named by them. */
const acidAnions = [
  { id: 'HSO4-', body: 'HSO4', charge: -1, parts: { 'SO4^2-': 1, 'H+': 1 } },
  { id: 'HSO3-', body: 'HSO3', charge: -1, parts: { 'SO3^2-': 1, 'H+': 1 } },
  { id: 'HPO4^2-', body: 'HPO4', charge: -2, parts: { 'PO4^3-': 1, 'H+': 1 } },
  { id: 'H2PO4-', body: 'H2PO4', charge: -1, parts: { 'PO4^3-': 1, 'H+': 2 } },
] as const;
const isModelled = (parts: Amounts | NotModelled): parts is Amounts => !('notModelled' in parts);
const ionParts = new Map<string, Amounts | NotModelled>([
  ...Object.entries(ofIons),
  ...acidAnions.map(({ id, parts }) => [id, parts] as const),
]);
/** Molecules and acids that are no salt of those ions. */
const molecules: Readonly<Record<string, Amounts>> = {
  H2O: {},
  NH3: { NH3: 1 },
  NH4OH: { NH3: 1 },
  CO2: { 'CO3^2-': 1, 'H+': 2 },
  SO2: { 'SO3^2-': 1, 'H+': 2 },
  H3PO4: { 'PO4^3-': 1, 'H+': 3 },
};
interface Unit {
  readonly body: string;
  readonly ions: readonly { readonly id: string; readonly charge: number }[];
  readonly pattern: RegExp;
}
/** Ions by what is written of them in a formula; several charges of one element share a body. Longest first: HCO3 before CO3. */
function unitsOf(ions: readonly { id: string; body: string; charge: number }[]): Unit[] {
  const byBody = new Map<string, { id: string; charge: number }[]>();
  for (const { id, body, charge } of ions) byBody.set(body, [...(byBody.get(body) ?? []), { id, charge }]);
  return [...byBody]
    .map(([body, list]) => ({
      body,
      ions: list,
      pattern: new RegExp(`^(?:\\(${body}\\)|${body}(?![a-z]))(\\d*)`),
    }))
    .sort((a, b) => b.body.length - a.body.length);
}
const withBody = ({ id, charge }: { id: IonId; charge: number }) => ({
  id,
  charge,
  body: formulaParts(id).formula,
});
const cationUnits = unitsOf(allCations.map(withBody));
const anionUnits = unitsOf([...allAnions.map(withBody), ...acidAnions]);

const into = (sum: Amounts, parts: Amounts, times: number): Amounts => {
  for (const [c, n] of Object.entries(parts) as [Component, number][]) sum[c] = (sum[c] ?? 0) + n * times;
  return sum;
};

/** Salts, double salts and acids cut into their ions: `(NH4)2CO3` → 2 NH4+ and CO3^2-; charges choose between the ions of iron. */
function saltParts(body: string): Amounts | undefined {
  const cations: [unit: Unit, count: number][] = [];
  const anions: [unit: Unit, count: number][] = [];
  let rest = body;
  while (rest) {
    const among = (units: readonly Unit[]) =>
      units.map((u) => [u, u.pattern.exec(rest)] as const).find(([, found]) => found);
    // Hydrogen of an acid salt belongs to its anion; alone before one it is the acid's.
    const anion = among(anionUnits);
    const [chosen, found] = anion ?? among(cationUnits) ?? [];
    if (!chosen || !found) return undefined;
    if (anion) anions.push([chosen, Number(found[1] || 1)]);
    else if (anions.length) return undefined;
    else cations.push([chosen, Number(found[1] || 1)]);
    rest = rest.slice(found[0].length);
  }
  if (!cations.length || !anions.length) return undefined;
  const negative = anions.reduce((sum, [unit, n]) => sum + unit.ions[0]!.charge * n, 0);
  const choices = cations.reduce<Unit['ions'][number][][]>(
    (lists, [unit]) => lists.flatMap((list) => unit.ions.map((ion) => [...list, ion])),
    [[]],
  );
  const ions = choices.find(
    (list) => list.reduce((sum, { charge }, i) => sum + charge * cations[i]![1], 0) === -negative,
  );
  if (!ions) return undefined;
  const parts: Amounts = {};
  const bring = (id: string, n: number): boolean => {
    const own = ionParts.get(id);
    if (!own || !isModelled(own)) return false;
    into(parts, own, n);
    return true;
  };
  const known =
    cations.every(([, n], i) => bring(ions[i]!.id, n)) &&
    anions.every(([unit, n]) => bring(unit.ions[0]!.id, n));
  return known ? parts : undefined;
}

/**
 * The components one mole of a reagent brings.
 * @param typed a formula, hydrates and Unicode indices included.
 * @throws RangeError where it is no formula or holds what the model does not know.
 */
export function reagentParts(typed: string): Amounts {
  const shown = typed.slice(0, 60);
  const formula = readFormula(typed);
  if (!formula) throw new RangeError(`"${shown}" is not a formula; write it like NaOH or CuSO4.5H2O`);
  if (formula.charge !== 0)
    throw new RangeError(`"${shown}" is an ion; a reagent is added as a whole, such as NaOH`);
  const body = formula.body.replace(/\.\d*H2O$/, '');
  const parts = Object.hasOwn(molecules, body) ? molecules[body]! : saltParts(body);
  if (!parts)
    throw new RangeError(
      `"${shown}" holds what the model does not know; it knows salts, acids and bases of the ions of the syllabuses`,
    );
  return parts;
}

/**
 * An ion's parts in components, or undefined where it is no ion that Kivex knows.
 * @throws RangeError with the reason where the model has no constants for it.
 */
export function ionPartsOf(
  typed: string,
): { readonly parts: Amounts; readonly formula: Formula } | undefined {
  const formula = readFormula(typed);
  const parts = formula && ionParts.get(formulaWithCharge(formula));
  if (!formula || !parts) return undefined;
  if (!isModelled(parts))
    throw new RangeError(`the model leaves out ${typed.slice(0, 60)}: ${parts.notModelled}`);
  return { parts, formula };
}
