/**
 * Ions that take electrons from each other where they meet, so that what falls out is not what solubility alone says.
 * No equilibrium of precipitates tells of it. Source `vogel-tests`.
 */
import type { IonId } from './ion.js';

export interface RedoxPartners {
  readonly ions: readonly [IonId, IonId];
  /** What is seen instead, after the names of the two. */
  readonly seen: string;
  /** It takes minutes and is often missed: told, not warned of. */
  readonly slow?: true;
  /** Not where one of these is there too: it takes one of the pair away first. */
  readonly unless?: readonly IonId[];
}
export const redoxPartners: readonly RedoxPartners[] = [
  { ions: ['Cu2+', 'I-'], seen: 'brown iodine and off-white copper(I) iodide' },
  { ions: ['Fe3+', 'I-'], seen: 'brown iodine, and iron(II) is left' },
  {
    ions: ['Fe2+', 'Ag+'],
    seen: 'a little grey silver metal after some minutes, and iron(III) is left',
    slow: true,
    unless: ['Cl-', 'Br-', 'I-'],
  },
  { ions: ['Fe3+', 'SO3^2-'], seen: 'a colour that fades, and iron(II) is left' },
  { ions: ['Fe3+', 'S2O3^2-'], seen: 'a violet that fades, and iron(II) is left' },
  { ions: ['Cu2+', 'S2O3^2-'], seen: 'the blue gone, and copper(I) is left' },
  { ions: ['Ag+', 'S2O3^2-'], seen: 'white, soon yellow, brown and black silver sulfide' },
];

/** The pair among these ions that spoils a prediction, or undefined. */
export function redoxAmong(ions: Iterable<string>): RedoxPartners | undefined {
  const there = new Set(ions);
  return redoxPartners.find(
    ({ ions: [a, b], unless }) => there.has(a) && there.has(b) && !unless?.some((id) => there.has(id)),
  );
}
