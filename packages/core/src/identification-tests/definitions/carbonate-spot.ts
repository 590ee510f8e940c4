/** Spot: ammonium carbonate: which cations fall out. */
import type { CationId } from '../../species/ion.js';
import { all, completeIn } from '../test-parts.js';
import { coloursOfMetals, nothing, spotTest, tinted, white } from './spot-parts.js';

export const carbonateSpotTest = spotTest(
  'carbonate-spot',
  'Spot: ammonium carbonate',
  'Carbonate spot',
  '(NH4)2CO3',
  'ammonium carbonate solution',
  completeIn<CationId, 'carbonate-spot'>('carbonate-spot')([
    ...all(['Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Zn2+', 'Pb2+', 'Al3+'], white),
    ...all(coloursOfMetals, tinted),
    ...all(['Mn2+', 'Ag+'], { precipitate: ['white', 'coloured'] }, 'vogel-tests', {
      unsure: 'off-white to buff or yellowish',
    }),
    ...all(['Li+', 'Na+', 'K+', 'NH4+', 'H+'], nothing),
  ]),
);
