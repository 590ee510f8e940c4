import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pdfOf } from './pdf.js';
import { inScripts } from './scripts.js';

const fontsOf = (text: string) => inScripts(text)?.map((run) => [run.text, run.font ?? 'own']);

describe('names in every script', () => {
  test('of the app’s own typeface stay in it', () => {
    expect(inScripts('Zoë Müller, 0.4 mol')).toBeUndefined();
  });
  test.each([
    [
      'Łódź',
      [
        ['Ł', 'AtkinsonExt'],
        ['ód', 'own'],
        ['ź', 'AtkinsonExt'],
      ],
    ],
    ['Игорь', [['Игорь', 'Cyrillic']]],
    ['Ελένη', [['Ελένη', 'Greek']]],
    ['王小明', [['王小明', 'Chinese']]],
    [
      'Jar Ж',
      [
        ['Jar ', 'own'],
        ['Ж', 'Cyrillic'],
      ],
    ],
  ])('%s', (text, runs) => expect(fontsOf(text)).toEqual(runs));
  test('words from right to left stand in that order, and others around them in theirs', () => {
    expect(
      inScripts('for דוד כהן now')
        ?.map((r) => r.text)
        .join(''),
    ).toBe('for כהן דוד now');
    expect(
      inScripts('محمد علي')
        ?.map((r) => r.text)
        .join(''),
    ).toBe('علي محمد');
  });
  test('a sign that no font has is shown as missing, not as nothing', () => {
    expect(
      inScripts('a🔥b')
        ?.map((r) => r.text)
        .join(''),
    ).toBe('a?b');
  });
  test('no text makes it throw or lose a letter of the app’s own', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const runs = inScripts(text);
        const plain = (t: string) =>
          t
            .replace(/[^A-Za-z0-9]/g, '')
            .split('')
            .sort()
            .join('');
        return runs === undefined || plain(runs.map((r) => r.text).join('')) === plain(text);
      }),
    );
  });
  test('anywhere in a document come out as a PDF', async () => {
    const bytes = await pdfOf({
      content: [
        'Łódź',
        { text: ['a ', { text: 'Игорь' }] },
        { table: { body: [['محمد علي', { stack: ['王', { ul: ['Ελένη'] }] }]] } },
      ],
      defaultStyle: { font: 'Atkinson' },
      footer: () => 'דוד',
    });
    const text = Buffer.from(bytes).toString('latin1');
    for (const font of ['Cyrillic', 'Greek', 'Hebrew', 'Arabic', 'SC'])
      expect(text).toMatch(new RegExp(`/BaseFont /[A-Z]+\\+[A-Za-z]*Noto[A-Za-z]*|${font}`));
    expect(text.match(/\/BaseFont/g)!.length).toBeGreaterThanOrEqual(6);
  });
});
