/** The rota a practical asks for: which tasks, how long for one group, at which station. */
import { orderOf } from '../practicals/kept-liquid.js';
import { portionsOf } from '../practicals/portions.js';
import { testsWithControls } from '../practicals/controls.js';
import { methodOf } from '../practicals/method.js';
import type { PlannedTest, Practical } from '../practicals/practical.js';
import { aboutFire } from '../practicals/safety-advice.js';
import type { Station } from '../identification-tests/test-definition.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import type { RotaPin, RotaProblem, RotaTask } from './rota-problem.js';

/** Where a group works when a test needs nothing scarce; as many places as groups. */
export const ownBench = 'bench';
/** A test the teacher runs: one group at a time comes to it. */
export const teacherStation = 'teacher';

export const stationWords: Readonly<Record<string, string>> = {
  burner: 'burner',
  'fume-cupboard': 'fume cupboard',
  'hot-water-bath': 'hot water bath',
  sink: 'sink',
  [ownBench]: 'own bench',
  [teacherStation]: 'teacher',
};
export const roomStations: readonly Station[] = ['burner', 'fume-cupboard', 'hot-water-bath', 'sink'];

/** Places by station, as a room has them. */
export type StationPlaces = Readonly<Partial<Record<Station, number>>>;

/** The station that holds a test up most: the teacher, a fume cupboard set by hand, else the scarcest it needs. */
export function stationOf(planned: PlannedTest, places: StationPlaces, groups: number): string {
  if (planned.ledBy === 'teacher') return teacherStation;
  const scarcest = [...methodOf(planned).stations].sort(
    (a, b) => (places[a] ?? groups) - (places[b] ?? groups),
  )[0];
  return scarcest ?? ownBench;
}

/** One planned test as a task of one group. */
export function taskOf(
  practical: Practical,
  planned: PlannedTest,
  places: StationPlaces,
  groups: number,
): RotaTask {
  const variant = variantOf(testOf(planned.test), planned.variant);
  const each = planned.minutes ?? variant.attendedMinutes;
  return {
    id: planned.test,
    attended: Math.max(1, Math.ceil(each * portionsOf(practical, planned))),
    // Waits of several samples run side by side.
    unattended: variant.unattendedMinutes,
    station: stationOf(planned, places, groups),
  };
}

/**
 * Why there is no rota at all, however long: burners and liquids that catch fire share no lesson, so no order of stations
 * makes it safe. undefined where there may be one.
 */
export const whyNoRota = (practical: Practical): string | undefined => aboutFire(practical)[0]?.text;

/** The rota problem of a practical in a room with so many groups. Stations the room says nothing of are plenty. */
export function rotaProblemOf(
  practical: Practical,
  groups: number,
  places: StationPlaces,
  pinned: readonly RotaPin[] = [],
): RotaProblem {
  const tasks = testsWithControls(practical)
    .filter((planned) => portionsOf(practical, planned) > 0)
    .map((planned) => taskOf(practical, planned, places, groups));
  const there = new Set(tasks.map((t) => t.id));
  return {
    groups,
    tasks,
    stations: {
      ...Object.fromEntries(roomStations.map((s) => [s, places[s] ?? groups])),
      [ownBench]: groups,
      [teacherStation]: 1,
    },
    lesson: practical.minutes,
    setUp: practical.setUp,
    clearUp: practical.clearUp,
    before: orderOf(practical).filter(([a, b]) => there.has(a) && there.has(b)),
    ...(pinned.length ? { pinned: pinned.filter((p) => there.has(p.task) && p.group <= groups) } : {}),
  };
}
