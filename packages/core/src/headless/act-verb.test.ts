import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { actExamples } from '../bench-model/act-examples.js';
import { actionShapes, actSchema } from '../bench-model/act-schema.js';
import { answerLine, verbs } from './verbs.js';

interface Answer {
  readonly error?: string;
  readonly after?: readonly {
    readonly at: number;
    readonly do: string;
    readonly seen: Record<string, string>;
  }[];
  readonly slips?: readonly { readonly code: string; readonly at: number; readonly mend: string }[];
}
const act = (line: object): Answer =>
  JSON.parse(answerLine(verbs['act']!, JSON.stringify({ id: 1, ...line })).text) as Answer;
const carbonate = ['Na+', 'CO3^2-'];

describe('the verb act', () => {
  test('answers one entry an action, and the slips with the action that made them', () => {
    const { after, slips } = act({
      sample: carbonate,
      actions: [{ do: 'take' }, { do: 'add', reagent: 'AgNO3' }],
    });
    expect(after!.map((a) => [a.at, a.do])).toEqual([
      [0, 'take'],
      [1, 'add'],
    ]);
    expect(after![1]!.seen).toMatchObject({ precipitate: 'yellow', effervescence: 'none' });
    expect(slips).toMatchObject([
      { code: 'no-acid-first', at: 1, mend: expect.stringMatching(/acid first/) },
    ]);
  });
  test.each<[object, RegExp]>([
    [{ actions: [] }, /sample must be an object/],
    [{ sample: ['Na+'], actions: [] }, /Na\+ is no salt/],
    [{ sample: { gas: 'Xe' }, actions: [] }, /sample.gas is "Xe"/],
    [{ sample: { metal: 'Au' }, actions: [] }, /sample.metal is "Au"/],
    [{ sample: { ions: { 'Na+': 1 } }, actions: [] }, /do not balance/],
    [{ sample: { ions: carbonate, form: 'paste' }, actions: [] }, /sample.form must be one of/],
    [{ sample: carbonate, actions: {} }, /actions must be a list/],
    [{ sample: carbonate, actions: [{ do: 'juggle' }] }, /actions\[0\].do is "juggle"; it may be take, add/],
    [{ sample: carbonate, actions: [{ do: 'add' }] }, /actions\[0\].reagent is missing for add/],
    [{ sample: carbonate, actions: [{ do: 'take', cups: 2 }] }, /actions\[0\] has an unknown key "cups"/],
    [
      { sample: carbonate, actions: [{ do: 'take', mL: -1 }] },
      /actions\[0\].mL is -1; it runs from 0 to 100/,
    ],
    [
      { sample: carbonate, actions: [{ do: 'hold', what: 'a candle' }] },
      /actions\[0\].what must be one of lit-splint/,
    ],
    [
      { sample: carbonate, actions: [{ do: 'take' }, { do: 'shake', vessel: 'b' }] },
      /actions\[1\]: there is no vessel "b"/,
    ],
    [
      { sample: carbonate, bottles: { HCl: { sour: true } }, actions: [] },
      /bottles.HCl has an unknown key "sour"/,
    ],
    [{ sample: carbonate, seed: 1.5, actions: [] }, /seed is 1.5/],
    [{ sample: carbonate, goggles: 'yes', actions: [] }, /goggles must be true or false/],
  ])('says what is wrong and where: %j', (line, says) => {
    expect(act(line).error).toMatch(says);
  });
  test('samples by name, old and swapped bottles, and jars with traces', () => {
    const traces = act({
      sample: ['Na+', 'NO3-'],
      bottles: { HNO3: { traces: { 'Na+': 0.05, 'Cl-': 0.05 } } },
      actions: [{ do: 'take' }, { do: 'add', reagent: 'HNO3' }, { do: 'add', reagent: 'AgNO3' }],
    });
    expect(traces.after![2]!.seen['precipitate']).toBe('white');
    const named = act({
      sample: carbonate,
      more: { B: ['Cu2+', 'SO4^2-'] },
      actions: [{ do: 'take', sample: 'B' }],
    });
    expect(named.after![0]!.seen['colour']).toBe('blue');
  });
});

