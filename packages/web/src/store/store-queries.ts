import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../kit/request/call.js';

/** The reagent store of the school. */
export const useStore = () => useQuery({ queryKey: ['store'], queryFn: () => call('GET /api/store') });

/** Today as yyyy-mm-dd, where the store stands. */
export function today(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
export const unitWords = { g: 'g', mL: 'cm³', pieces: 'pieces' } as const;
export const amountText = (amount: number, unit: keyof typeof unitWords): string =>
  `${Number(amount.toPrecision(4))} ${unitWords[unit]}`;

/** A call that changes the store, with the page refreshed after it. */
export function useStoreChange() {
  const cache = useQueryClient();
  return useMutation({
    mutationFn: (change: () => Promise<unknown>) => change(),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['store'] }),
  });
}
export type StoreChange = ReturnType<typeof useStoreChange>;
