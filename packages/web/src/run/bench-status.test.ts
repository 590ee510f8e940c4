import { describe, expect, test } from '@jest/globals';
import type { Lesson, WireEvent } from '@kivex/contract';
import { flameColoursOfUnlabelledJars, type EventBody } from '@kivex/core';
import { benchStatuses } from './bench-status.js';

const lesson = {
  practical: flameColoursOfUnlabelledJars,
  samples: [
    {
      id: 'k',
      role: 'known',
      label: 'lithium chloride',
      ions: ['Li+', 'Cl-'],
      holds: 'lithium chloride',
      difficulty: 1,
    },
    {
      id: 'j1',
      role: 'unknown',
      label: 'Jar 101',
      ions: ['K+', 'Cl-'],
      holds: 'potassium chloride',
      difficulty: 1,
    },
    {
      id: 'j2',
      role: 'unknown',
      label: 'Jar 102',
      ions: ['Na+', 'Cl-'],
      holds: 'sodium chloride',
      difficulty: 1,
    },
  ],
  groupList: [
    {
      id: 'g1',
      name: 'Group 1',
      bench: [0, 0],
      students: [
        { id: 'a', name: 'A' },
        { id: 'b', name: 'B' },
      ],
      unknowns: ['j1'],
    },
    { id: 'g2', name: 'Group 2', bench: [0, 1], students: [{ id: 'c', name: 'C' }], unknowns: ['j2'] },
  ],
} as unknown as Lesson;
let seq = 0;
const event = (group: string, by: string, body: EventBody): WireEvent => ({
  id: `e${++seq}`,
  seq,
  group,
  by,
  at: `2026-01-01T10:00:0${seq % 10}Z`,
  body,
});
const saw = (group: string, by: string, sample: string, colour: string) =>
  event(group, by, { type: 'observation', sample, test: 'flame', variant: 'wire', seen: { colour } });

describe('what the board says of a bench', () => {
  test('counts what is logged, named and handed in, bench by bench', () => {
    const [one, two] = benchStatuses(lesson, [
      saw('g1', 'a', 'k', 'crimson'),
      saw('g1', 'b', 'j1', 'lilac'),
      event('g1', 'a', { type: 'naming', sample: 'j1', answer: 'potassium', evidence: [] }),
      event('g1', 'a', { type: 'hand-in' }),
    ]);
    expect(one).toMatchObject({
      logged: 2,
      samples: 2,
      named: 1,
      handedIn: 1,
      doubtful: 0,
      contradictions: [],
    });
    expect(two).toMatchObject({ logged: 0, samples: 2, handedIn: 0 });
  });
  test('points at a name that does not follow from the record', () => {
    const [, two] = benchStatuses(lesson, [
      saw('g2', 'c', 'j2', 'blue-green'),
      event('g2', 'c', { type: 'naming', sample: 'j2', answer: 'sodium', evidence: [] }),
    ]);
    expect(two!.contradictions.map((c) => c.kind)).toEqual(['name-does-not-follow']);
  });
  test('liquids kept of its own samples count as samples of the bench, those of others do not', () => {
    const liquid = (id: string, from: string) => ({
      id,
      role: 'kept',
      from,
      label: `Liquid from ${from}`,
      ions: [],
    });
    const keeping = {
      ...lesson,
      samples: [...lesson.samples, liquid('lk', 'k'), liquid('l1', 'j1'), liquid('l2', 'j2')],
    } as unknown as Lesson;
    const [one] = benchStatuses(keeping, [saw('g1', 'a', 'l1', 'lilac'), saw('g1', 'a', 'l2', 'lilac')]);
    expect([one!.samples, one!.logged]).toEqual([4, 1]);
  });
});
