/** Does a salt dissolve at all? From the equilibrium model, where it knows the salt. */
import { solids } from './solids.js';
import { reagentParts } from './reagents.js';
import { settle } from './solve.js';

/**
 * The share of a salt that is in solution when so much of it is put into water at 25 °C.
 * @param body formula without charge; water of crystallisation is left out of account.
 * @returns 0 to 1, or undefined for what the model does not know.
 */
export function dissolvesTo(body: string, molarity: number): number | undefined {
  const plain = body.replace(/\.\d*H2O$/, '');
  let parts;
  try {
    parts = reagentParts(plain);
  } catch {
    return undefined;
  }
  if (!solids.some((s) => s.formula === plain) || molarity <= 0) return 1;
  const state = settle(Object.fromEntries(Object.entries(parts).map(([c, n]) => [c, n * molarity])));
  if (!state.converged) return undefined;
  return 1 - Math.min(1, (state.solids.get(plain) ?? 0) / molarity);
}
