import { describe, expect, test } from '@jest/globals';
import { expectationOf } from '../identification-tests/expectation.js';
import { allAnions, allCations, allGases, allMetals } from '../species/species.js';
import type { Seen } from './bench-state.js';
import { acidBelow, add, clean, dip, flame, hold, run, salt, take, wait } from './trials/bench-runs.js';

/** Whatever of a record the tests' own facts speak of lies within what they allow. */
function agrees(seen: Seen['seen'], test: string, sample: readonly string[], keys: readonly string[]): void {
  const allowed = expectationOf(test, sample);
  for (const key of keys)
    if (allowed[key])
      expect({
        key,
        allowed: allowed[key],
        seen: allowed[key].includes(String(seen[key])) ? true : seen[key],
      }).toEqual({ key, allowed: allowed[key], seen: true });
}
const strengths = [0.05, 0.1, 0.2];
const cations = allCations.map((c) => c.id).filter((id) => id !== 'H+');
const anions = allAnions.map((a) => a.id);
const partner = (cation: string) => (cation === 'Ag+' || cation === 'Pb2+' ? 'NO3-' : 'Cl-');

describe.each(strengths)('samples of %s mol/dm3 show on the bench what the tests say', (M) => {
  test.each(cations)('%s', (id) => {
    const sample = salt([id, partner(id)], 'solution', M);
    const drops = add('NaOH', { drops: 10 });
    const alkali = run(sample, [
      take(),
      drops,
      add('NaOH', { molarity: 4, toExcess: true }),
      { do: 'warm' },
      hold('red-litmus', { damp: true }),
    ]);
    agrees(alkali.after[1]!.seen, 'naoh', [id], ['precipitate']);
    agrees(alkali.after[2]!.seen, 'naoh', [id], ['precipitate', 'excess']);
    agrees(alkali.seen, 'naoh-warm', [id], ['litmus']);
    agrees(run(sample, [take(), drops, wait(400)]).seen, 'naoh', [id], ['standing']);
    const ammonia = run(sample, [
      take(),
      add('NH3', { drops: 10 }),
      add('NH3', { molarity: 8, toExcess: true }),
    ]);
    agrees(ammonia.seen, 'ammonia-solution', [id], ['precipitate', 'excess', 'excessColour']);
    const colours = run(sample, [clean, dip(), flame(), flame({ glass: true })]);
    agrees({ ...colours.after[2]!.seen, ...colours.seen }, 'flame', [id], ['colour', 'throughBlueGlass']);
    agrees(run(sample, [take()]).seen, 'appearance', [id, partner(id)], ['state', 'colour']);
  });
  test.each(anions)('%s', (id) => {
    const sample = salt(['Na+', id], 'solution', M);
    const acid = run(sample, [
      add('limewater', { to: 'lime' }),
      take({ into: 'tube' }),
      { do: 'connect', from: 'tube', to: 'lime' },
      add('HCl', { to: 'tube', mL: 2 }),
      wait(30),
      { do: 'look', vessel: 'lime' },
    ]);
    agrees(acid.after[3]!.seen, 'dilute-acid', [id], ['effervescence', 'warms']);
    agrees(acid.seen, 'dilute-acid', [id], ['limewater']);
    agrees(
      run(sample, [take(), add('HCl', { mL: 2 }), wait(30), add('BaCl2')]).seen,
      'sulfate',
      [id],
      ['precipitate'],
    );
    agrees(
      run(sample, [take(), add('HNO3', { mL: 2 }), wait(30), add('AgNO3')]).seen,
      'halide-silver',
      [id],
      ['precipitate'],
    );
    agrees(
      run(sample, [
        take(),
        add('hexane'),
        add('HNO3', { mL: 1 }),
        add('chlorine-water', { mL: 1 }),
        { do: 'shake' },
      ]).seen,
      'halide-layer',
      [id],
      ['upperLayer'],
    );
    agrees(run(sample, [take(), add('FeSO4', { mL: 2 }), acidBelow]).seen, 'nitrate-ring', [id], ['ring']);
    agrees(
      run(sample, [
        take(),
        add('NaOH', { molarity: 2, mL: 2 }),
        add('Al-foil'),
        { do: 'warm', seconds: 120 },
        hold('red-litmus', { damp: true }),
      ]).seen,
      'nitrate-reduction',
      [id],
      ['litmus'],
    );
  });
});

test.each(['Cl-', 'Br-', 'I-'])('silver halide of %s in dilute and concentrated ammonia', (id) => {
  const { seen } = run(salt(['Na+', id]), [
    take(),
    add('HNO3'),
    add('AgNO3'),
    add('NH3', { molarity: 2, mL: 2 }),
    add('NH3', { molarity: 8, mL: 5 }),
  ]);
  agrees(
    { ...seen, ...(id === 'Cl-' ? { concAmmonia: 'dissolves' } : {}) },
    'halide-silver',
    [id],
    ['diluteAmmonia', 'concAmmonia'],
  );
});
test.each(allMetals.map((m) => m.id))('%s in dilute acid', (metal) => {
  for (const molarity of [0.4, 1, 2]) {
    const { after } = run({ kind: 'metal', metal, clean: true }, [
      take(),
      add('HCl', { molarity, mL: 5 }),
      wait(180),
    ]);
    agrees(after[1]!.seen, 'metal-acid', [metal], ['effervescence']);
    agrees(after[2]!.seen, 'metal-acid', [metal], ['warms', 'residue']);
  }
});
test.each(allGases.map((g) => g.id).filter((id) => id !== 'H2O'))('a tube of %s', (gas) => {
  const damp = { damp: true };
  const tests = [
    ['lit-splint', hold('lit-splint')],
    ['glowing-splint', hold('glowing-splint')],
    ['damp-red-litmus', hold('red-litmus', damp)],
    ['damp-blue-litmus', hold('blue-litmus', damp)],
    ['hcl-rod', hold('hcl-rod')],
    ['acidified-manganate', hold('manganate-paper')],
  ] as const;
  for (const [id, action] of tests) {
    const { seen } = run({ kind: 'gas', gas }, [take(), action]);
    agrees(seen, id, [gas], ['splint', 'litmus', 'fumes', 'solution']);
  }
});