describe('the published schema', () => {
  test('names every action once, with what it needs', () => {
    const { oneOf } = actSchema.properties.actions.items;
    expect(oneOf.map((a) => a.properties.do.const)).toEqual(Object.keys(actionShapes));
    for (const { required, properties } of oneOf)
      for (const key of required) expect(Object.keys(properties)).toContain(key);
  });
  test('what is seen, and every slip and hazard, is in the words it names', () => {
    const { properties } = actSchema.$defs.answer.properties.after.items.properties.seen;
    const known = properties as Record<string, { enum?: string[] }>;
    const slips = actSchema.$defs.answer.properties.slips.items.properties.code.oneOf.map((c) => c.const);
    const salts = [carbonate, ['Zn2+', 'Cl-'], ['Fe2+', 'SO4^2-'], ['NH4+', 'I-'], ['Mg'], ['Cl2'], ['SO2']];
    const things = actionShapes['hold']!.fields['what']!.enum!;
    for (const sample of salts)
      for (const reagent of ['HCl', 'NaOH', 'AgNO3', 'chlorine-water', 'limewater', 'water']) {
        const { after, slips: made } = act({
          sample,
          actions: [
            { do: 'clean' },
            { do: 'take' },
            { do: 'add', reagent, toExcess: true },
            { do: 'shake' },
            { do: 'wait', seconds: 90 },
            ...things.map((what) => ({ do: 'hold', what, damp: true })),
            ...(sample.length > 1 ? [{ do: 'dip' }, { do: 'flame', glass: true }, { do: 'flame' }] : []),
          ],
        });
        for (const { seen } of after!)
          for (const [id, value] of Object.entries(seen)) {
            expect(Object.keys(known)).toContain(id);
            if (known[id]!.enum)
              expect({ id, of: known[id]!.enum }).toEqual({ id, of: expect.arrayContaining([value]) });
          }
        for (const { code } of made!) expect(slips).toContain(code);
      }
  });
  test('its examples are answered', () => {
    for (const line of actExamples) expect(act(line).error).toBeUndefined();
  });
  test('its examples show what their names say', () => {
    const last = (i: number) => act(actExamples[i]!).after!.at(-1)!.seen;
    expect(actExamples.map((_, i) => last(i))).toMatchObject([
      { throughBlueGlass: 'crimson' },
      { precipitate: 'white', excess: 'dissolves' },
      { limewater: 'cloudy' },
      { splint: 'squeaky-pop' },
      { ring: 'none' },
      { precipitate: 'white', effervescence: 'none' },
    ]);
  });
  test('whatever it allows is answered: with what is seen, or with a sentence', () => {
    const value = (field: (typeof actionShapes)[string]['fields'][string]) =>
      field.enum
        ? fc.constantFrom(...field.enum)
        : field.type === 'boolean'
          ? fc.boolean()
          : field.type === 'string'
            ? fc.constantFrom(
                'tube',
                'well1',
                'lime',
                'wire',
                'sample',
                'NaOH',
                'HCl',
                'AgNO3',
                'limewater',
                'hexane',
                'KMnO4',
              )
            : fc.double({ min: 0, max: Math.min(20, field.maximum ?? 20), noNaN: true });
    const action = fc.constantFrom(...Object.entries(actionShapes)).chain(([name, { fields, required }]) =>
      fc
        .record(Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, value(field)])), {
          requiredKeys: [...(required ?? [])],
        })
        .map((rest) => ({ ...rest, do: name })),
    );
    const sample = fc.constantFrom<unknown>(
      carbonate,
      ['Fe2+', 'SO4^2-'],
      { metal: 'Zn' },
      { gas: 'Cl2' },
      { ions: ['Ca2+', 'CO3^2-'], form: 'lumps' },
    );
    fc.assert(
      fc.property(sample, fc.array(action, { maxLength: 12 }), (s, actions) => {
        const { error, after } = act({ sample: s, actions });
        if (error !== undefined) expect(error).toMatch(/^actions\[\d+\]: .{10,}/);
        else expect(after).toHaveLength(actions.length);
      }),
      { numRuns: 400 },
    );
  });
});
