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

/** Salts cut into their two ions: `(NH4)2CO3` → 2 NH4+ and CO3^2-. */
function saltParts(body: string): Amounts | undefined {
  for (const cation of cationBodies) {
    const head = new RegExp(`^(?:\\(${cation}\\)|${cation}(?![a-z]))(\\d*)`).exec(body);
    if (!head) continue;
    const rest = body.slice(head[0].length);
    for (const anion of anionBodies) {
      const tail = new RegExp(`^(?:\\(${anion}\\)|${anion}(?![a-z]))(\\d*)$`).exec(rest);
      if (!tail) continue;
      const [x, y] = [Number(head[1] || 1), Number(tail[1] || 1)];
      const id = anionOf[anion];
      const charge = (anionCharge[id]! * y) / x;
      if (!cationCharges[cation]!.includes(charge)) continue;
      const ion = cation === 'NH4' ? 'NH4+' : charge === 1 ? `${cation}+` : `${cation}${charge}+`;
      return into(into({}, ionParts[ion] ?? {}, x), ionParts[id]!, y);
    }
  }
  return undefined;
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
