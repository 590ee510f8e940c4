/** What the store holds, as planning sees it, and how it warns. */
import { dayWords } from '../formats/day-words.js';

export interface StoreBatch {
  readonly id: string;
  readonly code: string;
  /** In the item's unit. */
  readonly amount: number;
  /** ISO dates (yyyy-mm-dd) or null. */
  readonly opened: string | null;
  readonly expires: string | null;
}
export const storeForms = ['solid', 'solution', 'liquid', 'metal', 'other'] as const;
export type StoreForm = (typeof storeForms)[number];
export interface StoreItem {
  readonly id: string;
  readonly name: string;
  /** Formula as on the bottle, hydrate included; empty for papers, foil and the like. */
  readonly formula: string;
  readonly form: StoreForm;
  /** mol/dm3 of a solution; or percent and density (g/cm3) of a concentrated one. */
  readonly molarity: number | null;
  readonly percent: number | null;
  readonly density: number | null;
  readonly unit: 'g' | 'mL' | 'pieces';
  readonly place: string;
  /** Warn below this much. */
  readonly lowBelow: number;
  readonly batches: readonly StoreBatch[];
}

const day = 86_400_000;
const asDay = (iso: string): number => Date.parse(`${iso}T00:00:00Z`);

/** Has a batch passed its date? @param today yyyy-mm-dd */
export const isExpired = ({ expires }: StoreBatch, today: string): boolean =>
  expires !== null && asDay(expires) < asDay(today);

/** What can be used: batches within their date, soonest to expire first. */
export const usable = ({ batches }: StoreItem, today: string): readonly StoreBatch[] =>
  batches
    .filter((b) => b.amount > 0 && !isExpired(b, today))
    .sort((a, b) => (a.expires ?? '9999').localeCompare(b.expires ?? '9999'));

export const amountOf = (item: StoreItem, today: string): number =>
  usable(item, today).reduce((sum, b) => sum + b.amount, 0);

export interface StockWarning {
  readonly item: string;
  readonly batch: string | null;
  readonly kind: 'expired' | 'expires-soon' | 'low' | 'none';
  readonly text: string;
}
/** Days ahead in which an expiry is told. */
const soonDays = 30;

/** What to see to in the store, gravest first. @param today yyyy-mm-dd */
export function stockWarnings(items: readonly StoreItem[], today: string): StockWarning[] {
  const order = { expired: 0, none: 1, low: 2, 'expires-soon': 3 } as const;
  return items
    .flatMap((item): StockWarning[] => {
      const found: StockWarning[] = [];
      for (const batch of item.batches.filter((b) => b.amount > 0)) {
        if (isExpired(batch, today))
          found.push({
            item: item.id,
            batch: batch.id,
            kind: 'expired',
            text: `${item.name}, batch ${batch.code}: expired on ${dayWords(batch.expires!)}. Take it out to the right waste.`,
          });
        else if (batch.expires !== null && asDay(batch.expires) - asDay(today) <= soonDays * day)
          found.push({
            item: item.id,
            batch: batch.id,
            kind: 'expires-soon',
            text: `${item.name}, batch ${batch.code}: expires on ${dayWords(batch.expires)}. Use it first.`,
          });
      }
      const left = amountOf(item, today);
      if (left <= 0)
        found.push({
          item: item.id,
          batch: null,
          kind: 'none',
          text: `${item.name}: none left that is within its date. Order some.`,
        });
      else if (left < item.lowBelow)
        found.push({
          item: item.id,
          batch: null,
          kind: 'low',
          text: `${item.name}: ${Number(left.toPrecision(3))} ${item.unit === 'mL' ? 'cm³' : item.unit} left, fewer than ${item.lowBelow}. Order some.`,
        });
      return found;
    })
    .sort((a, b) => order[a.kind] - order[b.kind]);
}

/** Takes an amount from batches, soonest to expire first. @throws RangeError when there is not enough. */
export function takeFrom(
  item: StoreItem,
  amount: number,
  today: string,
): readonly { readonly batch: string; readonly amount: number }[] {
  if (!(amount > 0)) throw new RangeError(`${amount} cannot be taken; take more than nothing`);
  const taken: { batch: string; amount: number }[] = [];
  let left = amount;
  for (const batch of usable(item, today)) {
    const part = Math.min(left, batch.amount);
    taken.push({ batch: batch.id, amount: part });
    left -= part;
    if (left <= 1e-9) return taken;
  }
  throw new RangeError(
    `${item.name}: ${Number(amount.toPrecision(4))} ${item.unit} are wanted and ${Number((amount - left).toPrecision(4))} are there within their date; enter a new batch or take less`,
  );
}
