import { describe, expect, test } from '@jest/globals';
import { allMetals } from '../species/species.js';
import { pieces } from '../gas-making/facts.js';
import { gasAdviceFor } from './gas-advice.js';
import { emptyPractical, type PlannedTest, type Practical, type PracticalSample } from './practical.js';
import { shippedPracticals } from './shipped/shipped-practicals.js';

const sample = (ions: readonly string[], more: Partial<PracticalSample>): PracticalSample => ({
  key: 'a',
  role: 'unknown',
  ions,
  form: 'metal',
  difficulty: 2,
  ...more,
});
const said = (tests: readonly PlannedTest[], ...samples: PracticalSample[]): string[] =>
  gasAdviceFor({ ...emptyPractical('gases'), tests, samples } satisfies Practical).map((a) => a.text);
const metalAcid = (strengths?: Record<string, number>): PlannedTest => ({
  test: 'metal-acid',
  variant: 'usual',
  attributes: ['effervescence'],
  ...(strengths ? { strengths } : {}),
});
const splint: PlannedTest = { test: 'lit-splint', variant: 'usual', attributes: ['splint'] };
const acid: PlannedTest = {
  test: 'dilute-acid',
  variant: 'hydrochloric',
  attributes: ['effervescence', 'limewater'],
};

describe('gas enough, and not too hot', () => {
  test('a piece of magnesium in 3 cm3 of 1 mol/dm3 acid pops and stays below 60 °C', () =>
    expect(said([metalAcid(), splint], sample(['Mg'], {}))).toEqual([]));
  test('acid too weak gives too little to pop; without the splint nobody listens', () => {
    expect(said([metalAcid({ HCl: 0.2 }), splint], sample(['Mg'], {}))[0]).toMatch(
      /about 7 cm³ of hydrogen, too little to pop/,
    );
    expect(said([metalAcid({ HCl: 0.2 })], sample(['Mg'], {}))).toEqual([]);
  });
  test('aluminium in strong acid is too hot to hold', () =>
    expect(said([metalAcid({ HCl: 2 })], sample(['Al'], {}))[0]).toMatch(/hotter than a hand bears/));
  test('copper and lead give no hydrogen, so nothing is said of them', () =>
    expect(said([metalAcid({ HCl: 0.1 }), splint], sample(['Cu'], {}), sample(['Pb'], { key: 'b' }))).toEqual(
      [],
    ));
  test('a carbonate too weak leaves limewater clear; a spatula of the solid does not', () => {
    expect(said([acid], sample(['Na+', 'CO3^2-'], { form: 'solution', molarity: 0.1 }))[0]).toMatch(
      /limewater will stay clear/,
    );
    expect(said([acid], sample(['Na+', 'CO3^2-'], { form: 'solid' }))).toEqual([]);
    expect(
      said(
        [{ ...acid, attributes: ['effervescence'] }],
        sample(['Na+', 'CO3^2-'], { form: 'solution', molarity: 0.1 }),
      ),
    ).toEqual([]);
  });
  test('every metal has its piece, and every practical that ships gas enough', () => {
    for (const { id } of allMetals) expect(pieces[id as keyof typeof pieces].mass_g).toBeGreaterThan(0);
    for (const practical of shippedPracticals)
      expect([practical.title, gasAdviceFor(practical)]).toEqual([practical.title, []]);
  });
});
