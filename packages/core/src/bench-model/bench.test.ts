import { describe, expect, test } from '@jest/globals';
import { ScreenBench } from './bench.js';
import { add, hold, clean, dip, flame, run, salt, take, wait } from './trials/bench-runs.js';

describe('the bench on screen', () => {
  const calcium = salt(['Ca2+', 'Cl-']);
  test('counts drops as drops: twenty of them are a cm3', () => {
    const { bench } = run(calcium, [take({ drops: 20 }), add('NaOH', { drops: 10 })]);
    expect(bench.views()[0]!.liquid!.mL).toBeCloseTo(1.5, 6);
  });
  test('the same actions from the same seed are the same; the seed decides what spits', () => {
    const actions = [clean, dip(), flame({ seconds: 1 }), dip(), flame({ seconds: 1 })];
    const once = (seed: number) => JSON.stringify(run(calcium, actions, { seed }).after);
    expect(once(4)).toBe(once(4));
    expect(new Set([1, 2, 3, 4, 5, 6].map(once)).size).toBeGreaterThan(1);
  });
  test('nothing is lost in pouring over, and filtering keeps the solid back', () => {
    const mixed = [take({ into: 'tube' }), add('NaOH', { molarity: 1, mL: 1 })];
    const half = run(calcium, [...mixed, { do: 'pour', from: 'tube', to: 'other', mL: 1 }]).bench.views();
    const solid = (v: (typeof half)[number]) => v.solids.find((s) => s.formula === 'Ca(OH)2')!.mol_per_L;
    expect(half.map((v) => v.liquid!.mL)).toEqual([1, 1]);
    expect(solid(half[0]!)).toBeCloseTo(solid(half[1]!), 6);
    const filtered = run(calcium, [...mixed, { do: 'filter', from: 'tube', to: 'clear' }]);
    expect(filtered.seen['precipitate']).toBe('none');
  });
  test('acid used up ends the fizzing, and more acid starts it again', () => {
    const marble = salt(['Ca2+', 'CO3^2-'], 'solid');
    const { after } = run(marble, [
      take({ g: 1 }),
      add('HCl', { mL: 2 }),
      wait(300),
      add('HCl', { molarity: 2, mL: 2 }),
    ]);
    expect(after.map((a) => a.seen['effervescence'])).toEqual([undefined, 'vigorous', 'none', 'vigorous']);
  });
  test('as much gas as the amounts say: 0.02 g of magnesium give 20 cm3 of hydrogen in all', () => {
    const { bench } = run({ kind: 'metal', metal: 'Mg', clean: true }, [
      take(),
      { do: 'connect', to: 'flask', over: 'water' },
      add('HCl', { to: 'tube', molarity: 2, mL: 10 }),
      wait(600),
    ]);
    const [tube, flask] = bench.views();
    const hydrogen = (tube!.gases['H2'] ?? 0) + (flask!.gases['H2'] ?? 0);
    expect(hydrogen).toBeGreaterThan(18);
    expect(hydrogen).toBeLessThan(23);
  });
  test('silver chloride darkens, iron(II) hydroxide browns, each in its time', () => {
    expect(
      run(salt(['Na+', 'Cl-']), [take(), add('HNO3'), add('AgNO3'), wait(600)]).after.at(-1)!.text,
    ).toMatch(/grey-violet/);
    const iron = run(salt(['Fe2+', 'SO4^2-']), [take(), add('NaOH', { drops: 10 }), wait(30), wait(300)]);
    expect(iron.after.map((a) => a.seen['standing'])).toEqual([undefined, undefined, undefined, 'browns']);
  });
  test('barium is green first and then not; the course is told moment by moment', () => {
    const { after } = run(salt(['Ba2+', 'Cl-']), [clean, dip(), flame({ seconds: 12 })]);
    const names = after[2]!.flame!.moments.map((m) => m.name);
    expect([names[0], names.at(-1)]).toEqual(['apple-green', 'yellow']);
  });
  test('tells in words what is seen', () => {
    expect(run(salt(['Cu2+', 'SO4^2-']), [take(), add('NaOH', { drops: 10 })]).after[1]!.text).toMatch(
      /blue precipitate/,
    );
  });
});

