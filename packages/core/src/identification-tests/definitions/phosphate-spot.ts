/** Spot: ammonium hydrogenphosphate: which cations fall out. */
import type { CationId } from '../../species/ion.js';
import { all, completeIn } from '../test-parts.js';
import { coloursOfMetals, faint, nothing, spotTest, tinted, white } from './spot-parts.js';

export const phosphateSpotTest = spotTest(
  'phosphate-spot',
  'Spot: ammonium hydrogenphosphate',
  'Phosphate spot',
  '(NH4)2HPO4',
  'ammonium hydrogenphosphate solution',
  completeIn<CationId, 'phosphate-spot'>('phosphate-spot')([
    ...all(['Mg2+', 'Ca2+', 'Sr2+', 'Ba2+', 'Zn2+', 'Pb2+', 'Al3+', 'Mn2+'], white),
    ...all([...coloursOfMetals, 'Ag+'], tinted),
    ...all(['Li+'], faint, 'vogel-tests', { unsure: 'clearly white with sodium phosphate' }),
    ...all(['Na+', 'K+', 'NH4+', 'H+'], nothing),
  ]),
);
