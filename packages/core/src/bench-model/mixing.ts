/** What happens at once when things meet: the equilibrium, dissolving, oxidation, layers. */
import type { Component } from '../equilibrium/components.js';
import { dissolvesTo } from '../equilibrium/dissolves.js';
import { settle } from '../equilibrium/solve.js';
import { saltFormula } from '../formulas/salt-ions.js';
import type { Extra } from './shelf.js';
import { extraIn, pHOf, plus, totalIn, type Vessel } from './vessel.js';

type Parts = Readonly<Partial<Record<Component, number>>>;
type Extras = Readonly<Partial<Record<Extra, number>>>;

/** Adds mol of something by its parts. */
export function bring(v: Vessel, parts: Parts, extras: Extras | undefined, mol: number): void {
  for (const [c, n] of Object.entries(parts) as [Component, number][]) plus(v.moles, c, n * mol);
  for (const [e, n] of Object.entries(extras ?? {}) as [Extra, number][]) plus(v.extras, e, n * mol);
}

/** Wets the dry solids: what dissolves goes into the liquid; carbonates and sulfites that do not stay as pieces acid works on. */
export function wet(v: Vessel): void {
  if (v.mL <= 0) return;
  for (const dry of v.dry) {
    const formula = saltFormula(Object.keys(dry.ions).filter((id) => (dry.ions[id] ?? 0) > 0));
    const gasGiver = (dry.parts['CO3^2-'] ?? 0) > 0 && (dry.parts['H+'] ?? 0) <= 0;
    const share = formula ? (dissolvesTo(formula, Math.min(1, (dry.mol / v.mL) * 1000)) ?? 1) : 1;
    if (gasGiver && share < 0.5)
      v.pieces.push({
        kind: 'salt',
        id: formula,
        parts: dry.parts,
        mol: dry.mol,
        start_mol: dry.mol,
        lumps: dry.lumps,
        coat: 0,
        inAcid_s: 0,
      });
    else bring(v, dry.parts, dry.extras, dry.mol);
  }
  v.dry = [];
}

/** Moves halogens from water into the layer: wholly enough when shaken. */
export function extract(v: Vessel): void {
  if (v.layer_mL <= 0) return;
  // Partition between hexane and water: nearly all of each goes up in one shake (source `vogel`; figures estimated).
  const share = { Cl2: 0.9, Br2: 0.95, I2: 0.97 } as const;
  for (const x of ['Cl2', 'Br2', 'I2'] as const) {
    const moved = (v.extras.get(x) ?? 0) * share[x];
    plus(v.extras, x, -moved);
    plus(v.layer, x, moved);
  }
}

/** So much of one reaction as both partners allow; what it uses and gives per unit. */
function react(
  v: Vessel,
  uses: { readonly extras?: Extras; readonly parts?: Parts },
  gives: { readonly extras?: Extras; readonly parts?: Parts; readonly protons?: number },
): number {
  const limits = [
    ...Object.entries(uses.extras ?? {}).map(([e, n]) => (v.extras.get(e as Extra) ?? 0) / n),
    ...Object.entries(uses.parts ?? {}).map(([c, n]) => (v.moles.get(c as Component) ?? 0) / n),
  ];
  const extent = Math.max(0, Math.min(...limits));
  if (extent <= 1e-12) return 0;
  bring(v, uses.parts ?? {}, uses.extras, -extent);
  bring(v, { ...gives.parts, 'H+': gives.protons ?? 0 }, gives.extras, extent);
  return extent;
}

/**
 * Oxidations a school tube shows, strongest oxidant first, each to the end: chlorine and bromine on halides and
 * sulfite, manganate(VII) on what it takes, iron(III) on iodide. Electrode potentials order them (source `vogel`).
 */
