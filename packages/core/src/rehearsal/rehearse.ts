/**
 * Rehearses a lesson: a discrete-event simulation in which groups go through the tests, queue at
 * stations, slip, misread, notice contradictions and repeat, and name what they were given. Seeded: the
 * same plan gives the same forecast. How long people take and whether they notice are estimates, said
 * here; what they see is the core's own observation model.
 */
import { stationWords, rotaProblemOf } from '../planning/lesson-rota.js';
import { seededRandom } from '../numbers/random.js';
import type { RotaTask } from '../planning/rota-problem.js';
import { unknownsOf, type PracticalSample } from '../practicals/practical.js';
import { testOf, variantOf } from '../identification-tests/tests.js';
import { NamingModel, type Outcome } from './naming-model.js';
import type { RehearsalPlan, RehearsalResult, StationLoad } from './rehearsal-plan.js';

/** Spread of a group's pace round the class's, and of one task round the group's (standard deviations of the log). */
const paceSpread = 0.15;
const taskSpread = 0.2;
/** Chance that a group sees that its record contradicts itself, and repeats. */
const notices = 0.75;
const mostRepeats = 3;
/** Minutes to agree on a name and write it. */
const namingMinutes = 1;

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

interface Job {
  readonly test: number;
  /** Samples looked at; empty for knowns. */
  readonly samples: readonly PracticalSample[];
  readonly attended: number;
  readonly unattended: number;
  readonly station: number;
  readonly repeat: boolean;
}
interface GroupState {
  readonly pace: number;
  readonly random: () => number;
  readonly samples: readonly PracticalSample[];
  readonly records: Map<string, Map<number, Outcome>>;
  /** Jobs still to do, in the order of the rota. */
  todo: Job[];
  readonly endedAt: Map<number, number>;
  repeats: number;
  queuedSince: number | undefined;
  finished: number | undefined;
}
type Happening =
  | { readonly at: number; readonly kind: 'free'; readonly group: number }
  | { readonly at: number; readonly kind: 'record'; readonly group: number; readonly job: Job }
  | { readonly at: number; readonly kind: 'release'; readonly station: number };

/** Happenings in order of time; of equal times the first put in comes first. */
class Agenda {
  private readonly list: Happening[] = [];
  put(h: Happening): void {
    let i = this.list.length;
    while (i > 0 && this.list[i - 1]!.at > h.at) i--;
    this.list.splice(i, 0, h);
  }
  next(): Happening | undefined {
    return this.list.shift();
  }
}

const quantile = (sorted: ArrayLike<number>, q: number): number =>
  sorted.length ? sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]! : 0;
const quantiles = (values: readonly number[]) => {
  const sorted = Float64Array.from(values).sort();
  return { p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) };
};
const mean = (values: readonly number[]): number =>
  values.length ? values.reduce((a, b) => a + b, 0) / values.length : 0;

/** One lesson, played through. */
class Lesson {
  private readonly agenda = new Agenda();
  private readonly free: number[];
  private readonly queues: number[][];
  readonly waited: number[];
  readonly used: number[];
  readonly groups: GroupState[];

  constructor(
    private readonly set: Rehearsal,
    run: number,
  ) {
    this.free = [...set.places];
    this.queues = set.places.map(() => []);
    this.waited = set.places.map(() => 0);
    this.used = set.places.map(() => 0);
    this.groups = Array.from({ length: set.plan.groups }, (_, g) => {
      const random = seededRandom((set.plan.seed * 7919 + run) * 131 + g);
      const samples = set.samplesOf(g);
      return {
        pace: (set.plan.paceFactor ?? 1) * Math.exp(paceSpread * normal(random)),
        random,
        samples,
        records: new Map(samples.map((s) => [s.key, new Map<number, Outcome>()])),
        todo: set.jobsOf(g, samples),
        endedAt: new Map<number, number>(),
        repeats: 0,
        queuedSince: undefined,
        finished: undefined,
      };
    });
  }

  play(): void {
    const { setUp } = this.set.plan.practical;
    this.groups.forEach((_, group) => this.agenda.put({ at: setUp, kind: 'free', group }));
    for (let h = this.agenda.next(); h; h = this.agenda.next()) {
      switch (h.kind) {
        case 'free':
          this.chooseNext(h.group, h.at);
          break;
        case 'record':
          this.record(h.group, h.job, h.at);
          break;
        case 'release':
          this.free[h.station]!++;
          this.serve(h.station, h.at);
          break;
      }
    }
  }

  private ready(state: GroupState, job: Job, at: number): boolean {
    return this.set.before
      .filter(([, then]) => then === job.test)
      .every(([first]) => (state.endedAt.get(first) ?? Infinity) <= at);
  }

