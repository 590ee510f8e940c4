import { filedGases, type FiledGasId } from './filed.js';
import type { GasFile } from './one-file.js';
import type { GasId, Substance } from './substance.js';

const gas = <const Id extends GasId>(id: Id, name: string, ...alsoCalled: string[]): Substance<Id> => ({
  id,
  kind: 'gas',
  name,
  alsoCalled,
  source: 'iupac-red-book',
});

/** Gases and vapours that school tests name; nitrogen stands for "none of these". */
export const gases = [
  gas('H2', 'hydrogen'),
  gas('O2', 'oxygen'),
  gas('CO2', 'carbon dioxide', 'carbon(IV) oxide'),
  gas('Cl2', 'chlorine'),
  gas('NH3', 'ammonia'),
  gas('SO2', 'sulfur dioxide', 'sulphur dioxide', 'sulfur(IV) oxide'),
  gas('H2O', 'water', 'water vapour', 'steam'),
  // A tube of air: four fifths nitrogen, and no test turns on the rest.
  { ...gas('N2', 'nitrogen'), shown: 'air', standsForNone: true as const },
  ...(Object.entries(filedGases) as [FiledGasId, GasFile][]).map(([id, { name, alsoCalled }]) =>
    gas(id, name, ...alsoCalled),
  ),
];
