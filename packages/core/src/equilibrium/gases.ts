/**
 * Gases that leave a solution at the bench. Each escapes until only so much of it stays dissolved.
 */
import type { SourceId } from '../sources/sources.js';
import type { MadeOf } from './components.js';

export interface EscapingGas {
  readonly id: 'CO2' | 'SO2';
  readonly madeOf: MadeOf;
  /** log10 of the formation constant of the dissolved gas from the components. */
  readonly logK: number;
  /** Dissolved gas that stays, mol/dm3. */
  readonly stays_M: number;
  readonly source: SourceId;
  readonly unsure: string;
}

export const escapingGases: readonly EscapingGas[] = [
  {
    id: 'CO2',
    madeOf: { 'CO3^2-': 1, 'H+': 2 },
    logK: 16.681,
    stays_M: 0.0034,
    source: 'nist-46',
    unsure:
      'bubbles in a shaken tube leave about a tenth of what a full atmosphere of the gas would keep dissolved',
  },
  {
    id: 'SO2',
    madeOf: { 'SO3^2-': 1, 'H+': 2 },
    logK: 9.03,
    stays_M: 0.012,
    source: 'nist-46',
    unsure:
      'very soluble: it is smelt and carried off at about a hundredth of an atmosphere, and bubbles only when warmed',
  },
];
