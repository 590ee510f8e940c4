import { describe, expect, test } from '@jest/globals';
import type { GasId } from '../species/substance.js';
import { acidBelow, add, run, salt, take } from './trials/bench-runs.js';

/** Amounts nobody says are what a class would use: the textbook result of the step follows from them. */
describe('acid, where nobody says how much', () => {
  const bases = ['CO3^2-', 'HCO3-', 'SO3^2-', 'PO4^3-'];
  test.each(
    bases.flatMap((anion) => [0.05, 0.1, 0.2].flatMap((M) => [1, 2].map((mL) => ({ anion, M, mL })))),
  )('leaves %j acid: neither silver nitrate nor barium chloride is misled', ({ anion, M, mL }) => {
    const sample = salt(['Na+', anion], 'solution', M);
    for (const [acid, reagent] of [
      ['HNO3', 'AgNO3'],
      ['HCl', 'BaCl2'],
    ] as const) {
      expect(run(sample, [take({ mL }), add(reagent)]).seen['precipitate']).not.toBe('none');
      const right = run(sample, [take({ mL }), add(acid), add(reagent)]);
      expect(right.seen['precipitate']).toBe('none');
      expect(right.slips).toEqual([]);
    }
  });
  test('makes a carbonate fizz, and is five drops where nothing takes it up', () => {
    const fizz = run(salt(['Na+', 'CO3^2-'], 'solution', 0.1), [take(), add('HCl')]);
    expect(fizz.seen['effervescence']).toBe('vigorous');
    const chloride = run(salt(['Na+', 'Cl-'], 'solution', 0.1), [take(), add('HNO3')]);
    expect(chloride.after.at(-1)!.vessel!.liquid!.mL).toBeCloseTo(1.25, 2);
  });
  test('is five cubic centimetres at most', () => {
    const strong = run(salt(['Na+', 'CO3^2-'], 'solution', 2), [take({ mL: 10 }), add('HCl')]);
    expect(strong.after.at(-1)!.vessel!.liquid!.mL).toBeCloseTo(15, 1);
  });
});

describe('an excess, where nobody says of what strength', () => {
  test.each(['Al3+', 'Zn2+', 'Pb2+', 'Cr3+'])('%s: the hydroxide dissolves in it', (id) => {
    for (const mL of [1, 4]) {
      const seen = run(salt([id, 'NO3-'], 'solution', 0.1), [
        take({ mL }),
        add('NaOH', { drops: 20 }),
        add('NaOH', { toExcess: true }),
      ]).seen;
      expect(seen['excess']).toBe('dissolves');
    }
  });
  test.each(['Mg2+', 'Ca2+', 'Cu2+', 'Fe2+', 'Fe3+'])('%s: the hydroxide stays', (id) => {
    const seen = run(salt([id, 'Cl-'], 'solution', 0.1), [
      take(),
      add('NaOH'),
      add('NaOH', { toExcess: true }),
    ]).seen;
    expect(seen['excess']).toBe('insoluble');
  });
  test.each([
    ['Zn2+', 'colourless'],
    ['Cu2+', 'deep-blue'],
    ['Ag+', 'colourless'],
  ])('%s dissolves in ammonia to a %s solution, and no fume cupboard is called for', (id, colour) => {
    const done = run(salt([id, 'NO3-'], 'solution', 0.1), [
      take(),
      add('NH3'),
      add('NH3', { toExcess: true }),
    ]);
    expect(done.seen).toMatchObject({ excess: 'dissolves', excessColour: colour });
    expect(done.slips).toEqual([]);
  });
  test('a strength that is said is kept to: 0.4 mol/dm³ leaves zinc hydroxide', () => {
    const seen = run(salt(['Zn2+', 'NO3-'], 'solution', 0.1), [
      take(),
      add('NaOH'),
      add('NaOH', { molarity: 0.4, toExcess: true }),
    ]).seen;
    expect(seen['excess']).toBe('insoluble');
  });
});

test('ammonia on what silver nitrate gave is enough for silver chloride, not for iodide', () => {
  const after = (halide: string) =>
    run(salt(['Na+', halide], 'solution', 0.1), [
      take(),
      add('HNO3'),
      add('AgNO3'),
      add('NH3', { molarity: 2 }),
    ]).seen;
  expect(after('Cl-')['diluteAmmonia']).toBe('dissolves');
  expect(after('I-')['diluteAmmonia']).toBe('insoluble');
});

