import type { CationId, Ion } from '../ion.js';

export const alkalineEarths = [
  {
    id: 'Mg2+',
    name: 'magnesium',
    atoms: { Mg: 1 },
    charge: 2,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'Ca2+',
    name: 'calcium',
    atoms: { Ca: 1 },
    charge: 2,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'Sr2+',
    name: 'strontium',
    atoms: { Sr: 1 },
    charge: 2,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
  {
    id: 'Ba2+',
    name: 'barium',
    atoms: { Ba: 1 },
    charge: 2,
    alsoCalled: [],
    shortNames: [],
    source: 'iupac-red-book',
  },
] as const satisfies readonly Ion<CationId>[];
