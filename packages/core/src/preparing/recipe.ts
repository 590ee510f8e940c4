/** Chooses how a solution is made from what the store holds: ready, diluted or weighed, with the figures. */
import { molarMass } from '../formulas/molar-mass.js';
import { readFormula } from '../formulas/read-formula.js';
import type { BottledStock } from './making.js';
import { dilution, stockMolarity, weighing, type Stock } from './recipes.js';
import { amountOf, type StoreItem } from '../store/store.js';

export type Recipe =
  | { readonly kind: 'ready'; readonly take_mL: number; readonly from: RecipeSource; readonly mind: string }
  | {
      readonly kind: 'dilute';
      readonly stock_mL: number;
      readonly water_mL: number;
      readonly stock_M: number;
      readonly volume_mL: number;
      readonly from: RecipeSource;
      readonly mind: string;
    }
  | {
      readonly kind: 'weigh';
      readonly solid: string;
      readonly mass_g: number;
      readonly molarMass: number;
      readonly volume_mL: number;
      readonly from: RecipeSource;
      readonly mind: string;
    }
  | { readonly kind: 'otherwise'; readonly how: string; readonly mind: string }
  | { readonly kind: 'impossible'; readonly why: string };

export interface RecipeSource {
  /** Id in the store, or null where the store holds none and the usual one is named. */
  readonly item: string | null;
  readonly name: string;
  /** Is there enough within its date? */
  readonly enough: boolean;
}

export interface Wanted {
  /** Anhydrous formulas of what may be dissolved, hydrates as sold; the usual first. */
  readonly solids: readonly string[];
  readonly stocks: readonly BottledStock[];
  readonly molarity: number;
  readonly volume_mL: number;
  readonly mind: string;
  readonly otherwise?: string;
}

const dry = (formula: string): string => (readFormula(formula)?.body ?? formula).replace(/[.·]\d*H2O$/, '');

/** Volumes flasks and bottles come in, cm3. */
const flasks = [10, 25, 50, 100, 200, 250, 500, 1000, 2000, 2500, 5000] as const;

/** The volume to make for a need: the next flask up; beyond the largest, whole litres. */
export const volumeToMake = (needed_mL: number): number =>
  flasks.find((f) => f >= needed_mL) ?? Math.ceil(needed_mL / 1000) * 1000;

const strengthOf = (item: StoreItem): Stock | undefined =>
  item.molarity !== null
    ? { molarity: item.molarity }
    : item.percent !== null && item.density !== null
      ? { solute: item.formula, percent: item.percent, density: item.density }
      : undefined;

/** The recipe from one thing in the store, or undefined where it cannot serve. */
function fromItem(item: StoreItem, wanted: Wanted, today: string): Recipe | undefined {
  const solutes = [...wanted.solids, ...wanted.stocks.map((s) => s.solute)].map(dry);
  if (!item.formula || !solutes.includes(dry(item.formula))) return undefined;
  const left = amountOf(item, today);
  const from = (needed: number): RecipeSource => ({ item: item.id, name: item.name, enough: left >= needed });
  const { molarity, volume_mL, mind } = wanted;
  if (item.form === 'solid') {
    const { mass_g, molarMass: M } = weighing({ solute: item.formula, molarity, volume_mL });
    return { kind: 'weigh', solid: item.formula, mass_g, molarMass: M, volume_mL, from: from(mass_g), mind };
  }
  const stock = strengthOf(item);
  if (!stock) return undefined;
  const strength = stockMolarity(stock);
  if (Math.abs(strength - molarity) < 1e-9 * molarity || nearEnoughTo(strength, molarity))
    return {
      kind: 'ready',
      take_mL: volume_mL,
      from: from(volume_mL),
      mind: 'As it stands in the store, undiluted.',
    };
  if (strength < molarity) return undefined;
  const { stock_mL } = dilution(stock, { molarity, volume_mL });
  return {
    kind: 'dilute',
    stock_mL,
    stock_M: strength,
    water_mL: volume_mL - stock_mL,
    volume_mL,
    from: from(stock_mL),
    mind,
  };
}

/** A bottled acid as strong as what is wanted, near enough, is what is meant: it is used as it comes. */
const asItComes = 0.05;
const concentrated_M = 5;
const nearEnoughTo = (strength: number, wanted: number): boolean =>
  wanted >= concentrated_M && Math.abs(strength - wanted) <= asItComes * wanted;

const rank = (recipe: Recipe): number => {
  if (!('from' in recipe)) return 9;
  const kind = { ready: 0, dilute: 1, weigh: 2 }[recipe.kind];
  return (recipe.from.enough ? 0 : 10) + kind;
};

/** The recipe with what is usually bought, where the store holds nothing that serves. */
function usual({ solids, stocks, molarity, volume_mL, mind, otherwise }: Wanted): Recipe {
  const stock = stocks[0];
  if (stock) {
    const from = { item: null, name: `${stock.name} (${stock.percent} %)`, enough: false };
    const stock_M = stockMolarity(stock);
    if (nearEnoughTo(stock_M, molarity))
      return { kind: 'ready', take_mL: volume_mL, from, mind: 'As it comes, undiluted.' };
    const { stock_mL } = dilution(stock, { molarity, volume_mL });
    return { kind: 'dilute', stock_mL, stock_M, water_mL: volume_mL - stock_mL, volume_mL, from, mind };
  }
  const solid = solids[0];
  if (solid) {
    const { mass_g, molarMass: M } = weighing({ solute: solid, molarity, volume_mL });
    const from = { item: null, name: solid, enough: false };
    return { kind: 'weigh', solid, mass_g, molarMass: M, volume_mL, from, mind };
  }
  return { kind: 'otherwise', how: otherwise ?? 'as supplied', mind };
}

/**
 * Recipes for a solution, best first: ready before diluted before weighed, what suffices before what does
 * not; without anything in the store, the usual one with its source marked as missing.
 * @param today yyyy-mm-dd; batches past their date do not count.
 */
export function recipesFor(wanted: Wanted, store: readonly StoreItem[], today: string): Recipe[] {
  try {
    const found = store.flatMap((item) => fromItem(item, wanted, today) ?? []);
    found.sort((a, b) => rank(a) - rank(b));
    return found.length ? found : [usual(wanted)];
  } catch (error) {
    return [{ kind: 'impossible', why: `${(error as Error).message}.` }];
  }
}

/** g of a solid for an amount of it in mol. */
export const massOf = (formula: string, moles: number): number => moles * molarMass(formula);
