import { describe, expect, test } from '@jest/globals';
import { sources } from '../sources/sources.js';
import { hazardAt, reagentOf, reagents } from './reagents.js';

describe('the hazard of a reagent goes by its strength', () => {
  test.each(reagents.map((r) => [r.id, r] as const))(
    '%s: bands fall, cover every strength and carry a source',
    (_, r) => {
      expect(r.bands.length).toBeGreaterThan(0);
      const starts = r.bands.map((b) => b.from_M);
      expect(starts).toEqual([...new Set(starts)].sort((a, b) => b - a));
      expect(starts.at(-1)).toBe(0);
      const order = ['low', 'care', 'danger'];
      const levels = r.bands.map((b) => order.indexOf(b.level));
      expect(levels).toEqual([...levels].sort((a, b) => b - a));
      for (const band of r.bands) {
        expect(band.words).toMatch(/\.$/);
        for (const statement of band.statements) expect(statement).toMatch(/^(EUH|H)\d{3}/);
        if (band.level === 'danger') expect(band.statements.length).toBeGreaterThan(0);
      }
      expect(sources).toHaveProperty([r.source]);
    },
  );
  test.each<[Parameters<typeof hazardAt>[0], number | null, string]>([
    ['NaOH', 0.1, 'low'],
    ['NaOH', 0.4, 'care'],
    ['NaOH', 1, 'danger'],
    ['HCl', 1, 'low'],
    ['HCl', 12, 'danger'],
    ['H2SO4', 18, 'danger'],
    ['AgNO3', 0.05, 'low'],
    ['water', null, 'low'],
  ])('%s at %s mol/dm3: %s', (id, molarity, level) => expect(hazardAt(id, molarity).level).toBe(level));
  test('a strength on the limit counts as above it', () => {
    const naoh = reagentOf('NaOH').bands[0]!;
    expect(hazardAt('NaOH', naoh.from_M)).toBe(naoh);
    expect(hazardAt('NaOH', naoh.from_M * 0.999)).not.toBe(naoh);
  });
  test('what is pure or of unknown strength is taken at its strongest', () =>
    expect(hazardAt('H2SO4', null)).toBe(reagentOf('H2SO4').bands[0]));
  test('a reagent that is not kept is told', () => expect(() => reagentOf('HF')).toThrow(/HF/));
});
