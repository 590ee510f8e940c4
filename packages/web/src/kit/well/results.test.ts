import { describe, expect, test } from '@jest/globals';
import { allTests, type WellLook } from '@kivex/core';
import { dayAndTime, forInput, minutesSince } from '../moments.js';
import { darkPigments, pigments } from '../theme/pigments.js';
import { cellDrawing, cellLook, resultWords, shownResults } from './results.js';

describe('results as wells and words', () => {
  test('the naked eye comes first, the glass is named', () => {
    expect(resultWords('flame', { throughBlueGlass: 'crimson', colour: 'yellow' })).toBe(
      'yellow; through the glass: crimson',
    );
    expect(shownResults('flame', { throughBlueGlass: 'crimson' })).toMatchObject([
      { glass: true, word: 'crimson' },
    ]);
  });
  test('what is not a result of the test is not drawn', () => {
    expect(shownResults('flame', { colour: 'mauve', smell: 'bad' })).toEqual([]);
    expect(shownResults('no-such-test', { colour: 'red' })).toEqual([]);
  });
  test('a number is shown as it was read, with its unit in words', () => {
    expect(shownResults('boiling-point', { celsius: '99.5' })).toMatchObject([
      { look: { kind: 'number', text: '99.5' }, word: '99.5 °C' },
    ]);
    expect(resultWords('freezing-point', { celsius: '0' })).toBe('0 °C');
    expect(resultWords('boiling-point', {})).toBe('');
  });
  test('no two values of one attribute look alike: colour is never the only carrier', () => {
    const drawn = (look: WellLook): string => {
      if (look.kind === 'split') return `${drawn(look.before)}|${drawn(look.after)}`;
      return 'pattern' in look
        ? `${look.kind} ${look.pattern}`
        : look.kind === 'effervescence'
          ? look.rate
          : look.kind;
    };
    for (const { attributes } of allTests) {
      for (const { values } of attributes) {
        expect(new Set(values.map((v) => drawn(v.look))).size).toBe(values.length);
        expect(new Set(values.map((v) => v.label)).size).toBe(values.length);
      }
    }
  });
});

/** Relative luminance and contrast as WCAG 2.2 defines them. */
const luminance = (hex: string): number => {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (a: string, b: string): number => {
  const [hi, lo] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (hi + 0.05) / (lo + 0.05);
};

describe('the pigments', () => {
  test.each([
    ['daylight', pigments],
    ['prep room', darkPigments],
  ] as const)('%s: text keeps AA on the tile and on its own wash, ink AAA', (_, theme) => {
    expect(contrast(theme.ink.value, theme.porcelain.value)).toBeGreaterThan(7);
    for (const text of [theme.ink.soft, theme.ink.faint])
      expect(contrast(text, theme.porcelain.value)).toBeGreaterThan(4.5);
    for (const name of ['verdigris', 'permanganate', 'saffron', 'cinnabar'] as const) {
      expect(contrast(theme[name].value, theme.porcelain.value)).toBeGreaterThan(4.5);
      expect(contrast(theme[name].value, theme[name].wash)).toBeGreaterThan(4.5);
    }
  });
});

describe('times', () => {
  test('are local and in 24 hours', () => {
    const moment = new Date(2026, 2, 5, 14, 7);
    expect(dayAndTime(moment.toISOString())).toMatch(/Thu,? 5 Mar, 14:07/);
    expect(forInput(moment)).toBe('2026-03-05T14:07');
  });
  test('minutes since are whole and never negative', () => {
    const at = '2026-01-01T10:00:00Z';
    expect(minutesSince(at, Date.parse(at) + 119_000)).toBe(1);
    expect(minutesSince(at, Date.parse(at) - 5_000)).toBe(0);
  });
});

describe('one well of several things seen', () => {
  test('has the first and then the second side by side', () => {
    expect(cellLook('dilute-acid', { effervescence: 'vigorous', limewater: 'cloudy' }).look.kind).toBe(
      'split',
    );
    expect(cellLook('halide-silver', { precipitate: 'white' }).look.kind).toBe('precipitate');
  });
  test('is one where both look alike, and empty where nothing can be drawn', () => {
    const both = cellLook('ammonia-solution', { precipitate: 'none', excess: 'none' });
    expect(both.look).toEqual({ kind: 'nothing' });
    expect(cellLook('flame', {})).toEqual({ look: { kind: 'empty' }, glass: false });
  });
  test('words that nothing is read from are not as if nothing stood there', () => {
    const look = (body: object) =>
      cellDrawing({
        sample: 's',
        test: 'flame',
        state: 'logged',
        entry: { id: 'e', body: { type: 'observation', sample: 's', test: 'flame', seen: {}, ...body } },
        entries: [{}],
      } as never).look.kind;
    expect(look({ words: 'sort of swampy', read: true })).toBe('written');
    expect(look({ words: 'lilac', read: true, seen: { colour: 'lilac' } })).toBe('flame');
    expect(look({ words: ' ' })).toBe('empty');
    expect(look({ notDone: true, words: 'no gas left' })).toBe('empty');
  });
  test('a flame keeps its naked colour and says that it was seen through the glass too', () => {
    const flame = cellLook('flame', { colour: 'yellow', throughBlueGlass: 'crimson' });
    expect([flame.look.kind, flame.glass]).toEqual(['flame', true]);
    expect(cellLook('flame', { throughBlueGlass: 'crimson' }).look.kind).toBe('flame');
  });
});
