import { describe, expect, test } from '@jest/globals';
import { sources } from '../sources/sources.js';
import { allCations, allMetals, ionOf } from '../species/species.js';
import { actionShapes } from './act-schema.js';
import { heldThings } from './at-the-mouth.js';
import { liquidLook, solidColour, solidPigment } from './liquid-colour.js';
import { mix } from './mixing.js';
import * as rates from './rates.js';
import { flameLoad, partsOfIons, sampleOfSpecies } from './samples.js';
import { bottleOf, shelf } from './shelf.js';
import { slipFacts } from './slips.js';
import { capacity_mL, holdsGas, newVessel, shareOf, spaceOf, vesselKinds } from './vessel.js';

/** Every figure in a table, however deep it lies. */
function figuresIn(value: unknown): { value: number; unit: string; source: string; unsure?: string }[] {
  if (typeof value !== 'object' || value === null) return [];
  if ('value' in value && 'unit' in value) return [value as never];
  return Object.values(value).flatMap(figuresIn);
}

describe('the rates of the bench', () => {
  const figures = Object.values(rates).flatMap(figuresIn);
  test('each carry a source there is, and say where they are estimates', () => {
    expect(figures.length).toBeGreaterThan(40);
    for (const { source, unit, value } of figures) {
      expect(Object.keys(sources)).toContain(source);
      expect(unit).not.toBe('');
      expect(value).toBeGreaterThanOrEqual(0);
    }
    expect(figures.filter((f) => f.source === 'school-practice' && !f.unsure)).toEqual([]);
  });
  test('know every metal, and put them in the order a class sees', () => {
    expect(Object.keys(rates.metalRate).sort()).toEqual(allMetals.map((m) => m.id).sort());
    const of = (id: keyof typeof rates.metalRate) => rates.metalRate[id].value;
    expect([
      of('Ca') > of('Mg'),
      of('Mg') > of('Zn'),
      of('Zn') > of('Fe'),
      of('Fe') > of('Pb'),
      of('Cu'),
    ]).toEqual([true, true, true, true, 0]);
  });
  test('call bubbles slow, steady, vigorous in that order', () => {
    const { slow, steady, vigorous } = rates.bubbling;
    expect(slow.value < steady.value && steady.value < vigorous.value).toBe(true);
  });
  test('barium and calcium fade first of the flames, and alone leave orange', () => {
    const orange = Object.entries(rates.flameCourse).flatMap(([ion, c]) => (c.leavesOrange ? [ion] : []));
    expect(orange.sort()).toEqual(['Ba2+', 'Ca2+']);
    for (const ion of ['Na+', 'K+', 'Li+', 'Cu2+'])
      expect(rates.flameCourse[ion]!.fades_s).toBeGreaterThan(rates.flameCourse['Ba2+']!.fades_s);
  });
});

describe('the shelf', () => {
  test('every bottle is found by its id, its name and its other names, however they are written', () => {
    for (const bottle of shelf)
      for (const name of [bottle.id, bottle.name, ...bottle.also])
        expect(bottleOf(`  ${name.toUpperCase()} `).id).toBe(bottle.id);
  });
  test('any salt, acid or base the model knows may be asked for; what it does not know is told', () => {
    expect(bottleOf('Na2CO3')).toMatchObject({
      id: 'Na2CO3',
      usual_M: 0.1,
      parts: { 'Na+': 2, 'CO3^2-': 1 },
    });
    expect(() => bottleOf('C6H12O6')).toThrow(/C6H12O6/);
    expect(() => bottleOf('milk')).toThrow(/not a formula/);
  });
  test('what goes off says why, and holds less of itself', () => {
    const gone = shelf.filter((b) => b.old);
    expect(gone.map((b) => b.id).sort()).toEqual(['FeSO4', 'H2O2', 'chlorine-water', 'limewater']);
    for (const { old } of gone) expect(old!.why.length).toBeGreaterThan(10);
  });
  test('no bottle has other parts than its charges allow', () => {
    const charge = (parts: Readonly<Record<string, number>>) =>
      Object.entries(parts).reduce((sum, [c, n]) => sum + n * (c === 'NH3' ? 0 : ionOf(c).charge), 0);
    for (const bottle of shelf.filter(
      (b) => !b.extras && !b.layer && !b.metal && !b.catalyst && b.id !== 'tap-water',
    ))
      expect([bottle.id, Math.abs(charge(bottle.parts as never)) < 1e-9]).toEqual([bottle.id, true]);
  });
});

