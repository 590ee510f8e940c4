/** Samples as they are typed into the editor. */
import { allMetals, ionOf, readIons, type PracticalSample } from '@kivex/core';

/** A key no sample of the practical has. */
export function freeKey(samples: readonly PracticalSample[], role: PracticalSample['role']): string {
  const stem = role === 'known' ? 'known' : 'jar';
  for (let n = 1; ; n++) if (!samples.some((s) => s.key === `${stem}-${n}`)) return `${stem}-${n}`;
}

/** What a typed name holds: a salt, a gas, a metal, water. */
export function readSample(typed: string): { ions: string[]; form: PracticalSample['form'] } | undefined {
  const text = typed.trim().toLowerCase();
  if (/^(deionised |distilled )?water$|^blank$/.test(text)) return { ions: [], form: 'solution' };
  const metal = allMetals.find((m) => m.name === text || m.id.toLowerCase() === text);
  if (metal) return { ions: [metal.id], form: 'metal' };
  const { claims, gases } = readIons(typed);
  const ids = claims.filter((c) => !c.denied).flatMap((c) => c.ions);
  const cation = ids.find((id) => ionOf(id).charge > 0);
  const anion = ids.find((id) => ionOf(id).charge < 0);
  if (cation && anion)
    return { ions: [cation, anion], form: /solid|powder|crystal/.test(text) ? 'solid' : 'solution' };
  const gas = gases.find((g) => !g.denied)?.gas;
  return gas ? { ions: [gas], form: 'gas' } : undefined;
}
