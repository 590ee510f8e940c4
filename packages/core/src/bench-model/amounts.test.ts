import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Component } from '../equilibrium/components.js';
import { bubbleThrough, fill, leak } from './gas-space.js';
import { bring, extract, mix } from './mixing.js';
import { cleanWire, flameAt, holdInFlame, newTool, shows } from './in-the-flame.js';
import { hold } from './at-the-mouth.js';
import { pass } from './passing.js';
import { bottleOf } from './shelf.js';
import { add, run, salt, take } from './trials/bench-runs.js';
import { newVessel, shareOf, spaceOf, type Vessel } from './vessel.js';

const tube = (mL = 2): Vessel => {
  const v = newVessel('t', 'tube');
  v.mL = mL;
  return v;
};
const pour = (v: Vessel, bottle: string, M: number, mL: number) => {
  const { parts, extras } = bottleOf(bottle);
  v.mL += mL;
  bring(v, parts, extras, (M * mL) / 1000);
};
/** Carbon wherever it is: in the liquid, in bubbles, in the space above, by mol. */
const carbon = (v: Vessel, out = 0) =>
  (v.moles.get('CO3^2-') ?? 0) +
  (v.pool.get('CO2') ?? 0) +
  v.pieces.reduce((sum, p) => sum + p.mol * (p.parts['CO3^2-'] ?? 0), 0) +
  ((v.space.get('CO2') ?? 0) + out) / 24055;

describe('nothing is made and nothing lost', () => {
  test('carbonate and acid: the carbon is in the liquid, in bubbles, above it or gone through the mouth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        (salt, acid) => {
          const v = tube(0);
          pour(v, 'Na2CO3', salt, 1);
          const before = carbon(v);
          pour(v, 'HCl', acid, 1);
          v.closed = true;
          mix(v);
          expect(carbon(v)).toBeCloseTo(before, 9);
        },
      ),
      { numRuns: 60 },
    );
  });
  test('metals stay what they are: what pours over is what was there', () => {
    const v = tube(0);
    pour(v, 'AgNO3', 0.1, 1);
    pour(v, 'NaCl', 0.1, 1);
    mix(v);
    const inAll = (c: Component) => v.moles.get(c) ?? 0;
    expect(inAll('Ag+')).toBeCloseTo(1e-4, 12);
    expect(v.state!.solids.get('AgCl')!).toBeGreaterThan(0.04);
  });
  test('halogens: chlorine takes its two from iodide, and the layer takes the iodine up', () => {
    const v = tube(0);
    pour(v, 'KI', 0.1, 1);
    pour(v, 'chlorine-water', 0.05, 1);
    v.layer_mL = 1;
    mix(v);
    expect(v.extras.get('Cl2') ?? 0).toBeCloseTo(0, 12);
    expect(v.extras.get('I2')!).toBeCloseTo(5e-5, 9);
    expect(v.moles.get('Cl-')!).toBeCloseTo(1e-4, 9);
    extract(v);
    expect(v.layer.get('I2')! + v.extras.get('I2')!).toBeCloseTo(5e-5, 9);
    expect(v.layer.get('I2')!).toBeGreaterThan(20 * v.extras.get('I2')!);
  });
  test('manganate takes iron(II) five to one, and its purple goes', () => {
    const v = tube(0);
    pour(v, 'FeSO4', 0.1, 1);
    pour(v, 'H2SO4', 1, 1);
    pour(v, 'KMnO4', 0.01, 1);
    mix(v);
    expect(v.extras.get('MnO4-') ?? 0).toBeCloseTo(0, 12);
    expect(v.moles.get('Fe3+')!).toBeCloseTo(5e-5, 9);
    expect(v.moles.get('Fe2+')!).toBeCloseTo(5e-5, 9);
  });
});

