/** The reagent store as it crosses the wire. */
import type { StoreItem } from '@kivex/core';

export interface StockMove {
  readonly id: string;
  readonly item: string;
  readonly batch: string;
  /** Less than 0: taken. */
  readonly amount: number;
  readonly unit: string;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}
export interface Store {
  readonly items: readonly StoreItem[];
  /** Newest first. */
  readonly moves: readonly StockMove[];
}
/** A sheet read for the store: what each row would do. */
export interface StockPreview {
  readonly rows: readonly { readonly line: number; readonly text: string; readonly problem: string | null }[];
  readonly problem: string | null;
}
/** What is entered of a thing in the store. */
export type StoreItemFields = Omit<StoreItem, 'id' | 'batches'>;
export interface BatchMarks {
  readonly code: string;
  /** Days like 2026-11-25. */
  readonly opened: string | null;
  readonly expires: string | null;
}
export interface NewBatch extends BatchMarks {
  readonly amount: number;
}