describe('shaken, a liquid takes up the gas above it', () => {
  const jar = (gas: GasId, ...more: Parameters<typeof run>[1][number][]) =>
    run({ kind: 'gas', gas }, [take({ into: 'jar' }), add('limewater', { to: 'jar' }), ...more]).seen;
  test.each(['CO2', 'SO2'] as const)(
    'limewater in a jar of %s clouds when it is shaken, not before',
    (gas) => {
      expect(jar(gas)['limewater']).toBe('clear');
      expect(jar(gas, { do: 'shake', vessel: 'jar' })['limewater']).toBe('cloudy');
      expect(jar(gas, { do: 'shake', vessel: 'jar' }, { do: 'shake', vessel: 'jar' })['limewater']).toBe(
        'cloudy',
      );
    },
  );
  test.each(['O2', 'H2', 'N2', 'NH3'] as const)('limewater in a jar of %s stays clear', (gas) => {
    expect(jar(gas, { do: 'shake', vessel: 'jar' })['limewater']).toBe('clear');
  });
  test('water takes up ammonia: what is left above is less, and the water is alkaline', () => {
    const done = run({ kind: 'gas', gas: 'NH3' }, [take(), add('water', { mL: 2 }), { do: 'shake' }]);
    expect(done.after.at(-1)!.vessel!.liquid!.pH).toBeGreaterThan(10);
  });
});

test('a ring is looked for, and not there, where the acid is dilute', () => {
  const nitrate = salt(['K+', 'NO3-'], 'solution', 0.1);
  expect(run(nitrate, [take(), add('FeSO4', { mL: 2 }), add('H2SO4', { mL: 1 })]).seen['ring']).toBe('none');
  expect(run(nitrate, [take(), add('FeSO4', { mL: 2 }), acidBelow]).seen['ring']).toBe('brown');
  expect(run(nitrate, [take(), add('FeSO4', { mL: 2 })]).seen['ring']).toBeUndefined();
});

describe('alkali, where nobody says how much', () => {
  const metals = ['Al3+', 'Zn2+', 'Cr3+', 'Mn2+', 'Fe2+', 'Fe3+', 'Ni2+', 'Cu2+', 'Ag+', 'Pb2+'];
  test.each(metals)('%s: a precipitate is seen, weak or strong, of one or two cubic centimetres', (id) => {
    for (const M of [0.05, 0.1, 0.2, 0.5])
      for (const mL of [1, 2])
        for (const alkali of ['NaOH', 'NH3'])
          expect({
            M,
            mL,
            alkali,
            seen: run(salt([id, 'NO3-'], 'solution', M), [take({ mL }), add(alkali)]).seen['precipitate'],
          }).not.toMatchObject({ seen: 'none' });
  });
  test('what came on the way to an excess is told, though the drops before were too few to show it', () => {
    const seen = run(salt(['Al3+', 'NO3-']), [
      take({ mL: 2 }),
      add('NaOH', { drops: 1 }),
      add('NaOH', { toExcess: true }),
    ]).seen;
    expect(seen).toMatchObject({ precipitate: 'white', excess: 'dissolves' });
  });
  test('strontium and barium show none, on the way neither', () => {
    for (const id of ['Sr2+', 'Ba2+'])
      expect(
        run(salt([id, 'Cl-'], 'solution', 0.2), [take(), add('NaOH'), add('NaOH', { toExcess: true })]).seen,
      ).toMatchObject({ precipitate: 'none', excess: 'none' });
  });
});

test('ammonia tells nothing of a precipitate that was not there', () => {
  const seen = run(salt(['Na+', 'NO3-']), [take(), add('HNO3'), add('AgNO3'), add('NH3')]).seen;
  expect(Object.keys(seen)).not.toContain('diluteAmmonia');
});

describe('copper and iodide', () => {
  const spot = (...more: Parameters<typeof run>[1][number][]) =>
    run(salt(['Cu2+', 'Cl-']), [take({ into: 'well' }), add('KI', { to: 'well', drops: 5 }), ...more]);
  test('give a brown precipitate: white copper(I) iodide under iodine', () => {
    expect(spot().seen['precipitate']).toBe('brown');
    expect(
      run(salt(['Cu2+', 'Cl-']), [take({ into: 'well' }), add('KI', { to: 'well', drops: 1 })]).seen[
        'precipitate'
      ],
    ).not.toBe('none');
  });
  test('whose iodine sulfite takes away, and leaves it white', () => {
    const white = run(salt(['Cu2+', 'Cl-']), [
      take(),
      add('KI', { mL: 2 }),
      add('Na2SO3', { molarity: 0.1, mL: 2 }),
    ]);
    expect(white.seen['precipitate']).toBe('white');
  });
});
