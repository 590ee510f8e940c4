import { describe, expect, test } from '@jest/globals';
import { allTests, type PlainLook, type WellLook } from '@kivex/core';
import { render, screen } from '@testing-library/react';
import { Well } from './Well.js';
import { wellPicture, wellSvg, type WellDrawing } from './well-drawing.js';

const white: PlainLook = { kind: 'precipitate', colour: '#ffffff', solution: '#ffffff', pattern: 'plain' };
const lilac: PlainLook = { kind: 'flame', colour: '#b9a2e0', pattern: 'rings' };

/** The picture as a browser reads it; a mistake in it is an error. */
function read(drawing: WellDrawing, small = true): Document {
  const read = new DOMParser().parseFromString(wellSvg(drawing, small), 'image/svg+xml');
  expect(read.querySelector('parsererror')?.textContent).toBeUndefined();
  return read;
}

describe('the picture of a well', () => {
  test('every result there is can be read as SVG, and finds the patterns it is filled with', () => {
    const looks = allTests.flatMap((t) => t.attributes.flatMap((a) => a.values.map((v) => v.look)));
    const others: WellLook[] = [
      { kind: 'empty' },
      { kind: 'nothing' },
      { kind: 'written' },
      { kind: 'number', text: '99.5' },
      { kind: 'split', before: white, after: lilac },
      { kind: 'split', before: white, after: { ...white, colour: '#cfe8c0', pattern: 'bars' } },
    ];
    expect(looks.length).toBeGreaterThan(50);
    for (const look of [...looks, ...others]) {
      const picture = read({ look });
      const named = [...picture.querySelectorAll('[id]')].map((e) => e.id);
      expect(new Set(named).size).toBe(named.length);
      const wanted = [...wellSvg({ look }, true).matchAll(/url\(#([\w-]+)\)/g)].map(([, id]) => id!);
      expect(wanted.filter((id) => !named.includes(id))).toEqual([]);
    }
  });
  test('two values of one attribute are never the same picture', () => {
    for (const { attributes } of allTests)
      for (const { values } of attributes)
        expect(new Set(values.map((v) => wellSvg({ look: v.look }, true))).size).toBe(values.length);
  });
  test('what is so of a result is drawn: each of it changes the picture', () => {
    const of: Omit<WellDrawing, 'look'>[] = [
      {},
      { chosen: true },
      { doubtful: true },
      { differs: true },
      { glass: true },
      { corrected: true },
      { times: 2 },
      { times: 3 },
      { note: '~' },
      { note: '≈' },
      { note: '–' },
    ];
    const pictures = of.map((so) => new XMLSerializer().serializeToString(read({ look: lilac, ...so })));
    expect(new Set(pictures).size).toBe(of.length);
    expect(read({ look: lilac, differs: true, doubtful: true }).documentElement.textContent).toBe('≠');
    expect(read({ look: lilac, times: 3 }).documentElement.textContent).toBe('×3');
  });
  test('a number is shown as it was typed, whatever it was', () => {
    const typed = '<b>&"5';
    expect(read({ look: { kind: 'number', text: typed } }).documentElement.textContent).toBe(typed);
  });
  test('a white solid in a small well has an outline that is seen; in a large one it need not be so strong', () => {
    const outline = (small: boolean) =>
      Number(
        read({ look: white }, small).querySelector('path[fill="#ffffff"]')!.getAttribute('stroke-width') ?? 1,
      );
    expect(outline(true) * (20 / 100)).toBeGreaterThan(0.7);
    expect(outline(false) * (60 / 100)).toBeLessThan(1);
  });
  test('hangs on nothing of the page: it is the same in every theme, and made once', () => {
    for (const { attributes } of allTests)
      for (const { values } of attributes)
        for (const { look } of values) expect(wellSvg({ look }, true)).not.toMatch(/var\(|currentColor/);
    expect(wellPicture({ look: lilac }, 20)).toBe(wellPicture({ look: { ...lilac } }, 26));
    expect(wellPicture({ look: white }, 20)).not.toBe(wellPicture({ look: white }, 60));
  });
});

describe('a well on the page', () => {
  test('is named where no word stands beside it, and otherwise not there for a screen reader', () => {
    const { container } = render(
      <>
        <Well look={lilac} size={30} name="Jar 4: lilac" />
        <Well look={white} />
      </>,
    );
    const named = screen.getByRole('img', { name: 'Jar 4: lilac' });
    expect([named.style.width, named.style.height]).toEqual(['30px', '30px']);
    expect(named.style.backgroundImage).toBe(wellPicture({ look: lilac }, 30));
    expect(container.querySelectorAll('[aria-hidden]')).toHaveLength(1);
  });
});
