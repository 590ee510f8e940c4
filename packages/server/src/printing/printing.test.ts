import { describe, expect, test } from '@jest/globals';
import {
  apparatusFor,
  picturesOf,
  labelsFor,
  layPlate,
  lessonNeeds,
  makingOf,
  plateKinds,
  plateRows,
  prepTasks,
  riskOf,
  shippedPracticals,
  usualPrep,
  wasteOf,
  type Label,
  type ReagentId,
} from '@kivex/core';
import { labelSheet } from './label-sheet.js';
import { a4Sheet, pdfOf, rich } from './pdf.js';
import { prepSheet } from './prep-sheet.js';
import { riskSheet } from './risk-sheet.js';

/** Pages of a PDF, by its own page objects. */
const pages = (bytes: Uint8Array): number =>
  Buffer.from(bytes)
    .toString('latin1')
    .match(/\/Type \/Page\b/g)?.length ?? 0;
const label = (copies: number): Label => ({
  key: 'k',
  title: 'hydrochloric acid',
  line: '0.4 mol/dm³',
  signal: 'Danger',
  statements: ['H314 Causes severe skin burns and eye damage'],
  pictograms: ['corrosion', 'exclamation', 'environment', 'flame'],
  made: '2026-11-25',
  expires: '2027-11-25',
  batch: 'P1',
  path: '/lessons/x/prepare',
  copies,
  secret: false,
});

describe('text for paper', () => {
  test('has real indices and charges, and no sign the typeface lacks', () => {
    expect(rich('CuSO₄·5H₂O')).toEqual({
      text: [
        { text: 'CuSO' },
        { text: '4', sub: true },
        { text: '·5H' },
        { text: '2', sub: true },
        { text: 'O' },
      ],
    });
    expect(rich('Ca²⁺')).toEqual({ text: [{ text: 'Ca' }, { text: '2+', sup: true }] });
    expect(rich('a → b ≥ 2')).toEqual({ text: 'a to b at least  2' });
    expect(rich('cm³')).toEqual({ text: [{ text: 'cm' }, { text: '3', sup: true }] });
  });
});

describe('a heading', () => {
  const goesOver = (verticalRatio: number, following: number, headlineLevel = 1) =>
    a4Sheet({ title: 'x', under: 'x', foot: 'x' }, []).pageBreakBefore!(
      { headlineLevel, startPosition: { verticalRatio } } as never,
      { getFollowingNodesOnPage: () => Array.from({ length: following }) } as never,
    );
  test('goes to the next page where nothing or no whole row would follow it, and stays where one does', () => {
    expect([goesOver(0.3, 40), goesOver(0.3, 2), goesOver(0.95, 40)]).toEqual([false, true, true]);
    expect(goesOver(0.95, 2, 0)).toBe(false);
  });
});

describe('a prep sheet', () => {
  test('has no table of reagents where a practical uses none', () => {
    const heads = (title: RegExp) => {
      const practical = shippedPracticals.find((p) => title.test(p.title))!;
      const size = { groups: 2, students: 4, portions: {}, places: {} };
      const needs = lessonNeeds(practical, size, usualPrep, [], '2026-11-25');
      const kind = plateKinds[1]!;
      return JSON.stringify(
        prepSheet({
          title: 'x',
          under: 'x',
          startsAt: '2026-12-01T10:00:00Z',
          needs,
          tasks: [],
          done: [],
          apparatus: [],
          pictures: [],
          waste: [],
          names: {},
          plate: { kind, wells: layPlate(kind, []), tests: {} },
        }).content,
      );
    };
    expect(heads(/by soaked splint/)).not.toContain('Solutions and reagents');
    expect(heads(/Which anion/)).toContain('Solutions and reagents');
  });
});

describe('a sheet of labels', () => {
  test.each([
    [1, 0, 1],
    [14, 0, 1],
    [15, 0, 2],
    [14, 1, 2],
    [3, 99, 2],
  ])('%d labels after %d used up fill %d pages of fourteen', async (copies, skip, count) =>
    expect(
      pages(await pdfOf(labelSheet({ labels: [label(copies)], origin: 'http://localhost:4180', skip }))),
    ).toBe(count),
  );
});

describe.each(shippedPracticals.map((p) => [p.title, p] as const))('the papers of “%s”', (_, practical) => {
  const size = {
    groups: 8,
    students: 16,
    portions: Object.fromEntries(practical.samples.map((s) => [s.key, s.role === 'known' ? 8 : 3])),
    places: {},
  };
  const needs = lessonNeeds(practical, size, usualPrep, [], '2026-11-25');
  const names = Object.fromEntries(practical.samples.map((s, i) => [s.key, `Jar ${100 + i}`]));
  test('are made without a fault, on a few pages of A4', async () => {
    const kind = plateKinds[1]!;
    const sheet = await pdfOf(
      prepSheet({
        title: practical.title,
        under: 'x',
        startsAt: '2026-12-01T10:00:00Z',
        needs,
        tasks: prepTasks(practical, needs),
        done: ['labels'],
        apparatus: apparatusFor(practical, size),
        pictures: picturesOf(practical.tests),
        waste: wasteOf(practical, size),
        names,
        plate: { kind, wells: layPlate(kind, plateRows(practical)), tests: {} },
      }),
    );
    const risk = await pdfOf(
      riskSheet({
        risk: riskOf(practical),
        waste: wasteOf(practical, size),
        head: { title: practical.title, under: 'x' },
      }),
    );
    for (const bytes of [sheet, risk]) {
      expect(pages(bytes)).toBeGreaterThan(0);
      expect(pages(bytes)).toBeLessThan(9);
      expect(Buffer.from(bytes).toString('latin1')).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/);
    }
  });
  test('its labels fit their sheet: one page more for every fourteen', async () => {
    const labels = labelsFor(needs, {
      lesson: 'x',
      lessonId: 'l',
      made: '2026-11-25',
      batch: 'P',
      names: Object.fromEntries(practical.samples.map((s) => [s.key, { label: names[s.key]!, id: s.key }])),
      keepsWeeks: (r) => makingOf(r as ReagentId).keepsWeeks,
    });
    const count = labels.reduce((n, l) => n + l.copies, 0);
    expect(pages(await pdfOf(labelSheet({ labels, origin: 'http://192.168.100.200:4180' })))).toBe(
      Math.ceil(count / 14),
    );
  });
});