describe('what cannot be done is told', () => {
  const bench = () => new ScreenBench({ samples: { sample: salt(['Na+', 'Cl-']) } });
  test.each([
    ['a vessel that is not there', { do: 'shake', vessel: 'tube9' }, /no vessel "tube9"/],
    ['more than the tube holds', { do: 'take', mL: 30 }, /room for 20\.0 cm3/],
    ['a sample nobody set out', { do: 'take', sample: 'other' }, /no sample "other"/],
    ['two measures at once', { do: 'take', mL: 1, drops: 3 }, /one of mL, drops or g/],
    ['a reagent that is none', { do: 'add', reagent: 'milk' }, /milk/],
    ['nothing on the bench', { do: 'look' }, /nothing stands on the bench/],
    ['a splint to be cleaned', { do: 'clean', tool: 'splint' }, /splint is not cleaned/],
  ] as const)('%s', (_, action, says) => {
    expect(() => bench().act(action)).toThrow(says);
  });
  test('what failed has left nothing behind: no vessel, no slip, no time', () => {
    const { bench: one } = run(salt(['Na+', 'CO3^2-']), [take({ into: 'tube' }), add('water', { mL: 18.5 })]);
    const stands = () => JSON.stringify([one.views(), one.afterwards(), one.clock_s]);
    const before = stands();
    expect(() => one.act(add('AgNO3', { mL: 5 }))).toThrow(/has room/);
    expect(() => one.act(take({ into: 'tube 2', mL: 40 }))).toThrow(/has room/);
    expect(stands()).toBe(before);
    expect(() => one.act({ do: 'shake', vessel: 'tube 2' })).toThrow(/no vessel "tube 2"/);
  });
  test('a sample whose charges do not balance', () => {
    expect(
      () => new ScreenBench({ samples: { odd: { kind: 'ions', ions: { 'Na+': 1 }, form: 'solution' } } }),
    ).toThrow(/do not balance/);
  });
});

describe('gas over water', () => {
  const collected = (...more: Parameters<typeof run>[1][number][]) =>
    run({ kind: 'metal', metal: 'Mg', clean: true }, [
      take({ into: 'flask' }),
      add('HCl', { to: 'flask', molarity: 1, mL: 5 }),
      { do: 'connect', from: 'flask', to: 'jar', over: 'water' },
      ...more,
    ]);
  const jar = (done: ReturnType<typeof run>) => done.bench.views().find((v) => v.vessel === 'jar')!;
  test('pushes the water out bit by bit, and says how far', () => {
    const shares = [0, 5, 20, 120].map((seconds) => jar(collected(wait(seconds))));
    expect(shares[0]).toMatchObject({ mouthDown: true, text: expect.stringMatching(/Full of water/) });
    for (let i = 1; i < shares.length; i += 1)
      expect(shares[i]!.filled!).toBeGreaterThanOrEqual(shares[i - 1]!.filled!);
    expect(shares[3]!.filled).toBeGreaterThan(0.95);
    expect(collected(wait(5)).after.at(-1)!.vessel).toMatchObject({ leadsTo: 'jar', ledOver: 'water' });
  });
  test('is tested out of the trough, mouth up', () => {
    const done = collected(wait(120), hold('lit-splint', { at: 'jar' }));
    expect(done.seen['splint']).toBe('squeaky-pop');
    expect(jar(done)).toMatchObject({ mouthDown: false, filled: null });
  });
  test('is not collected in a vessel that holds a liquid', () => {
    expect(() =>
      run({ kind: 'metal', metal: 'Mg', clean: true }, [
        take({ into: 'flask' }),
        add('limewater', { to: 'jar' }),
        { do: 'connect', from: 'flask', to: 'jar', over: 'water' },
      ]),
    ).toThrow(/jar holds a liquid already; collect over water in an empty vessel/);
  });
});

describe('through the blue glass', () => {
  const sodium = (...before: Parameters<typeof run>[1][number][]) =>
    run(salt(['Na+', 'Cl-']), [...before, flame({ glass: true })]).seen['throughBlueGlass'];
  test.each<[string, Parameters<typeof run>[1]]>([
    ['one dip', [clean, dip()]],
    ['a dip on a wire not cleaned', [dip()]],
    ['dip upon dip', [clean, dip(), flame(), dip(), flame(), dip()]],
    ['touched with a finger too', [clean, { do: 'touch' }, dip()]],
  ])('sodium is not seen: %s', (_, before) => {
    expect(sodium(...before)).toBe('none');
  });
  test('potassium is, under sodium that hides it from the bare eye', () => {
    const done = run(salt(['K+', 'Cl-']), [dip(), flame(), dip(), flame({ glass: true })]);
    expect([done.after[1]!.seen['colour'], done.seen['throughBlueGlass']]).toEqual(['yellow', 'crimson']);
  });
});
