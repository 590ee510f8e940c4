import { describe, expect, test } from '@jest/globals';
import { acidBelow, add, clean, dip, flame, hold, run, salt, take, wait } from './trials/bench-runs.js';

const chloride = (cation: string) => salt([cation, 'Cl-']);
const cupboard = { fumeCupboard: true };
const sodium = (anion: string) => salt(['Na+', anion]);

describe('a slip at the flame', () => {
  test.each(['K+', 'Li+', 'Ba2+', 'Sr2+', 'Cu2+'])('a wire not cleaned masks %s with yellow', (cation) => {
    const { seen, slips } = run(chloride(cation), [dip(), flame()]);
    expect([seen['colour'], slips]).toEqual(['yellow', ['wire-not-clean']]);
  });
  test('the blue glass shows potassium through sodium', () => {
    expect(run(chloride('K+'), [dip(), flame({ glass: true })]).seen).toEqual({
      throughBlueGlass: 'crimson',
    });
  });
  test('a wire cleaned in fresh concentrated acid shows the sample alone; burnt off without acid it does not', () => {
    expect(run(chloride('K+'), [clean, dip(), flame()]).seen['colour']).toBe('lilac');
    expect(run(chloride('K+'), [{ do: 'clean', acid: 'none' }, dip(), flame()]).seen['colour']).toBe(
      'yellow',
    );
    expect(run(chloride('K+'), [{ do: 'clean', times: 1 }, dip(), flame()]).seen['colour']).toBe('yellow');
  });
  test('touched, wetted from the tap, or on a glass rod: sodium again', () => {
    const potassium = chloride('K+');
    for (const actions of [
      [clean, { do: 'touch' } as const, dip(), flame()],
      [dip({ kind: 'splint', tool: 'splint', water: 'tap' }), flame()],
      [dip({ kind: 'glass-rod', tool: 'glass-rod' }), flame()],
    ]) {
      const { seen, slips } = run(potassium, actions);
      expect(seen['colour']).toBe('yellow');
      expect(slips).toContain('sodium-about');
    }
  });
  test('acid used again carries what was washed off over', () => {
    const samples = { magnesium: chloride('Mg2+') };
    const work = (fresh: boolean) =>
      run(chloride('Li+'), [clean, dip(), clean, { do: 'clean', fresh }, dip({ in: 'magnesium' }), flame()], {
        samples,
      });
    expect([work(true).seen['colour'], work(true).slips]).toEqual(['none', []]);
    expect(work(false).seen['colour']).toBe('crimson');
    expect(work(false).slips).toContain('acid-reused');
  });
  test('a dirty wire in the stock spoils it for whoever comes after', () => {
    const { seen, slips } = run(chloride('K+'), [
      dip({ tool: 'wire-a', from: 'stock' }),
      { do: 'clean', tool: 'wire-b' },
      dip({ tool: 'wire-b' }),
      flame({ tool: 'wire-b' }),
    ]);
    expect([seen['colour'], slips[0]]).toEqual(['yellow', 'wire-in-stock']);
  });
  test('air hole closed: luminous yellow, whatever is in it', () => {
    const { seen, slips } = run(chloride('Cu2+'), [clean, { do: 'air-hole', open: false }, dip(), flame()]);
    expect([seen['colour'], slips]).toEqual(['yellow', ['air-hole-closed']]);
  });
  test('a splint shows its salt first and then its own burning; dry it burns at once', () => {
    const { after, slips } = run(chloride('Cu2+'), [
      dip({ tool: 'splint' }),
      flame(),
      flame({ seconds: 12 }),
    ]);
    expect(after.map((a) => a.seen['colour'])).toEqual([undefined, 'blue-green', 'yellow']);
    expect(after[2]!.flame!.words).toMatch(/yellow|orange/);
    expect(slips).toEqual(['wood-burns']);
    expect(
      run(chloride('Ba2+'), [dip({ tool: 'splint', wetness: 'dry' }), flame({ seconds: 3 })]).slips,
    ).toContain('wood-burns');
  });
  test.each(['Ba2+', 'Ca2+'])('%s read late is orange', (cation) => {
    const { after, slips } = run(chloride(cation), [clean, dip(), flame(), flame({ seconds: 9 })]);
    expect(after[2]!.seen['colour']).toBe(cation === 'Ba2+' ? 'apple-green' : 'orange-red');
    expect(after[3]!.flame!.words).toBe('orange');
    expect(slips).toEqual(['read-late']);
  });
  test('salt in the burner colours the flames after it until it is cleaned', () => {
    const { after } = run(
      chloride('Cu2+'),
      [{ do: 'spill-in-burner' }, clean, dip({ in: 'magnesium' }), flame(), { do: 'clean-burner' }, flame()],
      { samples: { magnesium: chloride('Mg2+') } },
    );
    expect([after[3]!.seen['colour'], after[5]!.seen['colour']]).toEqual(['blue-green', 'none']);
  });
  test('the burner by itself: blue, coloured by what fell in, yellow with the air hole closed', () => {
    const copper = chloride('Cu2+');
    expect(run(copper, [flame()]).seen['colour']).toBe('none');
    expect(run(copper, [{ do: 'spill-in-burner' }, flame()]).seen['colour']).toBe('blue-green');
    expect(run(copper, [flame()], { airHoleOpen: false }).seen['colour']).toBe('yellow');
  });
  test('low in the flame there is next to nothing', () => {
    expect(run(chloride('Ca2+'), [clean, dip(), flame({ where: 'base' })]).slips).toEqual([
      'not-in-the-hot-part',
    ]);
  });
});

