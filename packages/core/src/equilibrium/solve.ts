/**
 * Which species, solids and gases a mixture settles to.
 *
 * The state of least Gibbs energy is found from its dual: over x, the logarithms of the components'
 * activities, Σ c_j(x) − Σ T_i x_i is convex, every solid (and every gas that escapes) is a plane
 * a·x ≤ ln K that x may not cross, and the multiplier of a plane that is touched is the amount of that
 * solid. A primal–dual interior-point Newton method with bounded steps solves it, so that no guess of
 * which solids form is needed; activity coefficients follow the ionic strength as it goes.
 * It says whether it converged.
 */
import { lnActivityCoefficient } from './activity.js';
import { chargeOf, chargeOfMixture, components, type Component } from './components.js';
import { dissolvedSpecies } from './dissolved-species.js';
import { escapingGases } from './gases.js';
import { solveLinear } from './linear-solve.js';
import { saturationLog, solids } from './solids.js';

/** Amounts of the components in mol/dm3; `H+` counts protons beyond water and may be negative. */
export type Totals = Readonly<Partial<Record<Component, number>>>;

export interface EquilibriumState {
  /** −log10 of the activity of H+. */
  readonly pH: number;
  /** mol/dm3 of each dissolved species, by formula. */
  readonly dissolved: ReadonlyMap<string, number>;
  /** mol of each solid per dm3 of mixture, by formula. */
  readonly solids: ReadonlyMap<string, number>;
  /** mol of each gas given off per dm3 of mixture. */
  readonly gases: ReadonlyMap<string, number>;
  readonly ionicStrength: number;
  readonly converged: boolean;
  readonly iterations: number;
}

const ln10 = Math.LN10;
/** Totals below this many mol/dm3 are taken for absent. */
const absent = 1e-15;
const mostIterations = 300;
/** Where the barrier ends, as a share of what could fall out. */
const muEnd = 1e-11;
/** Balances are met when they are off by less than this share of what they add up. */
const balanced = 1e-8;

interface Row {
  readonly formula: string;
  /** Stoichiometry over the components that are in play. */
  readonly a: Float64Array;
  readonly lnK: number;
  readonly charge: number;
}
/** What a set of components can form: laid out once for each set and kept. */
interface System {
  readonly active: readonly Component[];
  readonly species: readonly Row[];
  readonly planes: readonly Row[];
  readonly gasFrom: number;
  /** For each component its forms that hold one of it and else only protons: how many, and ln K. */
  readonly forms: readonly (readonly { readonly protons: number; readonly lnK: number }[])[];
}
const systems = new Map<string, System>();
const mostSystems = 500;

const madeOnlyOf = (madeOf: Readonly<Partial<Record<string, number>>>, set: ReadonlySet<string>): boolean =>
  Object.keys(madeOf).every((c) => set.has(c));

function systemOf(active: readonly Component[]): System {
  const key = active.join();
  const kept = systems.get(key);
  if (kept) return kept;
  const set = new Set<string>(active);
  const row = (formula: string, madeOf: Readonly<Partial<Record<Component, number>>>, logK: number): Row => ({
    formula,
    a: Float64Array.from(active, (c) => madeOf[c] ?? 0),
    lnK: logK * ln10,
    charge: chargeOfMixture(madeOf),
  });
  const species = [
    ...active.map((c) => row(c, { [c]: 1 }, 0)),
    ...dissolvedSpecies.filter((s) => madeOnlyOf(s.madeOf, set)).map((s) => row(s.formula, s.madeOf, s.logK)),
  ];
  const ofSolids = solids
    .filter((s) => madeOnlyOf(s.madeOf, set))
    .map((s) => row(s.formula, s.madeOf, saturationLog(s)));
  const ofGases = escapingGases
    .filter((g) => madeOnlyOf(g.madeOf, set))
    .map((g) => row(g.id, g.madeOf, Math.log10(g.stays_M) - g.logK));
  const h = active.indexOf('H+');
  const forms = active.map((_, i) =>
    species.flatMap(({ a, lnK }) =>
      a[i] === 1 && a.every((v, k) => v === 0 || k === i || k === h) ? [{ protons: a[h]!, lnK }] : [],
    ),
  );
  const system = { active, species, planes: [...ofSolids, ...ofGases], gasFrom: ofSolids.length, forms };
  if (systems.size >= mostSystems) systems.clear();
  systems.set(key, system);
  return system;
}

