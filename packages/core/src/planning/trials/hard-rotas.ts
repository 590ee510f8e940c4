/** Rotas as hard as lessons make them, by seed: stations nearly full, waits to be worked through, chains, lengths that do not pack. */
import { seededRandom } from '../../numbers/random.js';
import type { RotaProblem, RotaTask } from '../rota-problem.js';

const stationNames = ['burner', 'fume-cupboard', 'hot-water-bath', 'sink', 'bench'] as const;

/** One problem; the same for the same seed. */
export function hardRota(seed: number): RotaProblem {
  const random = seededRandom(seed * 7919 + 13);
  const from = (a: number, b: number) => a + Math.floor(random() * (b - a + 1));
  const groups = from(12, 16);
  const n = from(5, 9);
  const used = stationNames.slice(0, from(2, 5));
  const tasks: RotaTask[] = Array.from({ length: n }, (_, i) => ({
    id: `task-${i + 1}`,
    attended: from(2, 8),
    ...(random() < 0.4 ? { unattended: from(2, 12) } : {}),
    // Every station is wanted by some task.
    station: used[i < used.length ? i : Math.floor(random() * used.length)]!,
  }));
  const load = (station: string) =>
    groups *
    tasks.filter((t) => t.station === station).reduce((sum, t) => sum + t.attended + (t.unattended ?? 0), 0);
  const alone = tasks.reduce((sum, t) => sum + t.attended, 0);
  // As long as one station of a few places takes, and all others with as few places as that allows.
  const scarcest = used[Math.floor(random() * used.length)]!;
  const longest = Math.max(...tasks.map((t) => t.attended + (t.unattended ?? 0)));
  const seats = Math.max(1, Math.floor(load(scarcest) / Math.max(longest, alone * (1 + random() * 0.6))));
  const span = Math.ceil(load(scarcest) / seats);
  const stations = Object.fromEntries(
    used.map((s) => [s, s === scarcest ? seats : Math.max(1, Math.ceil(load(s) / span))]),
  );
  const before: [string, string][] = [];
  for (let i = 0; i + 1 < n; i++)
    if (random() < 0.25) before.push([tasks[i]!.id, tasks[from(i + 1, n - 1)]!.id]);
  const [setUp, clearUp] = [from(3, 8), from(3, 8)];
  return {
    groups,
    tasks,
    stations,
    before,
    setUp,
    clearUp,
    // About as long as it must be: some fit to the minute, some miss by a few.
    lesson: setUp + clearUp + Math.max(span, alone) + from(-2, 4),
  };
}
