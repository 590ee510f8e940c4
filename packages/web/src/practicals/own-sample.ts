/** A sample made on the bench on screen, carried by the address to the practical it goes into. */
import { isGasId, isMetalId, saltName, whyNoSalt, type Practical, type PracticalSample } from '@kivex/core';
import { freeKey } from './read-sample.js';

export interface OwnSample {
  readonly ions: readonly string[];
  readonly form: PracticalSample['form'];
  /** mol/dm3 of a solution. */
  readonly molarity?: number;
}
const forms: readonly PracticalSample['form'][] = ['solution', 'solid', 'gas', 'metal'];

/** The address's search part that carries it. */
export function carried({ ions, form, molarity }: OwnSample): string {
  const search = new URLSearchParams({ holds: ions.join(' '), form });
  if (molarity !== undefined) search.set('strength', String(molarity));
  return `?${search.toString()}`;
}

/** The sample an address carries; undefined where it carries none that can be set out. */
export function carriedSample(search: URLSearchParams): OwnSample | undefined {
  const ions = (search.get('holds') ?? '').split(' ').filter(Boolean);
  const form = forms.find((f) => f === search.get('form'));
  const molarity = Number(search.get('strength'));
  if (!form || !ions.length) return undefined;
  if (form === 'gas') return ions.length === 1 && isGasId(ions[0]!) ? { ions, form } : undefined;
  if (form === 'metal') return ions.length === 1 && isMetalId(ions[0]!) ? { ions, form } : undefined;
  if (ions.length !== 2 || whyNoSalt(ions)) return undefined;
  if (form === 'solid') return { ions, form };
  return molarity > 0 && molarity <= 5 ? { ions, form, molarity } : undefined;
}

export const ownSampleName = ({ ions, form, molarity }: OwnSample): string =>
  `${saltName(ions)}${form === 'solution' ? `, ${molarity} mol/dm³` : form === 'solid' ? ', solid' : ''}`;

/** The practical's samples with this one as another unknown. */
export const withOwnSample = (practical: Practical, own: OwnSample): Pick<Practical, 'samples'> => ({
  samples: [
    ...practical.samples,
    { key: freeKey(practical.samples, 'unknown'), role: 'unknown', difficulty: 3, ...own },
  ],
});