test('the same sample taken up again is no dirty wire; another is', () => {
  const more = { samples: { other: chloride('Mg2+') } };
  expect(run(chloride('K+'), [clean, dip(), flame(), dip(), flame({ glass: true })]).slips).toEqual([]);
  expect(run(chloride('K+'), [clean, dip(), flame(), dip({ in: 'other' })], more).slips).toEqual([
    'wire-not-clean',
  ]);
});
test('where sodium lies about, a clean wire has it again with the next dip', () => {
  expect(run(chloride('K+'), [clean, dip(), flame()], { sodiumAbout: true }).seen['colour']).toBe('yellow');
});
test('what a wire carried into the stock colours it for others', () => {
  const { seen } = run(
    chloride('Li+'),
    [
      clean,
      dip(),
      dip({ in: 'magnesium', from: 'stock' }),
      { do: 'clean', tool: 'wire-b' },
      dip({ tool: 'wire-b', in: 'magnesium' }),
      flame({ tool: 'wire-b' }),
    ],
    { samples: { magnesium: chloride('Mg2+') } },
  );
  expect(seen['colour']).toBe('crimson');
});

describe('a slip with precipitates', () => {
  test.each(['CO3^2-', 'SO3^2-', 'PO4^3-', 'OH-'])('no acid before silver nitrate: %s gives one', (anion) => {
    const without = run(sodium(anion), [take(), add('AgNO3')]);
    expect(without.seen['precipitate']).not.toBe('none');
    expect(without.slips).toEqual(['no-acid-first']);
    const first = run(sodium(anion), [take(), add('HNO3', { mL: 2 }), wait(30), add('AgNO3')], cupboard);
    expect([first.seen['precipitate'], first.slips]).toEqual(['none', []]);
  });
  test.each(['CO3^2-', 'SO3^2-', 'PO4^3-'])('no acid before barium chloride: %s gives one', (anion) => {
    expect(run(sodium(anion), [take(), add('BaCl2')]).seen['precipitate']).toBe('white');
    const first = run(sodium(anion), [take(), add('HCl', { mL: 2 }), wait(30), add('BaCl2')], cupboard);
    expect([first.seen['precipitate'], first.slips]).toEqual(['none', []]);
  });
  test.each([
    ['HCl', 'AgNO3'],
    ['H2SO4', 'BaCl2'],
    ['H2SO4', 'Ba(NO3)2'],
  ])('%s before %s is always white', (acid, reagent) => {
    const { seen, slips } = run(sodium('NO3-'), [take(), add(acid), add(reagent)]);
    expect([seen['precipitate'], slips]).toEqual(['white', ['wrong-acid']]);
  });
  test('hydrochloric acid makes lead and silver look like sulfate', () => {
    expect(run(salt(['Ag+', 'NO3-']), [take(), add('HCl'), add('BaCl2')]).seen['precipitate']).toBe('white');
  });
  test.each(['Al3+', 'Zn2+'])('%s not taken to excess stays white, and dissolves when it is', (cation) => {
    const few = run(chloride(cation), [take(), add('NaOH', { drops: 6 })]);
    expect([few.seen['precipitate'], few.seen['excess'], few.slips]).toEqual([
      'white',
      undefined,
      ['no-excess'],
    ]);
    const excess = run(chloride(cation), [
      take(),
      add('NaOH', { drops: 6 }),
      add('NaOH', { molarity: 4, toExcess: true }),
    ]);
    expect([excess.seen['precipitate'], excess.seen['excess'], excess.slips]).toEqual([
      'white',
      'dissolves',
      [],
    ]);
  });
  test('bench alkali does not dissolve zinc hydroxide however much of it', () => {
    expect(
      run(chloride('Zn2+'), [take(), add('NaOH', { drops: 6 }), add('NaOH', { mL: 3 })]).seen['excess'],
    ).toBe('insoluble');
  });
  test('poured to excess at once, what came and went is told', () => {
    expect(run(chloride('Al3+'), [take(), add('NaOH', { molarity: 4, toExcess: true })]).seen).toMatchObject({
      precipitate: 'white',
      excess: 'dissolves',
    });
  });
  test('too dilute: it forms and is not seen', () => {
    const { seen, slips } = run(salt(['Mg2+', 'Cl-'], 'solution', 0.0002), [
      take(),
      add('NaOH', { molarity: 1 }),
    ]);
    expect([seen['precipitate'], slips]).toEqual(['none', ['too-dilute']]);
  });
});

