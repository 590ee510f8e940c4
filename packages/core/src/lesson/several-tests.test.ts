import { describe, expect, test } from '@jest/globals';
import { shippedPracticals } from '../practicals/shipped/shipped-practicals.js';
import { knownsOf, type Practical } from '../practicals/practical.js';
import { markTap } from '../marking/mark-tap.js';
import { expectationOf } from '../identification-tests/expectation.js';
import { allTests } from '../identification-tests/tests.js';
import { namings } from '../insight/namings.js';
import { lessonMarks, markedOf, type MarkedSample } from './lesson-marks.js';
import { readGroup, type LessonEvent, type ObservationBody } from './record.js';
import { named, saw as entered } from './trials/made-up-log.js';

const shipped = (title: RegExp) => shippedPracticals.find((p) => title.test(p.title))!;
const hydroxides = shipped(/Hydroxide/);
const saw = (sample: string, test: string, seen: ObservationBody['seen'], words?: string) =>
  entered(sample, test, seen, words ? { words } : {});
const jar = (ions: string[], form: MarkedSample['form'] = 'solution'): MarkedSample => ({
  id: 'jar',
  role: 'unknown',
  ions,
  form,
});
const marks = (practical: Practical, sample: MarkedSample, ...events: LessonEvent[]) =>
  Object.fromEntries(
    lessonMarks(practical, [sample], readGroup(events), 'ada').map((m) => [
      m.key,
      m.verdict === 'review' ? 'review' : m.points,
    ]),
  );

describe('a practical of several tests', () => {
  const aluminium = jar(['Al3+', 'SO4^2-']);
  test('marks each thing looked at, then the name', () => {
    expect(
      marks(
        hydroxides,
        aluminium,
        saw('jar', 'naoh', { precipitate: 'white', excess: 'dissolves' }),
        saw('jar', 'flame', { colour: 'none' }),
        named('jar', 'aluminium'),
      ),
    ).toEqual({
      'observation:jar': 1,
      'observation:jar:naoh:excess': 1,
      'observation:jar:flame:colour': 1,
      'naming:jar': 1,
    });
  });
  test('carries the name forward from what all tests together showed', () => {
    const seen = marks(
      hydroxides,
      aluminium,
      saw('jar', 'naoh', { precipitate: 'white', excess: 'insoluble' }),
      saw('jar', 'flame', { colour: 'none' }),
      named('jar', 'magnesium'),
    );
    expect(seen).toMatchObject({ 'observation:jar:naoh:excess': 0, 'naming:jar': 1 });
    const flameTells = marks(
      hydroxides,
      aluminium,
      saw('jar', 'naoh', { precipitate: 'white', excess: 'insoluble' }),
      saw('jar', 'flame', { colour: 'orange-red' }),
      named('jar', 'magnesium'),
    );
    expect(flameTells['naming:jar']).toBe(0);
  });
  test('words that say nothing of one attribute leave its tap to stand; words that differ go to a person', () => {
    const tapped = { precipitate: 'white', excess: 'dissolves' };
    expect(marks(hydroxides, aluminium, saw('jar', 'naoh', tapped, 'it went white'))).toMatchObject({
      'observation:jar': 1,
      'observation:jar:naoh:excess': 1,
    });
    expect(
      marks(hydroxides, aluminium, saw('jar', 'naoh', tapped, 'blue precipitate'))['observation:jar'],
    ).toBe('review');
  });
  test('a blank and what a test says nothing of are no items', () => {
    expect(markedOf(hydroxides, { id: 'b', role: 'known', ions: [], form: 'solution' })).toEqual([]);
    const metals = shipped(/Metals and dilute acid/);
    const [magnesium] = knownsOf(metals);
    expect(
      markedOf(metals, { id: 'm', role: 'known', ions: magnesium!.ions, form: 'metal' }).map((i) => i.test),
    ).toEqual(['metal-acid', 'metal-acid', 'metal-acid']);
  });
  test.each<[RegExp, MarkedSample, string, string]>([
    [/Which anion/, jar(['K+', 'SO4^2-']), 'sulfate', 'chloride'],
    [/full unknown/, jar(['Cu2+', 'Cl-']), 'copper(II) chloride', 'copper(II) sulfate'],
    [/Four gases/, jar(['O2'], 'gas'), 'oxygen', 'hydrogen'],
    [/Metals and dilute acid/, jar(['Zn'], 'metal'), 'zinc', 'iron'],
  ])('%s: the part asked for is what is named', (title, sample, right, wrong) => {
    expect(marks(shipped(title), sample, named('jar', right))['naming:jar']).toBe(1);
    expect(marks(shipped(title), sample, named('jar', wrong))['naming:jar']).toBe(0);
    expect(marks(shipped(title), sample, named('jar', ''))['naming:jar']).toBe(0);
  });
});

describe('what was named for what', () => {
  test.each([
    ['anion', ['K+', 'SO4^2-'], 'potassium sulfate', 'SO4^2-', 'SO4^2-'],
    ['gas', ['CO2'], 'carbon dioxide', 'CO2', 'CO2'],
    ['metal', ['Zn'], 'magnesium', 'Zn', 'Mg'],
    ['salt', ['Cu2+', 'Cl-'], 'iron(III) chloride', 'Cu2+', 'Fe3+'],
  ] as const)('is counted by the %s', (asks, ions, answer, truth, taken) =>
    expect(namings([named('jar', answer)], [{ id: 'jar', ions }], asks)).toEqual([
      { truth, named: taken, n: 1 },
    ]),
  );
});

describe('a tap', () => {
  const cases = allTests.flatMap((t) =>
    t.outcomes.flatMap((o) =>
      t.attributes
        .filter((a) => !a.number && a.reads !== 'flame-colour' && a.reads !== 'glass-colour')
        .map((a) => ({ t, o, a })),
    ),
  );
  test('on what a sample shows earns, on what it cannot show does not, in every test and attribute', () => {
    for (const { t, o, a } of cases) {
      const expected = expectationOf(t.id, [o.of], { form: o.form })[a.id] ?? [];
      const item = {
        kind: 'observation',
        test: t.id,
        sample: [o.of],
        attribute: a.id,
        ...(o.form ? { form: o.form } : {}),
      } as const;
      for (const { id } of a.values) {
        if (!expected.length) continue;
        const earns = expected.includes(id) && !a.neutral?.includes(id);
        expect([t.id, o.of, a.id, id, markTap(item, id).points]).toEqual([
          t.id,
          o.of,
          a.id,
          id,
          Number(earns),
        ]);
      }
    }
  });
  test('of a number counts within what the thermometer can tell', () => {
    const item = {
      kind: 'observation',
      test: 'boiling-point',
      sample: ['H2O'],
      attribute: 'celsius',
    } as const;
    expect([markTap(item, '100').points, markTap(item, '99.5').points, markTap(item, '78').points]).toEqual([
      1, 1, 0,
    ]);
  });
});
