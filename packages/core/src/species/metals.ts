import type { MetalId, Substance } from './substance.js';

const metal = <const Id extends MetalId>(id: Id, name: string, ...alsoCalled: string[]): Substance<Id> => ({
  id,
  kind: 'metal',
  name,
  alsoCalled,
  source: 'iupac-red-book',
});

/** Metals that go into dilute acid in school. */
export const metals = [
  metal('Mg', 'magnesium'),
  metal('Al', 'aluminium', 'aluminum'),
  metal('Zn', 'zinc'),
  metal('Fe', 'iron'),
  metal('Cu', 'copper'),
  metal('Ca', 'calcium'),
  metal('Pb', 'lead'),
];
