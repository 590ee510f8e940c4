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
  const system = { active, species, planes: [...ofSolids, ...ofGases], gasFrom: ofSolids.length };
  if (systems.size >= mostSystems) systems.clear();
  systems.set(key, system);
  return system;
}

/** Solves the symmetric positive definite system M d = r in place by Cholesky; returns whether it could. */
function solveSymmetric(m: Float64Array, r: Float64Array, n: number): boolean {
  for (let j = 0; j < n; j++) {
    let d = m[j * n + j]!;
    for (let k = 0; k < j; k++) d -= m[j * n + k]! * m[j * n + k]!;
    if (!(d > 0)) return false;
    const root = Math.sqrt(d);
    m[j * n + j] = root;
    for (let i = j + 1; i < n; i++) {
      let v = m[i * n + j]!;
      for (let k = 0; k < j; k++) v -= m[i * n + k]! * m[j * n + k]!;
      m[i * n + j] = v / root;
    }
  }
  for (let i = 0; i < n; i++) {
    let v = r[i]!;
    for (let k = 0; k < i; k++) v -= m[i * n + k]! * r[k]!;
    r[i] = v / m[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    let v = r[i]!;
    for (let k = i + 1; k < n; k++) v -= m[k * n + i]! * r[k]!;
    r[i] = v / m[i * n + i]!;
  }
  return true;
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
 * @returns the state; `converged` is false where the balances could not be met to 1e-8.
 */
export function settle(totals: Totals): EquilibriumState {
  const system = systemOf(partners(totals));
  const { active, species, planes, gasFrom } = system;
  const n = active.length;
  const t = Float64Array.from(active, (c) => totals[c] ?? 0);
  const inert = components.filter((c) => !active.includes(c) && Math.abs(totals[c] ?? 0) > absent);
  const inertStrength = inert.reduce((sum, c) => sum + (totals[c] ?? 0) * chargeOf(c) ** 2, 0);

  const x = new Float64Array(n);
  // Proton-rich and proton-poor mixtures start from their own side.
  const base = active.reduce(
    (sum, c, i) => sum + (c === 'CO3^2-' || c === 'PO4^3-' || c === 'NH3' || c === 'SO3^2-' ? t[i]! : 0),
    0,
  );
  active.forEach((c, i) => {
    x[i] = c === 'H+' ? (t[i]! - base > 0.001 ? -5 : t[i]! < -0.001 ? -28 : -18) : Math.log(t[i]!) - 2;
  });
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
  const smallest = t.reduce(
    (least, v, i) => (active[i] === 'H+' || v <= 0 ? least : Math.min(least, v)),
    0.1,
  );
  let mu = Math.min(1e-2, 0.1 * smallest);
  const muEnd = Math.min(1e-11, 1e-6 * smallest);
  planes.forEach((plane, k) => {
    s[k] = Math.max(gapOf(plane, x), 0.5);
    z[k] = mu / s[k]!;
  });
  const c = new Float64Array(species.length);
  const gradient = new Float64Array(n);
  const scale = new Float64Array(n);
  const hessian = new Float64Array(n * n);
  const step = new Float64Array(n);
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
        for (let k = 0; k <= i; k++) if (a[k]) hessian[i * n + k]! += ai * a[k]! * amount;
      }
    }
    let worst = 0;
    let complementarity = 0;
    let infeasible = 0;
    for (let i = 0; i < n; i++) gradient[i]! -= t[i]!;
    for (let i = 0; i < n; i++) step[i] = -gradient[i]!;
    const gaps = new Float64Array(m);
    for (let k = 0; k < m; k++) {
      const { a, lnK } = planes[k]!;
      let gap = lnK - s[k]!;
      for (let i = 0; i < n; i++) if (a[i]) gap -= a[i]! * x[i]!;
      gaps[k] = gap; // how far the plane's slack is from what it should be
      infeasible = Math.max(infeasible, Math.abs(gap));
      complementarity = Math.max(complementarity, s[k]! * z[k]!);
      const weight = z[k]! / s[k]!;
      // Eliminating slack and multiplier: z + dz = (mu − z ds)/s with ds = gap − a·dx.
      const pull = mu / s[k]! - weight * gap;
      for (let i = 0; i < n; i++) {
        const ai = a[i]!;
        if (!ai) continue;
        gradient[i]! += ai * z[k]!;
        scale[i]! += Math.abs(ai) * z[k]!;
        step[i]! -= ai * pull;
        for (let q = 0; q <= i; q++) if (a[q]) hessian[i * n + q]! += ai * a[q]! * weight;
      }
    }
    for (let i = 0; i < n; i++)
      worst = Math.max(worst, Math.abs(gradient[i]!) / Math.max(scale[i]! + Math.abs(t[i]!), 1e-12));
    const nextStrength = 0.5 * squares;
    const drift = Math.abs(Math.min(nextStrength, 1.5) - Math.min(strength, 1.5));
    if (worst < 1e-9 && infeasible < 1e-9 && complementarity < 10 * muEnd && drift < 1e-7) {
      converged = true;
      break;
    }
    for (let i = 0; i < n; i++) hessian[i * n + i]! += 1e-18 + 1e-15 * hessian[i * n + i]!;
    // solveSymmetric reads the lower triangle only.
    if (!solveSymmetric(hessian, step, n)) break;
    let reach = 1;
    let longest = 0;
    for (let i = 0; i < n; i++) longest = Math.max(longest, Math.abs(step[i]!));
    if (longest > 4) reach = 4 / longest;
    const ds = new Float64Array(m);
    const dz = new Float64Array(m);
    for (let k = 0; k < m; k++) {
      let d = gaps[k]!;
      const { a } = planes[k]!;
      for (let i = 0; i < n; i++) if (a[i]) d -= a[i]! * step[i]!;
      ds[k] = d;
      dz[k] = mu / s[k]! - z[k]! - (z[k]! / s[k]!) * d;
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
