/**
 * How short a rota can be at best, by prices: each place costs something at each minute. Where even the cheapest plan of
 * every group costs more in all than all places together are worth, no rota ends by that minute; with prices in whole numbers
 * that is exact. The prices come from a linear master problem over plans found so far, the plans from the prices in turn.
 */
import type { GroupKind, GroupPlan } from './group-plans.js';
import { GroupPlans } from './group-plans.js';
import { seededRandom } from '../numbers/random.js';
import { couldOccupy, rowsOfPlaces, type Column } from './rota-columns.js';
import type { RotaFrame } from './rota-frame.js';
import { solveMip } from './solver.js';

/** Proof that no rota ends by a horizon. Minutes count from the end of set-up. */
export interface RotaProof {
  readonly horizon: number;
  /** Whole prices, station by station, of a place at each minute. */
  readonly prices: readonly (readonly number[])[];
  /** Whole prices of each minute for each pair of stations kept apart. */
  readonly apart: readonly (readonly number[])[];
}
export type HorizonAnswer =
  | { readonly kind: 'impossible'; readonly proof: RotaProof }
  /** Plans in parts would fit: the bound cannot rule the horizon out. `share` says how much of each column. */
  | { readonly kind: 'open'; readonly columns: readonly Column[]; readonly share: readonly number[] }
  /** Neither was found in the rounds there were. */
  | { readonly kind: 'unknown' };

export interface AtSettings {
  readonly rounds?: number;
  /** Is there time for more? */
  readonly goOn?: () => boolean;
  readonly held?: ReadonlyMap<number, GroupPlan>;
  /** Columns to be left out. */
  readonly not?: (column: Column) => boolean;
}
interface KindLeft {
  readonly kind: GroupKind;
  n: number;
}
const numberLeft = (kinds: readonly KindLeft[], kind: GroupKind): number =>
  kinds.find((k) => k.kind === kind)!.n;

/** Prices in whole numbers are so many parts of what the master says. */
const fine = 1_000_000;
const mostRounds = 120;
/** Plans made at random to begin with. */
const plansARound = 12;
/** Columns in one master at most, before it drops some. */
const mostColumns = 360;
const keyOf = (kind: GroupKind, starts: GroupPlan): string => `${kind.groups[0]} ${starts.join()}`;
/** Steps uphill between two masters, and plans looked at in each. */
const climbs = 30;
const plansAClimb = 4;
const mixed = (a: readonly Float64Array[], b: readonly Float64Array[]): Float64Array[] =>
  a.map((row, r) => row.map((p, t) => (p + b[r]![t]!) / 2));

/** Works out prices for one frame; plans found for one horizon are kept for longer ones. */
export class RotaPrices {
  private columns: Column[] = [];
  /** Plans that are columns now; what was dropped may come again. */
  private readonly known = new Set<string>();
  private readonly random = seededRandom(17);
  /** Stations that can be full at all. */
  readonly scarce: readonly number[];

  constructor(
    readonly frame: RotaFrame,
    readonly plans: GroupPlans,
  ) {
    const { laid } = frame;
    this.scarce = laid.places.flatMap((places, s) => {
      const there = laid.station.flatMap((at, i) => (at === s ? [i] : []));
      // A group holds a second place only while it waits for another task there.
      const waiting = there.filter((i) => laid.unattended[i]! > 0).length;
      const most = laid.groups * Math.min(there.length, 1 + waiting);
      const mayChange = frame.begun.size > 0 || frame.apart.some((pair) => pair.includes(s));
      return there.length && (places < most || mayChange) ? [s] : [];
    });
  }

  /** Takes plans of a rota known already; those that end too late are left out by themselves. */
  take(starts: Int32Array): void {
    const { m } = this.frame.laid;
    for (const kind of this.frame.kinds)
      for (const g of kind.groups)
        this.add(
          kind,
          Int16Array.from({ length: m }, (_, i) => (kind.ends[i] === undefined ? starts[g * m + i]! : -1)),
        );
  }

  private add(kind: GroupKind, starts: GroupPlan): boolean {
    const key = keyOf(kind, starts);
    if (this.known.has(key)) return false;
    this.known.add(key);
    const { duration } = this.frame.laid;
    const end = starts.reduce((last, t, i) => (t < 0 ? last : Math.max(last, t + duration[i]!)), 0);
    this.columns.push({ kind, starts, end });
    return true;
  }

