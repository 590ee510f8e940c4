import { describe, expect, test } from '@jest/globals';
import { facesOf } from '../../lessons/faces.js';
import { paletteEntries } from '../../palette/palette-entries.js';
import { matching } from '../matching.js';
import { barPlaces } from './bar-places.js';
import { shortcutsAt } from './shortcut-list.js';

const me = {
  id: 'me',
  name: 'Ivo',
  role: 'teacher',
  school: 'S',
  mustChangePassword: false,
  secondFactor: false,
} as const;
const technician = { ...me, role: 'technician' } as const;
const lesson = {
  id: 'l1',
  title: 'A full unknown salt',
  className: '10 Harbour',
  room: 'Lab 2',
  startsAt: '2026-11-26T09:00:00.000Z',
} as never;
const known = {
  path: '/store',
  lessons: [lesson],
  practicals: [],
  classes: [{ id: 'c1', name: '10 Harbour', students: 3 }],
};

describe('where staff may go', () => {
  test('a technician prepares: no classes, no syllabuses, no marks', () => {
    expect(barPlaces('technician').map((p) => p.name)).toEqual([
      'Lessons',
      'Practicals',
      'Store',
      'Rooms',
      'School',
    ]);
    expect(barPlaces('head')).toHaveLength(9);
    expect(facesOf('technician').map((f) => f.path)).toEqual(['plan', 'prepare']);
    expect(facesOf('teacher')).toHaveLength(5);
  });
});

describe('what the palette offers', () => {
  const found = (typed: string, who: typeof me | typeof technician = me, path = '/store') =>
    matching(paletteEntries({ ...known, me: who, path, faces: facesOf(who.role) }), typed).map((e) =>
      'to' in e ? e.to : e.does,
    );
  test('a lesson is found by class, title, room or day', () => {
    for (const typed of ['harbour full', 'lab 2', 'unknown salt', '26 nov'])
      expect(found(typed)).toContain('/lessons/l1/plan');
  });
  test('the faces of the lesson one is in come first', () =>
    expect(found('', me, '/lessons/l1/run').slice(0, 5)).toEqual(
      ['plan', 'prepare', 'run', 'mark', 'review'].map((face) => `/lessons/l1/${face}`),
    ));
  test('a page that makes a lesson is not taken for a lesson', () =>
    expect(found('', me, '/lessons/new')[0]).toBe('/lessons/new'));
  test('a technician is offered neither classes nor new lessons, and lands where the preparing is', () => {
    expect(found('harbour', technician)).toEqual(['/lessons/l1/prepare']);
    expect(found('new lesson', technician)).toEqual([]);
  });
});

describe('the sheet of shortcuts', () => {
  const titles = (path: string) => shortcutsAt(path).map((g) => g.title);
  test.each([
    ['/lessons/l1/mark', ['Marks', 'Lesson', 'Everywhere']],
    ['/lessons/l1/run', ['Board', 'Lesson', 'Everywhere']],
    ['/lessons/new', ['Everywhere']],
    ['/practicals', ['Everywhere']],
    ['/syllabuses/s1', ['Practical and syllabus', 'Everywhere']],
  ])('on %s it tells of %j', (path, wanted) => expect(titles(path)).toEqual(wanted));
});
