/** What precipitates dissolve to, and what acid makes of ions. */
import type { AnionId, CationId } from '../species/ion.js';
import { gasWithAcid, solidWithAcid } from '../species/gives-off.js';
import type { SourceId } from '../sources/sources.js';

/** A hydroxide that dissolves in an excess: the complex, and the substance it stands in. */
export interface Redissolved {
  readonly complex: string;
  readonly substance: string;
  readonly source: SourceId;
  readonly unsure?: string;
}

/** In sodium hydroxide. Whether it dissolves at the strengths used is said by the test's own records. */
export const inHydroxide: Readonly<Partial<Record<CationId, Redissolved>>> = {
  'Zn2+': { complex: '[Zn(OH)4]2-', substance: 'Na2[Zn(OH)4]', source: 'vogel-tests' },
  'Al3+': { complex: '[Al(OH)4]-', substance: 'Na[Al(OH)4]', source: 'vogel-tests' },
  'Cr3+': {
    complex: '[Cr(OH)6]3-',
    substance: 'Na3[Cr(OH)6]',
    source: 'school-practice',
    unsure: 'schools write [Cr(OH)6]3- or [Cr(OH)4]-',
  },
  'Pb2+': { complex: '[Pb(OH)4]2-', substance: 'Na2[Pb(OH)4]', source: 'vogel-tests' },
};

/** In ammonia solution. */
export const inAmmonia: Readonly<Partial<Record<CationId, Redissolved>>> = {
  'Zn2+': { complex: '[Zn(NH3)4]2+', substance: '[Zn(NH3)4](OH)2', source: 'vogel-tests' },
  'Cu2+': {
    complex: '[Cu(NH3)4]2+',
    substance: '[Cu(NH3)4](OH)2',
    source: 'vogel-tests',
    unsure: 'two waters stay at the copper; schools write it with them or without',
  },
  'Ni2+': { complex: '[Ni(NH3)6]2+', substance: '[Ni(NH3)6](OH)2', source: 'vogel-tests' },
  'Co2+': { complex: '[Co(NH3)6]2+', substance: '[Co(NH3)6](OH)2', source: 'vogel-tests' },
  'Ag+': { complex: '[Ag(NH3)2]+', substance: '[Ag(NH3)2]OH', source: 'vogel-tests' },
};

/** What acid makes of an anion: a gas and water, or water alone; undefined where it leaves it alone. */
export const withAcid = (anion: AnionId): readonly string[] | undefined => {
  const gas = gasWithAcid[anion];
  const solid = solidWithAcid[anion];
  return gas ? [gas, ...(solid ? [solid] : []), 'H2O'] : anion === 'OH-' ? ['H2O'] : undefined;
};
