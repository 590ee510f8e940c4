/** What a jar of the bench on screen truly holds. */
import type { Component } from '../equilibrium/components.js';
import { ionPartsOf } from '../equilibrium/reagents.js';
import { ionStrengths } from '../formulas/salt-ions.js';
import type { GasId, MetalId } from '../species/substance.js';
import { ionOf, isCationId, isGasId, isIonId, isMetalId } from '../species/species.js';
import type { Extra } from './shelf.js';

export type SampleState = 'solution' | 'solid' | 'lumps';

/** A solution or a solid of ions, a gas, or a metal. */
export type TrueSample =
  | {
      readonly kind: 'ions';
      /** mol/dm3 in a solution; mol by mol in a solid. */
      readonly ions: Readonly<Record<string, number>>;
      readonly form: SampleState;
    }
  | { readonly kind: 'gas'; readonly gas: GasId }
  | { readonly kind: 'metal'; readonly metal: MetalId; readonly clean: boolean };

/** Ions the bench keeps apart from the equilibrium model. */
const extraIons: Readonly<Record<string, Extra>> = { 'S2O3^2-': 'S2O3^2-' };
const roundedCharge = 1e-3;

/** The salt of a list of ions, a gas or a metal as a sample. @throws RangeError where it is neither. */
export function sampleOfSpecies(
  ids: readonly string[],
  form: SampleState = 'solution',
  molarity = 0.1,
): TrueSample {
  const [only] = ids;
  if (ids.length === 1 && only && isGasId(only)) return { kind: 'gas', gas: only };
  if (ids.length === 1 && only && isMetalId(only)) return { kind: 'metal', metal: only, clean: true };
  const ions = ionStrengths(ids, molarity);
  if (!Object.keys(ions).length)
    throw new RangeError(
      `${ids.join(', ')} is no salt, gas or metal; name one cation and one anion, a gas or a metal`,
    );
  return { kind: 'ions', ions, form };
}

/** mol/dm3 (or mol by mol) of components and of what the model leaves out. @throws RangeError for what is no ion or does not balance. */
export function partsOfIons(ions: Readonly<Record<string, number>>): {
  readonly parts: Partial<Record<Component, number>>;
  readonly extras: Partial<Record<Extra, number>>;
} {
  const parts: Partial<Record<Component, number>> = {};
  const extras: Partial<Record<Extra, number>> = {};
  let charge = 0;
  let size = 0;
  for (const [id, amount] of Object.entries(ions)) {
    if (!Number.isFinite(amount) || amount < 0 || amount > 20)
      throw new RangeError(`the amount of ${id} is ${amount}; it runs from 0 to 20`);
    const apart = extraIons[id];
    const own = apart ? undefined : ionPartsOf(id);
    if (!apart && !own) throw new RangeError(`"${id.slice(0, 60)}" is no ion; write it like Ca2+ or SO4^2-`);
    const each = isIonId(id) ? ionOf(id).charge : own!.formula.charge;
    charge += each * amount;
    size += Math.abs(each) * amount;
    if (apart) extras[apart] = (extras[apart] ?? 0) + amount;
    for (const [c, n] of Object.entries(own?.parts ?? {}) as [Component, number][])
      parts[c] = (parts[c] ?? 0) + n * amount;
  }
  if (Math.abs(charge) > roundedCharge * size)
    throw new RangeError('the charges of the sample do not balance; give each ion with its partner');
  return { parts, extras };
}

/** What colours the flame, in loads: 1 for a salt taken up as crystals, less for a thin solution. */
export function flameLoad(sample: TrueSample): Record<string, number> {
  if (sample.kind !== 'ions') return {};
  const cations = Object.entries(sample.ions).filter(([id, n]) => isCationId(id) && n > 0);
  const total = cations.reduce((sum, [, n]) => sum + n, 0);
  const thin = sample.form === 'solution' ? Math.min(1, total / 0.1) : 1;
  return Object.fromEntries(cations.map(([id, n]) => [id, (n / (total || 1)) * thin]));
}
