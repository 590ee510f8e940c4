import type { CationId, Ion } from '../ion.js';

export const alkaliMetals = [
  {
    id: 'Li+',
    name: 'lithium',
    atoms: { Li: 1 },
    charge: 1,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'Na+',
    name: 'sodium',
    atoms: { Na: 1 },
    charge: 1,
    alsoCalled: ['natrium'],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'K+',
    name: 'potassium',
    atoms: { K: 1 },
    charge: 1,
    alsoCalled: ['kalium'],
    shortNames: [],
    source: 'iupac-red-book',
  },
] as const satisfies readonly Ion<CationId>[];
