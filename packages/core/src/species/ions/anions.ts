import type { AnionId, Ion } from '../ion.js';

export const anions: readonly Ion<AnionId>[] = [
  { id: 'OH-', name: 'hydroxide', atoms: { O: 1, H: 1 }, charge: -1, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'CO3^2-', name: 'carbonate', atoms: { C: 1, O: 3 }, charge: -2, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'HCO3-', name: 'hydrogencarbonate', atoms: { H: 1, C: 1, O: 3 }, charge: -1, alsoCalled: ['hydrogen carbonate', 'bicarbonate'], shortNames: [], source: 'iupac-red-book' },
  { id: 'SO3^2-', name: 'sulfite', atoms: { S: 1, O: 3 }, charge: -2, alsoCalled: ['sulphite'], shortNames: [], source: 'iupac-red-book' },
  { id: 'SO4^2-', name: 'sulfate', atoms: { S: 1, O: 4 }, charge: -2, alsoCalled: ['sulphate'], shortNames: [], source: 'iupac-red-book' },
  { id: 'Cl-', name: 'chloride', atoms: { Cl: 1 }, charge: -1, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'Br-', name: 'bromide', atoms: { Br: 1 }, charge: -1, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'I-', name: 'iodide', atoms: { I: 1 }, charge: -1, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'NO3-', name: 'nitrate', atoms: { N: 1, O: 3 }, charge: -1, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
  { id: 'PO4^3-', name: 'phosphate', atoms: { P: 1, O: 4 }, charge: -3, alsoCalled: [], shortNames: [], source: 'iupac-red-book' },
];
