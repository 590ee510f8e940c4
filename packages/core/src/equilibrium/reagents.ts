/** Turns a reagent's formula, or a sample's ions, into the components of the model. */
import { formulaWithCharge, readFormula, type Formula } from '../formulas/read-formula.js';
import { components, type Component } from './components.js';

type Amounts = Partial<Record<Component, number>>;

/** Ions met in samples and reagents, in components. */
const ionParts: Readonly<Record<string, Amounts>> = {
  'OH-': { 'H+': -1 },
  'NH4+': { NH3: 1, 'H+': 1 },
  'HCO3-': { 'CO3^2-': 1, 'H+': 1 },
  'HSO4-': { 'SO4^2-': 1, 'H+': 1 },
  'HSO3-': { 'SO3^2-': 1, 'H+': 1 },
  'HPO4^2-': { 'PO4^3-': 1, 'H+': 1 },
  'H2PO4-': { 'PO4^3-': 1, 'H+': 2 },
  ...Object.fromEntries(components.filter((c) => c !== 'NH3').map((c) => [c, { [c]: 1 }])),
};
/** Molecules and acids that are no salt of those ions. */
const molecules: Readonly<Record<string, Amounts>> = {
  H2O: {},
  NH3: { NH3: 1 },
  NH4OH: { NH3: 1 },
  CO2: { 'CO3^2-': 1, 'H+': 2 },
  SO2: { 'SO3^2-': 1, 'H+': 2 },
  H3PO4: { 'PO4^3-': 1, 'H+': 3 },
};
const anionBodies = [
  'HCO3',
  'HSO4',
  'HSO3',
  'H2PO4',
  'HPO4',
  'OH',
  'CO3',
  'SO3',
  'SO4',
  'NO3',
  'PO4',
  'Cl',
  'Br',
  'I',
] as const;
const anionOf: Readonly<Record<(typeof anionBodies)[number], string>> = {
  HCO3: 'HCO3-',
  HSO4: 'HSO4-',
  HSO3: 'HSO3-',
  H2PO4: 'H2PO4-',
  HPO4: 'HPO4^2-',
  OH: 'OH-',
  CO3: 'CO3^2-',
  SO3: 'SO3^2-',
  SO4: 'SO4^2-',
  NO3: 'NO3-',
  PO4: 'PO4^3-',
  Cl: 'Cl-',
  Br: 'Br-',
  I: 'I-',
};
const anionCharge: Readonly<Record<string, number>> = {
  'HCO3-': 1,
  'HSO4-': 1,
  'HSO3-': 1,
  'H2PO4-': 1,
  'HPO4^2-': 2,
  'OH-': 1,
  'CO3^2-': 2,
  'SO3^2-': 2,
  'SO4^2-': 2,
  'NO3-': 1,
  'PO4^3-': 3,
  'Cl-': 1,
  'Br-': 1,
  'I-': 1,
};
const cationBodies: readonly string[] = [
  'NH4',
  'H',
  'Li',
  'Na',
  'K',
  'Mg',
  'Ca',
  'Sr',
  'Ba',
  'Al',
  'Zn',
  'Cr',
  'Mn',
  'Fe',
  'Co',
  'Ni',
  'Cu',
  'Ag',
  'Pb',
];
const cationCharges: Readonly<Record<string, readonly number[]>> = {
  NH4: [1],
  H: [1],
  Li: [1],
  Na: [1],
  K: [1],
  Mg: [2],
  Ca: [2],
  Sr: [2],
  Ba: [2],
  Al: [3],
  Zn: [2],
  Cr: [3],
  Mn: [2],
  Fe: [2, 3],
  Co: [2],
  Ni: [2],
  Cu: [2],
  Ag: [1],
  Pb: [2],
};

const into = (sum: Amounts, parts: Amounts, times: number): Amounts => {
  for (const [c, n] of Object.entries(parts) as [Component, number][]) sum[c] = (sum[c] ?? 0) + n * times;
  return sum;
};

const unit = (bodies: readonly string[]) =>
  bodies.map((body) => ({ body, pattern: new RegExp(`^(?:\\(${body}\\)|${body}(?![a-z]))(\\d*)`) }));
const cationUnits = unit(cationBodies);
const anionUnits = unit(anionBodies);

/** Salts, double salts and acids cut into their ions: `(NH4)2CO3` → 2 NH4+ and CO3^2-; charges choose between the ions of iron. */
function saltParts(body: string): Amounts | undefined {
  const cations: [body: string, count: number][] = [];
  const anions: [id: string, count: number][] = [];
  let rest = body;
  while (rest) {
    const anion = anionUnits.map((u) => [u, u.pattern.exec(rest)] as const).find(([, found]) => found);
    // Hydrogen of an acid salt belongs to its anion; alone before one it is the acid's.
    const cation = anion
      ? undefined
      : cationUnits.map((u) => [u, u.pattern.exec(rest)] as const).find(([, found]) => found);
    const [chosen, found] = anion ?? cation ?? [];
    if (!chosen || !found) return undefined;
    const count = Number(found[1] || 1);
    if (anion) anions.push([anionOf[chosen.body as keyof typeof anionOf], count]);
    else if (anions.length) return undefined;
    else cations.push([chosen.body, count]);
    rest = rest.slice(found[0].length);
  }
  if (!cations.length || !anions.length) return undefined;
  const negative = anions.reduce((sum, [id, n]) => sum + anionCharge[id]! * n, 0);
  const choices = cations.reduce<number[][]>(
    (lists, [name]) => lists.flatMap((list) => cationCharges[name]!.map((q) => [...list, q])),
    [[]],
  );
  const charges = choices.find(
    (list) => list.reduce((sum, q, i) => sum + q * cations[i]![1], 0) === negative,
  );
  if (!charges) return undefined;
  const parts: Amounts = {};
  cations.forEach(([name, n], i) => {
    const q = charges[i]!;
    into(parts, ionParts[name === 'NH4' ? 'NH4+' : q === 1 ? `${name}+` : `${name}${q}+`] ?? {}, n);
  });
  anions.forEach(([id, n]) => into(parts, ionParts[id]!, n));
  return parts;
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

/** The ion's parts in components, or undefined where the model does not know it. */
export function ionPartsOf(
  typed: string,
): { readonly parts: Amounts; readonly formula: Formula } | undefined {
  const formula = readFormula(typed);
  const parts = formula && ionParts[formulaWithCharge(formula)];
  return formula && parts ? { parts, formula } : undefined;
}