/** Metals whose hydroxide falls out and takes alkali with it, with the hydroxides it takes. */
const takesHydroxide: Readonly<Partial<Record<Component, number>>> = {
  'Al3+': 3,
  'Cr3+': 3,
  'Fe3+': 3,
  'Fe2+': 2,
  'Zn2+': 2,
  'Pb2+': 2,
  'Mn2+': 2,
  'Co2+': 2,
  'Ni2+': 2,
  'Cu2+': 2,
  'Mg2+': 2,
  'Ag+': 1,
};

/**
 * Where to start: the pH at which the acids and bases alone take up the protons there are, then each
 * component as free as its complexes with protons leave it.
 */
function firstGuess({ active, forms }: System, t: Float64Array): Float64Array {
  const n = active.length;
  const h = active.indexOf('H+');
  const x = new Float64Array(n);
  /** ln of the sum over a component's forms, and the protons they hold on average. */
  const held = (i: number, xH: number): { lnSum: number; protons: number } => {
    let sum = 0;
    let protons = 0;
    for (const form of forms[i]!) {
      const amount = Math.exp(Math.min(form.lnK + form.protons * xH, 200));
      sum += amount;
      protons += amount * form.protons;
    }
    return { lnSum: Math.log(sum), protons: protons / sum };
  };
  const bases = active.flatMap((c, i) => (c === 'NH3' || (c.endsWith('-') && i !== h) ? [i] : []));
  const taken = active.reduce((sum, c, i) => sum + (takesHydroxide[c] ?? 0) * t[i]!, 0);
  const protons = t[h]! < 0 ? Math.min(0, t[h]! + taken) : t[h]!;
  let [low, high] = [-36, 3];
  for (let k = 0; k < 40; k++) {
    const middle = (low + high) / 2;
    let all = Math.exp(middle) - Math.exp(-32.23 - middle);
    for (const i of bases) all += t[i]! * held(i, middle).protons;
    if (all < protons) low = middle;
    else high = middle;
  }
  x[h] = (low + high) / 2;
  for (let i = 0; i < n; i++) if (i !== h) x[i] = Math.log(t[i]!) - Math.max(0, held(i, x[h]!).lnSum) - 0.7;
  return x;
}

/** How far inside a plane a point lies; negative beyond it. */
function gapOf(plane: Row, x: Float64Array): number {
  let gap = plane.lnK;
  for (let i = 0; i < x.length; i++) if (plane.a[i]) gap -= plane.a[i]! * x[i]!;
  return gap;
}

/** Ions that form nothing tabulated with the others present: they only add to the ionic strength. */
function partners(totals: Totals): Component[] {
  const present = components.filter((c) => c === 'H+' || Math.abs(totals[c] ?? 0) > absent);
  const set = new Set<string>(present);
  const busy = new Set<string>(['H+']);
  for (const { madeOf } of [...dissolvedSpecies, ...solids])
    if (madeOnlyOf(madeOf, set)) for (const c of Object.keys(madeOf)) busy.add(c);
  return present.filter((c) => busy.has(c));
}

/**
 * Settles a mixture.
 * @param totals mol/dm3 of each component; charges must balance with what counts as inert.
 * @returns the state; `converged` is false where the balances could not be met to `balanced`.
 */
