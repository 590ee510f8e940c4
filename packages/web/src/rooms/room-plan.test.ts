import { describe, expect, test } from '@jest/globals';
import { freeSpot, newRoomName, roomDifferences, standsOutside, usualPlan, withMoved } from './room-plan.js';

const plan = {
  rows: 1,
  columns: 3,
  benches: [
    { row: 0, column: 0 },
    { row: 0, column: 1 },
  ],
  places: {},
};

describe('the plan of a room', () => {
  test('a bench moves to a free spot, the others stay', () =>
    expect(withMoved(plan, 0, { row: 0, column: 2 }).benches).toEqual([
      { row: 0, column: 2 },
      { row: 0, column: 1 },
    ]));
  test('where another stands the two change places, so that no two are on one spot', () =>
    expect(withMoved(plan, 0, { row: 0, column: 1 }).benches).toEqual([
      { row: 0, column: 1 },
      { row: 0, column: 0 },
    ]));
  test('put back where it was, nothing changes', () =>
    expect(withMoved(plan, 1, { row: 0, column: 1 })).toEqual(plan));
  test('the next bench stands on the first free spot, and in a full room on none', () => {
    expect(freeSpot(plan)).toEqual({ row: 0, column: 2 });
    expect(freeSpot({ ...plan, columns: 2 })).toBeUndefined();
  });
  test('a room made smaller leaves benches outside', () => {
    expect(standsOutside(plan)).toBe(false);
    expect(standsOutside({ ...plan, columns: 1 })).toBe(true);
    expect(standsOutside({ ...plan, benches: [{ row: 1, column: 0 }] })).toBe(true);
  });
  test('what a new room begins with can be saved: benches inside, one on a spot', () => {
    expect(standsOutside(usualPlan)).toBe(false);
    expect(new Set(usualPlan.benches.map((b) => `${b.row} ${b.column}`)).size).toBe(usualPlan.benches.length);
  });
  test('a new room has a name no other has', () =>
    expect([newRoomName([]), newRoomName(['Lab 1', 'Lab 3'])]).toEqual(['Lab 1', 'Lab 2']));
  test('two states of a room differ in what is told, and in nothing else', () => {
    const mine = { name: 'Lab 1', plan };
    expect(roomDifferences(mine, mine)).toEqual([]);
    const elsewhere = { ...plan, benches: [plan.benches[0]!, { row: 0, column: 2 }] };
    expect(roomDifferences({ name: 'Lab 1', plan: elsewhere }, mine)).toEqual([
      'Benches stand on other spots',
    ]);
    const turned = { ...plan, benches: [...plan.benches].reverse() };
    expect(roomDifferences({ name: 'Lab 1', plan: turned }, mine)).toEqual([]);
    const theirs = {
      name: 'Lab North',
      plan: { rows: 2, columns: 3, benches: plan.benches.slice(1), places: { burner: 7 } },
    };
    expect(roomDifferences(theirs, mine)).toEqual([
      'Name: theirs Lab North, yours Lab 1',
      'Size: theirs 2 × 3, yours 1 × 3',
      'Benches: theirs 1 bench, yours 2 benches',
      'burner: theirs 7, yours 0',
    ]);
  });
});