describe('the space above a liquid', () => {
  test('air goes out before the gas does; when much has come it is nearly all gas', () => {
    const v = tube();
    const { out } = fill(v, new Map([['CO2', 2]]));
    expect(out.get('CO2')!).toBeLessThan(0.3);
    fill(v, new Map([['CO2', 100]]));
    expect(shareOf(v, 'CO2')).toBeGreaterThan(0.98);
    expect(v.space.get('CO2')!).toBeLessThanOrEqual(spaceOf(v) + 1e-9);
  });
  test('a light gas leaves an open tube sooner than a heavy one; mouth down it is the other way; closed nothing goes', () => {
    const left = (gas: string, change: Partial<Vessel> = {}) => {
      const v = Object.assign(tube(), change);
      v.space.set(gas, 10);
      leak(v, 60);
      return v.space.get(gas)!;
    };
    expect(left('H2')).toBeLessThan(left('CO2'));
    expect(left('H2', { mouthDown: true })).toBeGreaterThan(left('CO2', { mouthDown: true }));
    expect(left('H2', { closed: true })).toBe(10);
  });
  test('limewater counts what it takes up; water takes ammonia nearly whole', () => {
    const lime = tube(2);
    lime.limewater_mol = 4e-5;
    bubbleThrough(lime, new Map([['CO2', 1]]));
    expect(lime.taken_mol).toBeCloseTo(0.3 / 24055, 9);
    const water = tube(5);
    bubbleThrough(water, new Map([['NH3', 10]]));
    expect((water.moles.get('NH3') ?? 0) * 24055).toBeGreaterThan(9);
    expect(water.space.get('NH3') ?? 0).toBeLessThan(0.5);
  });
});

describe('time', () => {
  test('runs the same in one wait as in many', () => {
    const once = tube(0);
    const often = tube(0);
    for (const v of [once, often]) {
      pour(v, 'Na2CO3', 0.2, 1);
      pour(v, 'HCl', 1, 1);
      mix(v);
    }
    pass(once, 30, 'none', undefined);
    for (let i = 0; i < 30; i += 1) pass(often, 1, 'none', undefined);
    expect(often.pool.get('CO2') ?? 0).toBeCloseTo(once.pool.get('CO2') ?? 0, 7);
    expect(often.space.get('CO2')!).toBeCloseTo(once.space.get('CO2')!, 0);
  });
  test('warms towards the bath and cools towards the room', () => {
    const v = tube(3);
    pass(v, 60, 'bath', undefined);
    expect(v.celsius).toBeGreaterThan(70);
    pass(v, 2000, 'none', undefined);
    expect(v.celsius).toBeLessThan(21);
    pass(v, 600, 'flame', undefined);
    expect(v.celsius).toBe(100);
  });
});

describe('a wire', () => {
  test('carries sodium until it is clean; each dip in strong acid leaves a hundredth', () => {
    const wire = newTool('w', 'wire', 'dry');
    expect(shows(wire.load)).toBe(true);
    const before = wire.load['Na+']!;
    cleanWire(wire, { strong: true, carries: {} }, 1, true);
    expect(wire.load['Na+']!).toBeCloseTo(before / 100, 9);
    cleanWire(wire, { strong: true, carries: {} }, 2, true);
    expect([shows(wire.load), wire.clean]).toEqual([false, true]);
  });
  test('weak acid, or none, hardly cleans it', () => {
    for (const acid of [{ strong: false, carries: {} }, undefined]) {
      const wire = newTool('w', 'wire', 'dry');
      cleanWire(wire, acid, 3, true);
      expect(wire.clean).toBe(false);
    }
  });
  test('in the flame its colour goes with the seconds, which add up', () => {
    const burner = { airHoleOpen: true, fallen: {} };
    const wire = { ...newTool('w', 'wire', 'dry'), load: { 'Ba2+': 1 } };
    expect(holdInFlame(burner, wire, 1, 'inner-cone-tip', false).now.name).toBe('apple-green');
    const later = holdInFlame(burner, wire, 9, 'inner-cone-tip', false);
    expect(later.now.name).toBe('yellow');
    expect(later.moments.map((m) => m.at_s)).toEqual([0.3, 1, 2, 3, 5, 8, 9]);
    expect(wire.inFlame_s).toBe(10);
  });
  test('low in the flame hardly anything shows; a closed air hole hides all', () => {
    const wire = { ...newTool('w', 'wire', 'dry'), load: { 'K+': 1 } };
    const at = (place: 'base' | 'edge', airHoleOpen = true) =>
      flameAt({ airHoleOpen, fallen: {} }, wire, 0, place, false).name;
    expect([at('edge'), at('base'), at('edge', false)]).toEqual(['lilac', 'none', 'yellow']);
  });
});