export function settle(totals: Totals): EquilibriumState {
  const system = systemOf(partners(totals));
  const { active, species, planes, gasFrom } = system;
  const n = active.length;
  const t = Float64Array.from(active, (c) => totals[c] ?? 0);
  const inert = components.filter((c) => !active.includes(c) && Math.abs(totals[c] ?? 0) > absent);
  const inertStrength = inert.reduce((sum, c) => sum + (totals[c] ?? 0) * chargeOf(c) ** 2, 0);

  const x = firstGuess(system, t);
  const m = planes.length;
  const s = new Float64Array(m);
  const z = new Float64Array(m);
  // Start well inside every plane: what would be oversaturated begins with less of its metal (or carbonate) free.
  for (const plane of planes) {
    const gap = gapOf(plane, x);
    const lead = active.findIndex(
      (component, i) => component !== 'H+' && component !== 'NH3' && plane.a[i]! > 0,
    );
    if (gap < 1 && lead >= 0) x[lead]! -= (1 - gap) / plane.a[lead]!;
  }
  // Each plane is weighed by the most of its solid that could fall out, so that traces count for themselves.
  const most = Float64Array.from(planes, ({ a }) =>
    active.reduce(
      (least, component, i) => (component !== 'H+' && a[i]! > 0 ? Math.min(least, t[i]! / a[i]!) : least),
      10,
    ),
  );
  let mu = 0.1;
  planes.forEach((plane, k) => {
    s[k] = Math.max(gapOf(plane, x), 0.5);
    z[k] = (mu * most[k]!) / s[k]!;
  });
  const c = new Float64Array(species.length);
  const gradient = new Float64Array(n);
  const scale = new Float64Array(n);
  const hessian = new Float64Array(n * n);
  const step = new Float64Array(n);
  const gaps = new Float64Array(m);
  const ds = new Float64Array(m);
  const dz = new Float64Array(m);
  const strong: number[] = [];
  let strength = Math.min(1.5, 0.5 * (inertStrength + t.reduce((sum, v) => sum + Math.abs(v), 0)));
  let converged = false;
  let iterations = 0;
  let relax = 0.8;
  let lastChange = 0;
  while (iterations < mostIterations) {
    iterations++;
    gradient.fill(0);
    scale.fill(0);
    hessian.fill(0);
    let squares = inertStrength;
    for (let j = 0; j < species.length; j++) {
      const { a, lnK, charge } = species[j]!;
      let ln = lnK - lnActivityCoefficient(charge, strength);
      for (let i = 0; i < n; i++) if (a[i]) ln += a[i]! * x[i]!;
      const amount = Math.exp(Math.min(ln, 60));
      c[j] = amount;
      squares += amount * charge * charge;
      for (let i = 0; i < n; i++) {
        const ai = a[i]!;
        if (!ai) continue;
        gradient[i]! += ai * amount;
        scale[i]! += Math.abs(ai) * amount;
        for (let k = 0; k < n; k++) if (a[k]) hessian[i * n + k]! += ai * a[k]! * amount;
      }
    }
    let worst = 0;
    let complementarity = 0;
    let infeasible = 0;
    for (let i = 0; i < n; i++) gradient[i]! -= t[i]!;
    for (let i = 0; i < n; i++) step[i] = -gradient[i]!;
    // Planes that bear a solid stay in the equations with their multiplier: eliminating them would drown the
    // small curvature of what is left in solution. The others are eliminated.
    strong.length = 0;
    for (let k = 0; k < m; k++) {
      const { a } = planes[k]!;
      const gap = gapOf(planes[k]!, x) - s[k]!;
      gaps[k] = gap; // how far the plane's slack is from what it should be
      infeasible = Math.max(infeasible, Math.abs(gap));
      complementarity = Math.max(complementarity, (s[k]! * z[k]!) / most[k]!);
      const weight = z[k]! / s[k]!;
      const target = mu * most[k]!;
      const bears = weight > most[k]!;
      if (bears) strong.push(k);
      // Eliminating slack and multiplier: z + dz = (mu − z ds)/s with ds = gap − a·dx.
      const pull = bears ? z[k]! : target / s[k]! - weight * gap;
      for (let i = 0; i < n; i++) {
        const ai = a[i]!;
        if (!ai) continue;
        gradient[i]! += ai * z[k]!;
        scale[i]! += Math.abs(ai) * z[k]!;
        step[i]! -= ai * pull;
        if (!bears) for (let q = 0; q < n; q++) if (a[q]) hessian[i * n + q]! += ai * a[q]! * weight;
      }
    }
    for (let i = 0; i < n; i++)
      worst = Math.max(worst, Math.abs(gradient[i]!) / Math.max(scale[i]! + Math.abs(t[i]!), 1e-12));
    const nextStrength = 0.5 * squares;
    const drift = Math.abs(Math.min(nextStrength, 1.5) - Math.min(strength, 1.5));
    if (worst < balanced && infeasible < 1e-9 && complementarity < 10 * muEnd && drift < 1e-7) {
      converged = true;
      break;
    }
    const size = n + strong.length;
    const matrix = new Float64Array(size * size);
    const unknowns = new Float64Array(size);
    for (let i = 0; i < n; i++) {
      unknowns[i] = step[i]!;
      for (let k = 0; k < n; k++) matrix[i * size + k] = hessian[i * n + k]!;
      matrix[i * size + i]! += 1e-30;
    }
    strong.forEach((k, place) => {
      const row = n + place;
      const { a } = planes[k]!;
      for (let i = 0; i < n; i++) {
        matrix[row * size + i] = a[i]!;
        matrix[i * size + row] = a[i]!;
      }
      // a·dx − (s/z) dz = gap + s − mu/z
      matrix[row * size + row] = -s[k]! / z[k]!;
      unknowns[row] = gaps[k]! + s[k]! - (mu * most[k]!) / z[k]!;
    });
    if (!solveLinear(matrix, unknowns, size)) break;
    step.set(unknowns.subarray(0, n));
    let reach = 1;
    let longest = 0;
    for (let i = 0; i < n; i++) longest = Math.max(longest, Math.abs(step[i]!));
    if (longest > 4) reach = 4 / longest;
    for (let k = 0; k < m; k++) {
      const { a } = planes[k]!;
      const place = strong.indexOf(k);
      if (place >= 0) {
        dz[k] = unknowns[n + place]!;
        ds[k] = (mu * most[k]! - s[k]! * dz[k]!) / z[k]! - s[k]!;
      } else {
        let d = gaps[k]!;
        for (let i = 0; i < n; i++) if (a[i]) d -= a[i]! * step[i]!;
        ds[k] = d;
        dz[k] = (mu * most[k]!) / s[k]! - z[k]! - (z[k]! / s[k]!) * d;
      }
      if (ds[k]! < 0) reach = Math.min(reach, (-0.95 * s[k]!) / ds[k]!);
      if (dz[k]! < 0) reach = Math.min(reach, (-0.95 * z[k]!) / dz[k]!);
    }
    for (let i = 0; i < n; i++) x[i]! += reach * step[i]!;
    for (let k = 0; k < m; k++) {
      s[k]! += reach * ds[k]!;
      z[k]! += reach * dz[k]!;
    }
    // The strength follows once the composition has come near; where it swings to and fro it goes slower.
    if (worst < 0.5) {
      const change = Math.min(nextStrength, 5) - strength;
      relax = change * lastChange < 0 ? Math.max(0.1, relax * 0.6) : Math.min(0.9, relax * 1.15);
      strength += relax * change;
      lastChange = change;
    }
    if (reach > 0.3 && mu > muEnd) mu *= worst < 1e-2 ? 0.1 : 0.4;
  }
  const dissolved = new Map<string, number>();
  species.forEach(({ formula }, j) => dissolved.set(formula, c[j]!));
  inert.forEach((component) => dissolved.set(component, totals[component] ?? 0));
  const fallen = new Map<string, number>();
  const given = new Map<string, number>();
  planes.forEach(({ formula }, k) => {
    if (z[k]! > 1e-9) (k < gasFrom ? fallen : given).set(formula, z[k]!);
  });
  return {
    pH: -x[active.indexOf('H+')]! / ln10,
    dissolved,
    solids: fallen,
    gases: given,
    ionicStrength: strength,
    converged,
    iterations,
  };
}
