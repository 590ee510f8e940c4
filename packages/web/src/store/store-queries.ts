import type { Store } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../kit/request/request.js';

/** The reagent store of the school. */
export const useStore = () =>
  useQuery({ queryKey: ['store'], queryFn: () => request<Store>('GET', '/api/store') });

/** Today as yyyy-mm-dd, where the store stands. */
export function today(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
export const unitWords = { g: 'g', mL: 'cm³', pieces: 'pieces' } as const;
export const amountText = (amount: number, unit: keyof typeof unitWords): string =>
  `${Number(amount.toPrecision(4))} ${unitWords[unit]}`;

/** A request that changes the store, with the page refreshed after it. */
export function useStoreChange() {
  const cache = useQueryClient();
  return useMutation({
    mutationFn: ({
      method,
      path,
      body,
    }: {
      method: 'POST' | 'PUT' | 'PATCH' | 'DELETE';
      path: string;
      body?: object;
    }) => request(method, `/api/store/${path}`, body),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['store'] }),
  });
}
export type StoreChange = ReturnType<typeof useStoreChange>;
