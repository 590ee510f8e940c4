/**
 * The state a substance has at the bench, from the solubility rules taught in school. A few stand in
 * two states in practice (ammonia smelt or dissolved); both are right then.
 * Source `vogel-tests` for which salts are insoluble; borderline salts take both states.
 */
import { compositionKey, readFormula, type Formula } from '../formulas/read-formula.js';
import { allIons } from '../species/species.js';
import type { StateSymbol } from './read-equation.js';

const key = (formula: string) => compositionKey(readFormula(formula)!);
const stated = (states: readonly StateSymbol[], ...formulas: string[]) =>
  formulas.map((f) => [key(f), states] as const);

/** Molecules and elements whose state no rule gives. */
const molecules = new Map<string, readonly StateSymbol[]>([
  ...stated(['g'], 'H2', 'O2', 'CO2', 'N2', 'NO', 'NO2', 'CO', 'CH4', 'C2H6', 'C2H4', 'C3H8', 'O3', 'H2S'),
  ...stated(['g', 'aq'], 'Cl2', 'NH3', 'SO2', 'HCl', 'HBr', 'HI'),
  ...stated(['l'], 'H2O', 'Hg'),
  ...stated(['l', 'aq'], 'Br2', 'H2SO4', 'H2O2', 'HNO3', 'CH3COOH', 'H3PO4'),
  ...stated(['s', 'aq'], 'I2'),
  ...stated(['aq'], 'H2CO3', 'H2SO3', 'NH4OH'),
  ...stated(['l', 'g'], 'C6H14'),
]);

const insoluble: readonly (readonly [
  cations: RegExp,
  anions: readonly string[],
  states: readonly StateSymbol[],
])[] = [
  [/^(Ag|Pb)$/, ['Cl', 'Br', 'I'], ['s']],
  [/^(Ba|Sr|Pb)$/, ['SO4'], ['s']],
  [/^(Ca|Ag)$/, ['SO4'], ['s', 'aq']],
  [/^(Ca|Sr|Ba)$/, ['OH'], ['s', 'aq']],
  [/^(?!Li$|Na$|K$|NH4$|Ca$|Sr$|Ba$|H$)/, ['OH', 'O'], ['s']],
  [/^(?!Li$|Na$|K$|NH4$|H$)/, ['CO3', 'SO3', 'PO4'], ['s']],
  // Carbonates and salts of ammonium are met as solids and as solutions.
  [/^(Li|Na|K|NH4)$/, ['CO3', 'HCO3', 'SO3'], ['aq', 's']],
  [/^NH4$/, ['Cl', 'Br', 'I', 'SO4', 'NO3'], ['aq', 's']],
];

const cationBodies = [
  'NH4',
  ...new Set(allIons.filter((i) => i.charge > 0 && i.id !== 'NH4+').map((i) => Object.keys(i.atoms)[0]!)),
];
const anionBodies = ['HCO3', 'OH', 'CO3', 'SO3', 'SO4', 'NO3', 'PO4', 'Cl', 'Br', 'I', 'O'];

/** A salt's formula cut into cation and anion: `Ca(OH)2` → Ca, OH. */
function saltParts(body: string): { cation: string; anion: string } | undefined {
  for (const cation of cationBodies) {
    const head = new RegExp(`^(?:${cation}|\\(${cation}\\))(\\d*)`).exec(body);
    if (!head) continue;
    const rest = body.slice(head[0].length).replace(/\.\d*H2O$/, '');
    const anion = anionBodies.find((a) => new RegExp(`^(?:${a}|\\(${a}\\))\\d*$`).test(rest));
    if (anion) return { cation, anion };
  }
  return undefined;
}

/**
 * The states that are right for a substance in a school equation.
 * @returns the usual one first; an empty list where Kivex does not know.
 */
export function usualStates(formula: Formula): readonly StateSymbol[] {
  if (formula.charge !== 0) return ['aq'];
  const known = molecules.get(compositionKey(formula));
  if (known) return known;
  if (Object.keys(formula.atoms).length === 1) return ['s'];
  if (formula.body.includes('.')) return ['s'];
  const salt = saltParts(formula.body);
  if (!salt) return [];
  return (
    insoluble.find(([cations, anions]) => cations.test(salt.cation) && anions.includes(salt.anion))?.[2] ?? [
      'aq',
    ]
  );
}