describe('a slip with gases', () => {
  const pop = (acid: string) =>
    run({ kind: 'metal', metal: 'Mg', clean: true }, [
      take(),
      add(acid, { molarity: 1, mL: 5 }),
      wait(10),
      hold('lit-splint'),
    ]);
  test('nitric acid in place of hydrochloric: no pop to speak of', () => {
    expect(pop('HCl').seen['splint']).toBe('squeaky-pop');
    expect(pop('H2SO4').seen['splint']).toBe('squeaky-pop');
    expect([pop('HNO3').seen['splint'], pop('HNO3').slips[0]]).toEqual(['no-change', 'nitric-for-hydrogen']);
    expect(pop('HNO3').after[1]!.seen['effervescence']).toBe('slow');
  });
  test('sulfuric acid on marble fizzes and dies; hydrochloric goes on', () => {
    const marble = salt(['Ca2+', 'CO3^2-'], 'lumps');
    const fizz = (acid: string) =>
      run(marble, [take({ g: 1 }), add(acid, { molarity: 1, mL: 5 }), wait(60)]).after.map(
        (a) => a.seen['effervescence'],
      );
    expect(fizz('H2SO4')).toEqual([undefined, 'slow', 'none']);
    expect(fizz('HCl')).toEqual([undefined, 'steady', 'steady']);
    expect(run(marble, [take(), add('H2SO4')]).slips).toEqual(['sulfuric-on-marble']);
  });
  test('the wrong splint shows nothing clear', () => {
    const oxygen = run({ kind: 'gas', gas: 'O2' }, [take(), hold('lit-splint'), hold('glowing-splint')]);
    expect(oxygen.after.map((a) => a.seen['splint'])).toEqual([undefined, 'brighter', 'relights']);
    const hydrogen = run({ kind: 'gas', gas: 'H2' }, [take(), hold('glowing-splint'), hold('lit-splint')]);
    expect(hydrogen.after.map((a) => a.seen['splint'])).toEqual([undefined, 'no-change', 'squeaky-pop']);
    expect([oxygen.slips, hydrogen.slips]).toEqual([['wrong-splint'], ['wrong-splint']]);
  });
  test.each([
    ['NH3', 'red-litmus', 'blue'],
    ['Cl2', 'red-litmus', 'bleached'],
    ['Cl2', 'blue-litmus', 'red-then-bleached'],
  ] as const)('dry litmus in %s does not change', (gas, paper, damp) => {
    const { after, slips } = run({ kind: 'gas', gas }, [take(), hold(paper), hold(paper, { damp: true })]);
    expect([after[1]!.seen['litmus'], after[2]!.seen['litmus'], slips]).toEqual([
      'no-change',
      damp,
      ['litmus-dry'],
    ]);
  });
  test('litmus on the wet rim turns blue of the alkali itself', () => {
    const { after, slips } = run(sodium('Cl-'), [
      take(),
      add('NaOH', { mL: 1 }),
      hold('red-litmus', { damp: true, where: 'rim' }),
      hold('red-litmus', { damp: true }),
    ]);
    expect([after[2]!.seen['litmus'], after[3]!.seen['litmus'], slips]).toEqual([
      'blue',
      'no-change',
      ['litmus-on-rim'],
    ]);
  });
  const limewater = (fresh: boolean, sample = sodium('CO3^2-')) =>
    run(sample, [
      add('limewater', { to: 'limewater', fresh }),
      take({ into: 'tube' }),
      add('HCl', { to: 'tube', mL: 1 }),
      { do: 'bubble', from: 'tube', to: 'limewater' },
    ]);
  test('old limewater, or too little gas, stays clear', () => {
    expect([limewater(true).seen['limewater'], limewater(true).slips]).toEqual(['cloudy', []]);
    expect([limewater(false).seen['limewater'], limewater(false).slips]).toEqual([
      'clear',
      ['limewater-old'],
    ]);
    const little = limewater(true, salt(['Na+', 'CO3^2-'], 'solution', 0.004));
    expect([little.seen['limewater'], little.slips]).toEqual(['clear', ['too-little-gas']]);
  });
  test('long excess of carbon dioxide clears limewater again', () => {
    const { after } = run({ kind: 'gas', gas: 'CO2' }, [
      add('limewater', { to: 'limewater' }),
      take({ into: 'tube' }),
      { do: 'draw-gas', from: 'tube', to: 'limewater', times: 2 },
      { do: 'draw-gas', from: 'tube', to: 'limewater', times: 20 },
    ]);
    expect(after.slice(2).map((a) => a.seen['limewater'])).toEqual(['cloudy', 'cloudy-then-clear']);
  });
  test('a tube that cools with its delivery tube in the liquid sucks it back', () => {
    const { slips, bench } = run(salt(['NH4+', 'Cl-']), [
      add('water', { to: 'water', mL: 5 }),
      take({ into: 'tube' }),
      add('NaOH', { to: 'tube', mL: 1 }),
      { do: 'connect', from: 'tube', to: 'water' },
      { do: 'warm', vessel: 'tube' },
      wait(300),
    ]);
    expect(slips).toContain('sucked-back');
    expect(bench.views().find((v) => v.vessel === 'tube')!.liquid!.mL).toBeGreaterThan(3);
  });
  test('oxygen collected over water relights a glowing splint, once the air is out', () => {
    const collected = (seconds: number) =>
      run(sodium('Cl-'), [
        add('H2O2', { to: 'flask', mL: 20 }),
        { do: 'connect', from: 'flask', to: 'jar', over: 'water' },
        add('MnO2', { to: 'flask' }),
        wait(seconds),
        hold('glowing-splint', { at: 'jar' }),
      ]).seen['splint'];
    expect([collected(3), collected(90)]).toEqual(['no-change', 'relights']);
  });
  test('a bung on a tube that fizzes flies', () => {
    const { slips, after } = run({ kind: 'metal', metal: 'Mg', clean: true }, [
      take(),
      add('HCl', { molarity: 2, mL: 5 }),
      { do: 'stopper', with: 'bung' },
      wait(60),
    ]);
    expect(slips).toContain('gas-shut-in');
    expect(after[3]!.hazards.map((h) => h.code)).toContain('spits');
  });
});