describe('a jar’s contents', () => {
  test('a salt by its ions, a gas, a metal; what is none of them is told', () => {
    expect(sampleOfSpecies(['Al3+', 'SO4^2-'])).toEqual({
      kind: 'ions',
      ions: { 'Al3+': 0.2, 'SO4^2-': expect.closeTo(0.3, 9) },
      form: 'solution',
    });
    expect(sampleOfSpecies(['CO2'])).toEqual({ kind: 'gas', gas: 'CO2' });
    expect(sampleOfSpecies(['Zn'])).toEqual({ kind: 'metal', metal: 'Zn', clean: true });
    expect(() => sampleOfSpecies(['Na+', 'K+'])).toThrow(/no salt, gas or metal/);
  });
  test('amounts that cannot be are told by the ion', () => {
    expect(() => partsOfIons({ 'Na+': -1, 'Cl-': -1 })).toThrow(/Na\+ is -1/);
    expect(() => partsOfIons({ 'Na+': Number.NaN, 'Cl-': 1 })).toThrow(/Na\+/);
    expect(() => partsOfIons({ 'Xx+': 1, 'Cl-': 1 })).toThrow(/no ion/);
    expect(() => partsOfIons({ 'Na+': 1 })).toThrow(/do not balance/);
    expect(partsOfIons({ 'Na+': 0.2, 'S2O3^2-': 0.1 })).toEqual({
      parts: { 'Na+': 0.2 },
      extras: { 'S2O3^2-': 0.1 },
    });
  });
  test('a flame is coloured by the share of each cation; a thin solution less than crystals', () => {
    expect(flameLoad(sampleOfSpecies(['K+', 'Cl-'], 'solid', 1))).toEqual({ 'K+': 1 });
    expect(flameLoad(sampleOfSpecies(['K+', 'Cl-'], 'solution', 0.01))).toEqual({
      'K+': expect.closeTo(0.1, 9),
    });
    expect(flameLoad(sampleOfSpecies(['O2']))).toEqual({});
    const mixed = { kind: 'ions', ions: { 'K+': 0.99, 'Na+': 0.01, 'Cl-': 1 }, form: 'solid' } as const;
    expect(flameLoad(mixed)).toEqual({ 'K+': expect.closeTo(0.99, 9), 'Na+': expect.closeTo(0.01, 9) });
  });
});

describe('colours', () => {
  /** A tube with so much of a cation’s chloride or nitrate in it. */
  const tube = (id: string, M: number) => {
    const v = newVessel('t', 'tube');
    const sample = sampleOfSpecies([id, id === 'Ag+' || id === 'Pb2+' ? 'NO3-' : 'Cl-'], 'solution', M);
    const { parts } = partsOfIons(sample.kind === 'ions' ? sample.ions : {});
    v.mL = 1;
    for (const [c, n] of Object.entries(parts)) v.moles.set(c as never, n / 1000);
    mix(v);
    return v;
  };
  test('deepen with the strength and are named at bench strength', () => {
    const brightness = (srgb: string) =>
      [1, 3, 5].reduce((sum, i) => sum + parseInt(srgb.slice(i, i + 2), 16), 0);
    for (const [id, name] of [
      ['Cu2+', 'blue'],
      ['Co2+', 'pink'],
      ['Ni2+', 'green'],
      ['Cr3+', 'green'],
      ['Fe2+', 'pale-green'],
    ] as const) {
      expect(liquidLook(tube(id, 0.1)).name).toBe(name);
      expect(brightness(liquidLook(tube(id, 0.2)).srgb)).toBeLessThan(
        brightness(liquidLook(tube(id, 0.02)).srgb),
      );
      expect(liquidLook(tube(id, 0.0001)).name).toBe('colourless');
    }
    for (const { id } of allCations.filter((c) =>
      ['Na+', 'K+', 'Mg2+', 'Zn2+', 'Al3+', 'Ag+', 'Pb2+'].includes(c.id),
    ))
      expect(liquidLook(tube(id, 0.1)).name).toBe('colourless');
  });
  test('starch and iodine, thiocyanate and iron(III), manganate: each its own', () => {
    const with_ = (extras: Record<string, number>, id = 'Na+') => {
      const v = tube(id, 0.05);
      for (const [e, mol] of Object.entries(extras)) v.extras.set(e as never, mol);
      return liquidLook(v).name;
    };
    expect(with_({ I2: 1e-5 })).toBe('brown');
    expect(with_({ I2: 1e-6, starch: 1e-6 })).toBe('blue-black');
    expect(with_({ 'MnO4-': 1e-6 })).toBe('purple');
    expect(with_({ 'SCN-': 1e-5 }, 'Fe3+')).toBe('red');
  });
  test('every solid has a pigment', () => {
    for (const formula of ['AgCl', 'AgBr', 'AgI', 'Cu(OH)2', 'Fe(OH)3', 'CuCO3'])
      expect(solidPigment[solidColour(formula)]).toMatch(/^#[0-9a-f]{6}$/);
  });
});

describe('vessels', () => {
  test.each(vesselKinds)('a %s has room for gas only where it holds gas', (kind) => {
    const v = newVessel('v', kind);
    v.space.set('CO2', capacity_mL[kind] / 2);
    expect(spaceOf(v)).toBeGreaterThan(0);
    expect(shareOf(v, 'CO2') > 0).toBe(holdsGas.includes(kind));
  });
  test('over water the share is of what was led in, not of the jar', () => {
    const v = newVessel('jar', 'jar');
    v.overWater = true;
    v.space.set('H2', 1);
    v.space.set('air', 1);
    expect(shareOf(v, 'H2')).toBeCloseTo(0.5, 9);
  });
});

test('every slip says what it is and what to do, in whole sentences', () => {
  for (const { text, mend } of Object.values(slipFacts))
    for (const said of [text, mend]) expect(said).toMatch(/^[A-Z].*[.]$/s);
});
test('everything that may be held and done has its place in the schema', () => {
  expect(actionShapes['hold']!.fields['what']!.enum).toEqual(heldThings);
  for (const [name, { what, fields, required }] of Object.entries(actionShapes)) {
    expect([name, what.endsWith('.')]).toEqual([name, true]);
    for (const key of required ?? []) expect(Object.keys(fields)).toContain(key);
    for (const field of Object.values(fields)) expect(field.description.length).toBeGreaterThan(2);
  }
});
