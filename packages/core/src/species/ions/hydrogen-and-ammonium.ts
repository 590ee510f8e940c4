import type { CationId, Ion } from '../ion.js';

export const hydrogenAndAmmonium = [
  {
    id: 'H+',
    name: 'hydrogen',
    atoms: { H: 1 },
    charge: 1,
    alsoCalled: ['hydrogen ion', 'proton'],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'NH4+',
    name: 'ammonium',
    atoms: { N: 1, H: 4 },
    charge: 1,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
] as const satisfies readonly Ion<CationId>[];