  /**
   * What beginning each task at each minute costs, for a kind, at prices of stations by minute.
   * @param full places that are not to be had at all, where it is not 0.
   */
  costs(
    kind: GroupKind,
    horizon: number,
    prices: readonly (ArrayLike<number> | undefined)[],
    full?: readonly ArrayLike<number>[],
  ): Float64Array {
    const { laid } = this.frame;
    const wide = horizon + 1;
    const cost = new Float64Array(laid.m * wide).fill(GroupPlans.never);
    for (let i = 0; i < laid.m; i++) {
      if (kind.ends[i] !== undefined) continue;
      const price = prices[laid.station[i]!];
      const fixed = kind.fixed.get(i);
      const [early, late] = this.frame.window(i, horizon);
      const first = Math.max(0, fixed ?? early);
      const last = Math.min(horizon - laid.duration[i]!, fixed ?? late);
      if (first > last) continue;
      const shut = full?.[laid.station[i]!];
      const long = laid.duration[i]!;
      let [sum, blocked] = [0, 0];
      for (let k = first; k < first + long; k++) {
        if (price) sum += price[k]!;
        if (shut?.[k]) blocked++;
      }
      for (let t = first; t <= last; t++) {
        if (!blocked) cost[i * wide + t] = sum;
        if (t === last) break;
        if (price) sum += price[t + long]! - price[t]!;
        if (shut) blocked += (shut[t + long] ? 1 : 0) - (shut[t] ? 1 : 0);
      }
    }
    return cost;
  }

  /**
   * Can a rota end by this minute?
   * @param held plans settled for some groups already: the question is of the others alone.
   */
  at(horizon: number, { rounds = mostRounds, held, not, goOn = () => true }: AtSettings = {}): HorizonAnswer {
    const { frame, plans } = this;
    const { laid } = frame;
    const { left, kinds } = this.withHeld(horizon, held);
    const full = held && left.map((row) => Uint8Array.from(row, (n) => (n <= 0 ? 1 : 0)));
    const values = new Float64Array((horizon + 1) * plans.count);
    // Fewer where each takes long.
    const steps = Math.max(6, Math.min(climbs, Math.floor(1.2e6 / (plans.count * Math.max(1, horizon)))));
    // Kinds without slots set by hand share their costs.
    const priced = (
      prices: readonly (ArrayLike<number> | undefined)[],
      use: (kind: GroupKind, cost: Float64Array) => void,
    ) => {
      let shared: Float64Array | undefined;
      for (const { kind, n } of kinds) {
        if (!n) continue;
        const own = kind.fixed.size > 0 || kind.ends.some((e) => e !== undefined);
        if (!own && shared) {
          use(kind, shared);
          continue;
        }
        const cost = this.costs(kind, horizon, prices, full);
        plans.value(horizon, cost, values);
        if (!own) shared = cost;
        use(kind, cost);
      }
    };
    // A first set of plans: cheapest at prices by chance, so that the master has something to go by.
    if (this.columns.every((c) => c.end > horizon)) {
      const none = laid.places.map(() => undefined);
      let possible = true;
      priced(none, (kind, cost) => {
        if (plans.least(kind, horizon, values) >= GroupPlans.never) possible = false;
        else
          for (let n = 0; n < plansARound; n++)
            this.add(kind, plans.plan(kind, horizon, cost, values, 0, this.random));
      });
      if (!possible) return { kind: 'impossible', proof: this.proof(horizon, this.noPrices(horizon)) };
    }
    let centre: readonly Float64Array[] | undefined;
    let centreWorth = -Infinity;
    for (let round = 0; round < rounds; round++) {
      if (!goOn()) return { kind: 'unknown' };
      const master = this.master(horizon, left, kinds, not);
      if (!master) return { kind: 'unknown' };
      if (master.reached >= 1 - 1e-7) return { kind: 'open', columns: master.columns, share: master.share };
      let fresh = 0;
      // From the master's prices, and the best so far, uphill by what the cheapest plans want too much of: quick, where the
      // master is slow, and the plans met on the way serve it.
      let at: readonly Float64Array[] = master.prices;
      let stride = 1;
      let stale = 0;
      for (let climb = 0; climb < steps; climb++) {
        const whole = at.map((row) => row.map((p) => Math.round(p * fine)));
        let demand = 0;
        const worth = this.worth(whole, left);
        const wants = laid.places.map(() => new Float64Array(horizon));
        priced(this.withApart(whole, left), (kind, cost) => {
          const n = numberLeft(kinds, kind);
          const least = plans.least(kind, horizon, values);
          demand += least * n;
          if (least >= GroupPlans.never) return;
          const per = master.perGroup.get(kind)!;
          for (let k = 0; k < plansAClimb; k++) {
            const plan = plans.plan(kind, horizon, cost, values, 0, this.random);
            plan.forEach((t, i) => {
              if (t < 0) return;
              const row = wants[laid.station[i]!]!;
              for (let m = t; m < t + laid.duration[i]!; m++) row[m]! += n / plansAClimb;
            });
            if (this.costAt(plan, master.prices, left) < per - 1e-9 && this.add(kind, plan)) fresh++;
          }
        });
        if (demand > worth) return { kind: 'impossible', proof: this.proof(horizon, whole) };
        if (climb === 0 && centre) {
          // The master's own prices come first: where even they bring no plan, there is none to bring.
          at = mixed(master.prices, centre);
          continue;
        }
        const ratio = worth > 0 ? demand / worth : -Infinity;
        if (ratio > centreWorth) {
          [centreWorth, centre] = [ratio, at];
          stale = 0;
        } else if (++stale > 4) {
          stride /= 2;
          stale = 0;
          at = (centre ?? at).map((row) => row.slice());
        }
        const next = at.map((row) => row.slice());
        this.uphill(next, wants, left, (stride * (1.002 * worth - demand)) / fine);
        at = next;
      }
      if (fresh === 0) return { kind: 'unknown' };
    }
    return { kind: 'unknown' };
  }

