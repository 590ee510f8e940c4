import { describe, expect, test } from '@jest/globals';
import type { LessonPlanning } from '@kivex/contract';
import { bodyFor, fieldsOf, isSameRota, rotaInWords } from './planning-part.js';

const planning: LessonPlanning = {
  places: { burner: 8, 'fume-cupboard': 1 },
  pins: [],
  schedule: [
    { group: 1, task: 'flame', start: 5, end: 20 },
    { group: 2, task: 'flame', start: 20, end: 35 },
  ],
  surplus: 0.2,
  drop_mL: 0.05,
  plate: 'plate-24',
  skip: [],
  versions: { rota: 3, preparation: 7 },
};

describe('a part of the planning', () => {
  test('is sent whole, with its own version and nothing of the other', () => {
    expect(bodyFor(planning, 'preparation', { surplus: 0.4 })).toEqual({
      surplus: 0.4,
      drop_mL: 0.05,
      plate: 'plate-24',
      skip: [],
      from: 7,
    });
    expect(bodyFor(planning, 'rota', { places: {} })).toEqual({
      ...fieldsOf(planning, 'rota'),
      places: {},
      from: 3,
    });
  });
  test('begins from the version it was opened at where that is said', () =>
    expect(bodyFor(planning, 'rota', {}, 2).from).toBe(2));
  test('in words says when it ends and which stations there are', () => {
    const words = { burner: 'burners', 'fume-cupboard': 'fume cupboard' };
    expect(rotaInWords(planning, words)).toBe('ends at minute 35; burners 8, fume cupboard 1');
    expect(rotaInWords({ ...planning, schedule: null, places: {} }, words)).toBe('no rota kept');
  });
  test('is the same only with the same stations, slots set by hand and rota, in whatever order', () => {
    const other = { ...planning, places: { 'fume-cupboard': 1, burner: 8 } };
    expect(isSameRota(planning, other)).toBe(true);
    expect(isSameRota(planning, { ...other, places: { burner: 7, 'fume-cupboard': 1 } })).toBe(false);
    expect(isSameRota(planning, { ...other, pins: [{ group: 1, task: 'flame', start: 5 }] })).toBe(false);
    expect(isSameRota(planning, { ...other, schedule: null })).toBe(false);
  });
});
