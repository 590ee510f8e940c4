/** The plan of a laboratory: benches on a grid of spots, front first. */
import type { NewRoom, RoomBench, RoomPlan } from '@kivex/contract';
import { roomStations, stationWords } from '@kivex/core';

export const usualPlan: RoomPlan = {
  rows: 3,
  columns: 6,
  benches: Array.from({ length: 10 }, (_, i) => ({ row: Math.floor(i / 5), column: i % 5 })),
  places: { burner: 10, 'fume-cupboard': 2, 'hot-water-bath': 3, sink: 4 },
};

const at = ({ row, column }: RoomBench): string => `${row} ${column}`;

/** Moves a bench to a spot; one that stands there takes its place. @param index of the bench in the plan. */
export function withMoved(plan: RoomPlan, index: number, to: RoomBench): RoomPlan {
  const from = plan.benches[index]!;
  const there = plan.benches.findIndex((b) => at(b) === at(to));
  return {
    ...plan,
    benches: plan.benches.map((b, i) => (i === index ? to : i === there ? from : b)),
  };
}

/** The first spot nobody stands on, row by row from the front; undefined in a full room. */
export function freeSpot({ rows, columns, benches }: RoomPlan): RoomBench | undefined {
  const taken = new Set(benches.map(at));
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++)
      if (!taken.has(at({ row, column }))) return { row, column };
  return undefined;
}

/** Does a bench stand beyond the walls, since the room was made smaller? */
export const standsOutside = ({ rows, columns, benches }: RoomPlan): boolean =>
  benches.some((b) => b.row >= rows || b.column >= columns);

const benchesIn = ({ benches }: RoomPlan): string =>
  benches.length === 1 ? '1 bench' : `${benches.length} benches`;

/** Where two states of a room differ, a sentence each. */
export function roomDifferences(theirs: NewRoom, mine: NewRoom): string[] {
  const told = (what: string, [other, own]: readonly [string | number, string | number]): string[] =>
    other === own ? [] : [`${what}: theirs ${other}, yours ${own}`];
  const both = <T>(of: (room: NewRoom) => T): readonly [T, T] => [of(theirs), of(mine)];
  const [other, own] = both((r) => r.plan.benches.map(at).sort().join());
  const benches = told(
    'Benches',
    both((r) => benchesIn(r.plan)),
  );
  return [
    ...told(
      'Name',
      both((r) => r.name),
    ),
    ...told(
      'Size',
      both(({ plan }) => `${plan.rows} × ${plan.columns}`),
    ),
    ...(benches.length || other === own ? benches : ['Benches stand on other spots']),
    ...roomStations.flatMap((s) =>
      told(
        stationWords[s] ?? s,
        both((r) => r.plan.places[s] ?? 0),
      ),
    ),
  ];
}

/** A name no room has: Lab 1, Lab 2 and so on. */
export function newRoomName(taken: readonly string[]): string {
  const names = new Set(taken);
  let n = 1;
  while (names.has(`Lab ${n}`)) n++;
  return `Lab ${n}`;
}