  private noPrices(horizon: number): Float64Array[] {
    const { laid, apart } = this.frame;
    return [...laid.places, ...apart].map(() => new Float64Array(horizon));
  }
  /** What a plan costs at prices that are not whole. */
  private costAt(plan: GroupPlan, prices: readonly Float64Array[], left: readonly Int32Array[]): number {
    const { laid } = this.frame;
    const asPrices = this.withApart(prices, left);
    let sum = 0;
    plan.forEach((t, i) => {
      if (t < 0) return;
      const row = asPrices[laid.station[i]!]!;
      for (let k = t; k < t + laid.duration[i]!; k++) sum += row[k]!;
    });
    return sum;
  }
  /** Raises prices where more is wanted than there is, lowers them where less is, by a step meant to close a gap. */
  private uphill(
    at: readonly Float64Array[],
    wants: readonly Float64Array[],
    left: readonly Int32Array[],
    gap: number,
  ): void {
    const { laid, apart } = this.frame;
    const slopes = [
      ...laid.places.map((_, s) =>
        Float64Array.from(at[s]!, (p, t) => {
          const slope = wants[s]![t]! - left[s]![t]!;
          return p > 0 || slope > 0 ? slope : 0;
        }),
      ),
      ...apart.map(([a, b], k) =>
        Float64Array.from(at[laid.places.length + k]!, (p, t) => {
          const [la, lb] = [left[a]![t]!, left[b]![t]!];
          const slope = wants[a]![t]! * lb + wants[b]![t]! * la - la * lb;
          return p > 0 || slope > 0 ? slope : 0;
        }),
      ),
    ];
    const steep = slopes.reduce((sum, row) => row.reduce((s, g) => s + g * g, sum), 0);
    if (!steep) return;
    const step = gap / steep;
    slopes.forEach((row, r) => row.forEach((g, t) => (at[r]![t] = Math.max(0, at[r]![t]! + step * g))));
  }
  /** What all places left are worth at these prices; a pair kept apart sells the product of its places. */
  private worth(whole: readonly Float64Array[], left: readonly Int32Array[]): number {
    const { laid, apart } = this.frame;
    let sum = 0;
    laid.places.forEach((_, s) => whole[s]!.forEach((p, t) => (sum += p * left[s]![t]!)));
    apart.forEach(([a, b], k) =>
      whole[laid.places.length + k]!.forEach((p, t) => (sum += p * left[a]![t]! * left[b]![t]!)),
    );
    return sum;
  }
  /** Prices of stations with what the pairs kept apart add: a place at one takes its share of the other's. */
  private withApart(whole: readonly Float64Array[], left: readonly Int32Array[]): readonly Float64Array[] {
    const { laid, apart } = this.frame;
    if (!apart.length) return whole;
    const prices = laid.places.map((_, s) => Float64Array.from(whole[s]!));
    apart.forEach(([a, b], k) =>
      whole[laid.places.length + k]!.forEach((p, t) => {
        prices[a]![t]! += p * left[b]![t]!;
        prices[b]![t]! += p * left[a]![t]!;
      }),
    );
    return prices;
  }
  private proof(horizon: number, whole: readonly Float64Array[]): RotaProof {
    const n = this.frame.laid.places.length;
    return {
      horizon,
      prices: whole.slice(0, n).map((row) => [...row]),
      apart: whole.slice(n).map((row) => [...row]),
    };
  }