export function oxidise(v: Vessel): void {
  const acid = () => totalIn(v, 'H+');
  react(v, { extras: { Cl2: 1 }, parts: { 'I-': 2 } }, { extras: { I2: 1 }, parts: { 'Cl-': 2 } });
  react(v, { extras: { Cl2: 1 }, parts: { 'Br-': 2 } }, { extras: { Br2: 1 }, parts: { 'Cl-': 2 } });
  react(v, { extras: { Br2: 1 }, parts: { 'I-': 2 } }, { extras: { I2: 1 }, parts: { 'Br-': 2 } });
  react(v, { extras: { Cl2: 1 }, parts: { 'SO3^2-': 1 } }, { parts: { 'SO4^2-': 1, 'Cl-': 2 }, protons: 2 });
  react(v, { extras: { Br2: 1 }, parts: { 'SO3^2-': 1 } }, { parts: { 'SO4^2-': 1, 'Br-': 2 }, protons: 2 });
  react(v, { extras: { I2: 1 }, parts: { 'SO3^2-': 1 } }, { parts: { 'SO4^2-': 1, 'I-': 2 }, protons: 2 });
  react(v, { extras: { Cl2: 1 }, parts: { 'Fe2+': 2 } }, { parts: { 'Fe3+': 2, 'Cl-': 2 } });
  if (acid() > -0.01) {
    const manganese = { 'Mn2+': 2 } as const;
    react(
      v,
      { extras: { 'MnO4-': 2 }, parts: { 'I-': 10 } },
      { extras: { I2: 5 }, parts: manganese, protons: -16 },
    );
    react(
      v,
      { extras: { 'MnO4-': 2 }, parts: { 'SO3^2-': 5 } },
      { parts: { ...manganese, 'SO4^2-': 5 }, protons: -6 },
    );
    react(
      v,
      { extras: { 'MnO4-': 1 }, parts: { 'Fe2+': 5 } },
      { parts: { 'Mn2+': 1, 'Fe3+': 5 }, protons: -8 },
    );
    if (acid() > 0.02) react(v, { extras: { 'MnO4-': 2, H2O2: 5 } }, { parts: manganese, protons: -6 });
  }
  react(v, { parts: { 'Fe3+': 2, 'I-': 2 } }, { extras: { I2: 1 }, parts: { 'Fe2+': 2 } });
  // Iodide reduces copper(II) where nothing holds it: 2 Cu2+ + 4 I- → 2 CuI + I2, brown as it falls (source `vogel`).
  if (pHOf(v) < 8 && totalIn(v, 'NH3') < 0.01)
    react(v, { parts: { 'Cu2+': 2, 'I-': 4 } }, { extras: { CuI: 2, I2: 1 } });
  if (acid() > 4 && totalIn(v, 'Cl-') > 4) {
    // Strong hydrochloric acid on manganate(VII): 2 MnO4- + 10 Cl- + 16 H+ → 2 Mn2+ + 5 Cl2 + 8 H2O
    const extent = react(
      v,
      { extras: { 'MnO4-': 2 }, parts: { 'Cl-': 10 } },
      { extras: { Cl2: 5 }, parts: { 'Mn2+': 2 }, protons: -16 },
    );
    if (extent > 0) {
      const given = (v.extras.get('Cl2') ?? 0) * 0.8;
      plus(v.extras, 'Cl2', -given);
      plus(v.pool, 'Cl2', given);
    }
  }
  if (extraIn(v, 'Br2') < 0) v.extras.set('Br2', 0);
}

/** Settles the liquid; gas beyond saturation goes to the pool of bubbles. @throws Error where the equilibrium is not found. */
export function settled(v: Vessel): void {
  if (v.mL <= 0) {
    delete v.state;
    return;
  }
  const litres = v.mL / 1000;
  const state = settle(Object.fromEntries([...v.moles].map(([c, n]) => [c, n / litres])));
  if (!state.converged) throw new Error(`the equilibrium in ${v.id} did not converge for this mixture`);
  for (const [gas, carrier] of [
    ['CO2', 'CO3^2-'],
    ['SO2', 'SO3^2-'],
  ] as const) {
    const mol = Math.min((state.gases.get(gas) ?? 0) * litres, Math.max(0, v.moles.get(carrier) ?? 0));
    if (mol <= 0) continue;
    plus(v.moles, carrier, -mol);
    plus(v.moles, 'H+', -2 * mol);
    plus(v.pool, gas, mol);
  }
  v.state = state;
}

/** Everything that happens at once. */
export function mix(v: Vessel): void {
  wet(v);
  oxidise(v);
  settled(v);
}