describe('what is held at the mouth', () => {
  const of = (gas: string, share: number): Vessel => {
    const v = tube();
    v.space.set(gas, share * spaceOf(v));
    return v;
  };
  test('hydrogen: nothing, a weak puff, a pop, as there is more of it; it is used up', () => {
    const pop = (share: number) => hold(of('H2', share), 'lit-splint', 'inside', true);
    expect([pop(0.01), pop(0.06), pop(0.5)].map((h) => [h.seen['splint'], h.bang])).toEqual([
      ['no-change', undefined],
      ['no-change', 'weak'],
      ['squeaky-pop', 'loud'],
    ]);
    const v = of('H2', 0.5);
    hold(v, 'lit-splint', 'inside', true);
    expect(hold(v, 'lit-splint', 'inside', true).seen['splint']).toBe('no-change');
  });
  test('each gas has its paper, and the papers of others stay', () => {
    const seen = (gas: string, what: Parameters<typeof hold>[1], damp = true) =>
      Object.values(hold(of(gas, 0.4), what, 'mouth', damp).seen)[0];
    expect(seen('SO2', 'manganate-paper')).toBe('colourless');
    expect(seen('CO2', 'manganate-paper')).toBe('purple');
    expect(seen('Cl2', 'starch-iodide-paper')).toBe('blue-black');
    expect(seen('Cl2', 'starch-iodide-paper', false)).toBe('white');
    expect(seen('HCl', 'ammonia-rod')).toBe('white');
    expect(seen('N2', 'ammonia-rod')).toBe('none');
    expect(seen('CO2', 'limewater-drop')).toBe('cloudy');
    expect(seen('NH3', 'nose')).toBe('pungent');
    expect(seen('O2', 'nose')).toBe('none');
  });
  test('water turns cobalt paper and copper sulfate, hexane does not', () => {
    const water = tube(2);
    expect(hold(water, 'cobalt-chloride-paper', 'liquid', false).seen['colour']).toBe('pink');
    expect(hold(water, 'anhydrous-copper-sulfate', 'liquid', false).seen['colour']).toBe('blue');
    expect(hold(newVessel('e', 'tube'), 'anhydrous-copper-sulfate', 'liquid', false).seen['colour']).toBe(
      'white',
    );
  });
  test('acid on the rim reddens blue litmus, and the slip is told', () => {
    const v = tube(0);
    pour(v, 'HCl', 1, 2);
    mix(v);
    expect(hold(v, 'blue-litmus', 'rim', true)).toMatchObject({
      seen: { litmus: 'red' },
      slips: ['litmus-on-rim'],
    });
  });
});

describe('salts that water alone makes sour', () => {
  test.each([
    [['Fe3+', 'SO4^2-'], 0.1],
    [['Fe3+', 'SO4^2-'], 1],
    [['Fe3+', 'Cl-'], 0.1],
    [['Al3+', 'SO4^2-'], 1],
  ] as const)('%j stands clear in its jar, at %d mol/dm³', (ions, molarity) => {
    const view = run(salt(ions, 'solution', molarity), [take()]);
    expect(view.seen['precipitate'] ?? 'none').toBe('none');
    expect(view.after[0]!.text).not.toMatch(/precipitate/);
  });
  test.each([
    [['Al3+', 'Cl-'], 1, 'white'],
    [['Al3+', 'SO4^2-'], 3, 'white'],
    [['Fe3+', 'Cl-'], 3, 'brown'],
    [['Fe3+', 'SO4^2-'], 2, 'brown'],
  ] as const)('%j shows what %d drops of alkali make of it', (ions, drops, colour) => {
    const { seen, slips } = run(salt(ions), [take(), add('NaOH', { drops })]);
    expect(seen['precipitate']).toBe(colour);
    expect(slips).not.toContain('too-dilute');
  });
  test('barium chloride in acid shows the sulfate of iron(III) sulfate alone', () => {
    const { seen } = run(salt(['Fe3+', 'SO4^2-']), [
      take(),
      add('HCl', { molarity: 1, drops: 10 }),
      add('BaCl2', { drops: 5 }),
    ]);
    expect(seen['precipitate']).toBe('white');
  });
});
