import { describe, expect, test } from '@jest/globals';
import { adviceOn } from '../lesson/advice.js';
import { namings } from './namings.js';
import type { LessonEvent } from '../lesson/record.js';
import { lookalikes } from '../reasoning/lookalikes.js';
import { testOf } from '../identification-tests/tests.js';

let made = 0;
const named = (by: string, sample: string, answer: string): LessonEvent => ({
  id: `n${++made}`,
  group: 'g',
  by,
  at: '2026-01-01T10:00:00Z',
  body: { type: 'naming', sample, answer, evidence: [] },
});
const unknowns = [
  { id: 'j1', ions: ['K+', 'Cl-'] },
  { id: 'j2', ions: ['Li+', 'CO3^2-'] },
];

describe('how a class did', () => {
  test('the last name a student gave counts, once each, against the truth', () => {
    const found = namings(
      [
        named('a', 'j1', 'sodium'),
        named('a', 'j1', 'potassium'),
        named('b', 'j1', 'K+'),
        named('c', 'j1', 'sodium'),
      ],
      unknowns,
    );
    expect(found).toEqual([
      { truth: 'K+', named: 'K+', n: 2 },
      { truth: 'K+', named: 'Na+', n: 1 },
    ]);
  });
  test('what cannot be read as one ion is counted as unclear', () => {
    expect(namings([named('a', 'j2', 'lithium or sodium'), named('b', 'j2', 'no idea')], unknowns)).toEqual([
      { truth: 'Li+', named: null, n: 2 },
    ]);
  });
  test('a name for a jar that is not among the unknowns is left out', () => {
    expect(namings([named('a', 'elsewhere', 'sodium')], unknowns)).toEqual([]);
  });
});

describe('advice after a result', () => {
  test('yellow points at sodium about, nothing at too little sample, a late red at reading late', () => {
    expect(adviceOn('flame', { colour: 'yellow' })).toMatch(/Yellow covers/);
    expect(adviceOn('flame', { colour: 'none', throughBlueGlass: 'none' })).toMatch(/too little sample/);
    expect(adviceOn('flame', { colour: 'orange-red' })).toMatch(/first two seconds/);
  });
  test('a clear result gets none', () => {
    expect(adviceOn('flame', { colour: 'crimson', throughBlueGlass: 'crimson' })).toBeUndefined();
    expect(adviceOn('flame', {})).toBeUndefined();
  });
  test('no advice names an ion, which would give an answer away', () => {
    for (const slip of testOf('flame').slips)
      expect(slip.advice).not.toMatch(/lithium|sodium|potassium|calcium|copper/i);
  });
});

describe('which samples look alike', () => {
  const tests = [{ test: 'flame', attributes: ['colour', 'throughBlueGlass'] }];
  test('one ion twice shows the same; the reds overlap to the eye and part through the glass', () => {
    const samples = [
      ['K+', 'Cl-'],
      ['K+', 'SO4^2-'],
      ['Li+', 'Cl-'],
      ['Ca2+', 'Cl-'],
    ];
    expect(lookalikes(samples, tests)).toEqual([{ pair: [0, 1], how: 'same' }]);
    const eyeOnly = [{ test: 'flame', attributes: ['colour'] }];
    expect(lookalikes(samples, eyeOnly)).toEqual([
      { pair: [0, 1], how: 'same' },
      { pair: [2, 3], how: 'overlap' },
    ]);
  });
});