  /** Drops of these the columns that are furthest from being worth their price. */
  private drop(
    columns: readonly Column[],
    price: readonly Float64Array[],
    perGroup: ReadonlyMap<GroupKind, number>,
    values: Readonly<Record<string, number>>,
    left: readonly Int32Array[],
  ): void {
    const dear = columns
      .map((column, j) => ({
        column,
        over: values[`x${j}`] ? -1 : this.costAt(column.starts, price, left) - perGroup.get(column.kind)!,
      }))
      .sort((a, b) => b.over - a.over)
      .slice(0, Math.floor(columns.length / 2))
      .filter(({ over }) => over > 1e-9);
    const gone = new Set(dear.map(({ column }) => column));
    this.columns = this.columns.filter((c) => !gone.has(c));
    for (const { kind, starts } of gone) this.known.delete(keyOf(kind, starts));
  }

  /** As many whole sets of plans as fit into the places in parts. */
  /** The places and groups left where some groups have their plans. */
  private withHeld(horizon: number, held?: ReadonlyMap<number, GroupPlan>) {
    const { frame } = this;
    const { laid } = frame;
    const left = frame.placesLeft(horizon);
    const kinds: KindLeft[] = frame.kinds.map((kind) => ({ kind, n: kind.groups.length }));
    for (const [g, starts] of held ?? []) {
      kinds.find(({ kind }) => kind.groups.includes(g))!.n--;
      starts.forEach((t, i) => {
        if (t < 0) return;
        const s = laid.station[i]!;
        for (let k = t; k < t + laid.duration[i]!; k++) {
          left[s]![k]!--;
          for (const [a, b] of frame.apart)
            if (a === s) left[b]![k] = 0;
            else if (b === s) left[a]![k] = 0;
        }
      });
    }
    return { left, kinds };
  }

  private master(
    horizon: number,
    left: readonly Int32Array[],
    kinds: readonly KindLeft[],
    not?: (column: Column) => boolean,
  ) {
    const { laid, apart } = this.frame;
    const columns = this.columns.filter(
      (c) => c.end <= horizon && !not?.(c) && couldOccupy(laid, left, c.starts),
    );
    const rows = rowsOfPlaces(this.frame, this.scarce, columns, horizon, left);
    const lines = ['Maximize', 'obj: z', 'Subject To'];
    for (const [k, { kind, n }] of kinds.entries()) {
      const own = columns.flatMap((c, j) => (c.kind === kind ? [` - x${j}`] : []));
      lines.push(`k${k}: ${n} z${own.join('')} <= 0`);
    }
    lines.push(...rows, 'Bounds', 'z <= 1', 'End');
    const answer = solveMip(lines.join('\n'), 20, { small: true });
    if (answer.status !== 'optimal' || !answer.prices) return undefined;
    const { prices, values } = answer;
    const price = this.noPrices(horizon);
    this.scarce.forEach((s, r) => {
      for (let t = 0; t < horizon; t++) price[s]![t] = Math.max(0, prices[`r${r}_${t}`] ?? 0);
    });
    apart.forEach((_, p) => {
      for (let t = 0; t < horizon; t++)
        price[laid.places.length + p]![t] = Math.max(0, prices[`a${p}_${t}`] ?? 0);
    });
    const perGroup = new Map(kinds.map(({ kind }, k) => [kind, Math.max(0, prices[`k${k}`] ?? 0)]));
    if (columns.length > mostColumns) this.drop(columns, price, perGroup, values, left);
    return {
      reached: answer.objective,
      prices: price,
      perGroup,
      columns,
      share: columns.map((_, j) => values[`x${j}`] ?? 0),
    };
  }
}
