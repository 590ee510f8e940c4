import type { CationId, Ion } from '../ion.js';

/** Metals outside groups 1 and 2; those with several charges keep the charge in the name. */
export const otherMetals: readonly Ion<CationId>[] = [
  { id: 'Al3+', name: 'aluminium', atoms: { Al: 1 }, charge: 3, alsoCalled: ['aluminum'], shortNames: [], source: 'iupac-red-book' },
  { id: 'Zn2+', name: 'zinc', atoms: { Zn: 1 }, charge: 2, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'Cr3+', name: 'chromium(III)', atoms: { Cr: 1 }, charge: 3, alsoCalled: ['chromic', 'chromium 3'], shortNames: ['chromium'], source: 'iupac-red-book' },
  { id: 'Mn2+', name: 'manganese(II)', atoms: { Mn: 1 }, charge: 2, alsoCalled: ['manganous', 'manganese 2'], shortNames: ['manganese'], source: 'iupac-red-book' },
  { id: 'Fe2+', name: 'iron(II)', atoms: { Fe: 1 }, charge: 2, alsoCalled: ['ferrous', 'iron 2'], shortNames: ['iron'], source: 'iupac-red-book' },
  { id: 'Fe3+', name: 'iron(III)', atoms: { Fe: 1 }, charge: 3, alsoCalled: ['ferric', 'iron 3'], shortNames: ['iron'], source: 'iupac-red-book' },
  { id: 'Co2+', name: 'cobalt(II)', atoms: { Co: 1 }, charge: 2, alsoCalled: ['cobaltous', 'cobalt 2'], shortNames: ['cobalt'], source: 'iupac-red-book' },
  { id: 'Ni2+', name: 'nickel(II)', atoms: { Ni: 1 }, charge: 2, alsoCalled: ['nickel 2'], shortNames: ['nickel'], source: 'iupac-red-book' },
  { id: 'Cu2+', name: 'copper(II)', atoms: { Cu: 1 }, charge: 2, alsoCalled: ['cupric', 'copper 2'], shortNames: ['copper'], source: 'iupac-red-book' },
  { id: 'Ag+', name: 'silver', atoms: { Ag: 1 }, charge: 1, alsoCalled: ['silver(i)'], shortNames: [], source: 'iupac-red-book' },
  { id: 'Pb2+', name: 'lead(II)', atoms: { Pb: 1 }, charge: 2, alsoCalled: ['plumbous', 'lead 2'], shortNames: ['lead'], source: 'iupac-red-book' },
];