  private chooseNext(group: number, at: number): void {
    const state = this.groups[group]!;
    if (!state.todo.length) {
      const repeat = this.repeatFor(state);
      if (!repeat) {
        state.finished = at + namingMinutes * state.samples.length * state.pace;
        return;
      }
      state.todo.push(repeat);
    }
    const open = state.todo.filter((job) => this.ready(state, job, at));
    const now = open.find((job) => this.free[job.station]! > 0);
    if (now) return this.start(group, now, at);
    if (open[0]) {
      state.queuedSince = at;
      this.queues[open[0].station]!.push(group);
      return;
    }
    // Everything left waits for something that runs by itself: look again when the first of it ends.
    const wake = [...state.endedAt.values()].filter((t) => t > at);
    if (wake.length) this.agenda.put({ at: Math.min(...wake), kind: 'free', group });
    else {
      // Waiting for a test that is not among its own: done without it.
      state.todo = [];
      this.agenda.put({ at, kind: 'free', group });
    }
  }

  private start(group: number, job: Job, at: number): void {
    const state = this.groups[group]!;
    state.todo = state.todo.filter((j) => j !== job);
    this.free[job.station]!--;
    const minutes = job.attended * state.pace * Math.exp(taskSpread * normal(state.random));
    const ends = at + minutes + job.unattended;
    this.used[job.station]! += minutes + job.unattended;
    if (!job.repeat) state.endedAt.set(job.test, ends);
    this.agenda.put({ at: at + minutes, kind: 'record', group, job });
    this.agenda.put({ at: ends, kind: 'release', station: job.station });
  }

  private serve(station: number, at: number): void {
    while (this.free[station]! > 0) {
      const group = this.queues[station]!.shift();
      if (group === undefined) return;
      const state = this.groups[group]!;
      this.waited[station]! += at - (state.queuedSince ?? at);
      state.queuedSince = undefined;
      const job = state.todo.find((j) => j.station === station && this.ready(state, j, at));
      if (job) this.start(group, job, at);
      else this.agenda.put({ at, kind: 'free', group });
    }
  }

  private record(group: number, job: Job, at: number): void {
    const state = this.groups[group]!;
    // What is seen after clearing up has begun is not written down.
    if (at <= this.set.deadline)
      for (const sample of job.samples) {
        const outcome = this.set.model.observe(job.test, sample, state.random);
        if (outcome !== undefined) state.records.get(sample.key)!.set(job.test, outcome);
      }
    this.agenda.put({ at, kind: 'free', group });
  }

  /** A repeat of the test that looks wrong, where the group notices that its record contradicts itself. */
  private repeatFor(state: GroupState): Job | undefined {
    if (state.repeats >= mostRepeats) return undefined;
    for (const sample of state.samples) {
      const suspect = this.set.model.contradiction(state.records.get(sample.key)!);
      if (suspect === undefined) continue;
      if (state.random() > notices) continue;
      state.repeats++;
      return this.set.repeatJob(suspect, sample);
    }
    return undefined;
  }

  /** Did the group name each of its unknowns rightly? */
  named(group: number): { readonly key: string; readonly right: boolean }[] {
    const state = this.groups[group]!;
    return state.samples.map((sample) => ({
      key: sample.key,
      right: this.set.model.namesRightly(sample, state.records.get(sample.key)!, state.random),
    }));
  }
}

/** What all runs of a plan share. */
class Rehearsal {
  readonly model: NamingModel;
  readonly stations: readonly string[];
  readonly places: readonly number[];
  readonly before: readonly (readonly [number, number])[];
  readonly deadline: number;
  private readonly tasks: readonly RotaTask[];
  private readonly testNumbers: readonly number[];
  private readonly unknowns: readonly PracticalSample[];

  constructor(readonly plan: RehearsalPlan) {
    const { practical, groups, places } = plan;
    const problem = rotaProblemOf(practical, groups, places);
    this.tasks = problem.tasks;
    this.testNumbers = problem.tasks.map((t) => practical.tests.findIndex((p) => p.test === t.id));
    this.stations = [...new Set(problem.tasks.map((t) => t.station))];
    this.places = this.stations.map((s) => problem.stations[s]!);
    const closed = this.stations.filter((_, i) => this.places[i]! < 1);
    if (closed.length)
      throw new RangeError(
        `There is no ${closed.map((s) => stationWords[s] ?? s).join(' and no ')} in this room: add a place, or leave out the tests that need it.`,
      );
    this.before = (problem.before ?? []).map(([a, b]) => [this.numberOf(a), this.numberOf(b)] as const);
    this.deadline = practical.minutes - practical.clearUp;
    this.unknowns = unknownsOf(practical);
    this.model = new NamingModel(practical, plan.slipFactor);
  }

  private numberOf(test: string): number {
    return this.plan.practical.tests.findIndex((p) => p.test === test);
  }

