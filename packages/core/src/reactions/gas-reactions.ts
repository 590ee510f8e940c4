/** What happens in the tests of gases that are written as equations. */
import type { TestId } from '../identification-tests/test-definition.js';
import type { Happening } from './reaction-equation.js';

interface GasReaction {
  readonly gas: string;
  readonly test: TestId;
  readonly happening: Happening;
}

/** The usual test of each gas first. */
const gasReactions: readonly GasReaction[] = [
  {
    gas: 'CO2',
    test: 'limewater',
    happening: {
      of: 'test',
      ionic: { reactants: ['CO2', 'Ca2+', 'OH-'], products: ['CaCO3', 'H2O'] },
      symbol: { reactants: ['CO2', 'Ca(OH)2'], products: ['CaCO3', 'H2O'] },
      states: { 'Ca(OH)2': 'aq' },
    },
  },
  {
    gas: 'SO2',
    test: 'acidified-manganate',
    happening: {
      of: 'test',
      ionic: { reactants: ['MnO4-', 'SO2', 'H2O'], products: ['Mn2+', 'SO4^2-', 'H+'] },
      symbol: { reactants: ['KMnO4', 'SO2', 'H2O'], products: ['K2SO4', 'MnSO4', 'H2SO4'] },
      states: { SO2: 'g', KMnO4: 'aq', H2SO4: 'aq' },
    },
  },
  {
    gas: 'SO2',
    test: 'limewater',
    happening: {
      of: 'test',
      ionic: { reactants: ['SO2', 'Ca2+', 'OH-'], products: ['CaSO3', 'H2O'] },
      symbol: { reactants: ['SO2', 'Ca(OH)2'], products: ['CaSO3', 'H2O'] },
      states: { SO2: 'g', 'Ca(OH)2': 'aq' },
    },
  },
  {
    gas: 'Cl2',
    test: 'starch-iodide-paper',
    happening: {
      of: 'test',
      ionic: { reactants: ['Cl2', 'I-'], products: ['Cl-', 'I2'] },
      symbol: { reactants: ['Cl2', 'KI'], products: ['KCl', 'I2'] },
      states: { Cl2: 'g', KI: 'aq', KCl: 'aq', I2: 'aq' },
    },
  },
  {
    gas: 'H2',
    test: 'lit-splint',
    happening: { of: 'test', symbol: { reactants: ['H2', 'O2'], products: ['H2O'] } },
  },
  {
    gas: 'NH3',
    test: 'hcl-rod',
    happening: {
      of: 'test',
      symbol: { reactants: ['NH3', 'HCl'], products: ['NH4Cl'] },
      states: { NH3: 'g', HCl: 'g', NH4Cl: 's' },
    },
  },
  {
    gas: 'H2O',
    test: 'anhydrous-copper-sulfate',
    happening: {
      of: 'test',
      symbol: { reactants: ['CuSO4', 'H2O'], products: ['CuSO4.5H2O'] },
      states: { CuSO4: 's' },
    },
  },
  {
    gas: 'H2O',
    test: 'cobalt-chloride-paper',
    happening: {
      of: 'test',
      symbol: { reactants: ['CoCl2', 'H2O'], products: ['CoCl2.6H2O'] },
      states: { CoCl2: 's' },
    },
  },
];

/** What happens in a gas's usual test, or in the test named; undefined where no equation is written. */
export const happeningOfGas = (gas: string, test?: TestId): Happening | undefined =>
  gasReactions.find((r) => r.gas === gas && (test === undefined || r.test === test))?.happening;
