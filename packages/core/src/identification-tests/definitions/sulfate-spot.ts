/** Spot: ammonium sulfate: which cations fall out. */
import type { CationId } from '../../species/ion.js';
import { all, completeIn } from '../test-parts.js';
import { coloursOfMetals, faint, nothing, spotTest, white } from './spot-parts.js';

export const sulfateSpotTest = spotTest(
  'sulfate-spot',
  'Spot: ammonium sulfate',
  'Sulfate spot',
  '(NH4)2SO4',
  'ammonium sulfate solution',
  completeIn<CationId, 'sulfate-spot'>('sulfate-spot')([
    ...all(['Sr2+', 'Ba2+', 'Pb2+'], white),
    ...all(['Ca2+', 'Ag+'], faint, 'vogel-tests', { unsure: 'only when concentrated enough' }),
    ...all(['Li+', 'Na+', 'K+', 'NH4+', 'H+', 'Mg2+', 'Al3+', 'Zn2+', 'Mn2+', ...coloursOfMetals], nothing),
  ]),
);