describe('a slip with the ring', () => {
  const nitrate = salt(['K+', 'NO3-']);
  const iron = add('FeSO4', { mL: 2 });
  test('fresh iron(II) sulfate and acid let down the side: brown; by either order', () => {
    expect(run(nitrate, [take(), iron, acidBelow]).seen['ring']).toBe('brown');
    expect(
      run(nitrate, [take(), acidBelow, { do: 'cool' }, add('FeSO4', { mL: 2, how: 'down-the-side' })]).seen[
        'ring'
      ],
    ).toBe('brown');
    expect(run(salt(['K+', 'Cl-']), [take(), iron, acidBelow]).seen['ring']).toBe('none');
  });
  test('old iron(II) sulfate: none', () => {
    const { seen, slips } = run(nitrate, [take(), add('FeSO4', { mL: 2, fresh: false }), acidBelow]);
    expect([seen['ring'], slips]).toEqual(['none', ['iron-sulfate-old']]);
  });
  test.each([
    ['shaken', [iron, acidBelow, { do: 'shake' } as const]],
    ['warmed', [iron, acidBelow, { do: 'warm' } as const]],
    ['acid poured fast', [iron, add('H2SO4', { molarity: 18, mL: 1, how: 'at-once' })]],
  ])('%s: lost', (_, actions) => {
    const { seen, slips } = run(nitrate, [take(), ...actions]);
    expect(seen['ring']).toBe('none');
    expect(slips).toContain('ring-disturbed');
  });
  test('left alone it fades', () => {
    expect(run(nitrate, [take(), iron, acidBelow, wait(60)]).seen['ring']).toBe('brown');
    expect(run(nitrate, [take(), iron, acidBelow, wait(3600)]).seen['ring']).toBe('none');
  });
});