  /** The unknowns of a group. */
  samplesOf(group: number): readonly PracticalSample[] {
    const given = this.plan.unknowns?.[group];
    if (given) return this.unknowns.filter((s) => given.includes(s.key));
    const n = this.unknowns.length;
    const each = Math.min(this.plan.practical.unknownsPerGroup, n);
    return Array.from({ length: each }, (_, i) => this.unknowns[(group * each + i) % n]!);
  }

  jobsOf(group: number, samples: readonly PracticalSample[]): Job[] {
    const { schedule } = this.plan;
    const starts = new Map(schedule?.filter((s) => s.group === group + 1).map((s) => [s.task, s.start]));
    return this.tasks
      .map((task, i): Job => {
        return {
          test: this.testNumbers[i]!,
          samples: samples.filter((s) => this.model.lookedAt(this.testNumbers[i]!, s)),
          attended: task.attended,
          unattended: task.unattended ?? 0,
          station: this.stations.indexOf(task.station),
          repeat: false,
        };
      })
      .map((job, i, all) => ({
        job,
        // Without a rota each group begins at another test, as teachers have them do.
        order: starts.get(this.tasks[i]!.id) ?? (i + group) % all.length,
      }))
      .sort((a, b) => a.order - b.order)
      .map(({ job }) => job);
  }

  repeatJob(test: number, sample: PracticalSample): Job {
    const planned = this.plan.practical.tests[test]!;
    const variant = variantOf(testOf(planned.test), planned.variant);
    return {
      test,
      samples: [sample],
      attended: planned.minutes ?? variant.attendedMinutes,
      unattended: variant.unattendedMinutes,
      station: this.stations.indexOf(this.tasks[this.testNumbers.indexOf(test)]!.station),
      repeat: true,
    };
  }
}

/**
 * Plays a lesson through so many times.
 * @param onRun called after every run, for progress.
 * @throws RangeError when a station that is needed has no place, or there is nothing to rehearse.
 */
export function rehearse(plan: RehearsalPlan, onRun?: (done: number) => void): RehearsalResult {
  const { practical, groups, runs } = plan;
  if (!practical.tests.length || !unknownsOf(practical).length)
    throw new RangeError('There is nothing to rehearse yet: choose at least one test and one unknown.');
  if (!(groups >= 1 && groups <= 60 && runs >= 1 && runs <= 20_000))
    throw new RangeError('Rehearse 1 to 60 groups, 1 to 20,000 times.');
  const set = new Rehearsal(plan);
  const ends: number[] = [];
  const lasts: number[] = [];
  const right = new Map<string, { right: number; n: number }>();
  const eachRun = { right: [] as number[], onTime: [] as number[] };
  const waited = set.stations.map(() => 0);
  const used = set.stations.map(() => 0);
  let repeats = 0;
  for (let run = 0; run < runs; run++) {
    const lesson = new Lesson(set, run);
    lesson.play();
    let good = 0;
    let named = 0;
    const finished = lesson.groups.map((g) => g.finished ?? Infinity);
    lesson.groups.forEach((state, g) => {
      repeats += state.repeats;
      for (const { key, right: ok } of lesson.named(g)) {
        const count = right.get(key) ?? { right: 0, n: 0 };
        right.set(key, { right: count.right + Number(ok), n: count.n + 1 });
        good += Number(ok);
        named++;
      }
    });
    ends.push(...finished);
    lasts.push(Math.max(...finished));
    eachRun.right.push(named ? good / named : 0);
    eachRun.onTime.push(finished.filter((t) => t <= set.deadline).length / groups);
    lesson.waited.forEach((w, s) => (waited[s]! += w));
    lesson.used.forEach((u, s) => (used[s]! += u));
    onRun?.(run + 1);
  }
  const span = Math.max(1, set.deadline - practical.setUp);
  const stations = set.stations.map((station, s): StationLoad => ({
    station,
    places: set.places[s]!,
    waiting: waited[s]! / runs / groups,
    busy: Math.min(1, used[s]! / runs / (set.places[s]! * span)),
  }));
  const worst = [...stations].sort((a, b) => b.waiting - a.waiting)[0];
  const minutes = new Map<number, number>();
  for (const t of ends) minutes.set(Math.ceil(t), (minutes.get(Math.ceil(t)) ?? 0) + 1);
  const total = [...right.values()].reduce((a, b) => ({ right: a.right + b.right, n: a.n + b.n }), {
    right: 0,
    n: 0,
  });
  return {
    runs,
    groups,
    finish: quantiles(ends),
    last: quantiles(lasts),
    histogram: [...minutes]
      .map(([minute, n]) => ({ minute, share: n / ends.length }))
      .sort((a, b) => a.minute - b.minute),
    onTime: mean(eachRun.onTime),
    right: total.n ? total.right / total.n : 0,
    bySample: [...right].map(([key, c]) => ({ key, right: c.right / c.n, n: c.n })),
    stations,
    bottleneck: worst && worst.waiting >= 0.5 ? worst.station : null,
    repeats: repeats / runs / groups,
    eachRun,
  };
}