describe('bottles', () => {
  test('acid and limewater swapped: no fizz, a white cloud, and “limewater” that stays clear', () => {
    const { after, slips } = run(
      sodium('CO3^2-'),
      [
        add('limewater', { to: 'limewater' }),
        take({ into: 'tube' }),
        add('HCl', { to: 'tube', mL: 2 }),
        { do: 'bubble', from: 'tube', to: 'limewater' },
      ],
      { bottles: { HCl: { holds: 'limewater' }, limewater: { holds: 'HCl' } } },
    );
    expect(after[2]!.seen).toMatchObject({ effervescence: 'none', precipitate: 'white' });
    expect(after[3]!.seen['limewater']).toBe('clear');
    expect(slips).toContain('bottles-swapped');
  });
  test('a dropper that touched, or what was put back, spoils the bottle for the rest of the session', () => {
    const washed = { do: 'wash', vessel: 'tube' } as const;
    const clear = run(sodium('NO3-'), [take({ into: 'tube' }), add('HNO3'), add('AgNO3')]);
    expect(clear.seen['precipitate']).toBe('none');
    const { seen, slips } = run(
      sodium('Cl-'),
      [
        take({ into: 'tube' }),
        { do: 'return', from: 'tube', bottle: 'HNO3' },
        washed,
        take({ sample: 'nitrate', into: 'tube' }),
        add('HNO3', { mL: 2 }),
        add('AgNO3'),
      ],
      { samples: { nitrate: sodium('NO3-') } },
    );
    expect([seen['precipitate'], slips[0]]).toEqual(['white', 'bottle-contaminated']);
  });
  test('eyes, fumes, flames: told with the act that made them', () => {
    expect(
      run(sodium('Cl-'), [take(), add('NaOH', { molarity: 4 })], { goggles: false }).after[1]!.hazards.map(
        (h) => h.code,
      ),
    ).toContain('no-goggles');
    expect(run(sodium('Cl-'), [take(), add('NaOH', { molarity: 4 })]).slips).toEqual([]);
    const fumes = [take(), add('HCl', { molarity: 12, mL: 1 })];
    expect(run(sodium('Cl-'), fumes).slips).toContain('no-fume-cupboard');
    expect(run(sodium('Cl-'), fumes, { fumeCupboard: true }).slips).toEqual([]);
    expect(run(sodium('I-'), [take(), add('hexane'), { do: 'warm', in: 'flame' }]).slips).toContain(
      'near-a-flame',
    );
  });
  test('waste, labels and a layer not shaken are told at the end', () => {
    const silver = [take(), add('HNO3'), add('AgNO3')];
    expect(run(sodium('Cl-'), [...silver, { do: 'discard', to: 'sink' }]).slips).toEqual(['wrong-waste']);
    expect(run(sodium('Cl-'), [...silver, { do: 'discard', to: 'silver' }]).slips).toEqual([]);
    const samples = { other: sodium('Br-') };
    const two = [take({ into: 'tube1' }), take({ into: 'tube2', sample: 'other' })];
    expect(run(sodium('Cl-'), two, { samples }).slips).toEqual(['not-labelled']);
    const labels = ['tube1', 'tube2'].map((vessel) => ({ do: 'label', vessel, text: vessel }) as const);
    expect(run(sodium('Cl-'), [...two, ...labels], { samples }).slips).toEqual([]);
    expect(run(sodium('I-'), [take(), add('hexane')]).slips).toEqual(['not-shaken']);
  });
});
